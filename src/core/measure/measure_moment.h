#pragma once
// Measures at an event, and between events.

#include "core/measure/filtered_run.h"
#include "core/measure/key_events.h"
#include "core/measure/measure.h"

namespace riflesso {

/// What all trials of a set say together of its lengths.
struct SetLengths {
    std::map<std::string, double> medianUnits; ///< pixels, by unitKey
    std::map<std::string, double> trueWidths;  ///< turn: the widest the line is seen in the set, pixels, by measure
};

/// One repetition, and what measuring it asks for.
struct MeasureContext {
    const Pack& pack;
    const Trial& trial;
    KeyEvents events;
    std::map<std::string, Side> sides; ///< role to side
    double cutoffHz = 6;
    const SetLengths& lengths;
    TrialRuns& runs;

    [[nodiscard]] std::string eventTitle(const std::string& id) const {
        const EventDef* def = pack.event(id);
        return def ? def->title : id;
    }
    [[nodiscard]] double trueWidth(const MeasureDef& def) const {
        const auto known = lengths.trueWidths.find(def.id);
        return known == lengths.trueWidths.end() ? 0 : known->second;
    }
};

/// interval, phase_share, tempo_ratio: u from their distinct events, each once.
[[nodiscard]] MeasureValue measureTiming(const MeasureContext& context, const MeasureDef& def);
/// An instant kind at an event.
[[nodiscard]] MeasureValue measureMoment(const MeasureContext& context, const MeasureDef& def);

/// "time of front foot down": the words of a budget.
[[nodiscard]] Sentence eventWords(const Pack& pack, const std::string& event);
/// Unit of a length measure here, or a reason.
[[nodiscard]] std::variant<LengthScale, Reason> scaleOf(const MeasureContext& context, const MeasureDef& def);

} // namespace riflesso
