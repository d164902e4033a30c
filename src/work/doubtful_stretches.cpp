#include "work/doubtful_stretches.h"

#include "work/proposals.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace riflesso {
namespace {

DoubtfulStretch stretchOf(const Repetition& repetition, int from, int to) {
    DoubtfulStretch out{repetition.id, from, to, from + (to - from + 1) / 2, {}, 0, false};
    for (const auto& [id, event] : repetition.events) {
        const int frame = static_cast<int>(std::lround(event.frame));
        if (frame < from || frame > to)
            continue;
        out.atEvent = true;
        if (isDoubtful(event.source))
            out.worst = frame;
    }
    for (const auto& [landmark, track] : repetition.marks)
        for (auto mark = track.lower_bound(from); mark != track.end() && mark->first <= to; ++mark)
            if (isDoubtful(mark->second.source) && mark->second.sigmaPx > out.sigmaPx) {
                out.sigmaPx = mark->second.sigmaPx;
                out.landmark = landmark;
                out.worst = mark->first;
            }
    return out;
}

} // namespace

std::vector<DoubtfulStretch> doubtfulStretches(const CaseData& data, const std::vector<RepetitionId>& repetitions) {
    std::vector<std::pair<double, DoubtfulStretch>> found; // with its share of the picture's height
    for (const RepetitionId id : repetitions) {
        const RepetitionPlace place = placeOf(data, id);
        if (!place)
            continue;
        const std::vector<int> frames = openProposals(*place.repetition).doubtfulFrames;
        for (std::size_t from = 0, to = 0; from < frames.size(); from = to) {
            for (to = from + 1; to < frames.size() && frames[to] == frames[to - 1] + 1;)
                ++to;
            const DoubtfulStretch stretch = stretchOf(*place.repetition, frames[from], frames[to - 1]);
            found.emplace_back(stretch.sigmaPx / std::max(1, place.clip->height), stretch);
        }
    }
    std::stable_sort(found.begin(), found.end(), [](const auto& a, const auto& b) {
        return std::tuple(!a.second.atEvent, -a.first) < std::tuple(!b.second.atEvent, -b.first);
    });
    std::vector<DoubtfulStretch> out;
    for (auto& [share, stretch] : found)
        out.push_back(std::move(stretch));
    return out;
}

} // namespace riflesso
