#pragma once
// A repetition of the demo's clips and the truth of it.

#include "core/points/landmark.h"
#include "simcam/simulated_clip.h"
#include "simcam/told_clip.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <functional>
#include <iterator>
#include <map>
#include <memory>
#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace riflesso::bench {

/// What was filmed, and where everything truly was.
struct Filmed {
    std::string name;
    int from = 0, to = 0; ///< of the repetition looked at
    double heightPx = 1;  ///< of the body
    std::string nearSide; ///< "left_" or "right_": nearer to the camera; empty: both are seen as well
    std::function<std::map<std::string, PixelPoint>(int frame)> truthAt;
};

inline Filmed filmedOf(const simcam::SimulatedClip& clip, std::size_t which = 0) {
    const simcam::Take& take = clip.takes.front();
    const simcam::Camera camera = simcam::cameraOf(clip, take.facesLeft);
    Filmed out{clip.name,
               take.repetitions[which % take.repetitions.size()].from,
               take.repetitions[which % take.repetitions.size()].to,
               static_cast<double>(camera.focalPx) / static_cast<double>(camera.depth({0, 0.5f, 0})),
               clip.fromBehind  ? std::string()
               : take.facesLeft ? "left_"
                                : "right_",
               {}};
    out.truthAt = [&clip](int frame) {
        std::map<std::string, PixelPoint> at;
        for (const auto& [name, place] : simcam::frameTruth(clip, frame))
            at[name] = {static_cast<double>(place.x), static_cast<double>(place.y)};
        return at;
    };
    return out;
}

/// Of a clip that is told by data: what its file and its truth say.
inline Filmed filmedOf(const std::string& folder, const std::string& name, std::size_t which = 0) {
    const auto text = [&](const char* ending) {
        std::ifstream file(folder + "/" + name + ending);
        return std::string(std::istreambuf_iterator<char>(file), {});
    };
    const auto told = simcam::readToldClip(text(".clip.json"), name);
    if (!told) {
        std::fprintf(stderr, "%s\n", told.error().sentence().c_str());
        std::exit(2);
    }
    const auto truth = std::make_shared<const Json>(Json::parse(text(".truth.json")));
    const Json& take = (*truth)["takes"][0];
    const Json& repetition = take["repetitions"][which % take["repetitions"].size()];
    Filmed out{name,
               repetition["from"],
               repetition["to"],
               static_cast<double>(told->camera.focalPx) / static_cast<double>(told->camera.depth({0, 0.5f, 0})),
               told->view != View::Side    ? std::string()
               : take["facing"] == "right" ? "right_"
                                           : "left_",
               {}};
    out.truthAt = [truth](int frame) {
        std::map<std::string, PixelPoint> at;
        for (const auto& [landmark, places] : (*truth)["landmarks_px"].items())
            if (static_cast<std::size_t>(frame) < places.size())
                if (const Json& place = places[static_cast<std::size_t>(frame)]; place.is_array())
                    at[landmark] = {place[0], place[1]};
        return at;
    };
    return out;
}

/// The clips of the demo's movements and of their retests.
inline const std::vector<std::string> kMovements = {"ilka_baseline",   "ilka_retest",  "instructors",  "davor_steady",
                                                    "davor_retest",    "mirelle_side", "mirelle_rear", "mirelle_retest",
                                                    "joris_known",     "joris_retest", "nerea_side",   "nerea_front",
                                                    "anselm_baseline", "anselm_retest"};

/// One of them, by whichever of the two ways it is told.
inline Filmed filmedNamed(const std::string& folder, const std::string& name, std::size_t which = 0) {
    static const std::vector<simcam::SimulatedClip> clips = simcam::demoClips();
    const auto own = std::find_if(clips.begin(), clips.end(), [&](const auto& clip) { return clip.name == name; });
    return own != clips.end() ? filmedOf(*own, which) : filmedOf(folder, name, which);
}

} // namespace riflesso::bench
