#pragma once
// Which limb is the left one, through a run of frames in which a network names them anew each time.

#include "core/points/trial.h"
#include "media/pose_network.h"

#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// What was seen in one frame, by landmark.
struct SeenFrame {
    int frame = 0;
    std::map<std::string, ProposedPoint> points;
};

/// Exchanges left and right, joint by joint, where the whole run then has fewer and smaller jumps: the shortest path
/// through what may be exchanged in each frame, of arms, legs, eyes and ears each by themselves, where joints of a limb
/// rather go together. Far jumps cost little more than near ones, so that a limb seen in a wrong place does not decide.
/// A person's marks in `set` hold where they are. Where nothing else speaks, the network's word does. `frames` by time;
/// bodyHeight in px, > 0.
void settleSides(std::vector<SeenFrame>& frames, const std::map<std::string, MarksByFrame>& set, double bodyHeight);

} // namespace riflesso
