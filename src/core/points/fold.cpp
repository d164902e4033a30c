#include "core/points/fold.h"

#include "core/degrees.h"

#include <cmath>

namespace riflesso {
namespace {

/// Unit vector (picture coordinates, y down) of a reference line, from the first frame that has both ends.
std::optional<PixelPoint> lineDirection(const Trial& trial, const Pack* pack, const char* lineId) {
    const LineDef* line = pack ? pack->line(lineId) : nullptr;
    if (!line)
        return {};
    const auto sides = std::map<std::string, Side>{};
    const auto a = trial.marks.find(resolvePoint(line->a, sides));
    const auto b = trial.marks.find(resolvePoint(line->b, sides));
    if (a == trial.marks.end() || b == trial.marks.end())
        return {};
    for (const auto& [frame, from] : a->second) {
        const auto to = b->second.find(frame);
        if (to == b->second.end())
            continue;
        const double dx = to->second.at.x - from.at.x, dy = to->second.at.y - from.at.y, length = std::hypot(dx, dy);
        if (length > 0)
            return PixelPoint{dx / length, dy / length};
    }
    return {};
}

} // namespace

Fold Fold::plain(const Capture& capture) {
    const double dominant = capture.handedness == Side::Right ? 1 : -1;
    double sign = 1;
    if (capture.view == View::Side)
        sign = capture.facing == Side::Right ? 1 : -1;
    else
        sign = capture.view == View::Front ? -dominant : dominant;
    return {{{sign, 0}, {0, -1}}};
}

double Fold::stretch() const { return std::hypot(m[0][0], m[0][1]); }

PixelPoint Fold::back(double x, double y) const {
    const auto square = [this](int row) { return m[row][0] * m[row][0] + m[row][1] * m[row][1]; };
    const double along = x / square(0), up = y / square(1);
    return {m[0][0] * along + m[1][0] * up, m[0][1] * along + m[1][1] * up};
}

std::optional<Fold> Fold::of(const Trial& trial, const Pack* pack) {
    auto fold = asSeen(trial, pack);
    const Capture& capture = trial.capture;
    const double bearing = capture.bearingDeg.value_or(0);
    if (fold && bearing > 0 && bearing <= kMostObliqueDeg && capture.view != View::Top && !capture.movementPlane)
        for (double& part : fold->m[0])
            part /= std::cos(bearing / kDegrees);
    return fold;
}

std::optional<Fold> Fold::asSeen(const Trial& trial, const Pack* pack) {
    Fold fold = plain(trial.capture);
    if (trial.capture.view == View::Top) {
        const auto ahead = lineDirection(trial, pack, "ahead");
        if (!ahead)
            return {};
        // The athlete's right lies clockwise of ahead in the picture: (-y, x) with y down.
        const double dominant = trial.capture.handedness == Side::Right ? 1 : -1;
        return Fold{{{-ahead->y * dominant, ahead->x * dominant}, {ahead->x, ahead->y}}};
    }
    if (const auto up = lineDirection(trial, pack, "plumb")) {
        const double sign = fold.m[0][0];
        return Fold{{{-up->y * sign, up->x * sign}, {up->x, up->y}}};
    }
    return fold;
}

} // namespace riflesso
