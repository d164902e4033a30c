#pragma once
// The tour: a card over the real window that tells of one step, points at what it tells of, and goes on when the step's
// task has been done. It never takes the mouse or the keys away from the window.

#include "app/tour/tour_steps.h"

#include <QFrame>
#include <QTimer>

class QLabel;
class QPushButton;

namespace riflesso {

class TourFrame;

class Tour : public QFrame {
    Q_OBJECT
public:
    /// `window`: what it lies over.
    Tour(Workspace& workspace, QWidget* window);
    void start();
    void leave();
    [[nodiscard]] bool running() const { return at_ >= 0; }
    [[nodiscard]] QString step() const;
    /// Whether the page of the step has come to itself: what changes from now on was done by the person.
    [[nodiscard]] bool settled() const;

signals:
    void pageAsked(const QString& page);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void show(int step);
    void watch();
    void place();
    [[nodiscard]] const TourStep& current() const { return tourSteps()[static_cast<std::size_t>(at_)]; }

    Workspace& workspace_;
    QWidget* window_;
    TourFrame* frame_;
    QLabel *count_, *title_, *text_, *task_;
    QPushButton *back_, *next_;
    QTimer timer_;
    QString before_; ///< what was watched when the step began
    int at_ = -1;
    int settled_ = 0; ///< how often the watched value was seen unchanged since the step began
    bool done_ = false;
};

} // namespace riflesso
