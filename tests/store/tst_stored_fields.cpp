#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/made_library.h"

#include "store/database.h"
#include "store/stored_rows.h"

#include <QTemporaryDir>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// The columns of a table as SQLite has them: name, and what may stand in it.
std::map<QString, QString> columnsInFile(const Database& db, const char* table) {
    std::map<QString, QString> out;
    auto rows =
        db.run(QStringLiteral("SELECT name, type, \"notnull\" FROM pragma_table_info('%1')").arg(QLatin1String(table)));
    if (rows)
        while (rows->next())
            out[rows->value(0).toString()] =
                rows->value(1).toString() + (rows->value(2).toBool() ? QStringLiteral(" NOT NULL") : QString());
    return out;
}

template <class Row> void compareWithSchema(const Database& db) {
    const auto columns = columnsInFile(db, Stored<Row>::kTable);
    forFields<Row>([&]<class F>(const F& field) {
        const auto found = columns.find(QString::fromLatin1(field.column));
        const QString place = QLatin1String(Stored<Row>::kTable) + QStringLiteral(".") + QLatin1String(field.column);
        QVERIFY2(found != columns.end(), qPrintable(place));
        const QString wanted = QString::fromLatin1(Kept<typename F::Value>::kColumn);
        QVERIFY2(wanted.startsWith(found->second), qPrintable(place + QStringLiteral(": ") + found->second));
    });
}

/// What is wrong with a row in case.json, in one line.
template <class Row> std::string faultsOf(const Json& json, int lastFrame = 0) {
    std::vector<JsonFault> faults;
    Row row;
    fill(row, JsonNode(json, "$", faults), {}, lastFrame);
    std::string out;
    for (const JsonFault& fault : faults)
        out += fault.path + ": " + fault.expected + "\n";
    return out;
}

} // namespace

class TestStoredFields : public QObject {
    Q_OBJECT

private slots:
    void everyFieldHasItsColumn() {
        QTemporaryDir folder;
        makeLibrary(folder.path());
        const auto db = Database::open(folder.filePath(QStringLiteral("library.sqlite")), false);
        QVERIFY(db);
        compareWithSchema<Athlete>(*db);
        compareWithSchema<Competition>(*db);
        compareWithSchema<Belief>(*db);
        compareWithSchema<GoalTarget>(*db);
        compareWithSchema<Session>(*db);
        compareWithSchema<Section>(*db);
        compareWithSchema<Repetition>(*db);
        compareWithSchema<Decision>(*db);
        compareWithSchema<TermOverride>(*db);
        compareWithSchema<Position>(*db);
        compareWithSchema<OwnTarget>(*db);
        compareWithSchema<AthleteLimit>(*db);
        compareWithSchema<PlanSettings>(*db);
        compareWithSchema<PracticeRepetition>(*db);
        compareWithSchema<PracticeBlock>(*db);
        compareWithSchema<Yardstick>(*db);
        compareWithSchema<StoredAssessment>(*db);
    }

    void aRowIsTheSameAfterItsJson() {
        Section section;
        section.uid = "7f";
        section.from = 3;
        section.to = 90;
        section.view = View::Rear;
        section.handedness = Side::Left;
        section.metresPerPixel = 0.004;
        section.knownLengths = {{12, {1, 2}, {30, 40}, 2.5, 0.01}};
        const Json json = jsonOf(section);
        QCOMPARE(faultsOf<Section>(json, 99), std::string());
        std::vector<JsonFault> faults;
        Section read;
        fill(read, JsonNode(json, "$", faults), {}, 99);
        QCOMPARE(jsonOf(read).dump(), json.dump());
        QVERIFY(!read.bearingDeg && read.handedness == Side::Left && read.knownLengths.size() == 1);
    }

    void boundsHoldInAnArchive_data() {
        QTest::addColumn<QString>("key");
        QTest::addColumn<QString>("value");
        for (const auto& [key, value] :
             {std::pair("to", "100"),
              {"from", "-1"},
              {"bearing", "91"},
              {"camera_height", "-1"},
              {"camera_distance", "101"},
              {"scale_u", "1.5"},
              {"slow_motion", "0"},
              {"view", "\"above\""},
              {"metres_per_pixel", "0"},
              {"handedness", "\"both\""},
              {"colour", "1"},
              {"known_lengths", R"([{"frame": 100, "ax": 0, "ay": 0, "bx": 1, "by": 1, "metres": 1, "u_m": 0}])"}})
            QTest::newRow(key) << key << value;
    }
    void boundsHoldInAnArchive() {
        QFETCH(QString, key);
        QFETCH(QString, value);
        Json json = jsonOf(Section());
        json[key.toStdString()] = Json::parse(value.toStdString());
        const std::string faults = faultsOf<Section>(json, 99);
        QVERIFY2(faults.find("$." + key.toStdString()) == 0, faults.c_str());
        QCOMPARE(std::count(faults.begin(), faults.end(), '\n'), 1);
    }

    void lastingIdsAreGivenOnceAndKept() {
        QTemporaryDir folder;
        MadeLibrary made = makeLibrary(folder.path());
        const CaseData before = *made.library->loadCase(made.caseId);
        QVERIFY(before.uid.size() == 32 && before.athlete.uid.size() == 32 && before.athlete.uid != before.uid);
        const Section& section = before.sessions[0].clips[0].sections[0];
        QVERIFY(section.uid.size() == 32 && section.repetitions[0].uid.size() == 32);
        QVERIFY(section.repetitions[0].uid != section.repetitions[1].uid);
        QVERIFY(made.library->change(QStringLiteral("Other"), [&](Edit& edit) -> Result<void> {
            Section changed = section;
            changed.uid = "another";
            changed.performer = QStringLiteral("P.");
            return edit.setSection(changed);
        }));
        const CaseData after = *made.library->loadCase(made.caseId);
        QCOMPARE(after.sessions[0].clips[0].sections[0].performer, QStringLiteral("P."));
        QCOMPARE(after.sessions[0].clips[0].sections[0].uid, section.uid);
        // What a cut makes is another section.
        QVERIFY(made.library->change(QStringLiteral("Cut"), [&](Edit& edit) -> Result<void> {
            const auto cut = edit.splitSection(section, section.to);
            return cut ? Result<void>() : Result<void>(cut.error());
        }));
        const auto sections = made.library->loadCase(made.caseId)->sessions[0].clips[0].sections;
        QCOMPARE(sections.size(), std::size_t(2));
        QVERIFY(sections[0].uid == section.uid && sections[1].uid != section.uid && sections[1].uid.size() == 32);
    }
};

QTEST_GUILESS_MAIN(TestStoredFields)
#include "tst_stored_fields.moc"
