#pragma once
// A phase of one repetition as filtered coordinates, and noisy copies of it: the uncertainty of whatever is computed
// from a phase is the spread over the copies.

#include "core/measure/measure_moment.h"
#include "core/uncertainty/noise_bank.h"

namespace riflesso {

/// What a measure over a phase is computed from: the phase with a few samples on both sides.
struct SpanCopy {
    std::vector<double> timesS;
    Eigen::MatrixXd coordinates; ///< samples x (2 * landmarks of the plan), filtered pixels
    Eigen::MatrixX2d firstPath;  ///< of the plan's first point, folded; empty where it is not asked for
    double unitPixels = 1, fromS = 0, toS = 0;
    /// Samples inside the phase: [first, last).
    [[nodiscard]] std::pair<std::size_t, std::size_t> inside() const;
};

struct Span {
    const PhaseDef* phase = nullptr;
    TrialEvent from, to;
    InstantPlan plan;
    LengthScale scale;
    SharedRun whole;        ///< the unbroken run
    std::size_t offset = 0; ///< of the copy's first sample in the run
    SpanCopy itself;        ///< without added noise

    /// Refuses (with the reason) what is not marked, reversed, or filmed too slowly.
    [[nodiscard]] static std::variant<Span, Reason> of(const MeasureContext& context, const MeasureDef& def);
    /// Whether a sample of the copy, or one beside it, was bridged.
    [[nodiscard]] bool besideGap(std::size_t sample) const;
    /// Whether a sample of the copy lies where the filter feels the end of the marks.
    [[nodiscard]] bool nearRunEnd(std::size_t sample) const;
    [[nodiscard]] const MarkRun& run() const { return whole->run; }
    /// How far each draw moves the end, in its u, and the draws by that: both ends of a window move with its event.
    [[nodiscard]] const Eigen::RowVectorXd& toDraws() const;
    [[nodiscard]] const std::vector<int>& byToDraws() const;
    /// Landmarks, events and notes that every measure over the phase shares.
    void describe(MeasureValue& out, double atS) const;
};

/// Start and end of the phase in a draw, kept inside the copy's samples.
[[nodiscard]] std::pair<double, double> drawnPhase(const Span& span, int draw);
/// SD of the difference quotient of filtered unit noise (half of its variance; the shared half cancels), 1/s.
[[nodiscard]] double stillRate(const Span& span);

/// SD of filtered unit noise (half of its variance).
[[nodiscard]] double stillLevel(const Span& span);

/// The copies: half of a mark's variance shared by the whole trial, half drawn for each frame and filtered; event times
/// and the unit drawn too. The bank of filtered unit noise is made once for each length, rate and cutoff.
class NoisyCopies {
public:
    /// onlyFirst: only the path of the plan's first point is copied, which is quicker.
    explicit NoisyCopies(const Span& span, bool onlyFirst = false);
    /// Makes the next copy; false after 400. In some the phase may have no length.
    bool next();
    [[nodiscard]] const SpanCopy& copy() const { return copy_; }

private:
    const Span& span_;
    const Eigen::MatrixXd& bank_;
    Eigen::ArrayXd firstSigma_; ///< of the first point at each sample; empty: all coordinates are copied
    Eigen::MatrixX2d firstTrue_;
    int draw_ = -1;
    SpanCopy copy_;
};

/// How the error in one direction grows with the noise. The copies carry noise twice, the value once: what their mean
/// is off by tells of the second helping alone.
enum class OneSided {
    Square,      ///< lengths, jerk, a broad extreme: as σ², both helpings are alike
    Peak,        ///< the largest of many rates: up to as σ, the first helping is half as much again
    PeakOfLength ///< the largest speed: the same, and noise square to the way adds to any of them
};
/// Standard uncertainty from the values of the copies: their SD, and beside it (squares added) the error in one
/// direction that their mean tells of; that is 0 for a smooth kind (own choice).
[[nodiscard]] double drawnUncertainty(const std::vector<double>& values, double value, OneSided oneSided);

/// The u with which ± 2u holds 95.45 of 100 errors that are normal round `offset`, not round 0.
[[nodiscard]] double coveringU(double spread, double offset);

/// Points of the plan along time, folded: rows (X, Y) in pixels.
[[nodiscard]] Eigen::MatrixX2d pathOf(const InstantPlan& plan, std::size_t point, const Eigen::MatrixXd& coordinates);
/// SD of each sample of the path of the plan's first point that the copies draw for itself (half of the variance of its
/// marks; the other half is shared), before the filter, pixels.
[[nodiscard]] Eigen::ArrayXd ownNoiseOfFirstPath(const Span& span);
/// pathOf as the measure's speed reads it: of a speed along an axis only that axis moves.
[[nodiscard]] Eigen::MatrixX2d movingPathOf(const InstantPlan& plan, std::size_t point,
                                            const Eigen::MatrixXd& coordinates);
/// Magnitude of the velocity of a path, in its unit per second.
[[nodiscard]] std::vector<double> speedsOf(const std::vector<double>& timesS, const Eigen::MatrixX2d& path);

} // namespace riflesso
