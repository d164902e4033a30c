#pragma once
// The skill packs that lie beside the program.

#include <QString>

#include <vector>

namespace riflesso {

struct ShippedPack {
    QString title, text; ///< text: the whole file
};
/// Those that can be read, by file name.
[[nodiscard]] std::vector<ShippedPack> shippedPacks();

} // namespace riflesso
