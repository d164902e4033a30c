#pragma once
// The language of the window, the papers and the skill packs.

#include <QString>
#include <QStringList>

namespace riflesso {

/// What lies beside the program: ../share/riflesso of its folder.
[[nodiscard]] QString shareFolder();
/// What there are words for, such as "de", beside English: by the files in `share`/translations.
[[nodiscard]] QStringList translatedInto(const QString& share);
/// "de" of "de_DE"; what a program speaks where `chosen` is empty: the system's language.
[[nodiscard]] QString languageOf(const QString& chosen);
/// Whether nouns of the language spoken begin with a capital within a sentence too.
[[nodiscard]] bool nounsHaveCapitals();
/// "en", "de": what the window and the papers are in.
[[nodiscard]] const QString& spokenLanguage();
/// How the language writes a day, for a field: "d MMM yyyy", "d. MMM yyyy".
[[nodiscard]] QString datePattern();
/// To be called once, before the first window: words of this program and of Qt's own dialogs, and those of the skill
/// packs in `share`/packs. A language without words: English.
void speak(const QString& language, const QString& share);

} // namespace riflesso
