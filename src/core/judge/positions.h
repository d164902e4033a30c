#pragma once
// Where practitioners differ, the coach takes a position: what of the pack it changes.

#include "core/pack/pack.h"

namespace riflesso {

/// One thing that a position changes.
struct PositionEffect {
    enum class What { Range, LeftOut, Ladder };
    std::string dispute, position;
    What what = What::Range;
    std::string id; ///< of the measure, or of the fault
    bool operator==(const PositionEffect&) const = default;
};
[[nodiscard]] std::string_view toString(PositionEffect::What what);

/// What the positions taken (dispute to position) change, in the pack's order; those it does not know change nothing.
[[nodiscard]] std::vector<PositionEffect> effectsOf(const Pack& pack,
                                                    const std::map<std::string, std::string>& positions);
/// The pack as whoever takes them sees it: their ranges and ladders in the place of the pack's own for the same measure
/// or fault and the same `for`, and without the faults that are none to them.
[[nodiscard]] Pack underPositions(Pack pack, const std::map<std::string, std::string>& positions);

} // namespace riflesso
