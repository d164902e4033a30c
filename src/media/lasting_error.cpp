#include "media/lasting_error.h"

#include "media/track_merge.h"

#include <cmath>
#include <optional>

namespace riflesso {
namespace {

/// Correlation of the network's errors this many frames apart. Over the clips of the demo's movements, which have 25 to
/// 60 frames a second: 0.98 at one frame, 0.88 at 5, 0.79 at 12, 0.69 at 24; from one movement to the next 0.91 to 0.99
/// at two frames.
double alike(int frames) {
    constexpr double kFrames = 50;
    return std::exp(-std::abs(frames) / kFrames);
}

bool isOfNetwork(const Mark& mark) {
    return mark.source == kProposedByNetwork || mark.source == confirmedSource(kProposedByNetwork) ||
           mark.source == confirmedSource(kDoubtfulFromNetwork);
}

/// What a neighbour takes of a correction, and what is left of its variance.
struct Share {
    double of = 0, left = 1;
};
/// The errors are taken for a process without memory (Ornstein and Uhlenbeck): what is known at the far end, where a
/// person's mark stands, ties it there.
Share shareOf(int toMark, std::optional<int> toFarMark) {
    if (!toFarMark)
        return {alike(toMark), 1 - squared(alike(toMark))};
    const double far = alike(*toFarMark), whole = alike(toMark + *toFarMark), free = 1 - squared(whole);
    const double of = (alike(toMark) - far * whole) / free;
    return {of, std::max(0.0, 1 - of * of * free / (1 - squared(far)))};
}

} // namespace

MarksByFrame goAlong(const MarksByFrame& track, int frame, const Mark& mark) {
    constexpr double kMost = 5, kLeast = 0.05;
    const auto here = track.find(frame);
    if (here == track.end())
        return {};
    const bool again = isFromPerson(here->second.source);
    if (!again && !isOfNetwork(here->second))
        return {};
    const double dx = mark.at.x - here->second.at.x, dy = mark.at.y - here->second.at.y;
    if (std::hypot(dx, dy) > kMost * here->second.sigmaPx)
        return {};
    MarksByFrame out;
    const auto take = [&](auto from, auto end) {
        std::optional<int> farMark;
        for (auto at = from; at != end && !farMark; ++at)
            if (isFromPerson(at->second.source))
                farMark = at->first;
        for (auto at = from; at != end && at->first != farMark; ++at) {
            const auto& [other, there] = *at;
            const Share share =
                shareOf(std::abs(other - frame), farMark ? std::optional(std::abs(*farMark - other)) : std::nullopt);
            if (share.of < kLeast && !farMark)
                return;
            if (!isOfNetwork(there))
                continue;
            Mark moved = there;
            moved.at = {there.at.x + share.of * dx, there.at.y + share.of * dy};
            if (!again)
                moved.sigmaPx = std::sqrt(squared(there.sigmaPx) * share.left + squared(share.of * mark.sigmaPx));
            out.emplace(other, std::move(moved));
        }
    };
    take(std::next(here), track.end());
    take(std::make_reverse_iterator(here), track.rend());
    return out;
}

} // namespace riflesso
