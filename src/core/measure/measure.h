#pragma once
// Every measure of a trial: value, standard uncertainty, unit, and either valid or the reason why not.

#include "core/made_once.h"
#include "core/points/trial.h"
#include "core/sentence.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// One source of a number's uncertainty, in the number's unit.
struct BudgetPart {
    Sentence what; ///< one of sources: "left knee", "time of front foot down", "length unit"
    double u = 0;
};

/// What the camera's bearing made of a number.
enum class Validity {
    True,      ///< filmed square enough, or the bearing is not known
    Corrected, ///< what a camera square on would give, as far as the bearing tells
    Refused    ///< too oblique: no value
};
[[nodiscard]] std::string_view toString(Validity validity);

struct MeasureValue {
    std::string unit;
    std::optional<double> value;
    double u = 0;         ///< standard uncertainty, whole
    double sharedU = 0;   ///< the part of u that all repetitions of the set share: calibration, the camera's place
    double viewU = 0;     ///< the part of sharedU that the camera's place gives (view_spread.h)
    double viewSlope = 0; ///< what a degree more of bearing would change of the value
    std::optional<double> bearingDeg; ///< of the camera it was seen by, where that is known and matters
    Reason reason;                    ///< why there is no value; empty when valid
    Validity validity = Validity::True;
    bool filtered = false; ///< from low-passed coordinates: another cutoff gives another value
    std::vector<Sentence> notes;
    std::vector<double> offsets;          ///< stack: signed offset of each listed point
    std::map<std::string, double> extras; ///< what stands beside it: noise_floor, speed_peaks
    std::vector<BudgetPart> budget;
    std::vector<int> frames; ///< where its marks lie
    std::vector<std::string> landmarks;
    std::vector<std::string> events; ///< events it depends on
    std::string seenIn;              ///< trial of another camera it comes from (joined_views.h); empty: its own

    [[nodiscard]] bool valid() const { return value.has_value(); }
    MADE_ONCE(MeasureValue);
};

/// Measures of one repetition. A cyclic trial has an entry for each cycle, and one (cycle 0) for what it has once.
struct TrialMeasures {
    std::string trial;
    int cycle = 0;                                              ///< from 1; 0: the whole trial
    std::vector<std::pair<std::string, MeasureValue>> measures; ///< in pack order
    [[nodiscard]] const MeasureValue* find(std::string_view id) const;
};

/// Measures that the whole set has once, in pack order.
using SetMeasures = std::vector<std::pair<std::string, MeasureValue>>;

/// One low-pass cutoff (Hz) for all trials of an assessment, model and athlete alike.
struct CutoffChoice {
    double hz = 6;
    bool byDefault = false; ///< no run was long enough for residual analysis
};
[[nodiscard]] CutoffChoice chooseCutoff(const std::vector<const std::vector<Trial>*>& sets);

/// All measures of the pack that a trial has, in every trial of one set; of peak_order also each lag. What the set has
/// once is measured in measure_set.h. Precondition: cutoffHz > 0. A cutoff above 0.45 of a
/// trial's rate makes that trial's filtered measures unavailable, with the reason.
[[nodiscard]] std::vector<TrialMeasures> measureTrials(const Pack& pack, const std::vector<Trial>& trials,
                                                       double cutoffHz);

/// A measure along time, for traces and curves: unfiltered where the kind is instant, at every marked frame.
struct Series {
    std::vector<double> timesS, values;
    Reason reason; ///< why it is empty
};
[[nodiscard]] Series measureSeries(const Pack& pack, const MeasureDef& def, const Trial& trial, double cutoffHz);
/// An instant kind in one frame, whatever its own moment: u from the marks and the scale of this trial alone.
/// Precondition: isInstantKind(def.kind).
[[nodiscard]] MeasureValue measureInFrame(const Pack& pack, const MeasureDef& def, const Trial& trial, int frame,
                                          double cutoffHz);

/// Value of an observation as a number: yes 1, partly 0.5, no 0, else the number itself; none for other words.
[[nodiscard]] std::optional<double> observedValue(const ObservationDef& def, const std::string& word);

} // namespace riflesso
