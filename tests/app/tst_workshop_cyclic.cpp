// A cyclic skill of one's own made with mouse and keys, stroke by stroke: the cycle's end is carried by its start,
// phases and times go on over it; used on an athlete, changed, brought over and printed.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/packs/moving_figure.h"
#include "takehome/skill_sheet.h"
#include "workshop_driver.h"

#include <QProcess>
#include <QTreeWidget>

#include <algorithm>

using namespace riflesso;
using namespace riflesso::test;

class TestWorkshopCyclic : public QObject, WorkshopDriver {
    Q_OBJECT
    /// The side that the camera sees.
    [[nodiscard]] std::string near(const char* part) const {
        for (const char* side : {"left_", "right_"})
            if (stage().trial()->marks.contains(side + std::string(part)))
                return side + std::string(part);
        return part;
    }

    /// The title of the measure at the end of the legs' push that begins so.
    [[nodiscard]] QString atLegs(const char* begins) const {
        for (const MeasureDef& def : desk().pack().measures)
            if (def.title.ends_with("Pull legs") && def.title.starts_with(begins))
                return QString::fromStdString(def.title);
        return {};
    }

private slots:
    void initTestCase() { openDemo(QStringLiteral("Davor Quillane")); }
    void init() {
        if (failed_)
            QSKIP("an earlier step failed");
    }
    void cleanup() {
        qInfo("%d gestures so far", gestures_);
        failed_ = failed_ || QTest::currentTestFailed();
    }
    void cleanupTestCase() { app_.reset(); }

    void itGoesRoundAndRound() {
        beginOfOpenCase(QStringLiteral("Pull and slide"));
        QCOMPARE(stage().shown().trials.size(), std::size_t(6));
        takeOutPositions();
        section(QStringLiteral("Words"));
        auto* kind = app_->find<QComboBox>("field-family");
        kind->setCurrentIndex(kind->findData(QStringLiteral("cyclic")));
        emit kind->activated(kind->currentIndex());
        gestures_ += 2;
        QVERIFY(desk().pack().family == Family::Cyclic);
        section(QStringLiteral("Positions"));
        // Each is the moment of some points: its rule is looked for among their signals.
        const std::string hip = near("hip"), knee = near("knee"), ankle = near("ankle"), wrist = near("wrist"),
                          elbow = near("elbow"), shoulder = near("shoulder");
        namePosition("catch", QStringLiteral("Pull catch"), {hip.c_str(), knee.c_str(), ankle.c_str()});
        lookThroughPosition("catch", 6, true);
        namePosition("legs", QStringLiteral("Pull legs"), {hip.c_str(), knee.c_str(), ankle.c_str()});
        lookThroughPosition("legs", 6, true);
        namePosition("finish", QStringLiteral("Pull finish"), {shoulder.c_str(), elbow.c_str(), wrist.c_str()});
        lookThroughPosition("finish", 6, true);
        namePosition("over", QStringLiteral("Pull over"), {hip.c_str(), shoulder.c_str()});
        lookThroughPosition("over", 6, true);
        QCOMPARE(desk().pack().events.size(), std::size_t(4));
        QVERIFY2(desk().reading().faults.empty(), firstFault());
        // Phases go on over the cycle's end, which is a position of its own to set.
        const auto phase = [this](const char* title) -> const PhaseDef* {
            for (const PhaseDef& each : desk().pack().phases)
                if (each.title == title)
                    return &each;
            return nullptr;
        };
        const std::string start = desk().pack().events.front().id, last = desk().pack().events.back().id;
        QVERIFY(phase("Pull over to Pull catch") && phase("Pull over to Pull catch")->from == last);
        clickRow("workshopParts", QStringLiteral("Pull over to Pull catch")); // a phase gets a name of its own
        write("field-title", QStringLiteral("Slide in"));
        QVERIFY(phase("Slide in") && phase("Slide in")->to == start);
        app_->workspace.undo();
        QVERIFY(phase("Whole cycle") && phase("Whole cycle")->from == start && phase("Whole cycle")->to == start);
        clickRow("workshopParts", QStringLiteral("Next pull catch"));
        QVERIFY(!app_->find<QPushButton>("findRules")->isEnabled()); // the start's rule finds it
        stepTo("catch_next");
        key(Qt::Key_E);
        quiet();
        lookThroughPosition("catch_next", 6, false);
        for (const Trial& trial : stage().shown().trials)
            QVERIFY(trial.event(desk().cyclePack().cycleEnd));
        std::size_t ruled = 0;
        for (const EventDef& event : desk().pack().events)
            ruled += event.rule.has_value();
        QVERIFY2(ruled >= 3, qPrintable(QString::number(ruled)));
    }
    void itIsMeasuredOverTheCycle() {
        section(QStringLiteral("Measures"));
        toMoment(QStringLiteral("at: Pull finish"));
        takeMeasure({}, QStringLiteral("Cycles a minute"));
        takeMeasure({}, QStringLiteral("Time from Pull finish to next Pull catch"));
        takeMeasure({near("hip").c_str(), near("shoulder").c_str()}, QStringLiteral("Lean of"));
        toMoment(QStringLiteral("at: Pull catch"));
        takeMeasure({near("hip").c_str(), near("knee").c_str(), near("ankle").c_str()}, QStringLiteral("Bend of"));
        toMoment(QStringLiteral("at: Pull legs"));
        takeMeasure({near("shoulder").c_str(), near("elbow").c_str(), near("wrist").c_str()},
                    QStringLiteral("Bend of"));
        takeMeasure({near("hip").c_str(), near("shoulder").c_str()}, QStringLiteral("Lean of"));
        QCOMPARE(desk().pack().measures.size(), std::size_t(6));
        QVERIFY2(desk().reading().faults.empty(), firstFault());
        QCOMPARE(desk().pack().ranges.size(), std::size_t(6)); // all of them measured on the model
        // The same model under the shipped skill: strokes a minute agree.
        const RangeDef& rate = desk().pack().ranges.front();
        qInfo("%s: %g to %g a minute", rate.measure.c_str(), *rate.low, *rate.high);
        double least = 1e9, most = 0;
        for (const Session& session : truth_.sessions)
            if (session.isModel)
                for (const Trial& trial : trialsOf(truth_, session.id, {})) {
                    const double s = trial.event("catch_next")->timeS - trial.event("catch")->timeS;
                    least = std::min(least, 60 / s);
                    most = std::max(most, 60 / s);
                }
        QVERIFY2(std::abs(*rate.low + *rate.high - least - most) / 2 < .5,
                 qPrintable(QStringLiteral("%1 to %2").arg(least).arg(most)));
    }
    void itIsUsedOnTheAthlete() {
        called(atLegs("Bend of"), "above", QStringLiteral("The arms pull at once"));
        called(atLegs("Lean of"), "below", QStringLiteral("The trunk opens early"));
        QCOMPARE(desk().pack().faults.size(), std::size_t(2));
        section(QStringLiteral("Faults"));
        dragArrow("the_arms_pull_at_once", "the_trunk_opens_early");
        say("arrowBecause", QStringLiteral("Arms that pull take the trunk with them."));
        section(QStringLiteral("Ladders"));
        takeDrills(QStringLiteral("arms row"), 2);
        QVERIFY2(desk().reading().faults.empty(), firstFault());
        qInfo("made in %d gestures", gestures_);
        placeTheAthletes();
        const Findings& findings = app_->workspace.assessment()->findings;
        QVERIFY(!findings.ranked.empty() && findings.ranked[0].present);
        QCOMPARE(findings.ranked[0].fault, std::string("the_arms_pull_at_once")); // as under the shipped skill
    }
    void itIsKeptChangedBroughtOverAndPrinted() {
        app_->step("packs");
        press("keepEdition");
        QCOMPARE(desk().skill().editions.size(), std::size_t(1));
        section(QStringLiteral("Cases"));
        app_->click("whatChanges");
        quiet();
        app_->click("bringOver");
        QCOMPARE(app_->data().pack.edition, std::string("0.1.0"));
        const std::size_t marks = markCount(app_->data());
        section(QStringLiteral("Words")); // words only: the last figure
        write("field-title", QStringLiteral("Pull, slide and again"));
        press("keepEdition");
        QCOMPARE(desk().skill().editions.back().edition, QStringLiteral("0.1.1"));
        section(QStringLiteral("Cases"));
        app_->click("whatChanges");
        quiet();
        auto* cases = app_->find<QTreeWidget>("changesOfCases");
        QTRY_COMPARE(cases->topLevelItemCount(), 1);
        for (int column = 2; column < 6; ++column)
            QCOMPARE(cases->topLevelItem(0)->text(column), QStringLiteral("–"));
        app_->click("bringOver");
        QCOMPARE(app_->data().pack.edition, std::string("0.1.1"));
        QVERIFY(app_->data().pack.family == Family::Discrete && !app_->data().pack.cycleEnd.empty());
        QCOMPARE(markCount(app_->data()), marks);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000);
        app_->click("packSheet");
        QTRY_VERIFY_WITH_TIMEOUT(app_->window->findChild<QLabel*>(QStringLiteral("sheetPage")), 60000);
        const QString paper = dir_.filePath(QStringLiteral("sheet.pdf"));
        QVERIFY(writeSheet({desk().pack()}, SheetLength::OnePage, paper).ok());
        QVERIFY(QFileInfo(paper).size() > 2000);
        // Its figure is the model's, and moves; what is still to be written stands nowhere.
        auto* figure = app_->find<MovingFigure>("skillFigure");
        QVERIFY(figure->isVisible() && figure->hasFigure());
        auto* speed = app_->find<QComboBox>("figureSpeed");
        speed->setCurrentIndex(speed->findText(QStringLiteral("a tenth of the speed")));
        emit speed->activated(speed->currentIndex());
        QTRY_COMPARE_WITH_TIMEOUT(figure->position(), desk().pack().events.front().id, 20000);
        const auto words = [](const QString& pdf) {
            QProcess text;
            text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
            return text.waitForFinished() ? QString::fromUtf8(text.readAllStandardOutput()).simplified() : QString();
        };
        QVERIFY(words(paper).contains(QStringLiteral("Pull catch")));
        QVERIFY(!words(paper).contains(QStringLiteral("To be written")));
        // With the model as it was filmed: another picture, and it says nothing of the model but what is seen.
        const auto page = [this] {
            return app_->window->findChild<QLabel*>(QStringLiteral("sheetPage"))->pixmap().toImage();
        };
        const QImage bare = page();
        app_->click("sheetPictures");
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && page() != bare, 60000);
        if (const QByteArray to = qgetenv("WORKSHOP_SHOTS"); !to.isEmpty())
            app_->window->grab().save(QString::fromUtf8(to) + QStringLiteral("/cyclic-sheet.png"));
    }
};

QTEST_MAIN(TestWorkshopCyclic)
#include "tst_workshop_cyclic.moc"
