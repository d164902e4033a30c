#pragma once
// The language in which skill packs are read to people; set once, before the first pack is read.

#include "core/pack/pack_words.h"

#include <QString>

namespace riflesso {

/// `folder`: of the packs; words lie in its words/PACK.LANGUAGE.json, by the file name of the pack. Of a language
/// without such files, and before this was called, packs are as they are.
void setPackLanguage(const QString& folder, const QString& language);
/// The words of a pack, by its id; empty: none.
[[nodiscard]] const PackWords& wordsOfPack(const std::string& id);
/// Of any pack: what a word that is kept with marks and answers is called; the word itself where nobody says.
[[nodiscard]] QString keptWord(const std::string& word);

} // namespace riflesso
