// Measured feedback without a window: which clips of a folder are whole, which measures can be fed back, the band.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/files.h"
#include "support/made_library.h"
#include "work/case_assessment.h"
#include "work/measured_feedback.h"
#include "work/watched_folder.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestMeasuredFeedback : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    [[nodiscard]] QString folder(const char* name) const {
        const QString path = dir_.filePath(QLatin1String(name));
        if (!QDir().mkpath(path))
            qFatal("no folder");
        return path;
    }
    /// As if it was written at `when`.
    static void write(const QString& path, const char* text, const QDateTime& when,
                      QIODevice::OpenMode mode = QIODevice::WriteOnly) {
        QFile file(path);
        QVERIFY(file.open(mode));
        file.write(text);
        file.flush();
        QVERIFY(file.setFileTime(when, QFileDevice::FileModificationTime));
    }
    static QStringList names(const std::vector<WatchedFolder::Arrived>& arrived) {
        QStringList out;
        for (const auto& each : arrived)
            out << QFileInfo(each.path).fileName();
        return out;
    }

private slots:
    void aFileIsWholeWhenItStoodStill() {
        const QString in = folder("whole");
        QDateTime now = QDateTime::currentDateTime();
        write(in + QStringLiteral("/old.mp4"), "old", now.addSecs(-60));
        WatchedFolder watched(in, false);
        QVERIFY(watched.arrived(now).empty()); // what lay there at first is none of ours
        write(in + QStringLiteral("/a.MP4"), "one", now);
        write(in + QStringLiteral("/notes.txt"), "no film", now);
        QVERIFY(watched.arrived(now = now.addMSecs(200)).empty());
        QCOMPARE(watched.waiting(), 1);
        write(in + QStringLiteral("/a.MP4"), "and more", now.addMSecs(500), QIODevice::Append); // still written to
        QVERIFY(watched.arrived(now = now.addMSecs(900)).empty());
        QVERIFY(watched.arrived(now = now.addMSecs(900)).empty());
        QCOMPARE(names(watched.arrived(now = now.addMSecs(200))), QStringList{QStringLiteral("a.MP4")});
        QCOMPARE(watched.waiting(), 0);
        QVERIFY(watched.arrived(now = now.addMSecs(2000)).empty()); // once
        // Written anew it arrives anew; one that vanishes before it is whole never does; an empty one is waited for.
        write(in + QStringLiteral("/a.MP4"), "another film of that name", now);
        write(in + QStringLiteral("/gone.mov"), "short", now);
        write(in + QStringLiteral("/empty.mp4"), "", now);
        QVERIFY(watched.arrived(now = now.addMSecs(100)).empty());
        QVERIFY(QFile::remove(in + QStringLiteral("/gone.mov")));
        QCOMPARE(names(watched.arrived(now = now.addMSecs(1100))), QStringList{QStringLiteral("a.MP4")});
        QCOMPARE(watched.waiting(), 1);
        // An empty one is waited for, but not for ever: whoever asks until nothing waits comes to an end.
        QCOMPARE(names(watched.arrived(now = now.addMSecs(5000))), QStringList{QStringLiteral("empty.mp4")});
        QCOMPARE(watched.waiting(), 0);
        QVERIFY(watched.there());
        QVERIFY(QDir(in).removeRecursively());
        QVERIFY(!watched.there());
        QVERIFY(watched.arrived(now).empty());
    }
    void whatLiesThereArrivesWhereThatIsAsked() {
        const QString in = folder("once");
        const QDateTime now = QDateTime::currentDateTime();
        write(in + QStringLiteral("/b.mp4"), "b", now.addSecs(-5));
        WatchedFolder watched(in, true);
        // Nobody has written to it for a while: whole at first sight.
        QCOMPARE(names(watched.arrived(now)), QStringList{QStringLiteral("b.mp4")});
    }
    void theBand() {
        const FeedbackBand both{1, 2}, above{1, {}}, below{{}, 2};
        QVERIFY(both.of(0.99) == FeedbackVerdict::Below);
        QVERIFY(both.of(1) == FeedbackVerdict::In);
        QVERIFY(both.of(2.01) == FeedbackVerdict::Above);
        QVERIFY(above.of(99) == FeedbackVerdict::In);
        QVERIFY(below.of(-99) == FeedbackVerdict::In);
        QVERIFY(below.of(3) == FeedbackVerdict::Above);
    }
    void whatCanBeFedBack() {
        const MadeLibrary made = makeLibrary(folder("library"));
        const CaseData data = made.data();
        const std::vector<SectionId> setups = setupsToFilmAs(data);
        QVERIFY(!setups.empty());
        Assessment assessment;
        for (const MeasureDef& def : data.pack.measures) {
            SetDeviation deviation;
            deviation.measure = def.id;
            deviation.reference.source = Reference::Source::Pack;
            deviation.reference.low = 1;
            assessment.deviations.push_back(deviation);
        }
        const auto measures = measuresToFeedBack(data, assessment, setups.front());
        QVERIFY(!measures.empty());
        for (const std::string& id : measures)
            QVERIFY(data.pack.measure(id)->observation.empty());
        // What the whole set has once, and what has no reference, cannot be fed back.
        assessment.setMeasures.emplace_back(measures.front(), MeasureValue());
        assessment.deviations.back().reference.source = Reference::Source::None;
        for (const std::string& id : measuresToFeedBack(data, assessment, setups.front()))
            QVERIFY(id != measures.front() && id != assessment.deviations.back().measure);
        QVERIFY(measuresToFeedBack(data, assessment, SectionId{999}).empty());
        const auto shared = std::make_shared<const CaseData>(data);
        const auto go = [](double) { return true; };
        const auto nothing = MeasuredFeedback::open(shared, assessment, {"no_such", setups.front()}, "/nowhere", go);
        QVERIFY(!nothing.ok() && nothing.error().sentence().find("no_such") != std::string::npos);
        QVERIFY(!MeasuredFeedback::open(shared, assessment, {measures.back(), SectionId{999}}, "/nowhere", go).ok());
    }
};

QTEST_GUILESS_MAIN(TestMeasuredFeedback)
#include "tst_measured_feedback.moc"
