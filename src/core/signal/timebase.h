#pragma once
// Real time of frames. Frame rates are never assumed constant; the slow-motion factor divides once, here.

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
    /// Every frame of a clip: storedTimesS[i] is the time of frame i.
    [[nodiscard]] static FrameTimes ofClip(const std::vector<double>& storedTimesS, double slowMotion = 1);

    [[nodiscard]] bool known() const { return pairs_.size() >= 2; }
    [[nodiscard]] double timeOf(double frame) const;
    [[nodiscard]] double frameOf(double timeS) const;
    /// Interval round an event at `frame`: half the sum of the two neighbouring frame intervals; at an end of a
    /// clip the one interval there is; between frames the interval it lies in. 0 when times are unknown.
    [[nodiscard]] double intervalAt(double frame) const;

private:
    std::vector<std::pair<double, double>> pairs_; // (frame, real time), sorted, frames distinct
    bool whole_ = false;                           // all frames of a clip: nothing lies outside
};

/// Standard uncertainty (s) of an event: u² = w²/12 + (markingFrames w)². Source of w²/12: rectangular
/// distribution, JCGM 100:2008; markingFrames: SD of marking in frames, 0.5 where unknown (own choice).
[[nodiscard]] double eventUncertainty(double intervalS, double markingFrames);
constexpr double kDefaultMarkingFrames = 0.5;

} // namespace riflesso
