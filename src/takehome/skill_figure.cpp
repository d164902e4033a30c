#include "takehome/skill_figure.h"

#include "takehome/drawn_model.h"

#include <algorithm>

namespace riflesso {

std::optional<SkillFigure> skillFigure(const Pack& pack, Side handedness, const std::vector<Trial>& shown) {
    SkillFigure out;
    std::optional<Trial> drawn;
    if (!pack.views.empty())
        drawn = drawnModel(pack, {}, pack.views.front(), handedness);
    if (drawn && !drawn->marks.empty()) { // of a skill that is watched and counted there are none
        out.trial = std::move(*drawn);
    } else {
        // The one with the most key events: the first of equals.
        const auto best = std::max_element(shown.begin(), shown.end(), [](const Trial& a, const Trial& b) {
            return a.events.size() < b.events.size();
        });
        if (best == shown.end() || best->marks.empty())
            return {};
        out.trial = *best;
        out.filmed = true;
    }
    out.to = lastMarkedFrame(out.trial);
    out.from = out.to;
    for (const auto& [landmark, marks] : out.trial.marks)
        if (!marks.empty())
            out.from = std::min(out.from, marks.begin()->first);
    return out;
}

} // namespace riflesso
