#include "work/section_habits.h"

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kOfATeacher = 3, kTaughtFrames = 2; ///< of a teacher: landmarks in a frame, such frames

/// All of a teacher's marks in a row, to tell whether they are still the same.
std::vector<double> numbersOf(const Teacher& teacher) {
    std::vector<double> out{static_cast<double>(teacher.repetition.value)};
    for (const auto& [landmark, track] : teacher.byHand)
        for (const auto& [frame, mark] : track)
            out.insert(out.end(), {static_cast<double>(frame), mark.at.x, mark.at.y});
    return out;
}

} // namespace

bool teaches(const std::map<std::string, MarksByFrame>& byHand) {
    std::map<int, int> landmarks; // of each frame
    for (const auto& [landmark, track] : byHand)
        for (const auto& [frame, mark] : track)
            ++landmarks[frame];
    return std::count_if(landmarks.begin(), landmarks.end(),
                         [](const auto& frame) { return frame.second >= kOfATeacher; }) >= kTaughtFrames;
}

std::optional<Teacher> teacherOf(const Section& section) {
    std::optional<Teacher> best;
    std::size_t most = 0;
    for (const Repetition& repetition : section.repetitions) {
        Teacher teacher{repetition.id, {}};
        std::size_t marks = 0;
        for (const auto& [landmark, track] : repetition.marks)
            for (const auto& [frame, mark] : track)
                if (isFromPerson(mark.source)) { // what was confirmed would teach that the network is right
                    teacher.byHand[landmark][frame] = mark;
                    ++marks;
                }
        if (marks > most && teaches(teacher.byHand)) {
            most = marks;
            best = std::move(teacher);
        }
    }
    return best;
}

bool SectionHabits::isToLearn(const Section& section) const {
    const std::optional<Teacher> teacher = teacherOf(section);
    const auto known = bySection_.find(section.id.value);
    return teacher && (known == bySection_.end() || known->second.from != numbersOf(*teacher));
}

void SectionHabits::learn(const Section& section, const ProposedMarks& proposed) {
    const std::optional<Teacher> teacher = teacherOf(section);
    if (!teacher)
        return;
    Learned learned{numbersOf(*teacher), {}};
    learned.habit.learn(proposed, teacher->byHand);
    bySection_[section.id.value] = std::move(learned);
}

bool SectionHabits::apply(const Section& section, ProposedMarks& proposed) const {
    const auto known = bySection_.find(section.id.value);
    if (known == bySection_.end() || !teacherOf(section) || isToLearn(section))
        return false;
    known->second.habit.apply(proposed);
    return known->second.habit.landmarks() > 0;
}

} // namespace riflesso
