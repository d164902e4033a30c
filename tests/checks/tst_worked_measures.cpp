// Every kind of measure against numbers worked by hand from the definitions (worked_measures.json: our own arithmetic,
// no published source).

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/measure/instant.h"
#include "core/measure/measure_set.h"
#include "core/points/body_mass.h"
#include "core/progress/retest.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <numeric>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Tolerance of the page: 1e-6 relative, or 1e-6 where the value is 0; both are rounding of the listed digits.
bool same(double value, double expected) {
    return std::abs(value - expected) <= 1e-6 * std::max(1.0, std::abs(expected));
}

std::string unitOf(const std::string& kind) {
    static const std::map<std::string, std::string> kUnits = {
        {"clock", "h"}, {"distance", "body"}, {"offset", "body"}, {"stack", "body"}, {"ratio", "1"}};
    const auto found = kUnits.find(kind);
    return found == kUnits.end() ? "deg" : found->second;
}

} // namespace

class TestWorkedMeasures : public QObject {
    Q_OBJECT
private slots:
    void rows_data() {
        QTest::addColumn<QString>("row");
        const Json all = readJson(TEST_DATA "/worked_measures.json");
        for (const Json& row : all["rows"]) {
            QTest::newRow(row["name"].get<std::string>().c_str()) << QString::fromStdString(row.dump());
        }
        QCOMPARE(static_cast<int>(all["rows"].size()), 88);
    }
    void rows() {
        QFETCH(QString, row);
        const Json json = jsonOf(row.toStdString());
        const std::string kind = json["kind"];
        if (json.contains("marks"))
            instant(json);
        else if (json.contains("events"))
            timing(json);
        else if (kind.starts_with("cycle_"))
            cycles(json);
        else if (json.contains("set"))
            set(json);
        else if (json.contains("series") && kind != "maximum")
            series(json);
        else if (kind == "maximum")
            peak(json);
        else
            function(json);
    }

private:
    static void instant(const Json& row) {
        Json pack = smallPack();
        pack["views"] = {row.value("view", "side")};
        Json measure = row["measure"];
        const std::string kind = row["kind"];
        measure["kind"] = kind;
        measure["at"] = "down";
        measure["unit"] = measure.value("in", "") == "m" ? "m" : unitOf(kind);
        for (const char* key : {"id", "title", "source"})
            measure[key] = std::string(key) == "source" ? "t" : "m";
        measure["tolerance"] = 1;
        pack["measures"].push_back(measure);
        Trial trial = emptyTrial();
        trial.capture.view = *viewFrom(row.value("view", "side"));
        trial.capture.facing = *sideFrom(row.value("facing", "right"));
        trial.capture.handedness = *sideFrom(row.value("handedness", "right"));
        if (row.contains("input") && row["input"].contains("calibration")) {
            trial.capture.metresPerPixel = row["input"]["calibration"]["scale"].get<double>();
            trial.capture.scaleRelativeU = row["input"]["calibration"]["relative_u"].get<double>();
        }
        const double sigma = row["sigma_px"];
        for (const auto& [name, at] : row["marks"].items())
            trial.marks[name][30] = {{at[0].get<double>(), at[1].get<double>()}, sigma, ""};
        addEvent(trial, "down", 30);
        const auto measures = measureTrials(packOf(pack), {trial}, 6);
        const MeasureValue& value = *measures[0].find("m");
        QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
        compare(row, *value.value, value.u);
        if (row["expected"].contains("offsets")) {
            QCOMPARE(value.offsets.size(), row["expected"]["offsets"].size());
            for (std::size_t i = 0; i < value.offsets.size(); ++i)
                QVERIFY(same(value.offsets[i], row["expected"]["offsets"][i]));
        }
    }
    static void timing(const Json& row) {
        Json pack = smallPack();
        pack["events"] = Json::array();
        pack["phases"] = Json::array();
        pack["faults"] = Json::array();
        pack["ladders"] = Json::array();
        Json measure = row["measure"];
        measure["kind"] = row["kind"];
        measure["unit"] = row["expected"]["unit"];
        measure["id"] = measure["title"] = "m";
        measure["tolerance"] = 1;
        measure["source"] = "t";
        Trial trial = emptyTrial();
        const double u = row["event_u_s"];
        std::vector<std::string> ids;
        for (const Json& event : row["events"]) {
            trial.events.push_back({event[0].get<std::string>(), 0, event[1].get<double>(), u});
            ids.push_back(event[0]);
        }
        std::sort(ids.begin(), ids.end()); // the pack's order; a row may have them reversed in time
        ids.erase(std::unique(ids.begin(), ids.end()), ids.end());
        const bool cyclic = row.value("cyclic", false);
        if (cyclic)
            pack["family"] = "cyclic";
        for (const std::string& id : ids)
            pack["events"].push_back({{"id", id}, {"title", id}, {"hint", "?"}});
        for (const char* key : {"phase", "of", "to_phase"})
            if (measure.contains(key)) {
                pack["phases"].push_back(
                    {{"id", key}, {"title", key}, {"from", measure[key][0]}, {"to", measure[key][1]}});
                measure[key] = key;
            }
        pack["measures"] = Json::array({measure});
        pack["model"] = Json::object();
        const auto measures = measureTrials(packOf(pack), {trial}, 6);
        // A cyclic trial has what it has once, then its cycles.
        const bool ofCycle = cyclic && row["kind"] != "rate";
        QCOMPARE(measures.size(), std::size_t(!cyclic ? 1 : ids.size() == 1 ? 5 : 2));
        const MeasureValue& value = *measures[ofCycle ? 1 : 0].find("m");
        QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
        compare(row, *value.value, value.u);
    }
    static void cycles(const Json& row) {
        Json pack = smallPack();
        pack["family"] = "cyclic";
        const std::string kind = row["kind"];
        pack["measures"].push_back({{"id", "m"},
                                    {"title", "m"},
                                    {"kind", kind},
                                    {"point", "tip"},
                                    {"in", "m"},
                                    {"unit", row["expected"]["unit"]},
                                    {"tolerance", 1},
                                    {"source", "t"}});
        Trial trial = emptyTrial(10, 100);
        trial.capture.metresPerPixel = 0.01;
        const int starts = row["input"]["starts"];
        const double whole = row["input"]["first_to_last_s"], travel = row["input"]["travel_m"];
        for (int i = 0; i < starts; ++i)
            addEvent(trial, "go", 10 * whole * i / (starts - 1));
        addPath(trial, "tip", 0, 99, 2, [&](int frame) {
            return PixelPoint{100 + 100 * travel * frame / (10 * whole), 50};
        });
        const auto measures = measureTrials(packOf(pack), {trial}, 3);
        QCOMPARE(measures.size(), static_cast<std::size_t>(starts)); // the trial's own and its four cycles
        const MeasureValue& value = *measures[0].find("m");
        QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
        compare(row, *value.value, value.u);
        QVERIFY(value.u > 0);
    }
    static void set(const Json& row) {
        const Json& input = row["set"];
        const std::vector<double> values = input["values"];
        if (row["kind"] == "variability") {
            const auto [value, u] = spreadBeyond(values, std::vector<double>(values.size(), input["u"]));
            compare(row, value, u);
        } else if (row.contains("measure")) {
            // The last ten against the rest, through the whole of a set.
            Json pack = smallPack();
            pack["measures"].push_back({{"id", "m"},
                                        {"title", "m"},
                                        {"kind", "drift"},
                                        {"of", "time"},
                                        {"last", row["measure"]["last"]},
                                        {"unit", "s"},
                                        {"tolerance", 1},
                                        {"source", "t"}});
            std::vector<Trial> trials;
            std::vector<TrialMeasures> measures;
            for (double value : values) {
                Trial trial = emptyTrial();
                trial.id = std::to_string(trials.size() + 1);
                trial.number = static_cast<int>(trials.size()) + 1;
                MeasureValue time;
                time.value = value;
                measures.push_back({trial.id, 0, {{"time", time}}});
                trials.push_back(trial);
            }
            const SetMeasures once = measureSet(packOf(pack), trials, measures);
            QCOMPARE(once.size(), 1U);
            compare(row, *once[0].second.value, once[0].second.u);
        } else {
            const auto [value, u] = slopeOf(input["numbers"], values);
            compare(row, value, u);
        }
    }
    static void series(const Json& row) {
        const std::string kind = row["kind"];
        const Json& in = row["series"];
        if (kind == "angular_speed") {
            compare(row, velocities(in["t_s"], in["angle_deg"])[1], 0);
        } else if (kind == "dwell") {
            compare(row, totalTime(spansBelow(in["t_s"], in["speed"], row["measure"]["below"], 0, 0.5)), 0);
        } else if (kind == "reversals") {
            compare(row, reversalsOf(in["y"], row["measure"]["hysteresis"]), 0);
        } else {
            Eigen::MatrixX2d points(static_cast<Eigen::Index>(in["points"].size()), 2);
            for (Eigen::Index i = 0; i < points.rows(); ++i)
                for (Eigen::Index c = 0; c < 2; ++c)
                    points(i, c) = in["points"][static_cast<std::size_t>(i)][static_cast<std::size_t>(c)];
            std::vector<double> times(static_cast<std::size_t>(points.rows()));
            std::iota(times.begin(), times.end(), 0);
            const Walk walk = walkOf(times, points, 0, times.back(), 0);
            compare(row, kind == "path_length" ? walk.length : walk.net / walk.length, 0);
        }
    }
    static void peak(const Json& row) {
        const Extremum peak = findMaximum(row["series"]["t_s"], row["series"]["y"]);
        compare(row, peak.value, 0);
        QVERIFY(same(peak.timeS, row["expected"]["at_s"]));
    }
    static void function(const Json& row) {
        const std::string kind = row["kind"];
        const Json expected = row["expected"];
        if (kind == "rung") {
            const Json out = blockJson(judgeBlock(row["input"]["good"], row["input"]["all"]));
            QCOMPARE(out["share"].is_null(), expected["share"].is_null());
            if (!expected["share"].is_null())
                QVERIFY(same(out["share"], expected["share"]));
            QVERIFY(same(out["interval"]["low"], expected["low"]));
            QVERIFY(same(out["interval"]["high"], expected["high"]));
            QCOMPARE(out["verdict"].get<std::string>(), expected["verdict"].get<std::string>());
            QCOMPARE(out["more_wanted"].get<int>(), expected["more_wanted"].get<int>());
            QCOMPARE(out["confirm"].get<bool>(), expected["confirm"].get<bool>());
        } else if (kind == "tolerance") {
            compare(row, toleranceFactor(row["input"]["model_trials"]), 0);
        } else if (kind == "filter") {
            compare(row, designFrequency(row["input"]["fc"], row["input"]["fs"]), 0);
        } else if (kind == "deviation") {
            MeasureDef def;
            def.kind = Kind::Clock;
            Reference reference;
            reference.source = Reference::Source::Model;
            reference.modelMean = row["input"]["reference"].get<double>();
            compare(row, deviationFrom(def, reference, row["input"]["value"]), 0);
        } else if (kind == "set_mean") {
            compare(row, mean(unwrapSet(row["input"]["values"], 360)), 0);
        } else if (kind == "normalise") {
            const std::vector<double> percent = row["input"]["model_events_percent"],
                                      times = row["input"]["athlete_events_s"];
            for (std::size_t i = 0; i < row["input"]["at_percent"].size(); ++i)
                QVERIFY(same(timeAtPhase(percent, times, row["input"]["at_percent"][i]), expected["value"][i]));
        } else if (kind == "retest") {
            AssessedSet sets[2];
            for (std::size_t i = 0; i < 2; ++i) {
                const Json& in = row["input"][i == 0 ? "before" : "after"];
                SetSummary summary;
                summary.measure = "m";
                summary.repetitions = in["n"];
                const double s = in["s"], n = in["n"];
                summary.u = std::sqrt(std::numbers::pi / 2 * s * s / n);
                summary.tolerance = row["input"]["tolerance"];
                Reference reference;
                reference.source = Reference::Source::Pack;
                if (in.contains("median")) {
                    reference.low = row["input"]["low"].get<double>();
                    reference.high = row["input"]["high"].get<double>();
                    summary.median = in["median"];
                    summary.deviation = deviationFrom(MeasureDef(), reference, summary.median);
                } else {
                    summary.median = in["deviation"];
                    summary.deviation = in["deviation"].get<double>();
                }
                summary.state = std::abs(*summary.deviation) > summary.tolerance ? State::Possible : State::Within;
                sets[i].measures.push_back(summary);
            }
            const Retest retest = compareSets(sets[0], sets[1]);
            QCOMPARE(retest.measures.size(), 1U);
            const Change& change = retest.measures[0];
            QVERIFY(same(change.change, expected["change"]));
            QVERIFY(same(change.u, expected["u"]));
            QVERIFY(same(change.detectable, expected["detectable"]));
            QVERIFY(same(change.gapClosed.value(), expected["gap_closed"]));
            QCOMPARE(std::string(toString(change.verdict)), expected["verdict"].get<std::string>());
        } else if (kind == "overlap") {
            TimeSpans spans[2];
            for (const auto& [key, into] : {std::pair{"first_true", &spans[0]}, {"second_true", &spans[1]}})
                for (const Json& span : row["input"][key])
                    into->emplace_back(span[0], span[1]);
            compare(row, commonTime(spans[0], spans[1]), 0);
        } else if (kind == "peak_order") {
            std::vector<double> peaks;
            for (const Json& name : row["input"]["expected_order"])
                peaks.push_back(row["input"]["peaks_s"][name.get<std::string>()]);
            const double u = row["input"].value("u_lag_s", 0.0);
            compare(row, orderScore(peaks, Eigen::MatrixXd::Constant(3, 3, u)), 0);
            for (std::size_t i = 0; i < 2; ++i)
                QVERIFY(same(peaks[i + 1] - peaks[i], expected["lags_s"][i]));
        } else if (kind == "symmetry") {
            const Json& in = row["input"];
            const auto result = symmetryOf(in["left"], in["u"], in["right"], in["u"], in["scale"] == "angle");
            QVERIFY(result.has_value());
            compare(row, result->first, result->second);
        } else if (kind == "com") {
            std::set<std::string> marked;
            const Json& points = row["input"]["both_sides_cm_y_up"];
            for (const auto& [part, at] : points.items())
                for (const char* side : {"left_", "right_"})
                    marked.insert(side + part);
            const auto weights = centreOfMassWeights(marked);
            QVERIFY(std::holds_alternative<Reason>(weights) == false);
            double x = 0, y = 0, sum = 0;
            for (const auto& [landmark, weight] : std::get<0>(weights)) {
                const Json& at = points[landmark.substr(landmark.find('_') + 1)];
                x += weight * at[0].get<double>();
                y += weight * at[1].get<double>();
                sum += weight;
            }
            QVERIFY(same(sum, 1));
            QVERIFY(same(x, expected["value"][0]));
            QVERIFY(same(y, expected["value"][1]));
        } else {
            QFAIL(("no check for kind " + kind).c_str());
        }
    }
    static void compare(const Json& row, double value, double u) {
        const Json& expected = row["expected"];
        QVERIFY2(same(value, expected["value"]), qPrintable(QStringLiteral("value %1").arg(value, 0, 'g', 12)));
        if (!expected["u"].is_null())
            QVERIFY2(same(u, expected["u"]), qPrintable(QStringLiteral("u %1").arg(u, 0, 'g', 12)));
    }
};

QTEST_APPLESS_MAIN(TestWorkedMeasures)
#include "tst_worked_measures.moc"
