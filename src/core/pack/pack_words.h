#pragma once
// The words of a skill pack in another language, from a file beside it.

#include "core/pack/pack.h"
#include "core/result.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// The pack's text to the same in another language. What is missing stays as the pack has it.
using PackWords = std::map<std::string, std::string>;

/// {"format": "riflesso-skill-words", "version": 1, "pack": id, "language": "de", "texts": {text: text}}. `name`: of
/// the file, for errors; `pack`: id that it must be of.
[[nodiscard]] Result<PackWords> readPackWords(std::string_view json, const std::string& name, std::string_view pack);

/// Everything of a pack that people read, in its order; words that are kept with marks and answers (results, answers,
/// conditions, equipment) stay what they are in the pack, and are only said in another language.
[[nodiscard]] std::vector<std::string> textsOf(const Pack& pack);
/// Words that are kept: results, answers of observations, conditions, equipment.
[[nodiscard]] std::vector<std::string> keptWordsOf(const Pack& pack);
void translate(Pack& pack, const PackWords& words);

} // namespace riflesso
