// The pack reader and the JSON Schema give the same verdicts. The outside reference is a stock schema validator
// (python3-jsonschema, draft 2020-12); the spoiled packs are ours.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/pack/pack_reader.h"
#include "core/pack/pack_words.h"
#include "support/files.h"

#include <QDir>
#include <QProcess>
#include <QtTest>

#include <cctype>

using namespace riflesso;
using namespace riflesso::test;

class TestPackSchema : public QObject {
    Q_OBJECT

    static std::vector<bool> verdicts(const Json& packs) {
        QProcess validator;
        validator.start(QStringLiteral("/usr/bin/python3"), {QStringLiteral(CHECKS "/validate_packs.py")});
        const Json job = {{"schema", PACKS "/skill-pack.schema.json"}, {"packs", packs}};
        validator.write(QByteArray::fromStdString(job.dump()));
        validator.closeWriteChannel();
        if (!validator.waitForFinished(60000) || validator.exitCode() != 0)
            qWarning("%s", validator.readAllStandardError().constData());
        const Json out = Json::parse(validator.readAllStandardOutput().toStdString(), nullptr, false);
        return out.is_array() ? out.get<std::vector<bool>>() : std::vector<bool>();
    }

private slots:
    void noShippedPackLeavesWordsOut_data() {
        QTest::addColumn<QString>("file");
        for (const QString& file : QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}))
            if (!file.contains(QLatin1String("schema")))
                QTest::newRow(qPrintable(file)) << file;
    }
    void noShippedPackLeavesWordsOut() {
        QFETCH(QString, file);
        const Result<Pack> pack = loadPack(readText(std::string(PACKS "/") + file.toStdString()), "pack");
        QVERIFY(pack);
        for (const FaultDef& fault : pack->faults)
            QVERIFY2(!fault.see.empty() && !fault.notThis.empty(), fault.id.c_str());
        for (const DrillDef& drill : pack->drills)
            QVERIFY2(!drill.why.empty() && !drill.wrong.empty() && !drill.feels.empty() && !drill.feeding.empty(),
                     drill.id.c_str());
        // No text names a part by its id: people read titles.
        for (const std::string& text : textsOf(*pack))
            for (std::size_t i = 1; i + 1 < text.size(); ++i)
                QVERIFY2(text[i] != '_' || !std::isalnum(static_cast<unsigned char>(text[i + 1])), text.c_str());
        if (file == QLatin1String("any_movement.json")) {
            QVERIFY(pack->faults.empty() && pack->ladders.empty());
            return;
        }
        QVERIFY(pack->faults.size() >= 7 && pack->faults.size() <= 12 && pack->drills.size() >= 10);
        QVERIFY(pack->observations.size() >= 3);
        for (const FaultDef& fault : pack->faults)
            QVERIFY2(pack->ladder(fault.id), (fault.id + " is on no ladder").c_str());
        for (const LadderDef& ladder : pack->ladders) {
            QVERIFY2(ladder.rungs.size() >= 4 && ladder.rungs.size() <= 6, ladder.fault.c_str());
            QVERIFY2(!pack->drill(ladder.rungs.front())->partner, (ladder.fault + " cannot be begun alone").c_str());
        }
    }
    void sameVerdicts() {
        const Json data = readJson(TEST_DATA "/spoiled_packs.json");
        Json packs = Json::array();
        packs.push_back(data["pack"]);
        packs.push_back(readJson(PACKS "/fencing_lunge.json"));
        packs.push_back(readJson(TEST_DATA "/worked_assess/pack.json"));
        const std::size_t sound = packs.size();
        for (const Json& spoil : data["spoils"]) {
            const nlohmann::json whole = nlohmann::json::parse(data["pack"].dump());
            packs.push_back(Json::parse(whole.patch(nlohmann::json::parse(spoil["patch"].dump())).dump()));
        }
        const std::vector<bool> schema = verdicts(packs);
        QCOMPARE(schema.size(), packs.size());
        int spoiled = 0;
        for (std::size_t i = 0; i < packs.size(); ++i) {
            const bool isSpoil = i >= sound;
            const Json* spoil = isSpoil ? &data["spoils"][i - sound] : nullptr;
            const std::string name = spoil ? (*spoil)["name"].get<std::string>() : "sound pack " + std::to_string(i);
            const bool stays = !spoil || spoil->value("sound", false), form = !spoil || (*spoil)["form"].get<bool>();
            const PackReading reading = readPack(packs[i].dump());
            const bool ours = reading.faults.empty();
            const std::string first = ours ? "no fault" : reading.faults[0].path + ": " + reading.faults[0].expected;
            QVERIFY2(ours == stays, (name + ": reader says " + first).c_str());
            QVERIFY2(schema[i] == (stays || !form),
                     (name + ": schema says " + (schema[i] ? "sound" : "spoiled")).c_str());
            spoiled += !stays;
            for (const JsonFault& fault : reading.faults)
                QVERIFY2(fault.path.starts_with("$") && !fault.expected.empty(), name.c_str());
        }
        QVERIFY(spoiled >= 60);
    }
};

QTEST_APPLESS_MAIN(TestPackSchema)
#include "tst_pack_schema.moc"
