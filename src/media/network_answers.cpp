#include "media/network_answers.h"

#include <opencv2/core.hpp>

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/murmur3.h>
}

#include <array>
#include <cstdint>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <sstream>
#include <unistd.h>

namespace riflesso {

namespace {

constexpr std::size_t kDigest = 16, kKey = kDigest + 1; ///< bytes

std::string keyOf(const cv::Mat& shown, char network) {
    const std::unique_ptr<AVMurMur3, void (*)(void*)> hash(av_murmur3_alloc(), av_free);
    std::array<std::uint8_t, kDigest> digest{};
    av_murmur3_init(hash.get());
    av_murmur3_update(hash.get(), shown.data, shown.total() * shown.elemSize());
    av_murmur3_final(hash.get(), digest.data());
    return std::string(digest.begin(), digest.end()) + network;
}

} // namespace

std::unique_ptr<NetworkAnswers> NetworkAnswers::named() {
    const char* file = std::getenv("RIFLESSO_NETWORK_ANSWERS");
    return file && *file ? std::make_unique<NetworkAnswers>(file) : nullptr;
}

// A record: key, how many numbers (two bytes), the numbers; as this machine has them.
NetworkAnswers::NetworkAnswers(std::string file) : file_(std::move(file)) {
    std::ostringstream all;
    all << std::ifstream(file_, std::ios::binary).rdbuf();
    const std::string bytes = all.str();
    std::uint16_t count = 0;
    std::size_t whole = 0; // up to where records are whole
    while (whole + kKey + sizeof(count) <= bytes.size()) {
        std::memcpy(&count, bytes.data() + whole + kKey, sizeof(count));
        const std::size_t numbers = whole + kKey + sizeof(count), end = numbers + count * sizeof(double);
        if (end > bytes.size())
            break;
        Answer answer(count);
        std::memcpy(answer.data(), bytes.data() + numbers, count * sizeof(double));
        known_.emplace(bytes.substr(whole, kKey), std::move(answer));
        whole = end;
    }
    std::error_code ignored;
    if (whole < bytes.size()) // or what is added would not be found
        std::filesystem::resize_file(file_, whole, ignored);
}

NetworkAnswers::Answer NetworkAnswers::of(const cv::Mat& shown, char network, const std::function<Answer()>& ask) {
    const std::string key = keyOf(shown, network);
    {
        const std::lock_guard lock(mutex_);
        if (const auto known = known_.find(key); known != known_.end())
            return known->second;
    }
    Answer answer = ask();
    const std::lock_guard lock(mutex_);
    add(key, answer);
    known_.emplace(key, answer);
    return answer;
}

void NetworkAnswers::add(const std::string& key, const Answer& answer) {
    const auto count = static_cast<std::uint16_t>(answer.size());
    std::string record = key;
    record.append(reinterpret_cast<const char*>(&count), sizeof(count));
    record.append(reinterpret_cast<const char*>(answer.data()), answer.size() * sizeof(double));
    // In one piece, at the end: others add to it too.
    const int file = ::open(file_.c_str(), O_WRONLY | O_APPEND | O_CREAT | O_CLOEXEC, 0644);
    if (file < 0)
        return; // it will be asked again
    [[maybe_unused]] const ssize_t written = ::write(file, record.data(), record.size());
    ::close(file);
}

} // namespace riflesso
