#include "app/tour/tour.h"

#include "app/page.h"
#include "app/theme.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {
constexpr int kWatchMs = 150;
constexpr int kWidth = 340;
/// A page may still be filling itself when a step begins: what is watched counts from when it has stood still.
constexpr int kSettle = 3;
} // namespace

/// A line round what is pointed at.
class TourFrame : public QWidget {
public:
    explicit TourFrame(QWidget* window) : QWidget(window) { setAttribute(Qt::WA_TransparentForMouseEvents); }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(theme::colours().ink, 2.5, Qt::DashLine));
        painter.drawRoundedRect(QRectF(rect()).adjusted(2, 2, -2, -2), 6, 6);
    }
};

Tour::Tour(Workspace& workspace, QWidget* window) : QFrame(window), workspace_(workspace), window_(window) {
    setObjectName(QStringLiteral("tour"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(tr("Tour"));
    frame_ = new TourFrame(window);
    frame_->hide();
    setStyleSheet(QStringLiteral("#tour { background: %1; border: 2px solid %2; border-radius: 8px; }")
                      .arg(theme::colours().raised.name(), theme::colours().ink.name()));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(8);
    auto* head = new QHBoxLayout;
    title_ = label({}, theme::kStrong);
    title_->setObjectName(QStringLiteral("tourTitle"));
    count_ = label({}, theme::kQuiet);
    head->addWidget(title_, 1);
    head->addWidget(count_);
    layout->addLayout(head);
    text_ = label({});
    text_->setObjectName(QStringLiteral("tourText"));
    layout->addWidget(text_);
    task_ = label({}, theme::kStrong);
    task_->setObjectName(QStringLiteral("tourTask"));
    layout->addWidget(task_);
    auto* row = new QHBoxLayout;
    auto* leave = new QPushButton(tr("Leave the tour"));
    leave->setObjectName(QStringLiteral("tourLeave"));
    back_ = new QPushButton(tr("Back"));
    back_->setObjectName(QStringLiteral("tourBack"));
    next_ = new QPushButton(tr("Go on"));
    next_->setObjectName(QStringLiteral("tourNext"));
    next_->setProperty("role", "main");
    row->addWidget(leave);
    row->addStretch();
    row->addWidget(back_);
    row->addWidget(next_);
    layout->addLayout(row);
    for (QPushButton* button : {leave, back_, next_})
        button->setFocusPolicy(Qt::TabFocus); // the window keeps the keys
    setFixedWidth(kWidth);
    hide();
    connect(leave, &QPushButton::clicked, this, &Tour::leave);
    connect(back_, &QPushButton::clicked, this, [this] { show(at_ - 1); });
    connect(next_, &QPushButton::clicked, this, [this] {
        if (at_ + 1 < static_cast<int>(tourSteps().size()))
            show(at_ + 1);
        else
            this->leave();
    });
    connect(&timer_, &QTimer::timeout, this, &Tour::watch);
    window->installEventFilter(this);
}

QString Tour::step() const { return running() ? current().id : QString(); }

void Tour::start() {
    // The demo's first case, as its story begins.
    if (const auto cases = workspace_.library()->cases(); cases && !cases->empty()) {
        const auto first = std::min_element(cases->begin(), cases->end(),
                                            [](const auto& a, const auto& b) { return a.id.value < b.id.value; });
        workspace_.selectCase(first->id);
    }
    if (workspace_.hasCase())
        for (const Session& session : workspace_.data().sessions)
            if (!session.isModel) {
                workspace_.selectSession(session.id);
                break;
            }
    if (const auto levels = workspace_.stressLevels(); !levels.empty())
        workspace_.selectStress(levels.front());
    timer_.start(kWatchMs);
    show(0);
}

void Tour::leave() {
    at_ = -1;
    timer_.stop();
    hide();
    frame_->hide();
}

void Tour::show(int step) {
    at_ = std::clamp(step, 0, static_cast<int>(tourSteps().size()) - 1);
    const TourStep& now = current();
    done_ = false;
    settled_ = 0;
    emit pageAsked(now.page);
    title_->setText(now.title);
    count_->setText(tr("%1 of %2").arg(at_ + 1).arg(tourSteps().size()));
    text_->setText(now.text);
    task_->setText(now.task.isEmpty() ? QString() : QStringLiteral("→ ") + now.task);
    task_->setVisible(!now.task.isEmpty());
    back_->setEnabled(at_ > 0);
    next_->setText(at_ + 1 == static_cast<int>(tourSteps().size()) ? tr("End")
                   : now.task.isEmpty()                            ? tr("Go on")
                                                                   : tr("Skip"));
    before_ = now.watched ? now.watched({workspace_, *window_}) : QString();
    QFrame::show();
    raise();
    place();
}

bool Tour::settled() const { return running() && (!current().watched || settled_ >= kSettle); }

void Tour::watch() {
    place();
    const TourStep& now = current();
    if (!now.watched || done_)
        return;
    const QString value = now.watched({workspace_, *window_});
    if (value == before_) {
        ++settled_;
        return;
    }
    before_ = value;
    if (settled_ < kSettle) { // the page came to itself
        settled_ = 0;
        return;
    }
    done_ = true;
    task_->setText(tr("Done. Look around, then go on."));
    next_->setText(tr("Go on"));
    place();
}

void Tour::place() {
    resize(kWidth, layout()->totalHeightForWidth(kWidth)); // adjustSize asks wrapped text for too little
    const QWidget* anchor = current().anchor.isEmpty() ? nullptr : window_->findChild<QWidget*>(current().anchor);
    constexpr int kMargin = 18, kStatus = 44;
    const QRect room = window_->rect().adjusted(kMargin, kMargin, -kMargin, -kMargin - kStatus);
    QRect card(QPoint(), size());
    card.moveBottomRight(room.bottomRight());
    if (!anchor || !anchor->isVisible()) {
        frame_->hide();
        move(card.topLeft());
        return;
    }
    const QRect pointed(anchor->mapTo(window_, QPoint(0, 0)), anchor->size());
    // A large thing (the stage, the course) is framed; the card stands in the corner that covers it least.
    const auto covered = [&](const QRect& at) {
        const QRect over = at.intersected(pointed.adjusted(-kMargin, -kMargin, kMargin, kMargin));
        return over.isEmpty() ? 0 : over.width() * over.height();
    };
    QRect best = card;
    for (const auto& corner : {Qt::BottomRightCorner, Qt::BottomLeftCorner, Qt::TopRightCorner, Qt::TopLeftCorner}) {
        QRect other = card;
        const bool left = corner == Qt::BottomLeftCorner || corner == Qt::TopLeftCorner;
        const bool top = corner == Qt::TopLeftCorner || corner == Qt::TopRightCorner;
        constexpr int kCourse = 122, kHead = 74; // the course and the lines above a page stay readable
        other.moveLeft(left ? room.left() + kCourse : room.right() - other.width() + 1);
        other.moveTop(top ? room.top() + kHead : room.bottom() - other.height() + 1);
        if (covered(other) < covered(best))
            best = other;
    }
    move(best.topLeft());
    frame_->setGeometry(pointed.adjusted(-4, -4, 4, 4).intersected(window_->rect()));
    frame_->show();
    frame_->raise();
    raise();
}

bool Tour::eventFilter(QObject* watched, QEvent* event) {
    if (watched == window_ && event->type() == QEvent::Resize && running())
        place();
    return QFrame::eventFilter(watched, event);
}

} // namespace riflesso
