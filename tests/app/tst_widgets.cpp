#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/mark/figure_card.h"
#include "app/page.h"
#include "app/running_window.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/kept_labels.h"
#include "app/widgets/player.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/time_strip.h"
#include "app/widgets/waterline.h"
#include "core/uncertainty/stats.h"

#include <QApplication>
#include <QGridLayout>
#include <QHelpEvent>
#include <QThread>
#include <QToolTip>
#include <QtTest>

#include <cmath>

#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

using namespace riflesso;

class TestWidgets : public QObject {
    Q_OBJECT
private slots:
    /// A second start of the program hands its files to the window that runs.
    void filesGoToTheWindowThatRuns() {
        const QString name = QStringLiteral("riflesso-test-%1").arg(QCoreApplication::applicationPid());
        QVERIFY(!RunningWindow::handTo(name, {QStringLiteral("/a")})); // nobody is there
        auto window = std::make_unique<RunningWindow>(name);
        QStringList got;
        connect(window.get(), &RunningWindow::asked, this, [&](const QStringList& files) { got << files; });
        const auto hand = [&](const QStringList& files) {
            bool taken = false;
            const std::unique_ptr<QThread> other(QThread::create([&] { taken = RunningWindow::handTo(name, files); }));
            other->start();
            while (!other->isFinished())
                QTest::qWait(5);
            return taken;
        };
        const QStringList files{QStringLiteral("/x/case of Ä.riflesso"), QStringLiteral("/y/clip.mp4")};
        QVERIFY(hand(files));
        QCOMPARE(got, files);
        // What is no list of files is not taken.
        const int stranger = ::socket(AF_UNIX, SOCK_STREAM, 0);
        sockaddr_un where{};
        where.sun_family = AF_UNIX;
        const QByteArray path = (QDir::tempPath() + u'/' + name).toLocal8Bit();
        QVERIFY(static_cast<std::size_t>(path.size()) < sizeof where.sun_path);
        std::copy(path.begin(), path.end(), where.sun_path);
        QCOMPARE(::connect(stranger, reinterpret_cast<const sockaddr*>(&where), sizeof where), 0);
        QCOMPARE(::write(stranger, std::string(64, 'x').data(), 64), 64);
        char answer = 0;
        ssize_t length = -1; // the door is closed in his face, whatever length his bytes seem to promise
        QTRY_COMPARE((length = ::recv(stranger, &answer, 1, MSG_DONTWAIT)), 0);
        ::close(stranger);
        QCOMPARE(got, files);
        QVERIFY(hand({QStringLiteral("/z")})); // and the next one is
        QCOMPARE(got.back(), QStringLiteral("/z"));
        window.reset();
        QVERIFY(!RunningWindow::handTo(name, files));
    }
    void initTestCase() { theme::apply(*qApp, theme::Choice::Light); }
    void labelsNeverRunIntoEachOther_data() {
        QTest::addColumn<QList<double>>("wanted");
        QTest::newRow("apart") << QList<double>{50, 200, 400};
        QTest::newRow("close together") << QList<double>{100, 105, 110, 115};
        QTest::newRow("at the left edge") << QList<double>{0, 5, 10};
        QTest::newRow("at the right edge") << QList<double>{595, 598, 600};
        QTest::newRow("not in order") << QList<double>{300, 100, 305, 90};
    }
    void labelsNeverRunIntoEachOther() {
        QFETCH(QList<double>, wanted);
        const std::vector<double> centres(wanted.begin(), wanted.end()), widths(centres.size(), 70);
        const std::vector<double> placed = spreadLabels(centres, widths, 596, 6, 4);
        for (std::size_t i = 0; i < placed.size(); ++i) {
            QVERIFY(placed[i] - 35 >= 4 - 1e-9 && placed[i] + 35 <= 596 + 1e-9);
            for (std::size_t k = 0; k < i; ++k)
                QVERIFY(std::abs(placed[i] - placed[k]) >= 76 - 1e-9);
        }
    }
    void wideLabelsGiveWay() {
        using Widths = std::vector<double>;
        QCOMPARE(fittingWidths({50, 120, 80}, 262, 6), (Widths{50, 120, 80})); // just fits
        QCOMPARE(fittingWidths({50, 120, 80}, 212, 6), (Widths{50, 75, 75}));
        QCOMPARE(fittingWidths({50, 120, 80}, 102, 6), (Widths{30, 30, 30}));
        QCOMPARE(fittingWidths({}, 100, 6), Widths{});
    }
    void theStageKeepsPixelsUnderTheCursor() {
        const StageTransform fit = StageTransform::fitted({960, 540}, {800, 600});
        QVERIFY(std::abs(fit.scale - 800.0 / 960) < 1e-12);
        QCOMPARE(fit.toPixel(fit.toWidget({123.25, 456.5})), QPointF(123.25, 456.5));
        const QPointF fixed(300, 250);
        const QPointF under = fit.toPixel(fixed);
        const StageTransform zoomed = fit.zoomed(3, fixed);
        QVERIFY(std::abs(zoomed.toPixel(fixed).x() - under.x()) < 1e-9);
        StageTransform mirrored = fit;
        mirrored.mirrored = true;
        QVERIFY(std::abs(mirrored.toPixel(mirrored.toWidget({10, 20})).x() - 10) < 1e-9);
        QVERIFY(mirrored.toWidget({0, 0}).x() > mirrored.toWidget({959, 0}).x());
    }
    void clicksGiveThePixelAndDragsEndOnce() {
        StageView stage;
        stage.resize(400, 300);
        QImage image(200, 150, QImage::Format_RGB32);
        image.fill(Qt::gray);
        stage.setImage(image);
        stage.setMarking(true);
        stage.show();
        QSignalSpy clicked(&stage, &StageView::clicked), dragged(&stage, &StageView::markDragged),
            released(&stage, &StageView::markReleased);
        QTest::mouseClick(&stage, Qt::LeftButton, {}, QPoint(201, 151));
        QCOMPARE(clicked.size(), 1);
        const QPointF at = clicked[0][0].toPointF();
        QVERIFY(std::abs(at.x() - 100) < 1 && std::abs(at.y() - 75) < 1);
        stage.setFigures({{{{"left_knee", {100, 75}}}, {}, Qt::red, true}});
        QTest::mousePress(&stage, Qt::LeftButton, {}, QPoint(202, 152));
        QTest::mouseMove(&stage, QPoint(240, 160));
        QTest::mouseMove(&stage, QPoint(260, 170));
        QTest::mouseRelease(&stage, Qt::LeftButton, {}, QPoint(260, 170));
        QCOMPARE(clicked.size(), 1); // a drag is no click
        QVERIFY(dragged.size() >= 1);
        QCOMPARE(released.size(), 1);
        QVERIFY(std::abs(released[0][1].toPointF().x() - 129.5) < 1);
    }
    void playIsAtTrueTimes() {
        const std::vector<double> times = {0, 0.1, 0.2, 0.5, 0.6};
        QCOMPARE(Player::frameAfter(times, 0, 0.0, 1), 0);
        QCOMPARE(Player::frameAfter(times, 0, 0.15, 1), 1);
        QCOMPARE(Player::frameAfter(times, 0, 0.45, 1), 2); // the gap is held as long as it lasts
        QCOMPARE(Player::frameAfter(times, 0, 0.45, 0.25), 1);
        QCOMPARE(Player::frameAfter(times, 2, 0.31, 1), 3);
        QCOMPARE(Player::frameAfter(times, 0, 99, 1), 4);
        Player player;
        player.setTimes(std::make_shared<const std::vector<double>>(times));
        QSignalSpy due(&player, &Player::frameDue), stopped(&player, &Player::stopped);
        player.play(2, 1);
        QVERIFY(stopped.wait(5000));
        QCOMPARE(due.first()[0].toInt(), 2);
        QCOMPARE(due.last()[0].toInt(), 4);
        QVERIFY(!player.playing());
    }
    void theRulerSaysItsValueAndFindsItsDots() {
        MeasureDef def;
        def.id = "m";
        def.title = "Knee bend";
        def.unit = "deg";
        def.kind = Kind::Flexion;
        def.tolerance = 8;
        Reference reference;
        reference.source = Reference::Source::Pack;
        reference.low = 60;
        reference.high = 80;
        std::vector<TrialMeasures> values;
        for (double v : {70.0, 95.0}) {
            MeasureValue value;
            value.value = v;
            value.u = 1;
            values.push_back({std::to_string(values.size() + 1), 0, {{"m", value}}});
        }
        DeviationRuler ruler;
        ruler.resize(300, 26);
        ruler.setSet(def, *setDeviation(def, reference, values));
        QCOMPARE(ruler.accessibleName(), QStringLiteral("Knee bend"));
        QVERIFY(ruler.accessibleDescription().contains(QChar(0x00B1)));
        ruler.show();
        QSignalSpy clicked(&ruler, &DeviationRuler::repetitionClicked);
        for (int x = 299; x > 150 && clicked.isEmpty(); x -= 2)
            QTest::mouseClick(&ruler, Qt::LeftButton, {}, QPoint(x, 13));
        QCOMPARE(clicked.size(), 1);
        QCOMPARE(clicked[0][0].toString(), QStringLiteral("2")); // the rightmost dot is the largest value
    }
    void scrubbing() {
        Waterline line;
        line.resize(628, 82);
        line.show();
        QSignalSpy scrubbed(&line, &Waterline::scrubbed);
        QTest::mouseClick(&line, Qt::LeftButton, {}, QPoint(314, 40));
        QVERIFY(std::abs(scrubbed[0][0].toDouble() - 50) < 0.5);
        QTest::mouseClick(&line, Qt::LeftButton, {}, QPoint(2, 40));
        QCOMPARE(scrubbed[1][0].toDouble(), 0.0);
        TimeStrip strip;
        strip.resize(664, 160);
        StripContent content;
        content.from = 100;
        content.to = 200;
        strip.setContent(content);
        strip.show();
        QSignalSpy asked(&strip, &TimeStrip::frameAsked);
        QTest::mouseClick(&strip, Qt::LeftButton, {}, QPoint(150 + 250, 80));
        QCOMPARE(asked[0][0].toInt(), 150);
        QTest::mouseClick(&strip, Qt::LeftButton, {}, QPoint(3, 80));
        QCOMPARE(asked[1][0].toInt(), 100);
    }
    void theFigureCardNamesWhatIsNext() {
        FigureCard card([](const std::string& id) { return QString::fromStdString(id).replace(u'_', u' '); });
        card.resize(270, 190);
        card.setFigure(FigureCard::standing(), {});
        card.setStates({{"left_knee", MarkState::Next}, {"right_knee", MarkState::Set}});
        QCOMPARE(card.accessibleDescription(), QStringLiteral("next: left knee"));
        card.show();
        QSignalSpy clicked(&card, &FigureCard::landmarkClicked);
        for (int y = 20; y < 180 && clicked.isEmpty(); y += 6)
            for (int x = 60; x < 220 && clicked.isEmpty(); x += 6)
                QTest::mouseClick(&card, Qt::LeftButton, {}, QPoint(x, y));
        QCOMPARE(clicked.size(), 1);
        QVERIFY(clicked[0][0].toString().endsWith(QStringLiteral("_knee")));
    }
    void labelsStayWhereTheirPlaceStays() {
        QWidget board;
        auto* grid = new QGridLayout(&board);
        KeptLabels labels(*grid);
        const auto fill = [&](const QString& value, bool withNote) {
            labels.begin();
            QLabel* number = labels.put(value, nullptr, QStringLiteral("number"), 0, 0);
            if (withNote)
                labels.put(QStringLiteral("a note"), theme::kQuiet, QStringLiteral("note"), 1, 0, 2);
            labels.put(QStringLiteral("end"), nullptr, QStringLiteral("end"), withNote ? 2 : 1, 0);
            labels.end();
            return number;
        };
        QLabel* first = fill(QStringLiteral("1"), true);
        QCOMPARE(grid->count(), 3);
        QCOMPARE(fill(QStringLiteral("2"), true), first);
        QCOMPARE(first->text(), QStringLiteral("2"));
        QCOMPARE(fill(QStringLiteral("3"), false), first);
        QCOMPARE(grid->count(), 2); // the note is gone, the end stands in its row
        QCOMPARE(qobject_cast<QLabel*>(grid->itemAtPosition(1, 0)->widget())->text(), QStringLiteral("end"));
    }
    void aChoiceWithoutRoomSaysTheWholeOfItUnderThePointer() {
        ChoiceBox box;
        box.addItem(QStringLiteral("Flexion of the front knee at the low position"));
        const auto said = [&box](int width) {
            box.setFixedWidth(width);
            box.show();
            QToolTip::hideText();
            if (!QTest::qWaitFor([] { return !QToolTip::isVisible(); })) // it hides in its own time
                return QStringLiteral("still there");
            QHelpEvent rest(QEvent::ToolTip, box.rect().center(), box.mapToGlobal(box.rect().center()));
            QApplication::sendEvent(&box, &rest);
            return QToolTip::isVisible() ? QToolTip::text() : QString();
        };
        // Drawn as any choice, but for the ellipsis.
        QComboBox plain;
        plain.addItem(box.currentText());
        plain.setFocusPolicy(Qt::NoFocus);
        box.setFocusPolicy(Qt::NoFocus);
        const auto alike = [&] {
            plain.setFixedSize(box.size());
            return box.grab().toImage() == plain.grab().toImage();
        };
        QCOMPARE(said(120), box.currentText());
        QVERIFY(!alike());
        QCOMPARE(said(box.sizeHint().width()), QString());
        QVERIFY(alike());
        QCOMPARE(said(600), QString());
        QVERIFY(alike());
    }
    void aLabelIsAsHighAsItsWordsNow() {
        const std::unique_ptr<QLabel> words(label(QStringLiteral("short")));
        constexpr int kWidth = 120;
        const int one = words->heightForWidth(kWidth);
        words->setText(QStringLiteral("far too many words for a single line of this width, <b>and more</b>"));
        const int more = words->heightForWidth(kWidth);
        QVERIFY(more > 2 * one);
        QVERIFY(words->heightForWidth(6 * kWidth) < more);
        QFont large = words->font();
        large.setPointSizeF(2 * large.pointSizeF());
        words->setFont(large);
        QVERIFY(words->heightForWidth(kWidth) > more);
    }
};

QTEST_MAIN(TestWidgets)
#include "tst_widgets.moc"
