#pragma once
// Known lengths of a section in one field of the library: a JSON list of [frame, ax, ay, bx, by, metres, u_m].

#include "core/points/known_length.h"

#include <QString>

namespace riflesso {

[[nodiscard]] QString lengthsToText(const std::vector<KnownLength>& lengths);
/// What cannot be read is left out.
[[nodiscard]] std::vector<KnownLength> lengthsFromText(const QString& text);

} // namespace riflesso
