#pragma once
// Clips of the simulated camera: who moves, how, and the exact truth of every frame.

#include "core/result.h"
#include "core/tables/json_fwd.h"
#include "simcam/hall.h"
#include "simcam/lunge.h"
#include "simcam/shot.h"
#include "simcam/stroke.h"

#include <functional>
#include <map>
#include <string>
#include <variant>
#include <vector>

namespace riflesso::simcam {

/// Strokes without a break; of the last only the catch is filmed.
struct RowingPiece {
    std::vector<StrokeStyle> strokes;
};

struct SimulatedRepetition {
    int number = 0;
    int from = 0, to = 0; ///< frames, last included
    std::variant<LungeStyle, RowingPiece, ShotStyle> movement;
    double phaseS = 0; ///< time of the movement at frame `from`: the camera need not start with it
    /// Real time from the clip's first frame on, in time: go straight down low back; catch legs arms finish over,
    /// stroke after stroke; draw anchor release down.
    std::vector<std::pair<std::string, double>> eventTimesS;
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
    int slowMotion = 1; ///< the file plays this many times slower than it was filmed
    int frames = 0;
    std::vector<Take> takes;
    std::uint32_t seed = 1;
    bool fromBehind = false; ///< the camera stands behind the athlete
    int sharpness = 1;       ///< times as many pixels each way as 960 x 540
};

/// The clips that ship: "ilka_baseline", "ilka_baseline_lamp", "ilka_retest", "ilka_retest_lamp", "instructors",
/// "davor_steady", "davor_race", "davor_retest", "davor_retest_race", "club_rowers", "mirelle_side", "mirelle_rear",
/// "mirelle_scored", "mirelle_retest", "mirelle_best"; and one that no case has, "ilka_slow": filmed at 240 frames a
/// second and stored at 30.
[[nodiscard]] std::vector<SimulatedClip> demoClips();

/// Joint centres of a frame in pixels, by anatomical name and "tip", "handle" or "bow_top".
using FrameTruth = std::map<std::string, PixelPosition>;
[[nodiscard]] FrameTruth frameTruth(const SimulatedClip& clip, int frame);
/// The same before another camera.
[[nodiscard]] FrameTruth frameTruth(const SimulatedClip& clip, int frame, const Camera& camera);

/// The head of who moves in a frame.
[[nodiscard]] SeenEllipse headTruth(const SimulatedClip& clip, int frame);

/// The camera of a clip, for what faces left or right.
[[nodiscard]] Camera cameraOf(const SimulatedClip& clip, bool facesLeft);

/// Frame drawn by the simulated camera, RGB rows. Renderers are per take direction and costly: keep one.
class ClipRenderer {
public:
    explicit ClipRenderer(const SimulatedClip& clip);
    [[nodiscard]] std::vector<std::uint8_t> frame(int index);

private:
    const SimulatedClip& clip_;
    std::map<bool, Renderer> renderers_; ///< by facing left
};

/// Truth of the whole clip: frame rate of the file, repetitions with events in its time, landmarks by frame, angles as
/// seen.
[[nodiscard]] Json truthJson(const SimulatedClip& clip);

/// A number as a truth file has it: four decimals.
[[nodiscard]] double inTruth(double value);
/// A head as a truth file has it: x, y, a, b in pixels, degrees.
[[nodiscard]] Json inTruth(const SeenEllipse& head);
/// Writes NAME.truth.json into a folder.
[[nodiscard]] Result<void> writeTruth(const Json& truth, const std::string& folder, const std::string& name);

/// Renders and writes NAME.mp4 and NAME.truth.json into a folder; `goOn` gets the share done and may stop it.
[[nodiscard]] Result<void> renderClip(const SimulatedClip& clip, const std::string& folder,
                                      const std::function<bool(double share)>& goOn);

} // namespace riflesso::simcam
