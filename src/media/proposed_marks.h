#pragma once
// A pose network's answers through a repetition, made into marks: left and right carried along, doubts said,
// an uncertainty for each.

#include "core/points/trial.h"
#include "media/pose_network.h"

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// How much wider the uncertainty of a doubtful proposal is.
inline constexpr double kDoubtFactor = 4;

/// What the network said of one frame.
struct ProposedFrame {
    int frame = 0;
    std::vector<ProposedPoint> points; ///< empty where no person was seen
};

/// A mark with the network's word on it, 0..1.
struct ProposedMark {
    Mark mark;
    double score = 0;
};
using ProposedMarks = std::map<std::string, std::map<int, ProposedMark>>; ///< by landmark and frame

/// Marks by landmark and frame, with the sources of core/points/trial.h (kProposedByNetwork, doubtful where: the score
/// is under 0.35, of an elbow or wrist under 0.55; a bone is off its usual length by over a quarter; both wrists are in
/// one place; the point jumped). Under a score of 0.2 nothing is placed. Left and right follow `set` (marks of a
/// person) where there are any and the whole run, see limb_sides.h. Uncertainty: a share of the body's height
/// by landmark, measured on the simulated camera (docs/measures.md), more of a raised arm, four times that where
/// doubtful.
[[nodiscard]] ProposedMarks settleProposals(std::vector<ProposedFrame> frames,
                                            const std::map<std::string, MarksByFrame>& set);

/// Runs the network over frames from..to of a clip, settles its answers and steadies them by the picture's movement.
/// `near` is where the athlete is in the first frame; none: anywhere. `goOn` as in trackPoints.
[[nodiscard]] Result<ProposedMarks> proposeMarks(PoseNetwork& network, const std::function<Result<Picture>(int)>& frame,
                                                 int from, int to, std::optional<PictureBox> near,
                                                 const std::map<std::string, MarksByFrame>& set,
                                                 const std::function<bool(double share)>& goOn = {});

/// Room round marks of one frame in which to look for the athlete; none where fewer than three are set.
[[nodiscard]] std::optional<PictureBox> boxRound(const std::map<std::string, MarksByFrame>& marks, int frame);

} // namespace riflesso
