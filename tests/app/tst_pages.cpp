// Pages by themselves: the first start, names for screen readers, bad clips, jobs that are stopped.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/guide_window.h"
#include "report/report_content.h"
#include "report/words.h"
#include "window_driver.h"

#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QAccessible>
#include <QComboBox>
#include <QHeaderView>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QProcess>
#include <QPushButton>
#include <QRegularExpression>
#include <QSpinBox>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTreeWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestPages : public QObject {
    Q_OBJECT
private slots:
    void theFirstStartOffersItsDoors() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("athlete"));
        QCOMPARE(d.window->currentPage(), QStringLiteral("start"));
        QVERIFY(d.headline().contains(QStringLiteral("no case yet")));
        for (const char* page : {"film", "mark", "findings", "plan", "practice", "handover"}) {
            d.window->showPage(QString::fromUtf8(page));
            QCOMPARE(d.window->currentPage(), QStringLiteral("start")); // never an empty page
        }
        d.click("startCase"); // without a name
        QVERIFY(d.errors.last().contains(QStringLiteral("name")));
        QVERIFY(!d.workspace.hasCase());
        d.type("newName", QStringLiteral("Somebody New"));
        d.find<QComboBox>("newSkill")->setCurrentIndex(0);
        QVERIFY(d.find<QComboBox>("newSkill")->count() > 0);
        d.click("startCase");
        QTRY_VERIFY(d.workspace.hasCase());
        QCOMPARE(d.data().athlete.name, QStringLiteral("Somebody New"));
        QCOMPARE(d.window->currentPage(), QStringLiteral("athlete"));
        const auto cases = (*Library::open(dir.path(), Library::Mode::ReadOnly))->cases();
        QCOMPARE(cases->size(), std::size_t(1));
        QCOMPARE(cases->front().athlete, QStringLiteral("Somebody New"));
    }
    void everyControlHasANameAndIsReachedByTab() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        QStringList unnamed;
        for (const QString& id : MainWindow::pageIds()) {
            d.window->showPage(id);
            QTRY_VERIFY(d.quiet());
            QTest::qWait(1); // what the page has made is shown when events run
            int controls = 0;
            for (QWidget* widget : d.window->page(id)->findChildren<QWidget*>()) {
                if (!widget->isVisible() || widget->objectName().startsWith(QStringLiteral("qt_")))
                    continue;
                const auto* button = qobject_cast<QAbstractButton*>(widget);
                if (button) {
                    ++controls;
                    QVERIFY2(!button->text().isEmpty() || !button->accessibleName().isEmpty(),
                             qPrintable(id + u' ' + button->objectName()));
                    QVERIFY2(button->focusPolicy() & Qt::TabFocus, qPrintable(id + u' ' + button->text()));
                }
            }
            // What is filled in or chosen from has a name that a screen reader can say.
            for (QWidget* widget : d.window->page(id)->findChildren<QWidget*>()) {
                const bool filled = qobject_cast<QComboBox*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                                    qobject_cast<QAbstractSpinBox*>(widget) || qobject_cast<QPlainTextEdit*>(widget) ||
                                    qobject_cast<QAbstractItemView*>(widget);
                const bool part = qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) ||
                                  qobject_cast<QComboBox*>(widget->parentWidget()) ||
                                  qobject_cast<QHeaderView*>(widget) ||
                                  widget->objectName().startsWith(QStringLiteral("qt_"));
                if (!filled || part || !widget->isVisible())
                    continue;
                const QAccessibleInterface* said = QAccessible::queryAccessibleInterface(widget);
                if (!said || said->text(QAccessible::Name).isEmpty())
                    unnamed << id + u' ' + widget->objectName() + u' ' +
                                   QString::fromLatin1(widget->metaObject()->className());
            }
            QVERIFY2(!d.window->page(id)->headline().isEmpty(), qPrintable(id)); // shown, missing, next
            if (id != QStringLiteral("packs") && id != QStringLiteral("mirror") && id != QStringLiteral("progress"))
                QVERIFY2(controls > 0, qPrintable(id));
        }
        QVERIFY2(unnamed.isEmpty(), qPrintable(unnamed.join(u'\n')));
    }
    void unreadableClipsLeaveTheCaseAsItWas() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("film"));
        const std::size_t clips = d.data().sessions.front().clips.size();
        QFile bad(dir.filePath(QStringLiteral("bad.mp4")));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("no clip");
        bad.close();
        d.window->addClips({bad.fileName(), dir.filePath(QStringLiteral("gone.mp4"))});
        QTRY_COMPARE(d.errors.size(), 2);
        QVERIFY(d.errors[0].contains(QStringLiteral("bad.mp4")));
        QVERIFY(d.errors[1].contains(QStringLiteral("gone.mp4")));
        QCOMPARE(d.data().sessions.front().clips.size(), clips);
        // A good one beside them is added all the same.
        d.window->addClips({bad.fileName(), QStringLiteral(DEMO_CLIPS "/instructors.mp4")});
        QTRY_COMPARE(d.data().sessions.front().clips.size(), clips + 1);
        QVERIFY(d.shows("filmStage"));
    }
    void aMovedClipIsSaidAndTheNumbersStay() {
        QTemporaryDir dir;
        demoCopy(dir);
        for (const QString& file : QDir(dir.filePath(QStringLiteral("media"))).entryList(QDir::Files))
            QFile::remove(dir.filePath(QStringLiteral("media/") + file));
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("film"));
        QVERIFY(d.window->page(QStringLiteral("film"))->state().kind == StepState::Kind::Attention);
        QTRY_VERIFY(d.quiet());
        QVERIFY(!d.workspace.assessment()->findings.ranked.empty());
        d.window->showPage(QStringLiteral("mark"));
        QTRY_VERIFY(!d.errors.isEmpty()); // "no such file", and the window goes on
        d.window->showPage(QStringLiteral("findings"));
    }
    void aSecondWindowOnlyShows() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver first;
        QVERIFY(first.workspace.open(dir.path()));
        Driver second;
        QVERIFY(second.workspace.open(dir.path())); // opens all the same, and says why it only shows
        QVERIFY(second.errors.last().contains(QStringLiteral("Another window")));
        QVERIFY(second.workspace.hasCase());
        QTRY_VERIFY(second.quiet());
        QVERIFY(!second.workspace.assessment()->findings.ranked.empty());
        second.errors.clear();
        const auto rename = [](Driver& d, const QString& title) {
            Athlete athlete = d.data().athlete;
            athlete.level = title;
            return d.workspace.apply(QStringLiteral("Change"), [&](Edit& edit) { return edit.setAthlete(athlete); });
        };
        QVERIFY(!rename(second, QStringLiteral("second")));
        QVERIFY(second.errors.last().contains(QStringLiteral("only shown")));
        QVERIFY(rename(first, QStringLiteral("first"))); // the first is not hindered
        second.workspace.selectCase(second.data().id);   // and what it wrote is seen
        QCOMPARE(second.data().athlete.level, QStringLiteral("first"));
    }
    void aJobIsStoppedFromTheStatusLine() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        std::atomic<bool> begun{false}, ended{false};
        bool cancelledSeen = false;
        d.workspace.start<int>(
            QStringLiteral("Long work"), d.window.get(), Workspace::ofProgram(),
            [&begun, &ended](JobControl& control) -> Result<int> {
                begun = true;
                for (int i = 0; control.goOn(0.5); ++i)
                    QThread::msleep(2);
                ended = true;
                return cancelled();
            },
            [&cancelledSeen](const Result<int>& result) {
                cancelledSeen = !result && result.error().kind == Error::Kind::Cancelled;
            });
        QTRY_VERIFY(begun.load()); // one that waits would end without beginning
        QTRY_VERIFY(d.find<QWidget>("stopJob")->isVisible());
        d.click("stopJob");
        QTRY_VERIFY(ended.load());
        QTRY_VERIFY(cancelledSeen);
        QTRY_VERIFY(!d.find<QWidget>("stopJob")->isVisible());
    }
    void closingWhileJobsRunIsSafe() {
        QTemporaryDir dir;
        demoCopy(dir);
        for (const char* page : {"mirror", "handover", "film", "findings", "athlete"}) {
            Driver d;
            QVERIFY(d.workspace.open(dir.path()));
            d.window->showPage(QString::fromUtf8(page));
            if (QLatin1String(page) == QLatin1String("handover"))
                QTRY_VERIFY(d.workspace.assessment() && !d.workspace.jobs().idle()); // the preview is being laid out
            else
                QTRY_VERIFY(!d.workspace.jobs().idle() || d.workspace.frames().underWay() > 0);
        }
        QVERIFY((*Library::open(dir.path(), Library::Mode::ReadOnly))->verify()->sound);
    }
    void theAthletePageKeepsEveryField() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("athlete"));
        auto* limits = d.find<QLineEdit>("limitWords");
        limits->setFocus();
        QTest::keyClicks(limits, QStringLiteral("my hips are stiff"));
        QTest::keyClick(limits, Qt::Key_Return);
        QTRY_COMPARE(d.data().athlete.limits.size(), std::size_t(1));
        QVERIFY(d.data().athlete.limits[0].part == BodyPart::Hip &&
                d.data().athlete.limits[0].kind == LimitKind::Stiff);
        QCOMPARE(d.workspace.undoName(), QStringLiteral("Add a limit"));
        // The limit changes the target of the bent rear leg.
        QTRY_VERIFY(d.quiet() && d.workspace.assessment()->findings.find("rear_bent")->changedTarget);
        d.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(d.data().athlete.limits.empty());
        auto* name = d.find<QLineEdit>("athleteName");
        name->setFocus();
        name->selectAll();
        QTest::keyClick(name, Qt::Key_Delete);
        QTest::keyClick(name, Qt::Key_Return);
        QTRY_VERIFY(d.errors.contains(QStringLiteral("The athlete needs a name; the old one is kept.")));
        QCOMPARE(d.data().athlete.name, QStringLiteral("Ilka Sandrey"));
    }
    void aFindingStandsInEveryOrder() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("findings"));
        QTRY_VERIFY(d.quiet());
        const auto assessment = d.workspace.assessment();
        QVERIFY(assessment);
        const Finding* chosen = nullptr; // of an assessment that stays: `assessment` holds it
        for (const Finding& finding : assessment->findings.ranked)
            if (finding.present)
                chosen = &finding;
        QVERIFY(chosen);
        auto* list = d.window->page(QStringLiteral("findings"))->findChild<QListWidget*>();
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->data(Qt::UserRole).toString().toStdString() == chosen->fault)
                list->setCurrentRow(i);
        QTest::qWait(1); // what stood there before is deleted when events run
        const auto* places = d.find<QLabel>("places");
        QVERIFY(places->isVisible());
        for (School school : kAllSchools)
            if (school != assessment->school)
                QVERIFY2(places->text().contains(words::schoolName(school) + u' ' +
                                                 QString::number(chosen->places[static_cast<std::size_t>(school)])),
                         qPrintable(places->text()));
        // Both conditions are filmed: no clip is asked for. Without the harder one it is.
        QVERIFY(!d.window->findChild<QLabel*>(QStringLiteral("wish")));
        const ClipId lamp = d.data().sessions.front().clips[1].id;
        QVERIFY(d.workspace.apply(QStringLiteral("Remove"), [&](Edit& edit) { return edit.removeClip(lamp); }));
        QTRY_VERIFY(d.quiet());
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->data(Qt::UserRole).toString().toStdString() == chosen->fault)
                list->setCurrentRow(i);
        QTest::qWait(1);
        const auto* wish = d.find<QLabel>("wish");
        QVERIFY(wish && !wish->text().isEmpty());
    }
    void whatTheAthleteFeltIsKeptAndSetAgainstTheFilm() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("film"));
        QTRY_VERIFY(d.quiet());
        const RepetitionId chosen = d.workspace.repetition();
        const std::string before = d.data().repetition(chosen)->felt;
        QWidget* film = d.window->page(QStringLiteral("film"));
        QTest::keyClick(film, before == "off" ? Qt::Key_F : Qt::Key_O);
        const std::string after = before == "off" ? "right" : "off";
        QCOMPARE(d.data().repetition(chosen)->felt, after);
        QVERIFY(d.find<QPushButton>(after == "off" ? "feltOff" : "feltRight")->isChecked());
        // On disk too, and taken back by undo or by the same key.
        QCOMPARE((*Library::open(dir.path(), Library::Mode::ReadOnly))->loadCase(d.data().id)->repetition(chosen)->felt,
                 after);
        QTest::keyClick(film, after == "off" ? Qt::Key_O : Qt::Key_F);
        QVERIFY(d.data().repetition(chosen)->felt.empty());
        d.workspace.undo();
        QCOMPARE(d.data().repetition(chosen)->felt, after);
        d.window->showPage(QStringLiteral("findings"));
        QTRY_VERIFY(d.quiet());
        QTest::qWait(1);
        const QString text = d.find<QLabel>("felt")->text();
        QVERIFY2(text.contains(QStringLiteral("Felt right")) && text.contains(QStringLiteral("agree in")),
                 qPrintable(text));
    }
    void thePlanHoldsALessonAndItsConflicts() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("plan"));
        QTRY_VERIFY(d.quiet());
        QTest::qWait(1);
        auto* lesson = d.find<QWidget>("lesson");
        int minutes = 0;
        QString all;
        for (const QLabel* line : lesson->findChildren<QLabel*>()) {
            static const QRegularExpression kMinutes(QStringLiteral("^(\\d+) min$"));
            if (const auto match = kMinutes.match(line->text()); match.hasMatch())
                minutes += match.captured(1).toInt();
            all += line->text();
        }
        QCOMPARE(minutes, kLessonMinutes);
        QVERIFY(all.contains(QStringLiteral("12 repetitions, counted")));
        QVERIFY(!all.contains(u'@')); // this athlete's left and right, not roles
        // A retention test two days after the retest is said, with what to do.
        const PlanSettings& plan = d.data().plan;
        PlanSettings close = plan;
        close.retention = plan.retest.addDays(2);
        const CaseId id = d.data().id;
        d.workspace.apply(QStringLiteral("Move"), [id, close](Edit& edit) { return edit.setPlan(id, close); });
        QTRY_VERIFY(d.quiet());
        QVERIFY(d.window->page(QStringLiteral("plan"))->state().kind == StepState::Kind::Attention);
        bool said = false;
        for (const QLabel* line : d.window->page(QStringLiteral("plan"))->findChildren<QLabel*>())
            said = said || line->text().contains(QStringLiteral("less than a week after the retest"));
        QVERIFY(said);
    }
    void aPositionInADisputeIsKept() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(dir)).ok());
        d.selectAthlete(QStringLiteral("Ilka Sandrey"));
        d.window->showPage(QStringLiteral("plan"));
        const auto box = [&] { // made anew with every change: the visible one
            QComboBox* found = nullptr;
            for (auto* each : d.window->findChildren<QComboBox*>(QStringLiteral("position-hand_or_together")))
                if (each->isVisible())
                    found = each;
            return found;
        };
        QTRY_VERIFY(box());
        QCOMPARE(box()->currentText(), QStringLiteral("no position"));
        const int at = box()->findData(QStringLiteral("hand_first"));
        box()->setCurrentIndex(at);
        emit box()->activated(at);
        QTRY_COMPARE(d.data().positions.size(), std::size_t(1));
        QCOMPARE(d.data().positions[0].position, std::string("hand_first"));
        QLineEdit* reason = nullptr;
        const auto visibleReason = [&] {
            for (auto* each : d.window->findChildren<QLineEdit*>(QStringLiteral("reason-hand_or_together")))
                if (each->isVisible())
                    reason = each;
            return reason != nullptr;
        };
        QTRY_VERIFY(visibleReason());
        QTest::keyClicks(reason, QStringLiteral("she shows it"));
        QTest::keyClick(reason, Qt::Key_Return);
        QTRY_COMPARE(d.data().positions[0].reason, QStringLiteral("she shows it"));
        // The core gets it, the journal has it, and it can be taken back.
        QTRY_VERIFY(d.workspace.assessment() && d.workspace.assessment()->positions.contains("hand_or_together"));
        QCOMPARE(d.workspace.assessment()->positions.at("hand_or_together"), std::string("hand_first"));
        const auto journal = d.workspace.library()->journal(d.data().id);
        QVERIFY(journal.ok());
        QVERIFY(std::any_of(journal->begin(), journal->end(), [](const JournalEntry& entry) {
            return entry.what.endsWith(QStringLiteral("The hand leads")) &&
                   entry.reason == QStringLiteral("she shows it");
        }));
        QTRY_VERIFY(box());
        box()->setCurrentIndex(0);
        emit box()->activated(0);
        QTRY_VERIFY(d.data().positions.empty());
    }
    /// F1: the guide at the page at hand, with pictures and a search.
    void theGuideOpensAtThePage() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.step("mark");
        d.shortcut(Qt::Key_F1, Qt::NoModifier);
        auto* guide = d.window->findChild<GuideWindow*>();
        QVERIFY(guide && guide->isVisible());
        auto* chapters = guide->findChild<QListWidget*>(QStringLiteral("guideChapters"));
        auto* text = guide->findChild<QTextBrowser*>(QStringLiteral("guideText"));
        QCOMPARE(chapters->currentItem()->text(), QStringLiteral("3 Mark"));
        QTRY_VERIFY(text->cursorForPosition(QPoint(30, 8)).block().text().startsWith(QStringLiteral("3 Mark")));
        for (const QString& id : MainWindow::pageIds())
            QVERIFY2(chapters->findItems(GuideWindow::chapterOf(id), Qt::MatchExactly).size() == 1, qPrintable(id));
        // A picture stands in every chapter of a page, and is there.
        int pictures = 0;
        for (QTextBlock block = text->document()->begin(); block.isValid(); block = block.next())
            for (auto part = block.begin(); !part.atEnd(); ++part)
                if (part.fragment().charFormat().isImageFormat()) {
                    const QString name = part.fragment().charFormat().toImageFormat().name();
                    QVERIFY2(QFile::exists(QFileInfo(text->source().toLocalFile()).dir().filePath(name)),
                             qPrintable(name));
                    ++pictures;
                }
        QVERIFY2(pictures >= 12, qPrintable(QString::number(pictures)));
        auto* search = guide->findChild<QLineEdit*>(QStringLiteral("guideSearch"));
        QTest::keyClicks(search, QStringLiteral("home sheet"));
        auto* found = guide->findChild<QLabel*>(QStringLiteral("guideFound"));
        const QString first = found->text();
        QVERIFY2(first.startsWith(QStringLiteral("1 of ")), qPrintable(first));
        QTest::keyClick(search, Qt::Key_Return);
        QVERIFY(found->text().startsWith(QStringLiteral("2 of ")));
        QTest::keyClick(search, Qt::Key_Return, Qt::ShiftModifier);
        QCOMPARE(found->text(), first);
        QTest::keyClicks(search, QStringLiteral("zzz"));
        QCOMPARE(found->text(), QStringLiteral("not there"));
        if (const QByteArray to = qgetenv("GUIDE_SHOT"); !to.isEmpty()) {
            search->clear();
            guide->showPage(QStringLiteral("mark"));
            guide->grab().save(QString::fromUtf8(to));
        }
        guide->close();
        d.step("plan");
        d.shortcut(Qt::Key_F1, Qt::NoModifier);
        QCOMPARE(chapters->currentItem()->text(), QStringLiteral("6 Plan"));
        guide->close();
    }
    void searchFindsPagesMeasuresAndDrills() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("athlete"));
        QTRY_VERIFY(d.quiet());
        const auto search = [&](const QString& text) {
            d.shortcut(Qt::Key_K, Qt::ControlModifier);
            auto* field = d.find<QLineEdit>("search");
            field->setFocus();
            field->clear();
            QTest::keyClicks(field, text);
            QTest::keyClick(field, Qt::Key_Return);
        };
        search(QStringLiteral("go to plan"));
        QTRY_COMPARE(d.window->currentPage(), QStringLiteral("plan"));
        search(QStringLiteral("trunk lean"));
        QTRY_COMPARE(d.window->currentPage(), QStringLiteral("mirror"));
        QTRY_VERIFY(d.find<QWidget>("whyPanel")->isVisible());
        d.click("closeWhy");
        search(QStringLiteral("hand, pause, step"));
        QTRY_COMPARE(d.window->currentPage(), QStringLiteral("packs"));
    }
    void schoolsAreChosenWithTheCase() {
        QTemporaryDir dir;
        demoCopy(dir);
        Driver d;
        QVERIFY(d.workspace.open(dir.path()));
        d.window->showPage(QStringLiteral("findings"));
        QTRY_VERIFY(d.quiet());
        auto* school = d.find<QComboBox>("findingsSchool");
        school->setCurrentIndex(1);
        emit school->activated(1);
        QTRY_COMPARE(d.data().school, QStringLiteral("ground"));
        QTRY_VERIFY(d.quiet() && d.workspace.assessment()->school == School::Ground);
        d.window->showPage(QStringLiteral("findings"));
        QVERIFY(d.find<QListWidget>("findings")->item(0)->text().contains(QStringLiteral("caution"))); // safety above
                                                                                                       // every school
    }
    void theSkillsFigureMoves() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(dir)).ok());
        for (const char* athlete : {"Joris Halvane", "Davor Quillane"}) {
            d.selectAthlete(QString::fromLatin1(athlete));
            d.window->showPage(QStringLiteral("packs"));
            QTRY_VERIFY(d.quiet());
            auto* figure = d.find<QWidget>("skillFigure");
            QTRY_VERIFY(figure->isVisible());
            const QImage first = figure->grab().toImage();
            std::set<QRgb> colours;
            for (int x = 0; x < first.width(); ++x)
                for (int y = 0; y < first.height(); ++y)
                    colours.insert(first.pixel(x, y));
            QVERIFY2(colours.size() > 2, athlete); // somebody is drawn on the ground
            QTRY_VERIFY2(figure->grab().toImage() != first, athlete);
        }
        d.window->showPage(QStringLiteral("plan")); // what nobody sees does not move
        QVERIFY(!d.find<QWidget>("skillFigure")->isVisible());
    }
    void theSkillIsExplainedOnASheet() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(dir)).ok());
        d.selectAthlete(QStringLiteral("Ilka Sandrey"));
        d.window->showPage(QStringLiteral("packs"));
        QTRY_VERIFY(d.quiet());
        const auto pages = [&] { return d.window->findChildren<QLabel*>(QStringLiteral("sheetPage")); };
        QVERIFY(!d.find<QWidget>("printSheet")->isVisible());
        d.click("packSheet");
        QTRY_COMPARE(pages().size(), 1);
        QVERIFY(pages()[0]->isVisible() && !d.find<QWidget>("packTree")->isVisible());
        d.click("packWholeSheet");
        QTRY_VERIFY(pages().size() > 2);
        const int shown = static_cast<int>(pages().size());
        d.click("printSheet");
        const QString pdf = dir.path() + QStringLiteral("/reports/Fencing lunge, whole skill sheet.pdf");
        QTRY_VERIFY(d.quiet() && QFileInfo(pdf).size() > 1000);
        QProcess info; // it prints as it is shown
        info.start(QStringLiteral("pdfinfo"), {pdf});
        QVERIFY(info.waitForFinished());
        QVERIFY(QString::fromUtf8(info.readAllStandardOutput())
                    .contains(QRegularExpression(QStringLiteral("Pages: +%1\n").arg(shown))));
        d.click("packContent");
        QVERIFY(d.find<QWidget>("packTree")->isVisible());
        // The case keeps its own; what ships now and is otherwise is said.
        auto* tree = d.find<QTreeWidget>("packTree");
        QVERIFY(!tree->topLevelItem(0)->text(0).startsWith(QStringLiteral("Otherwise")));
        // Every row is as high as its words need where they are wrapped.
        const auto cut = [&] {
            int rows = 0;
            for (int g = 0; g < tree->topLevelItemCount(); ++g)
                for (int i = 0; i < tree->topLevelItem(g)->childCount(); ++i)
                    for (int column = 0; column < 3; ++column) {
                        const QRect cell =
                            tree->visualRect(tree->indexFromItem(tree->topLevelItem(g)->child(i), column));
                        constexpr int kMargins = 8;
                        const QRect words = tree->fontMetrics().boundingRect(
                            QRect(0, 0, cell.width() - kMargins, 10000), Qt::TextWordWrap,
                            tree->topLevelItem(g)->child(i)->text(column));
                        rows += words.height() > cell.height();
                    }
            return rows;
        };
        QTRY_COMPARE(cut(), 0);
        QVERIFY(d.errors.isEmpty());
    }
    void theTracesAreThePacksOwnAndDiffer() {
        QTemporaryDir dir;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(dir)).ok());
        d.window->showPage(QStringLiteral("mark"));
        for (const char* athlete : {"Ilka Sandrey", "Davor Quillane", "Mirelle Ostrand"}) {
            d.selectAthlete(QString::fromLatin1(athlete));
            const auto* first = d.find<QComboBox>("trace-1");
            const auto* second = d.find<QComboBox>("trace-2");
            for (int i = 0; i < first->count(); ++i)
                QVERIFY(d.data().pack.measure(first->itemData(i).toString().toStdString()) != nullptr);
            QVERIFY2(first->currentText().section(u',', 0, 0) != second->currentText().section(u',', 0, 0),
                     qPrintable(first->currentText()));
        }
    }
};

QTEST_MAIN(TestPages)
#include "tst_pages.moc"
