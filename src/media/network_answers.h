#pragma once
// What a network answered, kept by what it was shown. For checks: they show the same pictures again and again, and
// asking takes longer than all the rest.

#include <functional>
#include <memory>
#include <mutex>
#include <string>
#include <unordered_map>
#include <vector>

namespace cv {
class Mat;
}

namespace riflesso {

/// Answers in a file that several programs may read and add to at once. An answer is the network's own to the last
/// digit; what was never shown is asked. Safe from several threads.
class NetworkAnswers {
public:
    using Answer = std::vector<double>;

    /// The file that RIFLESSO_NETWORK_ANSWERS names; null where it names none.
    [[nodiscard]] static std::unique_ptr<NetworkAnswers> named();

    /// One that is not there begins empty. One that is cut off is good up to there.
    explicit NetworkAnswers(std::string file);
    /// shown: continuous, of bytes. network: which of those that are shown such pictures.
    Answer of(const cv::Mat& shown, char network, const std::function<Answer()>& ask);

private:
    void add(const std::string& key, const Answer& answer);

    std::string file_;
    std::mutex mutex_;
    std::unordered_map<std::string, Answer> known_; ///< by digest and network
};

} // namespace riflesso
