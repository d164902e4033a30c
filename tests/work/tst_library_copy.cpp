// The second copy of a library: whole, brought up to date with what is new, never over something else, never half.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/made_library.h"
#include "work/library_copy.h"

#include <QLockFile>
#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

void put(const QString& path, const QByteArray& content) {
    QVERIFY(QDir().mkpath(QFileInfo(path).absolutePath()));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly) && file.write(content) == content.size());
}

QByteArray contentOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray("nothing");
}

bool always(double share) {
    Q_UNUSED(share)
    return true;
}

} // namespace

class TestLibraryCopy : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    MadeLibrary made_;
    QString from_, to_, outside_;

    ClipId add(const QString& path, const QByteArray& content) {
        put(QDir(from_).absoluteFilePath(path), content);
        NewClip clip{
            QStringLiteral("Another"), path, *fileHash(QDir(from_).absoluteFilePath(path)), 640, 480, {0, 0.02}};
        ClipId id;
        const auto done = made_.library->change(QStringLiteral("Clip"), [&](Edit& edit) -> Result<void> {
            const auto added = edit.addClip(made_.session, clip, {});
            if (!added)
                return added.error();
            id = *added;
            return {};
        });
        if (!done)
            qFatal("%s", done.error().sentence().c_str());
        return id;
    }
    static QString refusal(const Result<LibraryCopy>& copy) {
        return copy ? QStringLiteral("done") : QString::fromStdString(copy.error().sentence());
    }

private slots:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        from_ = dir_->filePath(QStringLiteral("library"));
        to_ = dir_->filePath(QStringLiteral("disk/copy"));
        outside_ = dir_->filePath(QStringLiteral("camera card/film.mp4"));
        made_ = makeLibrary(from_); // with a clip whose file is not there
        (void)add(QStringLiteral("media/one.mp4"), QByteArray(5000, 'a'));
        (void)add(outside_, QByteArray(7000, 'b'));
        put(from_ + QStringLiteral("/walk-throughs/w/score.jsonl"), "{}\n");
    }
    void cleanup() { made_.library.reset(); }

    /// While the window has the library open: the copy has everything, and is one of its own.
    void aCopyIsALibrary() {
        const auto copy = copyLibraryTo(from_, to_, always);
        QVERIFY2(copy.ok(), qPrintable(refusal(copy)));
        QCOMPARE(copy->files, 3);
        QCOMPARE(copy->newFiles, 3);
        QCOMPARE(copy->leftOut, QStringList{QStringLiteral("media/none.mp4")});
        QCOMPARE(copy->bytes, 5000 + 7000 + 3 + QFileInfo(to_ + QStringLiteral("/library.sqlite")).size());
        QVERIFY(copyIn(to_)->at.secsTo(QDateTime::currentDateTimeUtc()) < 60);
        QCOMPARE(copyIn(to_)->of, from_);
        made_.library.reset();
        QVERIFY(QDir(from_).removeRecursively()); // the disk has failed, the card is empty
        QVERIFY(QFile::remove(outside_));
        const auto opened = Library::open(to_);
        QVERIFY2(opened.ok(), opened ? "" : opened.error().sentence().c_str());
        QCOMPARE((*opened)->recovered(), QString());
        const LibraryCheck check = *(*opened)->verify();
        QVERIFY(check.problems.isEmpty());
        QCOMPARE(check.missingClips.size(), 1u);
        QCOMPARE(check.holds.clips, 3);
        QCOMPARE(check.holds.repetitions, 2);
        QCOMPARE(contentOf(to_ + QStringLiteral("/walk-throughs/w/score.jsonl")), QByteArray("{}\n"));
        QVERIFY(!copyIn(to_)); // somebody works in it now
    }
    void onlyWhatIsNewIsWritten() {
        QVERIFY(copyLibraryTo(from_, to_, always).ok());
        const ClipId late = add(QStringLiteral("media/late.mp4"), QByteArray(300, 'c'));
        put(from_ + QStringLiteral("/walk-throughs/w/score.jsonl"), "{}\n{}\n");
        put(to_ + QStringLiteral("/letters/mine.txt"), "not of the library");
        const auto second = copyLibraryTo(from_, to_, always);
        QVERIFY2(second.ok(), qPrintable(refusal(second)));
        QCOMPARE(second->newFiles, 2);
        QCOMPARE(second->newBytes, 300 + 6 + QFileInfo(to_ + QStringLiteral("/library.sqlite")).size());
        QCOMPARE(contentOf(to_ + QStringLiteral("/media/late.mp4")), QByteArray(300, 'c'));
        QCOMPARE(contentOf(to_ + QStringLiteral("/walk-throughs/w/score.jsonl")), QByteArray("{}\n{}\n"));
        // Who is deleted here is in no copy.
        QVERIFY(made_.library->eraseClip(late).ok());
        QFile::remove(from_ + QStringLiteral("/media/late.mp4"));
        const auto third = copyLibraryTo(from_, to_, always);
        QCOMPARE(third->newFiles, 0);
        QCOMPARE(third->removed, 1);
        QVERIFY(!QFileInfo::exists(to_ + QStringLiteral("/media/late.mp4")));
        QCOMPARE((*Library::open(to_, Library::Mode::ReadOnly))->counts()->clips, 3);
        QCOMPARE(contentOf(to_ + QStringLiteral("/letters/mine.txt")), QByteArray("not of the library"));
    }
    void nothingElseIsWrittenOver() {
        put(to_ + QStringLiteral("/thesis.odt"), "years of work");
        QVERIFY(refusal(copyLibraryTo(from_, to_, always)).contains(QStringLiteral("an empty folder")));
        QCOMPARE(QDir(to_).entryList(QDir::Files), QStringList{QStringLiteral("thesis.odt")});
        const QString inside = from_ + QStringLiteral("/media/copy");
        QVERIFY(refusal(copyLibraryTo(from_, inside, always)).contains(QStringLiteral("outside the library")));
        QVERIFY(!QFileInfo::exists(inside));
        QVERIFY(refusal(copyLibraryTo(from_, from_, always)).contains(QStringLiteral("outside the library")));
        // A copy in which somebody has worked, and one of another library.
        const QString worked = dir_->filePath(QStringLiteral("worked")),
                      theirs = dir_->filePath(QStringLiteral("theirs"));
        QVERIFY(copyLibraryTo(from_, worked, always).ok());
        QVERIFY(Library::open(worked).ok());
        QVERIFY(refusal(copyLibraryTo(from_, worked, always)).contains(QStringLiteral("in which somebody works")));
        const MadeLibrary other = makeLibrary(dir_->filePath(QStringLiteral("other")));
        QVERIFY(copyLibraryTo(other.library->folder(), theirs, always).ok());
        QVERIFY(refusal(copyLibraryTo(from_, theirs, always)).contains(other.library->folder()));
        // One that another window writes just now.
        const QString busy = dir_->filePath(QStringLiteral("busy"));
        QVERIFY(copyLibraryTo(from_, busy, always).ok());
        QLockFile lock(busy + QStringLiteral("/library.lock"));
        QVERIFY(lock.tryLock());
        QVERIFY(refusal(copyLibraryTo(from_, busy, always)).contains(QStringLiteral("in use")));
    }
    /// At each of its steps: the earlier copy is there until the new one is.
    void stoppedAnywhere() {
        QVERIFY(copyLibraryTo(from_, to_, always).ok());
        const int before = (*Library::open(to_, Library::Mode::ReadOnly))->counts()->clips;
        (void)add(QStringLiteral("media/late.mp4"), QByteArray(9 << 20, 'd')); // three pieces
        int stops = 0;
        for (int allowed = 0;; ++allowed) {
            int asked = 0;
            const auto copy = copyLibraryTo(from_, to_, [&](double share) {
                if (share < 0 || share > 1)
                    qFatal("a share of %f", share);
                return asked++ < allowed;
            });
            const auto library = Library::open(to_, Library::Mode::ReadOnly);
            QVERIFY(library.ok());
            QCOMPARE((*library)->counts()->clips, copy.ok() ? before + 1 : before);
            if (copy.ok())
                break;
            QCOMPARE(copy.error().kind, Error::Kind::Cancelled);
            ++stops;
        }
        QVERIFY(stops >= 5);
        QVERIFY(copyIn(to_));
        QCOMPARE((*Library::open(to_, Library::Mode::ReadOnly))->verify()->missingClips.size(), 1u);
    }
    void theFirstTimeStoppedIsGoneOnWith() {
        int asked = 0;
        QVERIFY(!copyLibraryTo(from_, to_, [&](double) { return asked++ < 2; }).ok());
        QVERIFY(!copyIn(to_)); // not whole
        // Killed before its first file, it leaves its lock alone, with nothing in it yet.
        const QString begun = dir_->filePath(QStringLiteral("begun"));
        put(begun + QStringLiteral("/library.lock"), "");
        put(begun + QStringLiteral("/copy.json.abcdef"), "{");
        QVERIFY(copyLibraryTo(from_, begun, always).ok());
        const auto copy = copyLibraryTo(from_, to_, always);
        QVERIFY2(copy.ok(), qPrintable(refusal(copy)));
        QVERIFY(copyIn(to_));
    }
};

QTEST_GUILESS_MAIN(TestLibraryCopy)
#include "tst_library_copy.moc"
