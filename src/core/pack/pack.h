#pragma once
// A skill pack: everything about one skill. Value types only; pack_reader.h reads them from JSON.

#include "core/made_once.h"
#include "core/pack/measure_kinds.h"
#include "core/person/limits.h"
#include "core/points/landmark.h"

#include <cstdint>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace riflesso {

enum class Family { Discrete, Cyclic, Steady };

enum class Stat { None, Maximum, Minimum, Range, Mean };
enum class Joint { Knee, Elbow, Hip, Ankle, Wrist, Shoulder, Trunk, Neck };
enum class Level { Foot, Ankle, Knee, Hip, Trunk, Shoulder, Arm, Elbow, Wrist, Hand, Head, Implement, Whole };
enum class Stage { Position, Shadow, Aid, SingleFeed, VariedFeed, Routine, Scored, Competition };
enum class Stress { Calm, Fed, Machine, Surprise, Live, Scored, Competition };
enum class Caution { None, Note, Caution, Stop };
enum class Direction { None, Below, Above, Either };

[[nodiscard]] std::string_view toString(Stat stat);
[[nodiscard]] std::string_view toString(Level level);
[[nodiscard]] std::string_view toString(Stage stage);
[[nodiscard]] std::string_view toString(Stress stress);
[[nodiscard]] std::string_view toString(Caution caution);
[[nodiscard]] std::string_view toString(Direction direction);
[[nodiscard]] std::string_view toString(Family family);
[[nodiscard]] std::optional<Stress> stressFrom(std::string_view text);

/// Length unit of a measure: metres, or the length between two points of the pack.
struct LengthUnit {
    bool metres = false;
    PointRef a, b; ///< set when not metres
};

/// A limit that holds while `axis` of (to - from) is above `above`; used by `overlap`.
struct OverlapCondition {
    PointRef from, to;
    Axis axis = Axis::Forward;
    double above = 0;
    LengthUnit in;
};

/// Most that segments may be said to leave the plane of movement by, standard deviation in degrees.
constexpr double kMostOutOfPlaneDeg = 45;

struct MeasureDef {
    std::string id, title, about;
    Kind kind = Kind::Angle;
    std::string unit; ///< deg h m body 1 m/s body/s deg/s s % 1/min count
    double tolerance = 0;
    std::optional<double> outOfPlaneDeg; ///< of its own segments; none: the pack's
    std::string source;                  ///< id in the pack's sources
    Level level = Level::Whole;
    std::vector<View> views; ///< empty: all views of the pack
    std::string praise, tradeWith;

    std::vector<PointRef> points;       ///< points, or [from, to] of an offset, or [point]
    std::vector<PointRef> otherPoints;  ///< against_line, denominator
    std::optional<PointRef> relativeTo; ///< the point from which the first is watched; none: the camera
    std::string at, over;               ///< event, phase
    Stat stat = Stat::None;
    std::optional<Joint> joint;
    std::string against; ///< horizontal, vertical or a line's id
    bool undirected = false, flip = false, isSigned = true;
    std::optional<Axis> axis;
    std::optional<Side> near; ///< turn: the side nearer to the camera
    LengthUnit in;
    std::string fromEvent, toEvent;        ///< interval
    std::string phase, otherPhase;         ///< phase_share (of), tempo_ratio (to_phase)
    std::vector<std::vector<PointRef>> of; ///< peak_order
    std::string ofMeasure, leftMeasure, rightMeasure, observation;
    double lagTolerance = 0, below = 0, hysteresis = 0;
    int last = 0;
    std::vector<OverlapCondition> overlap;
    std::vector<std::string> conditions; ///< difference: the two conditions compared
    /// Period of a wrapped kind (360 degrees, 180 undirected, 12 h), 0 for others.
    [[nodiscard]] double period() const;
    MADE_ONCE(MeasureDef);
};

/// `suggest` of an event: the feature of a signal by which it can be proposed.
struct EventRule {
    enum class Feature { Maximum, Minimum, Rise, Fall, Start, Stop };
    MeasureDef signal; ///< an instant kind, without a moment
    Feature feature = Feature::Maximum;
    double level = 0;          ///< crossed by rise and fall, in the signal's unit
    double share = 0.25;       ///< start and stop: of the peak rate
    std::string after, before; ///< events that bound the search; empty: the repetition's ends
};
struct EventDef {
    std::string id, title, hint;
    std::vector<PointRef> by; ///< points whose movement carries it over; empty: all marked ones
    std::optional<EventRule> rule;
    bool optional = false; ///< a repetition without it is whole
};
/// From one event to another, or (`window`) so much time round one: then `from` and `to` are both that event.
struct PhaseDef {
    std::string id, title, from, to;
    bool window = false;
    double beforeS = 0, afterS = 0; ///< of a window: it starts so long before the event, and ends so long after it
};
struct LineDef {
    std::string id, title;
    PointRef a, b;
};
struct OwnPoint {
    std::string id, title;
    std::optional<PointRef> on;
};

enum class ObservationType { YesPartlyNo, Choice, Scale, Count, Number };
struct ObservationDef {
    std::string id, title, ask;
    ObservationType type = ObservationType::YesPartlyNo;
    std::vector<std::string> values;
    std::string unit;
    double tolerance = 0;
    Level level = Level::Whole;
    std::vector<View> views = {};           ///< from which it can be seen; empty: all
    std::vector<std::string> variants = {}; ///< forms in which it is asked; empty: all
};

enum class ResultType { Choice, Number, Zone, Count };
struct ResultDef {
    std::string id, title;
    ResultType type = ResultType::Choice;
    std::vector<std::string> values, good;
    std::string unit;
    bool higherIsBetter = true;
    double matters = 0;
};

struct Condition {
    enum class Subject { Measure, Observation, Variant, Situation };
    Subject subject = Subject::Measure;
    std::string id; ///< measure (also a lag, "order.lag.1"), observation, variant, or one of the pack's conditions
    Direction direction = Direction::None;
    double weight = 1;
    std::vector<std::string> values; ///< choice observation, condition: it holds where one of them was noted
    /// Variant: it holds where the chosen form fits as this says; none: where it is the chosen one.
    std::optional<bool> fits = false;
};

/// `when` of a fault: a list (weighted mean) or a group; members may be groups.
struct ConditionTree {
    enum class Shape { Leaf, Mean, All, Any };
    Shape shape = Shape::Mean;
    Condition leaf;
    std::vector<ConditionTree> members;
    std::vector<ConditionTree> unless; ///< each multiplies the degree by 1 minus its own
    double weight = 1;
    MADE_ONCE(ConditionTree);
};

struct CauseDef {
    std::string fault; ///< empty for a cause outside the movement
    std::string kind;  ///< capacity, equipment, habit, earlier advice
    std::string title; ///< of a cause outside the movement
    double weight = 0;
    std::string because;
};

struct FaultDef {
    std::string id, title, explain, phase, see, notThis;
    Level level = Level::Whole;
    double effect = 0;                ///< 0..1
    std::vector<LimitRule> limitedBy; ///< limits that make it a changed target
    ConditionTree when;
    std::vector<CauseDef> causes;
    Caution safety = Caution::None;
    std::string safetyText;
    MADE_ONCE(FaultDef);
};

struct Dose {
    int sets = 0, repetitions = 0, minutes = 0;
};
struct DrillDef {
    std::string id, title, cue, good, why, wrong, feels, feeding, easier, harder;
    Stage stage = Stage::Position;
    Stress stress = Stress::Calm;
    Dose dose;
    std::vector<std::string> needs, cautions;
    std::vector<LimitRule> notFor; ///< limits that keep it away from an athlete
    bool partner = false;
    std::map<std::string, std::string> conditions; ///< of the pack's, under which it is practised
    MADE_ONCE(DrillDef);
};
/// Keys of `for`: level, age band, variant, format, distance; of a range also conditions of the pack.
using ForWhom = std::map<std::string, std::string>;
/// The key of a condition of the pack in it, and back; empty where it is another.
[[nodiscard]] std::string forCondition(const std::string& condition);
[[nodiscard]] std::string_view conditionIn(std::string_view key);

struct LadderDef {
    std::string fault;
    std::vector<std::string> rungs;
    ForWhom forWhom;
};
struct RangeDef {
    std::string measure;
    std::optional<double> low, high;
    std::string source;
    ForWhom forWhom;
};
struct ProfileDef {
    std::string id, title;
    std::vector<std::string> faults;
};
struct VariantDef {
    std::string id, title, fitsWhen;
    std::vector<RangeDef> ranges;
    std::vector<std::string> events;   ///< key events that this form has; empty: all
    std::vector<PointRef> marked = {}; ///< points that it is marked by; empty: the pack's
};
struct DisputeDef {
    struct Position {
        std::string id, title, because;
        std::vector<RangeDef> ranges;      ///< in the place of the pack's for the same measure
        std::vector<std::string> leaveOut; ///< faults that are none to whoever takes it
        std::vector<LadderDef> ladders;    ///< in the place of the pack's for the same fault
    };
    std::string id, question;
    std::vector<Position> positions;
    MADE_ONCE(DisputeDef);
};

struct Pack {
    std::string id, edition, title, about;
    std::string group;              ///< under which it stands among many, such as "Racket sports"
    std::vector<std::string> words; ///< by which it is found beside its title: sports, the body, what is filmed
    Family family = Family::Discrete;
    std::vector<View> views;
    std::map<std::string, std::string> sources;
    std::map<std::string, RoleRule> roles;
    std::vector<OwnPoint> points;
    std::vector<LineDef> lines;
    std::vector<PointRef> marked;
    std::vector<EventDef> events;
    std::vector<PhaseDef> phases;
    /// How far the segments of a body leave the plane of movement, standard deviation in degrees (own choice).
    double outOfPlaneDeg = 8;
    std::string cycleEnd; ///< single_cycles.h: the event that is the next cycle's start; else empty
    std::vector<MeasureDef> measures;
    std::vector<ObservationDef> observations;
    std::vector<ResultDef> results;
    std::map<std::string, std::vector<std::string>> conditions; ///< free situation tags; "where" in each pack
    std::vector<VariantDef> variants;
    std::vector<FaultDef> faults;
    std::vector<DrillDef> drills;
    std::vector<LadderDef> ladders;
    std::vector<ProfileDef> profiles;
    std::vector<DisputeDef> disputes;
    std::vector<RangeDef> ranges;

    [[nodiscard]] const MeasureDef* measure(std::string_view id) const;
    [[nodiscard]] const PhaseDef* phase(std::string_view id) const;
    [[nodiscard]] const EventDef* event(std::string_view id) const;
    [[nodiscard]] const FaultDef* fault(std::string_view id) const;
    [[nodiscard]] const DrillDef* drill(std::string_view id) const;
    [[nodiscard]] const LineDef* line(std::string_view id) const;
    [[nodiscard]] const ObservationDef* observation(std::string_view id) const;
    [[nodiscard]] const VariantDef* variant(std::string_view id) const;
    /// Whether a form of the skill has a key event; one that is not known has all.
    [[nodiscard]] bool hasEvent(std::string_view variant, std::string_view event) const;
    /// Whether a repetition of a form is whole only with it.
    [[nodiscard]] bool needsEvent(std::string_view variant, std::string_view event) const;
    /// Whether an observation is asked of a form seen from a view; of a form that is not known it is.
    [[nodiscard]] bool asksFor(const ObservationDef& observation, std::string_view variant, View view) const;
    /// The points that a form is marked by.
    [[nodiscard]] const std::vector<PointRef>& markedBy(std::string_view variant) const;
    [[nodiscard]] const LadderDef* ladder(std::string_view fault) const;
    /// Position of an event in the pack's order, or -1.
    [[nodiscard]] int eventIndex(std::string_view id) const;
    /// What can be judged: the measures, each peak_order followed by its lags ("order.lag.1", in s, with
    /// lag_tolerance).
    [[nodiscard]] std::vector<MeasureDef> judged() const;
    /// One of these by its id, with its own title, unit and tolerance; nothing where no measure has it.
    [[nodiscard]] std::optional<MeasureDef> judgedAs(std::string_view id) const;
    /// Title of a measure, and of a lag: "order.lag.1" is "Peak of the second after that of the first".
    [[nodiscard]] std::string measureTitle(std::string_view id) const;
    MADE_ONCE(Pack);
};

/// The measure a condition names: "order.lag.1" belongs to "order".
[[nodiscard]] std::string_view baseMeasure(std::string_view id);

} // namespace riflesso
