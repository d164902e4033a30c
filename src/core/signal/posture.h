#pragma once
// The posture of a repetition along time as comparable numbers: joint turns and segment directions of the pack's points
// by role, so that a left-hander's movement can be laid on a right-hander's.

#include "core/points/trial.h"
#include "core/signal/time_warp.h"

#include <Eigen/Core>

namespace riflesso {

/// Features at 60 samples a second of real time; NaN where a landmark is missing for longer than 15 samples.
struct PostureTrack {
    double startS = 0;      ///< real time of the first sample
    Eigen::MatrixXd values; ///< samples x features, then as many columns of their change a sample
    [[nodiscard]] double timeOf(double sample) const { return startS + sample / kPostureRate; }
    [[nodiscard]] double sampleOf(double timeS) const { return (timeS - startS) * kPostureRate; }
    static constexpr double kPostureRate = 60;
};

/// The trial without marks that jumped away from where their neighbours in time say they should be.
[[nodiscard]] Trial withoutJumps(Trial trial);

/// Posture of the given points (a pack's `marked`, or the `by` of an event) over [fromS, toS]. Gaps up to 15 samples
/// are bridged, coordinates low-passed at 6 Hz. Without a joint or a segment among the points, their places against the
/// others of `all` stand in.
[[nodiscard]] PostureTrack postureOf(const Pack& pack, const Trial& trial, const std::vector<PointRef>& points,
                                     double fromS, double toS);

/// First and last real time at which anything is marked; equal when nothing is.
[[nodiscard]] std::pair<double, double> markedTimes(const Trial& trial);

/// Time warp with slope limit P = 1 in a band of `band` times the longer round the scaled diagonal. Features are
/// divided by their spread in the example with a floor; one that is missing in a sample is left out of that sample's
/// mean.
[[nodiscard]] Warp warpOnto(const PostureTrack& example, const PostureTrack& target, double band);

/// The same onto many stretches of one long target, each distance worked out once.
class WarpAlong {
public:
    /// Stretches have at most `longest` samples. The target outlives it.
    WarpAlong(const PostureTrack& example, const PostureTrack& target, Eigen::Index longest);
    /// Onto `samples` of the target from sample `start` on, all of which it has, at a cost of at most `most`; quickest
    /// where one call's `start` is the last one's or a little later.
    [[nodiscard]] Warp onto(Eigen::Index start, Eigen::Index samples, double band, double most);

private:
    Eigen::MatrixXd example_; ///< features x samples
    Eigen::VectorXd scale_;
    const PostureTrack& target_;
    Eigen::Index longest_, from_ = 0; ///< first sample of the target among the distances
    Eigen::MatrixXd distances_;       ///< samples of the example x some of the target
};

/// A warp between two postures that may leave out the middle of long holds on either side: an archer's two or five
/// seconds at full draw are one and the same thing.
class HeldWarp {
public:
    /// All of both where that can be warped and is not far worse.
    HeldWarp(const PostureTrack& example, const PostureTrack& target, double band);
    [[nodiscard]] bool found() const { return warp_.found; }
    /// As Warp::across, in samples of the whole tracks.
    [[nodiscard]] std::pair<double, int> across(double exampleSample) const;

private:
    Warp warp_;
    std::vector<int> example_, target_; ///< samples of the whole tracks that were warped
};

} // namespace riflesso
