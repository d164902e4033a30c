#include "media/marking_habit.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

constexpr std::size_t kFewestFrames = 2;
constexpr double kHalfBelieved = 1; ///< variances of its mean that a habit's square is when half of it is believed
constexpr double kPriorFrames = 3;  ///< what the stated uncertainty counts for

/// The bone that a landmark goes with, from its inner to its outer end; the trunk for what has none of its own.
std::array<std::string, 2> boneOf(const std::string& landmark) {
    const std::size_t line = landmark.find('_');
    const std::string side = line == std::string::npos ? "right_" : landmark.substr(0, line + 1),
                      part = line == std::string::npos ? landmark : landmark.substr(line + 1);
    static const std::map<std::string, std::array<const char*, 2>> kBones = {
        {"elbow", {"shoulder", "elbow"}}, {"wrist", {"elbow", "wrist"}}, {"knee", {"hip", "knee"}},
        {"ankle", {"knee", "ankle"}},     {"heel", {"knee", "ankle"}},   {"toe", {"knee", "ankle"}}};
    const auto bone = kBones.find(part);
    if (bone == kBones.end())
        return {side + "hip", side + "shoulder"};
    return {side + bone->second[0], side + bone->second[1]};
}

/// The direction of a landmark's bone in one frame, of length 1; none where an end of it was not seen.
std::optional<PixelPoint> directionOf(const ProposedMarks& proposed, const std::string& landmark, int frame) {
    std::array<PixelPoint, 2> ends;
    const std::array<std::string, 2> bone = boneOf(landmark);
    for (std::size_t i = 0; i < ends.size(); ++i) {
        const auto track = proposed.find(bone[i]);
        if (track == proposed.end())
            return {};
        const auto mark = track->second.find(frame);
        if (mark == track->second.end())
            return {};
        ends[i] = mark->second.mark.at;
    }
    const double dx = ends[1].x - ends[0].x, dy = ends[1].y - ends[0].y, length = std::hypot(dx, dy);
    constexpr double kShortestPx = 4; // points at the camera: no direction in the picture
    if (length < kShortestPx)
        return {};
    return PixelPoint{dx / length, dy / length};
}

} // namespace

void MarkingHabit::learn(const ProposedMarks& proposed, const std::map<std::string, MarksByFrame>& set) {
    for (const auto& [landmark, track] : proposed) {
        const auto own = set.find(landmark);
        if (own == set.end())
            continue;
        for (const auto& [frame, seen] : track) {
            const auto mark = own->second.find(frame);
            const auto direction = directionOf(proposed, landmark, frame);
            if (mark == own->second.end() || !direction || isDoubtful(seen.mark.source))
                continue;
            const double dx = mark->second.at.x - seen.mark.at.x, dy = mark->second.at.y - seen.mark.at.y;
            away_[landmark].push_back({dx * direction->x + dy * direction->y, dy * direction->x - dx * direction->y});
        }
    }
}

void MarkingHabit::apply(ProposedMarks& proposed) const {
    const ProposedMarks before = proposed; // bones as they were learned
    for (auto& [landmark, track] : proposed) {
        const auto learned = away_.find(landmark);
        if (learned == away_.end() || learned->second.size() < kFewestFrames)
            continue;
        std::vector<double> along, across;
        for (const Away& away : learned->second) {
            along.push_back(away.along);
            across.push_back(away.across);
        }
        const double n = static_cast<double>(along.size());
        double byAlong = median(along), byAcross = median(across), scatter = 0;
        for (const Away& away : learned->second)
            scatter += std::pow(away.along - byAlong, 2) + std::pow(away.across - byAcross, 2);
        const double square = byAlong * byAlong + byAcross * byAcross,
                     believed = square > 0 ? square / (square + kHalfBelieved * scatter / (n * (n - 1))) : 0;
        byAlong *= believed;
        byAcross *= believed;
        scatter = 0; // of both coordinates, halved
        for (const Away& away : learned->second)
            scatter += (std::pow(away.along - byAlong, 2) + std::pow(away.across - byAcross, 2)) / 2;
        for (auto& [frame, seen] : track) {
            const auto direction = directionOf(before, landmark, frame);
            if (!direction || isDoubtful(seen.mark.source))
                continue;
            seen.mark.at.x += byAlong * direction->x - byAcross * direction->y;
            seen.mark.at.y += byAlong * direction->y + byAcross * direction->x;
            seen.mark.sigmaPx =
                std::sqrt((kPriorFrames * seen.mark.sigmaPx * seen.mark.sigmaPx + scatter) / (kPriorFrames + n));
        }
    }
}

std::size_t MarkingHabit::landmarks() const {
    return static_cast<std::size_t>(std::count_if(
        away_.begin(), away_.end(), [](const auto& entry) { return entry.second.size() >= kFewestFrames; }));
}

} // namespace riflesso
