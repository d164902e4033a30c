// Libraries of every version that there was: they open, with what was in them, and what they were before lies beside.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/schema.h"
#include "support/made_library.h"

#include <QTemporaryDir>

using namespace riflesso;
using namespace riflesso::test;

class TestOldLibraries : public QObject {
    Q_OBJECT

private slots:
    void aLibraryOfAnOlderVersionIsBroughtUp() {
        // Written by the program when its library had version 1; marks, decisions, a frozen plan are in it.
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("library.sqlite"));
        QVERIFY(QFile::copy(QStringLiteral(STORE_DATA "/library_version_1.sqlite"), file));
        QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
        QString frozen;
        int marks = 0;
        {
            const auto db = Database::open(file, true);
            QCOMPARE(db->value(QStringLiteral("PRAGMA user_version"))->toInt(), 1);
            frozen = db->value(QStringLiteral("SELECT content FROM assessment"))->toString();
            marks = db->value(QStringLiteral("SELECT count(*) FROM mark"))->toInt();
        }
        QVERIFY(!frozen.isEmpty() && marks > 1000);
        QVERIFY(!Library::open(dir.path(), Library::Mode::ReadOnly)); // said: open it once in the program
        {
            const auto library = Library::open(dir.path());
            QVERIFY2(library, library ? "" : library.error().sentence().c_str());
            const auto check = (*library)->verify();
            QCOMPARE(check->version, schemaVersion());
            QVERIFY(check->problems.isEmpty());
            QCOMPARE(check->marks, marks);
            const CaseData data = *(*library)->loadCase((*library)->cases()->front().id);
            QCOMPARE(data.athlete.name, QStringLiteral("Ilka Sandrey"));
            QVERIFY(!data.athlete.consentGiven.isValid()); // nobody was asked then
            QVERIFY(consentOn(data.athlete, QDate(2026, 11, 25)) == Consent::Missing);
            QCOMPARE(data.assessments.size(), std::size_t(1));
            QCOMPARE(data.assessments[0].content, frozen);       // the same numbers, to the letter
            QCOMPARE(data.loggedRepetitions(), std::size_t(35)); // in blocks now, of one drill and one day
            for (const PracticeBlock& block : data.practice) {
                QVERIFY(block.all() <= kBlockLength && !block.drill.empty() && block.started.isValid());
                for (const PracticeRepetition& repetition : block.repetitions)
                    QCOMPARE(repetition.at.toLocalTime().date(), block.day());
            }
            QVERIFY((*library)->change(QStringLiteral("Rename"), [&](Edit& edit) {
                Athlete athlete = data.athlete;
                athlete.consentGiven = QDate(2026, 11, 1);
                athlete.consentUntil = QDate(2026, 12, 1);
                return edit.setAthlete(athlete);
            }));
            const Athlete now = (*library)->loadCase(data.id)->athlete;
            QVERIFY(consentOn(now, QDate(2026, 12, 1)) == Consent::Valid);
            Athlete some = now; // all of it, unless it is said for what
            for (const HandedOnAs as : kHandedOnAs)
                QVERIFY(consentsTo(some, as, QDate(2026, 12, 1)) && !consentsTo(some, as, QDate(2026, 12, 2)));
            some.consentFor = QStringList{toWord(HandedOnAs::Film)};
            QVERIFY(consentsTo(some, HandedOnAs::Film, QDate(2026, 12, 1)));
            QVERIFY(!consentsTo(some, HandedOnAs::Paper, QDate(2026, 12, 1)));
            some.birthYear = 2008; // 18 in that year, some day
            QVERIFY(guardianMissing(some, QDate(2026, 12, 1)) && !guardianMissing(some, QDate(2027, 1, 1)));
            some.consentBy = QStringLiteral("A parent");
            QVERIFY(!guardianMissing(some, QDate(2026, 12, 1)));
            QVERIFY(consentOn(now, QDate(2026, 12, 2)) == Consent::Expired);
            QVERIFY(consentOn(now, QDate(2026, 10, 31)) == Consent::Missing);
        }
        // What it was before lies beside it, and can still be read.
        const auto backup = Database::open(file + QStringLiteral(".before-version-2"), false);
        QVERIFY(backup);
        QCOMPARE(backup->value(QStringLiteral("PRAGMA user_version"))->toInt(), 1);
        QCOMPARE(backup->value(QStringLiteral("SELECT count(*) FROM mark"))->toInt(), marks);
    }
    void ofEachVersion_data() {
        QTest::addColumn<int>("version");
        for (int version = 1; version <= schemaVersion(); ++version)
            QTest::addRow("%d", version) << version;
    }
    /// The library of version 1 as the programs of the versions in between have left it: tables are only ever added to.
    void ofEachVersion() {
        QFETCH(int, version);
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("library.sqlite"));
        QVERIFY(QFile::copy(QStringLiteral(STORE_DATA "/library_version_1.sqlite"), file));
        QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
        int marks = 0;
        {
            const auto db = Database::open(file, true);
            for (int done = 1; done < version; ++done)
                QVERIFY2(db->runAll(migrations()[done]).ok(), qPrintable(QString::number(done + 1)));
            QVERIFY(db->run(QStringLiteral("PRAGMA user_version=%1").arg(version)).ok());
            marks = db->value(QStringLiteral("SELECT count(*) FROM mark"))->toInt();
        }
        const auto library = Library::open(dir.path());
        QVERIFY2(library.ok(), library.ok() ? "" : library.error().sentence().c_str());
        const auto check = (*library)->verify();
        QVERIFY(check.ok() && check->problems.isEmpty());
        QCOMPARE(check->version, schemaVersion());
        QCOMPARE(check->marks, marks);
        const CaseData data = *(*library)->loadCase((*library)->cases()->front().id);
        QCOMPARE(data.athlete.name, QStringLiteral("Ilka Sandrey"));
        QCOMPARE(data.loggedRepetitions(), std::size_t(35));
        QVERIFY(!data.uid.empty() && !data.athlete.uid.empty());
        QCOMPARE(QFile::exists(file + QStringLiteral(".before-version-%1").arg(version + 1)),
                 version < schemaVersion());
        // It can be worked in.
        QVERIFY(
            (*library)
                ->change(QStringLiteral("Decide"),
                         [&](Edit& edit) {
                             return edit.decide(data.id, {data.pack.faults[0].id, Decision::Choice::Park, {}, {}, {}});
                         })
                .ok());
        QVERIFY((*library)->undo().ok());
    }
};

QTEST_GUILESS_MAIN(TestOldLibraries)
#include "tst_old_libraries.moc"
