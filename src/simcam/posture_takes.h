#pragma once
// Takes that are told by postures: the model's rows, and what each fault changes of them.

#include "core/pack/pack.h"
#include "core/points/trial.h"
#include "core/result.h"
#include "core/tables/json_fwd.h"
#include "simcam/postures.h"

#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace riflesso::simcam {

/// How every take is filmed: frames a second, the athlete's height in pixels and in metres, the camera's distance in
/// body heights.
constexpr int kTakeRate = 60;
constexpr float kTakeTallPx = 450, kTakeTallM = 1.75F, kTakeAway = 8;

/// When a key event happens: as long after a posture (after each of that name), or where a joint is fastest or lowest
/// between two.
struct EventAt {
    enum class How { At, Fastest, Lowest } how = How::At;
    std::string from, to; ///< postures; At: `from` alone
    float afterS = 0;
    std::string joint; ///< "right_elbow", "mid_hip", or the implement's point
};

struct PostureTake {
    Postures postures;
    std::map<std::string, EventAt> events; ///< by event of the pack
    std::map<std::string, std::string> observations;
    Postures once; ///< of one cycle, where it repeats itself
    Cycles cycles; ///< count 0: told from beginning to end
    std::string variant;
    std::string cannot; ///< why the figure cannot show it; empty: it can
    /// Takes of which the set is made in equal parts, each at its level of stress; empty: this one alone.
    std::vector<std::pair<std::string, Stress>> parts;
};

struct PostureTakes {
    std::vector<View> views;
    std::string implement; ///< the pack's point at its end; empty: none
    float implementLength = 0;
    /// Edges of the implement's head: points of the pack, across it, in body heights.
    struct Edges {
        std::string upper, lower;
        float width = 0, fromTip = 0;
    };
    std::optional<Edges> edges;
    std::vector<std::pair<std::string, std::string>> rods; ///< drawn from one of the pack's points to another
    /// Points of the pack that lie from one joint so far towards another ("right_hand": from the wrist along the hand).
    struct On {
        std::string from, towards;
        float by = 0;
    };
    std::map<std::string, On> on;
    bool prone = false; ///< the rows are told as if standing (Pose::prone); points of the pack in the room
    std::vector<std::pair<Vec3, Vec3>> boxes; ///< of furniture: middle, and half its sizes
    float variation = 1;                      ///< natural one of a repetition, as a share of a stroke's (postures.h)
    std::map<std::string, PostureTake> takes; ///< "model", a fault of the pack, or another form by a name of its own
};

/// Of the file of a skill whose movement is told by postures (takes.h says where): `takes` NAME: rows, or like another
/// with `set`, `add`, `delay`, `drop`. A fault of the pack without a take is bad input.
[[nodiscard]] PostureTakes readPostureTakes(const JsonNode& node, const Pack& pack);

/// As makeTake() in takes.h; before a camera of each of the views, those after the first as the same movements.
[[nodiscard]] std::vector<Trial> filmPostures(const PostureTakes& takes, const Pack& pack, const std::string& take,
                                              const std::vector<View>& views, int repetitions, std::uint32_t seed,
                                              double bearingDeg, bool leftHanded);

/// The pose of a posture with all that these takes have beside the body; rods and boxes where their points are then.
[[nodiscard]] Pose poseIn(const PostureTakes& takes, const Posture& posture);
/// Who swims by rows that count from the water, lifted to where the pool of the hall has it.
void afloat(Pose& pose);
/// Where everything is at a time, in the room: joints, the points of the pack, the hands.
[[nodiscard]] std::map<std::string, Vec3> placesAt(const PostureTakes& takes, const Postures& postures, float t,
                                                   bool leftHanded);
/// Times of an event, s from the postures' zero, in order; a posture that comes again has its event again.
[[nodiscard]] std::vector<double> eventTimes(const PostureTakes& takes, const Postures& postures, const EventAt& at);
/// Whether an analyst marks it: what the pack asks for, on both sides, and its own points.
[[nodiscard]] bool isMarked(const Pack& pack, const std::string& landmark);

/// The figure of a take at one of its events, from three quarters, before a wall; RGB rows. Precondition: the take has
/// the event, and can be shown.
[[nodiscard]] std::vector<std::uint8_t> drawPosture(const PostureTakes& takes, const std::string& take,
                                                    const std::string& event, int width, int height);

} // namespace riflesso::simcam
