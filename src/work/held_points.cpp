#include "work/held_points.h"

namespace riflesso {

std::vector<HeldPoint> heldPoints(const Pack& pack, const std::map<std::string, Side>& sides) {
    std::vector<HeldPoint> out;
    for (const OwnPoint& point : pack.points) {
        if (!point.on || (point.on->part != "hand" && point.on->part != "wrist"))
            continue;
        PointRef wrist = *point.on;
        wrist.part = "wrist";
        if (std::string name = resolvePoint(wrist, sides); !name.empty())
            out.push_back({point.id, std::move(name)});
    }
    return out;
}

std::optional<HeldPoint> heldBy(const Pack& pack, const std::map<std::string, Side>& sides,
                                const std::string& landmark) {
    for (HeldPoint& held : heldPoints(pack, sides))
        if (held.wrist == landmark || held.tip == landmark)
            return std::move(held);
    return {};
}

} // namespace riflesso
