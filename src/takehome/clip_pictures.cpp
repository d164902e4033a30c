#include "takehome/clip_pictures.h"

#include <QDir>

#include <map>
#include <memory>

namespace riflesso {

QImage toImage(const Picture& picture) {
    auto* keep = new std::shared_ptr<const std::vector<std::uint8_t>>(picture.rgb);
    return QImage(
        picture.rgb->data(), picture.width, picture.height, qsizetype(3) * picture.width, QImage::Format_RGB888,
        [](void* held) { delete static_cast<std::shared_ptr<const std::vector<std::uint8_t>>*>(held); }, keep);
}

PictureSource clipPictures(const QString& root) {
    auto readers = std::make_shared<std::map<QString, std::unique_ptr<ClipReader>>>();
    return [readers, root](const QString& path, int frame) {
        std::unique_ptr<ClipReader>& reader = (*readers)[path];
        if (!reader) {
            constexpr std::size_t kCacheBytes = std::size_t(32) << 20; // a film has a dozen clips open
            auto opened = ClipReader::open((root.isEmpty() ? path : QDir(root).absoluteFilePath(path)).toStdString(),
                                           kCacheBytes);
            if (!opened)
                return QImage();
            reader = std::move(*opened);
        }
        const auto picture = reader->frame(frame);
        return picture ? toImage(*picture) : QImage();
    };
}

} // namespace riflesso
