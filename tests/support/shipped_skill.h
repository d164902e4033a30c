#pragma once
// A skill that ships: its pack and the takes of the figure.

#include "core/pack/pack_reader.h"
#include "simcam/takes.h"
#include "support/files.h"

namespace riflesso::test {

struct ShippedSkill {
    Pack pack;
    simcam::SkillTakes takes;
};

/// By the name of its files: overhead_stroke. The first fault of either is the error.
inline Result<ShippedSkill> shippedSkill(const std::string& name) {
    auto pack = loadPack(readText(PACKS "/" + name + ".json"), name + ".json");
    if (!pack)
        return pack.error();
    auto takes = simcam::readTakes(readText(DEMO_CLIPS "/../takes/" + name + ".takes.json"), name, *pack);
    if (!takes)
        return takes.error();
    return ShippedSkill{std::move(*pack), std::move(*takes)};
}

} // namespace riflesso::test
