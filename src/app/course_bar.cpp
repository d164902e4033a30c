#include "app/course_bar.h"

#include "app/theme.h"

#include <QEvent>
#include <QPainter>
#include <QVBoxLayout>

namespace riflesso {

StepButton::StepButton(const QString& title, bool isStep, QWidget* parent) : QAbstractButton(parent), isStep_(isStep) {
    setText(title);
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(title);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void StepButton::setState(const StepState& state) {
    state_ = state;
    setAccessibleDescription(state.detail);
    update();
}

QSize StepButton::sizeHint() const {
    const int line = fontMetrics().height();
    return {118, isStep_ ? 2 * line + 14 : line + 12};
}

bool StepButton::event(QEvent* event) {
    if (event->type() == QEvent::Enter || event->type() == QEvent::Leave) {
        hovered_ = event->type() == QEvent::Enter;
        update();
    }
    return QAbstractButton::event(event);
}

void StepButton::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    if (isChecked() || hovered_)
        painter.fillRect(rect(), isChecked() ? p.raised : p.paper);
    if (isChecked())
        painter.fillRect(QRect(0, 0, 4, height()), p.ink);
    if (hasFocus()) {
        painter.setPen(QPen(p.model, 2));
        painter.drawRect(rect().adjusted(1, 1, -1, -1));
    }
    const int line = fontMetrics().height();
    QFont bold = font();
    bold.setBold(isStep_);
    painter.setFont(bold);
    painter.setPen(isStep_ ? p.ink : p.slate);
    painter.drawText(QRect(16, isStep_ ? 6 : 0, width() - 18, isStep_ ? line : height()),
                     Qt::AlignVCenter | Qt::AlignLeft, text());
    if (!isStep_)
        return;
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    const bool attention = state_.kind == StepState::Kind::Attention;
    painter.setPen(attention ? p.deviation : p.slate);
    painter.drawText(QRect(16, 6 + line, width() - 20, line), Qt::AlignVCenter | Qt::AlignLeft,
                     QFontMetrics(small).elidedText(state_.detail.isEmpty() ? QStringLiteral("—") : state_.detail,
                                                    Qt::ElideRight, width() - 20));
    // Progress at the edge: nothing, half a bar, a whole bar.
    if (!isChecked() && state_.kind != StepState::Kind::Untouched) {
        const bool half = state_.kind == StepState::Kind::InWork;
        const int top = half ? height() / 2 : 5;
        painter.fillRect(QRect(0, top, 3, height() - 5 - top), attention ? p.deviation : p.slate);
    }
}

CourseBar::CourseBar(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("course"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedWidth(122);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 10, 1, 8);
    layout->setSpacing(0);
    auto* name = label(QStringLiteral("riflesso"), theme::kStrong);
    name->setStyleSheet(QStringLiteral("color: %1; padding: 2px 16px 8px 16px;").arg(theme::colours().ink.name()));
    layout->addWidget(name);
    steps_ = new QVBoxLayout;
    rest_ = new QVBoxLayout;
    layout->addLayout(steps_);
    layout->addStretch();
    layout->addLayout(rest_);
}

void CourseBar::add(const QString& page, const QString& title, bool isStep) {
    auto* button = new StepButton(title, isStep, this);
    button->setObjectName(QStringLiteral("step-") + page);
    (isStep ? steps_ : rest_)->addWidget(button);
    buttons_[page] = button;
    connect(button, &QAbstractButton::clicked, this, [this, page] { emit asked(page); });
}

QString CourseBar::titleOf(const QString& page) const {
    const auto found = buttons_.find(page);
    return found == buttons_.end() ? QString() : found->second->text();
}

void CourseBar::setCurrent(const QString& page) {
    for (const auto& [id, button] : buttons_)
        button->setChecked(id == page);
}

void CourseBar::setState(const QString& page, const StepState& state) {
    const auto found = buttons_.find(page);
    if (found != buttons_.end())
        found->second->setState(state);
}

} // namespace riflesso
