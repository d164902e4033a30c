#pragma once
// The wall's contents as values: which repetitions stand on it, in which order, with which words.

#include "core/judge/assessment.h"
#include "core/points/head_cover.h"
#include "core/signal/phase_map.h"
#include "report/look.h"
#include "store/case_data.h"

#include <QRectF>
#include <QSize>
#include <QString>

namespace riflesso {

enum class WallOrder { Number, Measure, Result, Condition };

struct WallTile {
    std::string trial;
    QString title;                  ///< "3, hit"
    QString value;                  ///< of the chosen measure, with unit and ±
    std::optional<look::Sign> sign; ///< of that value
    std::string felt;               ///< the athlete's own verdict: "right", "off" or empty
    bool isModel = false, mirrored = false;
    QString clipPath;
    std::vector<int> frames;        ///< of the clip, at 0, 1, … 100 % of the movement
    QRectF box;                     ///< of the clip's picture, pixels
    QSize picture;                  ///< size of it
    double durationS = 0;           ///< of the whole movement, real time
    std::map<int, HeadCover> heads; ///< by frame, where it is known
};

struct WallWish {
    SessionId session;
    SetChoice choice;    ///< empty: all conditions of the session
    std::string measure; ///< may be empty
    WallOrder order = WallOrder::Number;
    const Assessment* assessment = nullptr; ///< of the chosen condition: gives values their signs
};

/// Repetitions of the set that have a first and a last key event, and `model` among them: in its place where the order
/// is by a measure, else last. By a measure: smallest value first, those without one last. By result: the pack's order
/// of values, numbers from best to worst.
[[nodiscard]] std::vector<WallTile> wallTiles(const CaseData& data, const PhaseAnchors& anchors, const WallWish& wish,
                                              const Trial* model, const QString& modelName);

/// Columns and rows for n tiles of a width : height that show them largest in a space; {0, 0} for none.
[[nodiscard]] QSize wallGrid(int n, const QSizeF& space, double aspect, double captionHeight);

} // namespace riflesso
