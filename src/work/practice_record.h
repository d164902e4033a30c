#pragma once
// What the practice of a case comes to: verdicts over weeks, homework against the plan, what is waited for, what next.

#include "core/practice/next_step.h"
#include "core/practice/said_and_felt.h"
#include "store/case_data.h"

#include <QDate>

namespace riflesso {

/// Days on which the plan has homework, up to a day, and those of them (or others) on which some was done.
struct HomeRecord {
    int planned = 0, kept = 0;
};
[[nodiscard]] HomeRecord homeRecord(const CaseData& data, const QDate& today);

/// Something that is due, or that the plan waits for.
struct Waiting {
    enum class What { Advice, Retest, RetentionTest, AskAgain } what = What::Advice;
    QDate since;
    std::string fault; ///< of AskAgain
};
[[nodiscard]] std::vector<Waiting> waitingFor(const CaseData& data, const QDate& today);

struct PracticeRecord {
    std::vector<RungRecord> rungs;
    std::vector<DrillChart> charts;
    std::vector<PracticeTest> tests;
    std::optional<BreaksFirst> breaks;
    std::vector<CueAgainstCue> cues;
    FeltRecord felt;
    ToldRecord told;
    HomeRecord home;
    std::vector<Waiting> waits;
    std::vector<NextStep> next; ///< of the faults of the plan, main first
};
/// prescription: of the case as it stands; findings: of the session that it rests on. film: of each fault of the plan
/// (DoneFacts), where a set at match condition was filmed.
[[nodiscard]] PracticeRecord practiceRecord(const CaseData& data, const Prescription& prescription,
                                            const Findings& findings, const std::map<std::string, DoneFacts>& film,
                                            const QDate& today);

/// Repetitions counted good on a day against those that the film of that day shows free of the fault, under the same
/// stress.
struct LiveAgainstFilm {
    std::string fault;
    Stress stress = Stress::Calm;
    int liveGood = 0, liveAll = 0, filmGood = 0, filmAll = 0;
    CountCheck check;
};
/// findings, trials: of a set filmed on `day`. Only where both were seen.
[[nodiscard]] std::vector<LiveAgainstFilm> liveAgainstFilm(const CaseData& data, const QDate& day,
                                                           const Findings& findings, const std::vector<Trial>& trials);

/// Whether a set of a session filmed at match condition (scored or a competition) shows a fault in none of 4 or more.
[[nodiscard]] std::map<std::string, DoneFacts> doneFacts(const Findings& findings, const std::vector<Trial>& trials);

/// Those blocks of `blocks` that the case does not hold already: same kind, start, drill and repetitions.
[[nodiscard]] std::vector<PracticeBlock> notYetIn(const CaseData& data, std::vector<PracticeBlock> blocks);

} // namespace riflesso
