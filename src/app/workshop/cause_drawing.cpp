#include "app/workshop/cause_drawing.h"

#include "app/theme.h"
#include "report/words.h"

#include <QLineF>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <map>

namespace riflesso {
namespace {

constexpr double kBoxHigh = 46, kGapAcross = 56, kGapDown = 14, kEdge = 8;

/// How many causes stand before each fault, at most.
std::map<std::string, int> depthsOf(const Pack& pack) {
    std::map<std::string, int> depth;
    for (std::size_t round = 0; round <= pack.faults.size(); ++round)
        for (const FaultDef& fault : pack.faults) {
            int own = 0;
            for (const CauseDef& cause : fault.causes)
                if (!cause.fault.empty() && cause.fault != fault.id)
                    own = std::max(own, depth[cause.fault] + 1);
            depth[fault.id] = std::min(own, static_cast<int>(pack.faults.size()));
        }
    return depth;
}

} // namespace

bool leadsTo(const Pack& pack, const std::string& cause, const std::string& fault) {
    std::vector<std::string> open = {fault};
    for (std::size_t i = 0; i < open.size(); ++i) {
        if (open[i] == cause)
            return true;
        if (const FaultDef* def = pack.fault(open[i]))
            for (const CauseDef& own : def->causes)
                if (!own.fault.empty() && std::find(open.begin(), open.end(), own.fault) == open.end())
                    open.push_back(own.fault);
    }
    return false;
}

CauseDrawing::CauseDrawing(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("causeDrawing"));
    setAccessibleName(tr("Faults and their causes: drag from a cause to what follows from it"));
    setMouseTracking(true);
}

void CauseDrawing::setPack(const Pack& pack) {
    boxes_.clear();
    arrows_.clear();
    std::map<int, int> rows;
    columns_ = rows_ = 1;
    std::map<std::string, int> depth = depthsOf(pack);
    for (const FaultDef& fault : pack.faults) {
        Box box{fault.id, words::text(fault.title), depth[fault.id], 0};
        box.row = rows[box.column]++;
        columns_ = std::max(columns_, box.column + 1);
        rows_ = std::max(rows_, box.row + 1);
        boxes_.push_back(std::move(box));
        for (const CauseDef& cause : fault.causes)
            if (!cause.fault.empty())
                arrows_.push_back({cause.fault, fault.id, cause.weight});
    }
    if (std::none_of(arrows_.begin(), arrows_.end(),
                     [&](const Arrow& arrow) { return std::pair(arrow.cause, arrow.fault) == arrow_; }))
        arrow_ = {};
    setMinimumHeight(sizeHint().height());
    update();
}

QSize CauseDrawing::sizeHint() const { return {480, static_cast<int>(2 * kEdge + rows_ * (kBoxHigh + kGapDown))}; }

void CauseDrawing::select(const std::string& fault) {
    selected_ = fault;
    update();
}

void CauseDrawing::chooseArrow(const std::string& cause, const std::string& fault) {
    arrow_ = {cause, fault};
    update();
    emit arrowChosen();
}

QRectF CauseDrawing::rectOf(const Box& box) const {
    const double wide = std::min(200.0, (width() - 2 * kEdge - (columns_ - 1) * kGapAcross) / columns_);
    return {kEdge + box.column * (wide + kGapAcross), kEdge + box.row * (kBoxHigh + kGapDown), wide, kBoxHigh};
}

const CauseDrawing::Box* CauseDrawing::at(QPointF place) const {
    for (const Box& box : boxes_)
        if (rectOf(box).contains(place))
            return &box;
    return nullptr;
}
const CauseDrawing::Box* CauseDrawing::boxOf(const std::string& fault) const {
    for (const Box& box : boxes_)
        if (box.fault == fault)
            return &box;
    return nullptr;
}
QPoint CauseDrawing::centreOf(const std::string& fault) const {
    const Box* box = boxOf(fault);
    return box ? rectOf(*box).center().toPoint() : QPoint();
}

QLineF CauseDrawing::lineOf(const Arrow& arrow) const {
    const Box *from = boxOf(arrow.cause), *to = boxOf(arrow.fault);
    if (!from || !to)
        return {};
    const QRectF a = rectOf(*from), b = rectOf(*to);
    return {QPointF(a.right(), a.center().y()), QPointF(b.left(), b.center().y())};
}

void CauseDrawing::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& c = theme::colours();
    if (boxes_.empty()) {
        painter.setPen(c.slate);
        painter.drawText(rect().adjusted(12, 12, -12, -12), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                         tr("No fault yet. Choose a measure and say what too much or too little of it is called."));
        return;
    }
    const auto draw = [&](const QLineF& line, double weight, bool chosen) {
        if (line.isNull())
            return;
        const QColor colour = chosen ? c.deviation : c.slate;
        painter.setPen(QPen(colour, 1 + 3 * weight, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(line);
        const double angle = std::atan2(line.dy(), line.dx());
        QPolygonF head({line.p2()});
        for (const double side : {-0.42, 0.42})
            head << line.p2() - 10 * QPointF(std::cos(angle + side), std::sin(angle + side));
        painter.setBrush(colour);
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(head);
    };
    for (const Arrow& arrow : arrows_)
        draw(lineOf(arrow), arrow.weight, std::pair(arrow.cause, arrow.fault) == arrow_);
    if (const Box* from = from_.empty() ? nullptr : boxOf(from_))
        draw({rectOf(*from).center(), to_}, .5, true);
    for (const Box& box : boxes_) {
        const QRectF where = rectOf(box);
        const bool chosen = box.fault == selected_;
        painter.setPen(QPen(chosen ? c.deviation : c.hairline, chosen ? 2 : 1));
        painter.setBrush(chosen ? c.deviationSoft : c.raised);
        painter.drawRoundedRect(where, 4, 4);
        painter.setPen(c.ink);
        painter.drawText(where.adjusted(8, 2, -8, -2), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, box.title);
    }
}

void CauseDrawing::mousePressEvent(QMouseEvent* event) {
    to_ = event->position();
    if (const Box* box = at(to_)) {
        from_ = box->fault;
        return;
    }
    constexpr double kNear = 9;
    for (const Arrow& arrow : arrows_) {
        const QLineF line = lineOf(arrow);
        if (line.isNull())
            continue;
        const QPointF along = line.p2() - line.p1(), off = to_ - line.p1();
        const double share =
            std::clamp(QPointF::dotProduct(off, along) / std::max(1.0, QPointF::dotProduct(along, along)), 0.0, 1.0);
        if (QLineF(line.pointAt(share), to_).length() < kNear)
            return chooseArrow(arrow.cause, arrow.fault);
    }
}

void CauseDrawing::mouseMoveEvent(QMouseEvent* event) {
    if (from_.empty())
        return;
    to_ = event->position();
    update();
}

void CauseDrawing::mouseReleaseEvent(QMouseEvent* event) {
    const std::string from = std::exchange(from_, {});
    update();
    if (from.empty())
        return;
    const Box* to = at(event->position());
    if (to && to->fault != from)
        emit arrowDrawn(words::text(from), words::text(to->fault));
    else if (to)
        emit faultClicked(words::text(from));
}

} // namespace riflesso
