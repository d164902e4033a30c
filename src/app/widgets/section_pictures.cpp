#include "app/widgets/section_pictures.h"

#include <QCoreApplication>
#include <QDir>

namespace riflesso {

Result<Picture> asShown(Result<Picture> picture, const PictureSetup& setup) {
    return picture && setup.mirrored ? Result<Picture>(leftForRight(*picture)) : picture;
}

std::optional<PictureBox> boxInUse(const PictureSetup& setup) {
    if (!setup.area)
        return {};
    return PictureBox{static_cast<double>(setup.area->left), static_cast<double>(setup.area->top),
                      static_cast<double>(setup.area->width), static_cast<double>(setup.area->height)};
}

QString poseModels() {
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/riflesso/models"));
}

} // namespace riflesso
