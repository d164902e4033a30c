#include "core/plan/prescription.h"

#include "core/listed.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Highest stress level mastered for a fault: at least 4 judged repetitions there show it in at most 25 %.
std::optional<Stress> masteredStress(const Finding* finding, const std::vector<Trial>& trials,
                                     std::optional<Stress> bySay) {
    std::map<Stress, std::pair<int, int>> shownOf; // stress to (shown, judged)
    if (finding)
        for (const FaultShown& shown : finding->repetitions) {
            const auto trial =
                std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == shown.trial; });
            if (trial == trials.end() || !trial->stress)
                continue;
            shownOf[*trial->stress].first += shown.degree > 0;
            shownOf[*trial->stress].second += 1;
        }
    std::optional<Stress> best = bySay;
    for (const auto& [stress, counts] : shownOf)
        if (counts.second >= 4 && 4 * counts.first <= counts.second && (!best || stress > *best))
            best = stress;
    return best;
}

/// From here on a feeder, an opponent or a count sets the tempo, no longer the athlete (own choice).
constexpr Stage kMatchTempo = Stage::SingleFeed;

const LadderDef* ladderFor(const Pack& pack, const std::string& fault, const Situation& situation) {
    const LadderDef* best = nullptr;
    for (const LadderDef& ladder : pack.ladders)
        if (ladder.fault == fault && fits(ladder.forWhom, situation) &&
            (!best || ladder.forWhom.size() > best->forWhom.size()))
            best = &ladder;
    return best;
}

namespace phrases {

constexpr Phrase kNotWith{"not_with", RIFLESSO_SAY("Sentence", "%1: not with %2")};
constexpr Phrase kNeeds{"needs", RIFLESSO_SAY("Sentence", "%1: needs %2")};
constexpr Phrase kUnclear{"unclear_limit",
                          RIFLESSO_SAY("Sentence", "%1: held back until somebody says what \"%2\" means")};
constexpr Phrase kInstead{"instead", RIFLESSO_SAY("Sentence", "%1; %2 instead")};
constexpr Phrase kNoLadder{"no_ladder", RIFLESSO_SAY("Sentence", "no ladder in the pack for \"%1\"")};
constexpr Phrase kNoDrillLeft{
    "no_drill_left", RIFLESSO_SAY("Sentence", "\"%1\" has no drill that these limits and this equipment allow")};
constexpr Phrase kWaits{"waits",
                        RIFLESSO_SAY("Sentence", "pain was said in practice: the plan waits until it is written "
                                                 "down who advised what")};

} // namespace phrases

/// Why an athlete does not get a drill; empty: nothing speaks against it.
Sentence against(const DrillDef& drill, const AthleteFacts& facts) {
    if (const Limit* limit = anyConcerns(drill.notFor, facts.limits.known))
        return phrases::kNotWith(drill.title, limit->words.empty() ? inWords(*limit) : limit->words);
    if (!drill.notFor.empty() && !facts.limits.unclear.empty())
        return phrases::kUnclear(drill.title, facts.limits.unclear.front());
    for (const std::string& need : drill.needs)
        if (facts.equipmentKnown && !holds(facts.equipment, need))
            return phrases::kNeeds(drill.title, wordNamed(need)); // kept as the pack has it, said in the language
    return {};
}

/// A drill of the stage out of the ladders of the level's faults that is allowed and not on the ladder yet.
const DrillDef* replacement(const Pack& pack, const LadderDef& own, Stage stage, const std::vector<Rung>& rungs,
                            const AthleteFacts& facts) {
    const FaultDef* fault = pack.fault(own.fault);
    for (const LadderDef& ladder : pack.ladders) {
        const FaultDef* other = pack.fault(ladder.fault);
        if (&ladder == &own || !fault || !other || other->level != fault->level)
            continue;
        for (const std::string& id : ladder.rungs) {
            const DrillDef& drill = *pack.drill(id);
            const bool there = holds(own.rungs, id) || std::any_of(rungs.begin(), rungs.end(),
                                                                   [&](const Rung& rung) { return rung.drill == id; });
            if (drill.stage == stage && !there && against(drill, facts).empty())
                return &drill;
        }
    }
    return nullptr;
}

} // namespace

OpenLadder openLadder(const Pack& pack, const std::string& fault, const AthleteFacts& facts,
                      const Situation& situation) {
    OpenLadder out;
    const LadderDef* ladder = ladderFor(pack, fault, situation);
    if (!ladder)
        return out;
    out.known = true;
    const auto allowedOf = [&](Stage stage) {
        return std::any_of(ladder->rungs.begin(), ladder->rungs.end(), [&](const std::string& id) {
            return pack.drill(id)->stage == stage && against(*pack.drill(id), facts).empty();
        });
    };
    for (const std::string& id : ladder->rungs) {
        const DrillDef& drill = *pack.drill(id);
        const Sentence why = against(drill, facts);
        if (why.empty()) {
            out.rungs.push_back({id, {}, drill.stage, false});
            continue;
        }
        const DrillDef* other =
            allowedOf(drill.stage) ? nullptr : replacement(pack, *ladder, drill.stage, out.rungs, facts);
        out.leftOut.push_back(other ? phrases::kInstead(why, other->title) : why);
        if (other)
            out.rungs.push_back({other->id, id, other->stage, false});
    }
    return out;
}

Prescription prescribe(const Pack& pack, const Findings& findings, const std::vector<Trial>& trials,
                       const AthleteFacts& facts, const Decisions& decisions, const Situation& situation) {
    Prescription out;
    out.unclearLimits = facts.limits.unclear;
    if (facts.waitsForAdvice) {
        out.waits = true;
        out.missing.push_back(phrases::kWaits);
    }
    for (const Finding& finding : findings.ranked)
        if (finding.shown > 0) {
            const OpenLadder ladder = openLadder(pack, finding.fault, facts, situation);
            if (ladder.known && ladder.rungs.empty())
                out.withoutDrill.push_back(finding.fault);
        }
    std::vector<std::string> chosen;
    if (!decisions.workOn.empty()) {
        const std::ptrdiff_t most = decisions.insisted ? std::ssize(decisions.workOn) : 2;
        chosen.assign(decisions.workOn.begin(),
                      decisions.workOn.begin() + std::min(most, std::ssize(decisions.workOn)));
    } else {
        std::vector<std::string> order;
        for (const Finding& finding : findings.ranked)
            if (finding.safety == Caution::Stop && finding.shown > 0)
                order.push_back(finding.fault);
        for (const std::string& fault : findings.unlifted)
            if (!holds(order, fault))
                order.push_back(fault);
        for (const std::string& fault : order) {
            if (holds(decisions.setAside, fault))
                continue;
            if (holds(out.withoutDrill, fault)) {
                if (!out.waits)
                    out.missing.push_back(phrases::kNoDrillLeft(pack.fault(fault)->title));
                continue;
            }
            if (chosen.empty() || !findings.followsFrom(fault, chosen.front()))
                chosen.push_back(fault);
            if (chosen.size() == 2)
                break;
        }
    }
    for (const Finding& finding : findings.ranked) {
        const FaultDef* def = pack.fault(finding.fault);
        if (def && def->safety != Caution::None && !holds(out.cautions, def->safetyText))
            out.cautions.push_back(def->safetyText);
    }
    if (decisions.approach.oneAtATime && chosen.size() > 1)
        chosen.resize(1);
    if (out.waits)
        return out;
    for (const std::string& fault : chosen) {
        Focus focus;
        focus.fault = fault;
        focus.main = out.focus.empty();
        OpenLadder ladder = openLadder(pack, fault, facts, situation);
        if (!ladder.known)
            out.missing.push_back(phrases::kNoLadder(pack.fault(fault)->title));
        else if (ladder.rungs.empty())
            out.missing.push_back(phrases::kNoDrillLeft(pack.fault(fault)->title));
        out.missing.insert(out.missing.end(), ladder.leftOut.begin(), ladder.leftOut.end());
        const auto mastered = masteredStress(findings.find(fault), trials, facts.masteredStress);
        std::size_t start = 0;
        std::optional<std::size_t> firstAtTempo;
        for (std::size_t i = 0; i < ladder.rungs.size(); ++i) {
            const DrillDef& drill = *pack.drill(ladder.rungs[i].drill);
            if (mastered && drill.stress <= *mastered) {
                start = i;
                focus.startBecause = StartBecause::Mastered;
            }
            if (decisions.approach.tempoFirst && drill.stage >= kMatchTempo && !firstAtTempo)
                firstAtTempo = i;
        }
        focus.rungs = std::move(ladder.rungs);
        if (firstAtTempo && *firstAtTempo > start) {
            start = *firstAtTempo;
            focus.startBecause = StartBecause::TempoFirst;
        }
        if (!focus.rungs.empty())
            focus.rungs[start].startHere = true;
        focus.mastered = mastered;
        out.focus.push_back(std::move(focus));
    }
    return out;
}

std::size_t Focus::start() const {
    const auto found = std::find_if(rungs.begin(), rungs.end(), [](const Rung& rung) { return rung.startHere; });
    return found == rungs.end() ? 0 : static_cast<std::size_t>(found - rungs.begin());
}

std::string_view toString(RungVerdict verdict) {
    return verdict == RungVerdict::Advance ? "advance" : verdict == RungVerdict::Hold ? "hold" : "ease";
}

BlockVerdict judgeBlock(int good, int all, int blockLength) {
    BlockVerdict out;
    out.good = good;
    out.all = all;
    out.interval = wilson(good, all, kZ80);
    out.moreWanted = std::max(0, blockLength - all);
    if (all == 0)
        return out;
    out.share = static_cast<double>(good) / all;
    if (4 * good >= 3 * all)
        out.verdict = RungVerdict::Advance;
    else if (2 * good <= all)
        out.verdict = RungVerdict::Ease;
    const int sure = (11 * blockLength + 11) / 12; // 11 of 12, rounded up for other lengths
    out.confirm = out.verdict == RungVerdict::Advance && (all < blockLength || good < sure);
    return out;
}

} // namespace riflesso
