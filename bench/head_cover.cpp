// Heads covered on the demo's clips: every frame marked by the network alone, the covers made from that, and the head's
// outline that the simulated camera wrote beside each clip.
//   build/bin/bench-head-cover CLIPS [CLIP…]

#include "media/clip_reader.h"
#include "media/proposed_marks.h"
#include "takehome/seen_heads.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <nlohmann/json.hpp>
#include <numbers>
#include <string>
#include <vector>

namespace {

using namespace riflesso;

struct Count {
    int frames = 0, unsure = 0, shows = 0;
    std::vector<double> heads; ///< area of each cover in those of the head
    std::vector<int> first;    ///< some frames that show something
};

/// Whether any of the head's outline lies outside the disc.
bool shows(const Json& head, const HeadCover& cover) {
    const double turn = head[4].get<double>() * std::numbers::pi / 180;
    for (int i = 0; i < 180; ++i) {
        const double angle = 2 * std::numbers::pi * i / 180;
        const double a = head[2].get<double>() * std::cos(angle), b = head[3].get<double>() * std::sin(angle);
        const double x = head[0].get<double>() + a * std::cos(turn) - b * std::sin(turn),
                     y = head[1].get<double>() + a * std::sin(turn) + b * std::cos(turn);
        if (std::hypot(x - cover.centre.x, y - cover.centre.y) > cover.radiusPx)
            return true;
    }
    return false;
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "bench-head-cover CLIPS [CLIP…]\n");
        return 2;
    }
    const std::string folder = argv[1];
    std::vector<std::string> names(argv + 2, argv + argc);
    if (names.empty())
        for (const auto& entry : std::filesystem::directory_iterator(folder))
            if (entry.path().extension() == ".mp4")
                names.push_back(entry.path().stem().string());
    std::sort(names.begin(), names.end());
    auto network = PoseNetwork::open(MODELS);
    if (!network) {
        std::fprintf(stderr, "%s\n", network.error().sentence().c_str());
        return 2;
    }
    Count all;
    std::printf("%-26s %7s %7s %7s %7s\n", "clip", "frames", "unsure", "shows", "heads");
    const auto line = [](const std::string& name, Count& count) {
        std::sort(count.heads.begin(), count.heads.end());
        std::printf("%-26s %7d %7d %7d %7.2f ", name.c_str(), count.frames, count.unsure, count.shows,
                    count.heads.empty() ? 0 : count.heads[count.heads.size() / 2]);
        for (std::size_t i = 0; i < std::min<std::size_t>(6, count.first.size()); ++i)
            std::printf(" %d", count.first[i]);
        std::printf("\n");
        std::fflush(stdout);
    };
    for (const std::string& name : names) {
        std::ifstream file(folder + "/" + name + ".truth.json");
        const Json truth = Json::parse(std::string(std::istreambuf_iterator<char>(file), {}));
        const Json& heads = truth["head_px"];
        Count count;
        const int frames = static_cast<int>(heads.size());
        constexpr int kPiece = 120; // as long as a repetition
        for (int from = 0; from < frames; from += kPiece) {
            const int to = std::min(frames, from + kPiece) - 1;
            const auto covers = headsSeen(**network, {folder + "/" + name + ".mp4", {}, from, to, {}, false}, {});
            if (!covers) {
                std::fprintf(stderr, "%s\n", covers.error().sentence().c_str());
                return 2;
            }
            for (int frame = from; frame <= to; ++frame) {
                const Json& head = heads[static_cast<std::size_t>(frame)];
                const auto cover = covers->find(frame);
                ++count.frames;
                if (cover == covers->end()) {
                    ++count.unsure;
                    continue;
                }
                const double r = cover->second.radiusPx;
                count.heads.push_back(r * r / (head[2].get<double>() * head[3].get<double>()));
                if (shows(head, cover->second)) {
                    ++count.shows;
                    count.first.push_back(frame);
                }
            }
        }
        line(name, count);
        all.frames += count.frames;
        all.unsure += count.unsure;
        all.shows += count.shows;
        all.heads.insert(all.heads.end(), count.heads.begin(), count.heads.end());
    }
    line("together", all);
    return all.shows == 0 ? 0 : 1;
}
