#pragma once
// One performer's landmarks laid on another's picture: scaled on a segment, placed at a point.

#include "core/points/trial.h"

#include <QPointF>
#include <QString>

#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// A segment by the parts of its ends, and the part at which the two are laid on each other.
struct GhostFit {
    const char *from, *to, *at;
    [[nodiscard]] QString name() const; ///< "trunk, at the hip"
};

/// All there are; of a side where the pack lists that part first. The first whose points both have marked is the usual.
[[nodiscard]] const std::vector<GhostFit>& ghostFits();

/// Landmarks of `other` at its frame on the athlete's picture, turned over when the two face unlike ways. By the
/// athlete's names; empty, with the reason, where a point of the fit is not marked, or where the two were filmed from
/// different views or from bearings more than 10 degrees apart (as known).
struct Ghost {
    std::map<std::string, QPointF> points;
    QString refused;
};
[[nodiscard]] Ghost ghostOn(const Pack& pack, const Trial& own, int ownFrame, const Trial& other, int otherFrame,
                            const GhostFit& fit);

/// The first fit whose points both have at these frames; the first of all where none has.
[[nodiscard]] const GhostFit& usualFit(const Pack& pack, const Trial& own, int ownFrame, const Trial& other,
                                       int otherFrame);

} // namespace riflesso
