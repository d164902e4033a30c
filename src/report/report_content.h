#pragma once
// What a report says, as a value: it is frozen with an assessment and prints the same years later.

#include "core/assessment.h"
#include "core/schedule.h"
#include "report/key_picture.h"

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
    QStringList cautions, missing, schedule, lesson, beliefs, remarks;
    std::vector<std::pair<std::string, std::string>> lines; ///< of the figure in the pictures
    QString answer;                                         ///< the whole assessment as JSON, for the record
};

struct ReportSubject {
    const CaseData& data;
    const Assessment& assessment;
    SessionId session;
    std::optional<Stress> stress;
    QDateTime made;
    QString program; ///< name and version
};

[[nodiscard]] ReportContent composeReport(const ReportSubject& subject);

/// The pictures of a finding: the athlete's repetition with the median deviation, and a model's, at its key event.
[[nodiscard]] std::vector<PictureRef> evidencePictures(const CaseData& data, const Assessment& assessment,
                                                       const FaultDef& fault);
/// The measure that carries a fault most: its heaviest judged measure condition; empty for none.
[[nodiscard]] std::string leadingMeasure(const Pack& pack, const Assessment& assessment, const FaultDef& fault);

[[nodiscard]] QString toJson(const ReportContent& content);
[[nodiscard]] Result<ReportContent> reportFromJson(const QString& json, const QString& where);

/// The weeks of the case's plan. Dates that are not set: start today, retest in three weeks, retention in six.
[[nodiscard]] Schedule scheduleOf(const CaseData& data, const Prescription& prescription);
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

/// The pages of the report as they will print, as pictures of `dotsPerInch`.
[[nodiscard]] std::vector<QImage> previewPages(const ReportContent& content, const PictureSource& pictures,
                                               int dotsPerInch);

/// Writes the report as PDF (A4). The folder must exist.
[[nodiscard]] Result<void> writePdf(const ReportContent& content, const PictureSource& pictures, const QString& path);

} // namespace riflesso
