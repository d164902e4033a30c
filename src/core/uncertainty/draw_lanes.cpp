#include "core/uncertainty/draw_lanes.h"

#include <algorithm>
#include <cmath>

#if defined(__GNUC__) && !defined(__clang__) && defined(__x86_64__) && !defined(__SANITIZE_ADDRESS__)
#define RIFLESSO_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define RIFLESSO_WIDE
#endif

namespace riflesso::lanes {

RIFLESSO_WIDE void add(float* __restrict to, const float* __restrict what, float weight) {
    for (int i = 0; i < kDraws; ++i)
        to[i] += weight * what[i];
}

RIFLESSO_WIDE void divideByUnit(float* __restrict to, const float* __restrict unit, float relative, float centre) {
    for (int i = 0; i < kDraws; ++i)
        to[i] = (centre + to[i]) / (1 + relative * unit[i]) - centre;
}

RIFLESSO_WIDE void keepLargest(float* __restrict largest, int* __restrict at, const float* __restrict values,
                               const int* __restrict first, const int* __restrict last, int row) {
    for (int i = 0; i < kDraws; ++i) {
        const bool more = (row >= first[i]) & (row < last[i]) & (values[i] > largest[i]);
        largest[i] = more ? values[i] : largest[i];
        at[i] = more ? row : at[i];
    }
}

RIFLESSO_WIDE void walkTo(const PathSample& sample, float step, float* __restrict keptX, float* __restrict keptY,
                          float* __restrict length) {
    const PathSample s = sample;
    const float* __restrict ownX = s.ownX, * __restrict ownY = s.ownY;
    const float* __restrict sharedX = s.sharedX, * __restrict sharedY = s.sharedY;
    const int* __restrict first = s.first, * __restrict last = s.last;
    for (int i = 0; i < kDraws; ++i) {
        const float x = s.x + s.sizeX * (ownX[i] + sharedX[i]), y = s.y + s.sizeY * (ownY[i] + sharedY[i]);
        const float dx = x - keptX[i], dy = y - keptY[i], way = std::sqrt(dx * dx + dy * dy);
        const bool goes = (s.row >= first[i]) & (s.row < last[i]) & (way > step);
        length[i] += goes ? way : 0;
        keptX[i] = goes ? x : keptX[i];
        keptY[i] = goes ? y : keptY[i];
    }
}

RIFLESSO_WIDE void sumUp(const PathSample& sample, float* __restrict sumX, float* __restrict sumY) {
    const PathSample s = sample;
    const float* __restrict ownX = s.ownX, * __restrict ownY = s.ownY;
    const float* __restrict sharedX = s.sharedX, * __restrict sharedY = s.sharedY;
    const int* __restrict first = s.first, * __restrict last = s.last;
    for (int i = 0; i < kDraws; ++i) {
        const bool counts = (s.row >= first[i]) & (s.row < last[i]);
        const float x = s.x + s.sizeX * (ownX[i] + sharedX[i]), y = s.y + s.sizeY * (ownY[i] + sharedY[i]);
        sumX[i] += counts ? x : 0;
        sumY[i] += counts ? y : 0;
    }
}

RIFLESSO_WIDE void keepFurthest(const PathSample& sample, const float* __restrict centreX,
                                const float* __restrict centreY, float* __restrict furthest, int kept) {
    const PathSample s = sample;
    const float* __restrict ownX = s.ownX, * __restrict ownY = s.ownY;
    const float* __restrict sharedX = s.sharedX, * __restrict sharedY = s.sharedY;
    const int* __restrict first = s.first, * __restrict last = s.last;
    float square[kDraws];
    for (int i = 0; i < kDraws; ++i) {
        const bool counts = (s.row >= first[i]) & (s.row < last[i]);
        const float x = s.x + s.sizeX * (ownX[i] + sharedX[i]) - centreX[i],
                    y = s.y + s.sizeY * (ownY[i] + sharedY[i]) - centreY[i];
        square[i] = counts ? x * x + y * y : -1;
    }
    for (int k = 0; k < kept; ++k) { // each place takes the larger and hands the smaller down
        float* __restrict place = furthest + static_cast<std::ptrdiff_t>(k) * kDraws;
        for (int i = 0; i < kDraws; ++i) {
            const float there = place[i], here = square[i];
            place[i] = there > here ? there : here;
            square[i] = there > here ? here : there;
        }
    }
}

} // namespace riflesso::lanes
