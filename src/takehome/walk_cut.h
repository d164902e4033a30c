#pragma once
// How a walk-through is cut: which stretches of it are shown, in which order, under which name, with which words below
// the picture, and what was said again. The score itself is never changed.

#include "takehome/walk_through.h"

namespace riflesso {

constexpr int kWalkRate = 30; ///< pictures a second of its film

/// A stretch of the score as it is shown.
struct WalkPiece {
    double fromS = 0, toS = 0; ///< on the clock of the score
    bool shown = true;
    QString title, caption;
    QString again;     ///< file in the walk-through's folder that is heard in place of the voice; empty: the voice
    double againS = 0; ///< its length, > 0 where there is one: the piece lasts as long
    bool operator==(const WalkPiece&) const = default;
};
using WalkCut = std::vector<WalkPiece>;

/// As it was recorded: a piece for each page that was shown, without what was taken back at once.
[[nodiscard]] WalkCut firstCut(const WalkThrough& walk);

/// As it is kept with the case.
[[nodiscard]] QString toText(const WalkCut& cut);
/// Bad input: another text than toText writes, a stretch outside the score, a file outside its folder.
[[nodiscard]] Result<WalkCut> cutFromText(const QString& text, const WalkThrough& walk);
/// The cut kept under the walk-through's id, or the first.
[[nodiscard]] Result<WalkCut> cutOf(const WalkThrough& walk, const std::map<QString, QString>& kept);

/// One gesture at a part of a film.
struct PartEdit {
    enum class Kind {
        Show,     ///< or leave out: `on`
        Move,     ///< `by` places
        Say,      ///< `words` below its pictures
        Name,     ///< `words`
        CutAt,    ///< in two, `picture` pictures after its beginning
        SaidAgain ///< `words`: the file, `seconds` its length
    } kind = Kind::Show;
    int part = 0;
    bool on = true;
    int by = 0, picture = 0;
    QString words;
    double seconds = 0;
};
/// The same cut where the gesture cannot be done.
[[nodiscard]] WalkCut edited(WalkCut cut, const PartEdit& edit, int rate);

/// As a film: a part for each piece, its words and views as they were, with the voice.
[[nodiscard]] Film walkFilm(const WalkThrough& walk, const WalkCut& cut);

} // namespace riflesso
