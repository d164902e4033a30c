#pragma once
// What differs between two editions of a skill pack, part by part.

#include <string>
#include <vector>

namespace riflesso {

struct PackChange {
    enum class What { Added, Removed, Changed } what = What::Changed;
    enum class Kind {
        Words,    ///< titles, cues, explanations
        Ranges,   ///< bounds, tolerances, weights, doses: numbers that judge
        Structure ///< events, points, formulas, causes, ladders, whole parts
    } kind = Kind::Structure;
    std::string path;          ///< "measures.knee_bend.tolerance"
    std::string before, after; ///< as JSON; empty where there is none
};
[[nodiscard]] std::string_view toString(PackChange::What what);
[[nodiscard]] std::string_view toString(PackChange::Kind kind);

/// Parts are matched by their id, not by their place; a part that only stands elsewhere in its list is no change, but
/// of events, whose order says something. Both texts must be JSON objects; anything else: one change of all of it.
[[nodiscard]] std::vector<PackChange> packDiff(const std::string& before, const std::string& after);

} // namespace riflesso
