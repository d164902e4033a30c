#include "app/practice/session_list.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"

#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString titleOf(const Pack& pack, const LessonItem& item) {
    const DrillDef* drill = pack.drill(item.drill);
    if (!drill)
        return partName(item.part);
    return item.part == LessonItem::Part::Test ? SessionList::tr("Counted block") : words::text(drill->title);
}

} // namespace

QString partName(LessonItem::Part part) {
    switch (part) {
    case LessonItem::Part::Recall:
        return SessionList::tr("Cue recalled");
    case LessonItem::Part::Warm:
        return SessionList::tr("Warm up");
    case LessonItem::Part::Main:
        return SessionList::tr("Main focus");
    case LessonItem::Part::Minor:
        return SessionList::tr("Minor focus");
    case LessonItem::Part::Test:
        return SessionList::tr("Counted block");
    case LessonItem::Part::Close:
        break;
    }
    return SessionList::tr("Close");
}

QString leftOut(const Pack& pack, const std::vector<SessionItem>& items) {
    QStringList out;
    for (const SessionItem& each : items)
        if (!each.item.drill.empty() && each.all == 0)
            out << titleOf(pack, each.item);
    return out.join(QStringLiteral(", "));
}

SessionList::Row SessionList::rowOf(const Pack& pack, const SessionItem& item, std::size_t index, bool here) {
    const DrillDef* drill = pack.drill(item.item.drill);
    QStringList under{tr("%1 min").arg(item.item.minutes)};
    if (drill)
        under << (item.item.part == LessonItem::Part::Test ? tr("12, nothing told") : words::stressName(drill->stress));
    if (item.all > 0)
        under << tr("%1 good").arg(words::ofText(item.good, item.all));
    const QString title = titleOf(pack, item.item);
    QFont bold;
    bold.setBold(true);
    constexpr int kWide = 190; // of the words, in a list of 230
    return {tr("%1  %2").arg(index + 1).arg(QFontMetrics(bold).elidedText(title, Qt::ElideRight, kWide)) + u'\n' +
                under.join(QStringLiteral(" · ")),
            QStringList{title, words::text(item.item.what)}.join(u'\n'), here, item.all > 0};
}

SessionList::SessionList(QWidget* parent) : QWidget(parent) {
    rows_ = new QVBoxLayout(this);
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(4);
}

void SessionList::setItems(const Pack& pack, const std::vector<SessionItem>& items, std::size_t current) {
    // Built anew only where it says something else: a key a repetition must not make it flicker.
    std::vector<Row> wanted;
    for (std::size_t i = 0; i < items.size(); ++i)
        wanted.push_back(rowOf(pack, items[i], i, i == current));
    if (wanted == shown_)
        return;
    shown_ = wanted;
    clearLayout(rows_);
    for (std::size_t i = 0; i < wanted.size(); ++i) {
        const Row& each = wanted[i];
        auto* row = new QPushButton(each.text);
        row->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        row->setObjectName(QStringLiteral("sessionItem-%1").arg(i));
        row->setToolTip(each.tip);
        row->setFocusPolicy(Qt::TabFocus);
        const look::Palette& p = theme::colours();
        row->setStyleSheet(
            QStringLiteral("QPushButton { text-align: left; padding: 4px 8px; border: none; border-left: 4px solid %1; "
                           "background: %2; font-weight: %3; }")
                .arg((each.here || each.begun ? p.athlete : p.hairline).name(),
                     (each.here ? p.athleteSoft : p.raised).name(),
                     each.here ? QStringLiteral("bold") : QStringLiteral("normal")));
        connect(row, &QPushButton::clicked, this, [this, i] { emit chosen(i); });
        rows_->addWidget(row);
    }
}

} // namespace riflesso
