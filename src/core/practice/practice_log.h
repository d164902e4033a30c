#pragma once
// What was practised: blocks of repetitions of one drill under one condition, each repetition with what was seen, felt
// and said.

#include "core/plan/schedule.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// Practice under the coach's eyes; homework; a test without feedback some time after (retention) or under another
/// condition (transfer).
enum class PracticeKind { Practice, Home, Retention, Transfer };
[[nodiscard]] std::string_view toString(PracticeKind kind);
[[nodiscard]] std::optional<PracticeKind> practiceKindFrom(std::string_view word);
[[nodiscard]] inline bool isTest(PracticeKind kind) {
    return kind == PracticeKind::Retention || kind == PracticeKind::Transfer;
}

/// Feedback that followed a repetition: none, the cue said, shown, a measured value, or asked for by the athlete.
enum class Told { None, Cue, Shown, Measured, Asked };
[[nodiscard]] std::string_view toString(Told told);
[[nodiscard]] std::optional<Told> toldFrom(std::string_view word);

/// What a camera and the program made of a repetition at once.
struct MeasuredThere {
    std::string measure;            ///< of the pack; empty: it was not measured
    std::optional<double> value, u; ///< in its unit; none: nothing came of it
    std::optional<bool> good;       ///< inside the band; none: not sure
    bool operator==(const MeasuredThere&) const = default;
};

struct LoggedRepetition {
    bool good = false;
    std::string result;            ///< a value of the pack's first result; empty: not noted
    std::optional<bool> feltRight; ///< none: not asked
    Told told = Told::None;
    MeasuredThere measured = {};
};

/// Under what a drill was practised: the stress, and values of the pack's conditions.
struct PracticeCondition {
    Stress stress = Stress::Calm;
    std::map<std::string, std::string> axes;
    auto operator<=>(const PracticeCondition&) const = default;
};
/// "fed;signal=lamp".
[[nodiscard]] std::string toString(const PracticeCondition& condition);
/// None: the first word is no stress level, or a part after it is not axis=value.
[[nodiscard]] std::optional<PracticeCondition> practiceConditionFrom(std::string_view text);

struct LoggedBlock {
    Day date;
    PracticeKind kind = PracticeKind::Practice;
    int number = 0;         ///< from 1, in the order of the log
    std::string start, end; ///< time of day "17:05:30"; empty: not known
    std::string fault, drill;
    PracticeCondition condition;
    std::string cue, fedBy;
    std::vector<LoggedRepetition> repetitions;
    int count = 0;    ///< of Home: repetitions that were ticked off on that day
    std::string stop; ///< why it was stopped; empty: it was not
    [[nodiscard]] int good() const;
    [[nodiscard]] int all() const { return static_cast<int>(repetitions.size()); }
    [[nodiscard]] int told() const; ///< repetitions that feedback followed
};
/// By day and, within one, in the order they were logged.
using PracticeLog = std::vector<LoggedBlock>;

/// `block` cut into runs of `length`; what is left over is not among them. Each keeps day, drill, condition and cue.
[[nodiscard]] std::vector<LoggedBlock> wholeBlocks(const LoggedBlock& block, int length = kBlockLength);

} // namespace riflesso
