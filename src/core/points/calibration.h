#pragma once
// From pixels to a plane in metres: lens distortion taken out, four or more known points, and what they leave unsure.

#include "core/points/trial.h"
#include "core/result.h"

#include <array>

namespace riflesso {

/// Radial and tangential distortion of a lens, the usual five terms. Lengths in pixels.
struct Lens {
    double focalX = 0, focalY = 0; ///< > 0
    PixelPoint centre;
    double k1 = 0, k2 = 0, p1 = 0, p2 = 0, k3 = 0;
};
/// Where the point would lie in a picture without distortion, same focal length and centre. Solved by iteration; none
/// where the distortion folds over (far outside the picture).
[[nodiscard]] std::optional<PixelPoint> undistorted(const Lens& lens, PixelPoint at);

/// `x_px,y_px,x_m,y_m[,sigma_px]`: seen there, and lies there in the plane.
struct KnownPoint {
    PixelPoint at;
    double xM = 0, yM = 0;
    double sigmaPx = 1; ///< standard uncertainty of each coordinate; > 0
};
[[nodiscard]] Result<std::vector<KnownPoint>> readKnownPoints(std::string_view text, std::string_view name);

/// Which plane the known points lie in.
enum class PlaneOf {
    Movement, ///< x to the right in the picture, y up: angles and lengths are taken in it
    Floor     ///< x to the right, y away from the camera: only lengths between points that touch it
};

struct InPlane {
    double xM = 0, yM = 0;
    double uM = 0; ///< standard uncertainty along the worse axis, from the known points alone
};

/// 3 x 3, row by row: maps points of one plane to another.
using PlaneMap = std::array<double, 9>;

class Plane {
public:
    /// Least squares in the plane (homography). Four to 200 points, no three of four in a line; the plane's axes as in
    /// PlaneOf, so a mirrored one is bad input.
    [[nodiscard]] static Result<Plane> solve(const std::vector<KnownPoint>& points, PlaneOf of);

    [[nodiscard]] PlaneOf of() const { return of_; }
    /// None on or beyond the horizon of the plane.
    [[nodiscard]] std::optional<InPlane> at(PixelPoint pixel) const;
    /// RMS of the residuals, 2n - 8 degrees of freedom, metres. None for four points: no check possible.
    [[nodiscard]] std::optional<double> residualM() const { return residualM_; }
    /// Metres a pixel at a place: square root of the area a pixel covers.
    [[nodiscard]] double metresPerPixelAt(PixelPoint pixel) const;
    /// Relative standard uncertainty of lengths there, from the known points.
    [[nodiscard]] double scaleRelativeUAt(PixelPoint pixel) const;
    /// Pixels to metres; last entry 1, or -1 where the picture's corner lies beyond the plane's horizon.
    [[nodiscard]] const PlaneMap& map() const { return toPlane_; }

private:
    PlaneOf of_ = PlaneOf::Movement;
    PlaneMap toPlane_{1, 0, 0, 0, 1, 0, 0, 0, 1};
    std::vector<PlaneMap> moved_; ///< solved again with one coordinate of one point off by its u
    std::optional<double> residualM_;
};

/// The trial as an ideal camera would have seen it: no lens distortion, square on to the plane, one scale throughout,
/// so that every measure is taken in the plane. Marks keep their uncertainty, carried through; the known points' own
/// goes into the scale. In a floor plane only toes, heels and the pack's own points are kept: what else does not touch
/// it. Marks beyond the horizon are left out.
[[nodiscard]] Trial inPlane(const Trial& trial, const Plane& plane);
/// Lens distortion taken out of every mark.
[[nodiscard]] Trial withoutDistortion(const Trial& trial, const Lens& lens);
/// {"fx":…,"fy":…,"cx":…,"cy":…,"k1":…,"k2":…,"p1":…,"p2":…,"k3":…}; terms of distortion may be left out.
[[nodiscard]] Result<Lens> readLens(std::string_view text, std::string_view name);

/// Relative u of a length that lies off the calibrated plane: depth offset / camera distance.
[[nodiscard]] inline double offPlaneRelativeU(double depthOffsetM, double cameraDistanceM) {
    return depthOffsetM / cameraDistanceM;
}

} // namespace riflesso
