#pragma once
// The loops of the Monte Carlo over all draws at once: one array element a draw, so that the machine works on several
// draws together. Built in two ways, the wider one taken where the processor has it.

#include <cstddef>

namespace riflesso::lanes {

constexpr int kDraws = 400; ///< copies drawn, seeded (JCGM 101:2008)

/// to += weight * what. All arrays here hold kDraws elements.
void add(float* to, const float* what, float weight);
/// to = (centre + to) / (1 + relative * unit) - centre: a length in another copy of its unit.
void divideByUnit(float* to, const float* unit, float relative, float centre);

/// Row by row, the largest value so far of each draw and in which row, where first <= row < last.
void keepLargest(float* largest, int* at, const float* values, const int* first, const int* last, int row);

/// One sample of a noisy path: place + size * (own + shared), along each axis.
struct PathSample {
    float x = 0, y = 0, sizeX = 0, sizeY = 0; ///< pixels
    const float *ownX = nullptr, *ownY = nullptr, *sharedX = nullptr, *sharedY = nullptr;
    int row = 0;
    const int *first = nullptr, *last = nullptr; ///< of each draw: it counts where first <= row < last
};
/// Goes on to the sample where it lies further than `step` from the point kept; adds the way to `length`.
void walkTo(const PathSample& sample, float step, float* keptX, float* keptY, float* length);
/// Adds the sample to the sums.
void sumUp(const PathSample& sample, float* sumX, float* sumY);
/// Puts the squared distance from the centre among the `kept` largest: kept arrays one after the other, falling.
void keepFurthest(const PathSample& sample, const float* centreX, const float* centreY, float* furthest, int kept);

} // namespace riflesso::lanes
