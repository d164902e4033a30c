#include "app/mirror/wall_tiles.h"

#include "app/mirror/phase_pictures.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

struct Entry {
    WallTile tile;
    std::optional<double> value;
    int number = 0, resultRank = 0, stressRank = 0;
};

/// Place of a result in the pack's order; a number by its size, best first; nothing known last.
int rankOf(const Pack& pack, const std::string& result) {
    constexpr int kNone = 1 << 30;
    if (pack.results.empty() || result.empty())
        return kNone;
    const ResultDef& def = pack.results.front();
    if (!def.values.empty())
        return static_cast<int>(std::find(def.values.begin(), def.values.end(), result) - def.values.begin());
    bool fine = false;
    const double number = QString::fromStdString(result).toDouble(&fine);
    constexpr double kSteps = 1000;
    return fine ? static_cast<int>(std::lround((def.higherIsBetter ? -number : number) * kSteps)) : kNone;
}

std::optional<Entry> entryOf(const CaseData& data, const PhaseAnchors& anchors, const Trial& trial) {
    const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
    const auto map = PhaseMap::of(anchors, trial);
    if (!place || !map || place.clip->missing || place.clip->frames() == 0)
        return {};
    Entry entry;
    entry.tile.trial = trial.id;
    entry.tile.clipPath = place.clip->path;
    entry.tile.box = wholeMovement(trial);
    entry.tile.picture = {place.clip->width, place.clip->height};
    entry.tile.felt = place.repetition->felt;
    entry.tile.durationS = map->timeAt(100) - map->timeAt(0);
    for (int percent = 0; percent <= 100; ++percent)
        entry.tile.frames.push_back(std::clamp(static_cast<int>(std::lround(trial.times.frameOf(map->timeAt(percent)))),
                                               0, place.clip->frames() - 1));
    for (const int frame : entry.tile.frames) {
        std::map<std::string, PixelPoint> marks;
        for (const auto& [landmark, track] : place.repetition->marks)
            if (const auto mark = track.find(frame); mark != track.end())
                marks[landmark] = mark->second.at;
        if (const auto head = headCover(marks))
            entry.tile.heads[frame] = *head;
    }
    entry.number = place.repetition->number;
    entry.resultRank = rankOf(data.pack, place.repetition->result);
    entry.stressRank = static_cast<int>(place.section->stress);
    return entry;
}

void setValue(Entry& entry, const MeasureDef* def, const std::vector<TrialMeasures>& measures,
              const SetDeviation* set) {
    if (!def)
        return;
    for (const TrialMeasures& trial : measures)
        if (trial.trial == entry.tile.trial)
            if (const MeasureValue* value = trial.find(def->id); value && value->valid()) {
                entry.value = value->value;
                entry.tile.value = words::withU(*def, *value->value, 2 * value->u);
                break;
            }
    if (set)
        if (const RepetitionDeviation* own = set->of(entry.tile.trial); own && !own->trial.empty())
            entry.tile.sign = look::signOf(own->state);
}

} // namespace

std::vector<WallTile> wallTiles(const CaseData& data, const PhaseAnchors& anchors, const WallWish& wish,
                                const Trial* model, const QString& modelName) {
    const MeasureDef* def = data.pack.measure(wish.measure);
    const SetDeviation* set = wish.assessment ? wish.assessment->deviation(wish.measure) : nullptr;
    const double cutoff = wish.assessment ? wish.assessment->cutoff.hz : CutoffChoice().hz;
    std::vector<Trial> trials = trialsOf(data, wish.session, wish.choice);
    // Only the chosen measure, so that a wall of many conditions is quick to build.
    Pack pack = data.pack;
    pack.measures.clear();
    if (def)
        pack.measures.push_back(*def);
    const auto measured = measureTrials(pack, trials, cutoff);
    const bool manyVariants = std::any_of(trials.begin(), trials.end(),
                                          [&](const Trial& trial) { return trial.variant != trials.front().variant; });
    std::vector<Entry> entries;
    for (const Trial& trial : trials)
        if (auto entry = entryOf(data, anchors, trial)) {
            const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
            QStringList title{QString::number(place.repetition->number)};
            if (!wish.choice.stress)
                title.prepend(words::stressName(place.section->stress));
            if (!place.repetition->result.empty())
                title << words::resultText(data.pack, place.repetition->result);
            if (manyVariants && !place.repetition->variant.empty())
                title << words::text(place.repetition->variant);
            entry->tile.title = title.join(QStringLiteral(" · "));
            setValue(*entry, def, measured, set);
            entries.push_back(std::move(*entry));
        }
    std::optional<Entry> below;
    if (model) {
        below = entryOf(data, anchors, *model);
        if (below) {
            const RepetitionPlace place = placeOf(data, repetitionId(model->id));
            below->tile.title = QStringLiteral("%1 · %2").arg(modelName).arg(place.repetition->number);
            below->tile.isModel = true;
            below->tile.mirrored = !trials.empty() && place.section->view == View::Side &&
                                   trials.front().capture.facing != model->capture.facing;
            setValue(*below, def, measureTrials(pack, {*model}, cutoff), nullptr);
        }
    }
    if (below && wish.order == WallOrder::Measure)
        entries.push_back(*below);
    std::stable_sort(entries.begin(), entries.end(), [&](const Entry& a, const Entry& b) {
        switch (wish.order) {
        case WallOrder::Measure:
            return a.value && b.value ? *a.value < *b.value : a.value.has_value() && !b.value;
        case WallOrder::Result:
            return a.resultRank < b.resultRank;
        case WallOrder::Condition:
            return a.stressRank < b.stressRank;
        case WallOrder::Number:
            return false; // as filmed
        }
        return false;
    });
    if (below && wish.order != WallOrder::Measure)
        entries.push_back(*below);
    std::vector<WallTile> tiles;
    for (Entry& entry : entries)
        tiles.push_back(std::move(entry.tile));
    return tiles;
}

QSize wallGrid(int n, const QSizeF& space, double aspect, double captionHeight) {
    QSize best;
    double largest = -1;
    for (int columns = 1; columns <= n; ++columns) {
        const int rows = (n + columns - 1) / columns;
        const double width = space.width() / columns, height = space.height() / rows - captionHeight;
        const double shown = std::min(width, height * aspect);
        if (shown > largest) {
            largest = shown;
            best = {columns, rows};
        }
    }
    return n > 0 ? best : QSize(0, 0);
}

} // namespace riflesso
