#pragma once
// What a report says, as a value: it is frozen with an assessment and prints the same years later.

#include "core/judge/assessment.h"
#include "core/plan/schedule.h"
#include "report/evidence.h"
#include "report/progress_content.h"
#include "work/case_plan.h"

namespace riflesso {

struct ReportContent {
    struct Row {
        QString title, value, reference, sign, note;
    };
    struct Entry { ///< a finding
        QString title, explain, share, value, reference, sign, because, safety;
        bool main = false, minor = false;
        QString decision;
        std::vector<PictureRef> pictures;
    };
    struct Step {
        QString title, stage, cue, dose, good, cautions, needs;
        bool startHere = false;
        QString feels = {}, wrong = {}; ///< what it feels like; how it looks when it goes wrong
        Dose amount = {};
        bool alone = true; ///< needs no partner
    };
    struct Position { ///< a key event
        QString title;
        std::optional<PictureRef> own, model;
        std::vector<Row> measures;
    };
    struct Ladder {
        QString fault;
        bool main = true;
        std::vector<Step> steps;
    };
    QString athlete, skill, session, date, made, program, set, model, goal;
    std::vector<Row> strengths, measures;
    std::vector<Entry> findings;
    std::vector<Ladder> ladders;
    std::vector<Position> positions;
    QStringList cautions, missing, schedule, lesson, beliefs, remarks;
    QStringList ways;    ///< how the plan goes about it, and the positions taken where coaches disagree, with reasons
    QString competition; ///< the next one, while nothing may be changed before it; else empty
    QString waits;       ///< pain was said in practice and no advice is written down: said in place of all drills
    QString retest;      ///< its date; empty: not set
    ProgressContent progress;
    std::vector<std::pair<std::string, std::string>> lines; ///< of the figure in the pictures
    QString answer;                                         ///< the whole assessment as JSON, for the record
};

struct ReportSubject {
    const CaseData& data;
    const Assessment& assessment;
    SessionId session;
    SetChoice choice;
    QDateTime made;
    QString program; ///< name and version
};

[[nodiscard]] ReportContent composeReport(const ReportSubject& subject);

[[nodiscard]] QString toJson(const ReportContent& content);
[[nodiscard]] Result<ReportContent> reportFromJson(const QString& json, const QString& where);

/// "One main, one minor, slow first".
[[nodiscard]] QString approachName(const Approach& approach);
/// How the case's plan goes about it, and the positions taken in the pack's disputes, each with its reason.
[[nodiscard]] QStringList chosenWays(const CaseData& data);
[[nodiscard]] QDate dateOf(Day day);
/// Dates and rules of a plan in sentences, conflicts included.
[[nodiscard]] QStringList scheduleLines(const CaseData& data, const Prescription& prescription);
/// What collides and what to do about it, a sentence or two each.
[[nodiscard]] QStringList scheduleConflicts(const CaseData& data, const Prescription& prescription);
/// The next lesson, part by part: minutes, and what is done, with this athlete's left and right.
struct LessonLine {
    int minutes = 0;
    QString what;
};
[[nodiscard]] std::vector<LessonLine> lessonLines(const CaseData& data, const Prescription& prescription);
constexpr int kLessonMinutes = 30; ///< beside normal training (own choice)

} // namespace riflesso
