#pragma once
// The stored fields of a case, each said once. A new one: its member in case_data.h, a line here, and a migration in
// schema.cpp (addColumnSql).

#include "store/case_data.h"
#include "store/stored_fields.h"

namespace riflesso {

constexpr double kRoomOfClip = 1e8; ///< frames, ids and numbers of an archive: none beyond

template <> struct Words<Decision::Choice> {
    static constexpr const char* kAll = "work on, park, work round, not a fault";
    static constexpr Decision::Choice kElse = Decision::Choice::WorkOn;
    static std::optional<Decision::Choice> from(std::string_view word) { return choiceFrom(word); }
};

template <> struct Stored<Athlete> {
    static constexpr const char* kTable = "athlete";
    static constexpr auto kFields = std::make_tuple(
        uidField<Athlete>(), field<Athlete>("name", "name", &Athlete::name, kRequired),
        field<Athlete>("birth_year", "birth_year", &Athlete::birthYear, {0, 3000}),
        field<Athlete>("handedness", "handedness", &Athlete::handedness, kRequired),
        field<Athlete>("level", "level", &Athlete::level), //
        field<Athlete>("goal", "goal", &Athlete::goal), field<Athlete>("notes", "notes", &Athlete::notes),
        field<Athlete>("willingness", "willingness", &Athlete::willingness, {0, 1, true}),
        field<Athlete>("equipment", "equipment", &Athlete::equipment),
        field<Athlete>("consent_given", "consent_given", &Athlete::consentGiven),
        field<Athlete>("consent_until", "consent_until", &Athlete::consentUntil),
        field<Athlete>("consent_scope", "consent_scope", &Athlete::consentScope),
        field<Athlete>("consent_by", "consent_by", &Athlete::consentBy),
        field<Athlete>("consent_for", "consent_for", &Athlete::consentFor));
};

template <> struct Stored<AthleteLimit> {
    static constexpr const char* kTable = "athlete_limit";
    static constexpr auto kFields =
        std::make_tuple(uidField<AthleteLimit>(), field<AthleteLimit>("part", "part", &AthleteLimit::part),
                        field<AthleteLimit>("side", "side", &AthleteLimit::side),
                        field<AthleteLimit>("kind", "kind", &AthleteLimit::kind),
                        field<AthleteLimit>("words", "words", &AthleteLimit::words),
                        field<AthleteLimit>("since", "since", &AthleteLimit::since),
                        field<AthleteLimit>("over", "over", &AthleteLimit::over),
                        field<AthleteLimit>("stopped", "stopped", &AthleteLimit::stopped),
                        field<AthleteLimit>("advice", "advice", &AthleteLimit::advice),
                        field<AthleteLimit>("advised_on", "advised_on", &AthleteLimit::advisedOn));
};

template <> struct Stored<Competition> {
    static constexpr const char* kTable = "competition";
    static constexpr auto kFields = std::make_tuple(field<Competition>("date", "date", &Competition::date, kRequired),
                                                    field<Competition>("title", "title", &Competition::title));
};

template <> struct Stored<Belief> {
    static constexpr const char* kTable = "belief";
    static constexpr auto kFields = std::make_tuple(
        field<Belief>("measure", "measure", &Belief::measure, kRequired),
        field<Belief>("words", "words", &Belief::words), field<Belief>("value", "value", &Belief::value),
        field<Belief>("locked", "locked", &Belief::locked), field<Belief>("whose", "whose", &Belief::whose),
        field<Belief>("said_on", "said_on", &Belief::said));
};

template <> struct Stored<GoalTarget> {
    static constexpr const char* kTable = "skill_case";
    static constexpr auto kFields =
        std::make_tuple(field<GoalTarget>("goal_measure", "measure", &GoalTarget::measure, kRequired),
                        field<GoalTarget>("goal_value", "value", &GoalTarget::value, kRequired),
                        field<GoalTarget>("goal_by", "by", &GoalTarget::by));
};

template <> struct Stored<Yardstick> {
    static constexpr const char* kTable = "skill_case";
    static constexpr auto kFields = std::make_tuple(
        field<Yardstick>("for_level", "level", &Yardstick::level), field<Yardstick>("for_age", "age", &Yardstick::age),
        field<Yardstick>("for_format", "format", &Yardstick::format),
        field<Yardstick>("measured_effects", "effects", &Yardstick::effects),
        field<Yardstick>("model_name", "model_name", &Yardstick::modelName),
        field<Yardstick>("model_file", "model_file", &Yardstick::modelFile),
        field<Yardstick>("observers", "observers", &Yardstick::observers));
};

template <> struct Stored<Session> {
    static constexpr const char* kTable = "session";
    static constexpr auto kFields = std::make_tuple(
        uidField<Session>(), field<Session>("date", "date", &Session::date, kRequired),
        field<Session>("title", "title", &Session::title), field<Session>("is_model", "model", &Session::isModel));
};

template <> struct Stored<Section> {
    static constexpr const char* kTable = "section";
    static constexpr auto kFields = std::make_tuple(
        uidField<Section>(), frameField<Section>("first_frame", "from", &Section::from),
        frameField<Section>("last_frame", "to", &Section::to),
        field<Section>("view", "view", &Section::view, kRequired),
        field<Section>("facing", "facing", &Section::facing, kRequired),
        field<Section>("handedness", "handedness", &Section::handedness),
        field<Section>("performer", "performer", &Section::performer),
        field<Section>("slow_motion", "slow_motion", &Section::slowMotion, {1e-3, 1e4, true}),
        field<Section>("stress", "stress", &Section::stress, kRequired),
        field<Section>("conditions", "conditions", &Section::conditions),
        field<Section>("metres_per_pixel", "metres_per_pixel", &Section::metresPerPixel, {1e-9, 1e3, true}),
        field<Section>("scale_u", "scale_u", &Section::scaleRelativeU, {0, 1}),
        field<Section>("bearing", "bearing", &Section::bearingDeg, {0, 90, true}),
        field<Section>("camera_height", "camera_height", &Section::cameraHeightM, {0, kMostCameraM}),
        field<Section>("camera_distance", "camera_distance", &Section::cameraDistanceM, {0, kMostCameraM}),
        frameField<Section>("known_lengths", "known_lengths", &Section::knownLengths),
        frameField<Section>("picture", "picture", &Section::picture));
};

/// What it holds for itself; its events, marks and observations have rows of their own.
template <> struct Stored<Repetition> {
    static constexpr const char* kTable = "repetition";
    static constexpr auto kFields = std::make_tuple(
        uidField<Repetition>(), field<Repetition>("number", "number", &Repetition::number, {0, kRoomOfClip}),
        frameField<Repetition>("first_frame", "from", &Repetition::from),
        frameField<Repetition>("last_frame", "to", &Repetition::to),
        field<Repetition>("result", "result", &Repetition::result),
        field<Repetition>("variant", "variant", &Repetition::variant),
        field<Repetition>("variant_fits", "variant_fits", &Repetition::variantFits),
        field<Repetition>("felt", "felt", &Repetition::felt),
        field<Repetition>("more_results", "more_results", &Repetition::moreResults),
        field<Repetition>("best", "best", &Repetition::best));
};

template <> struct Stored<Decision> {
    static constexpr const char* kTable = "decision";
    static constexpr auto kFields = std::make_tuple(field<Decision>("fault", "fault", &Decision::fault, kRequired),
                                                    field<Decision>("choice", "choice", &Decision::choice, kRequired),
                                                    field<Decision>("reason", "reason", &Decision::reason),
                                                    field<Decision>("at", "at", &Decision::at, kRequired),
                                                    field<Decision>("until", "until", &Decision::until));
};

template <> struct Stored<TermOverride> {
    static constexpr const char* kTable = "term_override";
    static constexpr auto kFields =
        std::make_tuple(field<TermOverride>("fault", "fault", &TermOverride::fault, kRequired),
                        field<TermOverride>("term", "term", &TermOverride::term, kRequired),
                        field<TermOverride>("value", "value", &TermOverride::value, kRequired), // within rangeOf(term)
                        field<TermOverride>("reason", "reason", &TermOverride::reason, kRequired));
};

template <> struct Stored<Position> {
    static constexpr const char* kTable = "position";
    static constexpr auto kFields =
        std::make_tuple(field<Position>("dispute", "dispute", &Position::dispute, kRequired),
                        field<Position>("position", "position", &Position::position, kRequired),
                        field<Position>("reason", "reason", &Position::reason));
};

template <> struct Stored<OwnTarget> {
    static constexpr const char* kTable = "own_target";
    static constexpr auto kFields = std::make_tuple(
        field<OwnTarget>("measure", "measure", &OwnTarget::measure, kRequired),
        field<OwnTarget>("low", "low", &OwnTarget::low), field<OwnTarget>("high", "high", &OwnTarget::high),
        field<OwnTarget>("reason", "reason", &OwnTarget::reason, kRequired));
};

template <> struct Stored<PlanSettings> {
    static constexpr const char* kTable = "plan";
    static constexpr double kMinutesOfDay = 1440, kTenYears = 3650;
    static constexpr auto kFields = std::make_tuple(
        field<PlanSettings>("sessions_per_week", "sessions_per_week", &PlanSettings::sessionsPerWeek,
                            {0, 100, false, 1}),
        field<PlanSettings>("homework_minutes", "homework_minutes", &PlanSettings::homeworkMinutes, {0, kMinutesOfDay}),
        field<PlanSettings>("no_change_days", "no_change_days", &PlanSettings::noChangeDays, {0, kTenYears}),
        field<PlanSettings>("start", "start", &PlanSettings::start),
        field<PlanSettings>("retest", "retest", &PlanSettings::retest),
        field<PlanSettings>("retention", "retention", &PlanSettings::retention),
        field<PlanSettings>(
            "one_at_a_time", "one_at_a_time", [](auto& plan) -> auto& { return plan.approach.oneAtATime; }),
        field<PlanSettings>(
            "tempo_first", "tempo_first", [](auto& plan) -> auto& { return plan.approach.tempoFirst; }),
        field<PlanSettings>("approach_reason", "approach_reason", &PlanSettings::approachReason),
        field<PlanSettings>("feedback_school", "feedback_school", &PlanSettings::feedback),
        field<PlanSettings>("feedback_reason", "feedback_reason", &PlanSettings::feedbackReason));
};

template <> struct Stored<PracticeBlock> {
    static constexpr const char* kTable = "practice_block";
    static constexpr auto kFields =
        std::make_tuple(field<PracticeBlock>("kind", "kind", &PracticeBlock::kind, kRequired),
                        field<PracticeBlock>("fault", "fault", &PracticeBlock::fault, kRequired),
                        field<PracticeBlock>("drill", "drill", &PracticeBlock::drill, kRequired),
                        field<PracticeBlock>("condition", "condition", &PracticeBlock::condition, kRequired),
                        field<PracticeBlock>("cue", "cue", &PracticeBlock::cue),
                        field<PracticeBlock>("fed_by", "fed_by", &PracticeBlock::fedBy),
                        field<PracticeBlock>("started", "started", &PracticeBlock::started, kRequired),
                        field<PracticeBlock>("ended", "ended", &PracticeBlock::ended),
                        field<PracticeBlock>("count", "count", &PracticeBlock::count, Bounds{0, 10000}),
                        field<PracticeBlock>("stop", "stop", &PracticeBlock::stop));
};

/// The table had fault, drill and no block before.
template <> struct Stored<PracticeRepetition> {
    static constexpr const char* kTable = "practice";
    static constexpr auto kFields =
        std::make_tuple(field<PracticeRepetition>("good", "good", &PracticeRepetition::good),
                        field<PracticeRepetition>("result", "result", &PracticeRepetition::result),
                        field<PracticeRepetition>("felt", "felt_right", &PracticeRepetition::feltRight),
                        field<PracticeRepetition>("told", "told", &PracticeRepetition::told),
                        field<PracticeRepetition>("at", "at", &PracticeRepetition::at, kRequired),
                        field<PracticeRepetition>(
                            "measure", "measure", [](auto& r) -> auto& { return r.measured.measure; }),
                        field<PracticeRepetition>(
                            "value", "value", [](auto& r) -> auto& { return r.measured.value; }),
                        field<PracticeRepetition>(
                            "value_u", "value_u", [](auto& r) -> auto& { return r.measured.u; }),
                        field<PracticeRepetition>(
                            "measured_good", "measured_good", [](auto& r) -> auto& { return r.measured.good; }));
};

/// Its session and its file stand beside it in case.json.
template <> struct Stored<StoredAssessment> {
    static constexpr const char* kTable = "assessment";
    static constexpr auto kFields =
        std::make_tuple(field<StoredAssessment>("at", "at", &StoredAssessment::at, kRequired),
                        field<StoredAssessment>("title", "title", &StoredAssessment::title),
                        field<StoredAssessment>("version", "version", &StoredAssessment::version));
};

} // namespace riflesso
