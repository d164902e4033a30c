#pragma once
// A voice to a file as it is spoken: Opus in Ogg, a page each second, each on the disk at once.

#include "core/result.h"

#include <cstdint>
#include <memory>
#include <string>

namespace riflesso {

constexpr int kVoiceHz = 16'000;

/// What is written can be read up to the last whole second if the program is killed.
class VoiceWriter {
public:
    [[nodiscard]] static Result<std::unique_ptr<VoiceWriter>> create(const std::string& path);
    virtual ~VoiceWriter() = default;
    /// The next samples, 16 bit, one channel, kVoiceHz a second.
    [[nodiscard]] virtual Result<void> write(const std::int16_t* samples, std::size_t count) = 0;
    [[nodiscard]] virtual Result<void> finish() = 0;
};

} // namespace riflesso
