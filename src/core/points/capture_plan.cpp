#include "core/points/capture_plan.h"

#include "core/degrees.h"
#include "core/points/trial.h"
#include "core/signal/timebase.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

std::string rounded(double value, int digits) {
    const double scale = std::pow(10, digits);
    std::string text = std::to_string(std::round(value * scale) / scale);
    text.erase(text.find('.') + 1 + static_cast<std::size_t>(digits));
    if (digits == 0)
        text.pop_back();
    return text;
}

void advise(const CaptureSetup& setup, CapturePlan& plan) {
    if (2 * plan.angleU > setup.toleranceDeg)
        plan.advice.push_back(
            "angles are sure to +/- " + rounded(2 * plan.angleU, 1) + " degrees only, more than the tolerance of " +
            rounded(setup.toleranceDeg, 1) + ": go nearer or zoom in until the scene is " +
            rounded(setup.fieldWidthM * setup.toleranceDeg / (2 * plan.angleU), 1) + " m wide, or film in more lines");
    if (2 * plan.intervalU > setup.toleranceS)
        plan.advice.push_back("times are sure to +/- " + rounded(2 * plan.intervalU, 3) +
                              " s only, more than the tolerance of " + rounded(setup.toleranceS, 3) + " s: film at " +
                              rounded(std::ceil(setup.frameRate * 2 * plan.intervalU / setup.toleranceS), 0) +
                              " frames a second or more");
    if (plan.blurPx && *plan.blurPx > 2 * plan.sigmaPx)
        plan.advice.push_back("the fastest point smears over " + rounded(*plan.blurPx, 1) + " px: expose for 1/" +
                              rounded(std::ceil(setup.speedMps * plan.pixelsPerMetre / (2 * plan.sigmaPx)), 0) +
                              " s or less, with more light");
    if (!plan.blurPx)
        plan.advice.push_back("exposure time not given: blur is not in these figures");
    if (plan.largestErrorDeg > setup.toleranceDeg)
        plan.advice.push_back("from this bearing an angle reads up to " + rounded(plan.largestErrorDeg, 1) +
                              " degrees wrong: stand square to the plane of movement");
}

} // namespace

std::pair<double, double> seenAngleRange(double trueDeg, double bearingDeg) {
    const double squeeze = std::cos(bearingDeg / kDegrees);
    double low = 180, high = 0;
    constexpr int kSteps = 3600;
    for (int i = 0; i < kSteps; ++i) {
        const double first = 2 * std::numbers::pi * i / kSteps, second = first + trueDeg / kDegrees;
        const double ax = squeeze * std::cos(first), ay = std::sin(first);
        const double bx = squeeze * std::cos(second), by = std::sin(second);
        const double seen = std::abs(std::atan2(ax * by - ay * bx, ax * bx + ay * by)) * kDegrees;
        low = std::min(low, seen);
        high = std::max(high, seen);
    }
    return {low, high};
}

CapturePlan planCapture(const CaptureSetup& setup) {
    CapturePlan plan;
    plan.pixelsPerMetre = setup.widthPx / setup.fieldWidthM;
    plan.sigmaPx = setup.sigmaPx.value_or(defaultSigmaPx(setup.heightPx));
    double sigma = plan.sigmaPx;
    if (setup.exposureS) {
        plan.blurPx = *setup.exposureS * setup.speedMps * plan.pixelsPerMetre;
        sigma = std::hypot(sigma, *plan.blurPx / std::sqrt(12.0));
    }
    // u of the turn between two segments of one length: sigma²(2/a² + 2/a² + 2 cos(turn)/a²).
    const double a = setup.segmentM * plan.pixelsPerMetre, turn = (180 - setup.angleDeg) / kDegrees;
    plan.angleU = sigma / a * std::sqrt(4 + 2 * std::cos(turn)) * kDegrees;
    plan.seenDeg = seenAngleRange(setup.angleDeg, setup.bearingDeg);
    plan.largestErrorDeg = std::max(setup.angleDeg - plan.seenDeg.first, plan.seenDeg.second - setup.angleDeg);
    plan.lengthShare = std::cos(setup.bearingDeg / kDegrees);
    plan.eventU = eventUncertainty(1 / setup.frameRate, setup.markingFrames);
    plan.intervalU = std::sqrt(2.0) * plan.eventU;
    advise(setup, plan);
    return plan;
}

Json capturePlanJson(const CapturePlan& plan) {
    Json out;
    out["pixels_per_metre"] = plan.pixelsPerMetre;
    out["sigma_px"] = plan.sigmaPx;
    out["blur_px"] = plan.blurPx ? Json(*plan.blurPx) : Json(nullptr);
    out["angle"] = {{"u_deg", plan.angleU},
                    {"seen_low_deg", plan.seenDeg.first},
                    {"seen_high_deg", plan.seenDeg.second},
                    {"largest_view_error_deg", plan.largestErrorDeg}};
    out["length_share"] = plan.lengthShare;
    out["time"] = {{"event_u_s", plan.eventU}, {"interval_u_s", plan.intervalU}};
    out["advice"] = plan.advice;
    return out;
}

} // namespace riflesso
