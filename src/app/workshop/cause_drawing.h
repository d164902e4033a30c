#pragma once
// The faults of a skill and what causes them, to be drawn: drag from a cause to what follows from it.

#include "core/pack/pack.h"

#include <QWidget>

namespace riflesso {

class CauseDrawing : public QWidget {
    Q_OBJECT
public:
    explicit CauseDrawing(QWidget* parent = nullptr);
    void setPack(const Pack& pack);
    void select(const std::string& fault);
    /// The arrow that is chosen, cause and fault; empty: none is.
    [[nodiscard]] const std::pair<std::string, std::string>& arrow() const { return arrow_; }
    void chooseArrow(const std::string& cause, const std::string& fault);
    /// Middle of a fault's box, in the widget.
    [[nodiscard]] QPoint centreOf(const std::string& fault) const;
    [[nodiscard]] QSize sizeHint() const override;

signals:
    void faultClicked(const QString& fault);
    void arrowDrawn(const QString& cause, const QString& fault);
    void arrowChosen();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    struct Box {
        std::string fault;
        QString title;
        int column = 0, row = 0;
    };
    struct Arrow {
        std::string cause, fault;
        double weight = 0;
    };
    [[nodiscard]] QRectF rectOf(const Box& box) const;
    [[nodiscard]] const Box* at(QPointF place) const;
    [[nodiscard]] const Box* boxOf(const std::string& fault) const;
    [[nodiscard]] QLineF lineOf(const Arrow& arrow) const;

    std::vector<Box> boxes_;
    std::vector<Arrow> arrows_;
    int columns_ = 1, rows_ = 1;
    std::string selected_, from_;
    std::pair<std::string, std::string> arrow_;
    QPointF to_;
};

/// Whether `fault` follows from `cause` already, directly or through others: an arrow back would close a circle.
[[nodiscard]] bool leadsTo(const Pack& pack, const std::string& cause, const std::string& fault);

} // namespace riflesso
