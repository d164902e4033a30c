#pragma once
// The weeks of a plan, a row each, with what falls into them; tests are dragged to another day.

#include <QDate>
#include <QWidget>

#include "core/plan/schedule.h"

namespace riflesso {

class WeekView : public QWidget {
    Q_OBJECT
public:
    explicit WeekView(QWidget* parent = nullptr);
    void setSchedule(const Schedule& schedule);
    /// The cell of a day; empty where it is not shown.
    [[nodiscard]] QRectF cellOf(const QDate& day) const;

signals:
    void testMoved(bool retention, const QDate& day);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    [[nodiscard]] QRectF cell(int index) const;
    [[nodiscard]] int indexAt(QPointF at) const; ///< of a day; -1 outside
    Schedule schedule_;
    int weeks_ = 0;
    int dragged_ = -1, over_ = -1; ///< day a test is taken from, and the one it is over
};

} // namespace riflesso
