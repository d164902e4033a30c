#include "app/practice/stop_box.h"

#include "app/athlete/limit_choice.h"
#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

/// What stops a block, and the limit that it stands for; pain asks where.
struct StopReason {
    const char* words;
    Limit limit;
    bool asksWhere;
};
const StopReason kReasons[] = {
    {QT_TR_NOOP("pain"), {BodyPart::WholeBody, LimitSide::Unsaid, LimitKind::Pain}, true},
    {QT_TR_NOOP("dizziness"), {BodyPart::Head, LimitSide::Unsaid, LimitKind::Other}, false},
    {QT_TR_NOOP("breathlessness"), {BodyPart::HeartAndBreath, LimitSide::Unsaid, LimitKind::Other}, false},
    {QT_TR_NOOP("a blow to the head"), {BodyPart::Head, LimitSide::Unsaid, LimitKind::Healing}, false}};

} // namespace

StopBox::StopBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 6, 0, 6);
    layout->setSpacing(6);
    layout->addWidget(
        label(tr("Stop the exercise now. What was said is kept with the athlete, and the plan waits until a licensed "
                 "professional has been asked and it is written down who advised what."),
              theme::kSafety));
    what_ = new ChoiceBox;
    what_->setObjectName(QStringLiteral("stopWhat"));
    what_->setAccessibleName(tr("What happened"));
    for (const StopReason& reason : kReasons)
        what_->addItem(tr(reason.words));
    where_ = new LimitChoice(QStringLiteral("stop"), tr("where?"));
    words_ = new QLineEdit;
    words_->setObjectName(QStringLiteral("stopWords"));
    words_->setAccessibleName(tr("In the athlete's words"));
    words_->setPlaceholderText(tr("In the athlete's words"));
    auto* row = new QHBoxLayout;
    row->addWidget(what_, 1);
    row->addWidget(where_, 3);
    layout->addLayout(row);
    auto* second = new QHBoxLayout;
    second->addWidget(words_, 1);
    auto* keepButton = new QPushButton(tr("Keep and stop"));
    keepButton->setObjectName(QStringLiteral("keepStop"));
    keepButton->setProperty("role", "main");
    auto* not_ = new QPushButton(tr("Nothing of the kind"));
    not_->setObjectName(QStringLiteral("noStop"));
    second->addWidget(keepButton);
    second->addWidget(not_);
    layout->addLayout(second);
    connect(what_, &QComboBox::activated, this, [this](int index) {
        where_->chooseNone();
        where_->setVisible(kReasons[index].asksWhere);
    });
    connect(keepButton, &QPushButton::clicked, this, &StopBox::keep);
    connect(words_, &QLineEdit::returnPressed, this, &StopBox::keep);
    connect(not_, &QPushButton::clicked, this, [this] {
        hide();
        emit closed();
    });
    hide();
}

void StopBox::ask() {
    what_->setCurrentIndex(0);
    where_->chooseNone();
    where_->show();
    words_->clear();
    show();
    what_->setFocus();
}

void StopBox::keep() {
    const StopReason& reason = kReasons[what_->currentIndex()];
    // Where it hurts may stay open: then it is the whole body until somebody says so.
    const Limit meant = reason.asksWhere ? where_->chosen().value_or(reason.limit) : reason.limit;
    AthleteLimit limit;
    limit.part = meant.part;
    limit.side = meant.side;
    limit.kind = meant.kind;
    limit.words = words_->text().trimmed();
    if (limit.words.isEmpty() && !reason.asksWhere)
        limit.words = tr(reason.words);
    limit.since = QDate::currentDate();
    limit.stopped = true;
    const AthleteId athlete = workspace_.data().athlete.id;
    // The block that goes on ends with it.
    PracticeBlock stopped;
    if (!workspace_.data().practice.empty())
        if (const PracticeBlock& last = workspace_.data().practice.back();
            last.id && !last.ended.isValid() && last.day() == QDate::currentDate()) {
            stopped = last;
            stopped.ended = QDateTime::currentDateTimeUtc();
            stopped.stop = tr(reason.words);
        }
    const bool done = workspace_.apply(tr("Stop: %1").arg(tr(reason.words)), [&](Edit& edit) -> Result<void> {
        const auto added = edit.addLimit(athlete, limit);
        if (!added)
            return added.error();
        if (!stopped.id)
            return {};
        return edit.setPracticeBlock(stopped);
    });
    if (!done)
        return;
    hide();
    emit closed();
}

} // namespace riflesso
