#pragma once
// Made-up movements with known places, and a measure of every kind that has a value in a repetition: what the checks of
// stated uncertainties run over.

#include "support/made_trials.h"

namespace riflesso::test {

using Path = std::function<PixelPoint(double timeS)>;
/// Paths by landmark, in pixels, facing right.
using Scene = std::map<std::string, Path>;

constexpr double kSceneRate = 60;
constexpr int kSceneFrames = 150;

/// A leg whose knee bends from `rest` by `by` degrees and back; a reach of the tip; four points that follow each other.
[[nodiscard]] Scene movement(double rest, double by, double segment = 100);

/// A measure, what of it is looked at, and the movement that it is looked at in.
struct MadeMeasure {
    std::string name, json, id, scene;
    [[nodiscard]] Scene movement() const;
    [[nodiscard]] std::vector<std::pair<std::string, double>> events() const; ///< with their times, s
    [[nodiscard]] Pack pack() const;                                          ///< the measure is called "m"
    [[nodiscard]] bool is(std::string_view word) const { return json.find(word) != std::string::npos; }
};
[[nodiscard]] std::vector<MadeMeasure> madeMeasures();

} // namespace riflesso::test
