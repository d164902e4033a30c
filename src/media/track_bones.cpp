#include "media/track_bones.h"

#include "media/long_bones.h"

#include <Eigen/Cholesky>

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>
#include <optional>
#include <vector>

namespace riflesso {
namespace {

/// What is stiff besides the long bones: foot and head.
constexpr std::array<std::pair<std::string_view, std::string_view>, 6> kStiff = {
    {{"ankle", "heel"}, {"ankle", "toe"}, {"heel", "toe"}, {"ear", "eye"}, {"eye", "nose"}, {"ear", "nose"}}};

/// A bone by the landmarks at its ends, and its length where both are marked.
struct Bone {
    std::string inner, outer;
    std::map<int, double> marked; ///< px by frame
    std::map<int, double> varianceOfMarks;
    double range = 0; ///< px between the longest and the shortest
};

std::optional<Bone> boneOf(const std::map<std::string, TrackWays>& ways, std::string inner, std::string outer) {
    const auto a = ways.find(inner), b = ways.find(outer);
    if (a == ways.end() || b == ways.end())
        return {};
    Bone bone{std::move(inner), std::move(outer), {}, {}, 0};
    double shortest = 1e9, longest = 0;
    for (const auto& [frame, from] : a->second.seeds)
        if (const auto to = b->second.seeds.find(frame); to != b->second.seeds.end()) {
            const double length = std::hypot(to->second.at.x - from.at.x, to->second.at.y - from.at.y);
            bone.marked[frame] = length;
            bone.varianceOfMarks[frame] = squared(from.sigmaPx) + squared(to->second.sigmaPx);
            shortest = std::min(shortest, length);
            longest = std::max(longest, length);
        }
    if (bone.marked.size() < 2)
        return {};
    bone.range = longest - shortest;
    return bone;
}

std::vector<Bone> bonesOf(const std::map<std::string, TrackWays>& ways) {
    std::vector<Bone> out;
    const auto add = [&](const auto& pairs, const std::string& side) {
        for (const auto& [inner, outer] : pairs)
            if (auto bone = boneOf(ways, side + std::string(inner),
                                   outer == "nose" ? std::string(outer) : side + std::string(outer)))
                out.push_back(std::move(*bone));
    };
    for (const char* side : {"left_", "right_"}) {
        add(kLongBones, side);
        add(kStiff, side);
    }
    return out;
}

/// A bone's length in a frame, and its standard uncertainty.
struct Length {
    double px = 0, sigmaPx = 0;
};

/// `done`: part of the movement between the marks before and after. Shares measured on the simulated camera's lunge and
/// rowing stroke.
std::optional<Length> lengthAt(const Bone& bone, int frame, double done) {
    const auto after = bone.marked.upper_bound(frame);
    if (after == bone.marked.begin() || after == bone.marked.end())
        return {};
    const auto before = std::prev(after);
    constexpr double kLeastPx = 0.3, kOfLength = 0.01, kOfChange = 0.2, kOfRange = 0.05;
    const double px = (1 - done) * before->second + done * after->second;
    const double own =
        kLeastPx + kOfLength * px + kOfChange * std::abs(after->second - before->second) + kOfRange * bone.range;
    return Length{px, std::sqrt(squared(own) + squared(1 - done) * bone.varianceOfMarks.at(before->first) +
                                squared(done) * bone.varianceOfMarks.at(after->first))};
}

/// Two landmarks of a frame that shall be so far apart.
struct Tie {
    Eigen::Index a = 0, b = 0; ///< of their x; y follows
    Length length;
};

double apart(const Eigen::VectorXd& at, const Tie& tie) { return (at.segment<2>(tie.a) - at.segment<2>(tie.b)).norm(); }

/// The landmarks of one frame and what ties them.
struct TiedFrame {
    std::vector<MergedPoint*> points;
    Eigen::VectorXd at, variance; ///< x and y of each
    std::vector<Tie> ties;
};

TiedFrame tiedFrame(std::map<std::string, MergedPath>& paths, const std::vector<Bone>& bones, int from,
                    std::size_t index) {
    TiedFrame out;
    std::map<std::string, Eigen::Index> places;
    for (auto& [name, path] : paths)
        if (!path[index].lost) {
            places[name] = 2 * static_cast<Eigen::Index>(out.points.size());
            out.points.push_back(&path[index]);
        }
    const auto count = static_cast<Eigen::Index>(out.points.size());
    out.at.resize(2 * count);
    out.variance.resize(2 * count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const MergedPoint& point = *out.points[static_cast<std::size_t>(i)];
        constexpr double kLeast = 1e-6; // px²: a mark without uncertainty
        out.at.segment<2>(2 * i) << point.at.x, point.at.y;
        out.variance.segment<2>(2 * i).setConstant(std::max(kLeast, point.variance + point.variancesOfMarks));
    }
    const int frame = from + static_cast<int>(index);
    for (const Bone& bone : bones) {
        const auto a = places.find(bone.inner), b = places.find(bone.outer);
        if (a == places.end() || b == places.end())
            continue;
        const double done = (paths.at(bone.inner)[index].done + paths.at(bone.outer)[index].done) / 2;
        const auto length = lengthAt(bone, frame, done);
        if (!length)
            continue;
        const Tie tie{a->second, b->second, *length};
        constexpr double kOff = 3; // standard uncertainties
        const double allowed = squared(length->sigmaPx) + out.variance[tie.a] + out.variance[tie.b];
        const double now = apart(out.at, tie);
        if (now > 1 && squared(now - length->px) <= squared(kOff) * allowed)
            out.ties.push_back(tie);
    }
    return out;
}

/// Least squares by Gauss and Newton; the normal matrix at the end is that of the answer's covariance.
void adjust(const TiedFrame& frame) {
    Eigen::VectorXd at = frame.at;
    Eigen::MatrixXd normal;
    constexpr int kRounds = 4; // it converges to far below a hundredth of a pixel
    for (int round = 0; round < kRounds; ++round) {
        normal = frame.variance.cwiseInverse().asDiagonal();
        Eigen::VectorXd gradient = (at - frame.at).cwiseQuotient(frame.variance);
        for (const Tie& tie : frame.ties) {
            const double now = apart(at, tie), weight = 1 / squared(tie.length.sigmaPx);
            if (now < 1)
                continue;
            const Eigen::Vector2d along = (at.segment<2>(tie.a) - at.segment<2>(tie.b)) / now;
            const Eigen::Matrix2d part = weight * along * along.transpose();
            normal.block<2, 2>(tie.a, tie.a) += part;
            normal.block<2, 2>(tie.b, tie.b) += part;
            normal.block<2, 2>(tie.a, tie.b) -= part;
            normal.block<2, 2>(tie.b, tie.a) -= part;
            gradient.segment<2>(tie.a) += weight * (now - tie.length.px) * along;
            gradient.segment<2>(tie.b) -= weight * (now - tie.length.px) * along;
        }
        at -= normal.ldlt().solve(gradient);
    }
    const Eigen::MatrixXd covariance = normal.ldlt().solve(Eigen::MatrixXd::Identity(normal.rows(), normal.cols()));
    for (std::size_t i = 0; i < frame.points.size(); ++i) {
        MergedPoint& point = *frame.points[i];
        const auto x = 2 * static_cast<Eigen::Index>(i);
        if (point.marked || !std::isfinite(at[x]) || !std::isfinite(at[x + 1]))
            continue;
        point.at = {at[x], at[x + 1]};
        // Marks of its neighbours help too, but what its own marks bring is not made less of.
        const double variance = (covariance(x, x) + covariance(x + 1, x + 1)) / 2;
        point.variance = std::clamp(variance - point.variancesOfMarks, 0.0, point.variance);
    }
}

} // namespace

void keepBoneLengths(std::map<std::string, MergedPath>& paths, const std::map<std::string, TrackWays>& ways, int from) {
    const std::vector<Bone> bones = bonesOf(ways);
    if (bones.empty() || paths.empty())
        return;
    for (std::size_t index = 0; index < paths.begin()->second.size(); ++index)
        if (const TiedFrame frame = tiedFrame(paths, bones, from, index); !frame.ties.empty())
            adjust(frame);
}

} // namespace riflesso
