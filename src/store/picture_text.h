#pragma once
// What is known of a section's picture as JSON: one field of the library, and a part of a case archive.

#include "core/points/picture_setup.h"
#include "core/tables/json_fwd.h"

#include <QString>

namespace riflesso {

/// null for a picture of which nothing is known.
[[nodiscard]] Json pictureToJson(const PictureSetup& setup);
/// Notes a fault for what is wrong.
[[nodiscard]] PictureSetup pictureFromJson(const JsonNode& node);

/// Empty for a picture of which nothing is known.
[[nodiscard]] QString pictureToText(const PictureSetup& setup);
/// Empty, or what cannot be read: nothing is known.
[[nodiscard]] PictureSetup pictureFromText(const QString& text);

} // namespace riflesso
