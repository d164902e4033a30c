#pragma once
// A clip as frames: every frame by its index in presentation order, upright, at its true time.

#include "core/result.h"

#include <cstdint>
#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace riflesso {

/// An upright picture, 8-bit RGB, rows without padding. Cheap to copy; never written to after it is made.
struct Picture {
    int width = 0, height = 0;
    std::shared_ptr<const std::vector<std::uint8_t>> rgb;
    int index = 0;
    double timeS = 0; ///< stored time, from the first frame
};

/// A part of an upright picture, pixels, and the size in which it is wanted.
struct SmallPart {
    int x = 0, y = 0, width = 1, height = 1;
    int outWidth = 1, outHeight = 1;
    bool operator==(const SmallPart&) const = default;
};

struct ClipGap {
    int frame = 0; ///< the frame after the gap
    double intervalS = 0;
};

struct ClipInfo {
    std::string codec;
    int storedWidth = 0, storedHeight = 0;
    int displayWidth = 0, displayHeight = 0; ///< after sample aspect and rotation
    int rotation = 0;                        ///< clockwise degrees that make it upright: 0, 90, 180, 270
    std::vector<double> timesS;              ///< stored time of every frame, from 0
    double medianIntervalS = 0, durationS = 0;
    std::vector<ClipGap> gaps; ///< intervals over 1.5 medians
    bool hasSound = false;
    [[nodiscard]] int frames() const { return static_cast<int>(timesS.size()); }
};

/// The picture with left and right exchanged.
[[nodiscard]] Picture leftForRight(const Picture& picture);

/// Reads one clip. Not thread safe: one thread at a time (FrameServer gives it its own).
class ClipReader {
public:
    /// Opens and indexes a clip (packets only, where they carry their times). `cacheBytes` bounds the decoded
    /// frames kept. Errors name the file and what FFmpeg could not read.
    [[nodiscard]] static Result<std::unique_ptr<ClipReader>> open(const std::string& path,
                                                                  std::size_t cacheBytes = kDefaultCacheBytes);
    virtual ~ClipReader() = default;
    /// The first picture that can be decoded, without waiting for the index: for a look at a long clip while it is
    /// read.
    [[nodiscard]] static Result<Picture> firstPicture(const std::string& path);

    [[nodiscard]] virtual const ClipInfo& info() const = 0;
    /// Exactly frame `index`, whichever way it is reached. 0 <= index < info().frames().
    [[nodiscard]] virtual Result<Picture> frame(int index) = 0;
    /// A part of frame `index` in small, without the whole being made. Precondition: the part lies in the picture.
    [[nodiscard]] virtual Result<Picture> small(int index, const SmallPart& part) = 0;
    /// Decodes frame `index` into the cache when it is the next in line, so that asking for it later is quick. Does
    /// nothing when that would mean seeking.
    virtual void prepare(int index) = 0;
    /// For who goes back frame by frame from `index`: one frame more on the way to those before it that will be asked
    /// for soon, where few of them are kept. False when nothing is left to do.
    virtual bool prepareBefore(int index) = 0;
    /// Bytes of decoded frames kept now; never above the bound by more than one frame.
    [[nodiscard]] virtual std::size_t cachedBytes() const = 0;
    /// Another bound from now on; what is over it is let go at once.
    virtual void keepWithin(std::size_t cacheBytes) = 0;

    static constexpr std::size_t kDefaultCacheBytes = std::size_t(256) << 20;
};

} // namespace riflesso
