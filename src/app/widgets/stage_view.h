#pragma once
// The stage: a frame of a clip with zoom and pan, marks on it, a loupe at the cursor. It reports where was clicked;
// it stores nothing.

#include "app/widgets/drawn_notes.h"
#include "core/measure/measured_shape.h"
#include "core/points/head_cover.h"

#include <QColor>
#include <QImage>
#include <QPointF>
#include <QWidget>

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// From pixels of the picture to the widget and back: pure arithmetic.
struct StageTransform {
    double scale = 1;
    QPointF offset; ///< widget position of the picture's top-left pixel corner
    bool mirrored = false;
    double pictureWidth = 0;
    /// Pixel centres at whole numbers.
    [[nodiscard]] QPointF toWidget(QPointF pixel) const;
    [[nodiscard]] QPointF toPixel(QPointF widget) const;
    /// The picture whole in `size`, centred.
    [[nodiscard]] static StageTransform fitted(const QSize& picture, const QSizeF& size);
    /// Zoomed by `factor` with the picture under `fixed` staying there.
    [[nodiscard]] StageTransform zoomed(double factor, QPointF fixed) const;
};

struct StageFigure {
    std::map<std::string, QPointF> marks;
    std::vector<std::pair<std::string, std::string>> lines;
    QColor colour;
    bool dots = true;
    /// Proposed and not yet confirmed: drawn with a dotted ring; the number is the radius of doubt in picture pixels
    /// (0: not doubtful).
    std::map<std::string, double> proposed = {};
};

class StageView : public QWidget {
    Q_OBJECT
public:
    explicit StageView(QWidget* parent = nullptr);

    void setImage(const QImage& image);
    /// Which frame of which clip the picture is, for who keeps what is shown; `turnedOver` against the file.
    struct Source {
        QString clipPath;
        int frame = -1; ///< -1: no clip's
        bool turnedOver = false, ofModel = false;
    };
    void setSource(Source source) { source_ = std::move(source); }
    [[nodiscard]] const Source& source() const { return source_; }
    [[nodiscard]] const QImage& image() const { return image_; }
    /// While on, a disc hides the head of who is marked; where it is not known in this frame, the picture is left out.
    void setFacesCovered(bool on) { facesCovered_ = on; }
    void setFigures(std::vector<StageFigure> figures);
    /// Lines drawn by hand, over everything else.
    void setDrawings(std::vector<StageDrawing> drawings) {
        drawings_ = std::move(drawings);
        update();
    }
    /// What is measured, drawn over the figures, with its value; none: nothing.
    void setShape(std::optional<MeasuredShape> shape, const QString& value = {}, const QColor& colour = {});
    /// The mark that keys move; drawn with a ring, held in the loupe.
    void setSelected(const std::string& mark);
    void setCaption(const QString& strong, const QString& quiet, const QColor& colour);
    /// The first line of the caption.
    [[nodiscard]] QString caption() const { return strong_; }
    void setCaptionWords(const QString& strong) {
        strong_ = strong;
        update();
    }
    void setMirrored(bool mirrored);
    /// The part of the picture in use: it fills the stage, the rest is not shown. Empty: the whole picture.
    void setArea(const QRectF& area);
    /// Of what is shown only; nothing is measured from it. brighter: 0 as filmed, else the share of the way to white
    /// that the dark half goes; sharper: edges raised.
    void setView(double brighter, bool sharper);
    [[nodiscard]] bool isFitted() const { return fit_; }
    /// While on, dragging draws a box, which boxDrawn tells once.
    void setBoxing(bool on);
    /// While on, dragging on free picture draws a stroke, which `stroked` tells once; a click is still a click.
    void setStroking(bool on) { stroking_ = on; }
    void setLoupe(bool on) { loupe_ = on; }
    void setLoupeText(const QString& text);
    /// Whether a click sets marks (cross cursor) or not.
    void setMarking(bool on);
    void showAll();
    /// Zooms so that a box of the picture fills the stage.
    void showBox(const QRectF& box);
    [[nodiscard]] const StageTransform& transform() const { return transform_; }
    /// What lies over the picture, and the part of it that is seen, pixels.
    [[nodiscard]] const std::vector<StageFigure>& figures() const { return figures_; }
    [[nodiscard]] const std::optional<MeasuredShape>& shape() const { return shape_; }
    [[nodiscard]] const QString& shapeValue() const { return shapeValue_; }
    [[nodiscard]] QRectF seenPart() const;
    /// Strokes by hand, the one being drawn and those drawn with Ctrl (which go by themselves) among them, pixels.
    [[nodiscard]] std::vector<QPolygonF> strokes() const;

signals:
    void clicked(QPointF pixel);
    void markPressed(const QString& mark);
    void markDragged(const QString& mark, QPointF pixel);  ///< while it moves
    void markReleased(const QString& mark, QPointF pixel); ///< once, at the end
    void boxDrawn(const QRectF& box);                      ///< pixels of the picture
    void stroked(const QList<QPointF>& pixels);            ///< pixels of the picture, two or more

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void leaveEvent(QEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    [[nodiscard]] std::string markAt(QPointF widget) const;
    void describe();
    [[nodiscard]] QRectF captionBox(const QSizeF& size);
    void drawLoupe(QPainter& painter);
    void drawProposed(QPainter& painter, const StageFigure& figure) const;
    /// The picture alone, in its own pixels.
    void drawPicture(QPainter& painter) const;

    [[nodiscard]] QImage asViewed() const;
    void keepForAWhile(const QList<QPointF>& stroke);

    Source source_;
    QImage image_, viewed_; ///< as given; as it is shown
    QRectF area_;
    double brighter_ = 0;
    bool sharper_ = false, boxing_ = false, stroking_ = false, facesCovered_ = false;
    QList<QPointF> stroke_;                  ///< being drawn, pixels of the picture
    std::vector<QList<QPointF>> passing_;    ///< drawn to point at something; each goes after a while
    std::optional<QPointF> boxFrom_, boxTo_; ///< pixels of the picture
    std::vector<StageFigure> figures_;
    std::vector<StageDrawing> drawings_;
    std::optional<MeasuredShape> shape_;
    QString shapeValue_;
    QColor shapeColour_;
    std::string selected_;
    QString strong_, quiet_, loupeText_;
    QColor captionColour_;
    StageTransform transform_;
    bool fit_ = true, loupe_ = false, marking_ = false;
    std::optional<QPointF> cursor_, panFrom_;
    std::string dragged_;
    int captionCorner_ = 0; ///< 0 top left, 1 top right, 2 bottom left, 3 bottom right
    bool moved_ = false, pointing_ = false;
};

} // namespace riflesso
