#pragma once
// A clip of the simulated camera that is told by data alone: which takes of a skill one after another, who moves, and
// where the camera stands. NAME.clip.json beside the clips.

#include "core/pack/pack.h"
#include "core/result.h"
#include "core/tables/json_fwd.h"
#include "simcam/hall.h"
#include "simcam/passer_by.h"
#include "simcam/takes.h"

#include <functional>
#include <string>
#include <vector>

namespace riflesso::simcam {

struct ToldRepetition {
    std::string take; ///< of the skill's takes
    std::uint32_t seed = 1;
};
/// One athlete, repetition after repetition.
struct ToldSection {
    std::string performer;
    bool leftHanded = false;
    Outfit outfit;
    std::vector<ToldRepetition> repetitions;
};
struct ToldClip {
    std::string name;
    std::string skill; ///< names the takes and the pack: overhead_stroke
    View view = View::Side;
    Camera camera; ///< on the figure turned towards it: always before the wall
    int frameRate = 60;
    int cycles = 0;     ///< of a cyclic skill in each repetition; 0: as its takes have it
    bool flume = false; ///< who repeats a movement stays in place: the water comes
    double pauseS = .5; ///< between two repetitions
    std::vector<ToldSection> sections;
    std::vector<PasserBy> others; ///< who walk through; the truth is the athlete's alone
};

/// text: the clip's file. Every fault is bad input with its path.
[[nodiscard]] Result<ToldClip> readToldClip(std::string_view text, const std::string& name);
/// The exact truth of the clip, as its file has it; bad input as with renderToldClip.
[[nodiscard]] Result<Json> truthOfToldClip(const ToldClip& clip, const Pack& pack, const SkillTakes& takes);
/// Writes NAME.mp4 and NAME.truth.json into the folder; pack and takes are those of its skill. Bad input: a take that
/// is not there or that the figure cannot show.
[[nodiscard]] Result<void> renderToldClip(const ToldClip& clip, const Pack& pack, const SkillTakes& takes,
                                          const std::string& folder, const std::function<bool(double share)>& goOn);

} // namespace riflesso::simcam
