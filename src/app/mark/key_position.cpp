#include "app/mark/key_position.h"

#include "app/mark/figure_card.h"
#include "app/theme.h"
#include "core/measure/measure.h"
#include "report/words.h"

#include <cmath>

namespace riflesso {

std::map<std::string, QPointF> modelAt(const Pack& pack, const std::vector<Trial>& models, const RepetitionPlace& place,
                                       const std::string& event, const std::vector<std::string>& order) {
    std::map<std::string, QPointF> positions;
    for (const Trial& model : models) {
        const TrialEvent* at = model.event(event);
        const auto roles = resolveRoles(pack, model);
        if (!at)
            continue;
        for (std::size_t i = 0; i < pack.marked.size() && i < order.size(); ++i) {
            const auto track = model.marks.find(resolvePoint(pack.marked[i], roles));
            if (track == model.marks.end())
                continue;
            const auto mark = track->second.find(static_cast<int>(std::lround(at->frame)));
            if (mark != track->second.end())
                positions[order[i]] = {mark->second.at.x * (model.capture.facing == place.section->facing ? 1 : -1),
                                       mark->second.at.y};
        }
        if (!positions.empty())
            break;
    }
    return positions.size() < order.size() / 2 ? FigureCard::standing() : positions;
}

QString measuredAt(const CaseData& data, const RepetitionPlace& place, const std::string& event, double cutoffHz) {
    // Only what depends on the event, so that marking stays quick.
    Pack pack = data.pack;
    pack.measures.clear();
    for (const MeasureDef& def : data.pack.measures)
        if (def.at == event || (def.kind == Kind::Interval && (def.fromEvent == event || def.toEvent == event)))
            pack.measures.push_back(def);
    const auto measured = measureTrials(pack, {toTrial(data, place)}, cutoffHz);
    QStringList lines;
    for (const auto& [id, value] : measured.front().measures) {
        const MeasureDef& def = *pack.measure(id);
        const QString title = words::text(def.title).toHtmlEscaped();
        if (value.valid())
            lines << QStringLiteral("<a href='%1' style='color:%2; text-decoration:none'>%3</a> <b>%4</b>")
                         .arg(words::text(id), theme::colours().ink.name(), title,
                              words::withU(def, *value.value, 2 * value.u));
        else
            lines << QStringLiteral("<span style='color:%1'>%2: %3</span>")
                         .arg(theme::colours().slate.name(), title, words::text(value.reason).toHtmlEscaped());
    }
    return lines.join(QStringLiteral("<br>"));
}

} // namespace riflesso
