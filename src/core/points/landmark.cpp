#include "core/points/landmark.h"

#include <algorithm>
#include <array>

namespace riflesso {
namespace {

constexpr std::array kSided = {"eye", "ear",  "shoulder", "elbow", "wrist", "hand",
                               "hip", "knee", "ankle",    "heel",  "toe"};
constexpr std::array kMiddle = {"nose", "chin", "head_top", "neck"};
constexpr std::array kDerived = {"mid_shoulder", "mid_hip", "mid_ankle", "com"};

template <class List> bool contains(const List& list, std::string_view name) {
    return std::any_of(list.begin(), list.end(), [&](const char* entry) { return name == entry; });
}

} // namespace

std::string_view toString(View view) {
    constexpr std::array names = {"side", "front", "rear", "top"};
    return names[static_cast<std::size_t>(view)];
}
std::string_view toString(Side side) { return side == Side::Left ? "left" : "right"; }
std::string_view toString(Axis axis) {
    constexpr std::array names = {"forward", "up", "side"};
    return names[static_cast<std::size_t>(axis)];
}
std::optional<View> viewFrom(std::string_view text) {
    for (View view : {View::Side, View::Front, View::Rear, View::Top})
        if (toString(view) == text)
            return view;
    return {};
}
std::optional<Side> sideFrom(std::string_view text) {
    for (Side side : {Side::Left, Side::Right})
        if (toString(side) == text)
            return side;
    return {};
}
std::optional<Axis> axisFrom(std::string_view text) {
    for (Axis axis : {Axis::Forward, Axis::Up, Axis::Lateral})
        if (toString(axis) == text)
            return axis;
    return {};
}

std::optional<int> axisIndex(View view, Axis axis) {
    switch (view) {
    case View::Side:
        return axis == Axis::Forward ? std::optional(0) : axis == Axis::Up ? std::optional(1) : std::nullopt;
    case View::Front:
    case View::Rear:
        return axis == Axis::Lateral ? std::optional(0) : axis == Axis::Up ? std::optional(1) : std::nullopt;
    case View::Top:
        return axis == Axis::Lateral ? std::optional(0) : axis == Axis::Forward ? std::optional(1) : std::nullopt;
    }
    return {};
}

bool isSidedPart(std::string_view part) { return contains(kSided, part); }

bool isAnatomical(std::string_view name) {
    if (contains(kMiddle, name))
        return true;
    if (name.starts_with("left_"))
        return isSidedPart(name.substr(5));
    return name.starts_with("right_") && isSidedPart(name.substr(6));
}

bool isDerived(std::string_view name) { return contains(kDerived, name); }

std::string inWords(std::string_view id) {
    std::string words(id);
    std::replace(words.begin(), words.end(), '_', ' ');
    return words;
}

std::optional<Side> resolveSide(const RoleRule& rule, const Capture& capture) {
    switch (rule.kind) {
    case RoleRule::Kind::Dominant:
        return capture.handedness;
    case RoleRule::Kind::Other:
        return opposite(capture.handedness);
    case RoleRule::Kind::Left:
        return Side::Left;
    case RoleRule::Kind::Right:
        return Side::Right;
    case RoleRule::Kind::Near:
        return capture.facing;
    case RoleRule::Kind::Far:
        return opposite(capture.facing);
    case RoleRule::Kind::FrontAt:
    case RoleRule::Kind::RearAt:
        return {};
    }
    return {};
}

} // namespace riflesso
