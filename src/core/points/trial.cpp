#include "core/points/trial.h"

#include <algorithm>

namespace riflesso {

MADE_HERE(Trial);

const TrialEvent* Trial::event(std::string_view id) const {
    for (const TrialEvent& entry : events)
        if (entry.event == id)
            return &entry;
    return nullptr;
}

bool isProposed(std::string_view source) {
    return source == kProposedByNetwork || source == kDoubtfulFromNetwork || source == kTracked ||
           source == kDoubtfullyTracked || source == kProposedEvent || source == kDoubtfulEvent;
}

std::string confirmedSource(std::string_view source) {
    return std::string(source.substr(0, source.find('?'))) + ", confirmed";
}
bool isFromPerson(std::string_view source) { return !isProposed(source) && !source.ends_with(confirmedSource({})); }

std::map<std::string, Side> rolesByHand(const Pack& pack, Side handedness) {
    std::map<std::string, Side> sides;
    Capture capture;
    capture.handedness = handedness;
    for (const auto& [role, rule] : pack.roles)
        if (const auto side = resolveSide(rule, capture))
            sides[role] = *side;
    return sides;
}

std::string resolvePoint(const PointRef& ref, const std::map<std::string, Side>& sides) {
    if (ref.role.empty())
        return ref.part;
    const auto side = sides.find(ref.role);
    return side == sides.end() ? std::string() : std::string(toString(side->second)) + "_" + ref.part;
}

bool SetChoice::takes(const Trial& trial) const {
    if ((stress && trial.stress && *trial.stress != *stress) || (!variant.empty() && trial.variant != variant))
        return false;
    return std::all_of(conditions.begin(), conditions.end(), [&](const auto& wanted) {
        const auto noted = trial.conditions.find(wanted.first);
        return noted != trial.conditions.end() && noted->second == wanted.second;
    });
}

} // namespace riflesso
