// What can go wrong under the library: kill -9, a cut of power, a full disk, at random moments of scripted work. After
// each the database is sound, and what it holds is what so many whole gestures give: at most the one in progress is
// lost. RIFLESSO_FAULTS=full does it 200, 50 and 50 times; a plain run 15, 5 and 8 times,
// under the sanitizers 5, 2 and 3.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/sanitized.h"
#include "support/scripted_work.h"
#include "support/this_test.h"

#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>

#include <csignal>
#include <cstdio>
#include <sys/resource.h>

using namespace riflesso;
using namespace riflesso::test;

namespace {

bool full() { return qEnvironmentVariable("RIFLESSO_FAULTS") == QLatin1String("full"); }

/// The child: gestures one after the other, each told with the size that the log on disk has then. `roomBytes`: files
/// cannot grow beyond that (0: they can); after the first error it says so and tries on, as a person would.
int workForEver(const QString& folder, std::uint32_t seed, qint64 roomBytes) {
    auto opened = Library::open(folder);
    if (!opened)
        return 3;
    if (roomBytes > 0) {
        std::signal(SIGXFSZ, SIG_IGN);
        const rlimit limit{static_cast<rlim_t>(roomBytes), static_cast<rlim_t>(roomBytes)};
        if (setrlimit(RLIMIT_FSIZE, &limit) != 0)
            return 5;
    }
    const QFileInfo log(folder + QStringLiteral("/library.sqlite-wal"));
    for (int index = 0;; ++index) {
        const Result<void> done = gesture(**opened, seed, index);
        if (!done) {
            std::printf("failed %d %s\n", index, done.error().sentence().c_str());
            std::fflush(stdout);
            return 0;
        }
        QFileInfo now(log);
        now.refresh();
        std::printf("kept %d %lld\n", index, static_cast<long long>(now.size()));
        std::fflush(stdout);
    }
}

struct ToldByChild {
    int kept = -1; ///< last gesture told as kept
    qint64 logBytes = 0;
    QByteArray failure;
};
ToldByChild told(const QByteArray& output) {
    ToldByChild out;
    const auto lines = output.left(output.lastIndexOf('\n') + 1).split('\n');
    for (const QByteArray& line : lines) {
        const auto words = line.split(' ');
        if (line.startsWith("kept ")) {
            out.kept = words[1].toInt();
            out.logBytes = words[2].toLongLong();
        } else if (line.startsWith("failed ")) {
            out.failure = line.mid(line.indexOf(' ', 7) + 1);
        }
    }
    return out;
}

void copyLibrary(const QString& from, const QString& to) {
    QDir().mkpath(to + QStringLiteral("/media"));
    for (const char* file : {"/library.sqlite", "/library.sqlite-wal"})
        QFile::copy(from + QLatin1String(file), to + QLatin1String(file));
}

/// Bytes of the log that SQLite had, or may have, carried over into the database: they were on disk before (WAL-index
/// format, nBackfillAttempted; frames of 24 bytes and a page after a header of 32).
qint64 carriedOver(const QString& folder) {
    QFile index(folder + QStringLiteral("/library.sqlite-shm"));
    constexpr qint64 kAttempted = 128, kHeader = 32, kFrame = 24 + 4096;
    std::uint32_t frames = 0;
    if (!index.open(QIODevice::ReadOnly) || !index.seek(kAttempted) ||
        index.read(reinterpret_cast<char*>(&frames), sizeof frames) != sizeof frames)
        return 0;
    return kHeader + frames * kFrame;
}

/// How many gestures more than those told the library holds: 0, or 1 where the last one was kept but not told yet.
/// Anything else fails the test.
int moreThanTold(const QString& folder, std::uint32_t seed, int kept) {
    auto opened = Library::open(folder);
    if (!opened)
        qFatal("%s", opened.error().sentence().c_str());
    if (!(*opened)->verify()->problems.isEmpty())
        qFatal("%s", qPrintable((*opened)->verify()->problems.join(u'\n')));
    const auto holds = contentOf(**opened);
    QTemporaryDir again;
    const MadeLibrary reference = beginWork(again.path());
    for (int i = 0; i <= kept; ++i)
        if (const auto done = gesture(*reference.library, seed, i); !done)
            qFatal("%s", done.error().sentence().c_str());
    if (holds == contentOf(*reference.library))
        return 0;
    if (const auto done = gesture(*reference.library, seed, kept + 1); !done)
        qFatal("%s", done.error().sentence().c_str());
    if (holds == contentOf(*reference.library))
        return 1;
    qFatal("after %d gestures of %u: neither all of them nor one more", kept + 1, seed);
}

} // namespace

class TestFaults : public QObject {
    Q_OBJECT

    static void start(QProcess& child, const QString& folder, std::uint32_t seed, qint64 room = 0) {
        child.start(thisTest(), {QStringLiteral("--work"), folder, QString::number(seed), QString::number(room)});
        QVERIFY(child.waitForStarted());
        QVERIFY2(child.waitForReadyRead(20000), child.readAllStandardError().constData());
    }

private slots:
    void killed() {
        const int times = full() ? 200 : kSanitized ? 5 : 15;
        std::mt19937 random(20);
        long gestures = 0;
        int notTold = 0;
        for (int i = 0; i < times; ++i) {
            QTemporaryDir dir;
            beginWork(dir.path());
            const auto seed = static_cast<std::uint32_t>(100 + i);
            QProcess child;
            start(child, dir.path(), seed);
            QTest::qWait(static_cast<int>(5 + random() % (full() ? 1500 : 400)));
            child.kill();
            const bool ended = child.waitForFinished();
            const ToldByChild said = told(child.readAllStandardOutput());
            QVERIFY2(ended && said.failure.isEmpty(), said.failure.constData());
            {
                const auto opened = Library::open(dir.path());
                QVERIFY2(opened, opened ? "" : opened.error().sentence().c_str());
                QVERIFY((*opened)->recovered().contains(QStringLiteral("not closed")));
            }
            notTold += moreThanTold(dir.path(), seed, said.kept);
            gestures += said.kept + 1;
            // A clean end says nothing at the next start.
            QVERIFY((*Library::open(dir.path()))->recovered().isEmpty());
        }
        QVERIFY(gestures > 10 * times);
        qInfo("%d kills in %ld gestures: none lost, %d kept that were not told yet", times, gestures, notTold);
    }
    void powerCut() {
        // What the disk holds at a moment of the work, and of what the log had not been told to keep only a part, or
        // rubbish.
        const int times = full() ? 50 : kSanitized ? 2 : 5;
        std::mt19937 random(21);
        long gestures = 0;
        int torn = 0;
        for (int i = 0; i < times; ++i) {
            QTemporaryDir dir, cut;
            beginWork(dir.path());
            const auto seed = static_cast<std::uint32_t>(500 + i);
            QProcess child;
            start(child, dir.path(), seed);
            QTest::qWait(static_cast<int>(5 + random() % 400));
            if (child.processId() <= 0) // 0 would be ourselves
                qFatal("%s", told(child.readAllStandardOutput()).failure.constData());
            ::kill(static_cast<pid_t>(child.processId()), SIGSTOP);
            QTest::qWait(5);
            copyLibrary(dir.path(), cut.path());
            const qint64 carried = carriedOver(dir.path());
            child.waitForReadyRead(50); // what it told before it was stopped
            const ToldByChild said = told(child.readAllStandardOutput());
            child.kill();
            QVERIFY(child.waitForFinished());
            QFile log(cut.filePath(QStringLiteral("library.sqlite-wal")));
            if (log.size() > said.logBytes && said.logBytes > 0 && carried <= said.logBytes) {
                QVERIFY(log.open(QIODevice::ReadWrite));
                const qint64 loose = log.size() - said.logBytes;
                const qint64 left = static_cast<qint64>(random() % static_cast<unsigned>(loose));
                log.resize(said.logBytes + left);
                log.seek(said.logBytes + left / 2);
                log.write(QByteArray(static_cast<qsizetype>(left - left / 2), static_cast<char>(random() % 256)));
                ++torn;
            }
            log.close();
            moreThanTold(cut.path(), seed, said.kept);
            gestures += said.kept + 1;
        }
        qInfo("%d cuts of power in %ld gestures, %d with a torn end: none lost", times, gestures, torn);
    }
    void diskFull() {
        const int times = full() ? 50 : kSanitized ? 3 : 8;
        std::mt19937 random(22);
        long gestures = 0;
        int halfDone = 0;
        for (int i = 0; i < times; ++i) {
            QTemporaryDir dir;
            beginWork(dir.path());
            const auto seed = static_cast<std::uint32_t>(900 + i);
            const qint64 room = 300'000 + static_cast<qint64>(random() % 1'500'000);
            QProcess child;
            start(child, dir.path(), seed, room);
            QVERIFY2(child.waitForFinished(60000), "it never met the end of the disk");
            const ToldByChild said = told(child.readAllStandardOutput());
            QVERIFY2(!said.failure.isEmpty(), child.readAllStandardError().constData());
            QVERIFY2(said.failure.contains("nothing of this step was kept"), said.failure.constData());
            // The gesture that failed left nothing behind, and with room again the work goes on. (Deleting for good
            // is done before the file is made smaller, which is what can still fail.)
            halfDone += moreThanTold(dir.path(), seed, said.kept);
            auto opened = Library::open(dir.path());
            QVERIFY(opened);
            QVERIFY(gesture(**opened, seed, said.kept + 1).ok());
            gestures += said.kept + 1;
        }
        qInfo("%d full disks in %ld gestures: none lost, none half kept; %d failed after deleting for good, before the "
              "file was made smaller",
              times, gestures, halfDone);
    }
};

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    const QStringList words = QCoreApplication::arguments();
    if (argc == 5 && words[1] == QStringLiteral("--work"))
        return workForEver(words[2], words[3].toUInt(), words[4].toLongLong());
    if (full())
        qputenv("QTEST_FUNCTION_TIMEOUT", "7200000"); // ms; the usual one is five minutes
    TestFaults test;
    return QTest::qExec(&test, argc, argv);
}
#include "tst_faults.moc"
