// Beliefs before results: nothing of a case is shown beside a reference, as a state or as a finding before what is
// believed is locked, or it is said that nobody was asked.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "window_driver.h"

#include "app/widgets/deviation_ruler.h"
#include "store/database.h"

#include <QComboBox>
#include <QListWidget>
#include <QRegularExpression>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestBeliefsFirst : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] CaseData onDisk() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    void show(const char* page) const {
        app_->window->showPage(QLatin1String(page));
        QTRY_VERIFY(!app_->workspace.assessing());
    }
    /// What is seen of a page, line by line.
    [[nodiscard]] QStringList seen(const char* page) const {
        QStringList out;
        for (const QLabel* label : app_->window->page(QLatin1String(page))->findChildren<QLabel*>())
            if (label->isVisible())
                out << label->text();
        for (const QListWidget* list : app_->window->page(QLatin1String(page))->findChildren<QListWidget*>())
            for (int i = 0; list->isVisible() && i < list->count(); ++i)
                out << list->item(i)->text();
        return out;
    }
    [[nodiscard]] QString stepState(const char* page) const {
        return app_->window->page(QLatin1String(page))->state().detail;
    }

private slots:
    void init() {
        folder_ = QTemporaryDir();
        const QString library = demoCopy(folder_);
        { // as if nobody had been asked yet
            const auto db = Database::open(library + QStringLiteral("/library.sqlite"), true);
            QVERIFY(db && db->run(QStringLiteral("UPDATE belief SET locked=0")) &&
                    db->run(QStringLiteral("DELETE FROM not_asked")));
        }
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(library));
        QTRY_VERIFY(!app_->workspace.assessing());
    }
    void cleanup() { app_.reset(); }

    void nothingIsShownBefore() {
        static const QRegularExpression kState(QStringLiteral("\\bclear\\b|to decide|Found: |main focus|start here"));
        static const QRegularExpression kResult(QStringLiteral("±|") + kState.pattern());
        QVERIFY(app_->workspace.resultsHidden() && !app_->workspace.assessment());
        for (const char* page : {"athlete", "mark", "mirror", "findings", "plan", "practice", "progress", "handover"}) {
            show(page);
            QTest::qWait(50);                                               // what came late would be seen now
            const bool mark = QLatin1String(page) == QLatin1String("mark"); // times and places of marks are no results
            for (const QString& line : seen(page))
                QVERIFY2(!line.contains(mark ? kState : kResult),
                         qPrintable(QLatin1String(page) + QStringLiteral(": ") + line));
            if (mark)
                QVERIFY(
                    seen(page).join(u' ').contains(QStringLiteral("Values are shown once what is believed is locked")));
            for (const DeviationRuler* ruler : app_->window->page(QLatin1String(page))->findChildren<DeviationRuler*>())
                QVERIFY2(!ruler->isVisible(), page);
            QVERIFY2(!stepState(page).contains(QRegularExpression(QStringLiteral("clear|decide|dated"))),
                     qPrintable(stepState(page)));
        }
        for (const char* page : {"mirror", "findings", "plan", "progress", "handover"}) {
            show(page);
            if (QLatin1String(page) == QLatin1String("progress"))
                app_->click("progressFilm"); // what was practised stands beside no reference
            QVERIFY2(app_->headline().contains(QStringLiteral("once what is believed is locked")),
                     qPrintable(app_->headline()));
        }
        QCOMPARE(app_->find<QComboBox>("rung")->count(), 0);
        // And then, locked, everything.
        show("athlete");
        app_->click("lockBeliefs");
        QTRY_VERIFY(app_->quiet() && app_->workspace.assessment());
        show("mirror");
        bool any = false;
        for (const QString& line : seen("mirror"))
            any = any || line.contains(QStringLiteral("±"));
        for (const DeviationRuler* ruler :
             app_->window->page(QStringLiteral("mirror"))->findChildren<DeviationRuler*>())
            any = any || ruler->isVisible();
        QVERIFY(any);
        QVERIFY(stepState("mirror").contains(QStringLiteral("clear")));
        // A case whose results are hidden does not show the rungs of the one before.
        show("practice");
        QTRY_VERIFY(app_->find<QComboBox>("rung")->count() > 0);
        app_->selectAthlete(QStringLiteral("Davor Quillane"));
        QTRY_VERIFY(app_->workspace.resultsHidden() && !app_->workspace.assessing());
        show("practice");
        QTRY_COMPARE(app_->find<QComboBox>("rung")->count(), 0);
    }
    void aLockIsNotUndone() {
        show("athlete");
        app_->type("beliefWords", QStringLiteral("I am quick"));
        QTest::keyClick(app_->find<QLineEdit>("beliefWords"), Qt::Key_Return);
        QTRY_COMPARE(onDisk().beliefs.size(), std::size_t(3));
        app_->click("lockBeliefs");
        QTRY_VERIFY(app_->quiet() && app_->workspace.assessment());
        // The step before, writing it down, is the one that undo names; what is locked stays all the same.
        QCOMPARE(app_->workspace.undoName(), QStringLiteral("Write down a belief"));
        app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(app_->workspace.undoName().isEmpty());
        QCOMPARE(onDisk().beliefs.size(), std::size_t(3));
        for (const Belief& belief : onDisk().beliefs)
            QVERIFY(belief.locked);
        app_->workspace.redo();
        QCOMPARE(onDisk().beliefs.size(), std::size_t(3));
        // A correction is an entry beside the old one, and does not hide what was shown.
        app_->type("beliefWords", QStringLiteral("Not as quick as I thought"));
        QTest::keyClick(app_->find<QLineEdit>("beliefWords"), Qt::Key_Return);
        QTRY_COMPARE(onDisk().beliefs.size(), std::size_t(4));
        QVERIFY(!app_->workspace.resultsHidden());
        // The case goes with its locked beliefs, and leaves none behind.
        const AthleteId athlete = app_->data().athlete.id;
        app_->window->showPage(QStringLiteral("start"));
        QVERIFY(app_->workspace.library()->eraseAthlete(athlete));
        QVERIFY(app_->workspace.library()->verify());
    }
    void notAskedIsSaidWithItsDay() {
        // Nothing is written down: each of the two is said not to be asked.
        QVERIFY(app_->workspace.apply(QStringLiteral("Empty"), [&](Edit& edit) -> Result<void> {
            for (const Belief& belief : app_->data().beliefs)
                if (auto done = edit.removeBelief(belief.id); !done)
                    return done;
            return {};
        }));
        show("athlete");
        QVERIFY(app_->headline().contains(QStringLiteral("or say that nobody was asked")));
        app_->click("athleteNotAsked");
        QTRY_COMPARE(onDisk().notAsked.size(), std::size_t(1));
        QVERIFY(app_->workspace.resultsHidden()); // the first guess is still open
        app_->click("noFirstGuess");
        QTRY_COMPARE(onDisk().notAsked.size(), std::size_t(2));
        QCOMPARE(onDisk().notAsked.at(Guesser::Athlete), QDate::currentDate());
        QTRY_VERIFY(app_->quiet() && app_->workspace.assessment());
        const QString words = QStringLiteral("The athlete was not asked (%1)")
                                  .arg(QLocale().toString(QDate::currentDate(), QStringLiteral("d MMM yyyy")));
        QTRY_VERIFY(seen("athlete").join(u' ').contains(words));
    }
};

QTEST_MAIN(TestBeliefsFirst)
#include "tst_beliefs_first.moc"
