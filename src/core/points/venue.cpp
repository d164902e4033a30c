#include "core/points/venue.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {

const std::vector<VenueRectangle>& venueRectangles() {
    static constexpr std::string_view kFederation = "dimensions of the sport's federation, from memory";
    static const std::vector<VenueRectangle> kAll = {
        {"badminton_doubles", "Badminton court, doubles", 13.40, 6.10, kFederation},
        {"badminton_singles", "Badminton court, singles", 13.40, 5.18, kFederation},
        {"badminton_half", "Badminton, one half, doubles", 6.70, 6.10, kFederation},
        {"basketball", "Basketball court", 28.00, 15.00, kFederation},
        {"fencing_piste", "Fencing piste between the rear lines, 1.5 m wide", 14.00, 1.50, kFederation},
        {"fencing_guard_lines", "Fencing, between the on-guard lines, 1.5 m wide", 4.00, 1.50, kFederation},
        {"tennis_singles", "Tennis court, singles", 23.77, 8.23, kFederation},
        {"tennis_doubles", "Tennis court, doubles", 23.77, 10.97, kFederation},
        {"tennis_service", "Tennis, one service box", 6.40, 4.115, kFederation},
        {"volleyball", "Volleyball court", 18.00, 9.00, kFederation},
        {"volleyball_half", "Volleyball, one half", 9.00, 9.00, kFederation},
    };
    return kAll;
}

const VenueRectangle* venueRectangle(std::string_view id) {
    const auto& all = venueRectangles();
    const auto found = std::find_if(all.begin(), all.end(), [id](const VenueRectangle& r) { return r.id == id; });
    return found == all.end() ? nullptr : &*found;
}

std::vector<AskedPoint> pointsOfRectangle(PlaneOf of, double widthM, double heightM) {
    const bool floor = of == PlaneOf::Floor;
    const std::string low = floor ? "near" : "lower", high = floor ? "far" : "upper";
    return {{low + " left corner", 0, 0},
            {low + " right corner", widthM, 0},
            {high + " right corner", widthM, heightM},
            {high + " left corner", 0, heightM},
            {"middle of the " + low + " side", widthM / 2, 0},
            {"middle of the " + high + " side", widthM / 2, heightM}};
}

std::optional<double> bearingOnFloor(const Plane& floor, int width, int height) {
    // Straight up the picture is straight away from the camera, on the floor too.
    const double x = (width - 1) / 2.0;
    const auto here = floor.at({x, height * 0.95});
    const auto there = floor.at({x, height * 0.75});
    if (!here || !there)
        return {};
    const double dx = there->xM - here->xM, dy = there->yM - here->yM;
    if (std::hypot(dx, dy) < 1e-9)
        return {};
    return std::abs(std::atan2(dx, dy)) * 180 / std::numbers::pi;
}

} // namespace riflesso
