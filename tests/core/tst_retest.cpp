// Two assessments compared: what is judged, what is only printed, and why.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/progress/retest.h"

#include <QtTest>

using namespace riflesso;

namespace {

SetSummary summary(double deviation, State state, double u = 1, std::size_t n = 8) {
    SetSummary out;
    out.measure = "knee";
    out.unit = "deg";
    out.median = 70 + deviation;
    out.deviation = deviation;
    out.tolerance = 5;
    out.state = state;
    out.u = u;
    out.repetitions = n;
    return out;
}
AssessedSet setOf(const SetSummary& measure) {
    AssessedSet set;
    set.view = "side";
    set.packId = "p";
    set.packEdition = "1";
    set.stress = {"calm"};
    set.cutoffHz = 6;
    set.measures = {measure};
    return set;
}
Change only(const AssessedSet& before, const AssessedSet& after) { return compareSets(before, after).measures.at(0); }

constexpr const char* kAnswer = R"({
  "view": "side", "stress": ["calm"], "pack": {"id": "p", "edition": "1"}, "cutoff_hz": 6,
  "measures": {"trials": [{"trial": "1", "measures": {"knee": {"value": 80, "u": 1, "unit": "deg"}, "free": {"value": 2, "u": 0.1, "unit": "s", "filtered": true}}},
                          {"trial": "2", "measures": {"knee": {"value": 82, "u": 1, "unit": "deg"}, "free": {"value": 4, "u": 0.1, "unit": "s", "filtered": true}}}]},
  "deviations": [{"measure": "knee", "median": 81, "deviation": 11, "tolerance": 5, "expanded_u": 3, "state": "clear", "unit": "deg", "repetitions": [{}, {}]}],
  "findings": [{"fault": "deep", "present": true}, {"fault": "late", "present": false}],
  "history": [{"date": "2026-01-01", "faults": ["late"]}]})";

} // namespace

class TestRetest : public QObject {
    Q_OBJECT
private slots:
    void verdicts() {
        const auto verdict = [](double before, State first, double after, State second, double u = 1,
                                std::size_t n = 8) {
            return only(setOf(summary(before, first, u, n)), setOf(summary(after, second, u, n))).verdict;
        };
        QVERIFY(verdict(12, State::Clear, 4, State::Within) == ChangeVerdict::Better);
        QVERIFY(verdict(4, State::Within, -12, State::Clear) == ChangeVerdict::Worse);
        QVERIFY(verdict(-10, State::Clear, 12, State::Clear) ==
                ChangeVerdict::NoClearChange); // no gain from side to side
        QVERIFY(verdict(4, State::Within, 0, State::Within) == ChangeVerdict::NoClearChange); // both within
        QVERIFY(verdict(12, State::Clear, 10, State::Clear) == ChangeVerdict::NoClearChange); // under 1.96 √2
        QVERIFY(verdict(12, State::Clear, 4, State::Within, 1, 3) == ChangeVerdict::NoClearChange);
        QCOMPARE(only(setOf(summary(12, State::Clear, 1, 3)), setOf(summary(4, State::Within))).reason.code(),
                 std::string_view("too few repetitions"));
    }
    void detectableChange() {
        const Change change = only(setOf(summary(12, State::Clear, 3)), setOf(summary(4, State::Within, 4)));
        QCOMPARE(change.u, 5.0);
        QCOMPARE(change.detectable, 9.8);
        QVERIFY(change.verdict == ChangeVerdict::NoClearChange);
        QCOMPARE(change.gapClosed.value(), 1 - 4.0 / 12);
        QVERIFY(!only(setOf(summary(4, State::Within)), setOf(summary(1, State::Within))).gapClosed);
    }
    void aDialTurnsAtTwelveAndAnAngleAt360() {
        SetSummary first = summary(1, State::Clear), second = summary(0, State::Within);
        first.unit = second.unit = "h";
        first.median = 11.5;
        second.median = 0.5;
        QCOMPARE(changeBetween(first, second, {}).change, 1.0);
        first.unit = second.unit = "deg";
        first.median = 170;
        second.median = -170;
        QCOMPARE(changeBetween(first, second, {}).change, 20.0);
    }
    void notComparable_data() {
        QTest::addColumn<QString>("what");
        for (const char* what : {"view", "stress", "pack", "unit", "cutoff", "no reference"})
            QTest::newRow(what) << what;
    }
    void notComparable() {
        QFETCH(QString, what);
        SetSummary measure = summary(4, State::Within);
        measure.filtered = true;
        AssessedSet after = setOf(measure);
        if (what == QLatin1String("view"))
            after.view = "front";
        else if (what == QLatin1String("stress"))
            after.stress = {"calm", "live"};
        else if (what == QLatin1String("pack"))
            after.packEdition = "2";
        else if (what == QLatin1String("unit"))
            after.measures[0].unit = "h";
        else if (what == QLatin1String("cutoff"))
            after.cutoffHz = 8;
        else
            after.measures[0].deviation.reset();
        SetSummary first = summary(12, State::Clear);
        first.filtered = true;
        const Change change = only(setOf(first), after);
        QVERIFY(!change.comparable());
        QCOMPARE(QString::fromStdString(std::string(change.reason.code())), what);
        QCOMPARE(change.change, -8.0); // still printed
    }
    void anotherCutoffMattersOnlyWhereFiltered() {
        AssessedSet after = setOf(summary(4, State::Within));
        after.cutoffHz = 8;
        QVERIFY(only(setOf(summary(12, State::Clear)), after).comparable());
    }
    void anglesWrap() {
        SetSummary first = summary(12, State::Clear), second = first;
        first.median = 178;
        second.median = -179;
        QCOMPARE(only(setOf(first), setOf(second)).change, 3.0);
    }
    void faults() {
        AssessedSet before = setOf(summary(12, State::Clear)), after = before;
        before.presentFaults = {"a", "b"};
        before.earlierFaults = {"c"};
        after.presentFaults = {"b", "c", "d"};
        const Json json = retestJson(compareSets(before, after));
        std::map<std::string, std::string> verdicts;
        for (const Json& fault : json["faults"])
            verdicts[fault["fault"]] = fault["verdict"];
        const std::map<std::string, std::string> expected = {
            {"a", "gone"}, {"b", "stayed"}, {"c", "returned"}, {"d", "new"}};
        QVERIFY(verdicts == expected);
        QCOMPARE(json["measures"][0]["verdict"].get<std::string>(), "no_clear_change");
        QVERIFY(json["measures"][0]["reason"].is_null());
    }
    void theCamerasPlaceIsSaid() {
        const auto noted = [](CameraPlace then, CameraPlace now) {
            AssessedSet before = setOf(summary(20, State::Clear)), after = setOf(summary(4, State::Within));
            before.cameraPlace = then;
            after.cameraPlace = now;
            std::string out;
            for (const Sentence& note : compareSets(before, after).notes)
                out += inEnglish(note) + ";";
            return QString::fromStdString(out);
        };
        QCOMPARE(noted({0.9, 5.0}, {1.05, 5.5}), QString()); // as a tripod is set up again by eye
        QCOMPARE(noted({0.9, 5.0}, {1.4, 5.0}), QStringLiteral("the camera stood 0.9 m high, then 1.4 m;"));
        QCOMPARE(noted({0.9, 5.0}, {0.9, 8.0}), QStringLiteral("the camera stood 5.0 m away, then 8.0 m;"));
        QCOMPARE(noted({0.9, {}}, {{}, 8.0}), QString()); // nothing to hold it against
        // A bearing that nobody said is not a different one.
        SetSummary first = summary(20, State::Clear, 2), second = summary(4, State::Within, 2);
        first.viewU = second.viewU = 1;
        QCOMPARE(std::string(changeBetween(first, second, {}).notes.at(0).code()), std::string("bearing_unknown"));
        first.bearingDeg = 0;
        second.bearingDeg = 20;
        QCOMPARE(std::string(changeBetween(first, second, {}).notes.at(0).code()), std::string("bearing"));
        second.bearingDeg = 3;
        QVERIFY(changeBetween(first, second, {}).notes.empty());
    }
    void readsAnAnswer() {
        const auto set = readAssessedSet(kAnswer, "B.json");
        QVERIFY2(set.ok(), set.ok() ? "" : set.error().sentence().c_str());
        QCOMPARE(set->measures.size(), 2U);
        QCOMPARE(set->find("knee")->u, 1.5);
        QCOMPARE(set->find("knee")->repetitions, 2U);
        QVERIFY(set->find("knee")->state == State::Clear);
        QVERIFY(!set->find("free")->deviation.has_value()); // no reference: its values of the repetitions
        QCOMPARE(set->find("free")->median, 3.0);
        QVERIFY(set->find("free")->filtered);
        QVERIFY(set->presentFaults == std::vector<std::string>{"deep"});
        QVERIFY(set->earlierFaults == std::vector<std::string>{"late"});
    }
    void strangeFilesAreRefusedOrReadWithoutHarm() {
        const std::string whole = kAnswer;
        for (const char* text :
             {"", "[]", "{}", R"({"measures": 3, "deviations": []})",
              R"({"measures": {}, "deviations": [{"measure": "m"}]})", R"({"measures": {}, "deviations": [3]})"}) {
            const auto set = readAssessedSet(text, "B.json");
            QVERIFY(!set.ok());
            QVERIFY(QString::fromStdString(set.error().where).startsWith(QLatin1String("B.json")));
        }
        // Every value replaced by one of another type: read or refused, never a crash.
        Json json = Json::parse(whole);
        const Json flat = json.flatten();
        for (const auto& [path, value] : flat.items())
            for (const Json& other : {Json(nullptr), Json(5), Json("x"), Json::array(), Json::object()}) {
                Json spoiled = json;
                spoiled[Json::json_pointer(path)] = other;
                const auto set = readAssessedSet(spoiled.dump(), "B.json");
                if (set)
                    (void)compareSets(*set, *set);
            }
    }
};

QTEST_APPLESS_MAIN(TestRetest)
#include "tst_retest.moc"
