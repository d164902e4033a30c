// Skills as they are made: parts written as the reader takes them, taken out with what stands on them, numbered,
// ranged out of a model, and rules found that place events in repetitions left out.

#include "core/pack/pack_measure_reader.h"
#include "core/pack/pack_writer.h"
#include "core/tables/json_walk.h"
#include "core/uncertainty/stats.h"
#include "core/workshop/body_signals.h"
#include "core/workshop/measure_offers.h"
#include "core/workshop/pack_draft.h"
#include "core/workshop/rule_search.h"
#include "support/files.h"
#include "support/made_movements.h"

#include <QDir>
#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

std::vector<std::string> shippedTexts() {
    std::vector<std::string> out;
    for (const QString& file : QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}, QDir::Files))
        if (!file.contains(QStringLiteral("schema")))
            out.push_back(readText(std::string(PACKS "/") + file.toStdString()));
    return out;
}
PackDraft draftOf(const std::string& text) { return *PackDraft::read(text, "a pack"); }

} // namespace

class TestPackWorkshop : public QObject {
    Q_OBJECT
private slots:
    /// Every measure and rule that ships, written and read again, is the same.
    void whatIsWrittenIsRead() {
        int measures = 0, rules = 0;
        for (const std::string& text : shippedTexts()) {
            const Pack pack = readPack(text).pack;
            for (const MeasureDef& def : pack.measures) {
                std::vector<JsonFault> faults;
                const Json once = measureJson(def);
                const MeasureDef again = readMeasure(JsonNode(once, "$", faults));
                QVERIFY2(faults.empty(),
                         (def.id + ": " + (faults.empty() ? "" : faults[0].path + faults[0].expected)).c_str());
                QCOMPARE(measureJson(again).dump(), once.dump());
                QCOMPARE(again.points.size(), def.points.size());
                QVERIFY(again.kind == def.kind && again.at == def.at && again.over == def.over &&
                        again.stat == def.stat);
                QVERIFY(again.axis == def.axis && again.joint == def.joint && again.against == def.against);
                ++measures;
            }
            for (const EventDef& event : pack.events)
                if (event.rule) {
                    std::vector<JsonFault> faults;
                    const Json once = eventRuleJson(*event.rule);
                    const EventRule again = readEventRule(JsonNode(once, "$", faults));
                    QVERIFY(faults.empty());
                    QCOMPARE(eventRuleJson(again).dump(), once.dump());
                    ++rules;
                }
        }
        QVERIFY(measures > 200 && rules > 50);
    }

    /// Whatever is taken out of a skill that ships, what is left is sound: nothing names what is gone.
    void whatStandsOnAPartGoesWithIt() {
        constexpr int kEvery = 5; // of some 1,500 parts
        int taken = 0, seen = 0;
        for (const std::string& text : shippedTexts()) {
            const PackDraft whole = draftOf(text);
            for (const PartList list : {PartList::Phases, PartList::Measures, PartList::Observations, PartList::Faults,
                                        PartList::Drills, PartList::Ladders, PartList::Ranges})
                for (const PartName& part : whole.parts(list)) {
                    if (++seen % kEvery != 0)
                        continue;
                    PackDraft left = whole;
                    (void)left.take(list, part.id);
                    QVERIFY(left.parts(list).size() < whole.parts(list).size());
                    const PackReading reading = left.reading();
                    QVERIFY2(
                        reading.faults.empty(),
                        (reading.pack.id + " less " + part.id + ": " +
                         (reading.faults.empty() ? "" : reading.faults[0].path + ", " + reading.faults[0].expected))
                            .c_str());
                    ++taken;
                }
        }
        QVERIFY2(taken > 150, qPrintable(QString::number(taken)));
    }
    void anEventTakesItsMeasuresAndFaults() {
        PackDraft draft = draftOf(readText(PACKS "/fencing_lunge.json"));
        const std::size_t faults = draft.parts(PartList::Faults).size();
        const std::vector<PartName> gone = draft.take(PartList::Events, "straight");
        QVERIFY(
            std::any_of(gone.begin(), gone.end(), [](const PartName& part) { return part.id == "arm_before_foot"; }));
        QVERIFY(draft.parts(PartList::Faults).size() < faults);
        for (const MeasureDef& def : draft.reading().pack.measures)
            QVERIFY(def.at != "straight" && def.fromEvent != "straight" && def.toEvent != "straight");
    }
    void phasesGrowWithTheEvents() {
        PackDraft draft = draftOf(R"({"events":[]})");
        const auto add = [&](const char* id, const char* before = "") {
            draft.put(PartList::Events, {{"id", id}, {"title", id}, {"hint", "h"}}, before);
            draft.joinPhases();
        };
        add("a");
        QVERIFY(draft.parts(PartList::Phases).empty());
        add("c");
        QCOMPARE(draft.parts(PartList::Phases).size(), std::size_t(1));
        add("b", "c");
        QCOMPARE(draft.parts(PartList::Events)[1].id, std::string("b"));
        const auto phase = [&](const char* id) { return draft.part(PartList::Phases, id); };
        QVERIFY(phase("a_to_b") && phase("b_to_c"));
        add("d");
        int whole = 0;
        for (const PartName& part : draft.parts(PartList::Phases))
            if (part.title == "Whole movement") {
                ++whole;
                QCOMPARE((*phase(part.id.c_str()))["to"], Json("d"));
            }
        QCOMPARE(whole, 1);
        // A new name of an event is that of its phases too; a phase named by hand keeps its name.
        draft.put(PartList::Events, {{"id", "b"}, {"title", "Low"}, {"hint", "h"}});
        QCOMPARE((*phase("a_to_b"))["title"], Json("a to Low"));
    }
    /// A cycle's phases go on over its end, and go with the kind of movement.
    void phasesOfACycleComeRound() {
        PackDraft draft = PackDraft::of(draftOf(readText(PACKS "/any_movement.json")), "Round and round");
        for (const PartName& event : draft.parts(PartList::Events))
            draft.take(PartList::Events, event.id);
        for (const char* id : {"in", "out", "over"})
            draft.put(PartList::Events, {{"id", id}, {"title", id}, {"hint", kToBeWritten}});
        draft.joinPhases();
        const auto ends = [&] {
            std::map<std::string, std::string> out;
            for (const Json& phase : draft.json()["phases"])
                out[phase["title"].get<std::string>()] =
                    phase["from"].get<std::string>() + "-" + phase["to"].get<std::string>();
            return out;
        };
        QCOMPARE(ends().size(), std::size_t(3)); // between, and the whole
        draft.set("family", "cyclic");
        QCOMPARE(ends().size(), std::size_t(4));
        QCOMPARE(ends()["over to in"], std::string("over-in"));
        QCOMPARE(ends()["Whole movement"], std::string("in-in"));
        QVERIFY(draft.reading().faults.empty());
        draft.set("family", "discrete");
        QCOMPARE(ends().size(), std::size_t(3));
        QCOMPARE(ends()["Whole movement"], std::string("in-over"));
        QVERIFY(draft.reading().faults.empty());
    }
    /// Words that are still to be written are none, and are listed.
    void whatIsNotWrittenIsMissing() {
        PackDraft draft = PackDraft::of(draftOf(readText(PACKS "/any_movement.json")), "Another");
        QVERIFY(draft.reading().pack.about.empty()); // what the other one says of itself is of something else
        const std::size_t before = stillMissing(draft.reading().pack).size();
        draft.put(PartList::Events, {{"id", "top"}, {"title", "Top"}, {"hint", kToBeWritten}});
        QVERIFY(draft.reading().pack.event("top")->hint.empty());
        const auto missing = stillMissing(draft.reading().pack);
        QCOMPARE(missing.size(), before + 2); // no rule, no words
        QVERIFY(missing.back().what == StillMissing::What::NoWords && missing.back().part.id == "top");
        draft.put(PartList::Events, {{"id", "top"}, {"title", "Top"}, {"hint", "The hand is highest."}});
        QCOMPARE(stillMissing(draft.reading().pack).size(), before + 1);
    }
    /// What the skill that it began as has otherwise is taken part by part, by the path of each difference.
    void partsAreTakenFromTheSkillItBeganAs() {
        const PackDraft shipped = draftOf(readText(PACKS "/fencing_lunge.json"));
        PackDraft own = PackDraft::of(shipped, "Our lunge");
        QCOMPARE(own.beganAs(), std::string("riflesso.fencing-lunge"));
        QCOMPARE(PackDraft::of(own, "Theirs").beganAs(), own.beganAs());
        own.take(PartList::Faults, "trunk_tips");
        Json knee = *own.part(PartList::Measures, "front_knee_low");
        knee["tolerance"] = 9;
        own.put(PartList::Measures, knee);
        own.put(PartList::Points, {{"id", "mask"}, {"title", "Mask"}});
        own.set("about", "Otherwise.");
        Json range = *own.part(PartList::Ranges, "front_knee_low");
        range["high"] = 100;
        own.put(PartList::Ranges, range);
        const auto changes = packDiff(own.text(), shipped.text());
        QVERIFY(changes.size() >= 5);
        for (const PackChange& change : changes)
            own.takeFrom(shipped, change.path);
        for (const PackChange& change : packDiff(own.text(), shipped.text()))
            QVERIFY2(change.path == "x-began-as", change.path.c_str());
        QVERIFY(own.reading().faults.empty());
    }
    void editionsAreNumberedByWhatChanged() {
        using Kind = PackChange::Kind;
        const auto next = [](const char* edition, std::initializer_list<Kind> kinds) {
            std::vector<PackChange> changes;
            for (const Kind kind : kinds)
                changes.push_back({PackChange::What::Changed, kind, "x", "", ""});
            return nextEdition(edition, changes);
        };
        QCOMPARE(next("1.2.3", {}), std::string("1.2.3"));
        QCOMPARE(next("1.2.3", {Kind::Words}), std::string("1.2.4"));
        QCOMPARE(next("1.2.3", {Kind::Words, Kind::Ranges}), std::string("1.3.0"));
        QCOMPARE(next("1.2.3", {Kind::Structure, Kind::Ranges}), std::string("2.0.0"));
        QCOMPARE(next("0.2.3", {Kind::Structure}), std::string("0.3.0"));
        QCOMPARE(next("spring", {Kind::Words}), std::string("spring-2"));
        QCOMPARE(next("1.2.3.4", {Kind::Words}), std::string("1.2.3.4-2"));
    }
    /// x̄ ± t √(1 + 1/n) √max(0, s² - mean u²), worked by hand for five intervals whose ends have no doubt of their own.
    void aRangeIsAPredictionInterval() {
        const Pack pack = readPack(R"({"format":"riflesso-skill-pack","version":1,"id":"x","edition":"1","title":"X",
            "family":"discrete","views":["side"],"sources":{"s":"s"},"marked":["left_knee"],
            "events":[{"id":"a","title":"a","hint":"h"},{"id":"b","title":"b","hint":"h"}],
            "measures":[{"id":"t","title":"t","kind":"interval","from":"a","to":"b","unit":"s","tolerance":1,"source":"s"}]})")
                              .pack;
        const std::vector<double> lasts = {.50, .52, .54, .50, .49};
        std::vector<Trial> trials;
        std::vector<double> stored;
        for (int i = 0; i < 200; ++i)
            stored.push_back(i / 1000.0); // a thousand a second: what a frame hides is next to nothing
        for (std::size_t i = 0; i < lasts.size(); ++i) {
            Trial trial;
            trial.id = std::to_string(i);
            trial.number = static_cast<int>(i) + 1;
            trial.times = FrameTimes::ofClip(stored);
            trial.events = {{"a", 0, 0, 1e-6}, {"b", 100, lasts[i], 1e-6}};
            trials.push_back(std::move(trial));
        }
        const auto ranges = rangesFromModel(pack, trials);
        QCOMPARE(ranges.size(), std::size_t(1));
        const double middle = mean(lasts), half = 2.776445 * std::sqrt(1.2) * standardDeviation(lasts); // t(0.975, 4)
        QVERIFY(ranges[0].bySpread);
        QVERIFY2(std::abs(ranges[0].low - (middle - half)) < 1e-4, qPrintable(QString::number(ranges[0].low)));
        QVERIFY(std::abs(ranges[0].high - (middle + half)) < 1e-4);
        QCOMPARE(ranges[0].tolerance, toleranceFloor("s"));
        // Below five: the lowest and the highest, and said.
        trials.resize(4);
        const auto few = rangesFromModel(pack, trials);
        QVERIFY(!few[0].bySpread);
        QVERIFY(std::abs(few[0].low - .50) < 1e-9 && std::abs(few[0].high - .54) < 1e-9);
    }
    void whatIsPointedAtIsOffered() {
        const Pack pack = readPack(readText(PACKS "/any_movement.json")).pack;
        const PointRef hip{"hip", "dom"}, knee{"knee", "dom"}, ankle{"ankle", "dom"}, wrist{"wrist", "dom"};
        const std::vector<PointRef> marked = {hip, knee, ankle, wrist};
        const auto kinds = [&](std::vector<PointRef> points, std::vector<std::string> events, View view) {
            std::vector<Kind> out;
            for (const MeasureDef& def : offersFor(pack, {std::move(points), std::move(events), {}, marked}, view))
                out.push_back(def.kind);
            return out;
        };
        using enum Kind;
        const auto has = [](const std::vector<Kind>& kinds, Kind kind) {
            return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
        };
        QVERIFY(has(kinds({hip, knee, ankle}, {"one"}, View::Side), Flexion));
        QVERIFY(has(kinds({ankle, knee, hip}, {"one"}, View::Side), Flexion)); // clicked from below as well
        QVERIFY(!has(kinds({hip, wrist, ankle}, {"one"}, View::Side), Flexion));
        QVERIFY(has(kinds({hip, wrist, ankle}, {"one"}, View::Side), Angle));
        QVERIFY(has(kinds({hip, ankle}, {"one"}, View::Side), SegmentAngle));
        QVERIFY(!has(kinds({hip, ankle}, {"one"}, View::Top), SegmentAngle)); // no upright from above
        QVERIFY(has(kinds({}, {"one", "two"}, View::Side), Interval));
        QVERIFY(has(kinds({wrist}, {}, View::Side), Speed) && has(kinds({wrist}, {}, View::Side), PathLength));
        QVERIFY(has(kinds({wrist}, {"one"}, View::Side), Heading));
        QVERIFY(!has(kinds({wrist}, {"one"}, View::Top), Heading));    // no level from above
        QVERIFY(has(kinds({hip, wrist}, {"one"}, View::Side), Speed)); // of one seen from the other
        QVERIFY(kinds({}, {"one"}, View::Side).empty());
        // Every offer is a measure that the reader takes, and reads as it was.
        std::vector<MeasureDef> offers = offersFor(pack, {{hip, knee}, {"one"}, {}, marked}, View::Side);
        for (const std::vector<std::string>& events : {std::vector<std::string>{"one"}, {}})
            for (MeasureDef& offer : offersFor(pack, {{wrist}, events, {}, marked}, View::Side))
                offers.push_back(std::move(offer));
        for (const MeasureDef& offer : offers) {
            MeasureDef def = offer;
            def.id = "x";
            def.source = "est";
            std::vector<JsonFault> faults;
            const Json json = measureJson(def);
            const MeasureDef read = readMeasure(JsonNode(json, "$", faults));
            QVERIFY2(faults.empty(), json.dump().c_str());
            QCOMPARE(measureJson(read).dump(), json.dump());
        }
    }

    /// A knee that bends and straightens: the deepest moment and the first move are found, an event at random is not.
    void rulesAreFoundOrSaidNotToBe() {
        Pack pack = readPack(R"({"format":"riflesso-skill-pack","version":1,"id":"x","edition":"1","title":"X",
            "family":"discrete","views":["side"],"sources":{"s":"s"},"marked":["left_hip","left_knee","left_ankle"],
            "events":[{"id":"go","title":"go","hint":"h"},{"id":"low","title":"low","hint":"h"},{"id":"odd","title":"odd","hint":"h"}],
            "measures":[]})")
                        .pack;
        std::mt19937 random(7);
        std::uniform_real_distribution<double> depth(60, 90), start(.4, .7), lasts(.7, 1.0), anywhere(.4, 1.4);
        std::normal_distribution<double> noise(0, .4);
        std::vector<Trial> trials;
        for (int n = 0; n < 8; ++n) {
            const double from = start(random), long_ = lasts(random), by = depth(random);
            Trial trial;
            trial.id = std::to_string(n);
            std::vector<double> times;
            for (int i = 0; i < 120; ++i)
                times.push_back(i / 60.0);
            trial.times = FrameTimes::ofClip(times);
            trial.capture.facing = Side::Right;
            for (int i = 0; i < 120; ++i) {
                const double t = std::clamp((times[static_cast<std::size_t>(i)] - from) / long_, 0.0, 1.0);
                const double bend = (10 + by * .5 * (1 - std::cos(2 * std::acos(-1.0) * t))) * std::acos(-1.0) / 180;
                const PixelPoint ankle{300, 700}, knee{300 + 150 * std::sin(bend / 2), 700 - 150 * std::cos(bend / 2)};
                const PixelPoint hip{knee.x - 150 * std::sin(bend / 2), knee.y - 150 * std::cos(bend / 2)};
                for (const auto& [name, at] : {std::pair("left_ankle", ankle), {"left_knee", knee}, {"left_hip", hip}})
                    trial.marks[name].emplace(i, Mark{{at.x + noise(random), at.y + noise(random)}, 1, "analyst"});
            }
            const auto event = [&](const char* id, double at) { trial.events.push_back({id, at * 60, at, .005}); };
            event("go", from + .06 * long_);
            event("low", from + .5 * long_);
            event("odd", anywhere(random));
            trials.push_back(std::move(trial));
        }
        const RuleSearch low = searchRules(pack, "low", trials), go = searchRules(pack, "go", trials),
                         odd = searchRules(pack, "odd", trials);
        QVERIFY2(low.tried > 10, qPrintable(QString::number(low.tried)));
        QVERIFY(!low.best.empty() && low.best[0].holds());
        QVERIFY2(low.best[0].rmsFrames < 1, qPrintable(QString::number(low.best[0].rmsFrames)));
        QVERIFY(low.best[0].rule.feature == EventRule::Feature::Maximum ||
                low.best[0].rule.feature == EventRule::Feature::Minimum);
        QVERIFY(low.best[0].rule.after.empty() && low.best[0].rule.before.empty()); // no bound where none is needed
        QVERIFY(!go.best.empty() && go.best[0].holds() && go.best[0].rmsFrames < 2);
        QVERIFY2(odd.best.empty() || !odd.best[0].holds(), "an event at random has no rule");
        for (std::size_t i = 1; i < low.best.size(); ++i) // of signals that differ
            QVERIFY(eventRuleJson(low.best[i].rule)["signal"] != eventRuleJson(low.best[0].rule)["signal"]);
        // The same proof for the rule as it stands; it is not much better than what was proven on those left out.
        const FoundRule again = proveRule(pack, "low", low.best[0].rule, trials);
        QCOMPARE(again.placed, 8);
        QVERIFY(again.rmsFrames < 1);
        // One repetition proves nothing; a search can be stopped.
        QVERIFY(searchRules(pack, "low", {trials[0]}).best.empty());
        QVERIFY(searchRules(pack, "low", trials, {}, [](double) { return false; }).stopped);
    }

    /// 10,000 spoiled texts: nothing but a draft or an error, and a draft can be read, written and pruned.
    void spoiledTextsAreDraftsOrErrors() {
        std::mt19937 random(11);
        const std::string whole =
            Json::parse(R"({"format":"riflesso-skill-pack","version":1,"id":"x","edition":"1","title":"X",
            "family":"discrete","views":["side"],"sources":{"s":"s"},"roles":{"d":"dominant"},"points":[{"id":"tip","title":"Tip"}],
            "lines":[{"id":"l","title":"L","points":["tip","knee@d"]}],"marked":["hip@d","knee@d","ankle@d","tip"],
            "events":[{"id":"begin","title":"B","hint":"h"},{"id":"end","title":"E","hint":"h","suggest":{"signal":{"kind":"speed",
            "point":"tip","in":"body:hip@d-knee@d"},"feature":"stop","after":"begin"}}],
            "phases":[{"id":"all","title":"All","from":"begin","to":"end"}],
            "measures":[{"id":"t","title":"T","kind":"interval","from":"begin","to":"end","unit":"s","tolerance":1,"source":"s"},
            {"id":"k","title":"K","kind":"flexion","joint":"knee","points":["hip@d","knee@d","ankle@d"],"over":"all","stat":"maximum",
            "unit":"deg","tolerance":3,"source":"s"}],"observations":[{"id":"o","title":"O","ask":"?"}],
            "faults":[{"id":"f","title":"F","explain":"f","effect":0.5,"when":[{"measure":"t","direction":"above"},{"unless":
            {"observation":"o"}}],"causes":[{"fault":"g","weight":0.5,"because":"b"}]},{"id":"g","title":"G","explain":"g",
            "effect":0.5,"when":{"any":[{"measure":"k","direction":"below"}]}}],
            "drills":[{"id":"d","title":"D","stage":"shadow","stress":"calm","cue":"c","good":"g","dose":{"minutes":5}}],
            "ladders":[{"fault":"f","also":["g"],"rungs":["d"]}],"profiles":[{"id":"p","title":"P","faults":["f"]}],
            "model":{"ranges":[{"measure":"t","low":1,"high":2,"source":"s"}]}})")
                .dump();
        QVERIFY2(readPack(whole).faults.empty(),
                 readPack(whole).faults.empty() ? "" : readPack(whole).faults[0].path.c_str());
        int drafts = 0;
        for (int n = 0; n < 10000; ++n) {
            std::string text = whole;
            if (n % 4 < 2) { // a value of another kind: what an editor may leave behind
                Json json = Json::parse(text);
                auto part = json.begin();
                std::advance(part, static_cast<std::ptrdiff_t>(random() % json.size()));
                static const std::vector<Json> kOdd = {nullptr, 3, "x", Json::array({1}), Json::object({{"a", 1}}),
                                                       true};
                if (part->is_array() && !part->empty() && n % 8 < 4)
                    (*part)[random() % part->size()] = kOdd[random() % kOdd.size()];
                else
                    *part = kOdd[random() % kOdd.size()];
                text = json.dump();
            } else {
                for (int k = 0; k < 3; ++k)
                    text[random() % text.size()] = static_cast<char>(random() % 256);
            }
            auto draft = PackDraft::read(text, "spoiled");
            if (!draft)
                continue;
            ++drafts;
            if (n % 200 == 0) { // the reader itself is fuzzed elsewhere
                const PackReading reading = draft->reading();
                if (reading.faults.empty())
                    (void)stillMissing(reading.pack);
            }
            for (int list = 0; list <= static_cast<int>(PartList::Ranges); ++list)
                (void)draft->parts(static_cast<PartList>(list));
            if (n % 10 == 0)
                (void)draft->take(PartList::Events, "begin");
            draft->joinPhases();
        }
        QVERIFY2(drafts > 4000, qPrintable(QString::number(drafts)));
    }
};

QTEST_GUILESS_MAIN(TestPackWorkshop)
#include "tst_pack_workshop.moc"
