#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "media/point_tracker.h"
#include "media/proposed_marks.h"

#include <cstdio>
#include <sstream>

namespace riflesso::cli {
namespace {

constexpr int kMostFrames = 2'000'000;

/// The stretch of a clip that --from and --to name.
struct Stretch {
    std::unique_ptr<ClipReader> reader;
    int from = 0, to = 0;
};

Result<Stretch> stretchOf(const Arguments& arguments, const std::string& usage) {
    if (arguments.plain().size() != 1)
        return badInput("command line", usage, std::to_string(arguments.plain().size()) + " clips");
    const auto from = arguments.integer("from", 0, kMostFrames), to = arguments.integer("to", 0, kMostFrames);
    if (!from || !to)
        return !from ? from.error() : to.error();
    auto reader = ClipReader::open(arguments.plain()[0]);
    if (!reader)
        return reader.error();
    const int frames = (*reader)->info().frames();
    if (*from > *to || *to >= frames)
        return badInput("command line",
                        "--from N --to M with N <= M < " + std::to_string(frames) + ", the clip's frames",
                        std::to_string(*from) + " and " + std::to_string(*to));
    return Stretch{std::move(*reader), *from, *to};
}

/// Points to track; without a frame they lie in --from.
Result<std::vector<TrackSeed>> readSeeds(const std::string& path, const Stretch& stretch) {
    const auto text = readFile(path);
    if (!text)
        return text.error();
    const auto rows = readPoints(*text, path);
    if (!rows)
        return rows.error();
    const double usual = defaultSigmaPx(stretch.reader->info().displayHeight);
    std::vector<TrackSeed> seeds;
    for (const PointRow& row : *rows)
        if (const int frame = row.frame.value_or(stretch.from); frame >= stretch.from && frame <= stretch.to)
            seeds.push_back({row.landmark, frame, row.at, row.sigmaPx.value_or(usual)});
    if (seeds.empty())
        return badInput(path, "a point in a frame between --from and --to", "none");
    return seeds;
}

bool showShare(double share) {
    static int last = -1;
    const int percent = static_cast<int>(100 * share);
    if (percent != last)
        std::fprintf(stderr, "\r%d %%", last = percent);
    return true;
}

/// Landmarks CSV of marks, with the clip's own times, as one trial.
Result<void> writeMarks(const std::string& path, const std::map<std::string, MarksByFrame>& marks,
                        const std::vector<double>& timesS) {
    Trial trial;
    trial.id = "1";
    trial.times = FrameTimes::ofClip(timesS);
    trial.marks = marks;
    return writeFile(path, landmarksCsv({trial}));
}

/// The answer, after its marks were written where --out wants them.
Result<Json> answered(Json out, const Arguments& arguments, const std::map<std::string, MarksByFrame>& marks,
                      const std::vector<double>& timesS) {
    if (const auto file = arguments.value("out")) {
        if (const auto written = writeMarks(*file, marks, timesS); !written)
            return written.error();
        out["out"] = *file;
    }
    return out;
}

} // namespace

Result<Json> track(const Words& words) {
    const auto arguments = Arguments::parse(words, {"from", "to", "points", "out"});
    if (!arguments)
        return arguments.error();
    const auto stretch = stretchOf(*arguments, "track CLIP --from N --to M --points P.csv [--out T.csv]");
    if (!stretch)
        return stretch.error();
    const auto points = arguments->required("points");
    if (!points)
        return points.error();
    const ClipInfo& info = stretch->reader->info();
    const auto seeds = readSeeds(*points, *stretch);
    if (!seeds)
        return seeds.error();
    const auto tracked =
        trackPoints([&](int at) { return stretch->reader->frame(at); }, stretch->from, stretch->to, *seeds, showShare);
    std::fprintf(stderr, "\n");
    if (!tracked)
        return tracked.error();
    Json out{{"points", Json::array()}};
    std::map<std::string, MarksByFrame> marks;
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
                marks[landmark][point.frame] = {point.at, point.sigmaPx,
                                                std::string(doubtful ? kDoubtfullyTracked : kTracked)};
            }
            entry["status"] = lost ? "lost" : doubtful ? "doubtful" : "tracked";
            frames.push_back(std::move(entry));
        }
        out["points"].push_back({{"landmark", landmark}, {"frames", std::move(frames)}});
    }
    return answered(std::move(out), *arguments, marks, info.timesS);
}

Result<Json> propose(const Words& words) {
    const auto arguments = Arguments::parse(words, {"from", "to", "box", "out"});
    if (!arguments)
        return arguments.error();
    const auto stretch = stretchOf(*arguments, "propose CLIP --from N --to M [--box X,Y,WIDTH,HEIGHT] [--out T.csv]");
    if (!stretch)
        return stretch.error();
    std::optional<PictureBox> box;
    if (const auto text = arguments->value("box")) {
        std::istringstream stream(*text);
        stream.imbue(std::locale::classic());
        PictureBox read;
        char comma = 0;
        stream >> read.x >> comma >> read.y >> comma >> read.width >> comma >> read.height;
        if (!stream || !stream.eof() || !(read.width > 1) || !(read.height > 1))
            return badInput("command line", "--box X,Y,WIDTH,HEIGHT in pixels", *text);
        box = read;
    }
    const auto network = PoseNetwork::open(besideProgram("share/riflesso/models"));
    if (!network)
        return network.error();
    const ClipInfo& info = stretch->reader->info();
    const auto proposed = proposeMarks(
        **network, [&](int at) { return stretch->reader->frame(at); }, stretch->from, stretch->to, box, {}, showShare);
    std::fprintf(stderr, "\n");
    if (!proposed)
        return proposed.error();
    Json out{{"points", Json::array()}};
    std::map<std::string, MarksByFrame> marks;
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
    return answered(std::move(out), *arguments, marks, info.timesS);
}

} // namespace riflesso::cli
