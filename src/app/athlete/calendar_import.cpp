#include "app/athlete/calendar_import.h"

#include "report/words.h"

#include <QFile>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

CalendarImport::CalendarImport(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("calendarEntries"));
    list_->setAccessibleName(tr("Entries of the calendar file that lie ahead"));
    list_->setFixedHeight(130);
    layout->addWidget(list_);
    auto* row = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        row->addWidget(made);
        return made;
    };
    choose_ = button(tr("From a calendar file…"), "calendarFile");
    choose_->setToolTip(tr("An .ics file, as calendars write it: choose which of its entries are competitions."));
    add_ = button(tr("Add the ticked"), "addTicked");
    add_->setProperty("role", "main");
    leave_ = button(tr("Leave it"), "leaveCalendar");
    row->addStretch();
    layout->addLayout(row);
    close();
    connect(choose_, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(
            this, tr("A calendar file"), QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation),
            tr("Calendar (*.ics)"));
        if (!path.isEmpty())
            read(path);
    });
    connect(add_, &QPushButton::clicked, this, &CalendarImport::addTicked);
    connect(leave_, &QPushButton::clicked, this, &CalendarImport::close);
}

void CalendarImport::close() {
    entries_.clear();
    list_->clear();
    for (QWidget* widget : {static_cast<QWidget*>(list_), static_cast<QWidget*>(add_), static_cast<QWidget*>(leave_)})
        widget->hide();
    choose_->show();
}

void CalendarImport::read(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        workspace_.say(tr("%1 could not be read: %2").arg(path, file.errorString()), true);
        return;
    }
    constexpr qint64 kEnough = (qint64(4) << 20) + 1; // one more than is taken
    auto read = readCalendar(file.read(kEnough), path);
    if (!read) {
        workspace_.say(words::text(read.error().sentence()), true);
        return;
    }
    entries_ = std::move(*read);
    const QDate today = QDate::currentDate();
    std::erase_if(entries_, [&](const CalendarEntry& entry) { return entry.from < today || entry.title.isEmpty(); });
    constexpr std::size_t kMostShown = 200;
    entries_.resize(std::min(entries_.size(), kMostShown));
    if (entries_.empty()) {
        workspace_.say(tr("Nothing in %1 lies ahead.").arg(path), true);
        return;
    }
    list_->clear();
    for (const CalendarEntry& entry : entries_) {
        auto* item = new QListWidgetItem(QStringLiteral("%1  %2").arg(words::date(entry.from), entry.title), list_);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(entries_.size() == 1 ? Qt::Checked : Qt::Unchecked);
    }
    for (QWidget* widget : {static_cast<QWidget*>(list_), static_cast<QWidget*>(add_), static_cast<QWidget*>(leave_)})
        widget->show();
    choose_->hide();
    list_->setFocus();
}

void CalendarImport::addTicked() {
    std::vector<CalendarEntry> ticked;
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->checkState() == Qt::Checked)
            ticked.push_back(entries_[static_cast<std::size_t>(i)]);
    if (ticked.empty()) {
        workspace_.say(tr("Tick what is a competition."), true);
        return;
    }
    const AthleteId id = workspace_.data().athlete.id;
    const bool done = workspace_.apply(tr("Competitions from a calendar"), [&](Edit& edit) -> Result<void> {
        for (const CalendarEntry& entry : ticked)
            if (auto added = edit.addCompetition(id, entry.from, entry.title); !added)
                return added;
        return {};
    });
    if (done)
        close();
}

} // namespace riflesso
