#pragma once
// Pictures of a section for jobs: as the window shows them, and where in them the athlete is looked for.

#include "core/points/picture_setup.h"
#include "media/pose_network.h"

#include <QString>

namespace riflesso {

/// The picture turned left for right where the section's file is mirrored: marks lie in it so.
[[nodiscard]] Result<Picture> asShown(Result<Picture> picture, const PictureSetup& setup);
/// The part in use as a place to look in; none: anywhere.
[[nodiscard]] std::optional<PictureBox> boxInUse(const PictureSetup& setup);
/// Folder of the pose networks' weights, beside the program.
[[nodiscard]] QString poseModels();

} // namespace riflesso
