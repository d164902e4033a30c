// A model as a file: written, read again, and judging as the trials themselves would.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/judge/filming_list.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A knee that bends from `from` to `to` degrees between go (frame 20) and down (frame 20 + length).
Trial bending(const std::string& id, double fromDeg, double toDeg, int length = 40, const char* performer = "") {
    Trial trial = emptyTrial(60, 120);
    trial.id = id;
    trial.number = std::atoi(id.c_str());
    trial.performer = performer;
    addEvent(trial, "go", 20, 0.005);
    addEvent(trial, "down", 20 + length, 0.005);
    addPath(trial, "right_hip", 0, 110, 1, [](int) { return PixelPoint{500, 300}; });
    addPath(trial, "right_knee", 0, 110, 1, [](int) { return PixelPoint{500, 500}; });
    addPath(trial, "right_ankle", 0, 110, 1, [=](int frame) {
        const double share = std::clamp((frame - 20.0) / length, 0.0, 1.0);
        const double bend = (fromDeg + share * (toDeg - fromDeg)) * 3.14159265358979323846 / 180;
        return PixelPoint{500 - 200 * std::sin(bend), 500 + 200 * std::cos(bend)};
    });
    return trial;
}
Pack pack() { return packOf(smallPack()); }
std::vector<Trial> models() {
    return {bending("1", 0, 60, 40, "A"), bending("2", 0, 64, 50, "A"), bending("3", 0, 68, 30, "B")};
}
std::vector<Trial> athletes() {
    std::vector<Trial> out;
    for (int i = 0; i < 5; ++i)
        out.push_back(bending(std::to_string(i + 1), 0, 80 + i, 36));
    return out;
}

} // namespace

class TestModelFile : public QObject {
    Q_OBJECT
private slots:
    void judgesAsItsTrialsWould() {
        AssessmentInput byTrials;
        byTrials.pack = pack();
        byTrials.trials = athletes();
        byTrials.modelTrials = models();
        byTrials.cutoffHz = 6;
        const std::string text =
            modelFileJson(makeModel(pack(), models(), 6, "Two made-up performers", "made for a test")).dump();
        QVERIFY(isModelFile(text));
        QVERIFY(!isModelFile(R"({"ranges":[]})"));
        auto read = readModelFile(text, "M.json", pack());
        QVERIFY2(read.ok(), read.ok() ? "" : read.error().sentence().c_str());
        AssessmentInput byFile = byTrials;
        byFile.modelTrials.clear();
        byFile.cutoffHz.reset(); // the file brings its own
        byFile.modelFile = *read;
        const Json a = assessmentJson(assess(byTrials)), b = assessmentJson(assess(byFile));
        QCOMPARE(b["deviations"].dump(), a["deviations"].dump());
        QCOMPARE(b["cutoff_hz"].get<double>(), 6.0);
        QCOMPARE(b["deviations"][0]["reference"].get<std::string>(), std::string("model"));
        QCOMPARE(read->trials[2].performer, std::string("B"));
    }
    void curvesAtEqualPhase() {
        const ModelFile model = makeModel(pack(), models(), 6, "T", "S");
        const auto band = std::find_if(model.curves.begin(), model.curves.end(),
                                       [](const CurveBand& b) { return b.measure == "knee"; });
        QVERIFY(band != model.curves.end());
        // Every trial bends evenly in phase, whatever its length: half way at 50 %.
        QVERIFY(std::abs(band->mean[0]) < 1e-6);
        QVERIFY(std::abs(band->mean[50] - 32) < 1e-6);
        QVERIFY(std::abs(band->mean[100] - 64) < 1e-6);
        QVERIFY(std::abs(band->sd[100] - 4) < 1e-6);
        QVERIFY(std::abs(band->sd[25] - 1) < 1e-6);
        QCOMPARE(band->trials[50], 3);
        QCOMPARE(band->of, (std::vector<std::string>{"1", "2", "3"}));
        const ModelFile read = *readModelFile(modelFileJson(model).dump(), "M.json", pack());
        QCOMPARE(read.curves.size(), model.curves.size());
        QVERIFY(std::abs(read.curves[0].sd[25] - model.curves[0].sd[25]) < 1e-12);
    }
    void aCurveStopsWhereTheMarksDo() {
        Trial shortTrial = bending("4", 0, 60);
        for (auto& [landmark, marks] : shortTrial.marks)
            erase_if(marks, [](const auto& entry) { return entry.first > 40; }); // half of the way
        const PhaseAnchors anchors = phaseAnchors(pack(), models(), {});
        const auto band = curveBand(pack(), *pack().measure("knee"), {shortTrial, bending("5", 0, 60)}, anchors, 6);
        QCOMPARE(band->trials[25], 2);
        QCOMPARE(band->trials[75], 1);
        QVERIFY(std::isnan(band->sd[75]) && !std::isnan(band->mean[75]));
        QVERIFY(!curveBand(pack(), *pack().measure("time"), models(), anchors, 6)); // an interval has no curve
    }
    void readStrictly() {
        const Json whole = modelFileJson(makeModel(pack(), models(), 6, "T", "S"));
        const auto where = [](const Json& json) {
            const auto read = readModelFile(json.dump(), "M.json", pack());
            return read.ok() ? std::string() : read.error().where;
        };
        QCOMPARE(where(whole), std::string());
        Json spoiled = whole;
        spoiled["pack"]["id"] = "another";
        QCOMPARE(where(spoiled), std::string("M.json: $.pack.id"));
        spoiled = whole;
        spoiled["version"] = 2;
        QCOMPARE(where(spoiled), std::string("M.json: $.version"));
        spoiled = whole;
        spoiled["trials"][1]["measures"]["knee"]["u"] = -1;
        QCOMPARE(where(spoiled), std::string("M.json: $.trials[1].measures.knee.u"));
        spoiled = whole;
        spoiled["curves"][0]["mean"].erase(3);
        QCOMPARE(where(spoiled), std::string("M.json: $.curves[0].mean"));
        for (const char* key : {"format", "title", "source", "pack", "trials", "cutoff_hz", "view"}) {
            spoiled = whole;
            spoiled.erase(key);
            QVERIFY2(!where(spoiled).empty(), key);
        }
        // A measure that the pack has no longer, or in another unit, is left out; the rest holds.
        spoiled = whole;
        spoiled["trials"][0]["measures"]["gone"] = spoiled["trials"][0]["measures"]["knee"];
        spoiled["trials"][0]["measures"]["knee"]["unit"] = "rad";
        const auto read = readModelFile(spoiled.dump(), "M.json", pack());
        QVERIFY(read.ok());
        QVERIFY(!read->measures[0].find("gone") && !read->measures[0].find("knee") && read->measures[1].find("knee"));
    }
};

/// What could not be judged, and what would settle it.
class TestFilmingList : public QObject {
    Q_OBJECT
    static std::vector<FilmingWish> list(const Pack& pack, std::vector<Trial> trials) {
        AssessmentInput input;
        input.pack = pack;
        input.trials = trials;
        return filmingList(pack, trials, assess(input));
    }
    static const FilmingWish* wish(const std::vector<FilmingWish>& wishes, const std::string& settles) {
        for (const FilmingWish& wish : wishes)
            if (std::find(wish.measures.begin(), wish.measures.end(), settles) != wish.measures.end())
                return &wish;
        return nullptr;
    }
private slots:
    void eachGapHasItsRemedy() {
        std::vector<Trial> trials = athletes();
        for (Trial& trial : trials) {
            trial.stress = Stress::Calm;
            trial.observations["eyes"] = "yes";
        }
        const auto plain = list(pack(), trials);
        QCOMPARE(plain.size(), 1U); // the knee is bent: does it hold elsewhere?
        SAME(plain[0].what, FilmingWish::What::HarderCondition);
        QCOMPARE(plain[0].measures, std::vector<std::string>{"bent"});

        Json json = smallPack();
        const auto add = [&json](const std::string& id, Json measure) {
            measure["id"] = id;
            measure["title"] = id;
            measure["tolerance"] = measure.value("tolerance", 1.0);
            measure["source"] = "t";
            json["measures"].push_back(measure);
        };
        json["views"] = {"side", "front"};
        add("front_only", {{"kind", "distance"},
                           {"points", {"knee@lead", "ankle@lead"}},
                           {"in", "body:hip@lead-knee@lead"},
                           {"at", "down"},
                           {"unit", "body"},
                           {"views", {"front"}}});
        add("metres", {{"kind", "distance"},
                       {"points", {"knee@lead", "ankle@lead"}},
                       {"in", "m"},
                       {"at", "down"},
                       {"unit", "m"}});
        add("unmarked", {{"kind", "distance"},
                         {"points", {"knee@lead", "tip"}},
                         {"in", "body:hip@lead-knee@lead"},
                         {"at", "down"},
                         {"unit", "body"}});
        add("trend", {{"kind", "drift"}, {"of", "time"}, {"unit", "s"}});
        add("fine", {{"kind", "segment_angle"},
                     {"points", {"knee@lead", "hip@lead"}},
                     {"against", "vertical"},
                     {"at", "down"},
                     {"unit", "deg"},
                     {"tolerance", 0.1}});
        json["model"]["ranges"].push_back({{"measure", "fine"}, {"low", -1}, {"high", 1}, {"source", "t"}});
        add("quick", {{"kind", "speed"},
                      {"point", "ankle@lead"},
                      {"in", "body:hip@lead-knee@lead"},
                      {"over", "all"},
                      {"stat", "maximum"},
                      {"unit", "body/s"}});
        trials.resize(3);
        trials[0].observations.clear();
        trials[1].observations.clear();
        // At 15 frames a second the speed loses too much.
        std::vector<Trial> slow = trials;
        for (Trial& trial : slow) {
            Trial thin = emptyTrial(15, 120);
            thin.id = trial.id;
            thin.stress = trial.stress;
            thin.marks = trial.marks;
            thin.observations = trial.observations;
            addEvent(thin, "go", 20, 0.02);
            addEvent(thin, "down", 56, 0.02);
            trial = thin;
        }
        const Pack whole = packOf(json);
        const auto wishes = list(whole, trials);
        SAME(wish(wishes, "front_only")->what, FilmingWish::What::View);
        QVERIFY(wish(wishes, "front_only")->film.code() == "film_front");
        SAME(wish(wishes, "metres")->what, FilmingWish::What::Scale);
        SAME(wish(wishes, "unmarked")->what, FilmingWish::What::Mark);
        QVERIFY(!wish(wishes, "unmarked")->needsClip());
        SAME(wish(wishes, "trend")->what, FilmingWish::What::MoreRepetitions);
        SAME(wish(wishes, "fine")->what, FilmingWish::What::Closer);
        SAME(wish(wishes, "eyes")->what, FilmingWish::What::Observe);
        QVERIFY(!wish(wishes, "knee"));
        const auto fps = list(whole, slow);
        QVERIFY(wish(fps, "quick"));
        SAME(wish(fps, "quick")->what, FilmingWish::What::FasterCamera);
        // New clips come first.
        bool work = false;
        for (const FilmingWish& entry : wishes) {
            QVERIFY(!work || !entry.needsClip());
            work = work || !entry.needsClip();
        }
        for (Trial& trial : trials)
            trial.capture.bearingDeg = 25;
        SAME(wish(list(whole, trials), "knee")->what, FilmingWish::What::Square);
        QVERIFY(list(whole, {}).empty());
        // A knee whose marks were proposed: by hand in as many as make half of the repetitions clear. (28 degrees where
        // 20 and 5 more are allowed; each coordinate within 12 px, a shank of 200.)
        std::vector<Trial> proposed;
        for (int i = 0; i < 5; ++i)
            proposed.push_back(bending(std::to_string(i + 1), 0, 28, 36));
        for (Trial& trial : proposed)
            for (auto& [landmark, track] : trial.marks)
                for (auto& [frame, mark] : track)
                    mark = {mark.at, 12, confirmedSource(kProposedByNetwork)};
        const auto byHand = [&](int repetitions) {
            for (int i = 0; i < repetitions; ++i)
                for (auto& [landmark, track] : proposed[static_cast<std::size_t>(i)].marks)
                    for (auto& [frame, mark] : track)
                        mark = {mark.at, 0.5, "analyst"};
            return list(pack(), proposed);
        };
        const auto asked = byHand(0);
        QVERIFY(wish(asked, "knee"));
        SAME(wish(asked, "knee")->what, FilmingWish::What::Mark);
        QCOMPARE(inEnglish(wish(asked, "knee")->film),
                 std::string("No new clip: set its points by hand at \"Down\" (repetitions still to do: 3)."));
        // Another measure at the same event: one wish for both.
        Json two = smallPack();
        two["measures"].push_back(two["measures"][0]);
        two["measures"].back()["id"] = "other";
        two["model"]["ranges"].push_back({{"measure", "other"}, {"low", 0}, {"high", 20}, {"source", "t"}});
        QCOMPARE(wish(list(packOf(two), proposed), "other")->measures, (std::vector<std::string>{"knee", "other"}));
        QVERIFY(inEnglish(wish(byHand(2), "knee")->film).ends_with("(repetitions still to do: 1)."));
        QVERIFY(!wish(byHand(3), "knee"));
        const Json printed = filmingListJson(wishes);
        QCOMPARE(printed.size(), wishes.size());
        QVERIFY(printed[0]["new_clip"].get<bool>());
    }
};

int main(int, char**) {
    TestModelFile model;
    TestFilmingList filming;
    return QTest::qExec(&model) + QTest::qExec(&filming);
}
#include "tst_model_file.moc"
