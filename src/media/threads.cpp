#include "media/threads.h"

#include <opencv2/core/utility.hpp>

#include <algorithm>
#include <atomic>

namespace riflesso {
namespace {

constexpr int kUsual = 2; ///< more decode little faster, and there are clips beside each other
std::atomic<int> wanted = kUsual;

} // namespace

void useThreads(int count) {
    wanted = std::max(1, std::min(count, kUsual));
    cv::setNumThreads(std::max(1, count));
}

int decodingThreads() { return wanted; }

bool mayRunBeside() { return wanted > 1; }

} // namespace riflesso
