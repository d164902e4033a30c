#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "demo/demo_library.h"

#include "core/assessment.h"
#include "report/report_content.h"

#include <QTemporaryDir>
#include <QtTest>

#include <algorithm>

using namespace riflesso;

namespace {
DemoSources sources() { return {QStringLiteral(DEMO_CLIPS), QStringLiteral(PACKS)}; }
Assessment assessed(const CaseData& data) {
    AssessmentInput in;
    in.pack = data.pack;
    for (const Session& session : data.sessions)
        if (!session.isModel)
            in.trials = trialsOf(data, session.id, {});
    in.modelTrials = modelTrialsOf(data);
    in.facts = factsOf(data, QDate(2026, 11, 3));
    return assess(in);
}
} // namespace

class TestDemo : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    CaseData data_;

private slots:
    void initTestCase() {
        const auto built = buildDemoLibrary(dir_.path(), sources());
        QVERIFY2(built, built ? "" : built.error().sentence().c_str());
        const auto library = Library::open(dir_.path());
        QVERIFY(library);
        QVERIFY((*library)->verify()->sound);
        QVERIFY((*library)->undoName().isEmpty()); // nothing to undo: this is the first state
        data_ = *(*library)->loadCase((*library)->cases()->front().id);
    }
    void theClipsAreSmallEnoughToShip() {
        for (const char* name : {"ilka_baseline.mp4", "instructors.mp4"})
            QVERIFY(QFileInfo(QStringLiteral(DEMO_CLIPS "/") + QLatin1String(name)).size() < 4'000'000);
    }
    void theStoryIsFoundInTheMarks() {
        const Assessment answer = assessed(data_);
        QCOMPARE(answer.measures.size(), std::size_t(8));
        QCOMPARE(answer.modelMeasures.size(), std::size_t(8));
        // The late arm is the root, by more than a tenth of a second, far more than she believes.
        QCOMPARE(answer.prescription.focus.front().fault, std::string("late_arm"));
        const SetDeviation& arm = *answer.deviation("arm_before_foot");
        QVERIFY(arm.state == State::Clear);
        QVERIFY(arm.deviation < -0.1);
        QVERIFY(std::abs(*data_.beliefs.front().value) * 3 < std::abs(arm.median));
        for (const char* fault : {"trunk_tips", "rear_bent", "knee_past"})
            QVERIFY2(answer.findings.find(fault) && answer.findings.find(fault)->present, fault);
        QCOMPARE(answer.findings.find("trunk_tips")->consequenceOf, std::string("late_arm"));
        QCOMPARE(answer.findings.ranked.front().fault, std::string("knee_past")); // the caution stands above
        QVERIFY(answer.strengths.size() >= 2);
    }
    void theModelIsRightHandedAndMirrored() {
        for (const Trial& trial : modelTrialsOf(data_)) {
            QVERIFY(trial.capture.handedness == Side::Right);
            QVERIFY(trial.capture.facing == Side::Left);
        }
    }
    void anExistingLibraryIsNotOverwritten() { QVERIFY(!buildDemoLibrary(dir_.path(), sources())); }
    void theDemoCanBePutBack() {
        QTemporaryDir dir;
        QVERIFY(buildDemoLibrary(dir.path(), sources()));
        {
            auto library = Library::open(dir.path());
            QVERIFY((*library)->change(QStringLiteral("Spoil"), [&](Edit& edit) { return edit.removeClip({1}); }));
        }
        QVERIFY(resetDemoLibrary(dir.path(), sources()));
        const auto library = Library::open(dir.path());
        QCOMPARE((*library)->verify()->clips, 2);
    }
    void missingSourcesAreNamed() {
        QTemporaryDir dir;
        const auto built =
            buildDemoLibrary(dir.filePath(QStringLiteral("x")), {QStringLiteral("/nowhere"), QStringLiteral(PACKS)});
        QVERIFY(!built);
        QVERIFY(built.error().where.find("/nowhere") != std::string::npos);
    }
    void theReportSaysWhatTheAssessmentFound() {
        const Assessment answer = assessed(data_);
        const ReportContent content =
            composeReport({data_, answer, data_.sessions.front().id, Stress::Calm,
                           QDateTime(QDate(2026, 11, 4), QTime(12, 0)), QStringLiteral("Test 1")});
        QCOMPARE(content.athlete, QStringLiteral("Ilka Sandrey"));
        QCOMPARE(content.strengths.size(), answer.strengths.size());
        QCOMPARE(content.findings.size(), answer.findings.ranked.size());
        QCOMPARE(content.ladders.front().fault, QStringLiteral("The arm is late"));
        QVERIFY(content.ladders.front().steps.front().startHere);
        // Cues say this athlete's left and right.
        QVERIFY(content.ladders.front().steps.front().good.contains(QStringLiteral("left elbow")));
        const auto& arm = *std::find_if(content.findings.begin(), content.findings.end(),
                                        [](const auto& e) { return e.title == QStringLiteral("The arm is late"); });
        QCOMPARE(arm.pictures.size(), std::size_t(2));
        QVERIFY(arm.pictures[1].mirrored);
        QVERIFY(!arm.pictures[0].marks.empty());
        QVERIFY(content.beliefs.front().contains(QStringLiteral("a little late")));
        QVERIFY(content.cautions.join(u' ').contains(QStringLiteral("licensed professional")));
        for (const auto& row : content.measures)
            QVERIFY2(row.value.contains(QChar(0x00B1)), qPrintable(row.title)); // every number with its ±
        // Frozen and read back it says the same.
        const auto back = reportFromJson(toJson(content), QStringLiteral("test"));
        QVERIFY(back);
        QCOMPARE(toJson(*back), toJson(content));
        QVERIFY(!reportFromJson(QStringLiteral("{\"format\": \"other\"}"), QStringLiteral("test")));
        QVERIFY(!reportFromJson(QStringLiteral("{"), QStringLiteral("test")));
    }
};

QTEST_GUILESS_MAIN(TestDemo)
#include "tst_demo.moc"
