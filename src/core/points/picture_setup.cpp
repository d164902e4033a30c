#include "core/points/picture_setup.h"

#include "core/degrees.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

void steadied(Trial& trial, const CameraMotion& motion) {
    for (auto& [landmark, marks] : trial.marks)
        for (auto entry = marks.begin(); entry != marks.end();) {
            const auto at = motion.steady(entry->first, entry->second.at);
            if (at) {
                entry->second.at = *at;
                entry->second.sigmaPx = std::hypot(entry->second.sigmaPx, motion.steps.at(entry->first).uPx);
            }
            entry = at ? std::next(entry) : marks.erase(entry);
        }
}

void rolled(Trial& trial, double degrees, PixelPoint middle) {
    const double c = std::cos(degrees / kDegrees), s = std::sin(degrees / kDegrees);
    for (auto& [landmark, marks] : trial.marks)
        for (auto& [frame, mark] : marks) {
            const double x = mark.at.x - middle.x, y = mark.at.y - middle.y;
            mark.at = {middle.x + c * x - s * y, middle.y + s * x + c * y}; // y down: clockwise as seen
        }
}

} // namespace

std::optional<double> rollDeg(const PlumbLine& line) {
    // From the upper to the lower end; 0 when it hangs straight down.
    PixelPoint upper = line.upper, lower = line.lower;
    if (lower.y < upper.y)
        std::swap(upper, lower);
    const double x = lower.x - upper.x, y = lower.y - upper.y;
    if (std::hypot(x, y) < 2 || std::abs(x) > y)
        return {};
    return std::atan2(x, y) * kDegrees;
}

double rollU(const PlumbLine& line, double sigmaPx) {
    const double length = std::hypot(line.upper.x - line.lower.x, line.upper.y - line.lower.y);
    return length > 0 ? std::numbers::sqrt2 * sigmaPx / length * kDegrees : 0;
}

std::optional<PixelPoint> CameraMotion::steady(int frame, PixelPoint at) const {
    const auto step = steps.find(frame);
    if (step == steps.end())
        return {};
    const std::array<double, 9>& m = step->second.map;
    const double w = m[6] * at.x + m[7] * at.y + m[8];
    constexpr double kHorizon = 1e-9;
    if (std::abs(w) < kHorizon)
        return {};
    return PixelPoint{(m[0] * at.x + m[1] * at.y + m[2]) / w, (m[3] * at.x + m[4] * at.y + m[5]) / w};
}

Trial straightened(Trial trial, const PictureSetup& setup, int width, int height) {
    const bool moves = setup.motion.has_value();
    trial.capture.cameraMoves = setup.camera == CameraHold::Moves && !moves;
    if (setup.lens)
        trial = withoutDistortion(trial, *setup.lens);
    if (moves)
        steadied(trial, *setup.motion);
    // What was clicked in a frame goes the way of the marks.
    const auto asMarked = [&](int frame, PixelPoint at) -> std::optional<PixelPoint> {
        const auto flat = setup.lens ? undistorted(*setup.lens, at) : std::optional(at);
        return flat && moves ? setup.motion->steady(frame, *flat) : flat;
    };
    if (setup.plane && !trial.capture.cameraMoves) { // a camera that moves sees it elsewhere in the next frame
        std::vector<KnownPoint> points;
        for (KnownPoint point : setup.plane->points)
            if (const auto at = asMarked(setup.plane->frame, point.at)) {
                point.at = *at;
                points.push_back(point);
            }
        if (const auto plane = Plane::solve(points, setup.plane->of)) {
            Trial flat = inPlane(trial, *plane);
            if (setup.plane->of == PlaneOf::Movement)
                return flat;
            trial.floor = std::make_shared<const Trial>(std::move(flat));
        }
    }
    if (setup.vertical) {
        const auto lower = asMarked(setup.vertical->frame, setup.vertical->lower),
                   upper = asMarked(setup.vertical->frame, setup.vertical->upper);
        if (const auto roll = lower && upper ? rollDeg({setup.vertical->frame, *lower, *upper}) : std::nullopt)
            rolled(trial, *roll, {(width - 1) / 2.0, (height - 1) / 2.0});
    }
    return trial;
}

Lens turnedOver(Lens lens, int width) {
    lens.centre.x = width - 1 - lens.centre.x;
    lens.p2 = -lens.p2; // tangential term along x
    return lens;
}

PictureSetup turnedOver(PictureSetup setup, int width) {
    const auto over = [width](PixelPoint& at) { at.x = width - 1 - at.x; };
    setup.mirrored = !setup.mirrored;
    if (setup.area)
        setup.area->left = width - setup.area->left - setup.area->width;
    if (setup.lens)
        setup.lens = turnedOver(*setup.lens, width);
    if (setup.plane) {
        // The plane's x stays to the right in the picture, which is now the other way.
        for (KnownPoint& point : setup.plane->points) {
            over(point.at);
            point.xM = -point.xM;
        }
    }
    if (setup.vertical) {
        over(setup.vertical->lower);
        over(setup.vertical->upper);
    }
    setup.motion.reset();
    return setup;
}

} // namespace riflesso
