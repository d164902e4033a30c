// Two people who cross: whether the marks stay with the athlete while somebody walks past, before or behind. The clips
// are told by data (bench/crossings), rendered here, and held against their truth.
//   build/bin/bench-crossed CROSSINGS PACKS TAKES FOLDER
// FOLDER keeps what was rendered: a second run starts from there.

#include "filmed.h"

#include "core/pack/pack_reader.h"
#include "core/uncertainty/stats.h"
#include "media/proposed_marks.h"

#include <cmath>
#include <cstdio>
#include <filesystem>

namespace {

using namespace riflesso;
namespace fs = std::filesystem;

std::string textOf(const fs::path& path) {
    std::ifstream file(path);
    return std::string(std::istreambuf_iterator<char>(file), {});
}

template <class T> T orEnd(Result<T> result) {
    if (result)
        return std::move(*result);
    std::fprintf(stderr, "%s\n", result.error().sentence().c_str());
    std::exit(2);
}

/// The pack of riflesso.overhead-stroke is packs/overhead_stroke.json, its takes lie in `folder`.
void render(const simcam::ToldClip& clip, const fs::path& packs, const fs::path& folder, const fs::path& into) {
    std::string name = clip.skill.substr(clip.skill.find('.') + 1);
    std::replace(name.begin(), name.end(), '-', '_');
    const Pack pack = orEnd(loadPack(textOf(packs / (name + ".json")), name + ".json"));
    const simcam::SkillTakes takes = orEnd(simcam::readTakes(textOf(folder / (name + ".takes.json")), name, pack));
    const auto done = simcam::renderToldClip(clip, pack, takes, into.string(), {});
    if (!done)
        std::fprintf(stderr, "%s\n", done.error().sentence().c_str());
}

struct Count {
    int frames = 0, athlete = 0, lost = 0, doubtful = 0, other = 0;
    std::vector<double> share;
};

/// How the marks of one frame lie to the truth: by the middle of trunk and legs, % of the body's height.
void count(Count& count, const ProposedMarks& marks, int frame, const std::map<std::string, PixelPoint>& truth,
           double height) {
    std::vector<double> off;
    int doubtful = 0;
    for (const char* side : {"left_", "right_"})
        for (const char* part : {"shoulder", "hip", "knee"}) {
            const auto track = marks.find(std::string(side) + part);
            const auto there = truth.find(std::string(side) + part);
            if (track == marks.end() || there == truth.end())
                continue;
            const auto mark = track->second.find(frame);
            if (mark == track->second.end())
                continue;
            off.push_back(
                std::hypot(mark->second.mark.at.x - there->second.x, mark->second.mark.at.y - there->second.y) /
                height);
            doubtful += mark->second.mark.source == kDoubtfulFromNetwork;
        }
    constexpr double kTheirs = 0.08; // of the height: half a trunk's width
    ++count.frames;
    if (off.size() < 4) {
        ++count.lost;
        return;
    }
    const double middle = median(off);
    count.share.push_back(100 * middle);
    const bool right = middle <= kTheirs;
    if (right)
        ++count.athlete;
    else if (2 * doubtful >= static_cast<int>(off.size()))
        ++count.doubtful;
    else
        ++count.other;
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 5) {
        std::fprintf(stderr, "bench-crossed CROSSINGS PACKS TAKES FOLDER\n");
        return 2;
    }
    const fs::path crossings = argv[1], packs = argv[2], takes = argv[3], folder = argv[4];
    fs::create_directories(folder);
    const auto network = orEnd(PoseNetwork::open(MODELS));
    std::vector<fs::path> files;
    for (const auto& entry : fs::directory_iterator(crossings))
        if (entry.path().string().ends_with(".clip.json"))
            files.push_back(entry.path());
    std::sort(files.begin(), files.end());
    std::printf(
        "frames: marks on the athlete, nothing said (lost), off by over 8 %% of the height but doubtful, off and "
        "not said\n");
    for (const fs::path& file : files) {
        const std::string name = file.stem().stem().string();
        const simcam::ToldClip clip = orEnd(simcam::readToldClip(textOf(file), name));
        if (!fs::exists(folder / (name + ".mp4"))) {
            fs::copy_file(file, folder / file.filename(), fs::copy_options::overwrite_existing);
            render(clip, packs, takes, folder);
        }
        const bench::Filmed filmed = bench::filmedOf(folder.string(), name);
        const auto reader = orEnd(ClipReader::open((folder / (name + ".mp4")).string()));
        const int to = reader->info().frames() - 1;
        // As an analyst begins: a box round the athlete in the first picture.
        std::map<std::string, MarksByFrame> first;
        for (const auto& [landmark, at] : filmed.truthAt(0))
            first[landmark][0] = {at, 1, "truth"};
        const auto marks =
            orEnd(proposeMarks(*network, [&](int at) { return reader->frame(at); }, 0, to, boxRound(first, 0), {}));
        Count all, last;
        for (int frame = 0; frame <= to; ++frame) {
            count(all, marks, frame, filmed.truthAt(frame), filmed.heightPx);
            if (frame > to - 10)
                count(last, marks, frame, filmed.truthAt(frame), filmed.heightPx);
        }
        std::printf(
            "%-18s of %3d: athlete %3d, lost %3d, doubtful %3d, somebody else %3d; the last ten: athlete %d, lost "
            "%d; middle %.2f %%\n",
            name.c_str(), all.frames, all.athlete, all.lost, all.doubtful, all.other, last.athlete, last.lost,
            all.share.empty() ? 0 : median(all.share));
    }
}
