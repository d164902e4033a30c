#include "app/mirror/ghost.h"

#include "app/translated.h"
#include "core/measure/sampler.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace riflesso {
namespace {

std::optional<QPointF> at(const Trial& trial, const std::string& name, int frame) {
    const auto mark = markAt(trial, name, frame);
    return mark ? std::optional(QPointF(mark->at.x, mark->at.y)) : std::nullopt;
}

/// The same points by role: the athlete's name, the other's name.
std::vector<std::pair<std::string, std::string>> sameByRole(const Pack& pack, const Trial& own, const Trial& other) {
    const auto ownSides = resolveRoles(pack, own), otherSides = resolveRoles(pack, other);
    std::vector<std::pair<std::string, std::string>> pairs;
    for (const PointRef& ref : pack.marked)
        pairs.emplace_back(resolvePoint(ref, ownSides), resolvePoint(ref, otherSides));
    return pairs;
}

struct Both {
    QPointF own, other;
};
/// A part that both have marked in their frames. "rear foot": the last ankle that the pack lists.
std::optional<Both> both(const std::vector<std::pair<std::string, std::string>>& pairs, const std::string& part,
                         const Trial& own, int ownFrame, const Trial& other, int otherFrame) {
    const bool last = part == "rear foot";
    const std::string ending = "_" + (last ? std::string("ankle") : part);
    std::optional<Both> found;
    for (const auto& [ownName, otherName] : pairs)
        if (ownName.ends_with(ending)) {
            const auto a = at(own, ownName, ownFrame), b = at(other, otherName, otherFrame);
            if (a && b && (last || !found))
                found = Both{*a, *b};
        }
    return found;
}

QString partName(const std::string& part) {
    return part == "rear foot"  ? tr("at the rear foot")
           : part == "hip"      ? tr("at the hip")
           : part == "shoulder" ? tr("at the shoulder")
           : part == "knee"     ? tr("at the knee")
           : part == "ankle"    ? tr("at the ankle")
           : part == "elbow"    ? tr("at the elbow")
                                : tr("at the wrist");
}

} // namespace

QString GhostFit::name() const {
    const std::string segment = std::string(from) + to;
    return (segment == "hipshoulder"     ? tr("trunk, %1")
            : segment == "hipknee"       ? tr("thigh, %1")
            : segment == "kneeankle"     ? tr("shank, %1")
            : segment == "shoulderelbow" ? tr("upper arm, %1")
                                         : tr("forearm, %1"))
        .arg(partName(this->at));
}

const std::vector<GhostFit>& ghostFits() {
    static const std::vector<GhostFit> kFits = {{"hip", "shoulder", "rear foot"},  {"hip", "shoulder", "hip"},
                                                {"hip", "shoulder", "shoulder"},   {"hip", "knee", "hip"},
                                                {"hip", "knee", "knee"},           {"knee", "ankle", "ankle"},
                                                {"shoulder", "elbow", "shoulder"}, {"elbow", "wrist", "wrist"}};
    return kFits;
}

Ghost ghostOn(const Pack& pack, const Trial& own, int ownFrame, const Trial& other, int otherFrame,
              const GhostFit& fit) {
    Ghost ghost;
    constexpr double kUnlikeDeg = 10;
    if (own.capture.view != other.capture.view) {
        ghost.refused = tr("no ghost: filmed from another view");
        return ghost;
    }
    if (own.capture.bearingDeg && other.capture.bearingDeg &&
        std::abs(*own.capture.bearingDeg - *other.capture.bearingDeg) > kUnlikeDeg) {
        ghost.refused = tr("no ghost: the cameras stood at unlike bearings");
        return ghost;
    }
    const auto pairs = sameByRole(pack, own, other);
    const auto find = [&](const char* part) { return both(pairs, part, own, ownFrame, other, otherFrame); };
    const auto from = find(fit.from), to = find(fit.to), place = find(fit.at);
    if (!from || !to || !place) {
        ghost.refused = tr("no ghost: %1 is not marked in both here").arg(fit.name());
        return ghost;
    }
    const QPointF mine = to->own - from->own, theirs = to->other - from->other;
    const double scale = std::hypot(mine.x(), mine.y()) / std::max(1.0, std::hypot(theirs.x(), theirs.y()));
    const double flip = own.capture.facing == other.capture.facing ? 1 : -1;
    for (const auto& [ownName, otherName] : pairs)
        if (const auto p = at(other, otherName, otherFrame)) {
            const QPointF d = (*p - place->other) * scale;
            ghost.points[ownName] = place->own + QPointF(d.x() * flip, d.y());
        }
    return ghost;
}

const GhostFit& usualFit(const Pack& pack, const Trial& own, int ownFrame, const Trial& other, int otherFrame) {
    const auto pairs = sameByRole(pack, own, other);
    for (const GhostFit& fit : ghostFits()) {
        const auto has = [&](const char* part) {
            return both(pairs, part, own, ownFrame, other, otherFrame).has_value();
        };
        if (has(fit.from) && has(fit.to) && has(fit.at))
            return fit;
    }
    return ghostFits().front();
}

} // namespace riflesso
