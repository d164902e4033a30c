#include "core/judge/positions.h"

#include "core/listed.h"

#include <algorithm>

namespace riflesso {
namespace {

template <class Call>
void eachTaken(const Pack& pack, const std::map<std::string, std::string>& positions, const Call& call) {
    for (const DisputeDef& dispute : pack.disputes) {
        const auto taken = positions.find(dispute.id);
        for (const DisputeDef::Position& position : dispute.positions)
            if (taken != positions.end() && position.id == taken->second)
                call(dispute, position);
    }
}

} // namespace

std::string_view toString(PositionEffect::What what) {
    return what == PositionEffect::What::Range     ? "range"
           : what == PositionEffect::What::LeftOut ? "left_out"
                                                   : "ladder";
}

std::vector<PositionEffect> effectsOf(const Pack& pack, const std::map<std::string, std::string>& positions) {
    using What = PositionEffect::What;
    std::vector<PositionEffect> out;
    eachTaken(pack, positions, [&](const DisputeDef& dispute, const DisputeDef::Position& position) {
        for (const RangeDef& range : position.ranges)
            out.push_back({dispute.id, position.id, What::Range, range.measure});
        for (const std::string& fault : position.leaveOut)
            out.push_back({dispute.id, position.id, What::LeftOut, fault});
        for (const LadderDef& ladder : position.ladders)
            out.push_back({dispute.id, position.id, What::Ladder, ladder.fault});
    });
    return out;
}

Pack underPositions(Pack pack, const std::map<std::string, std::string>& positions) {
    std::vector<std::string> leftOut;
    eachTaken(pack, positions, [&](const DisputeDef&, const DisputeDef::Position& position) {
        for (const RangeDef& range : position.ranges) {
            std::erase_if(pack.ranges, [&](const RangeDef& own) {
                return own.measure == range.measure && own.forWhom == range.forWhom;
            });
            pack.ranges.push_back(range);
        }
        for (const LadderDef& ladder : position.ladders) {
            std::erase_if(pack.ladders, [&](const LadderDef& own) {
                return own.fault == ladder.fault && own.forWhom == ladder.forWhom;
            });
            pack.ladders.push_back(ladder);
        }
        leftOut.insert(leftOut.end(), position.leaveOut.begin(), position.leaveOut.end());
    });
    const auto isOut = [&](const std::string& fault) { return holds(leftOut, fault); };
    std::erase_if(pack.faults, [&](const FaultDef& fault) { return isOut(fault.id); });
    std::erase_if(pack.ladders, [&](const LadderDef& ladder) { return isOut(ladder.fault); });
    for (FaultDef& fault : pack.faults)
        std::erase_if(fault.causes, [&](const CauseDef& cause) { return isOut(cause.fault); });
    for (ProfileDef& profile : pack.profiles)
        std::erase_if(profile.faults, isOut);
    return pack;
}

} // namespace riflesso
