// What a limit keeps from an athlete is on no paper: all limits, all packs, all that is printed or exported.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/pack/pack_reader.h"
#include "report/paper.h"
#include "report/plan_calendar.h"
#include "report/report_content.h"
#include "support/files.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Parts that a part of the packs stands for or meets, written down by hand: not by the program's own tables.
const std::map<std::string, QStringList> kMeets = {
    {"knee", {"knee", "leg", "whole_body"}},
    {"calf", {"calf", "leg", "whole_body"}},
    {"ankle", {"ankle", "leg", "whole_body"}},
    {"shoulder", {"shoulder", "arm", "whole_body"}},
    {"elbow", {"elbow", "arm", "whole_body"}},
    {"wrist", {"wrist", "arm", "whole_body"}},
    {"finger", {"finger", "arm", "whole_body"}},
    {"neck", {"neck", "whole_body"}},
    {"head", {"head", "whole_body"}},
    {"back", {"back", "upper_back", "lower_back", "trunk", "whole_body"}},
    {"hand", {"hand", "arm", "whole_body"}},
    {"arm", {"arm", "shoulder", "elbow", "forearm", "wrist", "hand", "finger", "whole_body"}},
    {"rib", {"chest", "trunk", "whole_body"}},
    {"heart", {"heart_and_breath", "whole_body"}},
    {"lung", {"heart_and_breath", "whole_body"}},
    {"dizziness", {"head", "whole_body"}},
};

/// Titles of the drills that are not for somebody with a limit there: by the words of the pack's file.
QStringList forbidden(const Json& pack, const QString& part) {
    QStringList out;
    for (const Json& drill : pack["drills"])
        for (const Json& words : drill["not_for"]) {
            const std::string first =
                QString::fromStdString(words.get<std::string>()).section(u' ', 0, 0).toStdString();
            if (kMeets.at(first).contains(part))
                out << QString::fromStdString(drill["title"].get<std::string>());
        }
    return out;
}

Json packFile(const QString& id) { return readJson(std::string(PACKS "/") + id.toStdString() + ".json"); }

/// A case of the pack whose coach works on every fault, and the assessment that follows.
struct Worked {
    CaseData data;
    Assessment assessment;
};
Worked worked(const Json& file, const std::vector<AthleteLimit>& limits) {
    Worked out;
    out.data.pack = *loadPack(file.dump(), "pack");
    out.data.athlete.name = QStringLiteral("Test Person");
    out.data.athlete.limits = limits;
    out.data.plan.start = QDate(2026, 11, 2);
    out.data.plan.retest = QDate(2026, 12, 21);
    out.data.competitions.push_back({1, QDate(2026, 11, 10), QStringLiteral("Cup")});
    Decisions all;
    all.insisted = true;
    for (const FaultDef& fault : out.data.pack.faults)
        all.workOn.push_back(fault.id);
    out.assessment.prescription =
        prescribe(out.data.pack, {}, {}, factsOf(out.data, QDate(2026, 11, 3)), all, Situation());
    return out;
}

/// All that is printed or exported, but for the lines that say what is left out.
QString everythingSaid(const Worked& worked) {
    ReportContent content = composeReport(
        {worked.data, worked.assessment, {}, {}, QDateTime(QDate(2026, 11, 3), QTime(12, 0)), QStringLiteral("test")});
    content.missing.clear();
    content.answer.clear();
    QString out = toJson(content);
    for (const CalendarEntry& entry : planCalendar(worked.data, worked.assessment.prescription))
        out += entry.title + u'\n' + entry.text + u'\n';
    for (const Focus& focus : worked.assessment.prescription.focus)
        for (const Rung& rung : focus.rungs)
            out += QString::fromStdString(worked.data.pack.drill(rung.drill)->title) + u'\n';
    return out;
}

AthleteLimit limitAt(BodyPart part, LimitKind kind) {
    AthleteLimit limit;
    limit.part = part;
    limit.kind = kind;
    limit.side = LimitSide::Left;
    return limit;
}

} // namespace

class TestLimitsInPapers : public QObject {
    Q_OBJECT

private slots:
    void nothingForbiddenIsSaid_data() {
        QTest::addColumn<QString>("pack");
        for (const QString& file : QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}))
            if (!file.contains(QLatin1String("schema")))
                QTest::newRow(qPrintable(file)) << file.section(u'.', 0, 0);
    }
    void nothingForbiddenIsSaid() {
        QFETCH(QString, pack);
        const Json file = packFile(pack);
        const QString unlimited = everythingSaid(worked(file, {}));
        int kept = 0;
        for (int part = 0; part < kBodyParts; ++part)
            for (int kind = 0; kind < kLimitKinds; ++kind) {
                const auto at = static_cast<BodyPart>(part);
                const bool ill = static_cast<LimitKind>(kind) == LimitKind::Illness && at != BodyPart::HeartAndBreath;
                const QString name = ill ? QStringLiteral("whole_body") : QString::fromUtf8(toString(at).data());
                const QString said = everythingSaid(worked(file, {limitAt(at, static_cast<LimitKind>(kind))}));
                for (const QString& title : forbidden(file, name)) {
                    QVERIFY2(unlimited.contains(title), qPrintable(title)); // else this test would find nothing
                    QVERIFY2(!said.contains(title), qPrintable(title + QStringLiteral(" with ") + name));
                    ++kept;
                }
            }
        QVERIFY(kept > 12 || file["drills"].empty()); // "Any movement" has none
    }
    void howeverAKneeIsSaid_data() { nothingForbiddenIsSaid_data(); }
    void howeverAKneeIsSaid() {
        QFETCH(QString, pack);
        const Json file = packFile(pack);
        for (const char* words : {"Knee pain", "Sore left knee", "pain in the knee", "my knee hurts", "kneecap pain",
                                  "knee operated in May", "bad knees", "knee pain, not bad", "ACL", "leg injury"}) {
            AthleteLimit limit; // as an old library brings it: words alone
            limit.words = QString::fromUtf8(words);
            const QString said = everythingSaid(worked(file, {limit}));
            for (const QString& title : forbidden(file, QStringLiteral("knee")))
                QVERIFY2(!said.contains(title), qPrintable(title + QStringLiteral(" with ") + limit.words));
        }
        AthleteLimit none;
        none.words = QStringLiteral("no knee pain any more");
        QCOMPARE(everythingSaid(worked(file, {none})), everythingSaid(worked(file, {})));
        AthleteLimit over = limitAt(BodyPart::Knee, LimitKind::Pain);
        over.over = QDate(2026, 11, 3);
        QCOMPARE(everythingSaid(worked(file, {over})), everythingSaid(worked(file, {})));
    }
    void wordsWithoutAPartHoldBackAllThatIsNotForSomebody_data() { nothingForbiddenIsSaid_data(); }
    void wordsWithoutAPartHoldBackAllThatIsNotForSomebody() {
        QFETCH(QString, pack);
        const Json file = packFile(pack);
        AthleteLimit limit;
        limit.words = QStringLiteral("the old trouble");
        const QString said = everythingSaid(worked(file, {limit}));
        for (const QString& title : forbidden(file, QStringLiteral("whole_body")))
            QVERIFY2(!said.contains(title), qPrintable(title));
    }
    void afterPainInPracticeNoDrillIsOnPaper() {
        AthleteLimit limit = limitAt(BodyPart::Knee, LimitKind::Pain);
        limit.stopped = true;
        const Json file = packFile(QStringLiteral("fencing_lunge"));
        const Worked waiting = worked(file, {limit});
        QVERIFY(waiting.assessment.prescription.waits);
        const QString said = everythingSaid(waiting);
        for (const DrillDef& drill : waiting.data.pack.drills)
            QVERIFY2(!said.contains(QString::fromStdString(drill.title)), drill.title.c_str());
        // The printed page for the athlete says why.
        const ReportContent content =
            composeReport({waiting.data, waiting.assessment, {}, {}, QDateTime(QDate(2026, 11, 3), QTime(12, 0)), {}});
        const auto papers = papersOf(content);
        QVERIFY(std::find(papers.begin(), papers.end(), Paper::AthletePage) != papers.end());
        QVERIFY(std::find(papers.begin(), papers.end(), Paper::HomeSheet) == papers.end());
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("page.pdf"));
        QVERIFY(writePdf(content, Paper::AthletePage, {}, path));
        QProcess read;
        read.start(QStringLiteral("pdftotext"), {path, QStringLiteral("-")});
        QVERIFY(read.waitForFinished());
        const QString printed = QString::fromUtf8(read.readAllStandardOutput()).simplified();
        QVERIFY2(printed.contains(QStringLiteral("until a licensed professional has been asked")), qPrintable(printed));

        limit.advice = QStringLiteral("Physiotherapist: light work only");
        limit.advisedOn = QDate(2026, 11, 3);
        const Worked advised = worked(file, {limit});
        QVERIFY(!advised.assessment.prescription.waits);
        // The limit itself goes on.
        const QString again = everythingSaid(advised);
        for (const QString& title : forbidden(file, QStringLiteral("knee")))
            QVERIFY2(!again.contains(title), qPrintable(title));
    }
};

QTEST_MAIN(TestLimitsInPapers)
#include "tst_limits_in_papers.moc"
