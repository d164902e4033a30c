// The Cases page: a second case beside the first, found by typing; a case out and in again; an athlete deleted for
// good.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/start/case_shelf.h"
#include "store/case_archive.h"
#include "window_driver.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTreeWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestCases : public QObject {
    Q_OBJECT

    QTemporaryDir folder_, out_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QStringList listed() const {
        QStringList out;
        const auto* list = app_->find<QListWidget>("caseList");
        for (int i = 0; i < list->count(); ++i)
            out << list->item(i)->text();
        return out;
    }
    [[nodiscard]] CaseShelf* shelf() const { return app_->window->findChild<CaseShelf*>(); }

private slots:
    void initTestCase() {
        const QString folder = demoCopy(folder_);
        if (kSanitized) { // a case of one session: read and compared again and again it goes the same ways
            const auto library = Library::open(folder);
            QVERIFY(library.ok());
            const CaseData data = *(*library)->loadCase((*library)->cases()->front().id);
            for (std::size_t i = 1; i < data.sessions.size(); ++i)
                QVERIFY((*library)->eraseSession(data.sessions[i].id).ok());
        }
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(folder).ok());
        app_->step("start");
        QCOMPARE(app_->window->currentPage(), QStringLiteral("start"));
    }
    void aSecondCaseBesideTheFirst() {
        QCOMPARE(listed().size(), 6);
        QVERIFY(listed()[0].contains(QStringLiteral("Ilka Sandrey")) && listed()[0].contains(QStringLiteral("(open)")));
        if (app_->find<QComboBox>("newSkill")->count() == 0)
            QSKIP("packs are not beside the test program");
        app_->type("newName", QStringLiteral("Someone Else"));
        app_->click("startCase");
        QCOMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        QCOMPARE(app_->data().athlete.name, QStringLiteral("Someone Else"));
        app_->step("start");
        QCOMPARE(listed().size(), 7);
    }
    void aSkillIsFoundAmongMany() {
        auto* skill = app_->find<QComboBox>("newSkill");
        QVERIFY(skill->count() >= 8);
        // Those of the last cases come first; each has a line, and those told by postures a picture.
        const auto cases = app_->workspace.library()->cases();
        QCOMPARE(skill->itemText(0), cases->front().title);
        for (int i = 0; i < skill->count(); ++i)
            QVERIFY2(!skill->itemData(i, Qt::UserRole + 1).toString().isEmpty(), qPrintable(skill->itemText(i)));
        const auto typed = [&](const char* words) {
            skill->lineEdit()->selectAll();
            QTest::keyClicks(skill->lineEdit(), QString::fromLatin1(words));
            skill->completer()->popup()->hide();
            QTest::keyClick(skill->lineEdit(), Qt::Key_Return);
            return skill->currentText();
        };
        QVERIFY2(typed("squash").contains(QStringLiteral("small court")), qPrintable(skill->currentText()));
        QVERIFY2(typed("badminton").startsWith(QStringLiteral("Overhead stroke")), qPrintable(skill->currentText()));
        const QString before = skill->currentText();
        QCOMPARE(typed("no such sport"), before); // what fits nothing changes nothing
    }
    void theDeskLeadsToWhatIsDue() {
        // Nobody asked the new athlete: that comes first, and a click goes where it is answered.
        auto* desk = app_->find<QListWidget>("deskList");
        QVERIFY(desk->isVisible() && desk->count() >= 1);
        QVERIFY2(desk->item(0)->text().contains(QStringLiteral("Someone Else")), qPrintable(desk->item(0)->text()));
        QVERIFY(desk->item(0)->text().contains(QStringLiteral("No consent")));
        app_->workspace.selectCase(app_->workspace.library()->cases()->back().id);
        QTest::mouseClick(desk->viewport(), Qt::LeftButton, {}, desk->visualItemRect(desk->item(0)).center());
        QCOMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        QCOMPARE(app_->data().athlete.name, QStringLiteral("Someone Else"));
        app_->step("start");
    }
    void foundByTyping() {
        app_->type("caseFilter", QStringLiteral("ilk"));
        QCOMPARE(listed().size(), 1);
        QTest::keyClick(app_->find<QLineEdit>("caseFilter"), Qt::Key_Return);
        QCOMPARE(app_->data().athlete.name, QStringLiteral("Ilka Sandrey"));
        QCOMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        QTRY_VERIFY(app_->quiet());
    }
    void outAndInAgain() {
        const QString zip = out_.filePath(QStringLiteral("ilka.zip"));
        app_->step("start");
        shelf()->writeArchive(zip);
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo::exists(zip) && app_->workspace.jobs().idle(), 30000);
        const CaseId before = app_->data().id;
        shelf()->readArchive(zip);
        auto* beside = app_->find<QPushButton>("togetherBeside");
        QTRY_VERIFY_WITH_TIMEOUT(beside->isVisible(), 30000);
        // It is the very case that is here, and it says so before anything is done.
        const QString said = app_->find<QLabel>("togetherSaid")->text();
        QVERIFY2(said.contains(QStringLiteral("is here already")) &&
                     said.contains(QStringLiteral("From there comes: nothing")),
                 qPrintable(said));
        QVERIFY(!app_->find<QTreeWidget>("togetherQuestions")->isVisible());
        QVERIFY(!app_->find<QListWidget>("caseList")->isVisible());
        QCOMPARE(app_->data().id, before);
        app_->click("togetherNo"); // left alone, nothing changes
        QVERIFY(app_->find<QListWidget>("caseList")->isVisible());
        QCOMPARE(app_->workspace.library()->cases()->size(), std::size_t(7));
        // Opened from outside, under the name that a double click knows, while another page is in front.
        const QString named = out_.filePath(QStringLiteral("Ilka.RIFLESSO"));
        QVERIFY(QFile::copy(zip, named));
        app_->step("athlete");
        app_->window->takeFiles({named});
        QTRY_VERIFY_WITH_TIMEOUT(beside->isVisible(), 30000);
        app_->click("togetherBeside");
        QCOMPARE(app_->workspace.library()->cases()->size(), std::size_t(8));
        QVERIFY(app_->data().id != before);
        QTRY_VERIFY(app_->quiet());
        QVERIFY(!app_->workspace.assessment()->findings.ranked.empty());
        QVERIFY(app_->errors.isEmpty());
    }
    /// A colleague has worked on a copy of the open case; both have decided about the same fault.
    void twoCopiesBecomeOne() {
        const QString mine = out_.filePath(QStringLiteral("mine.riflesso")),
                      theirs = out_.filePath(QStringLiteral("theirs.riflesso"));
        app_->step("start");
        shelf()->writeArchive(mine);
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo::exists(mine) && app_->workspace.jobs().idle(), 30000);
        const std::string fault = app_->data().pack.faults[0].id, other = app_->data().pack.faults[1].id;
        const auto decide = [](Edit& edit, CaseId id, const std::string& of, Decision::Choice choice, int hours) {
            return edit.decide(
                id, {of, choice, QStringLiteral("agreed"), QDateTime::currentDateTimeUtc().addSecs(3600 * hours), {}});
        };
        QTemporaryDir away;
        const RepetitionPlace first = app_->workspace.place();
        QVERIFY(first);
        const std::string uid = first.repetition->uid;
        const RepetitionId mineOfBoth = first.repetition->id; // `first` lies in what a change replaces
        {
            auto library = Library::open(away.path());
            auto archive = CaseArchive::open(mine, away.path());
            QVERIFY(library.ok() && archive.ok());
            const auto id = (*archive)->addTo(**library);
            QVERIFY(id.ok());
            const CaseData copy = *(*library)->loadCase(*id);
            RepetitionId there;
            for (const Session& session : copy.sessions)
                for (const Clip& clip : session.clips)
                    for (const Section& section : clip.sections)
                        for (const Repetition& r : section.repetitions)
                            there = r.uid == uid ? r.id : there;
            QVERIFY((*library)
                        ->change(QStringLiteral("Away"),
                                 [&](Edit& edit) -> Result<void> {
                                     if (auto done = decide(edit, *id, fault, Decision::Choice::NotAFault, 2); !done)
                                         return done;
                                     if (auto done = decide(edit, *id, other, Decision::Choice::Park, 2); !done)
                                         return done;
                                     return edit.setFelt(there, "off");
                                 })
                        .ok());
            QVERIFY(writeCaseArchive(**library, *id, theirs, true).ok());
        }
        const CaseId here = app_->data().id;
        QVERIFY(app_->workspace.apply(QStringLiteral("Decide"), [&](Edit& edit) {
            return decide(edit, here, fault, Decision::Choice::Park, 1);
        }));
        shelf()->readArchive(theirs);
        auto* questions = app_->find<QTreeWidget>("togetherQuestions");
        QTRY_VERIFY_WITH_TIMEOUT(questions->isVisible(), 30000);
        const QString said = app_->find<QLabel>("togetherSaid")->text();
        QVERIFY2(said.contains(QStringLiteral("1 decision")) &&
                     said.contains(QStringLiteral("1 thing has changed on both")),
                 qPrintable(said));
        QCOMPARE(questions->topLevelItemCount(), 1);
        const QTreeWidgetItem* asked = questions->topLevelItem(0);
        QVERIFY(asked->text(0).contains(QString::fromStdString(app_->data().pack.faults[0].title)));
        QVERIFY(asked->text(1).contains(QStringLiteral("agreed")));
        QCOMPARE(asked->checkState(2), Qt::Checked); // theirs is newer
        if (qEnvironmentVariableIsSet("TOGETHER_SHOT"))
            app_->window->grab().save(qEnvironmentVariable("TOGETHER_SHOT"));
        questions->setFocus();
        QTest::keyClick(questions, Qt::Key_Return); // ours, then, after all: by the keyboard
        QCOMPARE(asked->checkState(2), Qt::Unchecked);
        app_->click("togetherYes");
        QCOMPARE(app_->data().id, here);
        const auto choiceOf = [&](const std::string& id) {
            for (const Decision& decision : app_->data().decisions)
                if (decision.fault == id)
                    return toString(decision.choice);
            return std::string_view("none");
        };
        QCOMPARE(choiceOf(fault), toString(Decision::Choice::Park));
        QCOMPARE(choiceOf(other), toString(Decision::Choice::Park));
        QCOMPARE(app_->data().repetition(mineOfBoth)->felt, std::string("off"));
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->errors.isEmpty());
    }
    void aSpoiledArchiveIsRefused() {
        QFile file(out_.filePath(QStringLiteral("spoiled.zip")));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write("no archive") > 0);
        file.close();
        app_->step("start");
        shelf()->readArchive(file.fileName());
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("spoiled.zip")));
        app_->errors.clear();
    }
    void deletedOnlyWhenAskedTwice() {
        app_->step("start");
        app_->click("deleteAthlete");
        QVERIFY(app_->find<QLabel>("shelfQuestion")->text().contains(QStringLiteral("cannot be undone")));
        app_->click("shelfNo");
        QCOMPARE(app_->workspace.library()->cases()->size(), std::size_t(8));
        app_->click("deleteAthlete");
        app_->click("shelfYes");
        const auto left = *app_->workspace.library()->cases();
        for (const CaseEntry& entry : left)
            QVERIFY(entry.athlete != QStringLiteral("Ilka Sandrey"));
        // Of the clips only the rower's and the archer's are left.
        QStringList kept;
        for (const CaseEntry& entry : left) {
            const CaseData data = *app_->workspace.library()->loadCase(entry.id);
            for (const Session& session : data.sessions)
                for (const Clip& clip : session.clips)
                    kept << QFileInfo(clip.path).fileName();
        }
        QStringList there = QDir(folder_.filePath(QStringLiteral("media"))).entryList(QDir::Files);
        kept.sort();
        there.sort();
        QCOMPARE(there, kept);
        QCOMPARE(kept.size(), 21);
        QVERIFY(app_->errors.isEmpty());
        QCOMPARE(listed().size(), static_cast<int>(left.size()));
    }
    void cleanupTestCase() { app_.reset(); }
};

QTEST_MAIN(TestCases)
#include "tst_cases.moc"
