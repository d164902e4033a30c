// Tracking against the exact truth of the simulated camera at 1920 x 1080, 60 frames a second, default noise, through
// an H.264 clip: marked at the key events of a repetition, carried to the frames between. Rendering takes some minutes;
// a clip that is there already is taken.
//   build/bin/bench-tracked-truth FOLDER [CLIP [REPETITION [FRAMES]]]     of the first performer; ilka_baseline 0

#include "core/uncertainty/stats.h"
#include "media/clip_writer.h"
#include "media/point_tracker.h"
#include "simcam/simulated_clip.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <set>

using namespace riflesso;

namespace {

int failed(const Error& error) {
    std::fprintf(stderr, "%s\n", error.sentence().c_str());
    return 1;
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "bench-tracked-truth FOLDER [CLIP [REPETITION [FRAMES]]]\n");
        return 2;
    }
    const std::string name = argc > 2 ? argv[2] : "ilka_baseline";
    const std::size_t repetition = argc > 3 ? std::strtoul(argv[3], nullptr, 10) : 0;
    const auto clips = simcam::demoClips();
    const auto wanted = std::find_if(clips.begin(), clips.end(), [&](const auto& clip) { return clip.name == name; });
    if (wanted == clips.end() || repetition >= wanted->takes.front().repetitions.size()) {
        std::fprintf(stderr, "no such clip or repetition\n");
        return 2;
    }
    simcam::SimulatedClip clip = *wanted;
    clip.sharpness = 2;
    const simcam::SimulatedRepetition& rep = clip.takes.front().repetitions[repetition];
    std::set<int> keys;
    for (const auto& [event, timeS] : rep.eventTimesS)
        keys.insert(static_cast<int>(std::lround(clip.frameRate * timeS)));
    const int from = *keys.begin(), to = std::min(*keys.rbegin(), from + (argc > 4 ? std::atoi(argv[4]) : 1000));
    const std::string path = std::string(argv[1]) + "/" + name + "_" + std::to_string(repetition) + ".mp4";
    const simcam::Camera camera = simcam::cameraOf(clip, clip.takes.front().facesLeft);
    if (!std::filesystem::exists(path)) { // one rendered before will do
        ClipFormat format{camera.width, camera.height, clip.frameRate, 24, 60, 0};
        auto writer = ClipWriter::create(path, format);
        if (!writer)
            return failed(writer.error());
        simcam::ClipRenderer renderer(clip);
        for (int frame = from; frame <= to; ++frame) {
            std::fprintf(stderr, "\rrendering %d of %d", frame - from + 1, to - from + 1);
            if (const auto done = (*writer)->write(renderer.frame(frame)); !done)
                return failed(done.error());
        }
        if (const auto done = (*writer)->finish(); !done)
            return failed(done.error());
    }
    const auto reader = ClipReader::open(path);
    if (!reader)
        return failed(reader.error());
    const auto truthAt = [&](int frame) { return simcam::frameTruth(clip, frame); };
    std::vector<TrackSeed> seeds;
    for (const int key : keys)
        if (key <= to)
            for (const auto& [landmark, at] : truthAt(key))
                if (landmark != "tip" && landmark != "handle" && landmark != "bow_top")
                    seeds.push_back(
                        {landmark, key - from, {static_cast<double>(at.x), static_cast<double>(at.y)}, 0.02});
    const auto tracked = trackPoints([&](int f) { return (*reader)->frame(f); }, 0, to - from, seeds);
    if (!tracked)
        return failed(tracked.error());
    std::vector<double> errors;
    int covered = 0, all = 0, doubtful = 0, lost = 0;
    for (const auto& [landmark, trackedPath] : *tracked) {
        std::vector<double> own;
        for (const TrackedPoint& point : trackedPath) {
            if (keys.contains(point.frame + from))
                continue;
            lost += point.status == TrackedPoint::Status::Lost;
            doubtful += point.status == TrackedPoint::Status::Doubtful;
            if (point.status == TrackedPoint::Status::Lost)
                continue;
            const auto at = truthAt(point.frame + from).at(landmark);
            const double dx = point.at.x - static_cast<double>(at.x), dy = point.at.y - static_cast<double>(at.y);
            covered += (std::abs(dx) <= 2 * point.sigmaPx) + (std::abs(dy) <= 2 * point.sigmaPx);
            all += 2;
            if (point.status == TrackedPoint::Status::Tracked)
                own.push_back(std::hypot(dx, dy));
        }
        if (!own.empty())
            std::printf("%-16s tracked %2zu, median %.2f px, 95 of 100 %.2f px\n", landmark.c_str(), own.size(),
                        median(own), percentile(own, 0.95));
        errors.insert(errors.end(), own.begin(), own.end());
    }
    std::printf(
        "\n%d x %d, %d frames, %zu landmarks: tracked %zu, median %.2f px, 95 of 100 %.2f px; doubtful %d, lost %d; "
        "within 2u %.1f of 100\n",
        camera.width, camera.height, to - from + 1, tracked->size(), errors.size(), median(errors),
        percentile(errors, 0.95), doubtful, lost, 100.0 * covered / all);
    return 0;
}
