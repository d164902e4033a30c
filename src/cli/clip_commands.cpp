#include "cli/arguments.h"
#include "cli/commands.h"
#include "media/clip_checks.h"
#include "media/clip_writer.h"
#include "simcam/simulated_clip.h"

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
    const auto arguments = Arguments::parse(words, {"out"});
    if (!arguments)
        return arguments.error();
    const auto out = arguments->required("out");
    if (!out)
        return out.error();
    const std::string name = arguments->plain().size() == 1 ? arguments->plain()[0] : std::string();
    std::string names;
    for (const simcam::SimulatedClip& clip : simcam::demoClips()) {
        names += (names.empty() ? "" : " ") + clip.name;
        if (clip.name != name)
            continue;
        int last = -1;
        const auto done = simcam::renderClip(clip, *out, [&last](double share) {
            const int percent = static_cast<int>(100 * share);
            if (percent != last)
                std::fprintf(stderr, "\r%d %%", last = percent);
            return true;
        });
        std::fprintf(stderr, "\n");
        if (!done)
            return done.error();
        return Json{{"clip", *out + "/" + name + ".mp4"},
                    {"truth", *out + "/" + name + ".truth.json"},
                    {"frames", clip.frames}};
    }
    return badInput("command line", "simulate NAME --out DIR, NAME one of " + names, name.empty() ? "nothing" : name);
}

} // namespace riflesso::cli
