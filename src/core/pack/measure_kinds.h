#pragma once
// The kinds of measure: one row of one table each. A kind whose row, or whose formula, is missing does not compile.

#include <algorithm>
#include <array>
#include <initializer_list>
#include <optional>
#include <string_view>
#include <type_traits>

namespace riflesso {

enum class Kind {
    Angle,
    Flexion,
    SegmentAngle,
    LineAngle,
    Clock,
    Distance,
    Offset,
    Ratio,
    Stack,
    Speed,
    AngularSpeed,
    Interval,
    PhaseShare,
    TempoRatio,
    Rate,
    CycleLength,
    CycleSpeed,
    Dwell,
    Overlap,
    PeakOrder,
    PathLength,
    Straightness,
    Reversals,
    Steadiness,
    Symmetry,
    Drift,
    Variability,
    Observed,
    Turn,
    Smoothness,
    Brake,
    Difference,
    Change,
    Quotient,
    Surplus,
    Heading,
};

/// Where its value comes from, and with that where its formula stands.
enum class MeasuredBy {
    Places,  ///< where points are in one frame: measure/instant_formulas.h
    Rates,   ///< how places change from frame to frame: there too, differentiated along time
    Timing,  ///< key events alone: measure/measure_moment.cpp
    Cycles,  ///< the cycles of a repetition: measure/measure_cycles.cpp
    Path,    ///< a point's way through a phase: measure/measure_path.cpp
    Set,     ///< other measures, once a set: measure/measure_set.cpp
    Values,  ///< other measures of the same repetition: measure/measure_values.cpp
    Watching ///< what somebody saw
};

/// When a kind is taken.
enum class TakenAt {
    EventOrPhase,  ///< `at` an event, or `over` a phase with a `stat`: it has a value in every frame
    EventOrOver,   ///< `at` an event, or one value `over` a phase (its peak; the way through it)
    ByItsArguments ///< `over` where that is an argument, else no moment
};

/// Views in which it says something, beside those that a pack allows and that show its axis.
enum class ValidIn {
    AllViews,
    NotFromTop,        ///< needs a plumb line
    UprightNotFromTop, ///< where it is counted from the vertical
    SignedFromSide     ///< a joint's bend; of knee, elbow and wrist any view tells how much
};

/// What it asks of the camera.
struct CameraNeeds {
    bool square = false; ///< places in the picture, which change with the camera's bearing
    bool still = false;  ///< a point followed through the picture: nothing where the camera moves
};

/// After what its values come again.
enum class Period { None, Direction, Line, Hours };

/// The picture of it.
enum class Drawn {
    Nothing,
    Joint,      ///< two segments and the arc between them
    Direction,  ///< a segment against the upright, the level or a line
    Lines,      ///< two lines
    Dial,       ///< a clock
    Length,     ///< a line with its length
    Along,      ///< what one point is ahead of, or above, another
    Lengths,    ///< one length over another
    PlumbLine,  ///< how far points lie off it
    Segments,   ///< the segments whose turn is followed
    Way,        ///< a path, and how fast
    WayAndNext, ///< the path and the straight way
    Ways        ///< a path for every point
};

/// What may stand under a key of a kind in a pack, and where it goes in a MeasureDef.
enum class Argument {
    Points,      ///< a list of points: `points`
    OtherPoints, ///< the same: `otherPoints`
    Point,       ///< one, added to `points`
    Reference,   ///< a point from which the first is watched: `relativeTo`
    Groups,      ///< points, pairs or threes: `of`
    Joint,
    Against,
    Flag, ///< undirected, flip, signed
    Near,
    Axis,
    Length,  ///< the unit of length: `in`
    Phase,   ///< `over`
    Event,   ///< from, to
    Part,    ///< phase, and the other phase: of, to_phase
    Measure, ///< of, left, right
    Conditions,
    Observation,
    Limit,  ///< two conditions of an overlap: first, second
    Number, ///< lag_tolerance, below, hysteresis
    Count   ///< last
};
struct ArgumentRow {
    std::string_view key;
    Argument what = Argument::Points;
    bool must = true;
    int least = 1, most = 1; ///< of lists of points
};

/// A list of a fixed size at most, for tables.
template <class T, std::size_t most> struct Few {
    std::array<T, most> list{};
    std::size_t count = 0;
    constexpr Few() = default;
    constexpr Few(std::initializer_list<T> from) : count(from.size()) {
        std::copy(from.begin(), from.end(), list.begin());
    }
    [[nodiscard]] constexpr const T* begin() const { return list.data(); }
    [[nodiscard]] constexpr const T* end() const { return list.data() + count; }
    [[nodiscard]] constexpr std::size_t size() const { return count; }
};

struct KindRow {
    Kind kind;
    std::string_view word; ///< in packs and on screen
    MeasuredBy by;
    TakenAt taken;
    Few<std::string_view, 2> units; ///< empty: those of the measure it is of
    Few<ArgumentRow, 6> arguments;
    ValidIn valid = ValidIn::AllViews;
    CameraNeeds camera = {};
    Period period = Period::None;
    Drawn drawn = Drawn::Nothing;
    /// Its tolerance is the pack's even where a model's spread is known: it counts or grades.
    bool ownTolerance = false;
};

namespace kinds {

using enum Argument;
using By = MeasuredBy;
using At = TakenAt;

constexpr ArgumentRow kIn{"in", Length}, kOver{"over", Phase}, kAxis{"axis", Axis}, kPoint{"point", Point};
constexpr ArgumentRow kRelative{"relative_to", Reference, false};
constexpr CameraNeeds kSquare{true, false}, kSquareAndStill{true, true}, kStill{false, true}, kNothing{};

// clang-format off
constexpr std::array kTable{
    KindRow{Kind::Angle, "angle", By::Places, At::EventOrPhase, {"deg"},
            {{"points", Points, true, 3, 3}}, ValidIn::AllViews, kSquare, Period::None, Drawn::Joint},
    KindRow{Kind::Flexion, "flexion", By::Places, At::EventOrPhase, {"deg"},
            {{"joint", Argument::Joint}, {"points", Points, true, 3, 3}, {"flip", Flag, false}},
            ValidIn::SignedFromSide, kSquare, Period::None, Drawn::Joint},
    KindRow{Kind::SegmentAngle, "segment_angle", By::Places, At::EventOrPhase, {"deg"},
            {{"points", Points, true, 2, 2}, {"against", Against}, {"undirected", Flag, false}},
            ValidIn::UprightNotFromTop, kSquare, Period::Direction, Drawn::Direction},
    KindRow{Kind::LineAngle, "line_angle", By::Places, At::EventOrPhase, {"deg"},
            {{"line", Points, true, 2, 2}, {"against_line", OtherPoints, true, 2, 2}, {"signed", Flag, false}},
            ValidIn::AllViews, kSquare, Period::Line, Drawn::Lines},
    KindRow{Kind::Clock, "clock", By::Places, At::EventOrPhase, {"h"},
            {{"points", Points, true, 2, 2}}, ValidIn::AllViews, kSquare, Period::Hours, Drawn::Dial},
    KindRow{Kind::Distance, "distance", By::Places, At::EventOrPhase, {"m", "body"},
            {{"points", Points, true, 2, 2}, kIn}, ValidIn::AllViews, kSquare, Period::None, Drawn::Length},
    KindRow{Kind::Offset, "offset", By::Places, At::EventOrPhase, {"m", "body"},
            {{"from", Point}, {"to", Point}, kAxis, kIn}, ValidIn::AllViews, kSquare, Period::None, Drawn::Along},
    KindRow{Kind::Ratio, "ratio", By::Places, At::EventOrPhase, {"1"},
            {{"numerator", Points, true, 2, 2}, {"denominator", OtherPoints, true, 2, 2}, {"axis", Axis, false}},
            ValidIn::AllViews, kSquare, Period::None, Drawn::Lengths},
    KindRow{Kind::Stack, "stack", By::Places, At::EventOrPhase, {"m", "body"},
            {{"points", Points, true, 2, 50}, kIn}, ValidIn::NotFromTop, kSquare, Period::None, Drawn::PlumbLine},
    KindRow{Kind::Speed, "speed", By::Rates, At::EventOrPhase, {"m/s", "body/s"},
            {kPoint, kRelative, kIn, {"axis", Axis, false}}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way},
    KindRow{Kind::AngularSpeed, "angular_speed", By::Rates, At::EventOrOver, {"deg/s"},
            {{"points", Points, true, 2, 3}}, ValidIn::AllViews, kSquare, Period::None, Drawn::Segments},
    KindRow{Kind::Interval, "interval", By::Timing, At::ByItsArguments, {"s"}, {{"from", Event}, {"to", Event}}},
    KindRow{Kind::PhaseShare, "phase_share", By::Timing, At::ByItsArguments, {"%"}, {{"phase", Part}, {"of", Part}}},
    KindRow{Kind::TempoRatio, "tempo_ratio", By::Timing, At::ByItsArguments, {"1"}, {{"phase", Part}, {"to_phase", Part}}},
    KindRow{Kind::Rate, "rate", By::Cycles, At::ByItsArguments, {"1/min"}, {}},
    KindRow{Kind::CycleLength, "cycle_length", By::Cycles, At::ByItsArguments, {"m", "body"},
            {kPoint, kIn}, ValidIn::AllViews, kSquareAndStill},
    KindRow{Kind::CycleSpeed, "cycle_speed", By::Cycles, At::ByItsArguments, {"m/s", "body/s"},
            {kPoint, kIn}, ValidIn::AllViews, kSquareAndStill},
    KindRow{Kind::Dwell, "dwell", By::Path, At::ByItsArguments, {"s"},
            {kPoint, kRelative, {"below", Number}, kIn, kOver}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way},
    KindRow{Kind::Overlap, "overlap", By::Path, At::ByItsArguments, {"s"},
            {{"first", Limit}, {"second", Limit}, kOver}, ValidIn::AllViews, kSquare},
    KindRow{Kind::PeakOrder, "peak_order", By::Path, At::ByItsArguments, {"1"},
            {{"of", Groups}, kOver, {"lag_tolerance", Number, false}},
            ValidIn::AllViews, kStill, Period::None, Drawn::Ways, true},
    KindRow{Kind::PathLength, "path_length", By::Path, At::ByItsArguments, {"m", "body"},
            {kPoint, kIn, kOver}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way},
    KindRow{Kind::Straightness, "straightness", By::Path, At::ByItsArguments, {"1"},
            {kPoint, kOver, {"in", Length, false}},
            ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::WayAndNext},
    KindRow{Kind::Reversals, "reversals", By::Path, At::ByItsArguments, {"count"},
            {kPoint, kAxis, {"hysteresis", Number}, kIn, kOver},
            ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way, true},
    KindRow{Kind::Steadiness, "steadiness", By::Path, At::ByItsArguments, {"m", "body"},
            {kPoint, kIn, kOver}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way},
    KindRow{Kind::Symmetry, "symmetry", By::Set, At::ByItsArguments, {"%", "deg"}, {{"left", Measure}, {"right", Measure}}},
    KindRow{Kind::Drift, "drift", By::Set, At::ByItsArguments, {}, {{"of", Measure}, {"last", Count, false}}},
    KindRow{Kind::Variability, "variability", By::Set, At::ByItsArguments, {}, {{"of", Measure}}},
    KindRow{Kind::Observed, "observed", By::Watching, At::ByItsArguments, {"1"},
            {{"observation", Observation}}, ValidIn::AllViews, kNothing, Period::None, Drawn::Nothing, true},
    KindRow{Kind::Turn, "turn", By::Places, At::EventOrPhase, {"deg"},
            {{"line", Points, true, 2, 2}, {"near", Near, false}},
            ValidIn::AllViews, kNothing, Period::None, Drawn::Length},
    KindRow{Kind::Smoothness, "smoothness", By::Path, At::ByItsArguments, {"1"},
            {kPoint, kOver, {"in", Length, false}}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Way},
    KindRow{Kind::Brake, "brake", By::Path, At::ByItsArguments, {"%"},
            {{"lower", Point}, {"upper", Point}, kOver}, ValidIn::AllViews, kSquareAndStill, Period::None, Drawn::Ways},
    KindRow{Kind::Difference, "difference", By::Set, At::ByItsArguments, {}, {{"of", Measure}, {"between", Conditions}}},
    KindRow{Kind::Change, "change", By::Values, At::ByItsArguments, {},
            {{"of", Measure}, {"from", Event}, {"to", Event}}},
    KindRow{Kind::Quotient, "quotient", By::Values, At::ByItsArguments, {"1"}, {{"left", Measure}, {"right", Measure}}},
    KindRow{Kind::Surplus, "surplus", By::Values, At::ByItsArguments, {}, {{"left", Measure}, {"right", Measure}}},
    KindRow{Kind::Heading, "heading", By::Rates, At::EventOrOver, {"deg"},
            {kPoint, kRelative, {"against", Against}}, ValidIn::UprightNotFromTop, kSquareAndStill, Period::Direction, Drawn::Way},
};
// clang-format on

/// Every kind has its row, at its place.
constexpr bool isWhole() {
    for (std::size_t i = 0; i < kTable.size(); ++i)
        if (static_cast<std::size_t>(kTable[i].kind) != i || kTable[i].word.empty())
            return false;
    return kTable.size() == static_cast<std::size_t>(Kind::Heading) + 1;
}
static_assert(isWhole(), "a row for every kind, in the order of the enumeration, whose last one is named here");

/// Whether exactly these kinds are measured so: asked where their formulas stand.
template <MeasuredBy by, Kind... these> constexpr bool areAll() {
    return std::all_of(kTable.begin(), kTable.end(),
                       [](const KindRow& row) { return (row.by == by) == ((row.kind == these) || ...); });
}

} // namespace kinds

[[nodiscard]] constexpr const KindRow& rowOf(Kind kind) { return kinds::kTable[static_cast<std::size_t>(kind)]; }
[[nodiscard]] constexpr std::string_view toString(Kind kind) { return rowOf(kind).word; }
[[nodiscard]] std::optional<Kind> kindFrom(std::string_view text);

/// Whether it has a value in every frame.
[[nodiscard]] constexpr bool isInstantKind(Kind kind) { return rowOf(kind).taken == TakenAt::EventOrPhase; }
[[nodiscard]] constexpr bool isPathKind(Kind kind) { return rowOf(kind).by == MeasuredBy::Path; }
[[nodiscard]] constexpr bool isCycleKind(Kind kind) { return rowOf(kind).by == MeasuredBy::Cycles; }
/// Once a set, from the values of its trials.
[[nodiscard]] constexpr bool isSetKind(Kind kind) { return rowOf(kind).by == MeasuredBy::Set; }
/// What differs from frame to frame is its value: low-passed also where it is taken in one.
[[nodiscard]] constexpr bool isRateKind(Kind kind) { return rowOf(kind).by == MeasuredBy::Rates; }
/// Whether its unit is a length, or it counts in one.
[[nodiscard]] constexpr bool needsLengthUnit(Kind kind) {
    const auto& arguments = rowOf(kind).arguments;
    return std::any_of(arguments.begin(), arguments.end(),
                       [](const ArgumentRow& argument) { return argument.what == Argument::Length && argument.must; });
}

namespace kinds {

template <class T, std::size_t i, MeasuredBy... ways, class Call> T withKindFrom(Kind kind, const Call& call) {
    if constexpr (i == kTable.size()) {
        return T{};
    } else {
        if constexpr (((kTable[i].by == ways) || ...))
            if (kTable[i].kind == kind)
                return call(std::integral_constant<Kind, kTable[i].kind>());
        return withKindFrom<T, i + 1, ways...>(kind, call);
    }
}

} // namespace kinds

/// `call` with the kind as a constant; of kinds measured in one of these ways, others give a `T`. What is called is
/// compiled for each of them, so that one without a formula does not compile.
template <class T, MeasuredBy... ways, class Call> [[nodiscard]] T withKind(Kind kind, const Call& call) {
    return kinds::withKindFrom<T, 0, ways...>(kind, call);
}

} // namespace riflesso
