#include "core/sentence.h"

#include "core/points/landmark.h"

namespace riflesso {

namespace {

/// A title in small letters, those of English.
std::string small(std::string title) {
    for (char& letter : title)
        if (letter >= 'A' && letter <= 'Z')
            letter = static_cast<char>(letter - 'A' + 'a');
    return title;
}

} // namespace

std::string inEnglish(const Sentence& sentence) {
    std::string out;
    if (!sentence.phrase)
        return out;
    for (const char* at = sentence.phrase->english; *at; ++at) {
        const std::size_t place =
            *at == '%' && at[1] >= '1' && at[1] <= '9' ? static_cast<std::size_t>(at[1] - '1') : 9;
        if (place >= sentence.named.size()) {
            out += *at;
            continue;
        }
        const Named& named = sentence.named[place];
        out += named.what == Named::What::Landmark   ? inWords(named.text)
               : named.what == Named::What::Title    ? small(named.text)
               : named.what == Named::What::Sentence ? inEnglish(*named.inner)
                                                     : named.text;
        ++at;
    }
    return out;
}

} // namespace riflesso
