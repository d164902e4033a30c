#pragma once
// What the program says of a number, as a code with what it names. Words are made at the face: inEnglish() here, the
// window in its own language. Nothing decides by what a sentence reads like.

#include <memory>
#include <string>
#include <string_view>
#include <vector>

/// Marks a text for translation (tools/translations.sh gathers them), and is that text.
#define RIFLESSO_SAY(context, text) text

namespace riflesso {

struct Sentence;

/// One thing a sentence names.
struct Named {
    enum class What {
        Text,     ///< a number, or words of the pack
        Landmark, ///< an id of landmark.h
        Title,    ///< what the skill calls a thing, said within a sentence
        Word,     ///< one of the program's own: a view, an axis
        Sentence, ///< another sentence, in `inner`
    };
    What what = What::Text;
    std::string text;
    std::shared_ptr<const Sentence> inner; ///< of What::Sentence

    Named(std::string value) : text(std::move(value)) {}
    Named(std::string_view value) : text(value) {}
    Named(const char* value) : text(value) {}
    Named(std::size_t value) : text(std::to_string(value)) {}
    Named(int value) : text(std::to_string(value)) {}
    Named(long value) : text(std::to_string(value)) {}
    Named(Sentence sentence);
    Named(What kind, std::string value) : what(kind), text(std::move(value)) {}
    bool operator==(const Named&) const;
};
/// toString of a view or an axis.
[[nodiscard]] inline Named wordNamed(std::string_view word) { return {Named::What::Word, std::string(word)}; }
[[nodiscard]] inline Named landmarkNamed(std::string id) { return {Named::What::Landmark, std::move(id)}; }

/// A sentence with places %1, %2 … for what it names. Phrases live as long as the program: a sentence points at its.
struct Phrase {
    std::string_view code;    ///< for other programs, and for tests
    const char* english = ""; ///< also the key of its translations
    template <class... Values> Sentence operator()(Values... values) const;
};

struct Sentence {
    const Phrase* phrase = nullptr; ///< null: nothing is said
    std::vector<Named> named;

    Sentence() = default;
    Sentence(const Phrase& said) : phrase(&said) {}
    [[nodiscard]] bool empty() const { return !phrase; }
    [[nodiscard]] bool is(const Phrase& other) const { return phrase == &other; }
    /// Its code; empty where nothing is said.
    [[nodiscard]] std::string_view code() const { return phrase ? phrase->code : std::string_view(); }
    bool operator==(const Sentence&) const = default;
};
[[nodiscard]] std::string inEnglish(const Sentence& sentence);

/// Why a value is not there: a reason a person can act on. Not an error: data.
using Reason = Sentence;

template <class... Values> Sentence Phrase::operator()(Values... values) const {
    Sentence out(*this);
    out.named.reserve(sizeof...(values));
    (out.named.emplace_back(std::move(values)), ...);
    return out;
}
inline Named::Named(Sentence sentence)
    : what(What::Sentence), inner(std::make_shared<const Sentence>(std::move(sentence))) {}
inline bool Named::operator==(const Named& other) const {
    const bool same = inner && other.inner ? *inner == *other.inner : inner == other.inner;
    return what == other.what && text == other.text && same;
}

} // namespace riflesso
