#pragma once
// Small packs and trials with known geometry.

#include "core/measure/measure.h"
#include "core/pack/pack_reader.h"
#include "core/points/trial.h"

#include <functional>
#include <string>

namespace riflesso::test {

/// A small whole pack as JSON, to be changed by a test.
[[nodiscard]] Json smallPack();
/// The pack of a JSON text; a fault is printed and gives an empty pack.
[[nodiscard]] Pack packOf(const Json& json);
/// A pack with one measure over the points a b c d, at the event "down".
[[nodiscard]] Pack packWithMeasure(Json measure);
/// The trials as repetitions of which nothing is measured.
[[nodiscard]] std::vector<TrialMeasures> unmeasured(const std::vector<Trial>& trials);
/// A trial of `frames` frames at `rate`, without marks.
[[nodiscard]] Trial emptyTrial(double rate = 60, int frames = 120);
void addEvent(Trial& trial, const std::string& id, double frame, double uS = 0);
/// A landmark where `path` says (frame to pixel).
void addPath(Trial& trial, const std::string& landmark, int from, int to, double sigma,
             const std::function<PixelPoint(int frame)>& path);

} // namespace riflesso::test
