#include <QObject> // before the rest: moc trips over <concepts> otherwise

// What a coach says of a case beside the marks: kept, judged by, taken back.

#include "store/edit.h"
#include "support/made_library.h"
#include "work/case_assessment.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestCoachWords : public QObject {
    Q_OBJECT
private slots:
    void whatTheCoachSaysIsKeptAndUndone() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const auto& library = made.library;
        CaseData data = made.data();
        const RepetitionId repetition = made.repetitions[0];
        const std::string drill = data.pack.drills[0].id, cueOfPack = data.pack.drills[0].cue;
        QVERIFY(library
                    ->change(QStringLiteral("Say"),
                             [&](Edit& edit) -> Result<void> {
                                 PlanSettings plan = data.plan;
                                 plan.approach = {true, true};
                                 plan.approachReason = QStringLiteral("few weeks");
                                 for (const Result<void>& done :
                                      {edit.setVariantFits(repetition, false),
                                       edit.setCue(made.caseId, drill, QStringLiteral("like a door that opens")),
                                       edit.setPlan(made.caseId, plan),
                                       edit.decide(made.caseId,
                                                   {"bent", Decision::Choice::WorkRound, QStringLiteral("no time"),
                                                    QDateTime::currentDateTimeUtc(), QStringLiteral("the cup")})})
                                     if (!done)
                                         return done;
                                 return {};
                             })
                    .ok());
        const CaseData before = data;
        data = made.data();
        QCOMPARE(printed(*library->reloaded(before, {repetition.value}, true)),
                 printed(data)); // read in part: the same
        QVERIFY(printed(*library->reloaded(before, {repetition.value})) != printed(data));
        QCOMPARE(library->reloaded(data, {}, true)->pack.drills[0].cue, std::string("like a door that opens"));
        QCOMPARE(data.repetition(repetition)->variantFits, std::optional(false));
        QCOMPARE(toTrial(data, placeOf(data, repetition)).variantFits, std::optional(false));
        QCOMPARE(data.pack.drills[0].cue, std::string("like a door that opens"));
        QCOMPARE(data.cues.at(drill).ofPack.toStdString(), cueOfPack);
        QVERIFY((data.plan.approach == Approach{true, true}));
        QCOMPARE(data.plan.approachReason, QStringLiteral("few weeks"));
        QVERIFY(data.decisions[0].choice == Decision::Choice::WorkRound);
        QCOMPARE(data.decisions[0].until, QStringLiteral("the cup"));
        QVERIFY(library->journal(made.caseId)->back().what.contains(QStringLiteral("until the cup")));
        const AssessmentInput input = assessmentInput(data, data.sessions[0].id, {}, School::Root, QDate(2026, 11, 26));
        QCOMPARE(input.choices.decisions.setAside, std::vector<std::string>{"bent"});
        QVERIFY(input.choices.decisions.approach.oneAtATime);
        QVERIFY(library->undo().ok());
        data = made.data();
        QVERIFY(!data.repetition(repetition)->variantFits && data.cues.empty() && data.decisions.empty());
        QCOMPARE(data.pack.drills[0].cue, cueOfPack);
        QVERIFY(!data.plan.approach.oneAtATime);
    }
};

QTEST_GUILESS_MAIN(TestCoachWords)
#include "tst_coach_words.moc"
