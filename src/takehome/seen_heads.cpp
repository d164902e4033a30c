#include "takehome/seen_heads.h"

#include <cmath>
#include <set>

namespace riflesso {

Result<std::map<int, HeadCover>> headsSeen(PoseNetwork& network, const StretchToMark& stretch, const GoOn& goOn) {
    const auto proposed = proposeInStretch(network, stretch, {}, goOn);
    if (!proposed)
        return proposed.error();
    constexpr int kBridged = 6; // frames: as many as the network leaves out between two looks
    auto covers = headCovers(marksOf(*proposed), stretch.from, stretch.to, kBridged);
    // Where most of a stretch cannot be made out, what seems to be made out of it is chance.
    constexpr double kLeastSure = .6;
    if (static_cast<double>(covers.size()) < kLeastSure * (stretch.to - stretch.from + 1))
        covers.clear();
    return covers;
}

std::map<int, HeadCover> agreed(const std::map<int, HeadCover>& marked, const std::map<int, HeadCover>& seen) {
    std::map<int, HeadCover> out = seen;
    for (const auto& [frame, byMarks] : marked) {
        const auto there = seen.find(frame);
        if (there == seen.end()) {
            out[frame] = byMarks;
            continue;
        }
        const HeadCover& other = there->second;
        const double apart = std::hypot(other.centre.x - byMarks.centre.x, other.centre.y - byMarks.centre.y);
        out[frame] = apart <= byMarks.radiusPx - other.radiusPx / 2 ? other : around(byMarks, other);
    }
    return out;
}

namespace {

/// Frames of one clip that are to be looked at.
struct Looked {
    PictureSetup setup;
    std::set<int> frames;
    Marks marks; ///< of the frames that are marked
};

/// From the first of these frames to the last that follows without a wide gap.
std::vector<std::pair<int, int>> stretchesOf(const std::set<int>& frames) {
    constexpr int kGap = 20, kLongest = 240; // a gap that costs less than a new start; so that there is progress
    std::vector<std::pair<int, int>> out;
    for (const int frame : frames)
        if (out.empty() || frame - out.back().second > kGap || frame - out.back().first > kLongest)
            out.emplace_back(frame, frame);
        else
            out.back().second = frame;
    return out;
}

} // namespace

Result<SeenHeads> lookForHeads(const Film& film, SeenHeads known, const std::string& models, const GoOn& goOn) {
    std::map<std::pair<QString, bool>, Looked> looks;
    for (const FilmPart& part : film.parts)
        for (const FilmScene& scene : part.scenes)
            for (const FilmStage& stage : scene.stages) {
                if (!part.shown || !stage.headCovered || stage.clipPath.isEmpty())
                    continue;
                const std::pair key(stage.clipPath, stage.turnedOver);
                const auto& there = known[key];
                Looked& look = looks[key];
                look.setup = stage.setup;
                for (const int frame : stage.frames)
                    if (!there.contains(frame))
                        look.frames.insert(frame);
                for (const auto& [frame, marks] : stage.marks)
                    for (const auto& [name, at] : marks)
                        look.marks[name][frame] = Mark{{at.x(), at.y()}, 1, std::string(kByHand)};
            }
    std::size_t all = 0, done = 0;
    for (const auto& [key, look] : looks)
        all += look.frames.size();
    if (all == 0)
        return known;
    auto network = PoseNetwork::open(models);
    if (!network)
        return network.error();
    for (const auto& [key, look] : looks)
        for (const auto& [from, to] : stretchesOf(look.frames)) {
            StretchToMark stretch{key.first.toStdString(), look.setup, from, to, {}, false};
            for (const auto& [name, byFrame] : look.marks)
                for (auto mark = byFrame.lower_bound(from); mark != byFrame.end() && mark->first <= to; ++mark)
                    stretch.byAnalyst[name][mark->first] = mark->second;
            const auto share = static_cast<double>(to - from + 1) / static_cast<double>(all);
            const auto before = static_cast<double>(done) / static_cast<double>(all);
            const auto covers = headsSeen(
                **network, stretch, [&](double own) { return !goOn || goOn(std::min(1.0, before + own * share)); });
            if (!covers && covers.error().kind == Error::Kind::Cancelled)
                return covers.error();
            for (int frame = from; frame <= to; ++frame) {
                auto& there = known[key][frame];
                if (covers)
                    if (const auto cover = covers->find(frame); cover != covers->end())
                        there = cover->second;
            }
            done += static_cast<std::size_t>(to - from + 1);
        }
    return known;
}

void useHeads(Film& film, const SeenHeads& seen) {
    for (FilmPart& part : film.parts)
        for (FilmScene& scene : part.scenes)
            for (FilmStage& stage : scene.stages) {
                const auto clip = seen.find({stage.clipPath, stage.turnedOver});
                if (clip == seen.end())
                    continue;
                std::map<int, HeadCover> sure;
                for (const auto& [frame, cover] : clip->second)
                    if (cover)
                        sure[frame] = *cover;
                stage.heads = agreed(stage.heads, sure);
            }
}

} // namespace riflesso
