#include "core/practice/said_and_felt.h"

#include "core/uncertainty/reliability.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <tuple>

namespace riflesso {
namespace {

constexpr std::array<std::string_view, 4> kSchools = {"faded", "bandwidth", "summary", "asked"};
constexpr std::size_t kFewestCueBlocks = 2;
constexpr int kSummary = 6;

} // namespace

std::vector<CueAgainstCue> cuesCompared(const PracticeLog& log) {
    struct Counts {
        int good = 0, all = 0;
        std::size_t blocks = 0;
    };
    std::map<std::tuple<std::string, PracticeCondition>, std::vector<std::pair<std::string, Counts>>> byDrill;
    for (const LoggedBlock& block : log) {
        if (block.kind != PracticeKind::Practice || block.cue.empty()) // which words were used is not known
            continue;
        for (const LoggedBlock& each : wholeBlocks(block)) {
            auto& cues = byDrill[{block.drill, block.condition}];
            auto known = std::find_if(cues.begin(), cues.end(), [&](const auto& c) { return c.first == block.cue; });
            if (known == cues.end()) {
                cues.push_back({block.cue, {}});
                known = cues.end() - 1;
            }
            known->second.good += each.good();
            known->second.all += each.all();
            ++known->second.blocks;
        }
    }
    std::vector<CueAgainstCue> out;
    for (const auto& [key, cues] : byDrill)
        for (std::size_t i = 0; i < cues.size(); ++i)
            for (std::size_t j = i + 1; j < cues.size(); ++j) {
                const Counts &a = cues[i].second, &b = cues[j].second;
                if (a.blocks < kFewestCueBlocks || b.blocks < kFewestCueBlocks)
                    continue;
                CueAgainstCue each{std::get<0>(key),
                                   cues[i].first,
                                   cues[j].first,
                                   std::get<1>(key),
                                   a.good,
                                   a.all,
                                   b.good,
                                   b.all,
                                   0,
                                   {}};
                each.difference = static_cast<double>(b.good) / b.all - static_cast<double>(a.good) / a.all;
                each.interval = shareDifference(a.good, a.all, b.good, b.all);
                out.push_back(std::move(each));
            }
    return out;
}

FeltRecord feltRecord(const PracticeLog& log) {
    FeltRecord out;
    for (const LoggedBlock& block : log)
        for (const LoggedRepetition& repetition : block.repetitions) {
            if (!repetition.feltRight)
                continue;
            ++out.judged;
            out.off += !repetition.good;
            out.offCalled += !repetition.good && !*repetition.feltRight;
            out.called += !*repetition.feltRight;
            out.calledRight += !*repetition.feltRight && !repetition.good;
        }
    return out;
}

EyeRecord eyeRecord(const PracticeLog& log) {
    std::vector<int> eye, measured;
    for (const LoggedBlock& block : log)
        for (const LoggedRepetition& repetition : block.repetitions)
            if (repetition.measured.good) {
                eye.push_back(repetition.good);
                measured.push_back(*repetition.measured.good);
            }
    EyeRecord out;
    out.both = static_cast<int>(eye.size());
    for (std::size_t i = 0; i < eye.size(); ++i)
        out.agree += eye[i] == measured[i];
    constexpr int kFewest = 4;
    if (out.both >= kFewest)
        out.kappa = weightedKappa(eye, measured, 2);
    return out;
}

ToldRecord toldRecord(const PracticeLog& log) {
    constexpr int kLong = 8;
    ToldRecord out;
    for (const LoggedBlock& block : log)
        if (block.kind == PracticeKind::Practice) {
            out.told += block.told();
            out.all += block.all();
            out.blocksAlwaysTold += block.all() >= kLong && block.told() == block.all();
        }
    return out;
}

std::string_view toString(FeedbackSchool school) { return kSchools[static_cast<std::size_t>(school)]; }
std::optional<FeedbackSchool> feedbackSchoolFrom(std::string_view word) {
    for (std::size_t i = 0; i < kSchools.size(); ++i)
        if (kSchools[i] == word)
            return static_cast<FeedbackSchool>(i);
    return {};
}

TellNow tellNow(FeedbackSchool school, const std::vector<LoggedRepetition>& block, std::optional<double> shareBefore) {
    TellNow out;
    int since = 0; // repetitions without feedback at the end of the block
    for (auto last = block.rbegin(); last != block.rend() && last->told == Told::None; ++last)
        ++since;
    switch (school) {
    case FeedbackSchool::Asked:
        return out;
    case FeedbackSchool::Bandwidth:
        out.now = !block.empty() && !block.back().good && block.back().told == Told::None;
        return out;
    case FeedbackSchool::Summary:
        out.every = kSummary;
        break;
    case FeedbackSchool::Faded: {
        constexpr int kOften = 2, kSometimes = 3, kRarely = 6;
        const double share = shareBefore.value_or(0);
        out.every = share < .5 ? kOften : share < .75 ? kSometimes : kRarely;
        break;
    }
    }
    out.now = since >= out.every;
    out.in = out.now ? 0 : out.every - since;
    return out;
}

} // namespace riflesso
