// The Bench: a clip without a case; points and what they give; tapped beats to a rate; two clips side by side; kept
// into a case.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/bench/bench_page.h"
#include "support/files.h"
#include "window_driver.h"

#include "app/widgets/live_panel.h"
#include "app/widgets/voice_recorder.h"
#include "store/spoken_sound.h"

#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QTableWidget>

using namespace riflesso;
using namespace riflesso::test;

namespace {
const QString kClip = QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4");
}

class TestBench : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;
    int gestures_ = 0; ///< clicks and keys since the clip was asked for

    [[nodiscard]] BenchPage* page() const {
        return qobject_cast<BenchPage*>(app_->window->page(QStringLiteral("bench")));
    }
    [[nodiscard]] BenchView* view(const char* stage) const {
        return qobject_cast<BenchView*>(app_->find<StageView>(stage)->parentWidget());
    }
    [[nodiscard]] QString said(const char* name) const { return app_->find<QLabel>(name)->text(); }
    /// Beside the Bench's microphone; Film has one of its own.
    [[nodiscard]] QString spoken() const { return page()->findChild<QLabel*>(QStringLiteral("speakState"))->text(); }
    [[nodiscard]] bool there(const char* name) const {
        for (const QPushButton* button : app_->window->findChildren<QPushButton*>(QLatin1String(name)))
            if (button->isVisible())
                return true;
        return false;
    }
    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        app_->key(key, modifiers);
        ++gestures_;
    }
    [[nodiscard]] bool open(const QString& path, bool beside = false) {
        page()->openClip(path, beside);
        return QTest::qWaitFor([this] { return app_->workspace.jobs().idle(); }, 20000);
    }

    /// A voice that says a's, as fast as it is listened to.
    class Voice : public QIODevice {
        qint64 readData(char* data, qint64 most) override {
            constexpr qint64 kPiece = 3200; // a tenth of a second
            const qint64 bytes = std::min(most, left_);
            left_ -= bytes;
            std::fill_n(data, bytes, 'a');
            if (left_ == 0)
                QTimer::singleShot(40, this, [this] { left_ = kPiece; });
            return bytes;
        }
        qint64 writeData(const char*, qint64) override { return -1; }
        qint64 left_ = 0;
    };
    static std::unique_ptr<QIODevice> saying() {
        auto voice = std::make_unique<Voice>();
        voice->open(QIODevice::ReadOnly);
        return voice;
    }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(folder_.filePath(QStringLiteral("empty"))).ok());
        app_->step("bench"); // no case is needed
        QCOMPARE(app_->window->currentPage(), QStringLiteral("bench"));
    }
    void aCameraBetweenTwoSets() {
        app_->click("benchLive");
        auto* live = app_->window->findChild<LivePanel*>();
        QVERIFY(live && live->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(!live->stage()->image().isNull(), 20000);
        QVERIFY(app_->headline().contains(QStringLiteral("seconds ago")));
        app_->key(Qt::Key_Escape);
        QTRY_VERIFY(!live->isVisible());
        QVERIFY(app_->headline().contains(QStringLiteral("open a clip")));
    }
    void aFileThatIsNoClipIsSaid() {
        QVERIFY(open(QStringLiteral(DEMO_CLIPS "/ilka_baseline.truth.json")));
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("truth.json")));
        QVERIFY(app_->headline().contains(QStringLiteral("open a clip")));
    }
    void fromFileToRate() {
        gestures_ = 3; // the button, the file, the dialog's own button
        QVERIFY(open(kClip));
        QVERIFY(app_->shows("benchFirst"));
        press(Qt::Key_B); // a beat every ten frames: six a second, 360 a minute
        for (int i = 0; i < 4; ++i) {
            press(Qt::Key_Right, Qt::ShiftModifier);
            press(Qt::Key_B);
        }
        QVERIFY2(said("benchCount").contains(QStringLiteral("360")), qPrintable(said("benchCount")));
        QVERIFY(said("benchCount").contains(QChar(0x00B1)));
        QVERIFY2(gestures_ <= 15, qPrintable(QString::number(gestures_)));
        press(Qt::Key_Left); // back: the next beat begins a new count
        press(Qt::Key_B);
        QVERIFY(said("benchCount").contains(QStringLiteral("1 beat.")));
    }
    void circleLinesStrokeAndPlumb() {
        BenchView* bench = view("benchFirst");
        app_->key(Qt::Key_Escape);
        app_->clickPixel("benchFirst", {300, 300});
        app_->clickPixel("benchFirst", {300, 200});
        press(Qt::Key_C);
        QVERIFY2(said("benchPoints").contains(QStringLiteral("Circle: radius")), qPrintable(said("benchPoints")));
        QVERIFY(bench->drawn().front().kind == DrawnNote::Kind::Circle);
        press(Qt::Key_C);
        QVERIFY(said("benchPoints").contains(QStringLiteral("Line:")));
        // Four points: the angle between their lines, 45 degrees here.
        app_->clickPixel("benchFirst", {400, 300});
        app_->clickPixel("benchFirst", {500, 200});
        QVERIFY2(said("benchPoints").contains(QStringLiteral("Between the lines")), qPrintable(said("benchPoints")));
        QVERIFY(said("benchPoints").contains(QStringLiteral("45")));
        press(Qt::Key_V);
        QCOMPARE(bench->drawn().size(), 2U);
        QVERIFY(bench->drawn()[1].kind == DrawnNote::Kind::Plumb && std::abs(bench->drawn()[1].points[0].x - 500) < 1);
        // A stroke fades unless it is kept.
        auto* stage = app_->find<StageView>("benchFirst");
        const auto at = [&](double x, double y) { return stage->transform().toWidget({x, y}).toPoint(); };
        const auto stroke = [&] {
            QTest::mousePress(stage, Qt::LeftButton, {}, at(100, 100));
            for (int i = 1; i <= 5; ++i)
                QTest::mouseMove(stage, at(100 + 20 * i, 100 + 10 * i));
            QTest::mouseRelease(stage, Qt::LeftButton, {}, at(200, 150));
        };
        stroke();
        QVERIFY(bench->hasStrokes());
        QCOMPARE(bench->points().size(), 4U); // no click
        QCOMPARE(bench->drawn().size(), 2U);
        QTRY_VERIFY_WITH_TIMEOUT(!bench->hasStrokes(), 9000);
        stroke();
        press(Qt::Key_S);
        QCOMPARE(bench->drawn().size(), 3U);
        QVERIFY(bench->drawn()[2].kind == DrawnNote::Kind::Stroke && bench->drawn()[2].points.size() > 2);
        app_->key(Qt::Key_Escape);
        QVERIFY(bench->drawn().empty());
    }
    void timeBetweenTwoPictures() {
        BenchView* bench = view("benchFirst");
        bench->goTo(20);
        press(Qt::Key_T);
        bench->goTo(50);
        press(Qt::Key_T);
        // 30 pictures of a sixtieth: half a second, each end known to sqrt(1/12 + 1/4) of a picture; twice that.
        QVERIFY2(said("benchTime").contains(QStringLiteral("0.50 ± 0.03")), qPrintable(said("benchTime")));
        QVERIFY(said("benchTime").contains(QStringLiteral("20")) && said("benchTime").contains(QStringLiteral("50")));
        app_->find<QDoubleSpinBox>("benchSlow")->setValue(2);
        QVERIFY2(said("benchTime").contains(QStringLiteral("0.25 ± 0.01")), qPrintable(said("benchTime")));
        app_->find<QDoubleSpinBox>("benchSlow")->setValue(1);
    }
    void lapsTyped() {
        auto* table = app_->find<QTableWidget>("lapTable");
        const char* const cells[2][3] = {{"25", "20", "10"}, {"25", "22", "14"}};
        for (int row = 0; row < 2; ++row)
            for (int column = 0; column < 3; ++column)
                table->setItem(row, column, new QTableWidgetItem(QString::fromLatin1(cells[row][column])));
        const QString figures = said("lapFigures");
        // Ten cycles in 20 s are 30 a minute, 2.5 m each; 25 m in 20 s are 1.25 m/s.
        QVERIFY2(figures.contains(QStringLiteral("Lap 1: 30")), qPrintable(figures));
        QVERIFY(figures.contains(QStringLiteral("2.5")) && figures.contains(QStringLiteral("1.25")));
        QVERIFY2(figures.contains(QStringLiteral("Rate was bought with length")), qPrintable(figures));
        table->setItem(1, 2, new QTableWidgetItem(QStringLiteral("many")));
        QVERIFY(!said("lapFigures").contains(QStringLiteral("Lap 2")));
    }
    void pointsGiveALineAndAnAngle() {
        app_->clickPixel("benchFirst", {300, 300});
        QVERIFY(said("benchPoints").contains(QStringLiteral("One point")));
        app_->clickPixel("benchFirst", {300, 200});
        const auto& two = view("benchFirst")->points();
        QCOMPARE(two.size(), std::size_t(2));
        QVERIFY(std::abs(two[0].x - 300) < 1 && std::abs(two[1].y - 200) < 1); // where the mouse was
        const PictureLine line = lineBetween(two[0], two[1], defaultSigmaPx(540));
        QVERIFY2(said("benchPoints").contains(QString::number(qRound(line.lengthPx.value))),
                 qPrintable(said("benchPoints")));
        app_->clickPixel("benchFirst", {400, 200});
        QVERIFY2(said("benchPoints").contains(QStringLiteral("Angle: <b>9")) ||
                     said("benchPoints").contains(QStringLiteral("Angle: <b>8")),
                 qPrintable(said("benchPoints")));
        app_->click("benchUnit");
        QVERIFY(said("benchPoints").contains(QStringLiteral("1.00 ± ")));
        QVERIFY(said("benchPoints").contains(QStringLiteral("of the unit")));
        press(Qt::Key_Escape);
        QVERIFY(view("benchFirst")->points().empty());
    }
    void aPointIsFollowedThroughTheSpan() {
        // The rear foot's toe, which stays where it is.
        const Json truth = readJson(DEMO_CLIPS "/ilka_baseline.truth.json");
        auto* first = view("benchFirst");
        first->goTo(30);
        press(Qt::Key_I);
        first->goTo(60);
        press(Qt::Key_O);
        QCOMPARE(first->span(), (std::pair<int, int>{30, 60}));
        const Json& toe = truth["landmarks_px"]["right_toe"][60];
        QVERIFY(app_->shows("benchFirst"));
        app_->clickPixel("benchFirst", {toe[0].get<double>(), toe[1].get<double>()});
        press(Qt::Key_F);
        QTRY_VERIFY_WITH_TIMEOUT(!first->followed().empty(), 20000);
        QCOMPARE(first->followed().size(), std::size_t(31));
        for (const auto& [frame, at] : first->followed()) {
            const Json& there = truth["landmarks_px"]["right_toe"][static_cast<std::size_t>(frame)];
            QVERIFY(std::hypot(at.x - there[0].get<double>(), at.y - there[1].get<double>()) < 3);
        }
        QVERIFY(said("benchPoints").contains(QStringLiteral("Path: <b>")));
    }
    void theSpanPlaysAgainAndAgain() {
        auto* first = view("benchFirst");
        first->goTo(55);
        app_->click("benchPlay");
        QVERIFY(first->playing());
        QTRY_VERIFY_WITH_TIMEOUT(first->frame() < 50, 5000); // came round to the start of the span
        QVERIFY(first->frame() >= 30);
        app_->click("benchPlay");
        QVERIFY(!first->playing());
    }
    void anotherClipBesideIt() {
        QVERIFY(open(QStringLiteral(DEMO_CLIPS "/instructors.mp4"), true));
        auto* second = view("benchSecond");
        QVERIFY(second->isVisible() && second->isOpen());
        QVERIFY(app_->shows("benchSecond"));
        const int before = view("benchFirst")->frame();
        press(Qt::Key_Right); // keys act on the clip opened last
        QCOMPARE(second->frame(), 1);
        QCOMPARE(view("benchFirst")->frame(), before);
        press(Qt::Key_Up);
        press(Qt::Key_Right);
        QCOMPARE(view("benchFirst")->frame(), before + 1);
    }
    void aNoteIsSpoken() {
        app_->errors.clear();
        Microphone::speakWith([] { return std::unique_ptr<QIODevice>(); });
        press(Qt::Key_N); // a microphone that cannot be opened
        QVERIFY(!there("benchListen"));
        QCOMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("No microphone")));
        app_->errors.clear();
        Microphone::speakWith(&TestBench::saying);
        press(Qt::Key_N);
        QTRY_VERIFY_WITH_TIMEOUT(spoken().contains(QStringLiteral("0:01 of at most 2:00")), 20000);
        QVERIFY(spoken().contains(QChar(0x258c))); // how loud it is
        press(Qt::Key_N);
        QTRY_VERIFY(there("benchListen"));
        QCOMPARE(said("benchSaid"), QStringLiteral("Said: 0:01"));
        app_->click("benchDiscard");
        QTRY_VERIFY(!there("benchListen"));
        press(Qt::Key_N);
        press(Qt::Key_N); // a slip of the finger
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("Nothing was heard")));
        QVERIFY(!there("benchListen"));
    }
    void keptIntoACase() {
        press(Qt::Key_K); // no case: said, nothing done
        QTemporaryDir dir;
        QVERIFY(app_->workspace.open(demoCopy(dir)).ok());
        QTRY_VERIFY(app_->quiet());
        app_->step("bench");
        const std::size_t clips = app_->data().sessions.front().clips.size();
        app_->type("benchNote", QStringLiteral("Toe stays"));
        press(Qt::Key_N);
        QTRY_VERIFY_WITH_TIMEOUT(spoken().contains(QStringLiteral("0:01")), 20000);
        app_->click("benchKeep"); // while it is being said
        QTRY_COMPARE(app_->data().sessions.front().clips.size(), clips + 1);
        const Clip& kept = app_->data().sessions.front().clips.back();
        QCOMPARE(kept.title, QStringLiteral("Toe stays"));
        QCOMPARE(kept.sections.front().repetitions.size(), std::size_t(1));
        QCOMPARE(kept.sections.front().repetitions.front().from, 30);
        QCOMPARE(kept.sections.front().repetitions.front().to, 60);
        QCOMPARE(kept.spoken.size(), std::size_t(1));
        const QByteArray sound = kept.spoken.front().sound;
        QVERIFY(*spokenSeconds(sound) >= 0.5);
        QCOMPARE(sound.mid(44, 1600), QByteArray(1600, 'a')); // sample by sample
        QVERIFY(!there("benchListen"));
        // On Film it is listened to, taken away and brought back.
        app_->workspace.selectRepetition(kept.sections.front().repetitions.front().id);
        app_->step("film");
        QTRY_VERIFY(there("removeNote"));
        app_->click("removeNote");
        QTRY_VERIFY(app_->data().sessions.front().clips.back().spoken.empty());
        app_->workspace.undo();
        QCOMPARE(app_->data().sessions.front().clips.back().spoken.front().sound, sound);
        app_->workspace.undo();
        QCOMPARE(app_->data().sessions.front().clips.size(), clips);
        app_.reset(); // before its folder goes
    }
};

QTEST_MAIN(TestBench)
#include "tst_bench.moc"
