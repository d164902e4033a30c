#include "app/start/desk_list.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/limit_words.h"
#include "report/words.h"

#include <QListWidget>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString wordsOf(const DeskItem& item, const QDate& today) {
    const auto day = [&](const QDate& date) {
        return date.year() == today.year() ? words::shortDate(date) : words::date(date);
    };
    switch (item.what) {
    case DeskItem::What::Retest:
        return item.date < today ? DeskList::tr("Retest was due on %1").arg(day(item.date))
                                 : DeskList::tr("Retest due on %1").arg(day(item.date));
    case DeskItem::What::Retention:
        return item.date < today ? DeskList::tr("Retention test was due on %1").arg(day(item.date))
                                 : DeskList::tr("Retention test due on %1").arg(day(item.date));
    case DeskItem::What::ConsentMissing:
        return DeskList::tr("No consent to film is on record");
    case DeskItem::What::ConsentEnded:
        return DeskList::tr("Consent to film ended on %1").arg(day(item.date));
    case DeskItem::What::ConsentEnds:
        return DeskList::tr("Consent to film ends on %1").arg(day(item.date));
    case DeskItem::What::NoChange:
        return DeskList::tr("No changes now: %1 on %2").arg(item.name, day(item.until));
    case DeskItem::What::Competition:
        return DeskList::tr("%1 on %2; no changes from %3").arg(item.name, day(item.until), day(item.date));
    case DeskItem::What::Advice: {
        QStringList hurts;
        for (const Limit& limit : item.limit.meaning().known)
            hurts << words::limit(limit);
        const QString what = hurts.empty() ? item.limit.words : hurts.join(QStringLiteral(", "));
        return item.date.isValid()
                   ? DeskList::tr("Stopped since %1, waits for professional advice: %2").arg(day(item.date), what)
                   : DeskList::tr("Stopped, waits for professional advice: %1").arg(what);
    }
    case DeskItem::What::AskAgain:
        return DeskList::tr("Decide again: %1 was set aside until %2").arg(item.name, day(item.date));
    }
    return {};
}

/// The page that answers it.
QString pageOf(DeskItem::What what) {
    switch (what) {
    case DeskItem::What::Retest:
        return QStringLiteral("film");
    case DeskItem::What::Retention:
        return QStringLiteral("practice");
    case DeskItem::What::AskAgain:
        return QStringLiteral("findings");
    case DeskItem::What::NoChange:
    case DeskItem::What::Competition:
        return QStringLiteral("plan");
    default:
        return QStringLiteral("athlete");
    }
}

} // namespace

DeskList::DeskList(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("On the desk"), theme::kBig));
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("deskList"));
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setTextElideMode(Qt::ElideRight);
    list_->setAccessibleName(tr("What is due in all cases, the most urgent first"));
    layout->addWidget(list_);
    connect(list_, &QListWidget::itemActivated, this, &DeskList::openChosen);
    connect(list_, &QListWidget::itemClicked, this, &DeskList::openChosen);
}

void DeskList::refresh() {
    const QDate today = QDate::currentDate();
    items_.clear();
    if (workspace_.library()) {
        if (const auto cases = workspace_.library()->deskCases())
            items_ = deskOf(*cases, today);
        else
            workspace_.say(words::text(cases.error().sentence()), true);
    }
    list_->clear();
    for (const DeskItem& item : items_)
        list_->addItem(QStringLiteral("%1, %2\n%3")
                           .arg(item.athlete, words::kept(item.title.toStdString()), wordsOf(item, today)));
    // As high as what it holds, up to five of them: the cases below need the room.
    constexpr int kMostShown = 5;
    const int line = list_->count() > 0 ? list_->sizeHintForRow(0) : 0;
    list_->setFixedHeight(std::min(kMostShown, list_->count()) * line + 2 * list_->frameWidth() + 2);
    setVisible(!items_.empty());
}

void DeskList::openChosen() {
    const int row = list_->currentRow();
    if (row < 0)
        return;
    const DeskItem item = items_[static_cast<std::size_t>(row)];
    if (!workspace_.hasCase() || workspace_.data().id != item.id)
        workspace_.selectCase(item.id);
    emit opened(pageOf(item.what));
}

} // namespace riflesso
