#pragma once
// The skill packs that lie beside the program.

#include <QString>

#include <vector>

namespace riflesso {

struct ShippedPack {
    QString id, title, text; ///< text: the whole file
    QString group;           ///< "Racket sports"; empty: none named
    QString line;            ///< what it is about, one sentence
    QString words;           ///< by which it is found beside title and group
    QString picture;         ///< file; empty: none lies beside it
};
/// Those that can be read, by file name. Read once, in a thread of its own; who asks before it is done waits for it.
[[nodiscard]] const std::vector<ShippedPack>& shippedPacks();
/// The text of the one with this id; empty: none ships.
[[nodiscard]] QString shippedText(const QString& id);
/// What a case of this skill is called where it is kept: by the file itself, in whatever language it is shown.
[[nodiscard]] QString titleInFile(const QString& packText);
/// Begins to read them.
void readShippedPacks();

} // namespace riflesso
