#include "work/shown_clip.h"

namespace riflesso {

Result<ShownClip> ShownClip::open(const std::string& path, const PictureSetup& setup) {
    auto reader = ClipReader::open(path);
    if (!reader)
        return reader.error();
    return ShownClip(std::move(*reader), setup.mirrored);
}

Result<Picture> ShownClip::operator()(int frame) const {
    auto picture = reader_->frame(frame);
    return picture && mirrored_ ? Result<Picture>(leftForRight(*picture)) : picture;
}

std::optional<PictureBox> boxInUse(const PictureSetup& setup) {
    if (!setup.area)
        return {};
    return PictureBox{static_cast<double>(setup.area->left), static_cast<double>(setup.area->top),
                      static_cast<double>(setup.area->width), static_cast<double>(setup.area->height)};
}

} // namespace riflesso
