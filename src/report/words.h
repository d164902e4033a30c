#pragma once
// Numbers and terms as a person reads them: always with unit and ±.

#include "core/judge/assessment.h"
#include "core/sentence.h"

#include <QDateTime>
#include <QString>
#include <QStringList>

namespace riflesso::words {

/// Decimals so that the expanded uncertainty shows one or two figures that mean something.
[[nodiscard]] int decimalsFor(double expandedU);
/// "−0.11" with a real minus sign and the decimal sign of the chosen language.
[[nodiscard]] QString number(double value, int decimals);
/// With so many figures that mean something: "0.0123", "12".
[[nodiscard]] QString figures(double value, int figures);
/// "26 Nov 2026", "26 Nov", "26 Nov 2026 14:05" in the chosen language, local time.
[[nodiscard]] QString date(const QDate& day);
[[nodiscard]] QString shortDate(const QDate& day);
[[nodiscard]] QString longDate(const QDate& day); ///< with the month's whole name
[[nodiscard]] QString moment(const QDateTime& at);
/// Unit as shown: "°", "s", "thigh", "thigh/s", "m", "%", "".
[[nodiscard]] QString unitOf(const MeasureDef& def);
/// Unit as it follows a number: "°" at once, others after a space that does not break.
[[nodiscard]] QString unitAfter(const MeasureDef& def);
/// A value that somebody named, not one that was measured: "80°", "0.25 s", two decimals at most.
[[nodiscard]] QString named(const MeasureDef& def, double value);
/// "−0.11 ± 0.04 s", in one piece: no line breaks within it.
[[nodiscard]] QString withU(const MeasureDef& def, double value, double expandedU);
/// "model 0.07 s" or "0.03 to 0.15 s" or "at least 4 thigh/s".
[[nodiscard]] QString referenceText(const MeasureDef& def, const Reference& reference);
/// "calm, step and lunge, lamp"; "all conditions" of an empty one.
[[nodiscard]] QString choiceName(const Pack& pack, const SetChoice& choice);
/// What the coach's positions changed, a sentence each: "By \"Together\": the range of …".
[[nodiscard]] QStringList positionEffects(const Pack& pack, const Assessment& assessment);
/// That nobody said where the camera stood, and what that does to every number.
[[nodiscard]] QString assumedSquare();
/// The same of a set, with what the comparison is not alike in: another level of the model, a camera off square.
[[nodiscard]] QString referenceText(const MeasureDef& def, const SetDeviation& set);
/// A result as said of a repetition: its word, or its number with the unit.
[[nodiscard]] QString resultText(const Pack& pack, const std::string& result);
/// A measure's title up to its comma, where that tells it from the others at its event: "Knee bend" of "Knee bend,
/// lowest".
[[nodiscard]] QString shortTitle(const Pack& pack, const MeasureDef& def);
/// Definition in one sentence: kind, points, when.
[[nodiscard]] QString definition(const Pack& pack, const MeasureDef& def);
/// How a key event finds itself: "speed of left toe comes to rest (25 % of its top), after \"Foot off\"".
[[nodiscard]] QString ruleText(const Pack& pack, const EventRule& rule);
[[nodiscard]] QString schoolName(School school);
/// "Foot", "Whole body".
[[nodiscard]] QString levelName(Level level);
[[nodiscard]] QString stageName(Stage stage);
[[nodiscard]] QString stressName(Stress stress);
/// "3 × 8, about 5 min".
[[nodiscard]] QString doseText(const Dose& dose);
/// "7 of 8".
[[nodiscard]] QString ofText(int part, int whole);
/// "1 clip", "3 clips".
[[nodiscard]] QString counted(std::size_t count, const QString& one, const QString& many);
[[nodiscard]] QString text(std::string_view utf8);
/// A title within a sentence: with a small letter, but in languages whose nouns have a capital.
[[nodiscard]] QString inSentence(const QString& title);
/// "from the side" in the window's words.
[[nodiscard]] QString viewName(View view);
/// A landmark within a sentence: "left knee", or what the skill calls a point of its own, "tip of the weapon".
[[nodiscard]] QString landmark(const Pack& pack, std::string_view id);
/// A text of a skill, in which "knee@lead" is said as "left knee". `sides`: of each role. The text has the article
/// before it, and the words are those that follow one.
[[nodiscard]] QString said(std::string_view text, const std::map<std::string, Side>& sides);
/// "In quotation marks" of the chosen language.
[[nodiscard]] QString quoted(const QString& words);
/// One of the program's own words: a kind of measure, a statistic, an axis, a kind of cause.
[[nodiscard]] QString word(std::string_view english);
/// A word of a pack that is kept with marks and answers (a result, an answer, a condition, equipment), as it is said in
/// the chosen language.
[[nodiscard]] QString kept(const std::string& word);
/// In the chosen language.
[[nodiscard]] QString text(const Sentence& sentence);

} // namespace riflesso::words
