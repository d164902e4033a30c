#pragma once
// Landmarks, views, sides and roles: who "knee@lead" is for this athlete in this picture.

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// Pixel coordinates: x right, y down, origin at the centre of the top-left pixel of the upright picture.
struct PixelPoint {
    double x = 0;
    double y = 0;
    bool operator==(const PixelPoint&) const = default;
};

enum class View { Side, Front, Rear, Top };
enum class Side { Left, Right };
enum class Axis { Forward, Up, Lateral }; ///< Lateral is written "side": towards the dominant side

[[nodiscard]] inline Side opposite(Side side) { return side == Side::Left ? Side::Right : Side::Left; }
[[nodiscard]] std::string_view toString(View view);
[[nodiscard]] std::string_view toString(Side side);
[[nodiscard]] std::string_view toString(Axis axis);
[[nodiscard]] std::optional<View> viewFrom(std::string_view text);
[[nodiscard]] std::optional<Side> sideFrom(std::string_view text);
[[nodiscard]] std::optional<Axis> axisFrom(std::string_view text);

/// Index (0: X, 1: Y) of an axis after the fold, or none where the view lacks it.
[[nodiscard]] std::optional<int> axisIndex(View view, Axis axis);

/// Sided body parts that a pack may name with a role: "knee" of "knee@lead".
[[nodiscard]] bool isSidedPart(std::string_view part);
/// Anatomical landmark as stored in files: "left_knee", "nose", "neck".
[[nodiscard]] bool isAnatomical(std::string_view name);
/// Derived, never marked: mid_shoulder mid_hip mid_ankle com.
[[nodiscard]] bool isDerived(std::string_view name);
/// Words for a person: "left_knee" gives "left knee".
[[nodiscard]] std::string inWords(std::string_view id);

/// A point as a pack writes it: "knee@lead", "left_knee", "tip", "mid_hip".
struct PointRef {
    std::string part; ///< "knee", "tip", "left_knee"
    std::string role; ///< empty where the point has none
    auto operator<=>(const PointRef&) const = default;
    [[nodiscard]] std::string text() const { return role.empty() ? part : part + "@" + role; }
};

/// How a role is found. `event` is set for front_at and rear_at.
struct RoleRule {
    enum class Kind { Dominant, Other, Left, Right, Near, Far, FrontAt, RearAt };
    Kind kind = Kind::Dominant;
    std::string event;
};

/// Where a camera stood, as far as somebody said, metres: the lens above the floor; from the plane of movement.
struct CameraPlace {
    std::optional<double> heightM, distanceM;
};
constexpr double kMostCameraM = 100; ///< of either

/// What is known of the athlete in one picture; each assumed value is said in the answer.
struct Capture {
    View view = View::Side;
    Side facing = Side::Right; ///< picture side the athlete faces; only a side view needs it
    Side handedness = Side::Right;
    std::optional<double> metresPerPixel;
    double scaleRelativeU = 0; ///< relative standard uncertainty of the scale
    /// Between the camera's axis and the normal of the plane of movement, degrees, unsigned; none: not known, and taken
    /// for 0.
    std::optional<double> bearingDeg;
    double bearingUDeg = 0;     ///< standard uncertainty of it, degrees
    bool movementPlane = false; ///< the marks lie in the calibrated plane of movement: foreshortening is out of them
    double slowMotion = 1;      ///< capture rate / stored rate; > 0
    CameraPlace place = {};
    bool cameraMoves = false; ///< and its movement is not taken out: nothing over time can be measured in lengths
};

/// Standard uncertainty of a bearing that somebody set by hand, and of one that nobody told and that is taken for 0,
/// degrees (own choice).
constexpr double kBearingUDeg = 3, kAssumedSquareUDeg = 15;
constexpr double kMostBearingDeg = 89; ///< that can be said at all: at 90 nothing is seen of the plane of movement
/// Largest bearing that still counts as square, and the largest at which a value is given at all, degrees (own choice).
constexpr double kSquareDeg = 10, kMostObliqueDeg = 60;

/// The side a role means here; none for front_at and rear_at, which a trial's own marks decide.
[[nodiscard]] std::optional<Side> resolveSide(const RoleRule& rule, const Capture& capture);

} // namespace riflesso
