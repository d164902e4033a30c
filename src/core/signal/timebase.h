#pragma once
// Real time of frames. Frame rates are never assumed constant; the slow-motion factor divides once, here.

#include <memory>
#include <optional>
#include <utility>
#include <vector>

namespace riflesso {

/// Real times (s) of the frames of a recording, from some or all (frame, stored time) pairs.
/// A frame between two known ones is interpolated linearly; one outside takes the interval of the nearest pair.
class FrameTimes {
public:
    FrameTimes() = default;
    /// pairs: (frame, stored time in s), in any order, repeats allowed. slowMotion: capture rate / stored rate.
    explicit FrameTimes(std::vector<std::pair<double, double>> pairs, double slowMotion = 1);
    /// Every frame of a clip: storedTimesS[i] is the time of frame i. What is shared is not copied; not null.
    [[nodiscard]] static FrameTimes ofClip(std::shared_ptr<const std::vector<double>> storedTimesS,
                                           double slowMotion = 1);
    [[nodiscard]] static FrameTimes ofClip(const std::vector<double>& storedTimesS, double slowMotion = 1) {
        return ofClip(std::make_shared<const std::vector<double>>(storedTimesS), slowMotion);
    }

    [[nodiscard]] bool known() const { return size() >= 2; }
    [[nodiscard]] double timeOf(double frame) const;
    [[nodiscard]] double frameOf(double timeS) const;
    /// Interval round an event at `frame`: half the sum of the two neighbouring frame intervals; at an end of a
    /// clip the one interval there is; between frames the interval it lies in. 0 when times are unknown.
    [[nodiscard]] double intervalAt(double frame) const;

private:
    using Pair = std::pair<double, double>; ///< frame, real time
    [[nodiscard]] std::size_t size() const { return clip_ ? clip_->size() : pairs_ ? pairs_->size() : 0; }
    [[nodiscard]] Pair pair(std::size_t i) const {
        return clip_ ? Pair(static_cast<double>(i), (*clip_)[i] / slowMotion_) : (*pairs_)[i];
    }
    template <class Key, class Value> [[nodiscard]] double interpolate(double x, Key key, Value value) const;

    std::shared_ptr<const std::vector<Pair>> pairs_;  // sorted, frames distinct
    std::shared_ptr<const std::vector<double>> clip_; // or stored times of all frames of a clip: nothing lies outside
    double slowMotion_ = 1;
};

/// Standard uncertainty (s) of an event: u² = w²/12 + (markingFrames w)². Source of w²/12: rectangular
/// distribution, JCGM 100:2008; markingFrames: SD of marking in frames, 0.5 where unknown (own choice).
[[nodiscard]] double eventUncertainty(double intervalS, double markingFrames);
constexpr double kDefaultMarkingFrames = 0.5;

} // namespace riflesso
