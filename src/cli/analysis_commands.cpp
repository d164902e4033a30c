// Commands that need no clip and no library: retest, smooth, reliability, plan-capture.

#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "core/points/capture_plan.h"
#include "core/progress/retest.h"
#include "core/signal/laps.h"
#include "core/signal/signal.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "core/uncertainty/reliability.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <functional>

namespace riflesso::cli {
namespace {

Result<AssessedSet> readSetFile(const Arguments& arguments, const std::string& name) {
    const auto path = arguments.required(name);
    if (!path)
        return path.error();
    const auto text = readFile(*path);
    if (!text)
        return text.error();
    return readAssessedSet(*text, *path);
}

struct Samples {
    std::vector<double> timesS, values;
};

Result<Samples> readSamples(std::string_view text, const std::string& name) {
    const auto rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    const auto place = [&](const CsvRow& row) { return name + ":" + std::to_string(row.line); };
    if (rows->empty() || (*rows)[0].cells != std::vector<std::string>{"time_s", "value"})
        return badInput(rows->empty() ? name : place((*rows)[0]), "the header time_s,value", "something else");
    Samples out;
    for (std::size_t i = 1; i < rows->size(); ++i) {
        const CsvRow& row = (*rows)[i];
        if (row.cells.size() != 2)
            return badInput(place(row), "2 cells", std::to_string(row.cells.size()));
        double numbers[2] = {};
        for (std::size_t c = 0; c < 2; ++c) {
            const std::string& cell = row.cells[c];
            const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), numbers[c]);
            if (problem != std::errc() || end != cell.data() + cell.size() || !std::isfinite(numbers[c]))
                return badInput(place(row), std::string("a number in ") + (c ? "value" : "time_s"), cell);
        }
        if (!out.timesS.empty() && numbers[0] <= out.timesS.back())
            return badInput(place(row), "times that increase", row.cells[0]);
        out.timesS.push_back(numbers[0]);
        out.values.push_back(numbers[1]);
    }
    if (out.values.size() < kMinSamples)
        return badInput(name, "at least 10 samples", std::to_string(out.values.size()));
    return out;
}

} // namespace

Result<Json> retestCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"before", "after"});
    if (!arguments)
        return arguments.error();
    const auto before = readSetFile(*arguments, "before");
    if (!before)
        return before.error();
    const auto after = readSetFile(*arguments, "after");
    if (!after)
        return after.error();
    return retestJson(compareSets(*before, *after));
}

Result<Json> smoothCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"cutoff"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "smooth S.csv --cutoff HZ|auto",
                        std::to_string(arguments->plain().size()) + " words");
    const std::string& path = arguments->plain()[0];
    const auto wanted = arguments->required("cutoff");
    if (!wanted)
        return wanted.error();
    const auto text = readFile(path);
    if (!text)
        return text.error();
    auto samples = readSamples(*text, path);
    if (!samples)
        return samples.error();
    std::vector<double> intervals;
    for (std::size_t i = 1; i < samples->timesS.size(); ++i)
        intervals.push_back(samples->timesS[i] - samples->timesS[i - 1]);
    const double step = median(intervals);
    constexpr double kLongestGapS = 0.1, kGapMedians = 1.5, kEven = 0.01;
    for (std::size_t i = 0; i < intervals.size(); ++i)
        if (intervals[i] > kGapMedians * step && intervals[i] > kLongestGapS)
            return badInput(path, "no gap above 0.1 s",
                            std::to_string(intervals[i]) + " s after " + std::to_string(samples->timesS[i]) + " s");
    const bool even =
        std::all_of(intervals.begin(), intervals.end(), [&](double d) { return std::abs(d - step) <= kEven * step; });
    if (!even) {
        Samples resampled;
        const auto count =
            static_cast<std::size_t>(std::floor((samples->timesS.back() - samples->timesS.front()) / step + 1e-9)) + 1;
        for (std::size_t i = 0; i < count; ++i) {
            const double t = samples->timesS.front() + static_cast<double>(i) * step;
            resampled.timesS.push_back(t);
            resampled.values.push_back(
                shapePreservingCubic(samples->timesS, samples->values, std::min(t, samples->timesS.back())));
        }
        *samples = resampled;
    }
    const double rate = 1 / step;
    double hz = kDefaultCutoffHz;
    bool byDefault = false;
    if (*wanted == "auto") {
        byDefault = samples->values.size() < kCutoffRunSamples;
        if (!byDefault)
            hz = residualCutoff(samples->values, rate);
    } else {
        const auto given = arguments->number("cutoff", 1e-6, 1e6);
        if (!given)
            return given.error();
        hz = **given;
    }
    if (hz > kMaxCutoffShare * rate)
        return badInput("--cutoff",
                        "at most 0.45 of the sampling rate, " + std::to_string(kMaxCutoffShare * rate) + " Hz",
                        std::to_string(hz));
    const std::vector<double> values = filterZeroLag(samples->values, designDualPass(hz, rate));
    Json out;
    out["cutoff_hz"] = hz;
    out["cutoff_by_default"] = byDefault;
    out["pad"] = kPadSamples;
    out["resampled"] = !even;
    out["times_s"] = samples->timesS;
    out["values"] = values;
    out["velocities"] = velocities(samples->timesS, values);
    return out;
}

Result<Json> reliabilityCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "reliability R.csv", std::to_string(arguments->plain().size()) + " words");
    const auto text = readFile(arguments->plain()[0]);
    if (!text)
        return text.error();
    const auto table = readRatings(*text, arguments->plain()[0]);
    if (!table)
        return table.error();
    const Reliability r = reliabilityOf(*table);
    Json out;
    out["icc"] = {{"1,1", r.icc11}, {"2,1", r.icc21}, {"3,1", r.icc31},
                  {"1,k", r.icc1k}, {"2,k", r.icc2k}, {"3,k", r.icc3k}};
    out["typical_error"] = r.typicalError;
    out["sem"] = r.sem;
    out["mdc95"] = r.detectable;
    out["agreement"] = nullptr;
    if (r.agreement)
        out["agreement"] = {{"mean", r.agreement->mean},
                            {"sd", r.agreement->sd},
                            {"low", r.agreement->low},
                            {"high", r.agreement->high}};
    out["subjects"] = table->subjects();
    out["raters"] = table->raters();
    return out;
}

namespace {

Json uncertainJson(const Uncertain& value) { return {{"value", value.value}, {"u", value.u}}; }

Json figuresJson(const LapFigures& figures, Counted counted) {
    return {{"rate_per_minute", uncertainJson(figures.ratePerMinute)},
            {"length_m", uncertainJson(figures.lengthM)},
            {"speed_m_s", uncertainJson(figures.speedMps)},
            {"per", counted == Counted::Cycles ? "cycle" : "side"}};
}

struct CountedFile {
    std::string path, text;
    Counted counted = Counted::Cycles;
};
/// One file and what was counted in it.
Result<CountedFile> readCounted(const Words& words, const std::string& usage) {
    const auto arguments = Arguments::parse(words, {"count"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", usage, std::to_string(arguments->plain().size()) + " words");
    const std::string count = arguments->value("count").value_or("cycles");
    if (count != "cycles" && count != "sides")
        return badInput("--count", "cycles or sides", count);
    CountedFile out{arguments->plain()[0], {}, count == "sides" ? Counted::Sides : Counted::Cycles};
    auto text = readFile(out.path);
    if (!text)
        return text.error();
    out.text = std::move(*text);
    return out;
}

} // namespace

Result<Json> lapsCommand(const Words& words) {
    const auto file = readCounted(words, "laps L.csv [--count cycles|sides]");
    if (!file)
        return file.error();
    const auto laps = readLaps(file->text, file->path);
    if (!laps)
        return laps.error();
    const LapTable table = lapTable(*laps, file->counted);
    Json out;
    out["counted"] = toString(table.counted);
    out["laps"] = Json::array();
    for (const LapFigures& lap : table.laps)
        out["laps"].push_back(figuresJson(lap, table.counted));
    out["whole"] = figuresJson(table.whole, table.counted);
    return out;
}

Result<Json> tapsCommand(const Words& words) {
    const auto file = readCounted(words, "taps T.csv [--count cycles|sides]");
    if (!file)
        return file.error();
    const auto times = readTimes(file->text, file->path);
    if (!times)
        return times.error();
    const auto rate = tappedRate(*times, file->counted);
    if (!rate)
        return badInput(file->path + ": " + rate.error().where, rate.error().expected, rate.error().got);
    Json out;
    out["counted"] = toString(rate->counted);
    out["taps"] = rate->taps;
    out["rate_per_minute"] = uncertainJson(rate->perMinute);
    out["by_the_other_count"] = uncertainJson(rate->otherPerMinute);
    out["unevenness"] = rate->unevenness;
    return out;
}

Result<Json> planCaptureCommand(const Words& words) {
    const auto arguments =
        Arguments::parse(words, {"width", "height", "fps", "field-width", "exposure", "speed", "segment", "angle",
                                 "bearing", "sigma", "marking-frames", "tolerance-deg", "tolerance-s"});
    if (!arguments)
        return arguments.error();
    if (!arguments->plain().empty())
        return badInput("command line", "switches only", arguments->plain()[0]);
    CaptureSetup setup;
    struct Switch {
        const char* name;
        double low, high;
        std::function<void(double)> set;
    };
    const std::vector<Switch> switches = {
        {"width", 16, 16384, [&](double v) { setup.widthPx = static_cast<int>(v); }},
        {"height", 16, 16384, [&](double v) { setup.heightPx = static_cast<int>(v); }},
        {"fps", 0.1, 1e5, [&](double v) { setup.frameRate = v; }},
        {"field-width", 0.01, 1e4, [&](double v) { setup.fieldWidthM = v; }},
        {"exposure", 1e-6, 10, [&](double v) { setup.exposureS = v; }},
        {"speed", 0, 1000, [&](double v) { setup.speedMps = v; }},
        {"segment", 0.001, 100, [&](double v) { setup.segmentM = v; }},
        {"angle", 0, 180, [&](double v) { setup.angleDeg = v; }},
        {"bearing", 0, 80, [&](double v) { setup.bearingDeg = v; }},
        {"sigma", 1e-3, 1000, [&](double v) { setup.sigmaPx = v; }},
        {"marking-frames", 0, 100, [&](double v) { setup.markingFrames = v; }},
        {"tolerance-deg", 1e-3, 180, [&](double v) { setup.toleranceDeg = v; }},
        {"tolerance-s", 1e-6, 100, [&](double v) { setup.toleranceS = v; }}};
    for (const Switch& entry : switches) {
        const auto value = arguments->number(entry.name, entry.low, entry.high);
        if (!value)
            return value.error();
        if (value->has_value())
            entry.set(**value);
    }
    return capturePlanJson(planCapture(setup));
}

} // namespace riflesso::cli
