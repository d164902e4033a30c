#pragma once
// Numbers and terms as a person reads them: always with unit and ±.

#include "core/assessment.h"

#include <QString>
#include <QStringList>

namespace riflesso::words {

/// Decimals so that the expanded uncertainty shows one or two figures that mean something.
[[nodiscard]] int decimalsFor(double expandedU);
/// "−0.11" with a real minus sign.
[[nodiscard]] QString number(double value, int decimals);
/// Unit as shown: "°", "s", "thigh", "thigh/s", "m", "%", "".
[[nodiscard]] QString unitOf(const MeasureDef& def);
/// "−0.11 ± 0.04 s".
[[nodiscard]] QString withU(const MeasureDef& def, double value, double expandedU);
/// "model 0.07 s" or "0.03 to 0.15 s" or "at least 4 thigh/s".
[[nodiscard]] QString referenceText(const MeasureDef& def, const Reference& reference);
/// A result as said of a repetition: its word, or its number with the unit.
[[nodiscard]] QString resultText(const Pack& pack, const std::string& result);
/// Definition in one sentence: kind, points, when.
[[nodiscard]] QString definition(const Pack& pack, const MeasureDef& def);
[[nodiscard]] QString schoolName(School school);
[[nodiscard]] QString stageName(Stage stage);
[[nodiscard]] QString stressName(Stress stress);
/// "3 × 8, about 5 min".
[[nodiscard]] QString doseText(const Dose& dose);
/// "7 of 8".
[[nodiscard]] QString ofText(int part, int whole);
/// "1 clip", "3 clips".
[[nodiscard]] QString counted(std::size_t count, const QString& one, const QString& many);
[[nodiscard]] QString text(std::string_view utf8);

} // namespace riflesso::words
