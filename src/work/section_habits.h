#pragma once
// What the analyst's own marks in one repetition of a section teach about where the network's are to go in the others.

#include "media/marking_habit.h"
#include "store/case_data.h"

#include <map>
#include <optional>
#include <vector>

namespace riflesso {

/// The repetition to learn from, and its marks that were set by hand or came from a table.
struct Teacher {
    RepetitionId repetition;
    std::map<std::string, MarksByFrame> byHand;
};

/// Whether marks by hand are enough to learn from: at least two frames with three landmarks or more.
[[nodiscard]] bool teaches(const std::map<std::string, MarksByFrame>& byHand);
/// Of a section the repetition with the most such marks that teaches; none where there is no such one.
[[nodiscard]] std::optional<Teacher> teacherOf(const Section& section);

/// Habits learned so far, by section; one is forgotten as soon as its teacher's marks are others.
class SectionHabits {
public:
    /// Whether the section has a teacher whose marks have not been learned from yet.
    [[nodiscard]] bool isToLearn(const Section& section) const;
    /// `proposed`: of the whole repetition of the teacher.
    void learn(const Section& section, const ProposedMarks& proposed);
    /// Moves proposals of a repetition of the section; true where a habit was known.
    bool apply(const Section& section, ProposedMarks& proposed) const;

private:
    struct Learned {
        std::vector<double> from; ///< the teacher's marks
        MarkingHabit habit;
    };
    std::map<std::int64_t, Learned> bySection_;
};

} // namespace riflesso
