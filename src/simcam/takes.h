#pragma once
// Simulated takes of a skill: the model's, and one for each fault that the figure can show. What is done differently in
// each is data (NAME.takes.json beside the demo); here it becomes marks and key events, exact and without a picture.

#include "core/pack/pack.h"
#include "core/points/trial.h"
#include "core/result.h"
#include "simcam/posture_takes.h"

#include <cstdint>
#include <map>
#include <string>
#include <variant>
#include <vector>

namespace riflesso::simcam {

/// How one take differs from the figure's own way of moving.
struct TakeStyle {
    std::map<std::string, float> style, drift; ///< by field of the movement's style; drift is added stroke after stroke
    std::vector<float> holdsS;                 ///< of shots, one after the other, from the first again
    std::map<std::string, std::string> observations;
    std::string cannot; ///< why the figure cannot show it; empty: it can
};

/// The takes of one skill pack.
struct SkillTakes {
    enum class Movement { Lunge, Row, Shoot, Postures };
    std::string packId;
    Movement movement = Movement::Lunge;
    View view = View::Side;
    TakeStyle model;
    std::map<std::string, TakeStyle> faults; ///< by fault of the pack, each with the model's own where it says nothing
    PostureTakes told;                       ///< of Movement::Postures: all of it; model and faults then say what
                                             ///< cannot be shown
};
/// Every fault of the file is bad input, with its path. A fault of the pack without a take is one.
[[nodiscard]] Result<SkillTakes> readTakes(std::string_view text, std::string_view name, const Pack& pack);

struct TakeAsked {
    std::string take = "model"; ///< or a fault of the pack
    int repetitions = 8;        ///< 1 to 200; of a rower strokes of one piece
    std::uint32_t seed = 1;
    double bearingDeg = 0; ///< of the camera off the normal of the plane of movement, 0 to 80
    /// Of Movement::Postures: cameras on each movement, the first leading; empty: one, in the first view of the takes.
    std::vector<View> views = {};
    bool leftHanded = false; ///< of Movement::Postures
};
/// Truth of a take: the athlete 450 px tall, right-handed, facing right, filmed at 60 frames a second from eight body
/// heights away. Bad input where the figure cannot show it, with the reason.
[[nodiscard]] Result<std::vector<Trial>> makeTake(const SkillTakes& takes, const Pack& pack, const TakeAsked& asked);

} // namespace riflesso::simcam
