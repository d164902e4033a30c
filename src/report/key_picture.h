#pragma once
// A key position as a picture: the clip's own frame, cut to the athlete, with the marked figure drawn on it.

#include "core/measure/measured_shape.h"
#include "report/look.h"
#include "store/case_data.h"

#include <QImage>
#include <QPointF>

#include <functional>
#include <map>

namespace riflesso {

/// Which picture is wanted, independent of any open clip: it can be frozen with an assessment.
struct PictureRef {
    QString clipPath, clipHash;
    int frame = 0;
    bool mirrored = false;   ///< shown mirrored, so that it faces as the athlete does
    bool turnedOver = false; ///< the file shows left for right; the marks lie in the picture turned back
    bool ofModel = false;
    std::map<std::string, QPointF> marks; ///< pixels of the clip
    QString caption;
    std::optional<MeasuredShape> shape = {}; ///< what is measured, drawn over the figure
    QString value = {};                      ///< that stands beside it
    RepetitionId repetition = {};            ///< that it is of, as long as the case is at hand; never frozen
    bool faceCovered = false;                ///< where the head is not surely known, the clip's picture is left out
    std::vector<QRectF> others = {};         ///< hidden, pixels of the clip's file; never frozen
    bool leftOut = false;                    ///< somebody else is to be hidden and is not surely known where
};

/// Frame of a clip as an image, null where it cannot be had.
using PictureSource = std::function<QImage(const QString& clipPath, int frame)>;

/// Lines of the figure between marked points: limbs, trunk, and each own point to the body part it is on.
[[nodiscard]] std::vector<std::pair<std::string, std::string>> figureLines(const Pack& pack,
                                                                           const std::map<std::string, Side>& sides);

/// The box of the picture (pixels) that shows all marks with room round them, in the given width : height.
[[nodiscard]] QRectF cropAround(const std::map<std::string, QPointF>& marks, const QSizeF& aspect,
                                const QSize& picture);

/// Draws the marked figure; `place` takes pixels of the clip to the painter's coordinates.
void drawFigure(QPainter& painter, const std::map<std::string, QPointF>& marks,
                const std::vector<std::pair<std::string, std::string>>& lines, const QColor& colour, double width,
                const std::function<QPointF(QPointF)>& place);

/// Whole key picture at a size; a plain ground with a word where the frame cannot be had.
[[nodiscard]] QImage keyPicture(const PictureRef& ref, const std::vector<std::pair<std::string, std::string>>& lines,
                                const PictureSource& source, const QSize& size);

/// Marks of a repetition in a frame.
[[nodiscard]] std::map<std::string, QPointF> marksIn(const Repetition& repetition, int frame);

} // namespace riflesso
