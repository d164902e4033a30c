#pragma once
// The sound of a clip as mono samples on the clock of its frames.

#include "core/result.h"

#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace riflesso {

/// Not thread safe: one thread at a time.
class SoundTrack {
public:
    /// Bad input where there is no sound that can be decoded. rateHz: samples a second that are wanted; 0: the file's
    /// own.
    [[nodiscard]] static Result<std::unique_ptr<SoundTrack>> open(const std::string& path, int rateHz = 0);
    virtual ~SoundTrack() = default;

    [[nodiscard]] virtual int rateHz() const = 0;
    /// The next samples begin at this stored time of the frames (before the sound begins: at its start).
    [[nodiscard]] virtual Result<void> seek(double timeS) = 0;
    /// Stored time of the sample that comes next.
    [[nodiscard]] virtual double timeS() const = 0;
    /// Up to `most` samples (-1..1), all channels mixed; fewer only at the end, then none. Where the file falls silent
    /// between two stretches of sound, zeros.
    [[nodiscard]] virtual std::vector<float> read(std::size_t most) = 0;
};

/// All samples from a stored time to another, for looking through them; at most two hours. `goOn` as in trackPoints.
struct SoundPiece {
    std::vector<float> samples;
    int rateHz = 0;
    double fromS = 0; ///< stored time of the first sample
};
[[nodiscard]] Result<SoundPiece> readSound(const std::string& path, double fromS, double toS,
                                           const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
