#include "cli/arguments.h"
#include "cli/commands.h"
#include "core/tables/json_walk.h"
#include "media/clip_checks.h"
#include "media/clip_writer.h"
#include "simcam/odd_clips.h"

#include <cstdio>

namespace riflesso::cli {

Result<Json> probe(const Words& words) {
    if (words.size() != 1)
        return badInput("command line", "probe CLIP", std::to_string(words.size()) + " words");
    const auto reader = ClipReader::open(words[0]);
    if (!reader)
        return reader.error();
    const auto checks = checkClip(**reader);
    if (!checks)
        return checks.error();
    const ClipInfo& info = (*reader)->info();
    Json out;
    out["codec"] = info.codec;
    out["stored"] = {info.storedWidth, info.storedHeight};
    out["display"] = {info.displayWidth, info.displayHeight};
    out["rotation"] = info.rotation;
    out["frames"] = info.frames();
    out["times_s"] = info.timesS;
    out["median_interval_s"] = info.medianIntervalS;
    out["gaps"] = Json::array();
    for (const ClipGap& gap : info.gaps)
        out["gaps"].push_back({{"frame", gap.frame}, {"interval_s", gap.intervalS}});
    out["repeated_frames"] = checks->repeated;
    out["suggested_cuts"] = checks->cuts;
    out["duration_s"] = info.durationS;
    out["has_sound"] = info.hasSound;
    return out;
}

Result<Json> frame(const Words& words) {
    const auto arguments = Arguments::parse(words, {"index", "out"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "frame CLIP --index N --out F.png", "another number of words");
    const auto index = arguments->integer("index", 0, 2'000'000);
    if (!index)
        return index.error();
    const auto out = arguments->required("out");
    if (!out)
        return out.error();
    const auto reader = ClipReader::open(arguments->plain()[0]);
    if (!reader)
        return reader.error();
    const auto picture = (*reader)->frame(*index);
    if (!picture)
        return picture.error();
    if (const auto written = writePng(*picture, *out); !written)
        return written.error();
    return Json{{"index", *index},
                {"time_s", picture->timeS},
                {"width", picture->width},
                {"height", picture->height},
                {"out", *out}};
}

Result<Json> simulate(const Words& words) {
    const auto arguments = Arguments::parse(words, {"out", "clips"});
    if (!arguments)
        return arguments.error();
    const auto out = arguments->required("out");
    if (!out)
        return out.error();
    const std::string name = arguments->plain().size() == 1 ? arguments->plain()[0] : std::string();
    const auto shown = [last = -1](double share) mutable {
        const int percent = static_cast<int>(100 * share);
        if (percent != last)
            std::fprintf(stderr, "\r%d %%", last = percent);
        return true;
    };
    const auto answer = [&](const Result<void>& done, int frames) -> Result<Json> {
        std::fprintf(stderr, "\n");
        if (!done)
            return done.error();
        return Json{
            {"clip", *out + "/" + name + ".mp4"}, {"truth", *out + "/" + name + ".truth.json"}, {"frames", frames}};
    };
    std::string names;
    for (const simcam::SimulatedClip& clip : simcam::demoClips()) {
        names += (names.empty() ? "" : " ") + clip.name;
        if (clip.name == name)
            return answer(simcam::renderClip(clip, *out, shown), clip.frames);
    }
    // Made of the pictures of the others, which lie in --clips, or where it is written.
    for (const simcam::OddClip& clip : simcam::oddClips()) {
        names += " " + clip.name;
        if (clip.name == name)
            return answer(simcam::makeOddClip(clip, arguments->value("clips").value_or(*out), *out, shown),
                          clip.frames());
    }
    return badInput("command line", "simulate NAME --out DIR, NAME one of " + names, name.empty() ? "nothing" : name);
}

} // namespace riflesso::cli
