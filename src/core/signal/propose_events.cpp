#include "core/signal/propose_events.h"

#include "core/measure/filtered_run.h"
#include "core/signal/event_rule.h"
#include "core/signal/posture.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kPostureRate = PostureTrack::kPostureRate, kFurthest = 0.25;
constexpr double kBand = 0.2, kPartBand = 0.3;
constexpr double kSpeedHz = 6; // low-pass of the speeds that part repetitions from rest

/// A trial's posture on the points of one event, over what is marked of it.
struct Followed {
    const Trial* trial;
    double fromS, toS;
};
Followed follow(const Trial& trial) {
    const auto [from, to] = markedTimes(trial);
    return {&trial, from, to};
}

constexpr double kOtherPosture = 0.05; ///< of the body (own choice)

/// When a repetition sets out on the way back from another posture in which it rested (real time); none where it is not
/// of such.
std::optional<double> turnOf(const Pack& pack, const Trial& trial, double fromS, double toS);

class Carrier {
public:
    Carrier(const Pack& pack, const std::vector<Trial>& examples, const std::vector<Trial>& targets) : pack_(pack) {
        for (const Trial& target : targets)
            between_.push_back(follow(target));
        for (const Trial& example : examples)
            examples_.push_back(follow(example));
    }

    TrialProposal propose(const Trial& target) {
        TrialProposal out;
        out.trial = target.id;
        const Followed to = follow(target);
        Tried tried;
        const auto isOpen = [&](const std::string& bound) { return pack_.event(bound) && !tried.contains(bound); };
        // An event bounded by others comes after them; two that bound each other stand in the pack's order.
        for (const bool bounded : {true, false})
            for (std::size_t round = 0; round < pack_.events.size(); ++round)
                for (const EventDef& event : pack_.events)
                    if (!tried.contains(event.id) &&
                        !(bounded && event.rule && (isOpen(event.rule->after) || isOpen(event.rule->before))))
                        tried.emplace(event.id, proposeOne(event, to, tried));
        for (const EventDef& event : pack_.events)
            if (const auto& proposal = tried.at(event.id); std::holds_alternative<EventProposal>(proposal))
                out.events.push_back(std::get<EventProposal>(proposal));
            else
                out.notFound.emplace_back(event.id, std::get<std::string>(proposal));
        for (std::size_t i = 1; i < out.events.size(); ++i)
            if (out.events[i].timeS < out.events[i - 1].timeS)
                out.orderChanged.push_back(out.events[i].event);
        return out;
    }

private:
    struct Carried {
        double timeS;
        int run; ///< target samples that met the example's
    };

    const PostureTrack& trackOf(const EventDef& event, const Followed& trial) {
        const auto key = std::pair(trial.trial, event.by.empty() ? std::string() : event.id);
        const auto known = tracks_.find(key);
        if (known != tracks_.end())
            return known->second;
        return tracks_
            .emplace(key,
                     postureOf(pack_, *trial.trial, event.by.empty() ? pack_.marked : event.by, trial.fromS, trial.toS))
            .first->second;
    }

    /// Instant of an event of `from`, carried to `to`; none where no warp keeps the slope limit.
    std::optional<Carried> carry(const EventDef& event, const Followed& from, double timeS, const Followed& to) {
        const PostureTrack &example = trackOf(event, from), &target = trackOf(event, to);
        const auto key = std::tuple(from.trial, to.trial, event.by.empty() ? std::string() : event.id);
        auto known = warps_.find(key);
        if (known == warps_.end())
            known = warps_.emplace(key, HeldWarp(example, target, event.by.empty() ? kBand : kPartBand)).first;
        if (!known->second.found())
            return {};
        const auto [sample, run] = known->second.across(example.sampleOf(timeS));
        return Carried{target.timeOf(sample), run};
    }

    using Tried = std::map<std::string, std::variant<EventProposal, std::string>>;

    /// A repetition cut to the events that bound a rule, where they are known; the pack names them only where the order
    /// is physical.
    template <typename InstantOf>
    static Followed boundBy(const EventRule& rule, Followed whole, const InstantOf& instantOf) {
        if (const std::optional<double> after = instantOf(rule.after))
            whole.fromS = std::max(whole.fromS, *after);
        if (const std::optional<double> before = instantOf(rule.before))
            whole.toS = std::min(whole.toS, *before);
        return whole;
    }
    static Followed boundByMarks(const EventRule& rule, const Followed& example) {
        const RuleBounds bounds = boundByEvents(rule, *example.trial, {example.fromS, example.toS});
        return {example.trial, bounds.fromS, bounds.toS};
    }

    /// Median of where the examples carry an event to.
    std::optional<double> carriedInstant(const std::string& id, const Followed& to) {
        const EventDef* event = pack_.event(id);
        std::vector<double> instants;
        for (const Followed& example : examples_)
            if (const TrialEvent* marked = event ? example.trial->event(id) : nullptr;
                marked && example.trial != to.trial)
                if (const auto carried = carry(*event, example, marked->timeS, to))
                    instants.push_back(carried->timeS);
        return instants.empty() ? std::nullopt : std::optional(median(instants));
    }

    std::variant<EventProposal, std::string> proposeOne(const EventDef& event, const Followed& to,
                                                        const Tried& before) {
        std::vector<double> instants, runs, offsets;
        for (const Followed& example : examples_) {
            const TrialEvent* marked = example.trial->event(event.id);
            if (!marked || example.trial == to.trial)
                continue;
            if (const auto carried = carry(event, example, marked->timeS, to)) {
                instants.push_back(carried->timeS);
                runs.push_back(carried->run);
            }
            if (event.rule)
                if (const auto ruled = byRule(*event.rule, boundByMarks(*event.rule, example), marked->timeS))
                    offsets.push_back(marked->timeS - *ruled);
        }
        // Of two events that bound each other the second is not placed yet: where it is carried to will do.
        const auto proposed = [&](const std::string& other) -> std::optional<double> {
            const auto found = before.find(other);
            if (found == before.end())
                return carriedInstant(other, to);
            const EventProposal* known = std::get_if<EventProposal>(&found->second);
            return known ? std::optional(known->timeS) : std::nullopt;
        };
        const Followed bounds = event.rule ? boundBy(*event.rule, to, proposed) : to;
        EventProposal out;
        out.event = event.id;
        const double length = to.toS - to.fromS;
        if (instants.empty()) {
            // What stops on the way there stops on the way back again: all but the last event stand before that (own
            // choice), and a person looks first.
            Followed within = bounds;
            if (event.rule && examples_.empty() && event.rule->feature == EventRule::Feature::Stop)
                if (const auto turn = turnIn(to)) {
                    out.reviewFirst = true;
                    if (event.id != pack_.events.back().id)
                        within.toS = std::min(within.toS, *turn);
                }
            const std::optional<double> alone =
                event.rule && examples_.empty() ? byRule(*event.rule, within, std::nullopt) : std::nullopt;
            if (!alone)
                return std::string(
                    examples_.empty()
                        ? event.rule ? "the rule finds no such point in the marks"
                                     : "no marked repetition to carry it over from"
                        : "no example fits: its tempo lies outside a half to double, or the event is not set in it");
            out.timeS = *alone;
            out.byRule = out.rough = true;
            constexpr double kRuleAloneFrames = 2;
            out.frame = to.trial->times.frameOf(out.timeS);
            out.uS = kRuleAloneFrames * to.trial->times.intervalAt(out.frame);
            return out;
        }
        const double carried = median(instants);
        out.timeS = carried;
        if (event.rule)
            if (const auto ruled = byRule(*event.rule, bounds, carried);
                ruled && std::abs(*ruled - carried) <= kFurthest * length) {
                out.timeS = *ruled;
                out.byRule = true;
                // The analyst's own convention wins over the rule's: wholly from three examples on, before that nearly
                // so, since one offset holds the rule's own scatter too, less than a frame where conventions lie two
                // apart (own choice).
                constexpr double kConvention = 3, kScatter = 0.25;
                if (const auto n = static_cast<double>(offsets.size()); n > 0)
                    out.timeS += median(offsets) * (n >= kConvention ? 1 : n / (n + kScatter));
            }
        out.frame = to.trial->times.frameOf(out.timeS);
        const double least = to.trial->times.intervalAt(out.frame) / std::sqrt(12.0);
        const std::vector<double> ends = routeEnds(event, to, carried);
        const double spread = std::max(standardDeviation(instants), standardDeviation(ends));
        constexpr std::size_t kEnough = 3;
        if (instants.size() >= kEnough) {
            out.uS = std::max(std::hypot(transferError(event), spread / std::sqrt(3.0)), least);
        } else {
            out.rough = true;
            const double ambiguity = median(runs) / kPostureRate / std::sqrt(12.0);
            // Transfers of one example lie off together, which neither spread nor ambiguity shows: by a sample, or most
            // of a frame; by more on marks that a network has proposed, whose errors last (own choices, by the clips of
            // the simulated camera).
            constexpr double kOfFrame = 0.75, kOnProposed = 2;
            const double together = std::max(1 / kPostureRate, kOfFrame * to.trial->times.intervalAt(out.frame));
            out.uS = std::max(
                {ambiguity, spread, least, together * (mostlyProposed(event, to, out.frame) ? kOnProposed : 1)});
        }
        // Routes that part on the way, and come to one place by the rule, agree.
        const auto disagree = [&](std::vector<double> at) {
            constexpr double kScatter = 2; // frames at 60 a second
            for (double& instant : at)
                if (out.byRule)
                    instant = byRule(*event.rule, bounds, instant).value_or(instant);
            return standardDeviation(at) > kScatter / kPostureRate;
        };
        out.reviewFirst = disagree(instants) || disagree(ends);
        return out;
    }

    /// Whether most marks of an event's points round a frame come from a network and are not confirmed.
    bool mostlyProposed(const EventDef& event, const Followed& in, double frame) const {
        constexpr double kRound = 10; // frames to either side
        int proposed = 0, all = 0;
        const auto sides = resolveRoles(pack_, *in.trial);
        for (const PointRef& ref : event.by.empty() ? pack_.marked : event.by)
            if (const auto track = in.trial->marks.find(resolvePoint(ref, sides)); track != in.trial->marks.end())
                for (const auto& [at, mark] : track->second)
                    if (std::abs(at - frame) <= kRound) {
                        ++all;
                        proposed += mark.source == kProposedByNetwork || mark.source == kDoubtfulFromNetwork;
                    }
        return 2 * proposed > all;
    }

    /// The instant that was carried straight, and those that reach the target by way of other repetitions.
    std::vector<double> routeEnds(const EventDef& event, const Followed& to, double carried) {
        std::vector<double> ends = {carried};
        constexpr std::size_t kMostRoutes = 4;
        for (const Followed& between : between_) {
            if (between.trial == to.trial || ends.size() > kMostRoutes)
                continue;
            for (const Followed& example : examples_) {
                const TrialEvent* marked = example.trial->event(event.id);
                if (!marked || example.trial == between.trial)
                    continue;
                const auto first = carry(event, example, marked->timeS, between);
                const auto second = first ? carry(event, between, first->timeS, to) : std::nullopt;
                if (second)
                    ends.push_back(second->timeS);
                break;
            }
        }
        return ends;
    }

    /// Root mean square of each example's transfer to the others.
    double transferError(const EventDef& event) {
        const auto known = errors_.find(event.id);
        if (known != errors_.end())
            return known->second;
        double squares = 0;
        int count = 0;
        for (const Followed& from : examples_)
            for (const Followed& to : examples_) {
                const TrialEvent *marked = from.trial->event(event.id), *truth = to.trial->event(event.id);
                if (from.trial == to.trial || !marked || !truth)
                    continue;
                const auto carried = carry(event, from, marked->timeS, to);
                if (!carried)
                    continue;
                double found = carried->timeS;
                if (event.rule)
                    found = byRule(*event.rule, boundByMarks(*event.rule, to), found).value_or(found);
                squares += (found - truth->timeS) * (found - truth->timeS);
                ++count;
            }
        return errors_[event.id] = count ? std::sqrt(squares / count) : 0;
    }

    std::optional<double> turnIn(const Followed& in) {
        const auto known = turns_.find(in.trial);
        return known != turns_.end() ? known->second : turns_[in.trial] = turnOf(pack_, *in.trial, in.fromS, in.toS);
    }

    /// Instant of the rule's feature nearest to `near` within the window; without `near` over the whole repetition.
    std::optional<double> byRule(const EventRule& rule, const Followed& in, std::optional<double> near) {
        const auto signal = ruleSignal(pack_, rule, *in.trial, in.fromS, in.toS, near);
        return signal ? placeRule(rule, *signal, {in.fromS, in.toS}, near) : std::nullopt;
    }

    const Pack& pack_;
    std::vector<Followed> examples_, between_; // between_: other repetitions, for routes
    std::map<std::pair<const Trial*, std::string>, PostureTrack> tracks_;
    std::map<std::tuple<const Trial*, const Trial*, std::string>, HeldWarp> warps_;
    std::map<std::string, double> errors_;
    std::map<const Trial*, std::optional<double>> turns_;
};

/// The pack's points in samples of kPostureRate: the speed of the fastest, in body lengths (extent of all points) a
/// second, and where each lies about their middle, in body lengths.
struct Movement {
    std::vector<double> speeds;
    std::vector<std::vector<double>> xs, ys; ///< of each point
};

Movement movementOf(const Pack& pack, const Trial& recording, double fromS, int samples) {
    const auto sides = resolveRoles(pack, recording);
    Movement out{std::vector<double>(static_cast<std::size_t>(samples), 0), {}, {}};
    auto& [speeds, xs, ys] = out;
    std::vector<double> times, extents;
    for (int i = 0; i < samples; ++i)
        times.push_back(fromS + i / kPostureRate);
    for (const PointRef& ref : pack.marked) {
        const std::string name = resolvePoint(ref, sides);
        if (!recording.marks.contains(name))
            continue;
        TrialRuns runs(recording, kSpeedHz);
        const auto ran = runs.over({name}, (times.front() + times.back()) / 2, (times.front() + times.back()) / 2);
        const SharedRun* whole = std::get_if<SharedRun>(&ran);
        if (!whole)
            continue;
        const Eigen::MatrixXd& c = (*whole)->coordinates;
        xs.emplace_back();
        ys.emplace_back();
        for (double t : times) {
            xs.back().push_back(valueAt((*whole)->run.timesS, {c.col(0).begin(), c.col(0).end()}, t));
            ys.back().push_back(valueAt((*whole)->run.timesS, {c.col(1).begin(), c.col(1).end()}, t));
        }
    }
    if (xs.empty())
        return out;
    for (std::size_t i = 0; i < times.size(); ++i) {
        double lowX = xs[0][i], highX = lowX, lowY = ys[0][i], highY = lowY;
        for (std::size_t k = 0; k < xs.size(); ++k) {
            lowX = std::min(lowX, xs[k][i]);
            highX = std::max(highX, xs[k][i]);
            lowY = std::min(lowY, ys[k][i]);
            highY = std::max(highY, ys[k][i]);
        }
        extents.push_back(std::hypot(highX - lowX, highY - lowY));
    }
    const double body = std::max(1.0, percentile(extents, 0.9));
    for (std::size_t k = 0; k < xs.size(); ++k) {
        const std::vector<double> vx = velocities(times, xs[k]), vy = velocities(times, ys[k]);
        for (std::size_t i = 0; i < times.size(); ++i)
            speeds[i] = std::max(speeds[i], std::hypot(vx[i], vy[i]) / body);
    }
    for (std::size_t i = 0; i < times.size(); ++i) {
        double middleX = 0, middleY = 0;
        for (std::size_t k = 0; k < xs.size(); ++k) {
            middleX += xs[k][i] / static_cast<double>(xs.size());
            middleY += ys[k][i] / static_cast<double>(xs.size());
        }
        for (std::size_t k = 0; k < xs.size(); ++k) {
            xs[k][i] = (xs[k][i] - middleX) / body;
            ys[k][i] = (ys[k][i] - middleY) / body;
        }
    }
    return out;
}

/// How far two moments of rest are from one posture: RMS over the points, in body lengths; each the mean of some
/// samples.
double apart(const Movement& movement, int one, int other) {
    constexpr int kMean = 3; // samples on both sides
    const int samples = static_cast<int>(movement.speeds.size());
    const auto at = [&](const std::vector<double>& track, int sample) {
        double sum = 0;
        int count = 0;
        for (int i = std::max(0, sample - kMean); i <= std::min(samples - 1, sample + kMean); ++i, ++count)
            sum += track[static_cast<std::size_t>(i)];
        return sum / std::max(1, count);
    };
    double squares = 0;
    for (std::size_t k = 0; k < movement.xs.size(); ++k)
        squares += std::pow(at(movement.xs[k], one) - at(movement.xs[k], other), 2) +
                   std::pow(at(movement.ys[k], one) - at(movement.ys[k], other), 2);
    return movement.xs.empty() ? 0 : std::sqrt(squares / static_cast<double>(movement.xs.size()));
}

constexpr int kBesideRest = 6; ///< samples before the first movement and after the last in which there is rest

struct Moved {
    int from = 0, to = 0; ///< samples
};

/// A movement into another posture and the one back from it (a lunge and the way back to guard) are one repetition, as
/// long as the rest between them is shorter than the one that follows (or, of the last, went before). Own choices: a
/// twentieth of the body is another posture; half as far away again is back.
std::vector<Moved> thereAndBack(const Movement& movement, const std::vector<Moved>& all) {
    const int last = static_cast<int>(movement.speeds.size()) - 1;
    const auto rest = [&](std::size_t before) { // the middle of the rest before this one
        const int from = before == 0 ? std::max(0, all[0].from - kBesideRest) : all[before - 1].to;
        const int to = before == all.size() ? std::min(last, all.back().to + kBesideRest) : all[before].from;
        return (from + to) / 2;
    };
    const auto pause = [&](std::size_t before) { return all[before].from - all[before - 1].to; };
    std::vector<Moved> out;
    for (std::size_t i = 0; i < all.size(); ++i) {
        out.push_back(all[i]);
        if (i + 1 == all.size())
            break;
        if (all[i].from == 0 || all[i + 1].to >= last)
            continue; // the recording begins or ends in the midst of it: there is no rest to compare with
        const double gone = apart(movement, rest(i), rest(i + 1)), back = apart(movement, rest(i), rest(i + 2));
        const bool shorter = i + 2 < all.size() ? pause(i + 1) < pause(i + 2) : i == 0 || pause(i + 1) < pause(i);
        if (gone > kOtherPosture && back < gone / 2 && shorter)
            out.back().to = all[++i].to;
    }
    return out;
}

/// From movement to rest.
std::vector<Moved> movedIn(const Movement& movement) {
    constexpr double kOn = 0.5, kOff = kOn / 5;
    constexpr int kClosed = 3; // samples of rest that do not end a repetition
    const int samples = static_cast<int>(movement.speeds.size());
    std::vector<Moved> moved;
    int start = -1, quiet = 0;
    for (int i = 0; i < samples; ++i) {
        const double speed = movement.speeds[static_cast<std::size_t>(i)];
        if (start < 0 && speed >= kOn) {
            start = i;
            while (start > 0 && movement.speeds[static_cast<std::size_t>(start) - 1] > kOff)
                --start;
        }
        quiet = speed < kOff ? quiet + 1 : 0;
        if (start >= 0 && (quiet >= kClosed || i + 1 == samples)) {
            moved.push_back({start, i - quiet + 1});
            start = -1;
        }
    }
    return moved;
}

int samplesBetween(double fromS, double toS) { return static_cast<int>(std::floor((toS - fromS) * kPostureRate)) + 1; }

std::optional<double> turnOf(const Pack& pack, const Trial& trial, double fromS, double toS) {
    const int samples = samplesBetween(fromS, toS);
    if (samples < 3)
        return {};
    const Movement movement = movementOf(pack, trial, fromS, samples);
    const std::vector<Moved> moved = movedIn(movement);
    if (moved.size() < 2)
        return {};
    std::size_t back = 1; // after the longest rest
    for (std::size_t i = 2; i < moved.size(); ++i)
        if (moved[i].from - moved[i - 1].to > moved[back].from - moved[back - 1].to)
            back = i;
    const int first = std::max(0, moved.front().from - kBesideRest),
              last = std::min(samples - 1, moved.back().to + kBesideRest),
              rest = (moved[back - 1].to + moved[back].from) / 2;
    const double gone = apart(movement, first, rest);
    if (gone <= kOtherPosture || apart(movement, first, last) >= gone / 2)
        return {};
    return fromS + moved[back].from / kPostureRate;
}

std::vector<RepetitionHit> restToRest(const Pack& pack, const Trial& recording) {
    const auto [fromS, toS] = markedTimes(recording);
    const int samples = samplesBetween(fromS, toS);
    if (samples < 3)
        return {};
    const Movement movement = movementOf(pack, recording, fromS, samples);
    std::vector<RepetitionHit> hits;
    for (const Moved& one : thereAndBack(movement, movedIn(movement)))
        hits.push_back({fromS + one.from / kPostureRate, fromS + one.to / kPostureRate, 0});
    return hits;
}

} // namespace

Trial cutTrial(const Trial& recording, double fromS, double toS, const std::string& id) {
    Trial out = recording;
    out.id = id;
    out.events.clear();
    const double from = recording.times.frameOf(fromS), to = recording.times.frameOf(toS);
    for (auto& [landmark, marks] : out.marks)
        erase_if(marks, [&](const auto& mark) { return mark.first < from || mark.first > to; });
    return out;
}

std::vector<RepetitionHit> findRepetitions(const Pack& pack, const Trial* example, const Trial& recording,
                                           double mostCost) {
    const Trial clean = withoutJumps(recording);
    if (!example)
        return restToRest(pack, clean);
    const Trial shown = withoutJumps(*example);
    const auto [exampleFrom, exampleTo] = markedTimes(shown);
    const auto [from, to] = markedTimes(clean);
    const PostureTrack pattern = postureOf(pack, shown, pack.marked, exampleFrom, exampleTo);
    const PostureTrack whole = postureOf(pack, clean, pack.marked, from, to);
    const Eigen::Index n = pattern.values.rows(), all = whole.values.rows();
    std::vector<RepetitionHit> hits;
    std::vector<std::pair<double, std::size_t>>
        order;                        // of hits, by cost: rest at both ends makes a window look like more
    constexpr double kByLength = 0.6; // so one of another length has to be that much better (own choice)
    constexpr Eigen::Index kStride = 4;
    constexpr std::array kStretches = {0.7, 0.85, 1.0, 1.2, 1.4}; // the longest last
    const auto samplesAt = [n](double stretch) {
        return static_cast<Eigen::Index>(std::lround(stretch * static_cast<double>(n)));
    };
    WarpAlong along(pattern, whole, samplesAt(kStretches.back()));
    for (Eigen::Index start = 0; start < all; start += kStride)
        for (const double stretch : kStretches) {
            const Eigen::Index m = samplesAt(stretch);
            if (start + m > all)
                continue;
            const Warp warp = along.onto(start, m, kBand, mostCost);
            if (!warp.found)
                continue;
            const auto at = [&](Eigen::Index sample) { return whole.timeOf(static_cast<double>(sample)); };
            order.emplace_back(warp.cost * (1 + kByLength * std::abs(std::log(stretch))), hits.size());
            hits.push_back({at(start), at(start + m - 1), warp.cost});
        }
    std::sort(order.begin(), order.end());
    std::vector<RepetitionHit> kept;
    constexpr double kOverlap = 0.3;
    for (const auto& [cost, index] : order) {
        const RepetitionHit& hit = hits[index];
        const bool free = std::all_of(kept.begin(), kept.end(), [&](const RepetitionHit& other) {
            const double common = std::min(hit.toS, other.toS) - std::max(hit.fromS, other.fromS);
            return common <= kOverlap * std::min(hit.toS - hit.fromS, other.toS - other.fromS);
        });
        if (free)
            kept.push_back(hit);
    }
    std::sort(kept.begin(), kept.end(),
              [](const RepetitionHit& a, const RepetitionHit& b) { return a.fromS < b.fromS; });
    return kept;
}

std::vector<TrialProposal> proposeEvents(const Pack& pack, const std::vector<Trial>& examples,
                                         const std::vector<Trial>& targets) {
    const auto gated = [](const std::vector<Trial>& trials) {
        std::vector<Trial> out;
        for (const Trial& trial : trials)
            out.push_back(withoutJumps(trial));
        return out;
    };
    const std::vector<Trial> from = gated(examples), to = gated(targets);
    Carrier carrier(pack, from, to);
    std::vector<TrialProposal> out;
    for (const Trial& target : to)
        out.push_back(carrier.propose(target));
    return out;
}

} // namespace riflesso
