// A real clip (vtest.avi of Debian's opencv-doc, 795 frames): a new case, two repetitions of a walker, hip, knee and
// ankle marked with the mouse at two events, the knee angle read on screen and the same by the command line.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "window_driver.h"

#include "app/settings/stored_settings.h"
#include "report/words.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>

using namespace riflesso;
using namespace riflesso::test;

class TestWalker : public QObject {
    Q_OBJECT
private slots:
    void aWalkerFromClipToAngle() {
        QString clip;
        QProcess dpkg;
        dpkg.start(QStringLiteral("dpkg"), {QStringLiteral("-L"), QStringLiteral("opencv-doc")});
        QVERIFY(dpkg.waitForFinished());
        for (const QByteArray& line : dpkg.readAllStandardOutput().split('\n'))
            if (line.endsWith("/vtest.avi"))
                clip = QString::fromUtf8(line);
        QVERIFY2(QFile::exists(clip), "install opencv-doc");

        QTemporaryDir dir;
        const QString folder = dir.filePath(QStringLiteral("library"));
        {
            Driver d;
            QVERIFY(d.workspace.open(folder));
            d.window->addClips({clip}); // as from the command line: the clip waits for the case
            QCOMPARE(d.window->currentPage(), QStringLiteral("start"));
            QFile pack(QStringLiteral(PACKS "/fencing_lunge.json"));
            QVERIFY(pack.open(QIODevice::ReadOnly));
            auto* skill = d.find<QComboBox>("newSkill");
            if (skill->count() == 0) // the test program does not lie beside the packs
                skill->addItem(QStringLiteral("Fencing lunge"), QString::fromUtf8(pack.readAll()));
            const auto shown = skill->findText(QStringLiteral("Fencing lunge"), Qt::MatchStartsWith);
            QVERIFY(shown >= 0);
            skill->setCurrentIndex(shown);
            d.type("newName", QStringLiteral("A Walker"));
            d.click("startCase");
            QTRY_COMPARE(d.window->currentPage(), QStringLiteral("film"));
            QTRY_VERIFY_WITH_TIMEOUT(!d.data().sessions.front().clips.empty(), 20000);
            QCOMPARE(d.data().sessions.front().clips.front().frames(), 795);
            QVERIFY(d.shows("filmStage"));

            auto* timeline = d.find<QWidget>("clipTimeline");
            const auto goTo = [&](int frame) {
                QTest::mouseClick(timeline, Qt::LeftButton, {},
                                  QPoint(14 + qRound(frame / 794.0 * (timeline->width() - 28)), 12));
            };
            for (int start : {100, 400}) {
                goTo(start);
                d.key(Qt::Key_C);
                goTo(start + 60);
                d.key(Qt::Key_C);
            }
            QTRY_COMPARE(trialsOf(d.data(), d.workspace.session(), {}).size(), std::size_t(2));

            settings::setMarkSigma(3); // as chosen in Settings
            const QPointF hip(300, 200), knee(310, 250), ankle(290, 300);
            for (int rep = 0; rep < 2; ++rep) {
                d.workspace.selectRepetition(
                    repetitionId(trialsOf(d.data(), d.workspace.session(), {})[static_cast<std::size_t>(rep)].id));
                d.step("mark");
                QVERIFY(d.shows("markStage"));
                auto* events = d.find<QListWidget>("events");
                for (int event : {2, 3}) { // front foot down, lowest point
                    QTest::mouseClick(events->viewport(), Qt::LeftButton, {},
                                      events->visualItemRect(events->item(event)).center());
                    for (int i = 0; i < 10; ++i)
                        d.key(Qt::Key_Right);
                    d.key(Qt::Key_E);
                    const std::string id = d.data().pack.events[static_cast<std::size_t>(event)].id;
                    QTRY_VERIFY(d.workspace.place().repetition->events.contains(id));
                    // The guided order begins above the hip: those landmarks are hidden by one key each.
                    auto* mark = d.window->findChild<QWidget*>(QStringLiteral("markStage"));
                    QVERIFY(mark);
                    const auto next = [&] { return d.find<QLabel>("nextLandmark")->text(); };
                    for (int guard = 0; guard < 8 && !next().contains(QStringLiteral("right hip")); ++guard)
                        d.key(Qt::Key_H);
                    QVERIFY(next().contains(QStringLiteral("right hip")));
                    d.clickPixel("markStage", hip);
                    QTRY_VERIFY(next().contains(QStringLiteral("right knee")));
                    d.clickPixel("markStage", knee);
                    QTRY_VERIFY(next().contains(QStringLiteral("right ankle")));
                    d.clickPixel("markStage", ankle);
                    QTRY_VERIFY(!next().contains(QStringLiteral("right ankle")));
                }
            }
            // The angle on screen.
            const Repetition& r = *d.workspace.place().repetition;
            QVERIFY(r.marks.contains("right_knee"));
            QCOMPARE(r.marks.at("right_knee").begin()->second.sigmaPx,
                     settings::markSigmaPx(d.workspace.place().clip->height));
            settings::setMarkSigma(2);
            auto* events = d.find<QListWidget>("events");
            QTest::mouseClick(events->viewport(), Qt::LeftButton, {}, events->visualItemRect(events->item(3)).center());
            // Not before it is said that nobody was asked what is believed.
            QTRY_VERIFY(
                d.find<QLabel>("valuesHere")->text().contains(QStringLiteral("once what is believed is locked")));
            d.step("athlete");
            d.click("athleteNotAsked");
            d.click("noFirstGuess");
            d.step("mark");
            QTRY_VERIFY(d.find<QLabel>("valuesHere")->text().contains(QStringLiteral("Front knee bend")));
            QVERIFY(d.errors.isEmpty());
        }
        // The same from the stored case by the command line.
        QProcess cli;
        const auto run = [&](const QStringList& arguments) {
            cli.start(QStringLiteral(PROGRAMS "/riflesso-cli"), arguments);
            cli.waitForFinished(60000);
            return Json::parse(cli.readAllStandardOutput().toStdString());
        };
        const QString tables = dir.filePath(QStringLiteral("tables"));
        const Json written = run({QStringLiteral("tables"), folder, QStringLiteral("--case"), QStringLiteral("1"),
                                  QStringLiteral("--out"), tables});
        QCOMPARE(cli.exitCode(), 0);
        const Json measured =
            run({QStringLiteral("measure"), QStringLiteral("--pack"), tables + QStringLiteral("/pack.json"),
                 QStringLiteral("--landmarks"), tables + QStringLiteral("/landmarks.csv"), QStringLiteral("--events"),
                 tables + QStringLiteral("/events.csv"), QStringLiteral("--athlete"),
                 tables + QStringLiteral("/athlete.json")});
        QCOMPARE(cli.exitCode(), 0);
        QCOMPARE(measured["trials"].size(), std::size_t(2));
        const Json knee = measured["trials"][1]["measures"]["front_knee_low"];
        QVERIFY(knee["valid"].get<bool>());
        // And the same in a window opened again.
        Driver again;
        QVERIFY(again.workspace.open(folder));
        again.workspace.selectRepetition(repetitionId(measured["trials"][1]["trial"].get<std::string>()));
        again.window->showPage(QStringLiteral("mark"), QStringLiteral("event:low"));
        MeasureDef def = *again.data().pack.measure("front_knee_low");
        const QString shown = words::withU(def, knee["value"], 2 * knee["u"].get<double>());
        QTRY_VERIFY2(again.find<QLabel>("valuesHere")->text().contains(shown),
                     qPrintable(again.find<QLabel>("valuesHere")->text() + shown));
        // About what the clicked triangle says: clicks fall on whole pixels of the screen.
        QVERIFY(std::abs(knee["value"].get<double>() - 33) < 6);
    }
};

QTEST_MAIN(TestWalker)
#include "tst_walker.moc"
