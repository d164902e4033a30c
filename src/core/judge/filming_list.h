#pragma once
// What an assessment could not judge, and which clip, or which look, would settle it.

#include "core/judge/assessment.h"

namespace riflesso {

struct FilmingWish {
    enum class What { View, Square, Scale, Closer, FasterCamera, MoreRepetitions, HarderCondition, Mark, Observe };
    What what = What::Mark;
    std::vector<std::string> measures; ///< or observations, in pack order: what it would settle
    Sentence why;                      ///< "not seen from the side"
    Sentence film;                     ///< what to do
    /// Whether it needs a new clip, or only work on this one.
    [[nodiscard]] bool needsClip() const { return what != What::Mark && what != What::Observe; }
};
[[nodiscard]] std::string_view toString(FilmingWish::What what);

/// Wishes for new clips first, in the order of What. Trials: those assessed.
[[nodiscard]] std::vector<FilmingWish> filmingList(const Pack& pack, const std::vector<Trial>& trials,
                                                   const Assessment& assessment);
[[nodiscard]] Json filmingListJson(const std::vector<FilmingWish>& wishes);

} // namespace riflesso
