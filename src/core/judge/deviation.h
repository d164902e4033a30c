#pragma once
// Reference, tolerance, deviation: how far each repetition and the whole set lie from the model.

#include "core/measure/measure.h"
#include "core/uncertainty/stats.h"

#include <optional>
#include <string>
#include <vector>

namespace riflesso {

enum class State { Within, Possible, Clear };
[[nodiscard]] std::string_view toString(State state);

/// Where a measure should be. A range has low or high or both; a model has a mean.
struct Reference {
    enum class Source { None, Pack, File, Model, Target };
    Source source = Source::None;
    std::optional<double> low, high;
    std::optional<double> modelMean;
    double modelVariance = 0; ///< less the mean u² of its trials, not below 0
    double modelSharedU = 0;  ///< what all repetitions share of the model's own doubt
    int modelTrials = 0;      ///< valid ones
    int performers = 0;
    std::string provenance; ///< source of a range, or who the model is
};
[[nodiscard]] std::string_view toString(Reference::Source source);

/// Whether cameras stood in the same place, as far as their bearings tell: within 5 degrees (own choice).
[[nodiscard]] bool sameBearings(const std::vector<double>& degrees);

/// k = t(0.975, m - 1) sqrt(1 + 1/m) for m model trials; m >= 2.
[[nodiscard]] double toleranceFactor(int modelTrials);

struct Tolerance {
    double value = 0;
    bool modelTooVariable = false; ///< held at twice the pack's tolerance
};
[[nodiscard]] Tolerance toleranceOf(const MeasureDef& def, const Reference& reference);

/// Signed distance from the reference: 0 inside a range, wrapped for wrapped kinds. Precondition: source not None.
[[nodiscard]] double deviationFrom(const MeasureDef& def, const Reference& reference, double value);

/// What each repetition of a set is held against: one reference for all, or one for each form of the skill
/// and each condition that the ranges tell apart.
struct References {
    Reference common;
    std::map<std::string, Reference> ofForm;   ///< by form
    std::map<std::string, std::string> formOf; ///< by trial, where it is of a form with a reference of its own
    References(Reference one = {}) : common(std::move(one)) {} // NOLINT(google-explicit-constructor): the usual case
    [[nodiscard]] const Reference& of(const std::string& trial) const {
        const auto form = formOf.find(trial);
        return form == formOf.end() ? common : ofForm.at(form->second);
    }
};

struct RepetitionDeviation {
    std::string trial; ///< empty: the set has this value once
    int cycle = 0;     ///< of a cyclic trial, from 1; 0: the trial has it once
    double value = 0, deviation = 0, u = 0, tolerance = 0;
    State state = State::Within;
};

struct SetDeviation {
    std::string measure, unit;
    Reference reference;            ///< the one that most repetitions are held against
    bool severalReferences = false; ///< each repetition by that of its own form
    double median = 0, deviation = 0, tolerance = 0, expandedU = 0, z = 0;
    double spread = 0;               ///< SD of the deviations
    double viewU = 0, viewSlope = 0; ///< the camera's place: its part of the u of the median, and what a degree changes
    std::optional<double> bearingDeg; ///< of all repetitions, where it is known and alike (within 5 degrees)
    State state = State::Within;
    Direction direction = Direction::None;
    int outside = 0; ///< repetitions with |d| above the tolerance
    Interval outsideInterval;
    bool resolvable = false, strength = false;
    bool modelCalmer = false; ///< the set reacts or is scored, and its model was filmed at an easier level
    Sentence note;
    std::vector<RepetitionDeviation> repetitions;

    /// The deviation that covers a repetition: its own, its trial's, or the set's.
    [[nodiscard]] const RepetitionDeviation* of(std::string_view trial, int cycle = 0) const;
};

/// What else decides which range of the pack holds: level, age, variant, format, distance.
using Situation = std::map<std::string, std::string>;

/// The pack's range for a measure in this situation: of those whose whole `for` matches the one with most entries, the
/// first of equals; one without a `for` where none does.
[[nodiscard]] const RangeDef* rangeFor(const std::vector<RangeDef>& ranges, std::string_view measure,
                                       const Situation& situation);

/// Reference of one measure: model trials before a file's range before the pack's.
[[nodiscard]] Reference referenceOf(const Pack& pack, const MeasureDef& def, const std::vector<RangeDef>* fileRanges,
                                    const std::vector<Trial>& modelTrials,
                                    const std::vector<TrialMeasures>& modelMeasures, const Situation& situation);

/// A coach's own target for a measure, in this situation; source None where there is none.
[[nodiscard]] Reference targetReference(const std::vector<RangeDef>& targets, std::string_view measure,
                                        const Situation& situation);

/// Whether every entry of a `for` holds in the situation.
[[nodiscard]] bool fits(const ForWhom& forWhom, const Situation& situation);

/// Deviation of a set of repetitions, each from its own reference; one without a reference plays no part. None without
/// a valid value.
[[nodiscard]] std::optional<SetDeviation> setDeviation(const MeasureDef& def, const References& references,
                                                       const std::vector<TrialMeasures>& measures);

} // namespace riflesso
