#pragma once
// The pictures of a section as the window shows them, and where in them the athlete is looked for.

#include "core/points/picture_setup.h"
#include "media/pose_network.h"

#include <memory>
#include <optional>
#include <string>

namespace riflesso {

/// A clip, open, whose pictures are turned left for right where the section's file is mirrored: marks lie in them so.
/// Not thread safe.
class ShownClip {
public:
    [[nodiscard]] static Result<ShownClip> open(const std::string& path, const PictureSetup& setup);
    [[nodiscard]] Result<Picture> operator()(int frame) const;
    [[nodiscard]] const ClipInfo& info() const { return reader_->info(); }

private:
    ShownClip(std::shared_ptr<ClipReader> reader, bool mirrored) : reader_(std::move(reader)), mirrored_(mirrored) {}
    std::shared_ptr<ClipReader> reader_;
    bool mirrored_;
};

/// The part in use as a place to look in; none: anywhere.
[[nodiscard]] std::optional<PictureBox> boxInUse(const PictureSetup& setup);

} // namespace riflesso
