#pragma once
// A pose network's answers through a repetition, made into marks: left and right carried along, doubts said,
// an uncertainty for each.

#include "core/points/trial.h"
#include "media/followed_athlete.h"

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// How much wider the uncertainty of a doubtful proposal is, at least, than of a sure one.
inline constexpr double kDoubtFactor = 4;

/// A mark with the network's word on it, 0..1.
struct ProposedMark {
    Mark mark;
    double score = 0;
    bool carried = false;                   ///< as of ProposedPoint
    std::optional<PictureStep> onward = {}; ///< as of ProposedPoint
};
using ProposedMarks = std::map<std::string, std::map<int, ProposedMark>>; ///< by landmark and frame

/// Marks by landmark and frame, with the sources of core/points/trial.h (kProposedByNetwork, doubtful where: the score
/// is under 0.35, of an elbow or wrist under 0.55; a bone is off its usual length by over a quarter; both wrists are in
/// one place; the point jumped; an arm of who lies; the face of who is seen from behind; all of a body that is hardly
/// made out, or that is mostly doubtful). Under a score of 0.2 nothing is placed. Left and right follow `set` (marks of
/// a person) where there are any and the whole run, see limb_sides.h. Uncertainty: joint_shares.h; of a doubtful mark
/// four times that of a sure one, or its own where that is wider.
[[nodiscard]] ProposedMarks settleProposals(std::vector<ProposedFrame> frames,
                                            const std::map<std::string, MarksByFrame>& set);

/// Follows the athlete through frames from..to of a clip (followAthlete), settles what was seen and steadies it by the
/// picture's movement. `near`, `frame` and `goOn` as there.
[[nodiscard]] Result<ProposedMarks> proposeMarks(PoseNetwork& network, const std::function<Result<Picture>(int)>& frame,
                                                 int from, int to, std::optional<PictureBox> near,
                                                 const std::map<std::string, MarksByFrame>& set,
                                                 const LookPlan& plan = {},
                                                 const std::function<bool(double share)>& goOn = {});

/// Room round marks of one frame in which to look for the athlete; none where fewer than three are set.
[[nodiscard]] std::optional<PictureBox> boxRound(const std::map<std::string, MarksByFrame>& marks, int frame);

} // namespace riflesso
