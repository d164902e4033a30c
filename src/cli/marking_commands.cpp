#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "core/pack/pack_reader.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "media/clip_reader.h"
#include "work/propose_marks.h"
#include "work/track_marks.h"

#include <algorithm>
#include <cstdio>
#include <sstream>

namespace riflesso::cli {
namespace {

constexpr int kMostFrames = 2'000'000;

/// The stretch of a clip that --from and --to name, as --mirrored shows it.
struct Stretch {
    std::string path;
    ClipInfo info;
    int from = 0, to = 0;
    PictureSetup picture;
};

Result<Stretch> stretchOf(const Arguments& arguments, const std::string& usage) {
    if (arguments.plain().size() != 1)
        return badInput("command line", usage, std::to_string(arguments.plain().size()) + " clips");
    const auto from = arguments.integer("from", 0, kMostFrames), to = arguments.integer("to", 0, kMostFrames);
    if (!from || !to)
        return !from ? from.error() : to.error();
    const std::string mirrored = arguments.value("mirrored").value_or("no");
    if (mirrored != "yes" && mirrored != "no")
        return badInput("command line", "--mirrored yes or no", mirrored);
    const auto reader = ClipReader::open(arguments.plain()[0]);
    if (!reader)
        return reader.error();
    const int frames = (*reader)->info().frames();
    if (*from > *to || *to >= frames)
        return badInput("command line",
                        "--from N --to M with N <= M < " + std::to_string(frames) + ", the clip's frames",
                        std::to_string(*from) + " and " + std::to_string(*to));
    Stretch out{arguments.plain()[0], (*reader)->info(), *from, *to, {}};
    out.picture.mirrored = mirrored == "yes";
    return out;
}

/// Marks of a table, whatever frames they lie in; without a frame they lie in --from.
Result<std::vector<TrackSeed>> readMarks(const std::string& path, const Stretch& stretch) {
    const auto text = readFile(path);
    if (!text)
        return text.error();
    const auto rows = readPoints(*text, path);
    if (!rows)
        return rows.error();
    const double usual = defaultSigmaPx(stretch.info.displayHeight);
    std::vector<TrackSeed> out;
    for (const PointRow& row : *rows) {
        const int frame = row.frame.value_or(stretch.from);
        if (frame >= stretch.info.frames())
            return badInput(path, "frames of the clip, 0 to " + std::to_string(stretch.info.frames() - 1),
                            std::to_string(frame));
        out.push_back({row.landmark, frame, row.at, row.sigmaPx.value_or(usual)});
    }
    return out;
}

/// Implements that hands hold, by --pack and --handedness; none without a pack.
Result<std::vector<HeldPoint>> heldIn(const Arguments& arguments) {
    const auto path = arguments.value("pack");
    const auto word = arguments.value("handedness");
    const auto hand = sideFrom(word.value_or("right"));
    if (!hand)
        return badInput("command line", "--handedness left or right", *word);
    if (!path)
        return std::vector<HeldPoint>();
    const auto text = readFile(*path);
    if (!text)
        return text.error();
    const auto pack = loadPack(*text, *path);
    if (!pack)
        return pack.error();
    return heldPoints(*pack, rolesByHand(*pack, *hand));
}

bool showShare(double share) {
    static int last = -1;
    const int percent = static_cast<int>(100 * share);
    if (percent != last)
        std::fprintf(stderr, "\r%d %%", last = percent);
    return true;
}

/// Landmarks CSV of marks, with the clip's own times, as one trial.
Result<void> writeTable(const std::string& path, const Marks& marks, const std::vector<double>& timesS) {
    Trial trial;
    trial.id = "1";
    trial.times = FrameTimes::ofClip(timesS);
    trial.marks = marks;
    return writeFile(path, landmarksCsv({trial}));
}

/// The answer, after its marks were written where --out wants them.
Result<Json> answered(Json out, const Arguments& arguments, const Marks& marks, const std::vector<double>& timesS) {
    if (const auto file = arguments.value("out")) {
        if (const auto written = writeTable(*file, marks, timesS); !written)
            return written.error();
        out["out"] = *file;
    }
    return out;
}

} // namespace

Result<Json> track(const Words& words) {
    const auto arguments = Arguments::parse(words, {"from", "to", "points", "mirrored", "pack", "handedness", "out"});
    if (!arguments)
        return arguments.error();
    const auto stretch = stretchOf(*arguments, "track CLIP --from N --to M --points P.csv [--out T.csv]");
    if (!stretch)
        return stretch.error();
    const auto points = arguments->required("points");
    if (!points)
        return points.error();
    auto seeds = readMarks(*points, *stretch);
    if (!seeds)
        return seeds.error();
    std::erase_if(*seeds,
                  [&](const TrackSeed& seed) { return seed.frame < stretch->from || seed.frame > stretch->to; });
    if (seeds->empty())
        return badInput(*points, "a point in a frame between --from and --to", "none");
    const auto held = heldIn(*arguments);
    if (!held)
        return held.error();
    const auto tracked =
        trackInStretch({stretch->path, stretch->picture, stretch->from, stretch->to, *seeds, *held}, showShare);
    std::fprintf(stderr, "\n");
    if (!tracked)
        return tracked.error();
    Json out{{"points", Json::array()}};
    for (const auto& [landmark, path] : *tracked) {
        Json frames = Json::array();
        for (const TrackedPoint& point : path) {
            using Status = TrackedPoint::Status;
            const bool lost = point.status == Status::Lost, doubtful = point.status == Status::Doubtful;
            Json entry{{"frame", point.frame}, {"x_px", nullptr}, {"y_px", nullptr}, {"sigma_px", nullptr}};
            if (!lost) {
                entry["x_px"] = point.at.x;
                entry["y_px"] = point.at.y;
                entry["sigma_px"] = point.sigmaPx;
            }
            entry["status"] = lost ? "lost" : doubtful ? "doubtful" : "tracked";
            frames.push_back(std::move(entry));
        }
        out["points"].push_back({{"landmark", landmark}, {"frames", std::move(frames)}});
    }
    return answered(std::move(out), *arguments, marksOf(*tracked), stretch->info.timesS);
}

namespace {

/// Marks by hand of --points, with the first and last frame that they lie in.
struct ByHand {
    Marks marks;
    int first = 0, last = 0;
};

Result<ByHand> byHandOf(const Arguments& arguments, const Stretch& stretch) {
    ByHand out;
    const auto path = arguments.value("points");
    if (!path)
        return out;
    const auto rows = readMarks(*path, stretch);
    if (!rows)
        return rows.error();
    out.first = stretch.info.frames();
    for (const TrackSeed& row : *rows) {
        out.marks[row.landmark][row.frame] = {row.at, row.sigmaPx, std::string(kByHand)};
        out.first = std::min(out.first, row.frame);
        out.last = std::max(out.last, row.frame);
    }
    return out;
}

/// --box X,Y,WIDTH,HEIGHT.
Result<std::optional<PictureBox>> boxOf(const Arguments& arguments) {
    const auto text = arguments.value("box");
    if (!text)
        return std::optional<PictureBox>();
    std::istringstream stream(*text);
    stream.imbue(std::locale::classic());
    PictureBox read;
    char comma = 0;
    stream >> read.x >> comma >> read.y >> comma >> read.width >> comma >> read.height;
    if (!stream || !stream.eof() || !(read.width > 1) || !(read.height > 1))
        return badInput("command line", "--box X,Y,WIDTH,HEIGHT in pixels", *text);
    return std::optional(read);
}

} // namespace

Result<Json> propose(const Words& words) {
    const auto arguments = Arguments::parse(words, {"from", "to", "box", "points", "mirrored", "out"});
    if (!arguments)
        return arguments.error();
    const auto stretch = stretchOf(*arguments, "propose CLIP --from N --to M [--box X,Y,WIDTH,HEIGHT] [--out T.csv]");
    if (!stretch)
        return stretch.error();
    const auto box = boxOf(*arguments);
    const auto byHand = byHandOf(*arguments, *stretch);
    if (!box || !byHand)
        return !box ? box.error() : byHand.error();
    const auto network = PoseNetwork::open(besideProgram("share/riflesso/models"));
    if (!network)
        return network.error();
    const auto run = [&](int from, int to, std::optional<PictureBox> where) {
        return proposeInStretch(**network, {stretch->path, stretch->picture, from, to, byHand->marks}, where,
                                showShare);
    };
    auto proposed = run(stretch->from, stretch->to, *box);
    if (!proposed)
        return proposed.error();
    MarkingHabit habit;
    if (teaches(byHand->marks)) {
        const bool within = byHand->first >= stretch->from && byHand->last <= stretch->to;
        const auto there = within ? proposed : run(byHand->first, byHand->last, {});
        if (!there)
            return there.error();
        habit.learn(*there, byHand->marks);
        habit.apply(*proposed);
    }
    std::fprintf(stderr, "\n");
    Json out{{"points", Json::array()}, {"placed_as_by_hand", habit.landmarks()}};
    Marks marks;
    for (const auto& [landmark, track] : *proposed) {
        Json frames = Json::array();
        for (const auto& [frame, point] : track) {
            frames.push_back({{"frame", frame},
                              {"x_px", point.mark.at.x},
                              {"y_px", point.mark.at.y},
                              {"sigma_px", point.mark.sigmaPx},
                              {"confidence", point.score},
                              {"status", isDoubtful(point.mark.source) ? "doubtful" : "proposed"}});
            marks[landmark][frame] = point.mark;
        }
        out["points"].push_back({{"landmark", landmark}, {"frames", std::move(frames)}});
    }
    return answered(std::move(out), *arguments, marks, stretch->info.timesS);
}

} // namespace riflesso::cli
