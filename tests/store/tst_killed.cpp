// kill -9 during marking: twenty times. A child process marks and reports each mark it was told is kept; after the
// kill every reported mark must be there, and at most the gesture in progress is lost.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/made_library.h"

#include <QProcess>
#include <QTemporaryDir>

#include <cstdio>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// The child: marks for ever, saying "kept N" after each.
int markForEver(const QString& folder) {
    auto opened = Library::open(folder);
    if (!opened) {
        std::fprintf(stderr, "%s\n", opened.error().sentence().c_str());
        return 3;
    }
    const RepetitionId rep{1};
    int next = 0;
    const CaseData data = *(*opened)->loadCase({1});
    if (const Repetition* r = data.repetition(rep); r && r->marks.contains("left_knee"))
        next = r->marks.at("left_knee").rbegin()->first + 1;
    for (;; ++next) {
        const Mark mark{{next * 0.5, 10}, 2, "analyst"};
        if (!(*opened)->change(QStringLiteral("Mark %1").arg(next),
                               [&](Edit& edit) { return edit.setMark(rep, "left_knee", next, mark); }))
            return 4;
        std::printf("kept %d\n", next);
        std::fflush(stdout);
    }
}

} // namespace

class TestKilled : public QObject {
    Q_OBJECT
private slots:
    void twentyTimes() {
        QTemporaryDir dir;
        makeLibrary(dir.path()).library.reset();
        std::mt19937 random(20);
        int lost = 0, kept = 0;
        for (int kill = 0; kill < 20; ++kill) {
            QProcess child;
            child.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--mark"), dir.path()});
            QVERIFY(child.waitForStarted());
            // Wait until it marks, then strike at some moment.
            QVERIFY2(child.waitForReadyRead(20000), child.readAllStandardError().constData());
            QTest::qWait(static_cast<int>(5 + random() % 60));
            child.kill();
            QVERIFY(child.waitForFinished());
            int last = -1;
            for (const QByteArray& line : child.readAllStandardOutput().split('\n'))
                if (line.startsWith("kept "))
                    last = line.mid(5).toInt();
            auto opened = Library::open(dir.path());
            QVERIFY2(opened, opened ? "" : opened.error().sentence().c_str());
            QVERIFY((*opened)->recovered().contains(QStringLiteral("not closed")));
            QVERIFY((*opened)->recovered().contains(QStringLiteral("Mark ")));
            QVERIFY((*opened)->verify()->problems.isEmpty());
            const CaseData data = *(*opened)->loadCase({1});
            const MarksByFrame& marks = data.repetition({1})->marks.at("left_knee");
            for (int i = 0; i <= last; ++i)
                if (!marks.contains(i) || marks.at(i).at.x != i * 0.5)
                    ++lost;
            kept = static_cast<int>(marks.size());
            QVERIFY(kept - (last + 1) <= 1); // at most one that was kept but not yet reported
        }
        QCOMPARE(lost, 0);
        QVERIFY(kept >= 20);
        qInfo("20 kills, %d marks kept, %d lost", kept, lost);
        // A clean end says nothing at the next start.
        Library::open(dir.path())->reset();
        QVERIFY((*Library::open(dir.path()))->recovered().isEmpty());
    }
};

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    if (argc == 3 && QString::fromUtf8(argv[1]) == QStringLiteral("--mark"))
        return markForEver(QString::fromUtf8(argv[2]));
    TestKilled test;
    return QTest::qExec(&test, argc, argv);
}
#include "tst_killed.moc"
