#pragma once
// What a network puts beside a joint in one frame it puts beside it in the next: a mark that a person moves tells of
// its neighbours too.

#include "core/points/trial.h"

namespace riflesso {

/// The marks of a landmark's `track` that go along when a person sets its mark in `frame` to `mark`: those that a
/// network proposed, confirmed or not, where they are not doubtful, on both sides up to the next one that a person set.
/// They are moved by as much as the network's errors are alike that many frames apart, and are as uncertain as what is
/// left of the network's uncertainty and that part of the mark's own. Where nothing was marked in `frame`, or it is
/// moved by more than five standard uncertainties (a blunder, which need not last), or was doubtful: none. Where a
/// person moves their own mark once more the neighbours follow and keep their uncertainty.
[[nodiscard]] MarksByFrame goAlong(const MarksByFrame& track, int frame, const Mark& mark);

} // namespace riflesso
