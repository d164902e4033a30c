// Tips of implements against the truth of the simulated camera: marked in one frame of the first repetition, carried
// through it, and found again in the others by how the implement is held. Hands and elbows are the pose network's.
//   build/bin/bench-tips CLIPS [REPETITIONS]

#include "core/uncertainty/stats.h"
#include "filmed.h"
#include "media/proposed_marks.h"
#include "work/track_marks.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace riflesso;

template <typename T> T must(Result<T> result) {
    if (!result) {
        std::fprintf(stderr, "%s\n", result.error().sentence().c_str());
        std::exit(2);
    }
    return std::move(*result);
}

struct Held {
    const char *clip, *tip, *side;
};
constexpr Held kHeld[] = {{"ilka_baseline", "tip", "left"},
                          {"instructors", "tip", "right"},
                          {"joris_known", "racket_tip", "right"},
                          {"mirelle_side", "bow_top", "left"}};

const Mark* markAt(const ProposedMarks& marks, const std::string& landmark, int frame, bool doubtfulToo = false) {
    const auto track = marks.find(landmark);
    if (track == marks.end())
        return nullptr;
    const auto mark = track->second.find(frame);
    return mark == track->second.end() || (!doubtfulToo && isDoubtful(mark->second.mark.source)) ? nullptr
                                                                                                 : &mark->second.mark;
}

void report(PoseNetwork& network, const std::string& folder, const Held& held, std::size_t repetitions) {
    const std::string path = folder + "/" + held.clip + ".mp4", wrist = std::string(held.side) + "_wrist",
                      elbow = std::string(held.side) + "_elbow";
    const auto reader = must(ClipReader::open(path));
    std::vector<HeldLook> looks;
    for (std::size_t which = 0; which < repetitions; ++which) {
        const bench::Filmed clip = bench::filmedNamed(folder, held.clip, which);
        std::map<std::string, MarksByFrame> set;
        for (const auto& [name, at] : clip.truthAt(clip.from))
            if (isAnatomical(name))
                set[name][clip.from] = {at, 1, "truth"};
        const auto marks = must(proposeMarks(
            network, [&](int at) { return reader->frame(at); }, clip.from, clip.to, boxRound(set, clip.from), set));
        StretchToTrack stretch{path, {}, clip.from, clip.to, {}, {{held.tip, wrist}}};
        std::map<int, Forearm> arms;
        TrackedPath hand;
        for (int frame = clip.from; frame <= clip.to; ++frame) {
            const Mark *from = markAt(marks, elbow, frame), *to = markAt(marks, wrist, frame);
            const Mark* any = markAt(marks, wrist, frame, true);
            if (from && to)
                arms[frame] = {from->at, to->at};
            using Status = TrackedPoint::Status;
            hand.push_back(any ? TrackedPoint{frame, any->at, any->sigmaPx, to ? Status::Tracked : Status::Doubtful}
                               : TrackedPoint{frame, {}, 0, Status::Lost});
        }
        stretch.hands.emplace(wrist, hand);
        if (which == 0) {
            int marked = clip.from;
            while (!arms.contains(marked) && marked < clip.to)
                ++marked;
            const PixelPoint tip = clip.truthAt(marked).at(held.tip);
            stretch.seeds.push_back({held.tip, marked, tip, 1});
            if (arms.contains(marked))
                looks.push_back({marked, arms.at(marked), tip});
        } else {
            stretch.recall.push_back({held.tip, looks, arms});
            const auto seeds = must(recallTip([&](int at) { return reader->frame(at); }, held.tip, arms, looks));
            std::printf("  recalled in %zu frames:", seeds.size());
            for (const TrackSeed& seed : seeds) {
                const PixelPoint there = clip.truthAt(seed.frame).at(held.tip);
                std::printf(" %.1f", std::hypot(seed.at.x - there.x, seed.at.y - there.y));
            }
            std::puts(" px off");
            std::fflush(stdout);
        }
        const auto paths = must(trackInStretch(stretch, {}));
        std::vector<double> off;
        int within = 0, doubtful = 0, lost = 0;
        if (const auto tip = paths.find(held.tip); tip != paths.end())
            for (const TrackedPoint& point : tip->second) {
                doubtful += point.status == TrackedPoint::Status::Doubtful;
                lost += point.status == TrackedPoint::Status::Lost;
                if (point.status != TrackedPoint::Status::Tracked)
                    continue;
                const PixelPoint there = clip.truthAt(point.frame).at(held.tip);
                const double dx = std::abs(point.at.x - there.x), dy = std::abs(point.at.y - there.y);
                off.push_back(std::hypot(dx, dy));
                within += (dx <= 2 * point.sigmaPx) + (dy <= 2 * point.sigmaPx);
            }
        std::printf("%s, %s, repetition %zu, %d frames: ", held.clip, held.tip, which + 1, clip.to - clip.from + 1);
        if (off.empty())
            std::puts("not found");
        else
            std::printf("%zu sure, median %.1f px, 95 of 100 within %.1f; within 2u %.0f; doubtful %d, lost %d\n",
                        off.size(), median(off), percentile(off, .95), 50.0 * within / static_cast<double>(off.size()),
                        doubtful, lost);
    }
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fputs("usage: bench-tips CLIPS [REPETITIONS]\n", stderr);
        return 2;
    }
    const auto network = must(PoseNetwork::open(MODELS));
    for (const Held& held : kHeld)
        report(*network, argv[1], held, argc > 2 ? std::stoul(argv[2]) : 4);
    return 0;
}
