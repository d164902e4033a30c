// How long a clip takes to its first picture, and to its whole index.
//   build/bin/bench-first-picture CLIP

#include "media/clip_reader.h"

#include <chrono>
#include <cstdio>

int main(int argc, char** argv) {
    using namespace riflesso;
    using Clock = std::chrono::steady_clock;
    if (argc < 2)
        return 2;
    const auto since = [](Clock::time_point start) {
        return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
    };
    auto start = Clock::now();
    const bool shown = ClipReader::firstPicture(argv[1]).ok();
    const double first = since(start);
    start = Clock::now();
    const auto reader = ClipReader::open(argv[1]);
    const double index = since(start);
    if (!shown || !reader)
        return 1;
    std::printf("first picture %.0f ms, index of %d frames %.0f ms\n", first, (*reader)->info().frames(), index);
}
