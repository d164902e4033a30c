// Frames of a hard clip: 1080p H.264 of moving noise in groups of 250, beside libavcodec's own times in the same run.
//   build/bin/bench-frames [CLIP]     without a clip one is made with the ffmpeg program

#include "plain_decoder.h"

#include "media/clip_reader.h"
#include "media/frame_server.h"

#include <benchmark/benchmark.h>

#include <algorithm>
#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <future>
#include <iostream>
#include <random>
#include <thread>

namespace {

using namespace riflesso;
using Clock = std::chrono::steady_clock;

std::string& clipPath() {
    static std::string path;
    return path;
}

double millisecondsSince(Clock::time_point start) {
    return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

double percentile95(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[std::min(values.size() - 1, values.size() * 95 / 100)];
}

/// Asks a server and waits, as no view does.
void waitFor(FrameServer& server, int index) {
    std::promise<void> done;
    server.request(1, index, [&](const Result<Picture>&) { done.set_value(); });
    done.get_future().wait();
}

/// One frame after the other in one direction, at the pace of a held arrow key (30 a second), after the first has been
/// reached.
void step(benchmark::State& state) {
    const int by = static_cast<int>(state.range(0));
    FrameServer server(clipPath());
    int at = by > 0 ? 10 : 240;
    waitFor(server, at);
    std::vector<double> times;
    for (auto _ : state) {
        at += by;
        if (at < 1 || at > 248)
            at = by > 0 ? 1 : 248;
        std::this_thread::sleep_for(std::chrono::milliseconds(33));
        const auto start = Clock::now();
        waitFor(server, at);
        times.push_back(millisecondsSince(start));
    }
    const auto within = std::count_if(times.begin(), times.end(), [](double t) { return t <= 16; });
    state.counters["p95_ms"] = percentile95(times);
    state.counters["longest_ms"] = *std::max_element(times.begin(), times.end());
    state.counters["within_16_ms"] = static_cast<double>(within) / static_cast<double>(times.size());
}

/// Random frames, against libavcodec from the nearest key frame.
void jump(benchmark::State& state) {
    PlainDecoder plain(clipPath());
    constexpr std::size_t kSmallCache = std::size_t(8) << 20; // a jump must decode, not remember
    auto opened = ClipReader::open(clipPath(), kSmallCache);
    ClipReader& reader = **opened;
    std::mt19937 random(7);
    double ours = 0, theirs = 0;
    for (auto _ : state) {
        const int index = static_cast<int>(random() % static_cast<unsigned>(reader.info().frames()));
        auto start = Clock::now();
        plain.decodeTo(reader.info().timesS[static_cast<std::size_t>(index)]);
        theirs += millisecondsSince(start);
        start = Clock::now();
        benchmark::DoNotOptimize(reader.frame(index));
        ours += millisecondsSince(start);
    }
    state.counters["ratio_to_libavcodec"] = ours / theirs;
}

/// All frames in order through the server, against libavcodec decoding them and doing nothing else.
void playback(benchmark::State& state) {
    PlainDecoder plain(clipPath());
    double ours = 0, theirs = 0;
    for (auto _ : state) {
        auto start = Clock::now();
        const int frames = plain.decodeAll();
        theirs += millisecondsSince(start);
        FrameServer server(clipPath());
        waitFor(server, 0);
        start = Clock::now();
        for (int i = 1; i < frames; ++i)
            waitFor(server, i);
        ours += millisecondsSince(start);
    }
    state.counters["rate_to_libavcodec"] = theirs / ours;
}

void indexing(benchmark::State& state) {
    double ours = 0, theirs = 0;
    for (auto _ : state) {
        auto start = Clock::now();
        PlainDecoder plain(clipPath());
        benchmark::DoNotOptimize(plain.demux());
        theirs += millisecondsSince(start);
        start = Clock::now();
        benchmark::DoNotOptimize(ClipReader::open(clipPath()));
        ours += millisecondsSince(start);
    }
    state.counters["rate_to_demuxing"] = theirs / ours;
}

BENCHMARK(step)->Name("step_forward")->Arg(1)->Iterations(230)->Unit(benchmark::kMillisecond);
BENCHMARK(step)->Name("step_back")->Arg(-1)->Iterations(230)->Unit(benchmark::kMillisecond);
BENCHMARK(jump)->Iterations(12)->Unit(benchmark::kMillisecond);
BENCHMARK(playback)->Iterations(4)->Unit(benchmark::kMillisecond);
BENCHMARK(indexing)->Iterations(10)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    benchmark::Initialize(&argc, argv);
    if (argc > 1) {
        clipPath() = argv[1];
    } else {
        clipPath() = (std::filesystem::temp_directory_path() / "riflesso-bench-1080p.mp4").string();
        const std::string command =
            "ffmpeg -v error -y -f lavfi -i testsrc2=size=1920x1080:rate=50,noise=alls=20:allf=t -frames:v 500 "
            "-c:v libx264 -preset veryfast -g 250 -keyint_min 250 -sc_threshold 0 -bf 2 -pix_fmt yuv420p " +
            clipPath();
        if (!std::filesystem::exists(clipPath()) && std::system(command.c_str()) != 0) {
            std::cerr << "the clip could not be made: is ffmpeg there?\n";
            return 1;
        }
    }
    benchmark::RunSpecifiedBenchmarks();
}
