#include "app/athlete/limit_choice.h"

#include "app/widgets/choice_box.h"
#include "report/limit_words.h"

#include <QHBoxLayout>

namespace riflesso {

LimitChoice::LimitChoice(const QString& name, const QString& open, QWidget* parent) : QWidget(parent) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    const auto list = [&](const QString& what, const QString& accessible) {
        auto* box = new ChoiceBox;
        box->setObjectName(name + what);
        box->setAccessibleName(accessible);
        connect(box, &QComboBox::activated, this, &LimitChoice::changed);
        layout->addWidget(box, 1);
        return box;
    };
    part_ = list(QStringLiteral("Part"), tr("Part of the body"));
    side_ = list(QStringLiteral("Side"), tr("Side"));
    kind_ = list(QStringLiteral("Kind"), tr("Kind of limit"));
    if (!open.isEmpty())
        part_->addItem(open, -1);
    for (int i = 0; i < kBodyParts; ++i)
        part_->addItem(words::bodyPart(static_cast<BodyPart>(i)), i);
    side_->addItem(tr("no side"), static_cast<int>(LimitSide::Unsaid));
    for (const LimitSide side : {LimitSide::Left, LimitSide::Right, LimitSide::Both})
        side_->addItem(words::limitSide(side), static_cast<int>(side));
    for (int i = 0; i < kLimitKinds; ++i)
        kind_->addItem(words::limitKind(static_cast<LimitKind>(i)), i);
    connect(this, &LimitChoice::changed, this, [this] {
        const bool known = part_->currentData().toInt() >= 0;
        side_->setEnabled(known);
        kind_->setEnabled(known);
    });
    emit changed();
}

void LimitChoice::choose(const Limit& limit) {
    part_->setCurrentIndex(part_->findData(static_cast<int>(limit.part)));
    side_->setCurrentIndex(side_->findData(static_cast<int>(limit.side)));
    kind_->setCurrentIndex(kind_->findData(static_cast<int>(limit.kind)));
    emit changed();
}

void LimitChoice::chooseNone() {
    part_->setCurrentIndex(0);
    side_->setCurrentIndex(0);
    kind_->setCurrentIndex(0);
    emit changed();
}

std::optional<Limit> LimitChoice::chosen() const {
    if (part_->currentData().toInt() < 0)
        return {};
    return Limit{static_cast<BodyPart>(part_->currentData().toInt()),
                 static_cast<LimitSide>(side_->currentData().toInt()),
                 static_cast<LimitKind>(kind_->currentData().toInt())};
}

} // namespace riflesso
