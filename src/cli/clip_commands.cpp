#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "core/pack/pack_reader.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "media/clip_checks.h"
#include "media/clip_writer.h"
#include "simcam/odd_clips.h"
#include "simcam/takes.h"
#include "simcam/told_clip.h"

#include <QDir>
#include <QFileInfo>
#include <QImage>

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

namespace {

/// The skill pack of this id, or of this file, and its takes: those beside the demo's clips.
Result<std::pair<Pack, simcam::SkillTakes>> skillNamed(const std::string& wanted) {
    const QString packs = QString::fromStdString(besideProgram("share/riflesso/packs")),
                  takes = QString::fromStdString(besideProgram("share/riflesso/takes"));
    QStringList ids;
    QStringList files;
    for (const QFileInfo& entry : QDir(packs).entryInfoList({QStringLiteral("*.json")}, QDir::Files))
        files << entry.filePath();
    if (QFileInfo::exists(QString::fromStdString(wanted)))
        files = QStringList{QString::fromStdString(wanted)};
    for (const QString& path : files) {
        const auto text = readFile(path.toStdString());
        if (!text)
            return text.error();
        const PackReading reading = readPack(*text);
        ids << QString::fromStdString(reading.pack.id);
        if (files.size() > 1 && reading.pack.id != wanted)
            continue;
        auto pack = loadPack(*text, path.toStdString());
        if (!pack)
            return pack.error();
        const QDir folder(takes);
        for (const QFileInfo& entry : folder.entryInfoList({QStringLiteral("*.takes.json")}, QDir::Files)) {
            const auto own = readFile(entry.filePath().toStdString());
            if (!own)
                return own.error();
            std::vector<JsonFault> faults;
            const auto json = parseJson(*own, own->size() + 1, faults);
            if (!json || !json->is_object() || json->value("pack", Json()) != Json(pack->id))
                continue;
            auto read = simcam::readTakes(*own, entry.fileName().toStdString(), *pack);
            if (!read)
                return read.error();
            return std::pair(std::move(*pack), std::move(*read));
        }
        return badInput("--pack", "a skill that the figure has takes of", pack->id);
    }
    ids.removeAll(QString());
    return badInput("--pack", "one of " + ids.join(QStringLiteral(", ")).toStdString() + ", or a skill pack's file",
                    wanted);
}

/// A picture of the figure at an event of a take whose movement is told by postures.
Result<Json> drawTake(const Arguments& arguments, const std::string& out) {
    const auto id = arguments.required("pack");
    if (!id)
        return id.error();
    const auto skill = skillNamed(*id);
    if (!skill)
        return skill.error();
    const auto& [pack, takes] = *skill;
    const std::string take = arguments.value("take").value_or("model"), event = *arguments.value("picture");
    const auto told = takes.told.takes.find(take);
    if (told == takes.told.takes.end() || !told->second.cannot.empty())
        return badInput("--take", "a take that is told by postures and can be shown", take);
    if (!told->second.events.contains(event))
        return badInput("--picture", "an event of the take", event);
    constexpr int kWide = 480, kHigh = 360, kSmaller = 2; // rendered larger, for smooth edges
    const std::vector<std::uint8_t> rgb = simcam::drawPosture(takes.told, take, event, kWide, kHigh);
    const QImage picture(rgb.data(), kWide, kHigh, qsizetype(3) * kWide, QImage::Format_RGB888);
    if (!picture.scaled(kWide / kSmaller, kHigh / kSmaller, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
             .save(QString::fromStdString(out)))
        return badInput("--out", "a picture file that can be written", out);
    return Json{{"picture", out}, {"pack", pack.id}, {"take", take}, {"event", event}};
}

/// Tables of a simulated take, and the switches with which `assess` reads them.
Result<Json> simulateTake(const Arguments& arguments, const std::string& out) {
    const auto skill = skillNamed(*arguments.value("pack"));
    if (!skill)
        return skill.error();
    const auto& [pack, takes] = *skill;
    simcam::TakeAsked asked;
    asked.take = arguments.value("take").value_or("model");
    const auto repetitions = arguments.number("repetitions", 1, 200), seed = arguments.number("seed", 0, 4e9),
               bearing = arguments.number("bearing", 0, 80);
    for (const auto* number : {&repetitions, &seed, &bearing})
        if (!*number)
            return number->error();
    asked.repetitions = static_cast<int>(repetitions->value_or(8));
    asked.seed = static_cast<std::uint32_t>(seed->value_or(1));
    asked.bearingDeg = bearing->value_or(0);
    const auto trials = makeTake(takes, pack, asked);
    if (!trials)
        return trials.error();
    std::string seen = "trial,observation,value\n";
    for (const Trial& trial : *trials)
        for (const auto& [observation, value] : trial.observations)
            seen += trial.id + "," + observation + "," + value + "\n";
    if (!QDir().mkpath(QString::fromStdString(out)))
        return badInput("--out", "a folder that can be written to", out);
    const Json athlete = {{"handedness", "right"}};
    const std::pair<const char*, std::string> files[] = {{"landmarks", landmarksCsv(*trials)},
                                                         {"events", eventsCsv(*trials)},
                                                         {"observations", seen},
                                                         {"athlete", athlete.dump() + "\n"}};
    Json answer;
    for (const auto& [name, text] : files) {
        const std::string path = out + "/" + name + (std::string(name) == "athlete" ? ".json" : ".csv");
        if (const auto written = writeFile(path, text); !written)
            return written.error();
        answer[name] = path;
    }
    answer["switches"] = {
        {"view", toString(takes.view)}, {"facing", "right"}, {"handedness", "right"}, {"athlete", answer["athlete"]}};
    answer.erase("athlete");
    if (const auto scale = trials->front().capture.metresPerPixel)
        answer["switches"]["scale"] = *scale;
    if (*bearing)
        answer["switches"]["bearing"] = asked.bearingDeg;
    answer["pack"] = pack.id;
    answer["take"] = asked.take;
    return answer;
}

} // namespace

Result<Json> simulate(const Words& words) {
    const auto arguments = Arguments::parse(
        words, {"out", "clips", "pack", "take", "repetitions", "seed", "bearing", "picture", "only-truth"});
    if (!arguments)
        return arguments.error();
    const bool onlyTruth = arguments->value("only-truth") == "yes";
    const auto out = arguments->required("out");
    if (!out)
        return out.error();
    if (arguments->value("picture"))
        return drawTake(*arguments, *out);
    if (arguments->value("pack"))
        return simulateTake(*arguments, *out);
    for (const char* only : {"take", "repetitions", "seed", "bearing"})
        if (arguments->value(only))
            return badInput("command line", "--pack with --" + std::string(only), "no --pack");
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
    if (name.ends_with(".clip.json")) { // told by data alone
        const auto text = readFile(name);
        if (!text)
            return text.error();
        const QString base = QFileInfo(QString::fromStdString(name)).completeBaseName().section(u'.', 0, 0);
        const auto clip = simcam::readToldClip(*text, base.toStdString());
        if (!clip)
            return clip.error();
        const auto skill = skillNamed(clip->skill);
        if (!skill)
            return skill.error();
        std::fprintf(stderr, "\n");
        if (onlyTruth) {
            const auto truth = simcam::truthOfToldClip(*clip, skill->first, skill->second);
            if (!truth)
                return truth.error();
            if (const auto done = simcam::writeTruth(*truth, *out, clip->name); !done)
                return done.error();
            return Json{{"truth", *out + "/" + clip->name + ".truth.json"}};
        }
        if (const auto done = simcam::renderToldClip(*clip, skill->first, skill->second, *out, shown); !done)
            return done.error();
        return Json{{"clip", *out + "/" + clip->name + ".mp4"}, {"truth", *out + "/" + clip->name + ".truth.json"}};
    }
    std::string names;
    for (const simcam::SimulatedClip& clip : simcam::demoClips()) {
        names += (names.empty() ? "" : " ") + clip.name;
        if (clip.name == name)
            return answer(onlyTruth ? simcam::writeTruth(simcam::truthJson(clip), *out, name)
                                    : simcam::renderClip(clip, *out, shown),
                          clip.frames);
    }
    // Made of the pictures of the others, which lie in --clips, or where it is written.
    for (const simcam::OddClip& clip : simcam::oddClips()) {
        names += " " + clip.name;
        if (clip.name == name)
            return answer(onlyTruth ? simcam::writeTruth(simcam::truthJson(clip), *out, name)
                                    : simcam::makeOddClip(clip, arguments->value("clips").value_or(*out), *out, shown),
                          clip.frames());
    }
    return badInput("command line", "simulate NAME --out DIR, NAME one of " + names, name.empty() ? "nothing" : name);
}

} // namespace riflesso::cli
