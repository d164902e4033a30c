// The skill sheet: every skill that ships is explained on one page, and whole; what differs between two editions.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/pack/pack_diff.h"
#include "core/pack/pack_reader.h"
#include "support/files.h"
#include "takehome/skill_sheet.h"

#include <QDir>
#include <QGuiApplication>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

QString textOf(const QString& pdf) {
    QProcess text;
    text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
    return text.waitForFinished() ? QString::fromUtf8(text.readAllStandardOutput()).simplified() : QString();
}

std::string changed(std::string text, const std::string& from, const std::string& to) {
    const std::size_t at = text.find(from);
    if (at == std::string::npos)
        qFatal("%s is not there", from.c_str());
    return text.replace(at, from.size(), to);
}

} // namespace

class TestSkillSheet : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private slots:
    void everySkillFitsOnOnePage_data() {
        QTest::addColumn<QString>("file");
        for (const QString& file :
             QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name))
            if (!file.contains(QStringLiteral("schema")))
                QTest::newRow(qPrintable(file)) << file;
    }
    void everySkillFitsOnOnePage() {
        QFETCH(QString, file);
        const auto pack = loadPack(readText(std::string(PACKS "/") + file.toStdString()), file.toStdString());
        QVERIFY(pack.ok());
        const auto pages = sheetPages({*pack}, SheetLength::OnePage, 40);
        QCOMPARE(pages.size(), std::size_t(1));
        // Its pictures lie inside the margins: the edge of the page is white.
        const QImage& page = pages[0];
        for (int y = 0; y < page.height(); ++y)
            for (const int x : {page.width() - 3, page.width() - 12})
                QVERIFY2(qGray(page.pixel(x, y)) > 250, qPrintable(QStringLiteral("%1, %2").arg(x).arg(y)));
    }
    void itSaysWhatThePackSays() {
        const auto pack = loadPack(readText(std::string(PACKS "/fencing_lunge.json")), "fencing_lunge.json");
        QVERIFY(pack.ok());
        const QString whole = dir_.filePath(QStringLiteral("whole.pdf")),
                      brief = dir_.filePath(QStringLiteral("one.pdf"));
        QVERIFY(writeSheet({*pack, Side::Left}, SheetLength::Whole, whole).ok());
        QVERIFY(writeSheet({*pack}, SheetLength::OnePage, brief).ok());
        const QString all = textOf(whole), one = textOf(brief);
        for (const EventDef& event : pack->events)
            QVERIFY2(one.contains(QString::fromStdString(event.title)) &&
                         all.contains(QString::fromStdString(event.title)),
                     event.title.c_str());
        for (const FaultDef& fault : pack->faults)
            QVERIFY2(all.contains(QString::fromStdString(fault.title)), fault.title.c_str());
        for (const DrillDef& drill : pack->drills)
            if (std::any_of(pack->ladders.begin(), pack->ladders.end(), [&](const LadderDef& ladder) {
                    return std::find(ladder.rungs.begin(), ladder.rungs.end(), drill.id) != ladder.rungs.end();
                }))
                QVERIFY2(all.contains(QString::fromStdString(drill.title)), drill.title.c_str());
        // Sides are named for the hand it is said for, and roles never as the pack spells them.
        QVERIFY(one.contains(QStringLiteral("Said for a right-hander")) && one.contains(QStringLiteral("right elbow")));
        QVERIFY(all.contains(QStringLiteral("Said for a left-hander")) && all.contains(QStringLiteral("left knee")));
        QVERIFY(!one.contains(u'@') && !all.contains(u'@'));
        QVERIFY(one.contains(QStringLiteral("licensed professional")) &&
                all.contains(QStringLiteral("licensed professional")));
        QVERIFY(!writeSheet({*pack}, SheetLength::OnePage, QStringLiteral("/nowhere/x.pdf")).ok());
    }
    void editionsAreComparedPartByPart() {
        const std::string before = readText(std::string(PACKS "/fencing_lunge.json"));
        QVERIFY(packDiff(before, before).empty());
        const auto only = [&](const std::string& after) {
            const auto changes = packDiff(before, after);
            if (changes.size() != 1)
                qWarning("%zu changes", changes.size());
            return changes.size() == 1 ? changes[0]
                                       : PackChange{PackChange::What::Changed, PackChange::Kind::Words, {}, {}, {}};
        };
        PackChange change = only(changed(before, "\"The arm is late\"", "\"The arm comes late\""));
        QCOMPARE(change.path, std::string("faults.late_arm.title"));
        QVERIFY(change.kind == PackChange::Kind::Words && change.what == PackChange::What::Changed);
        QCOMPARE(change.after, std::string("\"The arm comes late\""));
        change = only(changed(before, "\"tolerance\": 0.04", "\"tolerance\": 0.05"));
        QCOMPARE(change.path, std::string("measures.arm_before_foot.tolerance"));
        QVERIFY(change.kind == PackChange::Kind::Ranges);
        change = only(changed(before, "\"kind\": \"interval\", ", "\"kind\": \"interval\", \"x-note\": 1, "));
        QVERIFY(change.what == PackChange::What::Added && change.kind == PackChange::Kind::Structure);
        // What is no pack at all is one change.
        QCOMPARE(packDiff(before, "none").size(), std::size_t(1));
        QCOMPARE(packDiff("none", "none").size(), std::size_t(0));
    }
};

QTEST_MAIN(TestSkillSheet)
#include "tst_skill_sheet.moc"
