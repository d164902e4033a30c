#pragma once
// Rectangles of known size that venues have, for calibrating a plane by its corners.

#include "core/points/calibration.h"

#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

struct VenueRectangle {
    std::string_view id, title;
    double longM = 0, shortM = 0; ///< outer edges of the lines, metres
    std::string_view source;
};
/// Dimensions as the sports' federations publish them, from memory: measure where it matters.
[[nodiscard]] const std::vector<VenueRectangle>& venueRectangles();
[[nodiscard]] const VenueRectangle* venueRectangle(std::string_view id);

/// A point to be clicked, and where it lies in the plane (PlaneOf says which way x and y run).
struct AskedPoint {
    std::string words; ///< "near left corner"
    double xM = 0, yM = 0;
};
/// Corners in the order round the rectangle, then the middles of two sides, which make a check possible. widthM runs to
/// the right in the picture, heightM up (plane of movement) or away from the camera (floor).
[[nodiscard]] std::vector<AskedPoint> pointsOfRectangle(PlaneOf of, double widthM, double heightM);

/// Between the camera's axis, laid on the floor, and the floor's y axis: degrees, 0..180. The bearing of a movement
/// along x. None where the middle of the picture does not meet the floor and nothing below it does.
[[nodiscard]] std::optional<double> bearingOnFloor(const Plane& floor, int width, int height);

} // namespace riflesso
