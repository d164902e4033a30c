#pragma once
// What a library holds of one case, as values. Read whole, never written back: changes go through Edit.

#include "core/ids.h"
#include "core/judge/findings.h"
#include "core/made_once.h"
#include "core/pack/pack.h"
#include "core/person/limits.h"
#include "core/plan/prescription.h"
#include "core/points/bench_points.h"
#include "core/points/known_length.h"
#include "core/points/picture_setup.h"
#include "core/points/trial.h"
#include "core/practice/said_and_felt.h"
#include "core/progress/progress.h"
#include "core/uncertainty/own_error.h"

#include <QDate>
#include <QDateTime>
#include <QString>
#include <QStringList>

#include <array>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// An id that a row keeps on every machine and in every archive; row ids are a library's own. Empty: not stored yet.
using LastingId = std::string;

/// A limit or an injury as it is kept. Of free words alone, of which nobody has said what they mean yet, `part` is
/// none.
struct AthleteLimit {
    std::int64_t id = 0;
    LastingId uid;
    std::optional<BodyPart> part;
    LimitSide side = LimitSide::Unsaid;
    LimitKind kind = LimitKind::Other;
    QString words;
    QDate since, over;    ///< first day; the day from which on it does not hold. Not valid: not said; it holds
    bool stopped = false; ///< said during practice: the plan waits for `advice`
    QString advice;       ///< who advised what
    QDate advisedOn;
    bool operator==(const AthleteLimit&) const = default;

    [[nodiscard]] bool holdsOn(const QDate& day) const { return !over.isValid() || !day.isValid() || day < over; }
    [[nodiscard]] bool waitsForAdvice() const { return stopped && (advice.isEmpty() || !advisedOn.isValid()); }
    /// As the core takes it: what was chosen, or what the words mean.
    [[nodiscard]] Limits meaning() const;
};

struct Athlete {
    AthleteId id;
    LastingId uid;
    QString name;
    int birthYear = 0; ///< 0: not known
    Side handedness = Side::Right;
    QString level, goal, notes;
    double willingness = 1;           ///< 0..1
    std::vector<AthleteLimit> limits; ///< in the order in which they were said
    QStringList equipment;
    QDate consentGiven, consentUntil; ///< to be filmed and measured; not valid: not given, without an end
    QString consentScope;             ///< what it covers, in words
    QString consentBy;                ///< who gave it; for a minor the parent or guardian
    QStringList consentFor;           ///< what may be handed on: words of HandedOnAs; empty: all of it
    bool operator==(const Athlete&) const = default;
};

struct Competition {
    std::int64_t id = 0;
    QDate date;
    QString title;
};

/// What the athlete thinks happens, or the analyst's first guess, against a measure; locked before results are shown.
struct Belief {
    std::int64_t id = 0;
    std::string measure;
    QString words;
    std::optional<double> value; ///< in the measure's unit
    bool locked = false;
    Guesser whose = Guesser::Athlete;
    QDate said = {}; ///< the day it was locked; not valid in cases of before
    /// Of a forecast: the result of the pack that it is of; empty: it is of a measure.
    [[nodiscard]] std::string result() const {
        return measure.starts_with(kOfResult) ? measure.substr(kOfResult.size()) : std::string();
    }
    static constexpr std::string_view kOfResult = "result:";
};

/// The goal as a number: the median of a measure, by a day.
struct GoalTarget {
    std::string measure;
    double value = 0; ///< in the measure's unit
    QDate by;         ///< not valid: no day
    bool operator==(const GoalTarget&) const = default;
};

struct StoredEvent {
    double frame = 0;              ///< of the clip
    std::optional<double> givenUS; ///< real s; stands in place of the computed one
    std::string source;
    std::optional<double> proposedFrame = {}; ///< as it was proposed, before a person corrected or confirmed it
};

/// A landmark that cannot be seen in a frame, and why.
struct HiddenMark {
    std::string landmark;
    int frame = 0;
    std::string reason;
};

struct Repetition {
    RepetitionId id;
    LastingId uid;
    int number = 0;
    int from = 0, to = 0;                           ///< frames of the clip, last included
    std::string result, variant, felt;              ///< result: the first of the pack's
    std::map<std::string, std::string> moreResults; ///< the others, by result of the pack
    bool best = false; ///< one of the athlete's best: the yardstick of the others, and left out of the set
    std::optional<bool> variantFits; ///< was the variant the right one here? none: not said
    RepetitionId
        sameAs; ///< the leading repetition of another clip that is this movement before another camera; 0: none
    std::map<std::string, StoredEvent> events;
    std::map<std::string, MarksByFrame> marks;
    std::vector<HiddenMark> hidden;
    std::map<std::string, std::string> observations;
    std::map<std::string, std::map<int, PixelPoint>> marksAgain; ///< a second time, blind
    std::map<std::string, double> eventsAgain;
    std::map<std::string, std::string> observationsAgain;
    QDateTime changed = {}; ///< last; not valid: not since the case was made or brought in
    MADE_ONCE(Repetition);
};

/// A stretch of a clip with its own time base, view and conditions.
struct Section {
    SectionId id;
    LastingId uid;
    int from = 0, to = 0;
    View view = View::Side;
    Side facing = Side::Right;
    std::optional<Side> handedness; ///< of a model performer; none: the athlete's
    QString performer;              ///< of a model; empty: the athlete
    double slowMotion = 1;
    Stress stress = Stress::Calm;
    std::map<std::string, std::string> conditions; ///< by condition of the pack; what is not here was not noted
    std::optional<double> metresPerPixel;
    double scaleRelativeU = 0;
    std::vector<KnownLength> knownLengths; ///< what the scale comes from; empty: entered, or not known
    std::optional<double> bearingDeg;      ///< of the camera off the normal of the movement's plane; none: not known
    std::optional<double> cameraHeightM, cameraDistanceM; ///< CameraPlace; none: not said
    PictureSetup picture;
    std::vector<Repetition> repetitions;
    MADE_ONCE(Section);
};

/// What somebody said of a clip; `sound` as spokenSound() writes it.
struct SpokenNote {
    std::int64_t id = 0;
    QByteArray sound;
};

struct Clip {
    ClipId id;
    QString title, path, hash; ///< path: absolute
    bool missing = false;
    int width = 0, height = 0;
    std::shared_ptr<const std::vector<double>> timesS; ///< stored times of all frames
    std::vector<Section> sections;
    std::vector<SpokenNote> spoken; ///< in the order in which they were said
    std::vector<DrawnNote> drawn;
    [[nodiscard]] int frames() const { return timesS ? static_cast<int>(timesS->size()) : 0; }
    MADE_ONCE(Clip);
};

struct Session {
    SessionId id;
    LastingId uid;
    QDate date;
    QString title;
    bool isModel = false;
    std::vector<Clip> clips;
};

/// A decision about a fault: work on it (main first), park it, work round it for now, or no fault here. With its
/// reason.
struct Decision {
    enum class Choice { WorkOn, Park, WorkRound, NotAFault };
    std::string fault;
    Choice choice = Choice::WorkOn;
    QString reason;
    QDateTime at;
    QString until = {}; ///< of WorkRound: a day or an occasion, in words
};

[[nodiscard]] std::string_view toString(Decision::Choice choice);
[[nodiscard]] std::optional<Decision::Choice> choiceFrom(std::string_view word);

struct PlanSettings {
    int sessionsPerWeek = 1;
    int homeworkMinutes = 5;
    int noChangeDays = 14; ///< before a competition
    QDate start, retest, retention;
    Approach approach = {};
    QString approachReason = {};
    FeedbackSchool feedback = FeedbackSchool::Faded; ///< how feedback is spread in practice
    QString feedbackReason = {};
};

struct PracticeRepetition {
    std::int64_t id = 0;
    bool good = false;
    std::string result;            ///< a value of the pack's first result; empty: not noted
    std::optional<bool> feltRight; ///< none: not asked
    Told told = Told::None;
    QDateTime at;
    MeasuredThere measured = {};
};
/// Repetitions of one drill under one condition, at one go (practice_log.h).
struct PracticeBlock {
    PracticeBlockId id; ///< 0: of a log of before, which had no blocks
    PracticeKind kind = PracticeKind::Practice;
    std::string fault, drill;
    PracticeCondition condition;
    QString cue, fedBy;
    QDateTime started, ended; ///< ended not valid: it goes on
    int count = 0;            ///< of Home: what was ticked off
    QString stop;             ///< why it was stopped; empty: it was not
    std::vector<PracticeRepetition> repetitions;
    [[nodiscard]] int good() const;
    [[nodiscard]] int all() const { return static_cast<int>(repetitions.size()); }
    [[nodiscard]] QDate day() const { return started.toLocalTime().date(); }
};
/// A repetition of a log of before.
struct OldPractice {
    std::int64_t id = 0;
    std::string fault, drill;
    bool good = false;
    QDateTime at;
};
/// Brought over: a block holds at most 12 of one drill on one day, under the drill's own condition.
[[nodiscard]] std::vector<PracticeBlock> blocksOfOldLog(const Pack& pack, const std::vector<OldPractice>& log);

struct StoredAssessment {
    AssessmentId id;
    SessionId session;
    QDateTime at;
    QString title, version;
    QString content; ///< JSON of the frozen report
};

/// A line of the journal of decisions.
struct JournalEntry {
    QDateTime at;
    QString what, reason;
};

/// How far the same analyst's marks lie from each other when made again, blind.
struct OwnError {
    std::map<std::string, TypicalError> landmarks, events, measures; ///< pixels, frames, the measure's unit
    std::map<std::string, double> kappas; ///< weighted, by observation, of two blind sittings
    /// Of a landmark set by hand, pixels; none while there are too few pairs.
    [[nodiscard]] std::optional<double> sigmaPx(const std::string& landmark) const;
    /// SD of marking an event, frames.
    [[nodiscard]] double markingFrames(const std::string& event) const;
};

/// A coach's own target for a measure, in place of every other reference; one bound or both.
struct OwnTarget {
    std::string measure;
    std::optional<double> low, high; ///< in the measure's unit
    QString reason;
};

/// Weighted kappa by observation, by the name of another observer.
using KappasByObserver = std::map<std::string, std::map<std::string, double>>;

/// What a case is held against beside its marks.
struct Yardstick {
    std::string level, age, format; ///< which ranges and ladders of the pack hold (`for`); empty: none
    QStringList effects;            ///< faults whose effect is what the results of the set show
    QString modelName, modelFile;   ///< a model, or ranges, of a file: its name and its text; empty: none
    KappasByObserver observers;     ///< what other observers of the same repetitions agree on with these answers
    bool operator==(const Yardstick&) const = default;
};

/// A position of the coach in a dispute of the pack.
struct Position {
    std::string dispute, position;
    QString reason;
};

/// A drill's cue in the athlete's own picture language. It stands in the pack of CaseData; what that said is kept.
struct OwnCue {
    QString own, ofPack;
};

struct CaseData {
    CaseId id;
    LastingId uid;
    Athlete athlete;
    QString title;
    Pack pack;
    QString school = QStringLiteral("root");
    std::optional<GoalTarget> goal;
    Yardstick yardstick;
    SessionId lastSession; ///< shown last; 0: none yet
    std::vector<Competition> competitions;
    std::vector<Belief> beliefs;
    std::map<Guesser, QDate> notAsked; ///< who was not asked for a belief, and the day on which that was said
    std::vector<Session> sessions;     ///< the athlete's by date, then the models'
    std::vector<Decision> decisions;
    std::vector<TermOverride> overrides; ///< of the score's terms, each with its reason
    std::vector<Position> positions;
    std::vector<OwnTarget> targets;
    std::map<std::string, OwnCue> cues; ///< by drill
    OwnError own;                       ///< follows from what is marked twice (findOwnError)
    PlanSettings plan;
    std::vector<PracticeBlock> practice; ///< by time
    std::vector<StoredAssessment> assessments;
    std::map<QString, QString> walkCuts; ///< how a walk-through is cut, by its id; as text

    [[nodiscard]] std::size_t loggedRepetitions() const; ///< of practice and tests
    [[nodiscard]] const Session* session(SessionId id) const;
    [[nodiscard]] const Clip* clip(ClipId id) const;
    [[nodiscard]] const Repetition* repetition(RepetitionId id) const;
    MADE_ONCE(CaseData);
};

/// Whether results may be shown: the athlete's belief and the analyst's first guess are locked, or it is said that
/// nobody was asked.
[[nodiscard]] bool mayShowResults(const CaseData& data);

/// Whether people may be shown what was filmed of this athlete.
enum class Consent { Missing, Expired, Valid };
/// What is handed on: papers and pictures, films, voices.
enum class HandedOnAs { Paper, Film, Voice };
inline constexpr std::array kHandedOnAs = {HandedOnAs::Paper, HandedOnAs::Film, HandedOnAs::Voice};
[[nodiscard]] QString toWord(HandedOnAs as);
[[nodiscard]] Consent consentOn(const Athlete& athlete, const QDate& day);
/// Whether a consent holds on that day, and for this.
[[nodiscard]] bool consentsTo(const Athlete& athlete, HandedOnAs as, const QDate& day);
/// Whether the athlete is a minor in that year and nobody is written down who gave the consent. A year of birth that is
/// not known: no.
[[nodiscard]] bool guardianMissing(const Athlete& athlete, const QDate& day);

/// Where a repetition stands in its case.
struct RepetitionPlace {
    const Session* session = nullptr;
    const Clip* clip = nullptr;
    const Section* section = nullptr;
    const Repetition* repetition = nullptr;
    explicit operator bool() const { return repetition != nullptr; }
};
[[nodiscard]] RepetitionPlace placeOf(const CaseData& data, RepetitionId id);
[[nodiscard]] const Section* sectionOf(const CaseData& data, SectionId id);

/// Whether what was worked out on a section's frames still lies where it did: same frames, turned the same way.
[[nodiscard]] bool sameFrames(const Section& then, const Section& now);
/// The same of a repetition's frames; false where it is gone. Row ids are given again, so that the id alone says
/// little.
[[nodiscard]] bool sameFrames(const RepetitionPlace& then, const RepetitionPlace& now);

/// A repetition as the core judges it, with the events that another camera on the movement lends (joined_views.h). `id`
/// of the trial is the repetition's id as text.
[[nodiscard]] Trial toTrial(const CaseData& data, const RepetitionPlace& place);
/// The same with its marks where they lie in the picture, for drawing: nothing of picture_setup.h is taken out.
[[nodiscard]] Trial toTrialAsFilmed(const CaseData& data, const RepetitionPlace& place);
/// The section with its picture turned left for right, and with it all that is said of it in pixels.
[[nodiscard]] Section turnedOver(Section section, int width);
/// The practice of a case as the core reads it; days and times by the clock of this machine.
[[nodiscard]] PracticeLog practiceLog(const CaseData& data);
[[nodiscard]] OwnError findOwnError(const CaseData& data);
[[nodiscard]] std::string trialId(RepetitionId id);
[[nodiscard]] RepetitionId repetitionId(const std::string& trialId);

/// Trials of the athlete's session at one stress level (all levels where none is given), or of all model sessions.
[[nodiscard]] std::vector<Trial> trialsOf(const CaseData& data, SessionId session, const SetChoice& choice);
[[nodiscard]] std::vector<Trial> modelTrialsOf(const CaseData& data);
/// Facts of the athlete as the core takes them. today: for dates.
[[nodiscard]] AthleteFacts factsOf(const CaseData& data, const QDate& today);

/// A fault that two skills of one athlete have in common: the same id or, but for case, the same title.
struct SharedFault {
    std::string fault; ///< id in the pack of the case at hand
    QString title;
    std::optional<Decision::Choice> there; ///< what was decided in the other case
};
/// Another skill of the same athlete.
struct OtherSkill {
    CaseId id;
    QString title;
    std::vector<SharedFault> shared;
};

/// A case in a list.
struct CaseEntry {
    CaseId id;
    QString athlete, title;
    QDateTime opened;
};

} // namespace riflesso
