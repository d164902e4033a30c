#include "app/film/left_recordings_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/wrapping_row.h"
#include "report/words.h"
#include "work/live_recordings.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <utility>

namespace riflesso {

LeftRecordingsBox::LeftRecordingsBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    rows_ = new QVBoxLayout(this);
    rows_->setContentsMargins(0, 6, 0, 6);
    rows_->setSpacing(6);
    hide();
}

void LeftRecordingsBox::setBusy(const QString& path, bool busy) {
    if (busy)
        busy_.insert(path);
    else
        busy_.erase(path);
    show(workspace_.hasCase() ? workspace_.data().session(session_) : nullptr);
}

void LeftRecordingsBox::forget(const QString& made) {
    busy_ = made.isEmpty() ? std::set<QString>() : std::set<QString>{made};
}

void LeftRecordingsBox::show(const Session* session) {
    session_ = session ? session->id : SessionId{};
    std::vector<LiveRecordings::Left> left;
    if (session && workspace_.library() && workspace_.library()->onlyShown().isEmpty())
        left = LiveRecordings(workspace_.library()->folder(), *session).left(workspace_.data());
    std::erase_if(left, [this](const LiveRecordings::Left& each) { return busy_.contains(each.path); });
    QStringList now;
    for (const LiveRecordings::Left& each : left)
        now << each.path + u' ' + QString::number(each.bytes);
    setVisible(!left.empty());
    if (std::exchange(shown_, now) == now)
        return; // so that what was asked for stays asked
    while (QLayoutItem* item = rows_->takeAt(0)) {
        if (QWidget* widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        }
        delete item;
    }
    for (const LiveRecordings::Left& each : left)
        addRow(each.path, tr("<b>Cut off</b><br>A recording of %1, %2, is not yet a clip: the program was ended.")
                              .arg(words::shortDate(each.ended.date()), each.ended.time().toString(u"HH:mm")));
}

void LeftRecordingsBox::addRow(const QString& path, const QString& text) {
    auto* row = new QWidget;
    row->setObjectName(QStringLiteral("leftRecording"));
    auto* layout = new QVBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(text));
    auto* buttons = new WrappingRow;
    auto* take = new QPushButton(tr("Take it in"));
    take->setObjectName(QStringLiteral("takeRecording"));
    auto* remove = new QPushButton(tr("Delete…"));
    remove->setObjectName(QStringLiteral("deleteRecording"));
    for (QPushButton* button : {take, remove}) {
        button->setFocusPolicy(Qt::TabFocus);
        buttons->addWidget(button);
    }
    layout->addLayout(buttons);
    rows_->addWidget(row);
    connect(take, &QPushButton::clicked, this, [this, path] { emit wanted(path); });
    connect(remove, &QPushButton::clicked, this, [this, path, remove, asked = false]() mutable {
        if (!std::exchange(asked, true)) {
            remove->setText(tr("For good?"));
            return;
        }
        if (const auto removed = LiveRecordings::remove(path); !removed)
            workspace_.say(words::text(removed.error().sentence()), true);
        show(workspace_.hasCase() ? workspace_.data().session(session_) : nullptr);
    });
}

} // namespace riflesso
