#include "media/clip_checks.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kColumns = 32, kRows = 18; ///< of the small grey picture
constexpr double kLeastLevels = 12, kTimesUsual = 5;
constexpr int kAround = 15;
constexpr double kNoise = 6; ///< grey levels: a cell that changes by less is taken as at rest
/// Of a cut before one and the same background: what moves in all over its neighbours', large or very sudden.
constexpr double kTimesBeside = 3, kJump = 1.2, kSudden = 6, kLeastJump = .25, kLeastShare = .025;
constexpr int kBeside = 3;
constexpr double kStillLevels = 3, kMovingLevels = 6, kTimesStill = 4; ///< of a picture that stands amid movement
/// Change beside a still picture over that further away: less where movement turns, more where it is a single jerk.
constexpr double kAbrupt = .7, kJerk = 2.5;
constexpr int kLongestRun = 4; ///< of still pictures amid movement
constexpr int kCell = 24;      ///< pixels, of the places that are looked at for the largest change
constexpr int kBlack = 24;     ///< grey level below which a pixel counts as black
constexpr double kLeastBar = .02;
constexpr int kBarEvery = 8; ///< bars are looked for in every eighth frame

using Small = std::array<double, static_cast<std::size_t>(kColumns) * kRows>;

int grey(const Picture& p, int x, int y) {
    const std::size_t i =
        3 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(p.width) + static_cast<std::size_t>(x));
    return ((*p.rgb)[i] * 77 + (*p.rgb)[i + 1] * 151 + (*p.rgb)[i + 2] * 28) >> 8;
}

/// Means over the cells of a grid; a few pixels of each stand for it.
Small smallOf(const Picture& p) {
    constexpr int kPerCell = 4;
    Small out{};
    for (int row = 0; row < kRows; ++row)
        for (int column = 0; column < kColumns; ++column) {
            double sum = 0;
            for (int i = 0; i < kPerCell; ++i)
                for (int j = 0; j < kPerCell; ++j)
                    sum += grey(p, (p.width - 1) * (column * kPerCell + i) / (kColumns * kPerCell - 1),
                                (p.height - 1) * (row * kPerCell + j) / (kRows * kPerCell - 1));
            out[static_cast<std::size_t>(row * kColumns + column)] = sum / (kPerCell * kPerCell);
        }
    return out;
}

double change(const Small& a, const Small& b) {
    double sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += std::abs(a[i] - b[i]);
    return sum / static_cast<double>(a.size());
}

/// How far cells of the picture change, mean grey levels of a cell: what moves only here and there shows in them.
struct CellChanges {
    double largest = 0;
    double moved = 0; ///< mean over all cells of what is above the noise
    double share = 0; ///< of the cells that change by more than it
};
CellChanges cellChanges(const Picture& a, const Picture& b) {
    if (a.width != b.width || a.height != b.height)
        return {255, 255, 1};
    CellChanges out;
    int cells = 0;
    for (int y = 0; y + kCell <= a.height; y += kCell)
        for (int x = 0; x + kCell <= a.width; x += kCell) {
            int sum = 0;
            for (int j = 0; j < kCell; ++j)
                for (int i = 0; i < kCell; ++i)
                    sum += std::abs(grey(a, x + i, y + j) - grey(b, x + i, y + j));
            const double mean = static_cast<double>(sum) / (kCell * kCell);
            out.largest = std::max(out.largest, mean);
            out.moved += std::max(0.0, mean - kNoise);
            out.share += mean > kNoise;
            ++cells;
        }
    out.moved /= std::max(1, cells);
    out.share /= std::max(1, cells);
    return out;
}

/// Rows and columns with a pixel that is not black, gathered over frames.
struct Lit {
    int left = 1 << 30, top = 1 << 30, right = -1, bottom = -1;
    void add(const Picture& p) {
        constexpr int kStep = 2;
        for (int y = 0; y < p.height; y += kStep)
            for (int x = 0; x < p.width; x += kStep)
                if (grey(p, x, y) > kBlack) {
                    left = std::min(left, x);
                    right = std::max(right, x);
                    top = std::min(top, y);
                    bottom = std::max(bottom, y);
                }
    }
};

std::optional<PictureArea> areaOf(const Lit& lit, int width, int height) {
    if (lit.right < 0)
        return {};
    const double across = kLeastBar * width, down = kLeastBar * height;
    const bool bars =
        lit.left > across || width - 1 - lit.right > across || lit.top > down || height - 1 - lit.bottom > down;
    if (!bars)
        return {};
    return PictureArea{lit.left, lit.top, std::min(width, lit.right + 2) - lit.left,
                       std::min(height, lit.bottom + 2) - lit.top};
}

/// From frame i - 1 to frame i; NaN where one could not be read.
struct Changes {
    std::vector<double> whole, largest, moved, share;
    std::vector<bool> same; ///< byte by byte
    explicit Changes(int frames)
        : whole(static_cast<std::size_t>(frames), std::nan("")), largest(whole), moved(whole), share(whole),
          same(static_cast<std::size_t>(frames), false) {}
};

/// The largest of values[from .. to] but `not_`, as far as they are there and known; 0 where none is.
double largestOf(const std::vector<double>& values, int from, int to, int not_) {
    double most = 0;
    for (int k = std::max(1, from); k <= std::min(static_cast<int>(values.size()) - 1, to); ++k)
        if (k != not_ && std::isfinite(values[static_cast<std::size_t>(k)]))
            most = std::max(most, values[static_cast<std::size_t>(k)]);
    return most;
}

bool isCut(const Changes& changes, int i) {
    const auto n = static_cast<int>(changes.whole.size());
    const auto at = static_cast<std::size_t>(i);
    const double moved = changes.moved[at], times = moved / largestOf(changes.moved, i - kBeside, i + kBeside, i);
    const bool small = changes.share[at] < kLeastShare; // a clock on the wall is no cut
    if (!small && ((moved >= kJump && times >= kTimesBeside) || (moved >= kLeastJump && times >= kSudden)))
        return true;
    if (!(changes.whole[at] >= kLeastLevels))
        return false;
    std::vector<double> around;
    for (int k = std::max(1, i - kAround); k <= std::min(n - 1, i + kAround); ++k)
        if (k != i && std::isfinite(changes.whole[static_cast<std::size_t>(k)]))
            around.push_back(changes.whole[static_cast<std::size_t>(k)]);
    return around.empty() || changes.whole[at] >= kTimesUsual * median(around);
}

/// A picture coded anew is never the same byte by byte, and an athlete who stands or turns back looks still as well: it
/// stands still abruptly, between movement as large as further away.
std::vector<int> repeatedIn(const Changes& changes) {
    std::vector<int> out;
    const auto n = static_cast<int>(changes.whole.size());
    const auto still = [&](int i) { return changes.largest[static_cast<std::size_t>(i)] <= kStillLevels; };
    const auto moves = [&](int beside, int further, int furthest, double least) {
        const double change = largestOf(changes.largest, beside, beside, -1);
        const double away = largestOf(changes.largest, std::min(further, furthest), std::max(further, furthest), -1);
        return change >= least && change >= kAbrupt * away && change <= kJerk * away;
    };
    for (int i = 1; i < n;) {
        int end = i;
        double most = 0;
        for (; end < n && still(end); ++end)
            most = std::max(most, changes.largest[static_cast<std::size_t>(end)]);
        const double least = std::max(kMovingLevels, kTimesStill * most);
        const bool amid = end > i && end - i <= kLongestRun && moves(i - 1, i - 2, i - 3, least) &&
                          moves(end, end + 1, end + 2, least);
        for (int k = i; k < end; ++k)
            if (amid || changes.same[static_cast<std::size_t>(k)])
                out.push_back(k);
        i = std::max(end, i + 1);
    }
    return out;
}

} // namespace

Result<ClipChecks> checkClip(ClipReader& reader, const std::function<bool(double share)>& goOn) {
    ClipChecks out;
    const int frames = reader.info().frames();
    Changes changes(frames);
    Small lastSmall{};
    Picture last; // without content: none
    Lit lit;
    for (int i = 0; i < frames; ++i) {
        if (goOn && !goOn(static_cast<double>(i) / frames))
            return cancelled();
        const Result<Picture> shown = reader.frame(i);
        if (!shown) {
            last = {};
            continue;
        }
        const Small small = smallOf(*shown);
        if (last.rgb) {
            const auto at = static_cast<std::size_t>(i);
            changes.same[at] = *last.rgb == *shown->rgb;
            changes.whole[at] = change(lastSmall, small);
            const CellChanges cells = cellChanges(last, *shown);
            changes.largest[at] = cells.largest;
            changes.moved[at] = cells.moved;
            changes.share[at] = cells.share;
        }
        lastSmall = small;
        last = *shown;
        if (i % kBarEvery == 0)
            lit.add(*shown);
    }
    for (int i = 1; i < frames; ++i)
        if (isCut(changes, i))
            out.cuts.push_back(i);
    out.repeated = repeatedIn(changes);
    out.lit = areaOf(lit, reader.info().displayWidth, reader.info().displayHeight);
    return out;
}

} // namespace riflesso
