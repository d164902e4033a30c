// Key events proposed on marks that were themselves followed or proposed, against the truth of the simulated camera:
// each repetition in turn is the marked one. Followed: from marks every quarter of a second, each off by 1 px;
// proposed: by the pose network, left and right as in the first frame's truth; placed: the same, moved by the habit
// learned from the first repetition's key positions, each off by 1 px. Before that, how far marks are off.
//   build/bin/bench-marked-events CLIPS

#include "core/pack/pack_reader.h"
#include "core/signal/propose_events.h"
#include "core/uncertainty/stats.h"
#include "media/marking_habit.h"
#include "media/point_tracker.h"
#include "media/proposed_marks.h"
#include "simcam/simulated_clip.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <iterator>
#include <random>

namespace {

using namespace riflesso;

/// Frames and key events of one repetition, or of one cycle.
struct Stretch {
    int from = 0, to = 0;
    std::map<std::string, double> eventsS;
};

std::vector<Stretch> stretchesOf(const simcam::SimulatedClip& clip, const Pack& pack) {
    std::vector<Stretch> out;
    const simcam::Take& take = clip.takes.front();
    constexpr double kMarginS = 0.25;
    for (const auto& rep : take.repetitions) {
        if (pack.family != Family::Cyclic) {
            out.push_back({rep.from, rep.to, {rep.eventTimesS.begin(), rep.eventTimesS.end()}});
            continue;
        }
        for (const auto& [event, timeS] : rep.eventTimesS) {
            if (event == pack.events.front().id) {
                if (!out.empty())
                    out.back().to = std::min(rep.to, static_cast<int>((timeS + kMarginS) * clip.frameRate));
                out.push_back({std::max(rep.from, static_cast<int>((timeS - kMarginS) * clip.frameRate)), rep.to, {}});
            }
            if (!out.empty())
                out.back().eventsS[event] = timeS;
        }
        out.pop_back(); // of the last only the catch is filmed
    }
    return out;
}

std::map<std::string, PixelPoint> truthAt(const simcam::SimulatedClip& clip, int frame) {
    std::map<std::string, PixelPoint> out;
    for (const auto& [name, at] : simcam::frameTruth(clip, frame))
        if (name != "tip" && name != "handle" && name != "bow_top")
            out[name] = {static_cast<double>(at.x), static_cast<double>(at.y)};
    return out;
}

[[noreturn]] void stop(const Error& error) {
    std::fprintf(stderr, "%s\n", error.sentence().c_str());
    std::exit(2);
}

using Marks = std::map<std::string, MarksByFrame>;

Marks followed(ClipReader& reader, const simcam::SimulatedClip& clip, const Stretch& stretch, std::mt19937& random) {
    constexpr double kMarkPx = 1, kEveryS = 0.25;
    std::normal_distribution<double> off(0, kMarkPx);
    const int step = static_cast<int>(std::lround(kEveryS * clip.frameRate));
    std::vector<TrackSeed> seeds;
    for (int frame = stretch.from;; frame = std::min(frame + step, stretch.to)) {
        for (const auto& [name, at] : truthAt(clip, frame))
            seeds.push_back({name, frame, {at.x + off(random), at.y + off(random)}, kMarkPx});
        if (frame == stretch.to)
            break;
    }
    const auto tracked = trackPoints([&](int f) { return reader.frame(f); }, stretch.from, stretch.to, seeds);
    if (!tracked)
        stop(tracked.error());
    Marks out;
    for (const auto& [name, path] : *tracked)
        for (const TrackedPoint& point : path)
            if (point.status != TrackedPoint::Status::Lost)
                out[name][point.frame] = {
                    point.at, point.sigmaPx,
                    std::string(point.status == TrackedPoint::Status::Doubtful ? kDoubtfullyTracked : kTracked)};
    return out;
}

ProposedMarks proposed(PoseNetwork& network, ClipReader& reader, const simcam::SimulatedClip& clip,
                       const Stretch& stretch) {
    Marks set;
    for (const auto& [name, at] : truthAt(clip, stretch.from))
        set[name][stretch.from] = {at, 1, "truth"};
    auto marks = proposeMarks(
        network, [&](int f) { return reader.frame(f); }, stretch.from, stretch.to, boxRound(set, stretch.from), set);
    if (!marks)
        stop(marks.error());
    return std::move(*marks);
}

Marks marksOf(const ProposedMarks& marks) {
    Marks out;
    for (const auto& [name, track] : marks)
        for (const auto& [frame, mark] : track)
            out[name][frame] = mark.mark;
    return out;
}

/// Of all repetitions but the first.
void sayHowFar(const char* how, const simcam::SimulatedClip& clip, const std::vector<Marks>& marks) {
    std::vector<double> off, steps;
    int covered = 0;
    for (std::size_t i = 1; i < marks.size(); ++i)
        for (const auto& [name, track] : marks[i]) {
            std::optional<std::pair<int, PixelPoint>> before;
            for (const auto& [frame, mark] : track) {
                const auto truth = truthAt(clip, frame);
                const auto at = truth.find(name);
                if (at == truth.end() || name.ends_with("_eye") || name.ends_with("_ear"))
                    continue;
                const PixelPoint error{mark.at.x - at->second.x, mark.at.y - at->second.y};
                off.push_back(std::hypot(error.x, error.y));
                covered += (std::abs(error.x) <= 2 * mark.sigmaPx) + (std::abs(error.y) <= 2 * mark.sigmaPx);
                if (before && before->first == frame - 1)
                    steps.push_back(std::hypot(error.x - before->second.x, error.y - before->second.y));
                before = {frame, error};
            }
        }
    std::printf("%s, %s: off by %.2f px in the median, 95 of 100 by %.1f; from frame to frame %.2f and %.1f; within 2u "
                "%.1f of 100\n",
                clip.name.c_str(), how, median(off), percentile(off, .95), median(steps), percentile(steps, .95),
                50.0 * covered / static_cast<double>(off.size()));
}

/// What the key positions of one repetition, each mark off by 1 px, teach of where marks go.
MarkingHabit habitOf(const simcam::SimulatedClip& clip, const Stretch& stretch, const ProposedMarks& marks) {
    std::mt19937 random(6);
    std::normal_distribution<double> off(0, 1);
    Marks set;
    for (const auto& [event, timeS] : stretch.eventsS) {
        const int frame = static_cast<int>(std::lround(timeS * clip.frameRate));
        for (const auto& [name, at] : truthAt(clip, frame))
            set[name][frame] = {{at.x + off(random), at.y + off(random)}, 1, std::string(kByHand)};
    }
    MarkingHabit habit;
    habit.learn(marks, set);
    return habit;
}

void compare(const char* how, const simcam::SimulatedClip& clip, const Pack& pack, const std::vector<double>& timesS,
             const std::vector<Stretch>& stretches, const std::vector<Marks>& marks) {
    std::vector<Trial> trials;
    for (std::size_t i = 0; i < stretches.size(); ++i) {
        Trial trial;
        trial.id = std::to_string(i);
        trial.times = FrameTimes::ofClip(timesS);
        trial.capture.facing = clip.takes.front().facesLeft ? Side::Left : Side::Right;
        trial.capture.handedness = clip.takes.front().leftHanded ? Side::Left : Side::Right;
        trial.marks = marks[i];
        trials.push_back(std::move(trial));
    }
    std::map<std::string, std::pair<int, int>> byEvent; // within two frames, all
    int near[2] = {0, 0}, all[2] = {0, 0}, covered = 0, found = 0;
    for (std::size_t example = 0; example < trials.size(); ++example) {
        Trial marked = trials[example];
        for (const auto& [event, timeS] : stretches[example].eventsS)
            marked.events.push_back({event, marked.times.frameOf(timeS), timeS, 0.005});
        std::vector<Trial> targets;
        std::copy_if(trials.begin(), trials.end(), std::back_inserter(targets),
                     [&](const Trial& trial) { return trial.id != marked.id; });
        for (const TrialProposal& proposal : proposeEvents(pack, {marked}, targets))
            for (const auto& [event, timeS] : stretches[std::stoul(proposal.trial)].eventsS) {
                const auto& rule = pack.event(event)->rule;
                const bool isSoft =
                    rule && (rule->feature == EventRule::Feature::Start || rule->feature == EventRule::Feature::Stop);
                const auto own = std::find_if(proposal.events.begin(), proposal.events.end(),
                                              [&](const EventProposal& one) { return one.event == event; });
                ++all[isSoft];
                ++byEvent[event].second;
                if (own == proposal.events.end())
                    continue;
                const double error = std::abs(own->timeS - timeS);
                const bool isNear = error <= 2.0 / clip.frameRate + 1e-9;
                near[isSoft] += isNear;
                byEvent[event].first += isNear;
                covered += error <= 2 * own->uS;
                ++found;
            }
    }
    std::printf("%s, %s, %zu repetitions:", clip.name.c_str(), how, trials.size());
    for (const auto& [event, counts] : byEvent)
        std::printf(" %s %d of %d;", event.c_str(), counts.first, counts.second);
    const auto share = [](int part, int whole) { return whole ? 100.0 * part / whole : 0.0; };
    std::printf(" within two frames: sharp %.1f of 100 (%d), start and stop %.1f (%d); within 2u %.1f of %d\n",
                share(near[0], all[0]), all[0], share(near[1], all[1]), all[1], share(covered, found), found);
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fputs("usage: bench-marked-events CLIPS\n", stderr);
        return 2;
    }
    const auto network = PoseNetwork::open(MODELS);
    if (!network)
        stop(network.error());
    for (const simcam::SimulatedClip& clip : simcam::demoClips())
        for (const auto& [name, packName] : {std::pair("ilka_baseline", "fencing_lunge"),
                                             {"davor_steady", "indoor_rowing"},
                                             {"mirelle_side", "archery_shot"}}) {
            if (clip.name != name)
                continue;
            std::ifstream file(std::string(PACKS "/") + packName + ".json");
            const std::string text{std::istreambuf_iterator<char>(file), {}};
            const auto pack = loadPack(text, packName);
            if (!pack)
                stop(pack.error());
            const auto reader = ClipReader::open(std::string(argv[1]) + "/" + name + ".mp4");
            if (!reader)
                stop(reader.error());
            const std::vector<Stretch> stretches = stretchesOf(clip, *pack);
            std::vector<Marks> byTracking, byNetwork, placed;
            std::vector<ProposedMarks> seen;
            std::mt19937 random(4);
            for (const Stretch& stretch : stretches) {
                std::fprintf(stderr, "\r%s, frame %d  ", name, stretch.from);
                byTracking.push_back(followed(**reader, clip, stretch, random));
                seen.push_back(proposed(**network, **reader, clip, stretch));
                byNetwork.push_back(marksOf(seen.back()));
            }
            const MarkingHabit habit = habitOf(clip, stretches.front(), seen.front());
            for (ProposedMarks& marks : seen) {
                habit.apply(marks);
                placed.push_back(marksOf(marks));
            }
            std::fputc('\n', stderr);
            sayHowFar("followed marks", clip, byTracking);
            sayHowFar("proposed marks", clip, byNetwork);
            sayHowFar("placed marks", clip, placed);
            compare("followed marks", clip, *pack, (*reader)->info().timesS, stretches, byTracking);
            compare("proposed marks", clip, *pack, (*reader)->info().timesS, stretches, byNetwork);
            compare("placed marks", clip, *pack, (*reader)->info().timesS, stretches, placed);
        }
    return 0;
}
