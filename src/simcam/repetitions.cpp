#include "simcam/repetitions.h"

#include <algorithm>
#include <random>

namespace riflesso::simcam {
namespace {

constexpr float kRepetitionS = 1.65f;  ///< of a lunge that is filmed
constexpr float kAfterReleaseS = .88f; ///< of a shot that is filmed

} // namespace

void addPiece(Take& take, int count, int start, int number, const StrokeStyle& style, const StrokeStyle& drift,
              int rate, std::uint32_t seed) {
    std::mt19937 random(seed);
    SimulatedRepetition rep;
    rep.number = number;
    rep.from = start;
    RowingPiece piece;
    double at = static_cast<double>(start) / rate + static_cast<double>(kBeforeFirstStrokeS);
    for (int i = 0; i <= count; ++i) {
        const auto vary = [&](float StrokeStyle::*part, float sd) {
            std::normal_distribution<float> normal(style.*part + static_cast<float>(i) * drift.*part, sd);
            return normal(random);
        };
        StrokeStyle s;
        s.periodS = vary(&StrokeStyle::periodS, .025f);
        s.driveS = vary(&StrokeStyle::driveS, .012f);
        s.legsEnd = vary(&StrokeStyle::legsEnd, .012f);
        s.trunkStart = vary(&StrokeStyle::trunkStart, .015f);
        s.trunkEnd = vary(&StrokeStyle::trunkEnd, .010f);
        s.armsStart = vary(&StrokeStyle::armsStart, .015f);
        s.catchLeanDeg = vary(&StrokeStyle::catchLeanDeg, 1);
        s.laybackDeg = vary(&StrokeStyle::laybackDeg, 1);
        s.catchX = vary(&StrokeStyle::catchX, .004f);
        s.finishX = style.finishX;
        piece.strokes.push_back(s);
        for (const auto& [event, time] : strokeEvents(s))
            if (i < count || event == "catch") // the last catch ends the last stroke
                rep.eventTimesS.emplace_back(event, at + static_cast<double>(time));
        if (i < count)
            at += static_cast<double>(s.periodS);
    }
    // Events of one stroke may change their order.
    std::stable_sort(rep.eventTimesS.begin(), rep.eventTimesS.end(),
                     [](const auto& a, const auto& b) { return a.second < b.second; });
    constexpr double kAfterLastS = .35;
    rep.to = static_cast<int>((at + kAfterLastS) * rate);
    rep.movement = std::move(piece);
    take.repetitions.push_back(std::move(rep));
}

void addLunges(Take& take, int count, int start, int firstNumber, const LungeStyle& style, int rate,
               std::uint32_t seed) {
    std::mt19937 random(seed);
    const auto vary = [&random](float value, float sd) {
        std::normal_distribution<float> normal(value, sd);
        return normal(random);
    };
    const int length = static_cast<int>(kRepetitionS * static_cast<float>(rate));
    for (int i = 0; i < count; ++i) {
        SimulatedRepetition rep;
        rep.number = firstNumber + i;
        rep.from = start + i * length;
        rep.to = rep.from + length - 1;
        LungeStyle s = style;
        s.go = vary(style.go, .012f);
        s.lift = vary(style.lift, .010f);
        s.down = vary(style.down, .012f);
        s.straight = vary(style.straight, .016f);
        s.low = s.down + vary(style.low - style.down, .012f);
        s.recover = s.low + vary(style.recover - style.low, .015f);
        s.back = s.recover + vary(style.back - style.recover, .015f);
        s.stepX = vary(style.stepX, .008f);
        s.pelvisX = vary(style.pelvisX, .006f);
        s.pelvisY = vary(style.pelvisY, .005f);
        s.leanDeg = vary(style.leanDeg, 1.1f);
        s.rearSagDeg = vary(style.rearSagDeg, 3);
        const double offset = static_cast<double>(rep.from) / rate;
        for (const auto& [name, time] :
             {std::pair{"go", s.go}, {"straight", s.straight}, {"down", s.down}, {"low", s.low}, {"back", s.back}})
            rep.eventTimesS.emplace_back(name, offset + static_cast<double>(time));
        rep.movement = s;
        take.repetitions.push_back(rep);
    }
}

void addShots(Take& take, const ShotStyle& style, const std::vector<float>& holdsS, int firstNumber, int rate,
              std::uint32_t seed) {
    std::mt19937 random(seed);
    const auto vary = [&random](float value, float sd) {
        std::normal_distribution<float> normal(value, sd);
        return normal(random);
    };
    int from = 0;
    for (std::size_t i = 0; i < holdsS.size(); ++i) {
        ShotStyle s = style;
        s.draw = vary(style.draw, .015f);
        s.anchor = vary(style.anchor, .02f);
        s.release = s.anchor + vary(holdsS[i], .03f);
        s.follow = std::max(.02f, vary(style.follow, .02f));
        s.sink = vary(style.sink, .01f);
        s.headReach = vary(style.headReach, .002f);
        s.leanDeg = vary(style.leanDeg, .5f);
        s.shoulderUp = vary(style.shoulderUp, .002f);
        s.elbowUp = vary(style.elbowUp, .03f);
        s.shakePhase = vary(0, 3);
        SimulatedRepetition rep;
        rep.number = firstNumber + static_cast<int>(i);
        rep.from = from;
        rep.to = from + static_cast<int>((s.release + kAfterReleaseS) * static_cast<float>(rate)) - 1;
        const double offset = static_cast<double>(from) / rate;
        for (const auto& [name, time] :
             {std::pair{"draw", s.draw}, {"anchor", s.anchor}, {"release", s.release}, {"down", s.release + s.follow}})
            rep.eventTimesS.emplace_back(name, offset + static_cast<double>(time));
        rep.movement = s;
        from = rep.to + 1;
        take.repetitions.push_back(std::move(rep));
    }
}

} // namespace riflesso::simcam
