// What a coach says beside the numbers: observations by key, the wrong variant, working round, insisting, the way the
// plan goes about it, cues in own words, a forecast; each seen on its page and kept in the library.

#include "lunge_baseline.h"

#include "app/findings/cause_map.h"
#include "app/findings/findings_page.h"
#include "app/mark/observation_form.h"
#include "app/mark/other_observer.h"
#include "report/report_content.h"
#include "store/case_archive.h"
#include "work/case_assessment.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QStackedWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestCoach : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] const Repetition& repetition() const {
        return *app_->data().repetition(app_->workspace.repetition());
    }
    [[nodiscard]] CaseData stored() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    void chooseFinding(const char* fault) const {
        auto* list = app_->find<QListWidget>("findings");
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->data(Qt::UserRole).toString() == QLatin1String(fault))
                list->setCurrentRow(i);
        QCOMPARE(static_cast<FindingsPage*>(app_->window->page(QStringLiteral("findings")))->chosen(),
                 std::string(fault));
    }
    /// Enter in a field of the page, as it is now: what is kept builds the page anew.
    void write(const QString& name, const QString& text) const {
        QLineEdit* field = nullptr;
        for (QLineEdit* each : app_->window->findChildren<QLineEdit*>(name))
            if (each->isVisible())
                field = each;
        if (!field)
            QFAIL(qPrintable(name));
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, text);
        QTest::keyClick(field, Qt::Key_Return);
    }
    [[nodiscard]] QString shown(const QString& name) const {
        for (const QLabel* each : app_->window->findChildren<QLabel*>(name))
            if (each->isVisibleTo(app_->window.get()))
                return each->text();
        return {};
    }

private slots:
    void initTestCase() { app_ = openLungeBaseline(folder_); }
    void everyTypeOfObservationCanBeAsked() {
        Pack pack = app_->data().pack;
        pack.observations = {{"a", "A", "?", ObservationType::YesPartlyNo, {}, {}, 0, Level::Whole, {}, {}},
                             {"b", "B", "?", ObservationType::Choice, {"left", "right"}, {}, 0, Level::Whole, {}, {}},
                             {"c", "C", "?", ObservationType::Scale, {}, {}, 0, Level::Whole, {}, {}},
                             {"d", "D", "?", ObservationType::Count, {}, {}, 0, Level::Whole, {}, {}},
                             {"e", "E", "?", ObservationType::Number, {}, "m", 0, Level::Whole, {}, {}}};
        const auto questions = questionsOf(pack, "lunge", View::Side);
        QCOMPARE(questions.size(), std::size_t(6)); // and whether the variant was right
        QCOMPARE(questions[1].answers.size(), std::size_t(2));
        QCOMPARE(questions[2].answers.size(), std::size_t(5));
        QVERIFY(questions[3].answers.empty() && questions[4].answers.empty());
        QCOMPARE(questions[5].answers.size(), std::size_t(2));
        pack.variants.resize(1); // nothing to choose between
        QCOMPARE(questionsOf(pack, "lunge", View::Side).size(), std::size_t(5));
        // What cannot be seen from there, or is not asked of this form, is left out.
        pack.observations[0].views = {View::Rear};
        pack.observations[1].variants = {"step_lunge"};
        QCOMPARE(questionsOf(pack, "lunge", View::Side).size(), std::size_t(3));
        QCOMPARE(questionsOf(pack, "lunge", View::Rear).size(), std::size_t(4));
    }
    void observationsAreAnsweredByOneKeyEach() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        const int before = repetition().number;
        // The demo has all of them answered: all are asked again.
        app_->key(Qt::Key_O);
        QVERIFY(shown(QStringLiteral("observationAsked")).contains(QStringLiteral("Does the face keep")));
        QVERIFY2(shown(QStringLiteral("observationAsked")).startsWith(QStringLiteral("1 of 5")),
                 qPrintable(shown(QStringLiteral("observationAsked"))));
        app_->key(Qt::Key_3); // no
        QVERIFY(shown(QStringLiteral("observationAsked")).startsWith(QStringLiteral("2 of 5")));
        QCOMPARE(repetition().observations.at("eyes"), std::string("no"));
        QCOMPARE(stored().repetition(repetition().id)->observations.at("eyes"), std::string("no"));
        app_->key(Qt::Key_Escape);
        QVERIFY(shown(QStringLiteral("observationAsked")).isEmpty());
        QCOMPARE(repetition().number, before);
        app_->key(Qt::Key_E); // no answer any more
        app_->workspace.undo();
        app_->workspace.undo();
        QVERIFY(repetition().observations.at("eyes") != "no");
        QTRY_VERIFY(app_->quiet());
    }
    void aSetIsAskedThrough() {
        // Taken away for two repetitions, then answered by keys alone; the page goes on by itself.
        const auto trials = trialsOf(app_->data(), app_->workspace.session(), Stress::Calm);
        const RepetitionId first = repetitionId(trials[0].id), second = repetitionId(trials[1].id);
        QVERIFY(app_->workspace.apply(QStringLiteral("Clear"), [&](Edit& edit) -> Result<void> {
            for (const RepetitionId id : {first, second})
                for (const char* each : {"eyes", "rear_foot", "loose_shoulder"})
                    if (auto done = edit.setObservation(id, each, {}); !done)
                        return done;
            return edit.setVariantFits(first, {});
        }));
        app_->workspace.selectRepetition(first);
        app_->key(Qt::Key_O);
        for (const auto key :
             {Qt::Key_1, Qt::Key_2, Qt::Key_Return, Qt::Key_2}) // yes, partly, passed over, variant: no
            app_->key(key);
        const Repetition& done = *app_->data().repetition(first);
        QCOMPARE(done.observations.at("eyes"), std::string("yes"));
        QCOMPARE(done.observations.at("rear_foot"), std::string("partly"));
        QVERIFY(!done.observations.contains("loose_shoulder"));
        QCOMPARE(done.variantFits, std::optional(false));
        QCOMPARE(app_->workspace.repetition(), second);
        QVERIFY(!shown(QStringLiteral("observationAsked")).isEmpty());
        app_->key(Qt::Key_1);
        QCOMPARE(app_->data().repetition(second)->observations.at("eyes"), std::string("yes"));
        app_->key(Qt::Key_Escape);
        QTRY_VERIFY(app_->quiet());
    }
    void watchedAgainBlind() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        app_->click("watchAgain");
        const std::size_t all = app_->workspace.chosenTrials()->size();
        QVERIFY(!shown(QStringLiteral("observationAsked")).isEmpty());
        // The first answers are not shown.
        QTRY_COMPARE(app_->find<QComboBox>("observation-eyes")->currentIndex(), 0);
        std::map<std::int64_t, int> watched;
        for (std::size_t i = 0; i < all; ++i) {
            ++watched[app_->workspace.repetition().value];
            // The shoulder is seen otherwise every other time, the rest as before.
            for (const char* id : {"eyes", "rear_foot", "loose_shoulder", "landing"}) {
                if (!repetition().observations.contains(id)) // never answered, so never asked again
                    continue;
                const std::string before = repetition().observations.at(id);
                const bool choice = std::string(id) == "landing";
                const int key = choice ? (before == "heel"   ? Qt::Key_1
                                          : before == "toes" ? Qt::Key_3
                                                             : Qt::Key_2)
                                : std::string(id) == "loose_shoulder" && i % 2
                                    ? (before == "yes" ? Qt::Key_3 : Qt::Key_1)
                                : before == "yes"    ? Qt::Key_1
                                : before == "partly" ? Qt::Key_2
                                                     : Qt::Key_3;
                app_->key(key);
            }
        }
        QCOMPARE(watched.size(), all); // each once, in an order of its own
        QTRY_VERIFY(shown(QStringLiteral("observationAsked")).isEmpty());
        QTRY_VERIFY(app_->quiet());
        const auto& kappas = app_->data().own.kappas;
        QVERIFY(kappas.contains("landing") && kappas.at("landing") > .99);
        QVERIFY(kappas.contains("loose_shoulder") && kappas.at("loose_shoulder") < .4);
        QVERIFY2(shown(QStringLiteral("ownEye")).contains(QStringLiteral("too weak")),
                 qPrintable(shown(QStringLiteral("ownEye"))));
        QVERIFY(stored().repetition(repetition().id)->observationsAgain.contains("eyes"));
        // Nothing is left to be watched again.
        app_->click("watchAgain");
        QVERIFY(shown(QStringLiteral("observationAsked")).isEmpty());
        for (std::size_t i = 0; i < 4 * all; ++i)
            app_->workspace.undo();
        QTRY_VERIFY(app_->data().own.kappas.empty());
        QTRY_VERIFY(app_->quiet());
    }
    void anotherObserverIsHeldAgainst() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        const QString archive = folder_.filePath(QStringLiteral("Second eye.zip"));
        QVERIFY(writeCaseArchive(*app_->workspace.library(), app_->data().id, archive, false).ok());
        // Since then this observer answered otherwise every other time, and moved one event.
        const auto trials = *app_->workspace.chosenTrials();
        QVERIFY(app_->workspace.apply(QStringLiteral("Otherwise"), [&](Edit& edit) -> Result<void> {
            for (std::size_t i = 0; i < trials.size(); ++i) {
                const Repetition& each = *app_->data().repetition(repetitionId(trials[i].id));
                const auto eyes = each.observations.find("eyes");
                if (i % 2 && eyes != each.observations.end())
                    if (auto done = edit.setObservation(each.id, "eyes", eyes->second == "yes" ? "no" : "yes"); !done)
                        return done;
            }
            return {};
        }));
        auto* other = app_->window->findChild<OtherObserver*>();
        QVERIFY(other && !app_->find<QWidget>("forgetObservers")->isVisibleTo(app_->window.get()));
        other->compareWith(archive);
        QTRY_VERIFY_WITH_TIMEOUT(shown(QStringLiteral("otherObservers")).contains(QStringLiteral("Second eye")), 20000);
        QVERIFY2(shown(QStringLiteral("otherObservers")).contains(QStringLiteral("too weak")),
                 qPrintable(shown(QStringLiteral("otherObservers"))));
        QVERIFY2(shown(QStringLiteral("observerAgreement")).contains(QStringLiteral("repetitions that both have")),
                 qPrintable(shown(QStringLiteral("observerAgreement"))));
        QVERIFY(stored().yardstick.observers.at("Second eye").at("eyes") < .4);
        QVERIFY(weakestKappas(app_->data()).at("eyes") < .4); // what the findings rest on
        other->compareWith(folder_.filePath(QStringLiteral("nowhere.zip")));
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("nowhere.zip")));
        app_->errors.clear();
        app_->click("forgetObservers");
        QTRY_VERIFY(stored().yardstick.observers.empty());
        for (int i = 0; i < 3; ++i)
            app_->workspace.undo();
        QTRY_VERIFY(app_->quiet());
    }
    void aResultIsForecast() {
        app_->step("plan");
        QTRY_VERIFY(app_->quiet());
        auto* measure = app_->find<QComboBox>("forecastMeasure");
        const int at = measure->findData(QStringLiteral("result:touch"));
        QVERIFY(at >= 0);
        measure->setCurrentIndex(at);
        app_->find<QDoubleSpinBox>("forecastValue")->setValue(75);
        app_->click("keepForecast");
        QTRY_VERIFY(app_->find<QLabel>("forecast-result:touch")->text().contains(QStringLiteral("75 % good")));
        measure->setCurrentIndex(0);
        const auto& beliefs = stored().beliefs;
        const auto kept = std::find_if(beliefs.begin(), beliefs.end(),
                                       [](const Belief& belief) { return belief.result() == "touch"; });
        QVERIFY(kept != beliefs.end() && kept->locked && std::abs(*kept->value - .75) < 1e-9);
        QCOMPARE(kept->said, QDate::currentDate());
        app_->step("progress");
        app_->click("progressFilm");
        QTRY_VERIFY_WITH_TIMEOUT(!shown(QStringLiteral("resultForecast")).isEmpty(), 20000);
        QVERIFY2(shown(QStringLiteral("resultForecast")).contains(QStringLiteral("forecast 75 % good")),
                 qPrintable(shown(QStringLiteral("resultForecast"))));
        QVERIFY(shown(QStringLiteral("record-athlete")).contains(QStringLiteral("right")));
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
    }
    void theWrongVariantIsAFinding() {
        const auto trials = trialsOf(app_->data(), app_->workspace.session(), Stress::Calm);
        QVERIFY(app_->workspace.apply(QStringLiteral("Wrong"), [&](Edit& edit) -> Result<void> {
            for (std::size_t i = 0; i < 6; ++i)
                if (auto done = edit.setVariantFits(repetitionId(trials[i].id), false); !done)
                    return done;
            return {};
        }));
        QTRY_VERIFY(app_->quiet());
        const Finding* finding = app_->workspace.assessment()->findings.find("wrong_distance");
        QVERIFY(finding && finding->present);
        QCOMPARE(finding->shown, 6);
        QCOMPARE(finding->judged, 8);
        app_->step("findings");
        chooseFinding("wrong_distance");
        QVERIFY(shown(QStringLiteral("findingTitle")).contains(QStringLiteral("6 of 8")));
        QVERIFY(shown(QStringLiteral("notThis")).startsWith(QStringLiteral("Only looks like it")));
    }
    void workingRoundNeedsAReasonAndAnEnd() {
        chooseFinding("rear_bent");
        app_->click("workRound");
        QVERIFY(app_->errors.last().contains(QStringLiteral("why")));
        app_->type("reason", QStringLiteral("stiff after the camp"));
        app_->click("workRound");
        QVERIFY(app_->errors.last().contains(QStringLiteral("until when")));
        app_->type("until", QStringLiteral("the spring"));
        app_->click("workRound");
        const CaseData data = stored();
        const auto decision = std::find_if(data.decisions.begin(), data.decisions.end(),
                                           [](const Decision& d) { return d.fault == "rear_bent"; });
        QVERIFY(decision != data.decisions.end());
        QVERIFY(decision->choice == Decision::Choice::WorkRound);
        QCOMPARE(decision->until, QStringLiteral("the spring"));
        QVERIFY(shown(QStringLiteral("decided")).contains(QStringLiteral("work round until the spring")));
        // Until a day: when it has come, it is asked again.
        const auto state = [&] {
            return static_cast<FindingsPage*>(app_->window->page(QStringLiteral("findings")))->state().detail;
        };
        const QString before = state();
        app_->type("reason", QStringLiteral("After the exams"));
        app_->type("until", QDate::currentDate().toString(Qt::ISODate));
        app_->click("workRound");
        QVERIFY2(shown(QStringLiteral("decided")).contains(QStringLiteral("which has come")),
                 qPrintable(shown(QStringLiteral("decided"))));
        QVERIFY(app_->headline().contains(QStringLiteral("asked about again")));
        QVERIFY2(state() != before, qPrintable(state()));
        app_->workspace.undo();
        QTRY_VERIFY(app_->quiet());
        for (const Focus& focus : app_->workspace.assessment()->prescription.focus)
            QVERIFY(focus.fault != "rear_bent");
    }
    void aThirdFocusOnlyWhenTheCoachInsists() {
        for (const char* fault : {"late_arm", "knee_past"}) {
            chooseFinding(fault);
            app_->click("workOn");
            QTRY_VERIFY(app_->quiet());
        }
        QCOMPARE(app_->workspace.assessment()->prescription.focus.size(), std::size_t(2));
        chooseFinding("trunk_tips");
        app_->click("workOn");
        QVERIFY(app_->errors.last().contains(QStringLiteral("insist")));
        QCOMPARE(stored().decisions.size(), std::size_t(3));
        app_->type("reason", QStringLiteral("they come together"));
        app_->click("workOn");
        QTRY_VERIFY(app_->quiet());
        QCOMPARE(app_->workspace.assessment()->prescription.focus.size(), std::size_t(3));
        // What is judged again without measuring is what a whole assessment says.
        for (const char* school : {"effect", "ground", "root"}) {
            const CaseId id = app_->data().id;
            QVERIFY(app_->workspace.apply(QStringLiteral("School"),
                                          [&](Edit& edit) { return edit.setSchool(id, QLatin1String(school)); }));
            QVERIFY(!app_->workspace.assessing()); // at once
            const AssessmentInput whole = assessmentInput(stored(), app_->workspace.session(), Stress::Calm,
                                                          app_->workspace.school(), QDate::currentDate());
            QVERIFY(app_->workspace.assessment()->school == whole.school);
            QCOMPARE(assessmentJson(*app_->workspace.assessment()).dump(), assessmentJson(assess(whole)).dump());
            app_->workspace.undo();
            QTRY_VERIFY(app_->quiet());
        }
        QCOMPARE(stored().decisions.size(), std::size_t(4));
        app_->workspace.undo();
        QTRY_VERIFY(app_->quiet());
    }
    void theWholeCaseIsOneMap() {
        auto* map = app_->find<CauseMap>("wholeMap");
        app_->key(Qt::Key_M);
        QVERIFY(map->isVisible());
        const QString told = map->accessibleDescription();
        QVERIFY2(told.contains(QStringLiteral("The arm is late leads to The trunk tips forward")), qPrintable(told));
        QVERIFY(told.contains(QStringLiteral("Taught to push off first leads to The arm is late"))); // from outside
        QVERIFY(told.contains(QStringLiteral("The trunk tips forward leads to The front knee passes the ankle")));
        // A click goes there. The first column holds a root: its box reaches over the left edge's middle.
        QSignalSpy clicked(map, &CauseMap::faultClicked);
        for (int y = 10; y < map->height() && clicked.isEmpty(); y += 20)
            QTest::mouseClick(map, Qt::LeftButton, {}, QPoint(map->width() - 20, y));
        QVERIFY(!clicked.isEmpty());
        QCOMPARE(static_cast<FindingsPage*>(app_->window->page(QStringLiteral("findings")))->chosen(),
                 clicked[0][0].toString().toStdString());
        app_->key(Qt::Key_M);
        QVERIFY(!map->isVisible());
    }
    void theWayOfThePlanIsChosenAndKept() {
        app_->step("plan");
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY(!shown(QStringLiteral("approach-2s-outline")).isEmpty());
        const QString two = shown(QStringLiteral("approach-2s-outline")),
                      one = shown(QStringLiteral("approach-1t-outline"));
        QVERIFY2(two.contains(QStringLiteral("Minor: ")), qPrintable(two));
        QVERIFY2(!one.contains(QStringLiteral("Minor: ")) && one.contains(QStringLiteral("Lunge on a call")),
                 qPrintable(one));
        app_->type("approachReason", QStringLiteral("the cup is near"));
        app_->click("approach-1t");
        QTRY_VERIFY(app_->quiet());
        const auto focus = app_->workspace.assessment()->prescription.focus;
        QCOMPARE(focus.size(), std::size_t(1));
        QCOMPARE(focus[0].rungs[focus[0].start()].drill, std::string("call_lunge"));
        const CaseData data = stored();
        QVERIFY((data.plan.approach == Approach{true, true}));
        QCOMPARE(data.plan.approachReason, QStringLiteral("the cup is near"));
        // It stands on paper, with the reason.
        const ReportContent report = composeReport({data,
                                                    *app_->workspace.assessment(),
                                                    app_->workspace.session(),
                                                    Stress::Calm,
                                                    QDateTime::currentDateTime(),
                                                    {}});
        QCOMPARE(report.ways.front(),
                 QStringLiteral("One fault at a time, match tempo first. Because: the cup is near."));
        const auto again = reportFromJson(toJson(report), QStringLiteral("report"));
        QVERIFY(again.ok());
        QCOMPARE(again->ways, report.ways);
        app_->workspace.undo();
        QTRY_VERIFY(app_->quiet());
    }
    void aCueInOwnWords() {
        const QString label = QStringLiteral("cue-hand_leads_wall");
        QTRY_VERIFY(shown(label).contains(QStringLiteral("Show the tip")));
        for (QLabel* each : app_->window->findChildren<QLabel*>(label))
            if (each->isVisible())
                emit each->linkActivated(QStringLiteral("x"));
        write(QStringLiteral("ownCue-hand_leads_wall"), QStringLiteral("Ring the bell first."));
        QTRY_VERIFY(shown(label).contains(QStringLiteral("Ring the bell first.")));
        QCOMPARE(stored().pack.drill("hand_leads_wall")->cue, std::string("Ring the bell first."));
        QTRY_VERIFY(app_->quiet());
        // What the pack says stands beside it, and comes back.
        for (QLabel* each : app_->window->findChildren<QLabel*>(label))
            if (each->isVisible())
                emit each->linkActivated(QStringLiteral("x"));
        write(QStringLiteral("ownCue-hand_leads_wall"), QStringLiteral(" "));
        QTRY_VERIFY(shown(label).contains(QStringLiteral("Show the tip")));
        QVERIFY(stored().cues.empty());
        QTRY_VERIFY(app_->quiet());
    }
    void aStepUnfoldsToAllThatIsSaidOfIt() {
        const auto says = [&](const QString& text) {
            for (const QLabel* each : app_->find<QWidget>("rung-hand_then_step")->findChildren<QLabel*>())
                if (each->text().contains(text))
                    return true;
            return false;
        };
        QVERIFY(!says(QStringLiteral("Harder:")));
        app_->click("more-hand_then_step");
        QTRY_VERIFY(says(QStringLiteral("Harder:")));
        QVERIFY(says(QStringLiteral("Not with limits of:")));
    }
    void aForecastIsLockedAtOnce() {
        auto* value = app_->find<QDoubleSpinBox>("forecastValue");
        const std::string measure = app_->find<QComboBox>("forecastMeasure")->currentData().toString().toStdString();
        QCOMPARE(measure, std::string("arm_before_foot")); // what is worked on stands first
        value->setValue(0.02);
        app_->click("keepForecast");
        const CaseData data = stored();
        const Belief& kept = data.beliefs.back();
        QVERIFY(kept.whose == Guesser::Forecast && kept.locked);
        QCOMPARE(kept.value.value(), 0.02);
        QTRY_VERIFY(shown(QStringLiteral("forecast-arm_before_foot")).contains(QStringLiteral("0.02")));
    }
    void questionMarkListsAllKeys() {
        app_->step("mark");
        app_->shortcut(Qt::Key_Question, {});
        QWidget* list = QApplication::activePopupWidget();
        QVERIFY(list);
        QStringList texts;
        for (const QLabel* each : list->findChildren<QLabel*>())
            texts << each->text();
        for (const KeyHint& key : app_->window->page(QStringLiteral("mark"))->allKeys())
            QVERIFY2(texts.contains(key.what.toHtmlEscaped()), qPrintable(key.what));
        QTest::keyClick(list, Qt::Key_Escape);
        QVERIFY(!QApplication::activePopupWidget());
    }
    void everyKeyIsSaidAndMeansOneThing() {
        int rows = 0;
        for (const char* name : {"film", "mark", "mirror", "findings", "practice", "handover", "bench"}) {
            app_->step(name);
            QSet<int> listed, works;
            for (const PageKey& row : app_->window->page(QLatin1String(name))->keyTable()) {
                const QString what = QLatin1String(name) + u' ' + row.shown;
                QVERIFY2(row.keys.isEmpty() == !row.act, qPrintable(what));
                QVERIFY2(!row.listed || (!row.shown.isEmpty() && !(row.list + row.line).isEmpty()), qPrintable(what));
                for (const int key : row.keys) {
                    listed += row.listed ? key : 0;
                    QVERIFY2(!row.now || !works.contains(key), qPrintable(what));
                    if (row.now)
                        works += key;
                }
                ++rows;
            }
            // Nothing works that the list does not say.
            QVERIFY2(listed.contains(works), name);
        }
        QVERIFY(rows > 60);
        // What has Ctrl is the window's, or nobody's.
        app_->step("findings");
        const auto decided = app_->data().decisions.size();
        QTest::keyClick(app_->window->page(QStringLiteral("findings")), Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(app_->data().decisions.size(), decided);
    }
};

QTEST_MAIN(TestCoach)
#include "tst_coach.moc"
