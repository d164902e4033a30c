// A newcomer: an empty library, the tour, and at its end a printed plan. Only what the tour says is done.

#include "window_driver.h"

#include "app/mirror/wall.h"

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QStandardPaths>

using namespace riflesso;
using namespace riflesso::test;

class TestTour : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QString step() const { return app_->window->tour().step(); }
    [[nodiscard]] QString task() const { return app_->find<QLabel>("tourTask")->text(); }
    [[nodiscard]] QString demoFolder() const {
        return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo");
    }
    /// Waits until the page stands still, as a person does who reads first.
    void read() const { QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && app_->window->tour().settled(), 20000); }
    /// All of the card's text is to be seen, and the card lies inside the window.
    void next() const {
        const auto* text = app_->find<QLabel>("tourText");
        QVERIFY2(text->height() >= text->heightForWidth(text->width()), qPrintable(step()));
        QVERIFY(app_->window->rect().contains(app_->find<QWidget>("tour")->geometry()));
        app_->click("tourNext");
    }
    [[nodiscard]] bool isDone() const {
        return QTest::qWaitFor([this] { return task().contains(QStringLiteral("Done")); }, 8000);
    }

private slots:
    void initTestCase() {
        QDir(demoFolder()).removeRecursively();
        app_ = std::make_unique<Driver>();
        app_->workspace.setOwnFolder(folder_.filePath(QStringLiteral("own")));
        QVERIFY(app_->workspace.open(folder_.filePath(QStringLiteral("own"))).ok());
        app_->window->showPage(QStringLiteral("athlete"));
        QCOMPARE(app_->window->currentPage(), QStringLiteral("start"));
        QVERIFY(!app_->find<QWidget>("ownLibrary")->isVisible());
        QVERIFY(app_->headline().contains(QStringLiteral("take the tour")));
    }
    void cleanupTestCase() {
        app_.reset();
        QDir(demoFolder()).removeRecursively();
    }
    void fromTheFirstStartToThePrintedPlan() {
        app_->click("takeTour");
        QVERIFY(app_->window->isEnabled()); // the demo is put together beside the window, which stays alive
        QTRY_COMPARE_WITH_TIMEOUT(step(), QStringLiteral("course"), 120000);
        QCOMPARE(app_->data().athlete.name, QStringLiteral("Ilka Sandrey"));
        QVERIFY(app_->find<QWidget>("tour")->isVisible());
        next();
        QCOMPARE(step(), QStringLiteral("belief"));
        QCOMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        next();
        QCOMPARE(step(), QStringLiteral("film"));
        read();
        QVERIFY(task().contains(QStringLiteral("Space"))); // not done by the page itself
        app_->key(Qt::Key_Space);
        QVERIFY(isDone());
        app_->key(Qt::Key_Space);
        next();
        QCOMPARE(step(), QStringLiteral("mark"));
        read();
        QVERIFY(task().contains(QStringLiteral("next key event")));
        app_->key(Qt::Key_Down);
        QVERIFY(isDone());
        next();
        QCOMPARE(step(), QStringLiteral("measure"));
        read();
        QVERIFY(task().contains(QStringLiteral("walk through")));
        app_->key(Qt::Key_Down);
        QVERIFY(isDone());
        next();
        QCOMPARE(step(), QStringLiteral("wall"));
        read();
        app_->key(Qt::Key_W);
        QVERIFY(isDone());
        app_->key(Qt::Key_Space);
        QTest::qWait(200);
        app_->key(Qt::Key_Space);
        next();
        QCOMPARE(step(), QStringLiteral("why"));
        read();
        auto* value = app_->find<QLabel>("value-elbow_down");
        QTest::mouseClick(value, Qt::LeftButton, {}, QPoint(value->width() - 12, value->height() / 3));
        QVERIFY(isDone());
        app_->click("closeWhy");
        next();
        QCOMPARE(step(), QStringLiteral("work"));
        read();
        app_->key(Qt::Key_W);
        QVERIFY(isDone());
        QCOMPARE(app_->data().decisions.size(), std::size_t(1));
        next();
        QCOMPARE(step(), QStringLiteral("park"));
        read();
        auto* list = app_->find<QListWidget>("findings");
        int other = -1;
        for (int i = 0; i < list->count() && other < 0; ++i)
            if (list->item(i)->flags().testFlag(Qt::ItemIsSelectable) && i != list->currentRow())
                other = i;
        QVERIFY(other >= 0);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(other)).center());
        app_->type("reason", QStringLiteral("goes with the arm"));
        app_->click("park");
        QVERIFY(isDone());
        QCOMPARE(app_->data().decisions.size(), std::size_t(2));
        next();
        QCOMPARE(step(), QStringLiteral("plan"));
        QCOMPARE(app_->window->currentPage(), QStringLiteral("plan"));
        next();
        QCOMPARE(step(), QStringLiteral("practice"));
        read();
        const std::size_t logged = app_->data().loggedRepetitions();
        app_->key(Qt::Key_G);
        QVERIFY(isDone());
        QCOMPARE(app_->data().loggedRepetitions(), logged + 1);
        next();
        QCOMPARE(step(), QStringLiteral("print"));
        read();
        const QString pdf = app_->find<QLineEdit>("handoverFolder")->text() + QStringLiteral("/plan.pdf");
        app_->key(Qt::Key_P);
        QVERIFY(isDone());
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(pdf).size() > 20000, 30000);
        QFile printed(pdf);
        QVERIFY(printed.open(QIODevice::ReadOnly));
        QCOMPARE(printed.read(5), QByteArray("%PDF-"));
        next();
        QCOMPARE(step(), QStringLiteral("own"));
        QCOMPARE(app_->window->currentPage(), QStringLiteral("start"));
        next();
        QVERIFY(!app_->window->tour().running());
        QVERIFY(!app_->find<QWidget>("tour")->isVisible());
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u'\n')));
    }
    void itCanBeLeftAndTakenAgain() {
        app_->window->showPage(QStringLiteral("tour"));
        QTRY_COMPARE(step(), QStringLiteral("course"));
        next();
        app_->click("tourBack");
        QCOMPARE(step(), QStringLiteral("course"));
        app_->step("mirror"); // it is no cage
        QCOMPARE(app_->window->currentPage(), QStringLiteral("mirror"));
        QVERIFY(app_->window->tour().running());
        app_->click("tourLeave");
        QVERIFY(!app_->window->tour().running());
    }
    void backToTheOwnLibrary() {
        app_->window->showPage(QStringLiteral("start"));
        QVERIFY(app_->find<QWidget>("ownLibrary")->isVisible());
        app_->click("ownLibrary");
        QVERIFY(!app_->workspace.isDemo());
        QCOMPARE(QFileInfo(app_->workspace.library()->folder()), QFileInfo(folder_.filePath(QStringLiteral("own"))));
        QVERIFY(!app_->workspace.hasCase());
        QVERIFY(app_->errors.isEmpty());
    }
    /// The demo of another version: a newer one is offered, and what was changed in this one stays.
    void aNewerDemoKeepsTheOneThatIsThere() {
        app_->step("start");
        app_->click("openDemo");
        QTRY_COMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        app_->step("start");
        QVERIFY(!app_->find<QWidget>("newerDemo")->isVisible()); // it is this version's
        QVERIFY(!app_->find<QWidget>("demoOfBefore")->isVisible());
        QVERIFY(app_->workspace.apply(QStringLiteral("Goal"), [&](Edit& edit) {
            Athlete athlete = app_->data().athlete;
            athlete.goal = QStringLiteral("changed by hand");
            return edit.setAthlete(athlete);
        }));
        QFile edition(demoFolder() + QStringLiteral("/demo-edition"));
        QVERIFY(edition.open(QIODevice::WriteOnly) && edition.write("of before") > 0);
        edition.close();
        app_->step("athlete");
        app_->step("start");
        app_->click("newerDemo");
        QTRY_COMPARE_WITH_TIMEOUT(app_->window->currentPage(), QStringLiteral("athlete"), 120000);
        QVERIFY(app_->data().athlete.goal != QStringLiteral("changed by hand"));
        QCOMPARE(app_->workspace.library()->folder(), demoFolder());
        app_->step("start");
        QVERIFY(!app_->find<QWidget>("newerDemo")->isVisible());
        app_->click("demoOfBefore");
        QCOMPARE(app_->data().athlete.goal, QStringLiteral("changed by hand"));
        QVERIFY(app_->workspace.library()->folder() != demoFolder());
        QVERIFY(app_->workspace.library()->verify()->sound);
        QVERIFY(app_->errors.isEmpty());
        const QString before = app_->workspace.library()->folder();
        app_.reset();
        QDir(before).removeRecursively();
    }
};

QTEST_MAIN(TestTour)
#include "tst_tour.moc"
