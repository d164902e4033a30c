// 1,000 trials x 40 measures on one core, Monte Carlo included; and that the cost grows with the number of trials.

#include "core/measure/measure.h"
#include "core/tables/json_walk.h"
#include "support/made_trials.h"

#include <benchmark/benchmark.h>

#include <cmath>
#include <random>

namespace {

using namespace riflesso;

/// 40 measures: 24 at events, 8 of time, 8 over a phase (extremes, means, speeds, paths, order of peaks).
Pack packOfForty() {
    Json json = test::smallPack();
    Json measures = Json::array();
    const auto add = [&](Json measure) {
        measure["id"] = "m" + std::to_string(measures.size());
        measure["title"] = "M";
        measure["source"] = "t";
        measure["tolerance"] = 1;
        measures.push_back(measure);
    };
    const Json leg = {"hip@lead", "knee@lead", "ankle@lead"}, thigh = {"hip@lead", "knee@lead"};
    const std::string body = "body:hip@lead-knee@lead";
    for (int i = 0; i < 4; ++i)
        for (const char* at : {"go", "down"}) {
            add({{"kind", "flexion"}, {"joint", "knee"}, {"points", leg}, {"at", at}, {"unit", "deg"}});
            add({{"kind", "segment_angle"}, {"points", thigh}, {"against", "vertical"}, {"at", at}, {"unit", "deg"}});
            add({{"kind", "distance"}, {"points", {"hip@lead", "tip"}}, {"in", body}, {"at", at}, {"unit", "body"}});
        }
    for (int i = 0; i < 8; ++i)
        add({{"kind", "interval"}, {"from", "go"}, {"to", "down"}, {"unit", "s"}});
    for (const char* stat : {"maximum", "mean", "range"})
        add({{"kind", "flexion"},
             {"joint", "knee"},
             {"points", leg},
             {"over", "all"},
             {"stat", stat},
             {"unit", "deg"}});
    add({{"kind", "speed"}, {"point", "tip"}, {"in", body}, {"over", "all"}, {"stat", "maximum"}, {"unit", "body/s"}});
    add({{"kind", "speed"}, {"point", "tip"}, {"in", body}, {"at", "down"}, {"unit", "body/s"}});
    add({{"kind", "path_length"}, {"point", "tip"}, {"in", body}, {"over", "all"}, {"unit", "body"}});
    add({{"kind", "steadiness"}, {"point", "tip"}, {"in", body}, {"over", "all"}, {"unit", "body"}});
    add({{"kind", "peak_order"}, {"of", {"ankle@lead", "tip"}}, {"over", "all"}, {"unit", "1"}});
    json["measures"] = measures;
    json["faults"] = json["ladders"] = Json::array();
    json["model"] = Json::object();
    return test::packOf(json);
}

std::vector<Trial> trials(int count) {
    std::mt19937 random(3);
    std::vector<Trial> out;
    for (int i = 0; i < count; ++i) {
        const int frames = 70 + static_cast<int>(random() % 40);
        Trial trial = test::emptyTrial(60, frames);
        trial.id = std::to_string(i + 1);
        const double pace = 2 + 0.001 * static_cast<double>(random() % 500);
        const auto swing = [=](double phase, int frame) { return std::sin(pace * frame / 60.0 * 2 + phase); };
        test::addPath(trial, "right_hip", 0, frames - 1, 2, [=](int f) {
            return PixelPoint{300 + 2.0 * f, 300 + 4 * swing(0, f)};
        });
        test::addPath(trial, "right_knee", 0, frames - 1, 2, [=](int f) {
            return PixelPoint{310 + 2.0 * f + 20 * swing(1, f), 400};
        });
        test::addPath(trial, "right_ankle", 0, frames - 1, 2, [=](int f) {
            return PixelPoint{300 + 2.0 * f + 60 * swing(2, f), 490};
        });
        test::addPath(trial, "tip", 0, frames - 1, 2, [=](int f) {
            return PixelPoint{400 + 90 * swing(2.4, f), 200 + 20 * swing(1, f)};
        });
        test::addEvent(trial, "go", 12, 0.01);
        test::addEvent(trial, "down", frames - 12, 0.01);
        out.push_back(std::move(trial));
    }
    return out;
}

void measures(benchmark::State& state) {
    const Pack pack = packOfForty();
    const std::vector<Trial> set = trials(static_cast<int>(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(measureTrials(pack, set, 6));
    state.counters["ms_a_trial"] =
        benchmark::Counter(static_cast<double>(state.range(0)) / 1000,
                           benchmark::Counter::kIsIterationInvariantRate | benchmark::Counter::kInvert);
}
BENCHMARK(measures)->RangeMultiplier(10)->Range(10, 10000)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
