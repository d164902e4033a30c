// Spoiled clips through opening, the first frames, a jump and the sound: each gets an answer or an error, within
// seconds and within memory. A worker process does the reading; when it dies or hangs, the file is kept and the next
// one goes on.
//   build/bin/fuzz-clips FOLDER_OF_SOUND_CLIPS [RUNS [FIRST]]

#include "media/clip_reader.h"
#include "media/sound_track.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <random>
#include <thread>
#include <vector>

#include <signal.h>
#include <sys/mman.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

namespace {

using namespace riflesso;
namespace fs = std::filesystem;

/// What worker and watcher share.
struct Shared {
    long index = 0; ///< being read
    long read = 0, refused = 0;
};

struct Seed {
    std::string extension;
    std::string bytes;
};

std::string spoiled(const std::vector<Seed>& seeds, long index, std::string& extension) {
    std::mt19937_64 random(static_cast<unsigned long>(index) * 2654435761UL + 12345);
    const Seed& seed = seeds[static_cast<std::size_t>(index) % seeds.size()];
    extension = seed.extension;
    std::string out = seed.bytes;
    const auto upTo = [&](std::size_t most) { return std::uniform_int_distribution<std::size_t>(0, most)(random); };
    // Headers are small, and say most: half of the changes fall into the first or last 4 kB.
    const auto place = [&]() -> std::size_t {
        constexpr std::size_t kHeader = 4096;
        const std::size_t last = out.size() - 1, near = std::min(kHeader, last);
        switch (upTo(3)) {
        case 0:
            return upTo(near);
        case 1:
            return last - upTo(near);
        default:
            return upTo(last);
        }
    };
    const std::size_t changes = 1 + upTo(upTo(1) ? 4 : 60);
    for (std::size_t i = 0; i < changes && !out.empty(); ++i) {
        const std::size_t at = place();
        switch (upTo(7)) {
        case 0: // a number that is too large, or negative
            for (std::size_t k = at; k < std::min(out.size(), at + 4); ++k)
                out[k] = static_cast<char>(upTo(1) ? 0xFF : 0x7F);
            break;
        case 1:
            for (std::size_t k = at; k < std::min(out.size(), at + 8); ++k)
                out[k] = 0;
            break;
        case 2: // cut short
            if (upTo(9) == 0)
                out.resize(at + 1);
            break;
        case 3: // a piece twice
            out.insert(at, out.substr(at, upTo(64)));
            break;
        case 4: // a piece missing
            out.erase(at, upTo(64));
            break;
        default:
            out[at] = static_cast<char>(upTo(255));
        }
        if (out.empty())
            out = "x";
    }
    return out;
}

/// Whether it could be read; an error is an answer too.
bool readOne(const std::string& path) {
    (void)readSound(path, 0, 0.5);
    const auto reader = ClipReader::open(path, std::size_t(64) << 20);
    if (!reader)
        return false;
    const int frames = (*reader)->info().frames();
    bool good = true; // without sound it is a clip all the same
    for (const int at : {0, 1, 2, frames / 2})
        if (at < frames)
            good = (*reader)->frame(at).ok() && good;
    return good;
}

[[noreturn]] void work(const std::vector<Seed>& seeds, long from, long to, Shared& shared, const fs::path& folder) {
    constexpr rlim_t kMostMemory = rlim_t(3) << 30;
    const rlimit limit{kMostMemory, kMostMemory};
    setrlimit(RLIMIT_AS, &limit);
    for (long i = from; i < to; ++i) {
        shared.index = i;
        std::string extension;
        const std::string bytes = spoiled(seeds, i, extension);
        const fs::path file = folder / ("clip" + extension);
        std::ofstream(file, std::ios::binary) << bytes;
        ++(readOne(file.string()) ? shared.read : shared.refused);
    }
    _exit(0);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "fuzz-clips FOLDER_OF_SOUND_CLIPS [RUNS [FIRST]]\n");
        return 2;
    }
    const long runs = argc > 2 ? std::atol(argv[2]) : 1000, first = argc > 3 ? std::atol(argv[3]) : 0;
    std::vector<Seed> seeds;
    std::vector<fs::path> files;
    for (const auto& entry : fs::directory_iterator(argv[1]))
        files.push_back(entry.path());
    std::sort(files.begin(), files.end());
    for (const fs::path& file : files) {
        std::ifstream in(file, std::ios::binary);
        seeds.push_back({file.extension().string(), {std::istreambuf_iterator<char>(in), {}}});
    }
    if (seeds.empty())
        return 2;
    const fs::path folder = fs::temp_directory_path() / ("fuzz-clips-" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto* shared =
        static_cast<Shared*>(mmap(nullptr, sizeof(Shared), PROT_READ | PROT_WRITE, MAP_SHARED | MAP_ANONYMOUS, -1, 0));
    new (shared) Shared();
    long next = first, died = 0, hung = 0;
    while (next < first + runs) {
        const pid_t child = fork();
        if (child == 0)
            work(seeds, next, first + runs, *shared, folder);
        long seen = -1;
        auto since = std::chrono::steady_clock::now();
        int state = 0;
        bool stuck = false;
        for (;;) {
            if (waitpid(child, &state, WNOHANG) == child)
                break;
            if (shared->index != seen) {
                seen = shared->index;
                since = std::chrono::steady_clock::now();
            }
            constexpr auto kTooLong = std::chrono::seconds(60);
            if (std::chrono::steady_clock::now() - since > kTooLong) {
                stuck = true;
                kill(child, SIGKILL);
                waitpid(child, &state, 0);
                break;
            }
            std::this_thread::sleep_for(std::chrono::milliseconds(20));
        }
        if (!stuck && WIFEXITED(state) && WEXITSTATUS(state) == 0)
            break;
        ++(stuck ? hung : died);
        std::string extension;
        const std::string bytes = spoiled(seeds, shared->index, extension);
        const std::string kept = "fuzz-clip-" + std::to_string(shared->index) + extension;
        std::ofstream(kept, std::ios::binary) << bytes;
        std::printf("%s at %ld: kept as %s\n", stuck ? "hung" : "died", shared->index, kept.c_str());
        next = shared->index + 1;
    }
    fs::remove_all(folder);
    std::printf("%ld spoiled clips of %zu sound ones: %ld read, %ld refused with a reason, %ld died, %ld hung\n", runs,
                seeds.size(), shared->read, shared->refused, died, hung);
    return died + hung == 0 ? 0 : 1;
}
