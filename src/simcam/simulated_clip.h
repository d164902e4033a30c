#pragma once
// Clips of the simulated camera: who moves, how, and the exact truth of every frame.

#include "core/json_walk.h"
#include "core/result.h"
#include "simcam/hall.h"
#include "simcam/lunge.h"

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace riflesso::simcam {

struct SimulatedRepetition {
    int number = 0;
    int from = 0, to = 0; ///< frames, last included
    LungeStyle style;
    std::map<std::string, double> eventTimesS; ///< stored time in the clip: go straight down low back
};

/// One athlete before the camera for a stretch of frames.
struct Take {
    std::string performer;
    bool leftHanded = false, facesLeft = false;
    Outfit outfit;
    std::vector<SimulatedRepetition> repetitions;
};

struct SimulatedClip {
    std::string name; ///< file name without ending
    int frameRate = 60;
    int frames = 0;
    std::vector<Take> takes;
    std::uint32_t seed = 1;
};

/// The clips that ship: "ilka_baseline", "ilka_baseline_lamp", "ilka_retest", "ilka_retest_lamp", "instructors".
[[nodiscard]] std::vector<SimulatedClip> demoClips();

/// Joint centres of a frame in pixels, by anatomical name and "tip".
using FrameTruth = std::map<std::string, PixelPosition>;
[[nodiscard]] FrameTruth frameTruth(const SimulatedClip& clip, int frame);

/// Frame drawn by the simulated camera, RGB rows. Renderers are per take direction and costly: keep one.
class ClipRenderer {
public:
    explicit ClipRenderer(const SimulatedClip& clip);
    [[nodiscard]] std::vector<std::uint8_t> frame(int index);

private:
    const SimulatedClip& clip_;
    std::map<bool, Renderer> renderers_; ///< by facing left
};

/// Truth of the whole clip: frame rate, repetitions with events, landmarks by frame, angles as seen.
[[nodiscard]] Json truthJson(const SimulatedClip& clip);

/// Renders and writes NAME.mp4 and NAME.truth.json into a folder; `goOn` gets the share done and may stop it.
[[nodiscard]] Result<void> renderClip(const SimulatedClip& clip, const std::string& folder,
                                      const std::function<bool(double share)>& goOn);

} // namespace riflesso::simcam
