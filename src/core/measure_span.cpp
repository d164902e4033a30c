#include "core/measure_span.h"

#include "core/signal.h"
#include "core/stats.h"

#include <algorithm>
#include <cmath>
#include <list>
#include <mutex>
#include <random>

namespace riflesso {

double wrapPeriodAlong(const MeasureDef& def) { return def.kind == Kind::Flexion ? 360 : def.period(); }

namespace {

constexpr int kDraws = 400; // JCGM 101:2008, seeded
constexpr std::uint64_t kSeed = 20240612;

/// 400 filtered runs of unit noise, made once per length, cutoff and rate.
std::shared_ptr<const Eigen::MatrixXd> noiseBank(int n, double cutoffHz, double rateHz) {
    struct Entry {
        int n;
        double cutoff, rate;
        std::shared_ptr<const Eigen::MatrixXd> bank;
    };
    static std::mutex mutex; // guards kept
    static std::list<Entry> kept;
    constexpr double kSame = 1e-9;
    const std::lock_guard lock(mutex);
    for (const Entry& entry : kept)
        if (entry.n == n && std::abs(entry.cutoff - cutoffHz) < kSame && std::abs(entry.rate - rateHz) < kSame * rateHz)
            return entry.bank;
    std::mt19937_64 random(kSeed);
    std::normal_distribution<double> normal;
    Eigen::MatrixXd noise(n, kDraws);
    for (Eigen::Index c = 0; c < kDraws; ++c)
        for (Eigen::Index r = 0; r < n; ++r)
            noise(r, c) = normal(random);
    auto bank = std::make_shared<Eigen::MatrixXd>(*filterMatrix(n, cutoffHz, rateHz) * noise);
    kept.push_front({n, cutoffHz, rateHz, bank});
    if (kept.size() > 16)
        kept.pop_back();
    return bank;
}

/// The kind's value at every row of coordinates.
std::vector<double> seriesOf(const InstantPlan& plan, const Eigen::MatrixXd& coordinates,
                             const std::vector<double>& timesS, double unitPixels) {
    const auto n = static_cast<std::size_t>(coordinates.rows());
    std::vector<double> values(n);
    std::vector<Vec<double>> in(plan.landmarks.size());
    const bool speed = plan.def->kind == Kind::Speed;
    std::vector<double> x(n), y(n);
    for (std::size_t i = 0; i < n; ++i) {
        for (std::size_t c = 0; c < in.size(); ++c)
            in[c] = {coordinates(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(2 * c)),
                     coordinates(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(2 * c + 1))};
        if (speed) {
            const Vec<double> p = detail::foldedPoint(plan, plan.points[0], in);
            x[i] = p.x;
            y[i] = p.y;
        } else {
            values[i] = instantValue(plan, in, unitPixels);
        }
    }
    if (speed) {
        const std::vector<double> vx = velocities(timesS, x), vy = velocities(timesS, y);
        for (std::size_t i = 0; i < n; ++i)
            values[i] = std::hypot(vx[i], vy[i]) / unitPixels;
    } else if (const double period = wrapPeriodAlong(*plan.def); period > 0) {
        values = unwrapAlong(std::move(values), period);
    }
    return values;
}

bool cutoffFits(double cutoffHz, double rateHz) { return cutoffHz <= kMaxCutoffShare * rateHz; }

Reason cutoffReason(double cutoffHz, double rateHz) {
    return "a cutoff of " + std::to_string(cutoffHz) + " Hz is too high for " + std::to_string(rateHz) +
           " frames a second (0.45 of it at most)";
}

struct SpanResult {
    double value = 0;
    std::size_t sample = 0;
    bool atEdge = false;
};

double valueAt(const std::vector<double>& times, const std::vector<double>& values, double t) {
    auto above = std::upper_bound(times.begin(), times.end(), t);
    above = std::clamp(above, times.begin() + 1, times.end() - 1);
    const auto i = static_cast<std::size_t>(above - times.begin()) - 1;
    return values[i] + (t - times[i]) / (times[i + 1] - times[i]) * (values[i + 1] - values[i]);
}

/// Mean weighted by time: trapezoids, the ends interpolated.
double meanOver(const std::vector<double>& times, const std::vector<double>& values, double from, double to) {
    std::vector<double> t = {from}, y = {valueAt(times, values, from)};
    for (std::size_t i = 0; i < times.size(); ++i)
        if (times[i] > from && times[i] < to) {
            t.push_back(times[i]);
            y.push_back(values[i]);
        }
    t.push_back(to);
    y.push_back(valueAt(times, values, to));
    double area = 0;
    for (std::size_t i = 1; i < t.size(); ++i)
        area += (t[i] - t[i - 1]) * (y[i] + y[i - 1]) / 2;
    return area / (to - from);
}

/// The statistic over [from, to]; none when no sample lies inside.
std::optional<SpanResult> statistic(Stat stat, const std::vector<double>& times, const std::vector<double>& values,
                                    double from, double to) {
    if (stat == Stat::Mean)
        return SpanResult{meanOver(times, values, from, to), 0, false};
    constexpr double kSlack = 1e-9;
    const auto first = std::lower_bound(times.begin(), times.end(), from - kSlack);
    const auto last = std::upper_bound(times.begin(), times.end(), to + kSlack);
    if (last - first < 3)
        return {};
    const std::vector<double> t(first, last);
    const auto offset = static_cast<std::size_t>(first - times.begin());
    std::vector<double> y(values.begin() + (first - times.begin()), values.begin() + (last - times.begin()));
    std::vector<double> negative(y.size());
    std::transform(y.begin(), y.end(), negative.begin(), [](double v) { return -v; });
    const Extremum high = findMaximum(t, y), low = findMaximum(t, negative);
    if (stat == Stat::Maximum)
        return SpanResult{high.value, high.sample + offset, high.atEdge};
    if (stat == Stat::Minimum)
        return SpanResult{-low.value, low.sample + offset, low.atEdge};
    return SpanResult{high.value + low.value, high.sample + offset, high.atEdge || low.atEdge};
}

/// SD of the statistic over 400 draws of mark noise (half shared by the trial), unit and event times.
double drawnU(const MarkRun& run, const Eigen::MatrixXd& filtered, const InstantPlan& plan, const LengthScale& scale,
              double cutoffHz, Stat stat, const TrialEvent& fromEvent, const TrialEvent& toEvent, double centre) {
    const int n = static_cast<int>(run.size());
    const auto bank = noiseBank(n, cutoffHz, run.rateHz);
    std::mt19937_64 random(kSeed + 1);
    std::normal_distribution<double> normal;
    const double half = std::sqrt(0.5);
    std::vector<double> values;
    const double period = wrapPeriodAlong(*plan.def);
    for (int draw = 0; draw < kDraws; ++draw) {
        Eigen::MatrixXd moved = filtered;
        for (Eigen::Index c = 0; c < moved.cols(); ++c) {
            // Columns of the bank far apart for each coordinate, so that no two share their noise in a draw.
            const Eigen::Index column = (draw + 97 * c) % kDraws;
            const auto sigma = run.sigma.col(c / 2).array();
            const double common = half * normal(random);
            moved.col(c).array() += sigma * (half * bank->col(column).array() + common);
        }
        const double unit = scale.pixels * (1 + scale.relativeU * normal(random));
        const double from = fromEvent.timeS + fromEvent.uS * normal(random);
        const double to = toEvent.timeS + toEvent.uS * normal(random);
        if (to <= from || from < run.timesS.front() || to > run.timesS.back())
            continue;
        if (const auto result = statistic(stat, run.timesS, seriesOf(plan, moved, run.timesS, unit), from, to))
            values.push_back(period > 0 && stat != Stat::Range ? centre + wrapDifference(result->value - centre, period)
                                                               : result->value);
    }
    return standardDeviation(values);
}

} // namespace

std::vector<double> filteredSeries(const InstantPlan& plan, const MarkRun& run, double cutoffHz, double unitPixels) {
    if (!cutoffFits(cutoffHz, run.rateHz))
        return {};
    const Eigen::MatrixXd filtered = *filterMatrix(static_cast<int>(run.size()), cutoffHz, run.rateHz) * run.raw;
    return seriesOf(plan, filtered, run.timesS, unitPixels);
}

MeasureValue measureSpan(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const PhaseDef* phase = context.pack.phase(def.over);
    const TrialEvent *from = context.trial.event(phase->from), *to = context.trial.event(phase->to);
    for (const auto& [event, id] : {std::pair{from, phase->from}, {to, phase->to}})
        if (!event) {
            const EventDef* named = context.pack.event(id);
            out.reason = "the event \"" + (named ? named->title : id) + "\" is not set";
            return out;
        }
    if (to->timeS <= from->timeS) {
        out.reason = "order reversed: " + phase->title + " ends before it starts";
        return out;
    }
    const auto planned = planInstant(context.pack, def, context.trial, context.sides);
    const auto scaled = scaleOf(context, def);
    for (const Reason* reason : {std::get_if<Reason>(&planned), std::get_if<Reason>(&scaled)})
        if (reason) {
            out.reason = *reason;
            return out;
        }
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    const LengthScale& scale = std::get<LengthScale>(scaled);
    const auto ran = runOver(context.trial, plan.landmarks, from->timeS, to->timeS);
    if (const Reason* reason = std::get_if<Reason>(&ran)) {
        out.reason = *reason;
        return out;
    }
    const MarkRun& run = std::get<MarkRun>(ran);
    if (!cutoffFits(context.cutoffHz, run.rateHz)) {
        out.reason = cutoffReason(context.cutoffHz, run.rateHz);
        return out;
    }
    const int n = static_cast<int>(run.size());
    const Eigen::MatrixXd filtered = *filterMatrix(n, context.cutoffHz, run.rateHz) * run.raw;
    const std::vector<double> series = seriesOf(plan, filtered, run.timesS, scale.pixels);
    const auto result = statistic(def.stat, run.timesS, series, from->timeS, to->timeS);
    if (!result) {
        out.reason = "fewer than 3 frames in " + phase->title;
        return out;
    }
    const auto nearGap = [&](std::size_t sample) {
        for (std::size_t i = sample == 0 ? 0 : sample - 1; i < std::min(sample + 2, run.bridged.size()); ++i)
            if (run.bridged[i])
                return true;
        return false;
    };
    if (def.stat != Stat::Mean && nearGap(result->sample)) {
        out.reason = "its extreme lies in or beside a gap in the marks";
        return out;
    }
    if (result->atEdge && def.kind == Kind::Speed && def.stat == Stat::Maximum) {
        out.reason = "fastest at the edge of " + phase->title + ": no peak inside";
        return out;
    }
    if (result->atEdge)
        out.notes.push_back("at the edge of the phase");
    const auto endSamples = static_cast<std::size_t>(std::ceil(0.3 * run.rateHz / context.cutoffHz));
    if (def.stat != Stat::Mean && (result->sample < endSamples || result->sample + endSamples >= run.size()))
        out.notes.push_back("near the end of the marks: mark more frames outside the phase");
    if (def.kind == Kind::Speed) {
        // Share of a motion at the cutoff that central differences keep.
        const double x = 2 * std::numbers::pi * context.cutoffHz / run.rateHz;
        if (std::sin(x) / x < 0.9)
            out.notes.push_back("frame rate too low");
    }
    if (!scale.note.empty())
        out.notes.push_back(scale.note);
    out.value = result->value;
    if (def.period() > 0 && def.stat != Stat::Range) {
        const double low = def.kind == Kind::Clock ? 0 : -def.period() / 2;
        out.value = detail::wrapInto(result->value, low, def.period());
    }
    out.u = drawnU(run, filtered, plan, scale, context.cutoffHz, def.stat, *from, *to, result->value);
    if (scale.shared)
        out.sharedU = std::abs(*out.value) * scale.relativeU;
    out.budget.push_back({"marks, event times and unit, by simulation", out.u});
    out.landmarks = plan.landmarks;
    out.events = {phase->from, phase->to};
    const double sampleTime = run.timesS[result->sample];
    out.frames = {static_cast<int>(
        std::lround(context.trial.times.frameOf(def.stat == Stat::Mean ? (from->timeS + to->timeS) / 2 : sampleTime)))};
    return out;
}

MeasureValue speedAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                          const LengthScale& scale, const TrialEvent& event) {
    MeasureValue out;
    out.landmarks = plan.landmarks;
    out.events = {def.at};
    const auto ran = runOver(context.trial, plan.landmarks, event.timeS, event.timeS);
    if (const Reason* reason = std::get_if<Reason>(&ran)) {
        out.reason = *reason;
        return out;
    }
    const MarkRun& run = std::get<MarkRun>(ran);
    if (!cutoffFits(context.cutoffHz, run.rateHz)) {
        out.reason = cutoffReason(context.cutoffHz, run.rateHz);
        return out;
    }
    const auto matrix = filterMatrix(static_cast<int>(run.size()), context.cutoffHz, run.rateHz);
    const std::vector<double> speeds = seriesOf(plan, *matrix * run.raw, run.timesS, scale.pixels);
    out.value = valueAt(run.timesS, speeds, event.timeS);
    // Weights of the raw coordinates in the velocity at the nearest sample: a shared offset cancels.
    const auto nearest = static_cast<Eigen::Index>(
        std::min_element(run.timesS.begin(), run.timesS.end(),
                         [&](double a, double b) { return std::abs(a - event.timeS) < std::abs(b - event.timeS); }) -
        run.timesS.begin());
    const Eigen::Index before = std::max<Eigen::Index>(0, nearest - 1);
    const Eigen::Index after = std::min<Eigen::Index>(static_cast<Eigen::Index>(run.size()) - 1, nearest + 1);
    const double span = run.timesS[static_cast<std::size_t>(after)] - run.timesS[static_cast<std::size_t>(before)];
    const Eigen::RowVectorXd weights = (matrix->row(after) - matrix->row(before)) / span / scale.pixels;
    double variance = 0;
    for (const auto& [index, share] : plan.points[0].parts) {
        const double u =
            std::sqrt((weights.transpose().array() * run.sigma.col(index).array()).square().sum() / 2) * share;
        out.budget.push_back({inWords(plan.landmarks[static_cast<std::size_t>(index)]), u});
        variance += u * u;
    }
    const double unitU = *out.value * scale.relativeU;
    out.budget.push_back({"length unit", unitU});
    if (scale.shared)
        out.sharedU = unitU;
    const double timeU = std::abs(velocities(run.timesS, speeds)[static_cast<std::size_t>(nearest)]) * event.uS;
    out.budget.push_back({eventWords(context.pack, def.at), timeU});
    out.u = std::sqrt(variance + unitU * unitU + timeU * timeU);
    out.frames = {static_cast<int>(std::lround(event.frame))};
    return out;
}

Series measureSeries(const Pack& pack, const MeasureDef& def, const Trial& trial, double cutoffHz) {
    Series out;
    const auto sides = resolveRoles(pack, trial);
    const auto planned = isInstantKind(def.kind) ? planInstant(pack, def, trial, sides)
                                                 : std::variant<InstantPlan, Reason>(Reason("no value in every frame"));
    const auto scaled =
        needsLengthUnit(def) ? lengthScale(def.in, trial, sides, 0) : std::variant<LengthScale, Reason>(LengthScale{});
    for (const Reason* reason : {std::get_if<Reason>(&planned), std::get_if<Reason>(&scaled)})
        if (reason) {
            out.reason = *reason;
            return out;
        }
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    const double unit = std::get<LengthScale>(scaled).pixels;
    const auto first = trial.marks.find(plan.landmarks[0]);
    if (first == trial.marks.end()) {
        out.reason = inWords(plan.landmarks[0]) + " is not marked";
        return out;
    }
    if (def.kind == Kind::Speed) {
        const double at = trial.times.timeOf(
            std::next(first->second.begin(), static_cast<std::ptrdiff_t>(first->second.size() / 2))->first);
        const auto ran = runOver(trial, plan.landmarks, at, at);
        if (const MarkRun* run = std::get_if<MarkRun>(&ran)) {
            out.timesS = run->timesS;
            out.values = filteredSeries(plan, *run, cutoffHz, unit);
            if (out.values.empty())
                out.timesS.clear();
        } else {
            out.reason = std::get<Reason>(ran);
        }
        return out;
    }
    for (const auto& [frame, mark] : first->second) {
        std::vector<Vec<double>> in;
        for (const std::string& landmark : plan.landmarks)
            if (const auto at = markAt(trial, landmark, frame))
                in.push_back({at->at.x, at->at.y});
        if (in.size() != plan.landmarks.size())
            continue;
        out.timesS.push_back(trial.times.timeOf(frame));
        out.values.push_back(instantValue(plan, in, unit));
    }
    if (const double period = wrapPeriodAlong(def); period > 0)
        out.values = unwrapAlong(std::move(out.values), period);
    if (out.timesS.empty())
        out.reason = "its points are not marked together in one frame";
    return out;
}

} // namespace riflesso
