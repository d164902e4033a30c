#include "app/mark/figure_card.h"

#include "app/theme.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace riflesso {

FigureCard::FigureCard(std::function<QString(const std::string&)> naming, QWidget* parent)
    : QWidget(parent), naming_(std::move(naming)) {
    setMinimumHeight(110);
    setMaximumHeight(200);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Figure card: which landmark is next"));
}

std::map<std::string, QPointF> FigureCard::standing() {
    std::map<std::string, QPointF> out = {{"nose", {3, 8}}, {"chin", {2, 12}}, {"head_top", {0, 0}}, {"neck", {0, 16}}};
    const std::pair<const char*, QPointF> parts[] = {{"eye", {3, 6}},     {"ear", {0, 8}},    {"shoulder", {0, 20}},
                                                     {"elbow", {2, 36}},  {"wrist", {6, 50}}, {"hand", {8, 55}},
                                                     {"hip", {0, 52}},    {"knee", {1, 76}},  {"ankle", {0, 98}},
                                                     {"heel", {-3, 102}}, {"toe", {9, 102}}};
    for (const auto& [part, at] : parts) {
        out[std::string("left_") + part] = at + QPointF(-14, 0);
        out[std::string("right_") + part] = at + QPointF(14, 0);
    }
    return out;
}

void FigureCard::setFigure(std::map<std::string, QPointF> positions,
                           std::vector<std::pair<std::string, std::string>> lines) {
    positions_ = std::move(positions);
    lines_ = std::move(lines);
    update();
}

void FigureCard::setStates(std::map<std::string, MarkState> states) {
    states_ = std::move(states);
    QStringList words;
    for (const auto& [name, state] : states_)
        if (state == MarkState::Next)
            words << tr("next: %1").arg(naming_(name));
    setAccessibleDescription(words.join(u' '));
    update();
}

QPointF FigureCard::place(const QPointF& at) const {
    if (positions_.empty())
        return {};
    double left = 1e9, right = -1e9, top = 1e9, bottom = -1e9;
    for (const auto& [name, p] : positions_) {
        left = std::min(left, p.x());
        right = std::max(right, p.x());
        top = std::min(top, p.y());
        bottom = std::max(bottom, p.y());
    }
    const double scale =
        std::min((width() - 44) / std::max(1.0, right - left), (height() - 40) / std::max(1.0, bottom - top));
    return QPointF(width() / 2.0, height() / 2.0) + (at - QPointF((left + right) / 2, (top + bottom) / 2)) * scale;
}

void FigureCard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const auto at = [&](const std::string& name) -> std::optional<QPointF> {
        const auto found = positions_.find(name);
        return found == positions_.end() ? std::nullopt : std::optional(place(found->second));
    };
    // A soft body under the marks.
    for (const auto& [a, b] : lines_) {
        const auto from = at(a), to = at(b);
        if (!from || !to)
            continue;
        const bool own = a.find('_') == std::string::npos || b.find('_') == std::string::npos;
        painter.setPen(QPen(p.hairline, own ? 3 : 13, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(*from, *to);
    }
    if (const auto nose = at("nose")) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.hairline);
        painter.drawEllipse(*nose, 13, 13);
    }
    for (const auto& [name, state] : states_) {
        const auto centre = at(name);
        if (!centre)
            continue;
        switch (state) {
        case MarkState::Set:
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.athlete);
            painter.drawEllipse(*centre, 5.5, 5.5);
            break;
        case MarkState::Next:
            painter.setPen(QPen(p.ink, 2.4));
            painter.setBrush(p.raised);
            painter.drawEllipse(*centre, 8.5, 8.5);
            painter.setBrush(p.ink);
            painter.drawEllipse(*centre, 2.5, 2.5);
            break;
        case MarkState::Open:
            painter.setPen(QPen(p.slate, 1.5));
            painter.setBrush(p.raised);
            painter.drawEllipse(*centre, 5, 5);
            break;
        case MarkState::Hidden:
            painter.setPen(QPen(p.slate, 1.5, Qt::DotLine));
            painter.setBrush(p.course);
            painter.drawEllipse(*centre, 5.5, 5.5);
            break;
        }
    }
}

std::string FigureCard::near(QPointF at) const {
    std::string best;
    double gap = 12;
    for (const auto& [name, state] : states_) {
        const auto found = positions_.find(name);
        if (found == positions_.end())
            continue;
        const QPointF d = place(found->second) - at;
        if (std::hypot(d.x(), d.y()) < gap) {
            gap = std::hypot(d.x(), d.y());
            best = name;
        }
    }
    return best;
}

void FigureCard::mousePressEvent(QMouseEvent* event) {
    if (const std::string name = near(event->position()); !name.empty())
        emit landmarkClicked(QString::fromStdString(name));
}

bool FigureCard::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const std::string name = near(help->pos()); !name.empty())
            QToolTip::showText(help->globalPos(), naming_(name), this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace riflesso
