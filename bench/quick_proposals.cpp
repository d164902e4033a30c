// Proposals where the network looks at some pictures, against a look at every one: what they cost beside one pass of
// the joint network on every picture, and how far both are from the truth of the simulated camera.
//   build/bin/bench-quick-proposals CLIPS [FRAMES_EACH [REPETITIONS [CLIP…]]]

#include "filmed.h"

#include "core/uncertainty/stats.h"
#include "media/proposed_marks.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace riflesso;
using bench::Filmed;
using Clock = std::chrono::steady_clock;

double since(Clock::time_point start) { return std::chrono::duration<double>(Clock::now() - start).count(); }

template <typename T> T must(Result<T> result) {
    if (!result) {
        std::fprintf(stderr, "%s\n", result.error().sentence().c_str());
        std::exit(2);
    }
    return std::move(*result);
}

/// How often the network was asked.
class Counting final : public PoseNetwork {
public:
    explicit Counting(PoseNetwork& network) : network_(network) {}
    void lookIn(std::optional<PictureBox> box) override { network_.lookIn(box); }
    void expect(const std::vector<ProposedPoint>& joints) override { network_.expect(joints); }
    Result<std::vector<ProposedPoint>> joints(const Picture& picture) override {
        ++looks;
        return network_.joints(picture);
    }
    Result<std::vector<ProposedPoint>> feet(const Picture& picture, const std::vector<ProposedPoint>& joints) override {
        ++feetLooks;
        return network_.feet(picture, joints);
    }
    Result<std::vector<std::array<double, 3>>> onePass(const Picture& picture, const PictureBox& square) override {
        return network_.onePass(picture, square);
    }
    int looks = 0, feetLooks = 0;

private:
    PoseNetwork& network_;
};

struct Outcome {
    double seconds = 0;
    int looks = 0, feetLooks = 0;
    std::vector<double> px;                        ///< errors of all landmarks
    std::map<std::string, std::vector<double>> of; ///< by joint
    int exchanged = 0;                             ///< frames in which a pair lies nearer to the other side's truth
    int doubtful = 0, covered = 0, sure = 0;

    void add(const Outcome& other) {
        seconds += other.seconds;
        looks += other.looks;
        feetLooks += other.feetLooks;
        px.insert(px.end(), other.px.begin(), other.px.end());
        for (const auto& [joint, errors] : other.of)
            of[joint].insert(of[joint].end(), errors.begin(), errors.end());
        exchanged += other.exchanged;
        doubtful += other.doubtful;
        covered += other.covered;
        sure += other.sure;
    }
};

Outcome proposedOn(PoseNetwork& network, const Filmed& clip, const std::string& path, int to, const LookPlan& plan) {
    Outcome out;
    auto reader = must(ClipReader::open(path));
    std::map<std::string, MarksByFrame> set;
    for (const auto& [name, at] : clip.truthAt(clip.from))
        if (isAnatomical(name))
            set[name][clip.from] = {at, 1, "truth"};
    Counting counting(network);
    const auto start = Clock::now();
    const auto marks = must(proposeMarks(
        counting, [&](int at) { return reader->frame(at); }, clip.from, to, boxRound(set, clip.from), set, plan));
    out.seconds = since(start);
    out.looks = counting.looks;
    out.feetLooks = counting.feetLooks;
    for (int frame = clip.from + 1; frame <= to; ++frame) {
        const auto truth = clip.truthAt(frame);
        for (const auto& [name, track] : marks) {
            const auto mark = track.find(frame);
            const auto there = truth.find(name);
            if (mark == track.end() || there == truth.end() || name.ends_with("_eye") || name.ends_with("_ear"))
                continue;
            const auto off = [&](PixelPoint at) {
                return std::hypot(mark->second.mark.at.x - at.x, mark->second.mark.at.y - at.y);
            };
            out.px.push_back(off(there->second));
            out.of[name.substr(name.find('_') + 1)].push_back(out.px.back());
            out.doubtful += isDoubtful(mark->second.mark.source);
            if (!isDoubtful(mark->second.mark.source)) {
                const double u = 2 * mark->second.mark.sigmaPx;
                out.covered += (std::abs(mark->second.mark.at.x - there->second.x) <= u) +
                               (std::abs(mark->second.mark.at.y - there->second.y) <= u);
                out.sure += 2;
            }
            const bool right = name.starts_with("right_");
            if (const auto other = truth.find((right ? "left_" : "right_") + name.substr(name.find('_') + 1));
                name != "nose" && other != truth.end()) {
                constexpr double kClear = 0.05; // of the body's height
                out.exchanged += off(other->second) + kClear * clip.heightPx < off(there->second);
            }
        }
    }
    return out;
}

/// Whether the clip's skill marks heels or toes.
bool wantsFeet(const std::string& clip) {
    return !clip.starts_with("mirelle") && !clip.starts_with("anselm") && !clip.starts_with("davor");
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fputs("usage: bench-quick-proposals CLIPS [FRAMES_EACH [REPETITIONS [CLIP…]]]\n", stderr);
        return 2;
    }
    const auto network = must(PoseNetwork::open(MODELS));
    const int frames = argc > 2 ? std::atoi(argv[2]) : 90;
    const std::size_t repetitions = argc > 3 ? std::stoul(argv[3]) : 1;
    std::vector<std::string> wanted(argv + std::min(argc, 4), argv + argc);
    if (wanted.empty())
        wanted = bench::kMovements;
    std::puts(
        "seconds: one pass on every picture, a look at every one, this; errors in px, median and 95th percentile;\n"
        "then looks of both networks, and of both ways points on the other side and doubtful ones");
    std::printf("%-16s %4s | %6s %6s %6s %6s | %13s %13s | looks    exchanged  doubtful\n", "clip", "n", "pass",
                "every", "this", "share", "every", "this");
    double passes = 0, quickly = 0;
    for (const std::string& name : wanted) {
        double pass = 0;
        int count = 0;
        Outcome every, some;
        for (std::size_t which = 0; which < repetitions; ++which) {
            const Filmed clip = bench::filmedNamed(argv[1], name, which);
            const std::string path = std::string(argv[1]) + "/" + name + ".mp4";
            const int to = std::min(clip.to, clip.from + frames - 1), n = to - clip.from + 1;
            count += n;
            const Picture picture = must(must(ClipReader::open(path))->frame(clip.from));
            constexpr int kPasses = 20;
            const auto start = Clock::now();
            for (int i = 0; i < kPasses; ++i)
                (void)must(network->onePass(picture, {300, 0, 700, 700}));
            pass += since(start) / kPasses * n;
            every.add(proposedOn(*network, clip, path, to, {.mostApart = 1, .feet = wantsFeet(name)}));
            some.add(proposedOn(*network, clip, path, to, {.feet = wantsFeet(name)}));
        }
        passes += pass;
        quickly += some.seconds;
        std::printf("%-16s %4d | %6.2f %6.2f %6.2f %6.2f | %6.2f %6.2f %6.2f %6.2f | %3d %3d | %4d %4d | %4d %4d\n",
                    name.c_str(), count, pass, every.seconds, some.seconds, some.seconds / pass, median(every.px),
                    percentile(every.px, .95), median(some.px), percentile(some.px, .95), some.looks, some.feetLooks,
                    every.exchanged, some.exchanged, every.doubtful, some.doubtful);
        for (const auto& [joint, px] : some.of)
            std::printf("      %-9s %6.2f %6.2f   %6.2f %6.2f\n", joint.c_str(), median(every.of.at(joint)),
                        percentile(every.of.at(joint), .95), median(px), percentile(px, .95));
        std::fflush(stdout);
    }
    std::printf("together: %.2f of one pass on every picture\n", quickly / passes);
    return 0;
}
