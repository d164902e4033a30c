#pragma once
// What is handed over, as one folder: papers, films, pictures, dates, and a page that lists and shows them in any
// browser.

#include "report/paper.h"
#include "takehome/film.h"
#include "work/go_on.h"

#include <functional>

namespace riflesso {

struct HandOver {
    ReportContent content; ///< names and faces as they are to leave
    std::vector<Paper> papers;
    struct NamedFilm {
        QString file; ///< without folder and ending: "take-home"
        QString title;
        Film film;
    };
    std::vector<NamedFilm> films;  ///< covered, and without names where that is wished
    std::vector<NamedFilm> series; ///< of these the pictures at which they stand still, each as a PNG
    QSize filmSize{1280, 720};
    QString filmEnding = QStringLiteral("mp4"); ///< or webm
    bool pictures = false;                      ///< key positions, each as a PNG
    QByteArray calendar;                        ///< iCalendar; empty: none
    /// Writes the case's archive to a path; empty: none.
    std::function<Result<void>(const QString& path, const GoOn& goOn)> archive;
};

struct HandedOver {
    QString folder;
    QStringList files; ///< names in it, index.html first
    qint64 bytes = 0;
};

/// Writes into a folder that is not there yet: everything lies beside it until all of it is whole. Where a folder of
/// this name is there already, the next free "NAME 2". Names in it say nothing of the athlete. Bad input: nothing
/// chosen, a place that cannot be written to; after an error or a stop nothing is left.
[[nodiscard]] Result<HandedOver> writeFolder(const HandOver& what, const QString& folder, const PictureSource& pictures,
                                             const GoOn& goOn);

} // namespace riflesso
