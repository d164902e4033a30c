#pragma once
// Usual and plain anatomical words for parts of the body and for what is wrong with them: data, for limits.cpp.

#include "core/person/limits.h"

#include <span>

namespace riflesso {

/// One to four words, small letters; a plural s of the last word is understood too.
struct PartWord {
    std::string_view words;
    BodyPart part;
};
struct KindWord {
    std::string_view word;
    LimitKind kind;
};
[[nodiscard]] std::span<const PartWord> partWords();
[[nodiscard]] std::span<const KindWord> kindWords();

} // namespace riflesso
