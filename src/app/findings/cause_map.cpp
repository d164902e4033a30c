#include "app/findings/cause_map.h"

#include "app/theme.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace riflesso {
namespace {

constexpr double kLeft = 7, kSignLeft = 20, kRight = 5; ///< of the words in a box

QFont smallFont(QFont font) {
    font.setPointSizeF(8.5);
    return font;
}

} // namespace

CauseMap::CauseMap(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(120);
    setAccessibleName(tr("Cause map: causes left, consequences right"));
}

void CauseMap::setFinding(const Pack& pack, const Findings& findings, const std::string& fault) {
    boxes_.clear();
    std::fill(std::begin(rows_), std::end(rows_), 0);
    const FaultDef* def = pack.fault(fault);
    if (!def) {
        update();
        return;
    }
    const auto add = [&](const std::string& id, const QString& title, int column, double weight) {
        const Finding* finding = findings.find(id);
        boxes_.push_back({id, title, column, rows_[column]++, weight, finding && finding->present,
                          finding ? finding->state : State::Within});
    };
    add(fault, words::text(def->title), 1, 0);
    for (const CauseDef& cause : def->causes) {
        const FaultDef* from = cause.fault.empty() ? nullptr : pack.fault(cause.fault);
        add(cause.fault, from ? words::text(from->title) : words::text(cause.title), 0, cause.weight);
    }
    for (const FaultDef& other : pack.faults)
        for (const CauseDef& cause : other.causes)
            if (cause.fault == fault)
                add(other.id, words::text(other.title), 2, cause.weight);
    const int most = std::max({rows_[0], rows_[1], rows_[2]});
    setMinimumHeight(std::max(70, most * 106 + 8));
    update();
}

/// What stands in a box: its title, and how strong the cause is.
QString CauseMap::wordsOf(const Box& box) {
    const bool itself = box.column == 1;
    return itself || box.weight <= 0 ? box.title
                                     : QStringLiteral("%1 (%2)").arg(box.title, words::number(box.weight, 1));
}

QRectF CauseMap::rectOf(const Box& box) const {
    // Only the columns in use share the width.
    int used = 0, index = 0;
    for (int c = 0; c < 3; ++c) {
        if (c == box.column)
            index = used;
        used += rows_[c] > 0;
    }
    const double gap = 22, boxWidth = (width() - (used - 1) * gap - 2) / used;
    // As high as its words need.
    const QFontMetricsF metrics(smallFont(font()));
    const QRectF room(0, 0, boxWidth - (box.fault.empty() ? kLeft : kSignLeft) - kRight, height());
    const double boxHeight = std::max(44.0, metrics.boundingRect(room, Qt::TextWordWrap, wordsOf(box)).height() + 10);
    const double slot = height() / static_cast<double>(std::max(1, rows_[box.column]));
    return QRectF(1 + index * (boxWidth + gap), slot * (box.row + .5) - boxHeight / 2, boxWidth, boxHeight);
}

void CauseMap::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    if (boxes_.empty())
        return;
    painter.setFont(smallFont(font()));
    const QRectF centre = rectOf(boxes_.front());
    for (const Box& box : boxes_) {
        if (box.column == 1)
            continue;
        const QRectF own = rectOf(box);
        const bool before = box.column == 0;
        const QPointF from =
            before ? QPointF(own.right(), own.center().y()) : QPointF(centre.right(), centre.center().y());
        const QPointF to = before ? QPointF(centre.left(), centre.center().y()) : QPointF(own.left(), own.center().y());
        QPainterPath path(from);
        const double bend = (to.x() - from.x()) / 2;
        path.cubicTo(from + QPointF(bend, 0), to - QPointF(bend, 0), to);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(box.present ? p.slate : p.hairline, 1 + 4 * box.weight, Qt::SolidLine, Qt::RoundCap));
        painter.drawPath(path);
    }
    for (const Box& box : boxes_) {
        const QRectF r = rectOf(box);
        const bool chosen = box.column == 1;
        painter.setPen(QPen(chosen ? p.deviation : p.hairline, chosen ? 1.6 : 1));
        painter.setBrush(chosen ? p.deviationSoft : p.raised);
        painter.drawRoundedRect(r, 4, 4);
        QRectF text = r.adjusted(kLeft, 2, -kRight, -2);
        if (!box.fault.empty()) {
            look::drawSign(painter, box.present ? look::signOf(box.state) : look::Sign::Within,
                           QPointF(r.left() + 11, r.center().y()), 10, p);
            text.setLeft(r.left() + kSignLeft);
        }
        painter.setPen(box.present || box.fault.empty() ? p.ink : p.slate);
        painter.drawText(text, Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap, wordsOf(box));
    }
}

void CauseMap::mousePressEvent(QMouseEvent* event) {
    for (const Box& box : boxes_)
        if (!box.fault.empty() && rectOf(box).contains(event->position()))
            emit faultClicked(words::text(box.fault));
}

} // namespace riflesso
