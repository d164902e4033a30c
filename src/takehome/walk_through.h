#pragma once
// A walk-through: somebody talks at the screen, and what was shown is kept beside the voice as a score, never as
// pixels. It lies in a folder of its own in the library, walk-throughs/ID: score.jsonl, a line whenever something else
// is shown, and voice.ogg. Both grow while it is recorded: what a kill leaves is a walk-through up to there.

#include "core/result.h"
#include "store/case_archive.h"
#include "takehome/film.h"

#include <QDateTime>
#include <QFile>

#include <functional>

namespace riflesso {

/// One view as it was shown.
struct WalkStage {
    QString clipPath;
    QString clipHash; ///< of its file; empty: not known
    int frame = 0;
    bool turnedOver = false, mirrored = false, ofModel = false;
    QRectF part; ///< of the clip's picture, pixels
    QString caption, value;
    std::map<std::string, QPointF> marks;
    std::vector<std::pair<std::string, std::string>> lines;
    std::optional<MeasuredShape> shape;
    std::vector<QPolygonF> drawn;   ///< by hand, pixels
    std::optional<QPointF> pointer; ///< pixels
};

/// What was on the screen from a moment on.
struct WalkMoment {
    double atS = 0;      ///< on the clock of the voice
    QString page, title; ///< its id and its name
    QStringList words;   ///< that stand on it, where nothing is filmed
    std::vector<WalkStage> stages;
};
/// Whether two moments can be pictures of one scene: the same views of the same clips.
[[nodiscard]] bool sameScene(const WalkMoment& a, const WalkMoment& b);
[[nodiscard]] bool showsTheSame(const WalkMoment& a, const WalkMoment& b);

struct WalkThrough {
    QString id;      ///< its folder's name
    QString folder;  ///< where its files lie
    QString session; ///< lasting id of the session that it belongs to
    QString title;
    QDateTime at;
    double lengthS = 0;
    std::vector<WalkMoment> moments;                  ///< by time
    std::vector<std::pair<double, double>> takenBack; ///< from, to: said again at once
    QString voice;                                    ///< path of its sound; empty: nobody spoke
};

/// Writes a score, a line a moment; each is on the disk when it returns.
class WalkScore {
public:
    /// A new folder in the library's, called `id`; a new one where none is given. Bad input where it cannot be written.
    [[nodiscard]] static Result<std::unique_ptr<WalkScore>>
    begin(const QString& libraryFolder, const QString& session, const QString& title, const QString& id = {},
          const QDateTime& at = QDateTime::currentDateTimeUtc());
    [[nodiscard]] QString voicePath() const { return folder_ + QStringLiteral("/voice.ogg"); }
    [[nodiscard]] const QString& folder() const { return folder_; }
    [[nodiscard]] Result<void> add(const WalkMoment& moment);
    /// How long it is by now; also while nothing else is shown.
    [[nodiscard]] Result<void> lasts(double seconds);
    /// The seconds before a time are taken back: they are said again.
    [[nodiscard]] Result<void> takeBack(double atS, double seconds);
    /// At the end: the lines packed into score.z, a fifth of their size. Without it they stay as they are.
    [[nodiscard]] Result<void> pack();

private:
    WalkScore() = default;
    Result<void> line(const QByteArray& json);
    QString folder_;
    QFile file_;
    std::vector<std::vector<std::pair<std::string, std::string>>> figures_; ///< lines that were written once
};

/// Those of a session, the oldest first; a score of a newer program or a spoiled one is left out and named in `unread`.
[[nodiscard]] std::vector<WalkThrough> walkThroughsOf(const QString& libraryFolder, const QString& session,
                                                      QStringList* unread = nullptr);
/// What is there, in short: another text whenever one came, grew or went.
[[nodiscard]] QString walkThroughsThere(const QString& libraryFolder);
[[nodiscard]] Result<WalkThrough> readWalkThrough(const QString& folder);
[[nodiscard]] Result<void> removeWalkThrough(const QString& libraryFolder, const QString& id);
/// Of sessions that are deleted for good.
void removeWalkThroughsOf(const QString& libraryFolder, const QStringList& sessions);
/// The hash of the case's clip that lies there; empty where none does.
[[nodiscard]] QString clipHashAt(const CaseData& data, const QString& path);
/// Where the case's clips lie now, by their hashes: moved, or brought in from another machine.
void useClips(WalkThrough& walk, const CaseData& data);
/// The file name of what is said again next.
[[nodiscard]] QString nextAgain(const WalkThrough& walk);
/// The files of a case's walk-throughs, for its archive.
[[nodiscard]] std::vector<ArchivedFile> walkFilesOf(const QString& libraryFolder, const CaseData& data);

} // namespace riflesso
