#include "app/findings/cause_map.h"

#include "app/theme.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace riflesso {
namespace {

constexpr double kWordsLeft = 7, kSignLeft = 20, kRight = 5; ///< of the words in a box
constexpr int kRoomOfABox = 106;

QFont smallFont(QFont font) {
    font.setPointSizeF(8.5);
    return font;
}

} // namespace

CauseMap::CauseMap(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(120);
    setAccessibleName(tr("Cause map: causes left, consequences right"));
}

void CauseMap::clear() {
    boxes_.clear();
    ties_.clear();
    rows_.clear();
}

std::size_t CauseMap::add(const Pack& pack, const Findings& findings, const std::string& fault, std::size_t column) {
    const Finding* finding = findings.find(fault);
    rows_.resize(std::max(rows_.size(), column + 1));
    boxes_.push_back({fault,
                      words::text(pack.fault(fault)->title),
                      {},
                      column,
                      rows_[column]++,
                      finding && finding->present,
                      false,
                      finding ? finding->state : State::Within});
    return boxes_.size() - 1;
}

std::size_t CauseMap::addOutside(const CauseDef& cause, std::size_t column) {
    rows_.resize(std::max(rows_.size(), column + 1));
    boxes_.push_back({{}, words::text(cause.title), words::word(cause.kind), column, rows_[column]++});
    return boxes_.size() - 1;
}

void CauseMap::settle() {
    std::size_t most = 0;
    QStringList told;
    for (const std::size_t rows : rows_)
        most = std::max(most, rows);
    for (const Tie& tie : ties_)
        told << tr("%1 leads to %2").arg(boxes_[tie.from].title, boxes_[tie.to].title);
    setAccessibleDescription(told.join(QStringLiteral("; ")));
    setMinimumHeight(std::max(70, static_cast<int>(most) * kRoomOfABox + 8));
    update();
}

void CauseMap::setFinding(const Pack& pack, const Findings& findings, const std::string& fault) {
    clear();
    if (const FaultDef* def = pack.fault(fault)) {
        const std::size_t itself = add(pack, findings, fault, 1);
        boxes_[itself].chosen = true;
        for (const CauseDef& cause : def->causes)
            tie(cause.fault.empty() ? addOutside(cause, 0) : add(pack, findings, cause.fault, 0), itself, cause.weight);
        for (const FaultDef& other : pack.faults)
            for (const CauseDef& cause : other.causes)
                if (cause.fault == fault)
                    tie(itself, add(pack, findings, other.id, 2), cause.weight);
    }
    settle();
}

void CauseMap::setCase(const Pack& pack, const Findings& findings, const std::string& chosen) {
    clear();
    // A fault stands right of every finding that causes it; a cause outside the movement in the first column.
    std::map<std::string, std::size_t> column;
    for (const Finding& finding : findings.ranked)
        column[finding.fault] = 0;
    const auto causesOf = [&](const std::string& fault) -> const std::vector<CauseDef>& {
        return pack.fault(fault)->causes;
    };
    // As often as there are findings: longer chains there are not, and a ring, which a pack may not hold, would end.
    for (std::size_t pass = 0; pass < findings.ranked.size(); ++pass)
        for (const Finding& finding : findings.ranked)
            for (const CauseDef& cause : causesOf(finding.fault)) {
                const std::size_t least = cause.fault.empty()            ? 1
                                          : column.contains(cause.fault) ? column[cause.fault] + 1
                                                                         : 0;
                column[finding.fault] = std::max(column[finding.fault], least);
            }
    std::map<std::string, std::size_t> boxOf;
    for (const Finding& finding : findings.ranked) {
        boxOf[finding.fault] = add(pack, findings, finding.fault, column[finding.fault]);
        boxes_[boxOf[finding.fault]].chosen = finding.fault == chosen;
    }
    for (const Finding& finding : findings.ranked)
        for (const CauseDef& cause : causesOf(finding.fault))
            if (cause.fault.empty())
                tie(addOutside(cause, column[finding.fault] > 0 ? column[finding.fault] - 1 : 0), boxOf[finding.fault],
                    cause.weight);
            else if (boxOf.contains(cause.fault))
                tie(boxOf[cause.fault], boxOf[finding.fault], cause.weight);
    settle();
}

/// What stands in a box: its title, and how strong it is as the one cause of another.
QString CauseMap::wordsOf(std::size_t box) const {
    const Tie* only = nullptr;
    int count = 0;
    for (const Tie& tie : ties_)
        if (tie.from == box || (tie.to == box && !boxes_[box].chosen && boxes_[tie.from].chosen)) {
            only = &tie;
            ++count;
        }
    QString text = boxes_[box].title;
    if (count == 1 && !boxes_[box].chosen)
        text += QStringLiteral(" (%1)").arg(words::number(only->weight, 1));
    return boxes_[box].kind.isEmpty() ? text : text + QStringLiteral("\n") + boxes_[box].kind;
}

QRectF CauseMap::rectOf(const Box& box) const {
    // Only the columns in use share the width.
    std::size_t used = 0, index = 0;
    for (std::size_t c = 0; c < rows_.size(); ++c) {
        if (c == box.column)
            index = used;
        used += rows_[c] > 0;
    }
    const auto columns = static_cast<double>(used), at = static_cast<double>(index);
    const double gap = 22, boxWidth = (width() - (columns - 1) * gap - 2) / columns;
    // As high as its words need.
    const QFontMetricsF metrics(smallFont(font()));
    const QRectF room(0, 0, boxWidth - (box.fault.empty() ? kWordsLeft : kSignLeft) - kRight, height());
    const auto number = static_cast<std::size_t>(&box - boxes_.data());
    const double boxHeight =
        std::max(44.0, metrics.boundingRect(room, Qt::TextWordWrap, wordsOf(number)).height() + 10);
    const double slot = height() / static_cast<double>(std::max<std::size_t>(1, rows_[box.column]));
    return QRectF(1 + at * (boxWidth + gap), slot * (static_cast<double>(box.row) + .5) - boxHeight / 2, boxWidth,
                  boxHeight);
}

void CauseMap::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.setFont(smallFont(font()));
    for (const Tie& tie : ties_) {
        const QRectF left = rectOf(boxes_[tie.from]), right = rectOf(boxes_[tie.to]);
        const QPointF from(left.right(), left.center().y()), to(right.left(), right.center().y());
        QPainterPath path(from);
        const double bend = (to.x() - from.x()) / 2;
        path.cubicTo(from + QPointF(bend, 0), to - QPointF(bend, 0), to);
        const bool present = boxes_[tie.from].present && boxes_[tie.to].present;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(present ? p.slate : p.hairline, 1 + 4 * tie.weight, Qt::SolidLine, Qt::RoundCap));
        painter.drawPath(path);
    }
    for (std::size_t i = 0; i < boxes_.size(); ++i) {
        const Box& box = boxes_[i];
        const QRectF r = rectOf(box);
        const bool outside = box.fault.empty();
        // Outside the movement: a broken outline.
        painter.setPen(QPen(box.chosen ? p.deviation
                            : outside  ? p.slate
                                       : p.hairline,
                            box.chosen ? 1.6 : 1, outside ? Qt::DashLine : Qt::SolidLine));
        painter.setBrush(box.chosen ? p.deviationSoft : p.raised);
        painter.drawRoundedRect(r, 4, 4);
        QRectF text = r.adjusted(kWordsLeft, 2, -kRight, -2);
        if (!outside) {
            look::drawSign(painter, box.present ? look::signOf(box.state) : look::Sign::Within,
                           QPointF(r.left() + 11, r.center().y()), 10, p);
            text.setLeft(r.left() + kSignLeft);
        }
        painter.setPen(box.present || outside ? p.ink : p.slate);
        painter.drawText(text, Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap, wordsOf(i));
    }
}

void CauseMap::mousePressEvent(QMouseEvent* event) {
    for (const Box& box : boxes_)
        if (!box.fault.empty() && rectOf(box).contains(event->position())) {
            emit faultClicked(words::text(box.fault));
            return;
        }
}

} // namespace riflesso
