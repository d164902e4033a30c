#include "core/points/calibration.h"

#include "core/points/homography.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "core/uncertainty/stats.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

using Eigen::Matrix3d;
using Eigen::Vector2d;
using Eigen::Vector3d;

constexpr std::size_t kFewestPoints = 4, kMostPoints = 200;

Vector2d mapped(const Matrix3d& h, const Vector2d& p) { return (h * p.homogeneous()).hnormalized(); }

using RowByRow = Eigen::Matrix<double, 3, 3, Eigen::RowMajor>;
Matrix3d matrixOf(const PlaneMap& map) { return Eigen::Map<const RowByRow>(map.data()); }
PlaneMap mapOf(const Matrix3d& matrix) {
    PlaneMap map;
    Eigen::Map<RowByRow>(map.data()) = matrix;
    return map;
}

Eigen::Matrix2d derivativeOf(const Matrix3d& h, PixelPoint at) {
    const Vector3d q = h * Vector3d(at.x, at.y, 1);
    Eigen::Matrix2d j;
    for (int axis = 0; axis < 2; ++axis)
        for (int in = 0; in < 2; ++in)
            j(axis, in) = (h(axis, in) * q.z() - q[axis] * h(2, in)) / (q.z() * q.z());
    return j;
}

bool touchesFloor(const std::string& landmark) {
    return landmark.ends_with("_toe") || landmark.ends_with("_heel") || !isAnatomical(landmark);
}

} // namespace

std::optional<PixelPoint> undistorted(const Lens& lens, PixelPoint at) {
    const double x0 = (at.x - lens.centre.x) / lens.focalX, y0 = (at.y - lens.centre.y) / lens.focalY;
    double x = x0, y = y0;
    constexpr int kMost = 100;
    constexpr double kClose = 1e-12;
    for (int i = 0; i < kMost; ++i) {
        const double r2 = x * x + y * y;
        const double radial = 1 + r2 * (lens.k1 + r2 * (lens.k2 + r2 * lens.k3));
        if (!(radial > 0))
            return {};
        const double nextX = (x0 - 2 * lens.p1 * x * y - lens.p2 * (r2 + 2 * x * x)) / radial;
        const double nextY = (y0 - lens.p1 * (r2 + 2 * y * y) - 2 * lens.p2 * x * y) / radial;
        const double moved = std::hypot(nextX - x, nextY - y);
        x = nextX;
        y = nextY;
        if (moved < kClose)
            return PixelPoint{x * lens.focalX + lens.centre.x, y * lens.focalY + lens.centre.y};
    }
    return {};
}

Result<std::vector<KnownPoint>> readKnownPoints(std::string_view text, std::string_view name) {
    const auto table = readNumbers(text, name, {"x_px", "y_px", "x_m", "y_m"}, {"sigma_px"});
    if (!table)
        return table.error();
    std::vector<KnownPoint> out;
    for (const auto& [place, values] : table->rows) {
        constexpr double kLargest = 1e6;
        for (std::size_t c = 0; c < 4; ++c)
            if (std::abs(*values[c]) > kLargest)
                return badInput(place, "coordinates within a million", std::to_string(*values[c]));
        const KnownPoint point{{*values[0], *values[1]}, *values[2], *values[3], values[4].value_or(1)};
        if (!(point.sigmaPx > 0 && point.sigmaPx <= kLargest))
            return badInput(place, "more than 0 in sigma_px, and at most a million", std::to_string(point.sigmaPx));
        out.push_back(point);
    }
    if (out.size() < kFewestPoints || out.size() > kMostPoints)
        return badInput(std::string(name), "4 to 200 known points", std::to_string(out.size()));
    return out;
}

Result<Plane> Plane::solve(const std::vector<KnownPoint>& points, PlaneOf of) {
    if (points.size() < kFewestPoints || points.size() > kMostPoints)
        return badInput("known points", "4 to 200 of them", std::to_string(points.size()));
    std::vector<Vector2d> from, to;
    for (const KnownPoint& point : points) {
        from.emplace_back(point.at.x, point.at.y);
        to.emplace_back(point.xM, point.yM);
    }
    const auto solved = homographyOf(from, to);
    if (!solved)
        return badInput("known points", "points of which no three lie in a line",
                        "points in a line, or twice the same");
    Plane out;
    out.of_ = of;
    // The corner of the picture, where the last entry is 1, may lie beyond the horizon: a floor's mostly does.
    const auto onThisSide = [&](const Matrix3d& h) -> Matrix3d {
        return (h * from[0].homogeneous()).z() < 0 ? Matrix3d(-h) : h;
    };
    const Matrix3d toPlane = onThisSide(*solved);
    out.toPlane_ = mapOf(toPlane);
    double squares = 0;
    for (std::size_t i = 0; i < from.size(); ++i) {
        const double w = (toPlane * from[i].homogeneous()).z();
        if (!(w > 0))
            return badInput("known point " + std::to_string(i + 1), "all points on one side of the plane's horizon",
                            "points in another order than in the plane");
        // The picture's y runs down, the plane's up (or away): seen from its right side the area changes sign.
        if (derivativeOf(toPlane, points[i].at).determinant() > 0)
            return badInput("known points", "x to the right and y up (or away) as seen in the picture",
                            "a mirrored plane");
        squares += (mapped(toPlane, from[i]) - to[i]).squaredNorm();
    }
    if (points.size() > kFewestPoints)
        out.residualM_ = std::sqrt(squares / (2 * static_cast<double>(points.size()) - 8));
    for (std::size_t i = 0; i < from.size(); ++i)
        for (int axis = 0; axis < 2; ++axis) {
            std::vector<Vector2d> moved = from;
            moved[i][axis] += points[i].sigmaPx;
            if (const auto again = homographyOf(moved, to))
                out.moved_.push_back(mapOf(onThisSide(*again)));
        }
    return out;
}

std::optional<InPlane> Plane::at(PixelPoint pixel) const {
    const Vector2d p(pixel.x, pixel.y);
    const Matrix3d toPlane = matrixOf(toPlane_);
    if (!((toPlane * p.homogeneous()).z() > 0))
        return {};
    const Vector2d here = mapped(toPlane, p);
    Eigen::Matrix2d spread = Eigen::Matrix2d::Zero();
    for (const PlaneMap& other : moved_) {
        const Vector2d change = mapped(matrixOf(other), p) - here;
        spread += change * change.transpose();
    }
    // The larger eigenvalue of a symmetric 2 x 2 matrix.
    const double largest =
        (spread(0, 0) + spread(1, 1)) / 2 + std::hypot((spread(0, 0) - spread(1, 1)) / 2, spread(0, 1));
    return InPlane{here.x(), here.y(), std::sqrt(std::max(0.0, largest))};
}

double Plane::metresPerPixelAt(PixelPoint pixel) const {
    return std::sqrt(std::abs(derivativeOf(matrixOf(toPlane_), pixel).determinant()));
}

double Plane::scaleRelativeUAt(PixelPoint pixel) const {
    const double here = metresPerPixelAt(pixel);
    double squares = 0;
    for (const PlaneMap& other : moved_) {
        const double change = std::sqrt(std::abs(derivativeOf(matrixOf(other), pixel).determinant())) / here - 1;
        squares += change * change;
    }
    return std::sqrt(squares);
}

Trial inPlane(const Trial& trial, const Plane& plane) {
    Trial out = trial;
    std::vector<double> x, y;
    for (const auto& [landmark, marks] : trial.marks)
        for (const auto& [frame, mark] : marks)
            if (plane.at(mark.at)) {
                x.push_back(mark.at.x);
                y.push_back(mark.at.y);
            }
    if (x.empty())
        return out;
    const PixelPoint middle{median(x), median(y)};
    const double metres = plane.metresPerPixelAt(middle);
    out.marks.clear();
    for (const auto& [landmark, marks] : trial.marks) {
        if (plane.of() == PlaneOf::Floor && !touchesFloor(landmark))
            continue;
        for (const auto& [frame, mark] : marks)
            if (const auto at = plane.at(mark.at)) {
                Mark moved = mark;
                moved.at = {at->xM / metres, -at->yM / metres};
                moved.sigmaPx =
                    mark.sigmaPx * derivativeOf(matrixOf(plane.map()), mark.at).norm() / std::sqrt(2.0) / metres;
                out.marks[landmark][frame] = moved;
            }
    }
    out.capture.movementPlane = plane.of() == PlaneOf::Movement;
    if (plane.of() == PlaneOf::Floor) { // lengths on the floor are theirs from anywhere
        out.capture.bearingDeg.reset();
        out.capture.bearingUDeg = 0;
    }
    out.capture.metresPerPixel = metres;
    out.capture.scaleRelativeU = plane.scaleRelativeUAt(middle);
    return out;
}

Trial withoutDistortion(const Trial& trial, const Lens& lens) {
    Trial out = trial;
    for (auto& [landmark, marks] : out.marks)
        for (auto entry = marks.begin(); entry != marks.end();) {
            const auto at = undistorted(lens, entry->second.at);
            if (at)
                entry->second.at = *at;
            entry = at ? std::next(entry) : marks.erase(entry);
        }
    return out;
}

Result<Lens> readLens(std::string_view text, std::string_view name) {
    constexpr std::size_t kMostBytes = 1 << 16;
    constexpr double kLongest = 1e6, kStrongest = 100;
    std::vector<JsonFault> faults;
    Lens lens;
    if (const auto json = parseJson(text, kMostBytes, faults)) {
        const JsonNode node(*json, "$", faults);
        if (node.expectObject({"fx", "fy", "cx", "cy", "k1", "k2", "p1", "p2", "k3"})) {
            lens.focalX = node.requiredNumber("fx", 1, kLongest);
            lens.focalY = node.requiredNumber("fy", 1, kLongest);
            lens.centre = {node.requiredNumber("cx", -kLongest, kLongest),
                           node.requiredNumber("cy", -kLongest, kLongest)};
            lens.k1 = node.number("k1", 0, -kStrongest, kStrongest);
            lens.k2 = node.number("k2", 0, -kStrongest, kStrongest);
            lens.p1 = node.number("p1", 0, -kStrongest, kStrongest);
            lens.p2 = node.number("p2", 0, -kStrongest, kStrongest);
            lens.k3 = node.number("k3", 0, -kStrongest, kStrongest);
        }
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return lens;
}

} // namespace riflesso
