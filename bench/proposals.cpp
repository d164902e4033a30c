// The pose network against the truth of the simulated camera, case by case: how far each landmark is off, how often the
// stated uncertainty holds, and what that makes of the angles they feed. Left and right follow the first frame's truth,
// as an analyst's marks would.
//   build/bin/bench-proposals CLIPS [FRAMES_EACH [ROWS [REPETITION [CLIP…]]]]     ROWS: a file to write each mark to,
//   as a table

#include "filmed.h"

#include "core/uncertainty/stats.h"
#include "media/proposed_marks.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace riflesso;
using bench::Filmed;

double includedDeg(PixelPoint a, PixelPoint b, PixelPoint c) {
    const double ux = a.x - b.x, uy = a.y - b.y, vx = c.x - b.x, vy = c.y - b.y;
    constexpr double kDegree = 180 / 3.14159265358979323846;
    return std::abs(std::atan2(ux * vy - uy * vx, ux * vx + uy * vy)) * kDegree;
}

struct Found {
    std::vector<double> px, share;
    int covered = 0, doubtful = 0;
};

/// Coordinates of marks that are not doubtful, by joint: within two stated uncertainties, and all. Both sides together.
using Covered = std::map<std::string, std::pair<int, int>>;

void say(const Covered& covered) {
    for (const auto& [joint, of] : covered)
        std::printf(" %s %.0f", joint.c_str(), 100.0 * of.first / of.second);
    std::puts("");
}

Covered report(PoseNetwork& network, const Filmed& clip, const std::string& folder, int frames, std::FILE* rows) {
    auto reader = ClipReader::open(folder + "/" + clip.name + ".mp4");
    if (!reader) {
        std::fprintf(stderr, "%s\n", reader.error().sentence().c_str());
        std::exit(2);
    }
    const int from = clip.from, to = std::min(clip.to, from + frames - 1);
    const double height = clip.heightPx;
    const auto& truthAt = clip.truthAt;
    const auto isNear = [&](const std::string& landmark) {
        return clip.nearSide.empty() || landmark == "nose" || landmark.starts_with(clip.nearSide);
    };
    std::map<std::string, MarksByFrame> set;
    for (const auto& [name, at] : truthAt(from))
        if (isAnatomical(name))
            set[name][from] = {at, 1, "truth"};
    const auto proposed = proposeMarks(
        network, [&](int at) { return (*reader)->frame(at); }, from, to, boxRound(set, from), set);
    if (!proposed) {
        std::fprintf(stderr, "%s\n", proposed.error().sentence().c_str());
        std::exit(2);
    }
    std::map<std::string, Found> near, far;
    Covered sure;
    std::map<std::string, std::vector<double>> angles;
    std::vector<double> all;
    std::map<std::string, std::vector<double>> upTrunk; ///< of hips and shoulders: how far towards the head, % H
    for (int frame = from + 1; frame <= to; ++frame) {  // of the first the truth was given
        const auto truth = truthAt(frame);
        const auto at = [&](const std::string& name) -> std::optional<PixelPoint> {
            const auto track = proposed->find(name);
            if (track == proposed->end())
                return {};
            const auto mark = track->second.find(frame);
            return mark == track->second.end() ? std::nullopt : std::optional(mark->second.mark.at);
        };
        for (const auto& [name, track] : *proposed) {
            const auto mark = track.find(frame);
            const auto there = truth.find(name);
            if (mark == track.end() || there == truth.end())
                continue;
            const double dx = mark->second.mark.at.x - there->second.x, dy = mark->second.mark.at.y - there->second.y;
            const bool isNearSide = isNear(name);
            Found& found = (isNearSide ? near : far)[name.substr(name.find('_') + 1)];
            found.px.push_back(std::hypot(dx, dy));
            found.share.push_back(100 * std::hypot(dx, dy) / height);
            const double sigma = mark->second.mark.sigmaPx;
            if (rows)
                std::fprintf(rows, "%s,%d,%s,%d,%.1f,%.2f,%.2f,%.3f,%.3f,%.3f,%d,%.3f\n", clip.name.c_str(), frame,
                             name.c_str(), isNearSide, height, mark->second.mark.at.x, mark->second.mark.at.y, dx, dy,
                             sigma, isDoubtful(mark->second.mark.source), mark->second.score);
            const int within = (std::abs(dx) <= 2 * sigma) + (std::abs(dy) <= 2 * sigma);
            found.covered += within;
            found.doubtful += isDoubtful(mark->second.mark.source);
            if (!isDoubtful(mark->second.mark.source)) {
                auto& [inside, of] = sure[name.substr(name.find('_') + 1)];
                inside += within, of += 2;
            }
            if (isNearSide && !isDoubtful(mark->second.mark.source))
                all.push_back(found.share.back());
        }
        for (const char* side : {"left_", "right_"})
            for (const char* part : {"hip", "shoulder"}) {
                const auto found = at(side + std::string(part));
                const PixelPoint hip = truth.at(side + std::string("hip")),
                                 top = truth.at(side + std::string("shoulder"));
                const PixelPoint there = truth.at(side + std::string(part));
                const double length = std::hypot(top.x - hip.x, top.y - hip.y);
                if (found)
                    upTrunk[part].push_back(
                        100 / height *
                        ((found->x - there.x) * (top.x - hip.x) + (found->y - there.y) * (top.y - hip.y)) / length);
            }
        for (const char* side : {"left_", "right_"})
            for (const auto& [angle, parts] :
                 {std::pair{"knee", std::array{"hip", "knee", "ankle"}}, {"elbow", {"shoulder", "elbow", "wrist"}}}) {
                const std::string names[] = {side + std::string(parts[0]), side + std::string(parts[1]),
                                             side + std::string(parts[2])};
                const auto a = at(names[0]), b = at(names[1]), c = at(names[2]);
                if (a && b && c && isNear(names[1]))
                    angles[angle].push_back(
                        std::abs(includedDeg(*a, *b, *c) -
                                 includedDeg(truth.at(names[0]), truth.at(names[1]), truth.at(names[2]))));
            }
    }
    std::printf("\n%s: %d frames, %.0f px a body height\n", clip.name.c_str(), to - from, height);
    std::printf("  %-10s %22s %10s %9s   %s\n", "landmark", "near: px  %H  95 %% of %H", "in 2 sigma", "doubtful",
                "far: %H");
    for (const auto& [name, found] : near) {
        const auto other = far.find(name);
        const double n = static_cast<double>(found.px.size());
        std::printf("  %-10s %6.1f %6.2f %9.2f %9.0f %% %7.0f %%   %s\n", name.c_str(), median(found.px),
                    median(found.share), percentile(found.share, .95), 100 * found.covered / (2 * n),
                    100 * found.doubtful / n,
                    other == far.end() ? "" : std::to_string(median(other->second.share)).substr(0, 5).c_str());
    }
    for (const auto& [name, off] : angles)
        std::printf("  %s angle: median %.1f deg, 95 of 100 within %.1f\n", name.c_str(), median(off),
                    percentile(off, .95));
    for (const auto& [part, up] : upTrunk)
        std::printf("  %ss lie %.2f %% H too far up the trunk (5 to 95 of 100: %.2f to %.2f)\n", part.c_str(),
                    median(up), percentile(up, .05), percentile(up, .95));
    if (all.empty())
        std::printf("  near side: all of it doubtful\n");
    else
        std::printf("  near side, not doubtful: median %.2f %% H of %zu\n", median(all), all.size());
    std::printf("  of 100 coordinates that are not doubtful, within 2 u:");
    say(sure);
    return sure;
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fputs("usage: bench-proposals CLIPS [FRAMES_EACH [ROWS [REPETITION [CLIP…]]]]\n", stderr);
        return 2;
    }
    const auto network = PoseNetwork::open(MODELS);
    if (!network) {
        std::fprintf(stderr, "%s\n", network.error().sentence().c_str());
        return 2;
    }
    const int frames = argc > 2 ? std::atoi(argv[2]) : 100;
    std::FILE* rows = argc > 3 ? std::fopen(argv[3], "w") : nullptr;
    if (rows)
        std::fputs("clip,frame,landmark,near,height_px,x,y,dx,dy,sigma_px,doubtful,score\n", rows);
    const std::size_t which = argc > 4 ? std::stoul(argv[4]) : 0;
    std::vector<std::string> wanted(argv + std::min(argc, 5), argv + argc);
    Covered together;
    for (const std::string& name : wanted.empty() ? bench::kMovements : wanted)
        for (const auto& [joint, of] :
             report(**network, bench::filmedNamed(argv[1], name, which), argv[1], frames, rows)) {
            together[joint].first += of.first;
            together[joint].second += of.second;
        }
    std::printf("\nof 100 coordinates that are not doubtful, within 2 u, all clips:");
    say(together);
    return 0;
}
