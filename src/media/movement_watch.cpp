#include "media/movement_watch.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

// Own choices, tried on the simulated camera.
constexpr int kAcross = 64;        ///< parts of the picture's width
constexpr int kEvery = 2;          ///< pixels from one that is read to the next, both ways
constexpr float kChanged = 6;      ///< levels of brightness by which a part that something moves in changes
constexpr double kSpanS = 0.066;   ///< pictures compared lie at least so far apart
constexpr std::size_t kFewest = 4; ///< parts that change at once
constexpr double kRestS = 0.35, kShortestS = 0.25;

} // namespace

MovementWatch::Coarse MovementWatch::coarse(const Picture& picture) {
    const int side = std::max(1, picture.width / kAcross), down = std::max(1, picture.height / side);
    const int across = std::max(1, picture.width / side);
    Coarse out{picture.timeS, std::vector<float>(static_cast<std::size_t>(across * down), 0)};
    for (int row = 0; row < down; ++row)
        for (int column = 0; column < across; ++column) {
            int sum = 0, count = 0;
            for (int y = row * side; y < (row + 1) * side && y < picture.height; y += kEvery)
                for (int x = column * side; x < (column + 1) * side && x < picture.width; x += kEvery) {
                    sum += (*picture.rgb)[static_cast<std::size_t>(3 * (y * picture.width + x) + 1)]; // green
                    ++count;
                }
            out.cells[static_cast<std::size_t>(row * across + column)] =
                static_cast<float>(sum) / static_cast<float>(std::max(1, count));
        }
    return out;
}

std::optional<MovementWatch::Moved> MovementWatch::add(const Picture& picture) {
    Coarse now = coarse(picture);
    lastS_ = picture.timeS;
    while (before_.size() > 1 && before_[1].timeS <= now.timeS - kSpanS)
        before_.pop_front();
    std::size_t changed = 0;
    if (!before_.empty() && before_.front().cells.size() == now.cells.size())
        for (std::size_t i = 0; i < now.cells.size(); ++i)
            changed += std::abs(now.cells[i] - before_.front().cells[i]) > kChanged;
    before_.push_back(std::move(now));
    if (changed >= kFewest) {
        if (!moving_)
            moving_ = Moved{picture.timeS, picture.timeS};
        moving_->toS = picture.timeS;
        return {};
    }
    if (!moving_ || picture.timeS - moving_->toS < kRestS)
        return {};
    const Moved ended = *moving_;
    moving_.reset();
    return ended.toS - ended.fromS < kShortestS ? std::nullopt : std::optional(ended);
}

std::optional<MovementWatch::Moved> MovementWatch::endNow(double atMostS) {
    if (lastS_ < 0)
        return {};
    const Moved ended{std::max(moving_ ? moving_->fromS : 0, lastS_ - atMostS), lastS_};
    moving_.reset();
    return ended;
}

} // namespace riflesso
