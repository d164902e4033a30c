#pragma once
// Bones whose length in the picture tells something: of proposed marks, and of followed ones.

#include <array>
#include <string_view>
#include <utility>

namespace riflesso {

/// Bones of a side, by the landmarks at their ends without "left_" and "right_"; the outer end second.
inline constexpr std::array<std::pair<std::string_view, std::string_view>, 5> kLongBones = {
    {{"shoulder", "elbow"}, {"elbow", "wrist"}, {"hip", "knee"}, {"knee", "ankle"}, {"shoulder", "hip"}}};

} // namespace riflesso
