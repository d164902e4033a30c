// A case out to an archive and in again: nothing lost, nothing half done, nothing hostile taken in. And deleting for
// good.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/case_archive.h"
#include "store/case_json.h"
#include "store/zip_file.h"
#include "support/rich_library.h"

#include <QtTest>

#include <archive.h>
#include <archive_entry.h>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// All of a case as the archive holds it, ids made alike by writing it again from another library.
std::map<QString, QByteArray> filesOf(const Library& library, CaseId id) {
    return caseToFiles(*library.loadCase(id), *library.packText(id), *library.journal(id), {});
}
QByteArray withoutIds(QByteArray text) {
    return QString::fromUtf8(text)
        .replace(QRegularExpression(QStringLiteral("\"(id|session|same_as)\": [0-9]+")), {})
        .toUtf8();
}

struct RawEntry {
    QByteArray name, bytes;
    unsigned type = AE_IFREG;
};
/// A zip with anything in it.
void writeRaw(const QString& path, const std::vector<RawEntry>& entries) {
    archive* zip = archive_write_new();
    archive_write_set_format_zip(zip);
    archive_write_open_filename(zip, path.toUtf8().constData());
    for (const RawEntry& raw : entries) {
        archive_entry* entry = archive_entry_new();
        archive_entry_set_pathname(entry, raw.name.constData());
        archive_entry_set_filetype(entry, raw.type);
        archive_entry_set_perm(entry, 0644);
        if (raw.type == AE_IFLNK)
            archive_entry_set_symlink(entry, "/etc/passwd");
        archive_entry_set_size(entry, raw.bytes.size());
        archive_write_header(zip, entry);
        archive_write_data(zip, raw.bytes.constData(), static_cast<std::size_t>(raw.bytes.size()));
        archive_entry_free(entry);
    }
    archive_write_close(zip);
    archive_write_free(zip);
}
/// Changes the first place that a pattern matches; one that matches nothing would spoil nothing.
void replaceOnce(QByteArray& bytes, const char* pattern, const char* with) {
    const QString before = QString::fromUtf8(bytes);
    const auto match = QRegularExpression(QLatin1String(pattern)).match(before);
    QVERIFY2(match.hasMatch(), pattern);
    QString part = match.captured(0);
    part.replace(QRegularExpression(QLatin1String(pattern)), QLatin1String(with));
    bytes = (before.left(match.capturedStart()) + part + before.mid(match.capturedEnd())).toUtf8();
}
QStringList everythingIn(const QString& folder) {
    QStringList out;
    QDirIterator files(folder, QDir::Files | QDir::Hidden | QDir::Dirs | QDir::NoDotAndDotDot,
                       QDirIterator::Subdirectories);
    while (files.hasNext())
        out << files.next();
    out.sort();
    return out;
}

} // namespace

class TestCaseArchive : public QObject {
    Q_OBJECT

    QTemporaryDir from_, to_;
    MadeLibrary made_;
    QString zip_;

    std::vector<RawEntry> soundEntries() const {
        std::vector<RawEntry> out;
        for (const auto& [name, bytes] : filesOf(*made_.library, made_.caseId))
            out.push_back({name.toUtf8(), bytes});
        return out;
    }

private slots:
    void initTestCase() {
        made_ = richLibrary(from_.path());
        zip_ = to_.filePath(QStringLiteral("case.zip"));
    }
    void thereAndBack() {
        const auto written = writeCaseArchive(*made_.library, made_.caseId, zip_, true);
        QVERIFY2(written.ok(), written.ok() ? "" : written.error().sentence().c_str());
        QCOMPARE(written->clips, 1);
        QCOMPARE(written->clipsLeftOut, 1); // the made clip that has no file
        const QString folder = to_.filePath(QStringLiteral("library"));
        auto library = Library::open(folder);
        QVERIFY(library.ok());
        CaseId id;
        {
            const auto archive = CaseArchive::open(zip_, folder);
            QVERIFY2(archive.ok(), archive.ok() ? "" : archive.error().sentence().c_str());
            const auto meeting = (*archive)->meet(**library);
            QVERIFY(meeting.ok() && !meeting->knownAthlete && !meeting->sameCase);
            const auto added = (*archive)->addTo(**library);
            QVERIFY2(added.ok(), added.ok() ? "" : added.error().sentence().c_str());
            id = *added;
        }
        const auto before = filesOf(*made_.library, made_.caseId), after = filesOf(**library, id);
        QCOMPARE(after.size(), before.size());
        for (const auto& [name, bytes] : before)
            QCOMPARE(withoutIds(after.at(name)), withoutIds(bytes));
        // Numbers to the last bit, and the clip itself.
        const CaseData data = *(*library)->loadCase(id);
        const Repetition& r = data.sessions[0].clips[0].sections[0].repetitions[0];
        QCOMPARE(r.marks.at("left_knee").at(70).at.x, 1 / 3.0);
        QCOMPARE(data.sessions[1].clips[0].timesS->at(2), 0.7000000000000001);
        QCOMPARE(r.hidden.size(), std::size_t(1));
        QCOMPARE(data.sessions[0].clips[0].sections[0].repetitions[1].sameAs, r.id); // as they are called here
        QCOMPARE(*data.goal, (GoalTarget{"knee", 1 / 7.0, QDate(2026, 12, 24)}));
        QVERIFY(data.beliefs.back().whose == Guesser::Analyst);
        QCOMPARE(data.walkCuts.at(QStringLiteral("some-walk")), QStringLiteral("{\"cut\": 1}"));
        QCOMPARE(data.athlete.consentBy, QStringLiteral("A parent"));
        const QDate day(2026, 12, 1);
        QVERIFY(consentsTo(data.athlete, HandedOnAs::Voice, day) && !consentsTo(data.athlete, HandedOnAs::Film, day));
        const Clip& clip = data.sessions[1].clips[0];
        QCOMPARE(clip.spoken.size(), std::size_t(2));
        QCOMPARE(*spokenSeconds(clip.spoken[0].sound), 1.0);
        QVERIFY(clip.spoken[0].sound.endsWith("mmmm") && clip.spoken[1].sound.endsWith("nnnn"));
        QVERIFY(!clip.missing);
        QCOMPARE(*fileHash(clip.path), clip.hash);
        QVERIFY(clip.path.startsWith(folder));
        for (const QString& file : everythingIn(folder))
            QVERIFY2(!file.contains(QStringLiteral("incoming")), qPrintable(file));
        // One step, which can be taken back.
        QVERIFY((*library)->undo().ok());
        QVERIFY((*library)->cases()->empty());
        QVERIFY((*library)->redo().ok());
        // Once more: the athlete is known now, and stays one.
        const auto again = CaseArchive::open(zip_, folder);
        QVERIFY(again.ok());
        const auto meeting = (*again)->meet(**library);
        QVERIFY(meeting->knownAthlete && meeting->sameCase);
        QVERIFY((*again)->addTo(**library).ok());
        QCOMPARE((*library)->verify()->holds.athletes, 1);
        QCOMPARE((*library)->cases()->size(), std::size_t(2));
    }
    void withoutClips() {
        const QString zip = to_.filePath(QStringLiteral("small.zip"));
        const auto written = writeCaseArchive(*made_.library, made_.caseId, zip, false);
        QVERIFY(written.ok());
        QCOMPARE(written->clips, 0);
        const QString folder = to_.filePath(QStringLiteral("second"));
        auto library = Library::open(folder);
        const auto archive = CaseArchive::open(zip, folder);
        QVERIFY2(archive.ok(), archive.ok() ? "" : archive.error().sentence().c_str());
        const auto id = (*archive)->addTo(**library);
        QVERIFY(id.ok());
        QVERIFY((*library)->loadCase(*id)->sessions[1].clips[0].missing); // said, to be linked again
    }

    void hostile_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<QString>("said");
        QTest::newRow("path that climbs") << 0 << QStringLiteral("../");
        QTest::newRow("absolute path") << 1 << QStringLiteral("/tmp/");
        QTest::newRow("link") << 2 << QStringLiteral("link");
        QTest::newRow("a name twice") << 3 << QStringLiteral("once");
        QTest::newRow("clip with another hash") << 4 << QStringLiteral("hash");
        QTest::newRow("file that does not belong") << 5 << QStringLiteral("run.sh");
        QTest::newRow("not a zip") << 6 << QStringLiteral("zip");
        QTest::newRow("cut short") << 7 << QStringLiteral(".zip");
        QTest::newRow("mark of a repetition that is not there") << 8 << QStringLiteral("marks.csv:2");
        QTest::newRow("newer version") << 9 << QStringLiteral("newer");
        QTest::newRow("unknown key") << 10 << QStringLiteral("$.virus");
        QTest::newRow("no pack") << 11 << QStringLiteral("pack.json");
        QTest::newRow("section outside its clip") << 12 << QStringLiteral("sections[0].to");
        QTest::newRow("times that fall") << 13 << QStringLiteral("times.csv");
        QTest::newRow("the same as one that is not there") << 14 << QStringLiteral("same_as");
        QTest::newRow("two that are each other's") << 15 << QStringLiteral("same_as");
        QTest::newRow("a spoken note that is no sound") << 16 << QStringLiteral("16,000 samples");
        QTest::newRow("a spoken note that is not there") << 17 << QStringLiteral("spoken[0]");
        QTest::newRow("mark outside its clip") << 18 << QStringLiteral("0 to 199");
        QTest::newRow("hidden mark outside its clip") << 19 << QStringLiteral("0 to 199");
        QTest::newRow("event outside its clip") << 20 << QStringLiteral("events.csv:2");
        QTest::newRow("repetition outside its section") << 21 << QStringLiteral("repetitions[");
        QTest::newRow("picture of a frame outside its clip") << 22 << QStringLiteral("picture");
        QTest::newRow("a picture's element has no size") << 23 << QStringLiteral("metres_per_pixel");
    }
    void hostile() {
        QFETCH(int, kind);
        QFETCH(QString, said);
        std::vector<RawEntry> entries = soundEntries();
        const auto entry = [&](const char* name) -> RawEntry& {
            return *std::find_if(entries.begin(), entries.end(), [&](const RawEntry& e) { return e.name == name; });
        };
        const QByteArray hash(64, 'a');
        switch (kind) {
        case 0:
            entries.push_back({"../../evil.txt", "x"});
            break;
        case 1:
            entries.push_back({"/tmp/evil.txt", "x"});
            break;
        case 2:
            entries.push_back({"media/" + hash + ".mp4", "", AE_IFLNK});
            break;
        case 3:
            entries.push_back({"case.json", "{}"});
            break;
        case 4:
            entries.push_back({"media/" + hash + ".mp4", "not what the name says"});
            break;
        case 5:
            entries.push_back({"run.sh", "x"});
            break;
        case 8:
            entry("marks.csv").bytes =
                "repetition,landmark,frame,x_px,y_px,sigma_px,source,hidden\n999,left_knee,1,1,1,1,,\n";
            break;
        case 9:
            entry("case.json").bytes.replace("\"version\": 6", "\"version\": 7");
            break;
        case 10:
            entry("case.json").bytes.replace("\"version\": 6", "\"version\": 6, \"virus\": 1");
            break;
        case 11:
            entries.erase(entries.begin() + (&entry("pack.json") - entries.data()));
            break;
        case 12:
            entry("case.json").bytes.replace("\"to\": 199", "\"to\": 200");
            break;
        case 13:
            entry("times.csv").bytes.replace("\n1,199,3.98", "\n1,199,0.5");
            break;
        case 14:
            entry("case.json").bytes.replace("\"same_as\": 1", "\"same_as\": 77");
            break;
        case 15:
            entry("case.json").bytes.replace("\"same_as\": null", "\"same_as\": 2");
            break;
        case 16:
            entry("spoken/1.wav").bytes = "RIFF, or so it says";
            break;
        case 17:
            entry("case.json").bytes.replace("spoken/1.wav", "times.csv");
            break;
        case 18:
            entry("marks.csv").bytes =
                "repetition,landmark,frame,x_px,y_px,sigma_px,source,hidden\n1,left_knee,200,1,1,1,,\n";
            break;
        case 19:
            entry("marks.csv").bytes =
                "repetition,landmark,frame,x_px,y_px,sigma_px,source,hidden\n1,left_knee,200,,,,,behind\n";
            break;
        case 20:
            replaceOnce(entry("events.csv").bytes, R"(\n(\d+,\w+,)[\d.]+)", "\n\\1199.5");
            break;
        case 21:
            replaceOnce(entry("case.json").bytes, R"("to": 199)", R"("to": 1)");
            break;
        case 22:
            replaceOnce(entry("case.json").bytes, R"(("vertical": \{\s*"frame": )\d+)", "\\1200");
            break;
        case 23:
            replaceOnce(entry("case.json").bytes, R"("metres_per_pixel": (null|[\d.e-]+))", R"("metres_per_pixel": 0)");
            break;
        default:
            break;
        }
        const QString zip = to_.filePath(QStringLiteral("hostile.zip"));
        QFile::remove(zip);
        writeRaw(zip, entries);
        if (kind == 6 || kind == 7) {
            QFile file(zip);
            QVERIFY(file.open(QIODevice::ReadWrite));
            if (kind == 7)
                file.resize(file.size() / 2);
            else
                file.write(QByteArray("this is a letter, not an archive at all").repeated(400)), file.resize(9000);
        }
        const QString folder = to_.filePath(QStringLiteral("target"));
        auto library = Library::open(folder);
        QVERIFY(library.ok());
        const QStringList before = everythingIn(folder);
        const auto archive = CaseArchive::open(zip, folder);
        QVERIFY(!archive.ok());
        const QString sentence = QString::fromStdString(archive.error().sentence());
        QVERIFY2(sentence.contains(said), qPrintable(sentence));
        QCOMPARE(everythingIn(folder), before); // nothing stays behind
        QVERIFY((*library)->cases()->empty());
        QVERIFY(!QFileInfo::exists(QStringLiteral("/tmp/evil.txt")));
    }
    void soundEntriesAreSound() { // else the hostile ones prove nothing
        const QString zip = to_.filePath(QStringLiteral("sound.zip"));
        writeRaw(zip, soundEntries());
        const auto archive = CaseArchive::open(zip, to_.filePath(QStringLiteral("target")));
        QVERIFY2(archive.ok(), archive.ok() ? "" : archive.error().sentence().c_str());
    }
    void bombs() {
        const QString zip = to_.filePath(QStringLiteral("bomb.zip"));
        writeRaw(zip, {{"case.json", QByteArray(4'000'000, ' ')}});
        QVERIFY(QFileInfo(zip).size() < 100'000);
        const auto toMemory = [](const QString&) { return ZipPlace::Memory; };
        ZipBounds bounds;
        bounds.textBytes = 1'000'000;
        QVERIFY(!readZip(zip, toMemory, to_.path(), bounds).ok());
        QVERIFY(readZip(zip, toMemory, to_.path()).ok());
        bounds = {};
        bounds.entries = 0;
        QVERIFY(!readZip(zip, toMemory, to_.path(), bounds).ok());
    }
    void stoppedLeavesNothing() {
        const QString zip = to_.filePath(QStringLiteral("stopped.zip"));
        const auto written = writeCaseArchive(*made_.library, made_.caseId, zip, true, [](double) { return false; });
        QVERIFY(!written.ok());
        QCOMPARE(written.error().kind, Error::Kind::Cancelled);
        QVERIFY(!QFileInfo::exists(zip) && !QFileInfo::exists(zip + QStringLiteral(".part")));
        const auto nowhere = writeCaseArchive(*made_.library, made_.caseId, QStringLiteral("/nowhere/case.zip"), true);
        QVERIFY(!nowhere.ok());
    }

    void deletedForGood() {
        const QString folder = to_.filePath(QStringLiteral("deleting"));
        MadeLibrary made = richLibrary(folder);
        const auto found = [&](const char* text) {
            for (const QString& name : everythingIn(folder)) {
                QFile file(name);
                if (file.open(QIODevice::ReadOnly) && file.readAll().contains(text))
                    return true;
            }
            return false;
        };
        QVERIFY(found("Test Person") && found("knee pain") && found("vvvvvvvv") && found("mmmmmmmm"));
        const CaseData data = made.data();
        QVERIFY(made.library->eraseClip(data.sessions[1].clips[0].id).ok());
        QVERIFY(!found("vvvvvvvv")); // the file is gone, no other case uses it
        QVERIFY(!found("mmmmmmmm")); // nor what was said of it
        QVERIFY(found("Test Person"));
        QVERIFY(made.library->eraseSession(data.sessions[0].id).ok());
        QCOMPARE(made.data().sessions.size(), std::size_t(1));
        QVERIFY(made.library->undoName().isEmpty());
        QVERIFY(made.library->eraseAthlete(data.athlete.id).ok());
        QVERIFY(!found("Test Person"));
        QVERIFY(!found("knee pain"));
        QVERIFY(!found("little")); // what the athlete believed
        const auto check = made.library->verify();
        QVERIFY(check.ok() && check->sound);
        QCOMPARE(check->holds.athletes + check->holds.cases + check->holds.clips + check->marks, 0);
        QVERIFY(found("deleted an athlete")); // that it happened stays, without content
    }
};

QTEST_GUILESS_MAIN(TestCaseArchive)
#include "tst_case_archive.moc"
