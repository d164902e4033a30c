#include "core/workshop/rule_search.h"

#include "core/signal/event_rule.h"
#include "core/signal/posture.h"
#include "core/signal/propose_events.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/stats.h"
#include "core/workshop/body_signals.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

using Feature = EventRule::Feature;

/// A marked repetition, its signals read at most once a cutoff.
struct Marked {
    const Trial* trial;
    double fromS, toS, eventS, frameS; ///< frameS: how long a frame lasts at the event
};

/// Errors (frames) of each repetition, from rules fitted to the others; none where it is not placed.
using Errors = std::vector<std::optional<double>>;

FoundRule summed(EventRule rule, const Errors& errors) {
    FoundRule out;
    out.rule = std::move(rule);
    out.of = static_cast<int>(errors.size());
    double squares = 0;
    for (const auto& error : errors)
        if (error) {
            ++out.placed;
            squares += *error * *error;
        }
    out.rmsFrames = out.placed > 0 ? std::sqrt(squares / out.placed) : 0;
    return out;
}

/// Rounded to three figures: a pack is read by people.
double brief(double value) {
    if (value == 0)
        return 0;
    const double step = std::pow(10.0, std::floor(std::log10(std::abs(value))) - 2);
    return std::round(value / step) * step;
}

class Search {
public:
    Search(const Pack& pack, const std::string& event, const std::vector<Trial>& trials,
           const std::vector<Trial>& others = {})
        : pack_(pack) {
        if (const EventDef* def = pack.event(event))
            by_ = def->by;
        carryTo(event, trials, others);
        for (const Trial& trial : trials)
            if (const TrialEvent* at = trial.event(event)) {
                const auto [from, to] = markedTimes(trial);
                marked_.push_back({&trial, from, to, at->timeS, trial.times.intervalAt(at->frame)});
            }
        // Bounds: none, the neighbour before, the neighbour after, both; only neighbours set in every repetition.
        const int at = pack.eventIndex(event);
        const auto neighbour = [&](int index) -> std::string {
            if (at < 0 || index < 0 || index >= static_cast<int>(pack.events.size()))
                return {};
            const std::string& id = pack.events[static_cast<std::size_t>(index)].id;
            const bool everywhere = std::all_of(marked_.begin(), marked_.end(),
                                                [&](const Marked& one) { return one.trial->event(id) != nullptr; });
            return everywhere ? id : std::string();
        };
        after_ = neighbour(at - 1);
        before_ = neighbour(at + 1);
    }
    [[nodiscard]] std::size_t repetitions() const { return marked_.size(); }

    /// Whether a signal has anything to do with the points whose movement the event is of, where it names some.
    [[nodiscard]] bool touches(const MeasureDef& signal) const {
        return by_.empty() || std::any_of(signal.points.begin(), signal.points.end(), [&](const PointRef& point) {
                   return std::find(by_.begin(), by_.end(), point) != by_.end();
               });
    }
    /// Whether it is of these alone.
    [[nodiscard]] bool isWithin(const MeasureDef& signal) const {
        return by_.empty() || std::all_of(signal.points.begin(), signal.points.end(), [&](const PointRef& point) {
                   return std::find(by_.begin(), by_.end(), point) != by_.end();
               });
    }

    /// The best rule of one signal and how good it is; none where the signal is not to be had everywhere.
    std::optional<FoundRule> bestOf(const MeasureDef& signal) {
        std::optional<FoundRule> best;
        for (const bool rest : {false, true}) {
            EventRule rule;
            rule.signal = signal;
            rule.feature = rest ? Feature::Start : Feature::Maximum;
            if (!read(rule))
                return best;
            for (const auto& [after, before] : bounds()) {
                rule.after = after;
                rule.before = before;
                for (const Feature feature : {Feature::Maximum, Feature::Minimum, Feature::Rise, Feature::Fall,
                                              Feature::Start, Feature::Stop}) {
                    if ((feature == Feature::Start || feature == Feature::Stop) != rest)
                        continue;
                    rule.feature = feature;
                    for (const bool near : {false, true}) {
                        if (near && (!after.empty() || !before.empty()))
                            continue;
                        near_ = near;
                        FoundRule found = proven(rule);
                        found.near = near;
                        if (found.holds())
                            lookElsewhere(found);
                        if (!best || better(found, *best))
                            best = std::move(found);
                    }
                }
            }
        }
        return best;
    }

    /// The better of both ways to place it.
    FoundRule proofOf(const EventRule& rule) {
        const bool isRead = read(rule);
        std::optional<FoundRule> best;
        for (const bool near : {false, true}) {
            near_ = near;
            Errors errors(marked_.size());
            for (std::size_t i = 0; isRead && i < marked_.size(); ++i)
                errors[i] = errorOf(rule, i);
            FoundRule found = summed(rule, errors);
            found.near = near;
            if (!best || better(found, *best))
                best = std::move(found);
        }
        return *best;
    }

    /// Those that hold first; each bound and each fitted number counts as a part of a frame (own choice).
    [[nodiscard]] bool better(const FoundRule& a, const FoundRule& b) const {
        if (a.holds() != b.holds())
            return a.holds();
        if (a.placed != b.placed)
            return a.placed > b.placed;
        return cost(a) < cost(b);
    }

private:
    [[nodiscard]] double cost(const FoundRule& found) const {
        // A bound is true of a model and may be the very fault of an athlete. A level is the performer's own: another
        // body passes it elsewhere. A share of one's own top speed travels.
        constexpr double kBound = 0.8, kShare = 0.1, kLevel = 1, kNear = 0.5, kStray = 0.5;
        const Feature feature = found.rule.feature;
        const double fitted = feature == Feature::Maximum || feature == Feature::Minimum ? 0
                              : feature == Feature::Start || feature == Feature::Stop    ? kShare
                                                                                         : kLevel;
        constexpr double kNotElsewhere = 4;
        const double elsewhere =
            found.others > 0 ? kNotElsewhere * (1 - static_cast<double>(found.agrees) / found.others) : 0;
        // A few repetitions are fitted by many of hundreds of signals: the fewer, the more counts where the rule stands
        // in the others, although they are placed by likeness only.
        constexpr double kFew = 2;
        const double misses = std::hypot(found.rmsFrames, found.strayFrames * std::sqrt(kFew / std::max(1, found.of)));
        return misses + kBound * (!found.rule.after.empty() + !found.rule.before.empty()) + fitted + elsewhere +
               (found.near ? kNear : 0) + (isWithin(found.rule.signal) ? 0 : kStray);
    }
    [[nodiscard]] std::vector<std::pair<std::string, std::string>> bounds() const {
        std::vector<std::pair<std::string, std::string>> out = {{}};
        if (!after_.empty())
            out.emplace_back(after_, "");
        if (!before_.empty())
            out.emplace_back("", before_);
        if (!after_.empty() && !before_.empty())
            out.emplace_back(after_, before_);
        return out;
    }

    /// Where the event would be in the others, by their postures alone.
    void carryTo(const std::string& event, const std::vector<Trial>& trials, const std::vector<Trial>& others) {
        std::vector<Trial> examples, targets;
        for (const Trial& trial : trials)
            if (trial.event(event))
                examples.push_back(trial);
        for (const Trial& trial : others)
            if (!trial.event(event) && !trial.marks.empty())
                targets.push_back(trial);
        if (examples.empty() || targets.empty())
            return;
        constexpr std::size_t kEnough = 4; // examples: more change little and take their time
        examples.resize(std::min(examples.size(), kEnough));
        Pack alone = pack_;
        std::erase_if(alone.events, [&](const EventDef& def) { return def.id != event; });
        for (EventDef& def : alone.events)
            def.rule.reset();
        for (const TrialProposal& proposal : proposeEvents(alone, examples, targets))
            for (const Trial& trial : others)
                if (trial.id == proposal.trial && !proposal.events.empty()) {
                    const auto [from, to] = markedTimes(trial);
                    others_.push_back(
                        {&trial, from, to, proposal.events[0].timeS, trial.times.intervalAt(proposal.events[0].frame)});
                }
    }

    /// In how many of the others it stands where the event is carried to. Where its bound is not set there, nothing is
    /// known, which counts against it.
    void lookElsewhere(FoundRule& found) const {
        constexpr double kAgreesS = 0.15;
        found.others = static_cast<int>(others_.size());
        double squares = 0;
        for (std::size_t i = 0; i < others_.size(); ++i) {
            const Marked& one = others_[i];
            if (!otherSignals_[i] || (!found.rule.after.empty() && !one.trial->event(found.rule.after)) ||
                (!found.rule.before.empty() && !one.trial->event(found.rule.before)))
                continue;
            const auto at =
                placeRule(found.rule, *otherSignals_[i], boundByEvents(found.rule, *one.trial, {one.fromS, one.toS}),
                          found.near ? std::optional(one.eventS) : std::nullopt);
            if (!at || std::abs(*at - one.eventS) > kAgreesS)
                continue;
            ++found.agrees;
            squares += (*at - one.eventS) * (*at - one.eventS) / (one.frameS * one.frameS);
        }
        found.strayFrames = found.agrees > 0 ? std::sqrt(squares / found.agrees) : 0;
    }

    bool read(const EventRule& rule) {
        signals_.clear();
        otherSignals_.clear();
        for (const Marked& one : others_)
            otherSignals_.push_back(ruleSignal(pack_, rule, *one.trial, one.fromS, one.toS));
        for (const Marked& one : marked_) {
            auto signal = ruleSignal(pack_, rule, *one.trial, one.fromS, one.toS);
            if (!signal || signal->timesS.size() < 3)
                return false;
            signals_.push_back(std::move(*signal));
        }
        return true;
    }

    [[nodiscard]] std::optional<double> errorOf(const EventRule& rule, std::size_t i) const {
        const Marked& one = marked_[i];
        const RuleBounds bounds = boundByEvents(rule, *one.trial, {one.fromS, one.toS});
        if (!near_) {
            const auto placed = placeRule(rule, signals_[i], bounds);
            return placed ? std::optional((*placed - one.eventS) / one.frameS) : std::nullopt;
        }
        constexpr double kOffS = 0.05;
        double worst = 0;
        for (const double off : {-kOffS, 0.0, kOffS}) {
            const auto placed = placeRule(rule, signals_[i], bounds, one.eventS + off);
            if (!placed)
                return {};
            if (const double error = (*placed - one.eventS) / one.frameS; std::abs(error) >= std::abs(worst))
                worst = error;
        }
        return worst;
    }

    /// Of all repetitions, or of all but one, the number of the rule that fits them best.
    [[nodiscard]] EventRule fitted(EventRule rule, std::optional<std::size_t> leftOut) const {
        if (rule.feature == Feature::Rise || rule.feature == Feature::Fall) {
            std::vector<double> levels;
            for (std::size_t i = 0; i < marked_.size(); ++i)
                if (i != leftOut)
                    levels.push_back(valueAt(signals_[i].timesS, signals_[i].values, marked_[i].eventS));
            rule.level = brief(median(levels));
        } else if (rule.feature == Feature::Start || rule.feature == Feature::Stop) {
            double least = std::numeric_limits<double>::infinity(), share = rule.share;
            for (const double tried : {0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5}) {
                rule.share = tried;
                double squares = 0;
                for (std::size_t i = 0; i < marked_.size(); ++i)
                    if (i != leftOut) {
                        constexpr double kNotPlaced = 30; // frames
                        const double error = errorOf(rule, i).value_or(kNotPlaced);
                        squares += error * error;
                    }
                if (squares < least) {
                    least = squares;
                    share = tried;
                }
            }
            rule.share = share;
        }
        return rule;
    }

    [[nodiscard]] FoundRule proven(const EventRule& rule) const {
        Errors errors(marked_.size());
        if (rule.feature == Feature::Maximum || rule.feature == Feature::Minimum) {
            for (std::size_t i = 0; i < marked_.size(); ++i)
                errors[i] = errorOf(rule, i); // nothing is fitted
            return summed(rule, errors);
        }
        for (std::size_t i = 0; i < marked_.size(); ++i)
            errors[i] = errorOf(fitted(rule, i), i);
        return summed(fitted(rule, {}), errors);
    }

    const Pack& pack_;
    std::vector<Marked> marked_, others_;
    std::vector<RuleSignal> signals_;
    std::vector<std::optional<RuleSignal>> otherSignals_;
    std::vector<PointRef> by_;
    std::string after_, before_;
    bool near_ = false; ///< how rules are placed now
};

std::vector<Trial> clean(const std::vector<Trial>& trials) {
    std::vector<Trial> out;
    for (const Trial& trial : trials)
        out.push_back(withoutJumps(trial));
    return out;
}

} // namespace

RuleSearch searchRules(const Pack& pack, const std::string& event, const std::vector<Trial>& marked,
                       const std::vector<Trial>& others, const std::function<bool(double)>& onward) {
    const std::vector<Trial> trials = clean(marked), elsewhere = clean(others);
    Search search(pack, event, trials, elsewhere);
    RuleSearch out;
    out.repetitions = static_cast<int>(search.repetitions());
    if (search.repetitions() < kFewestForRule)
        return out;
    const std::vector<PointRef> points = markedPoints(pack, trials);
    const std::vector<MeasureDef> signals = bodySignals(points, bodyLength(points), trials.front().capture.view);
    constexpr std::size_t kShown = 3;
    for (const MeasureDef& signal : signals) {
        if (onward && !onward(static_cast<double>(out.tried) / static_cast<double>(signals.size()))) {
            out.stopped = true;
            break;
        }
        if (!search.touches(signal))
            continue;
        ++out.tried;
        auto found = search.bestOf(signal);
        if (!found || found->placed == 0)
            continue;
        out.best.push_back(std::move(*found));
        std::stable_sort(out.best.begin(), out.best.end(),
                         [&](const FoundRule& a, const FoundRule& b) { return search.better(a, b); });
        if (out.best.size() > kShown)
            out.best.pop_back();
    }
    return out;
}

FoundRule proveRule(const Pack& pack, const std::string& event, const EventRule& rule,
                    const std::vector<Trial>& marked) {
    const std::vector<Trial> trials = clean(marked);
    return Search(pack, event, trials).proofOf(rule);
}

} // namespace riflesso
