// Which form, which condition, which yardstick, where the camera stood: said with the mouse, asserted on what is shown
// and on disk.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/tables/json_walk.h"
#include "core/tables/model_file.h"
#include "report/words.h"
#include "window_driver.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLineEdit>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestForms : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] CaseData onDisk() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    static void choose(QComboBox* box, const QVariant& data) {
        box->setCurrentIndex(box->findData(data));
        emit box->activated(box->currentIndex());
    }
    [[nodiscard]] bool said(const QString& text) const {
        for (const QLabel* label : app_->window->page(app_->window->currentPage())->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(text))
                return true;
        return false;
    }
    [[nodiscard]] QWidget* seen(const QString& name) const {
        for (QWidget* widget : app_->window->findChildren<QWidget*>(name))
            if (widget->isVisible())
                return widget;
        return nullptr;
    }
    void show(const char* page) const {
        app_->window->showPage(QLatin1String(page));
        QTRY_VERIFY(app_->quiet());
    }
    [[nodiscard]] const Section& section() const { return *app_->workspace.place().section; }

private slots:
    void init() {
        folder_.remove();
        folder_ = QTemporaryDir();
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)));
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        QTRY_VERIFY(app_->quiet());
    }
    void cleanup() { app_.reset(); }

    void whereTheCameraStood() {
        show("findings");
        QVERIFY(!said(QStringLiteral("assumed square on")));
        const double before = app_->workspace.assessment()->deviation("trunk_low")->expandedU;
        show("film");
        auto* bearing = app_->find<QDoubleSpinBox>("bearing");
        QCOMPARE(bearing->value(), 0.0); // the demo's cameras stand square on
        QVERIFY(!seen(QStringLiteral("squareOn")));
        bearing->setValue(30);
        emit bearing->editingFinished();
        QTRY_COMPARE(section().bearingDeg, std::optional(30.0));
        QTRY_VERIFY(app_->quiet());
        const SetDeviation* oblique = app_->workspace.assessment()->deviation("trunk_low");
        QVERIFY(oblique->expandedU > 2 * before);
        QCOMPARE(oblique->bearingDeg, std::optional(30.0));
        show("mirror");
        QTRY_VERIFY(said(QStringLiteral("corrected, camera 30° off")));
        // Nobody says it: wider, and said so until it is said.
        show("film");
        bearing->setValue(-1);
        emit bearing->editingFinished();
        QTRY_VERIFY(!section().bearingDeg);
        QVERIFY(bearing->text().contains(QStringLiteral("assumed square on")));
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->workspace.assessment()->deviation("trunk_low")->expandedU > before);
        show("findings");
        QTRY_VERIFY(said(QStringLiteral("Camera assumed square on")));
        show("film");
        app_->click("squareOn");
        QTRY_COMPARE(section().bearingDeg, std::optional(0.0));
        QTRY_VERIFY(app_->quiet());
        show("findings");
        QTRY_VERIFY(!said(QStringLiteral("Camera assumed square on")));
        // Its height and distance are kept, one gesture each.
        for (const auto& [name, metres] : {std::pair{"cameraHeight", 0.9}, {"cameraDistance", 5.0}}) {
            auto* box = app_->find<QDoubleSpinBox>(name);
            QCOMPARE(box->text(), QStringLiteral("not said"));
            box->setValue(metres);
            emit box->editingFinished();
            QTRY_VERIFY(app_->quiet());
        }
        QCOMPARE(section().cameraHeightM, std::optional(0.9));
        QCOMPARE(section().cameraDistanceM, std::optional(5.0));
        app_->workspace.undo();
        QTRY_VERIFY(!section().cameraDistanceM);
        app_->workspace.undo();
        QTRY_VERIFY(!section().cameraHeightM);
        // Steps back, one gesture each.
        app_->workspace.undo();
        QTRY_VERIFY(!section().bearingDeg);
        app_->workspace.undo();
        QTRY_COMPARE(section().bearingDeg, std::optional(30.0));
    }
    void aFaultIsTellingWhichKnee() {
        show("findings");
        for (int i = 0; i < 6 && !said(QStringLiteral("knee is bent, and the rear foot")); ++i)
            QTest::keyClick(app_->window->page(app_->window->currentPage()), Qt::Key_Down);
        QTRY_VERIFY(
            said(QStringLiteral("At the lowest point the right knee is bent"))); // Ilka fences with the left hand
        QVERIFY(!said(QStringLiteral("@")));
    }
    void aLagHasItsOwnNameAndUnit() {
        app_->selectAthlete(QStringLiteral("Joris Halvane"));
        QTRY_VERIFY(app_->quiet());
        show("findings");
        QTRY_VERIFY(said(QStringLiteral("Peak of the wrist after that of the elbow")));
        const std::string lag = "order.lag.2";
        const SetDeviation* set = app_->workspace.assessment()->deviation(lag);
        QVERIFY(set);
        const auto def = app_->data().pack.judgedAs(lag);
        QVERIFY(def && def->unit == "s" && def->id == lag);
        QVERIFY(said(words::withU(*def, set->median, set->expandedU)));
        QVERIFY(!app_->data().pack.judgedAs("nowhere.lag.1"));
        QCOMPARE(app_->data().pack.judgedAs("order")->unit, std::string("1"));
    }
    void anotherFormIsJudgedByItself() {
        // Two of the repetitions are said to be the other form.
        show("film");
        QTRY_VERIFY(app_->workspace.place());
        app_->click("variant");
        QTRY_VERIFY(app_->quiet());
        const std::string other = app_->workspace.place().repetition->variant;
        QTRY_COMPARE(app_->workspace.assessment()->forms.size(), 2U);
        show("findings");
        QTRY_VERIFY(said(QStringLiteral("1 repetition:")));
        show("mirror");
        QTRY_VERIFY(seen(QStringLiteral("form-lunge")) && seen(QStringLiteral("form-step_lunge")));
        QTest::mouseClick(seen(QStringLiteral("form-") + QString::fromStdString(other)), Qt::LeftButton);
        QTRY_COMPARE(app_->workspace.chosenTrials()->size(), 1U);
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->workspace.assessment()->forms.empty());
        QCOMPARE(app_->workspace.assessment()->judged.size(), 1U);
        QTRY_VERIFY(seen(QStringLiteral("form-") + QString::fromStdString(other)));
        QTest::mouseClick(seen(QStringLiteral("form-") + QString::fromStdString(other)), Qt::LeftButton);
        QTRY_VERIFY(app_->workspace.chosenTrials()->size() > 1);
        app_->workspace.undo();
        QTRY_VERIFY(app_->workspace.place().repetition->variant != other);
    }
    void conditionsOfThePack() {
        show("film");
        auto* signal = app_->find<QComboBox>("condition-signal");
        QVERIFY(signal);
        choose(signal, QStringLiteral("call"));
        QTRY_COMPARE(section().conditions.at("signal"), std::string("call"));
        show("mirror");
        QTRY_VERIFY(seen(QStringLiteral("condition-signal-call")));
        auto* by = app_->find<QComboBox>("groupBy");
        QVERIFY(by->findText(QStringLiteral("by signal")) > 0);
        QTest::mouseClick(seen(QStringLiteral("condition-signal-call")), Qt::LeftButton);
        QTRY_COMPARE(app_->workspace.choice().conditions.size(), 1U);
        app_->workspace.undo();
        // Noted no longer: the choice that asked for it goes.
        QTRY_VERIFY(app_->workspace.choice().conditions.empty());
        QVERIFY(section().conditions.empty());
    }
    void ranges_() {
        show("athlete");
        auto* level = app_->find<QComboBox>("for-level");
        QVERIFY(level->isVisible());
        choose(level, QStringLiteral("beginner"));
        QTRY_COMPARE(onDisk().yardstick.level, std::string("beginner"));
        QTRY_VERIFY(app_->quiet());
        QVERIFY(!seen(QStringLiteral("for-age")));
        app_->workspace.undo();
        QTRY_COMPARE(onDisk().yardstick.level, std::string());
    }
    void ownBest() {
        show("film");
        QTRY_VERIFY(app_->workspace.place());
        const RepetitionId id = app_->workspace.repetition();
        const std::size_t all = app_->workspace.assessment()->judged.size();
        QTest::mouseClick(app_->find<QCheckBox>("ownBest"), Qt::LeftButton, {}, QPoint(8, 8));
        QTRY_VERIFY(app_->data().repetition(id)->best);
        QTRY_VERIFY(app_->quiet());
        QCOMPARE(app_->workspace.assessment()->judged.size(), all - 1);
        QVERIFY(app_->workspace.assessment()->deviation("trunk_low")->reference.source == Reference::Source::Model);
        QCOMPARE(app_->workspace.assessment()->deviation("trunk_low")->reference.provenance, std::string("own best"));
        app_->workspace.undo();
        QTRY_VERIFY(!app_->data().repetition(id)->best);
    }
    void aPositionIsSaid() {
        const CaseId id = app_->data().id;
        app_->workspace.apply(QStringLiteral("position"), [id](Edit& edit) {
            return edit.setPosition(id, "hand_or_together", "together", QStringLiteral("As my school has it."));
        });
        QTRY_VERIFY(app_->quiet());
        QCOMPARE(app_->workspace.assessment()->positionEffects.size(), 1U);
        show("findings");
        QTRY_VERIFY(said(QStringLiteral("another range holds")));
    }
};

QTEST_MAIN(TestForms)
#include "tst_forms.moc"
