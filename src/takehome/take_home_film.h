#pragma once
// The films that are made by themselves: out of findings and plan, then and now, and repetitions alone.

#include "report/report_content.h"
#include "takehome/film.h"

namespace riflesso {

struct FilmSubject {
    const CaseData& data;
    const Assessment& assessment;
    SessionId session;
    SetChoice choice;
    const ReportContent& content; ///< composed of the same
};

/// Title; what is strong; of each finding that is worked on the athlete's repetition at full speed, again slowed into
/// the key event beside the model, held with what is measured, and the drill; what comes next. Without voice, one to
/// two and a half minutes with two findings.
[[nodiscard]] Film takeHomeFilm(const FilmSubject& subject);

/// The first and the last session at equal phase, held at the key event; what changed by more than chance. No parts
/// where there is nothing to compare.
[[nodiscard]] Film thenAndNowFilm(const FilmSubject& subject);

/// Repetitions one after another, each at full speed and again four times slower, standing still at every key event;
/// with what `measure` says of it where that is given. Those that are gone are left out.
[[nodiscard]] Film repetitionFilm(const FilmSubject& subject, const std::vector<RepetitionId>& repetitions,
                                  const std::string& measure);

constexpr std::size_t kMostOnWall = 12;
/// Repetitions side by side at equal phase, at full speed and again four times slower; at most kMostOnWall, the first
/// ones. No parts where fewer than two are there.
[[nodiscard]] Film wallFilm(const FilmSubject& subject, const std::vector<RepetitionId>& repetitions);

/// Every sentence without these words.
void leaveOutNames(Film& film, const QStringList& names);

} // namespace riflesso
