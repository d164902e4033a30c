#pragma once
// A finding that is set aside until a day is asked about again on that day.

#include "store/case_data.h"

#include <optional>

namespace riflesso {

/// The day that "until when" names: 2026-12-05, or as the program writes days ("5 Dec 2026"); none: an occasion in
/// words.
[[nodiscard]] std::optional<QDate> dayNamed(const QString& until);

/// Set aside (parked or worked round) until a day that has come: it is to be decided anew.
[[nodiscard]] bool asksAgain(const Decision& decision, const QDate& today);

} // namespace riflesso
