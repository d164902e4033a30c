#include "media/clip_checks.h"

#include "core/stats.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <string_view>

namespace riflesso {
namespace {

constexpr int kColumns = 32, kRows = 18; ///< of the small grey picture
constexpr double kLeastLevels = 12, kTimesUsual = 5;
constexpr int kAround = 15;
constexpr int kBlack = 24; ///< grey level below which a pixel counts as black
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

/// changes[i]: from frame i - 1 to frame i; NaN where one could not be read.
std::vector<int> cutsIn(const std::vector<double>& changes) {
    std::vector<int> cuts;
    const auto n = static_cast<int>(changes.size());
    for (int i = 1; i < n; ++i) {
        const double here = changes[static_cast<std::size_t>(i)];
        if (!(here >= kLeastLevels))
            continue;
        std::vector<double> around;
        for (int k = std::max(1, i - kAround); k <= std::min(n - 1, i + kAround); ++k)
            if (k != i && std::isfinite(changes[static_cast<std::size_t>(k)]))
                around.push_back(changes[static_cast<std::size_t>(k)]);
        if (around.empty() || here >= kTimesUsual * median(around))
            cuts.push_back(i);
    }
    return cuts;
}

} // namespace

Result<ClipChecks> checkClip(ClipReader& reader, const std::function<bool(double share)>& goOn) {
    ClipChecks out;
    const int frames = reader.info().frames();
    std::vector<double> changes(static_cast<std::size_t>(frames), std::nan(""));
    std::size_t lastHash = 0;
    std::optional<Small> last;
    Lit lit;
    for (int i = 0; i < frames; ++i) {
        if (goOn && !goOn(static_cast<double>(i) / frames))
            return cancelled();
        const Result<Picture> shown = reader.frame(i);
        if (!shown) {
            last.reset();
            continue;
        }
        const std::vector<std::uint8_t>& rgb = *shown->rgb;
        const std::size_t hash = std::hash<std::string_view>()({reinterpret_cast<const char*>(rgb.data()), rgb.size()});
        if (i > 0 && hash == lastHash)
            out.repeated.push_back(i);
        lastHash = hash;
        const Small small = smallOf(*shown);
        if (last)
            changes[static_cast<std::size_t>(i)] = change(*last, small);
        last = small;
        if (i % kBarEvery == 0)
            lit.add(*shown);
    }
    out.cuts = cutsIn(changes);
    out.lit = areaOf(lit, reader.info().displayWidth, reader.info().displayHeight);
    return out;
}

} // namespace riflesso
