#pragma once
// The words of what can be taken home, as show() and the ticks know them; papers have theirs in report/paper.h.

#include <QString>

namespace riflesso::take_home {

inline const QString kFilm = QStringLiteral("film"), kThen = QStringLiteral("then-and-now"),
                     kOne = QStringLiteral("repetition"), kAll = QStringLiteral("all-repetitions"),
                     kSide = QStringLiteral("side-by-side"), kStills = QStringLiteral("step-by-step"),
                     kPictures = QStringLiteral("pictures"), kWalk = QStringLiteral("walk-"),
                     kDates = QStringLiteral("dates"), kCase = QStringLiteral("case");

} // namespace riflesso::take_home
