#pragma once
// A network puts a landmark beside where a person puts it, and does so again and again: hips too far up the trunk,
// heels too far forward. What a person has marked tells by how much.

#include "media/proposed_marks.h"

namespace riflesso {

/// How far a person's marks lie from a network's, landmark by landmark, in pixels along and across the bone that each
/// belongs to. Of one section of a clip: another camera, size or facing has another habit.
class MarkingHabit {
public:
    /// Takes in the frames in which a landmark is both proposed, not doubtfully, and in `set`.
    void learn(const ProposedMarks& proposed, const std::map<std::string, MarksByFrame>& set);
    /// Moves proposals of landmarks with at least two such frames to where the person would have put them: by the
    /// median of what they were off, the less the more it differs from frame to frame. Their uncertainty becomes that
    /// of the frames' scatter about it, with the stated one counting as three frames more. Doubtful ones stay where and
    /// as they are.
    void apply(ProposedMarks& proposed) const;
    /// Landmarks that it would move.
    [[nodiscard]] std::size_t landmarks() const;

private:
    struct Away {
        double along = 0, across = 0;
    };
    std::map<std::string, std::vector<Away>> away_;
};

} // namespace riflesso
