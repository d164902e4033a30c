#pragma once
// The changes a gesture may make. Only inside Library::change.

#include "store/case_data.h"
#include "store/database.h"
#include "store/exchanged.h"

#include <set>

namespace riflesso {

struct NewClip {
    QString title, path, hash; ///< path: absolute, or relative to the library's folder
    int width = 0, height = 0;
    std::vector<double> timesS;
};

/// What a change has touched: repetitions alone, or what is decided and planned, or more than that.
struct Touched {
    std::set<std::int64_t> repetitions;
    std::map<std::int64_t, QDateTime> changedAt; ///< of those that were changed at another moment than now
    bool course = false; ///< school, goal, decisions, own values, positions, cues, plan, practice
    bool more = false;
};

class Edit {
public:
    explicit Edit(const Database& db) : db_(db) {}
    [[nodiscard]] const Touched& touched() const { return touched_; }

    [[nodiscard]] Result<AthleteId> addAthlete(const Athlete& athlete);
    /// All but the limits, which have rows of their own.
    [[nodiscard]] Result<void> setAthlete(const Athlete& athlete);
    /// The words, a part of the body or both must be there.
    [[nodiscard]] Result<std::int64_t> addLimit(AthleteId athlete, const AthleteLimit& limit);
    /// The row with the limit's id.
    [[nodiscard]] Result<void> setLimit(const AthleteLimit& limit);
    [[nodiscard]] Result<void> removeLimit(std::int64_t id);
    /// packText: the whole pack file, kept with the case. Without a uid it gets a new one, as all that is added.
    [[nodiscard]] Result<CaseId> addCase(AthleteId athlete, const QString& title, const QString& packText,
                                         const LastingId& uid = {});
    /// The case is judged by this skill from now on; marks, decisions and frozen assessments stay. The text must be a
    /// pack without a fault: a case whose pack cannot be read cannot be opened.
    [[nodiscard]] Result<void> setPack(CaseId id, const QString& packText);
    /// A skill of one's own; its draft may be wrong, but is a JSON object.
    [[nodiscard]] Result<std::int64_t> addOwnSkill(const QString& draft);
    [[nodiscard]] Result<void> setOwnSkill(std::int64_t id, const QString& draft);
    /// With its editions; cases that use one keep it.
    [[nodiscard]] Result<void> removeOwnSkill(std::int64_t id);
    [[nodiscard]] Result<void> addSkillEdition(std::int64_t skill, const QString& edition, const QString& pack);
    [[nodiscard]] Result<void> setSchool(CaseId id, const QString& school);
    /// None takes it away.
    [[nodiscard]] Result<void> setYardstick(CaseId id, const Yardstick& yardstick);
    [[nodiscard]] Result<void> setGoal(CaseId id, const std::optional<GoalTarget>& goal);
    [[nodiscard]] Result<void> addCompetition(AthleteId athlete, const QDate& date, const QString& title);
    [[nodiscard]] Result<void> removeCompetition(std::int64_t id);
    [[nodiscard]] Result<void> addBelief(CaseId id, const Belief& belief);
    /// For good: to be called in Library::keep.
    [[nodiscard]] Result<void> lockBeliefs(CaseId id);
    /// Nobody was asked for it; the day is kept.
    [[nodiscard]] Result<void> sayNotAsked(CaseId id, Guesser whose, const QDate& day);
    [[nodiscard]] Result<void> removeBelief(std::int64_t id);

    [[nodiscard]] Result<SessionId> addSession(CaseId id, const QDate& date, const QString& title, bool isModel,
                                               const LastingId& uid = {});
    /// With one section over the whole clip.
    [[nodiscard]] Result<ClipId> addClip(SessionId session, const NewClip& clip, const Section& section);
    [[nodiscard]] Result<void> removeClip(ClipId id);
    /// Where its file lies now: absolute, or relative to the library's folder.
    [[nodiscard]] Result<void> setClipPath(ClipId id, const QString& path);
    /// Its id; `sound` as spokenSound() writes it, anything else is an error.
    [[nodiscard]] Result<std::int64_t> addSpokenNote(ClipId id, const QByteArray& sound);
    [[nodiscard]] Result<void> removeSpokenNote(std::int64_t id);
    [[nodiscard]] Result<void> addDrawnNote(ClipId id, const DrawnNote& note);
    /// All that was drawn on a picture.
    [[nodiscard]] Result<void> removeDrawnNotes(ClipId id, int frame);
    [[nodiscard]] Result<SectionId> firstSection(ClipId id);
    [[nodiscard]] Result<SectionId> addSection(ClipId clip, const Section& section);
    /// Where `picture.mirrored` changes, the marks of the section turn over with the picture; what else is said of it
    /// in pixels is taken as given (turnedOver in case_data.h).
    [[nodiscard]] Result<void> setSection(const Section& section);
    /// A new section begins at `frame`, of the same kind; the repetitions from there on are its. A repetition that lies
    /// across the place, or a place at an end of the section, is bad input.
    [[nodiscard]] Result<SectionId> splitSection(const Section& section, int frame);
    /// The section takes what follows it, and that one's repetitions.
    [[nodiscard]] Result<void> joinSections(const Section& section, const Section& following);

    /// The clip has these sections from now on, by their lasting ids; each repetition goes to the one that it begins
    /// in.
    [[nodiscard]] Result<void> divideClip(ClipId id, const std::vector<Section>& sections);
    /// The clip's section with this lasting id, or over this frame; 0: none.
    [[nodiscard]] Result<SectionId> sectionCalled(ClipId id, const LastingId& uid);
    [[nodiscard]] Result<SectionId> sectionOfFrame(ClipId id, int frame);

    [[nodiscard]] Result<RepetitionId> addRepetition(SectionId section, const Repetition& repetition);
    /// What this change brings was made then, on another machine; not valid: nobody knows when.
    void sayChanged(RepetitionId id, const QDateTime& at) { touched_.changedAt[id.value] = at; }
    /// All that it holds for itself; its events, marks and observations have rows of their own.
    [[nodiscard]] Result<void> setRepetition(const Repetition& repetition);
    [[nodiscard]] Result<void> setSpan(RepetitionId id, int from, int to);
    [[nodiscard]] Result<void> setResult(RepetitionId id, const std::string& result);
    /// The pack's results beside its first.
    [[nodiscard]] Result<void> setMoreResults(RepetitionId id, const std::map<std::string, std::string>& results);
    /// One of the athlete's best repetitions, or not.
    [[nodiscard]] Result<void> setBest(RepetitionId id, bool best);
    [[nodiscard]] Result<void> setVariant(RepetitionId id, const std::string& variant);
    /// Whether the variant was the right one for the situation; none: not said.
    [[nodiscard]] Result<void> setVariantFits(RepetitionId id, std::optional<bool> fits);
    /// The athlete's own verdict: "right", "off", or empty.
    [[nodiscard]] Result<void> setFelt(RepetitionId id, const std::string& felt);
    /// `id` is the movement of `leading` before another camera; 0: of none. One that leads others, or is led itself,
    /// cannot be led: bad input.
    [[nodiscard]] Result<void> setSameAs(RepetitionId id, RepetitionId leading);
    [[nodiscard]] Result<void> removeRepetition(RepetitionId id);
    [[nodiscard]] Result<void> setEvent(RepetitionId id, const std::string& event, const StoredEvent& value);
    [[nodiscard]] Result<void> removeEvent(RepetitionId id, const std::string& event);
    [[nodiscard]] Result<void> setMark(RepetitionId id, const std::string& landmark, int frame, const Mark& mark);
    [[nodiscard]] Result<void> setHidden(RepetitionId id, const std::string& landmark, int frame,
                                         const std::string& reason);
    [[nodiscard]] Result<void> removeMark(RepetitionId id, const std::string& landmark, int frame);
    /// The same marked once more, without seeing the first mark.
    [[nodiscard]] Result<void> setSecondMark(RepetitionId id, const std::string& landmark, int frame, PixelPoint at);
    [[nodiscard]] Result<void> setSecondEvent(RepetitionId id, const std::string& event, double frame);
    [[nodiscard]] Result<void> setSecondObservation(RepetitionId id, const std::string& observation,
                                                    const std::string& value);
    [[nodiscard]] Result<void> setObservation(RepetitionId id, const std::string& observation,
                                              const std::string& value);

    [[nodiscard]] Result<void> decide(CaseId id, const Decision& decision);
    [[nodiscard]] Result<void> undecide(CaseId id, const std::string& fault);
    /// The analyst's value for a term of a fault's score, in place of the computed one; with its reason, which the
    /// journal keeps. Bad input without a reason or outside rangeOf(term).
    [[nodiscard]] Result<void> setOverride(CaseId id, const TermOverride& override);
    [[nodiscard]] Result<void> removeOverride(CaseId id, const std::string& fault, Term term);
    /// Bad input without a bound, with the low one above the high one, or without a reason, which the journal keeps.
    [[nodiscard]] Result<void> setTarget(CaseId id, const OwnTarget& target);
    [[nodiscard]] Result<void> removeTarget(CaseId id, const std::string& measure);
    /// As an archive holds it, without a new line in the journal.
    [[nodiscard]] Result<void> restoreTarget(CaseId id, const OwnTarget& target);
    /// The position this coach takes in a dispute of the pack; empty takes it back.
    [[nodiscard]] Result<void> setPosition(CaseId id, const std::string& dispute, const std::string& position,
                                           const QString& reason);
    /// A drill's cue in this athlete's own words; empty: the pack's again.
    [[nodiscard]] Result<void> setCue(CaseId id, const std::string& drill, const QString& cue);
    /// How a walk-through is cut; empty takes it back.
    [[nodiscard]] Result<void> setWalkCut(CaseId id, const QString& walk, const QString& cut);
    [[nodiscard]] Result<void> setPlan(CaseId id, const PlanSettings& plan);
    /// With its repetitions.
    [[nodiscard]] Result<PracticeBlockId> addPracticeBlock(CaseId id, const PracticeBlock& block);
    /// Everything but its repetitions.
    [[nodiscard]] Result<void> setPracticeBlock(const PracticeBlock& block);
    /// With its repetitions.
    [[nodiscard]] Result<void> removePracticeBlock(PracticeBlockId id);
    [[nodiscard]] Result<void> addPractice(CaseId id, PracticeBlockId block, const PracticeRepetition& repetition);
    [[nodiscard]] Result<void> setPractice(const PracticeRepetition& repetition);
    [[nodiscard]] Result<void> removePractice(std::int64_t id);
    [[nodiscard]] Result<AssessmentId> addAssessment(CaseId id, const StoredAssessment& assessment);
    /// As an archive holds it, without a new line in the journal.
    [[nodiscard]] Result<void> restoreOverride(CaseId id, const TermOverride& override);
    /// A decision as an archive holds it, without a new line in the journal.
    [[nodiscard]] Result<void> restoreDecision(CaseId id, const Decision& decision);
    /// A state of the case that another machine has too (Library::exchanged).
    [[nodiscard]] Result<void> keepExchanged(CaseId id, const Exchanged& state);
    [[nodiscard]] Result<void> restoreJournal(CaseId id, const JournalEntry& entry);
    /// A line in the journal of decisions; never rewritten, not taken back by undo.
    [[nodiscard]] Result<void> note(CaseId id, const QString& what, const QString& reason);

private:
    Result<std::int64_t> insert(const QString& sql, const QVariantList& values);
    Result<void> exec(const QString& sql, const QVariantList& values = {});
    /// The same for what touches nothing that is measured.
    Result<void> execCourse(const QString& sql, const QVariantList& values);
    /// Of those that belonged to a repetition that is gone.
    Result<void> forgetLostLeads();
    /// The same for what lies inside one repetition.
    template <class Value> Result<void> setOne(RepetitionId id, Value Repetition::*member, const Value& value);
    Result<void> execIn(RepetitionId id, const QString& sql, const QVariantList& values);
    const Database& db_;
    Touched touched_;
};

[[nodiscard]] LastingId newLastingId();

} // namespace riflesso
