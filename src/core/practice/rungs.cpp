#include "core/practice/rungs.h"

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kSure = 11, kNearly = 9; ///< good of a block of 12

/// Judges block after block: passed by one sure block or two running, and not any more after one to be eased.
void addBlocks(RungRecord& record, const LoggedBlock& block, bool& nearly) {
    const std::vector<LoggedBlock> whole = wholeBlocks(block);
    for (const LoggedBlock& each : whole) {
        const int good = each.good();
        record.passed = record.passed || good >= kSure || (good >= kNearly && nearly);
        nearly = good >= kNearly;
        if (2 * good <= each.all())
            record.passed = false;
    }
    const int rest = block.all() - static_cast<int>(whole.size()) * kBlockLength;
    const int first = rest > 0 || whole.empty() ? block.all() - rest : block.all() - kBlockLength;
    int good = 0;
    for (int i = first; i < block.all(); ++i)
        good += block.repetitions[static_cast<std::size_t>(i)].good;
    record.verdict = judgeBlock(good, block.all() - first);
    record.good += block.good();
    record.all += block.all();
    if (record.days.empty() || record.days.back().date != block.date)
        record.days.push_back({block.date, 0, 0});
    record.days.back().good += block.good();
    record.days.back().all += block.all();
}

} // namespace

std::vector<RungRecord> rungRecords(const PracticeLog& log) {
    std::vector<RungRecord> out;
    std::vector<char> nearly; // by record: the block before had 9 of 12
    for (std::size_t place = 0; place < log.size(); ++place) {
        const LoggedBlock& block = log[place];
        if (block.kind != PracticeKind::Practice || block.repetitions.empty())
            continue;
        auto known = std::find_if(out.begin(), out.end(), [&](const RungRecord& r) {
            return r.fault == block.fault && r.drill == block.drill && r.condition == block.condition;
        });
        if (known == out.end()) {
            out.push_back({block.fault, block.drill, block.condition, {}, 0, 0, false, {}, 0, {}});
            nearly.push_back(0);
            known = out.end() - 1;
        }
        char& before = nearly[static_cast<std::size_t>(known - out.begin())];
        bool was = before != 0;
        addBlocks(*known, block, was);
        before = was ? 1 : 0;
        known->last = place;
        if (was)
            known->lastGood = place;
    }
    return out;
}

RungStart startOf(const Pack& pack, const std::string& fault, const std::vector<Rung>& rungs, std::size_t from,
                  const std::vector<RungRecord>& records) {
    RungStart out;
    out.rung = from;
    const auto of = [&](const std::string& drill, auto&& holds) -> const RungRecord* {
        const RungRecord* found = nullptr;
        for (const RungRecord& record : records)
            if (record.fault == fault && record.drill == drill && holds(record))
                found = &record;
        return found;
    };
    for (std::size_t i = 0; i < rungs.size(); ++i) {
        const DrillDef* drill = pack.drill(rungs[i].drill);
        const auto passed = [&](const RungRecord& r) {
            return r.passed && drill && r.condition.stress >= drill->stress;
        };
        const RungRecord* record = of(rungs[i].drill, passed);
        if (!record)
            continue;
        // The last one is gone on with: there is nothing after it.
        const std::size_t next = std::min(i + 1, rungs.size() - 1);
        if (next >= out.rung)
            out = {next, RungStart::Why::Passed, rungs[i].drill, record->verdict.good, record->verdict.all};
    }
    if (out.rung > 0 && out.rung < rungs.size()) {
        const RungRecord* here = of(rungs[out.rung].drill, [](const RungRecord&) { return true; });
        const auto since = [&](const RungRecord& r) { return here && r.lastGood && *r.lastGood > here->last; };
        if (here && here->verdict.verdict == RungVerdict::Ease && here->verdict.moreWanted == 0 &&
            !of(rungs[out.rung - 1].drill, since))
            out = {out.rung - 1, RungStart::Why::Eased, rungs[out.rung].drill, here->verdict.good, here->verdict.all};
    }
    return out;
}

void followPractice(Prescription& prescription, const Pack& pack, const PracticeLog& log) {
    const std::vector<RungRecord> records = rungRecords(log);
    if (records.empty())
        return;
    for (Focus& focus : prescription.focus) {
        if (focus.rungs.empty())
            continue;
        const RungStart start = startOf(pack, focus.fault, focus.rungs, focus.start(), records);
        if (start.why == RungStart::Why::AsBefore)
            continue;
        for (Rung& rung : focus.rungs)
            rung.startHere = false;
        focus.rungs[start.rung].startHere = true;
        focus.startBecause = start.why == RungStart::Why::Passed ? StartBecause::Passed : StartBecause::Eased;
        focus.practised = start.drill;
        focus.practisedGood = start.good;
        focus.practisedAll = start.all;
    }
}

} // namespace riflesso
