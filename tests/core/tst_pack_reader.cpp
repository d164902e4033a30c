#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestPackReader : public QObject {
    Q_OBJECT
private slots:
    void anObservationHasItsLevel() {
        Json json = smallPack();
        json["observations"][0]["level"] = "hand";
        QVERIFY(packOf(json).observation("eyes")->level == Level::Hand);
    }
    void shippedPacksAreSound_data() {
        QTest::addColumn<QString>("file");
        for (const QString& file : QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}, QDir::Files))
            if (!file.endsWith(QLatin1String(".schema.json")))
                QTest::newRow(qPrintable(file)) << file;
    }
    void shippedPacksAreSound() {
        QFETCH(QString, file);
        const PackReading reading = readPack(readText(std::string(PACKS) + "/" + file.toStdString()));
        for (const JsonFault& fault : reading.faults)
            qWarning("%s: expected %s, got %s", fault.path.c_str(), fault.expected.c_str(), fault.got.c_str());
        QVERIFY(reading.faults.empty());
        // Every value of a shipped pack names its source.
        for (const MeasureDef& def : reading.pack.measures)
            QVERIFY2(reading.pack.sources.contains(def.source), def.id.c_str());
        for (const RangeDef& range : reading.pack.ranges)
            QVERIFY2(reading.pack.sources.contains(range.source), range.measure.c_str());
        for (const VariantDef& variant : reading.pack.variants)
            for (const RangeDef& range : variant.ranges)
                QVERIFY2(reading.pack.sources.contains(range.source), (variant.id + ": " + range.measure).c_str());
        // Found among many, and what is filmed at home stands apart.
        QVERIFY(!reading.pack.group.empty() && !reading.pack.words.empty());
        QVERIFY(QFile::exists(QStringLiteral(PACKS "/pictures/") + file.section(u'.', 0, 0) + QStringLiteral(".png")));
        QVERIFY((reading.pack.conditions.at("where") == std::vector<std::string>{"at training", "at home"}));
    }
    void theLungePackIsWholeEnough() {
        const Pack pack = readPack(readText(PACKS "/fencing_lunge.json")).pack;
        QVERIFY(pack.measures.size() >= 10);
        QVERIFY(pack.observations.size() >= 3);
        QVERIFY(pack.faults.size() >= 5);
        int longLadders = 0;
        for (const LadderDef& ladder : pack.ladders)
            longLadders += ladder.rungs.size() >= 4;
        QVERIFY(longLadders >= 2);
        QVERIFY(!pack.results.empty());
        int caused = 0;
        for (const FaultDef& fault : pack.faults) {
            QVERIFY2(pack.ladder(fault.id), fault.id.c_str());
            caused += !fault.causes.empty();
        }
        QVERIFY(caused >= 3);
    }
    void theExampleOfTheFormatIsRead() {
        const PackReading reading = readPack(readText(TEST_DATA "/worked_assess/pack.json"));
        QVERIFY(reading.faults.empty());
        QCOMPARE(reading.pack.faults.size(), std::size_t(3));
        SAME(reading.pack.fault("deep_knee")->safety, Caution::Caution);
        QCOMPARE(reading.pack.fault("deep_knee")->causes[1].weight, 0.7);
    }
    void spoiledPacks_data() {
        QTest::addColumn<QString>("pointer");
        QTest::addColumn<QString>("value"); // JSON; empty: removed
        QTest::addColumn<QString>("path");
        const auto row = [](const char* name, const char* pointer, const char* value, const char* path) {
            QTest::newRow(name) << QString::fromUtf8(pointer) << QString::fromUtf8(value) << QString::fromUtf8(path);
        };
        row("wrong format", "/format", R"("another")", "$.format");
        row("version of the future", "/version", "2", "$.version");
        row("version as text", "/version", R"("1")", "$.version");
        row("no id", "/id", "", "$.id");
        row("unknown key", "/colour", "1", "$.colour");
        row("unknown family", "/family", R"("dance")", "$.family");
        row("unknown view", "/views", R"(["below"])", "$.views[0]");
        row("no view", "/views", "[]", "$.views");
        row("views as text", "/views", R"("side")", "$.views");
        row("no sources", "/sources", "", "$.sources");
        row("role without meaning", "/roles/lead", R"("first")", "$.roles.lead");
        row("role at an event that is none", "/roles/lead", R"("front_at:fly")", "$.roles.lead");
        row("id with a hyphen", "/points/0/id", R"("t-i-p")", "$.points[0].id");
        row("point named like the body", "/points/0/id", R"("nose")", "$.points[0].id");
        row("same point twice", "/points/1/id", R"("tip")", "$.points[1].id");
        row("derived point marked", "/marked", R"(["mid_hip"])", "$.marked[0]");
        row("sided part without a role", "/marked", R"(["knee"])", "$.marked[0]");
        row("unknown role", "/marked", R"(["knee@third"])", "$.marked[0]");
        row("point as a number", "/marked", "[7]", "$.marked[0]");
        row("event without a hint", "/events/0/hint", "", "$.events[0].hint");
        row("same event twice", "/events/1/id", R"("go")", "$.events[1].id");
        row("rule with an unknown feature", "/events/0/suggest",
            R"({"feature": "jump", "signal": {"kind": "speed", "point": "tip", "in": "m"}})",
            "$.events[0].suggest.feature");
        row("rule with a timing kind", "/events/0/suggest",
            R"({"feature": "maximum", "signal": {"kind": "interval", "from": "go", "to": "down"}})",
            "$.events[0].suggest.signal.kind");
        row("rule that crosses nothing", "/events/0/suggest",
            R"({"feature": "rise", "signal": {"kind": "speed", "point": "tip", "in": "m"}})",
            "$.events[0].suggest.level");
        row("phase that goes back", "/phases/0/to", R"("go")", "$.phases[0].to");
        row("phase from nowhere", "/phases/0/from", R"("start")", "$.phases[0].from");
        row("unknown kind", "/measures/0/kind", R"("tilt")", "$.measures[0].kind");
        row("argument of another kind", "/measures/0/below", "1", "$.measures[0].below");
        row("two points for an angle", "/measures/0/points", R"(["a", "b"])", "$.measures[0].points");
        row("no joint", "/measures/0/joint", "", "$.measures[0].joint");
        row("unknown joint", "/measures/0/joint", R"("toe")", "$.measures[0].joint");
        row("flip on a knee", "/measures/0/flip", "true", "$.measures[0].flip");
        row("neither at nor over", "/measures/0/at", "", "$.measures[0]");
        row("both at and over", "/measures/0/over", R"("all")", "$.measures[0]");
        row("unit of another kind", "/measures/0/unit", R"("s")", "$.measures[0].unit");
        row("tolerance of zero", "/measures/0/tolerance", "0", "$.measures[0].tolerance");
        row("tolerance below zero", "/measures/0/tolerance", "-1", "$.measures[0].tolerance");
        row("tolerance as text", "/measures/0/tolerance", R"("5")", "$.measures[0].tolerance");
        row("source that is none", "/measures/0/source", R"("book")", "$.measures[0].source");
        row("level of no body", "/measures/0/level", R"("wing")", "$.measures[0].level");
        row("event that is none", "/measures/0/at", R"("fly")", "$.measures[0].at");
        row("rate in a discrete skill", "/measures/1",
            R"({"id": "r", "title": "R", "kind": "rate", "unit": "1/min", "tolerance": 1, "source": "t"})",
            "$.measures[1].kind");
        row("metres in a body unit", "/measures/1",
            R"({"id": "r", "title": "R", "kind": "distance", "points": ["a", "b"], "in": "m", "at": "down", "unit": "body", "tolerance": 1, "source": "t"})",
            "$.measures[1].unit");
        row("body unit of one point", "/measures/1",
            R"({"id": "r", "title": "R", "kind": "distance", "points": ["a", "b"], "in": "body:a", "at": "down", "unit": "body", "tolerance": 1, "source": "t"})",
            "$.measures[1].in");
        row("line that is none", "/measures/1",
            R"({"id": "r", "title": "R", "kind": "segment_angle", "points": ["a", "b"], "against": "wall", "at": "down", "unit": "deg", "tolerance": 1, "source": "t"})",
            "$.measures[1].against");
        row("fault without explain", "/faults/0/explain", "", "$.faults[0].explain");
        row("effect above one", "/faults/0/effect", "1.5", "$.faults[0].effect");
        row("condition on no measure", "/faults/0/when/0/measure", R"("elbow")", "$.faults[0].when.measure");
        row("condition without direction", "/faults/0/when/0/direction", "", "$.faults[0].when[0].direction");
        row("single condition instead of a list", "/faults/0/when", R"({"measure": "knee", "direction": "above"})",
            "$.faults[0].when");
        row("only an excuse", "/faults/0/when", R"([{"unless": {"measure": "knee", "direction": "above"}}])",
            "$.faults[0].when");
        row("empty list of conditions", "/faults/0/when", "[]", "$.faults[0].when");
        row("lag of something else", "/faults/0/when/0/measure", R"("knee.lag.1")", "$.faults[0].when.measure");
        row("values on yes and no", "/faults/0/when", R"([{"observation": "eyes", "values": ["yes"]}])",
            "$.faults[0].when.values");
        row("cause of itself", "/faults/0/causes", R"([{"fault": "bent", "weight": 0.5, "because": "So."}])",
            "$.faults[0].causes");
        row("cause that is none", "/faults/0/causes", R"([{"fault": "late", "weight": 0.5, "because": "So."}])",
            "$.faults[0].causes[0].fault");
        row("cause without reason", "/faults/0/causes", R"([{"kind": "habit", "title": "Habit", "weight": 0.5}])",
            "$.faults[0].causes[0].because");
        row("cause of no kind", "/faults/0/causes", R"([{"kind": "luck", "title": "Luck", "because": "So."}])",
            "$.faults[0].causes[0]");
        row("safety without words", "/faults/0/safety", R"({"level": "stop"})", "$.faults[0].safety.text");
        row("drill without a dose", "/drills/0/dose", "", "$.drills[0].dose");
        row("dose of nothing", "/drills/0/dose", "{}", "$.drills[0].dose");
        row("dose of half a set", "/drills/0/dose", R"({"sets": 1.5, "repetitions": 5})", "$.drills[0].dose.sets");
        row("unknown stage", "/drills/0/stage", R"("dream")", "$.drills[0].stage");
        row("ladder to no drill", "/ladders/0/rungs", R"(["d9"])", "$.ladders[0].rungs[0]");
        row("ladder of no fault", "/ladders/0/fault", R"("other")", "$.ladders[0].fault");
        row("range without ends", "/model/ranges/0", R"({"measure": "knee", "source": "t"})", "$.model.ranges[0]");
        row("range upside down", "/model/ranges/0", R"({"measure": "knee", "low": 9, "high": 1, "source": "t"})",
            "$.model.ranges[0]");
        row("range of no measure", "/model/ranges/0/measure", R"("elbow")", "$.model.ranges[0].measure");
        row("for whom nobody asks", "/model/ranges/0/for", R"({"colour": "red"})", "$.model.ranges[0].for.colour");
        row("good result that is none", "/results",
            R"([{"id": "hit", "title": "Hit", "type": "choice", "values": ["yes"], "good": ["no"]}])",
            "$.results[0].good");
        row("number without what matters", "/results",
            R"([{"id": "far", "title": "Far", "type": "number", "unit": "m", "better": "higher"}])",
            "$.results[0].matters");
        row("choice without values", "/observations/0/type", R"("choice")", "$.observations[0].values");
    }
    void spoiledPacks() {
        QFETCH(QString, pointer);
        QFETCH(QString, value);
        QFETCH(QString, path);
        Json json = smallPack();
        const Json::json_pointer at(pointer.toStdString());
        if (value.isEmpty())
            json.at(at.parent_pointer()).erase(at.back());
        else
            json[at] = jsonOf(value.toStdString());
        const PackReading reading = readPack(json.dump());
        QStringList paths;
        for (const JsonFault& fault : reading.faults)
            paths << QString::fromStdString(fault.path);
        QVERIFY2(paths.contains(path), qPrintable(paths.join(QStringLiteral(" | "))));
    }
    void soundVariations_data() {
        QTest::addColumn<QString>("pointer");
        QTest::addColumn<QString>("value");
        const auto row = [](const char* name, const char* pointer, const char* value) {
            QTest::newRow(name) << QString::fromUtf8(pointer) << QString::fromUtf8(value);
        };
        row("own keys", "/x-note", R"({"free": [1, 2]})");
        row("groups", "/faults/0/when",
            R"({"all": [{"measure": "knee", "direction": "above"}, {"any": [{"observation": "eyes"}, {"measure": "time", "direction": "below"}]}, {"unless": {"measure": "time", "direction": "above"}}]})");
        row("lag", "/measures/1",
            R"({"id": "time", "title": "Order", "kind": "peak_order", "of": ["a", "b", ["c", "d"]], "over": "all", "lag_tolerance": 0.02, "unit": "1", "tolerance": 0.5, "source": "t"})");
        row("clock range through twelve", "/measures/1",
            R"({"id": "time", "title": "Clock", "kind": "clock", "points": ["a", "b"], "at": "go", "unit": "h", "tolerance": 1, "source": "t"})");
        row("outside cause", "/faults/0/causes", R"([{"kind": "capacity", "title": "Weak", "because": "So."}])");
        row("rule", "/events/0/suggest",
            R"({"feature": "start", "share": 0.1, "signal": {"kind": "speed", "point": "tip", "in": "body:a-b"}})");
        row("choice", "/observations/0",
            R"({"id": "eyes", "title": "Eyes", "ask": "Where?", "type": "choice", "values": ["up", "down"]})");
        row("dispute", "/disputes",
            R"([{"id": "q", "question": "Which?", "positions": [{"id": "a", "title": "A", "because": "So."}]}])");
        row("variant with ranges", "/variants",
            R"([{"id": "v", "title": "V", "fits_when": "High.", "model": {"ranges": [{"measure": "knee", "low": 5, "source": "t"}]}}])");
        row("praise with its reason", "/measures/0/praise", R"({"text": "Fine.", "because": "It is."})");
        row("conditions", "/conditions", R"({"ball": ["short", "deep"]})");
        row("every kind not computed yet", "/measures/1",
            R"({"id": "time", "title": "Dwell", "kind": "dwell", "point": "a", "below": 0.1, "in": "m", "over": "all", "unit": "s", "tolerance": 1, "source": "t"})");
    }
    void soundVariations() {
        QFETCH(QString, pointer);
        QFETCH(QString, value);
        Json json = smallPack();
        json[Json::json_pointer(pointer.toStdString())] = jsonOf(value.toStdString());
        const PackReading reading = readPack(json.dump());
        for (const JsonFault& fault : reading.faults)
            qWarning("%s: expected %s, got %s", fault.path.c_str(), fault.expected.c_str(), fault.got.c_str());
        QVERIFY(reading.faults.empty());
    }
    void causesInACircle() {
        Json json = smallPack();
        Json second = json["faults"][0];
        second["id"] = "other";
        second["causes"] = jsonOf(R"([{"fault": "bent", "weight": 0.5, "because": "So."}])");
        json["faults"][0]["causes"] = jsonOf(R"([{"fault": "other", "weight": 0.5, "because": "So."}])");
        json["faults"].push_back(second);
        const PackReading reading = readPack(json.dump());
        QCOMPARE(reading.faults.size(), std::size_t(1));
        QCOMPARE(reading.faults[0].expected, std::string("no cycle of causes"));
    }
    void everyFaultIsListed() {
        Json json = smallPack();
        json.erase("title");
        json["measures"][0]["unit"] = "s";
        json["drills"][0]["stage"] = "dream";
        QCOMPARE(readPack(json.dump()).faults.size(), std::size_t(3));
    }
    void hostileTexts_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::newRow("empty") << QByteArray();
        QTest::newRow("no JSON") << QByteArray("{");
        QTest::newRow("a list") << QByteArray("[]");
        QTest::newRow("a key twice") << QByteArray(R"({"id": "a", "id": "b"})");
        QTest::newRow("deep") << QByteArray(R"({"x-a": )") + QByteArray(200, '[') + QByteArray(200, ']') + "}";
        QTest::newRow("not UTF-8") << QByteArray("{\"id\": \"\xff\xfe\"}");
        QTest::newRow("too large") << QByteArray("{\"x-a\": \"") + QByteArray(3 << 20, 'a') + "\"}";
        QTest::newRow("null bytes") << QByteArray("{\"id\0\": 1}", 11);
    }
    void hostileTexts() {
        QFETCH(QByteArray, text);
        const PackReading reading = readPack({text.constData(), static_cast<std::size_t>(text.size())});
        QVERIFY(!reading.faults.empty());
    }
    void modelFilesNameMeasuresOfThePack() {
        const Pack pack = packOf(smallPack());
        QVERIFY(readModelRanges(R"({"ranges": [{"measure": "knee", "low": 5, "source": "coach"}]})", "M.json", pack));
        const auto wrong =
            readModelRanges(R"({"ranges": [{"measure": "elbow", "low": 5, "source": "coach"}]})", "M.json", pack);
        QVERIFY(!wrong);
        QCOMPARE(wrong.error().where, std::string("M.json: $.ranges[0].measure"));
    }
};

QTEST_APPLESS_MAIN(TestPackReader)
#include "tst_pack_reader.moc"
