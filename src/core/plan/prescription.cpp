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
    const LadderDef* general = nullptr;
    for (const LadderDef& ladder : pack.ladders) {
        if (ladder.fault != fault)
            continue;
        const bool fits = std::all_of(ladder.forWhom.begin(), ladder.forWhom.end(), [&](const auto& wanted) {
            const auto known = situation.find(wanted.first);
            return known != situation.end() && known->second == wanted.second;
        });
        if (fits && !ladder.forWhom.empty())
            return &ladder;
        if (ladder.forWhom.empty() && !general)
            general = &ladder;
    }
    return general;
}

} // namespace

Prescription prescribe(const Pack& pack, const Findings& findings, const std::vector<Trial>& trials,
                       const AthleteFacts& facts, const Decisions& decisions, const Situation& situation) {
    Prescription out;
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
    for (const std::string& fault : chosen) {
        Focus focus{fault, out.focus.empty(), {}, {}, {}};
        const LadderDef* ladder = ladderFor(pack, fault, situation);
        if (!ladder)
            out.missing.push_back("no ladder in the pack for \"" + pack.fault(fault)->title + "\"");
        const auto mastered = masteredStress(findings.find(fault), trials, facts.masteredStress);
        std::size_t start = 0;
        std::optional<std::size_t> firstAtTempo;
        for (const std::string& id : ladder ? ladder->rungs : std::vector<std::string>()) {
            const DrillDef& drill = *pack.drill(id);
            std::string why;
            for (const std::string& limit : drill.notFor)
                if (holds(facts.limits, limit))
                    why = "not with " + limit;
            for (const std::string& need : drill.needs)
                if (facts.equipmentKnown && !holds(facts.equipment, need))
                    why = "needs " + need;
            if (!why.empty()) {
                out.missing.push_back(drill.title + ": " + why);
                continue;
            }
            if (mastered && drill.stress <= *mastered) {
                start = focus.rungs.size();
                focus.startBecause = StartBecause::Mastered;
            }
            if (decisions.approach.tempoFirst && drill.stage >= kMatchTempo && !firstAtTempo)
                firstAtTempo = focus.rungs.size();
            focus.rungs.push_back({id, drill.stage, false});
        }
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
