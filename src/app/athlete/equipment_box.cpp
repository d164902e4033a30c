#include "app/athlete/equipment_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace riflesso {
namespace {

/// What the skill's drills ask for, then what else the athlete has.
QStringList nameable(const CaseData& data) {
    QStringList out;
    for (const DrillDef& drill : data.pack.drills)
        for (const std::string& need : drill.needs)
            if (const QString thing = words::text(need); !out.contains(thing))
                out << thing;
    out.sort();
    for (const QString& thing : data.athlete.equipment)
        if (!out.contains(thing))
            out << thing;
    return out;
}

} // namespace

EquipmentBox::EquipmentBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(tr("EQUIPMENT AT HAND"), theme::kHeading));
    list_ = new QVBoxLayout;
    layout->addLayout(list_);
    other_ = new QLineEdit;
    other_->setObjectName(QStringLiteral("otherEquipment"));
    other_->setAccessibleName(tr("Something else that is at hand"));
    other_->setPlaceholderText(tr("Something else"));
    auto* addButton = new QPushButton(tr("Add"));
    addButton->setObjectName(QStringLiteral("addEquipment"));
    addButton->setAccessibleName(tr("Add the equipment"));
    auto* row = new QHBoxLayout;
    row->addWidget(other_, 1);
    row->addWidget(addButton);
    layout->addLayout(row);
    const auto addOther = [this] {
        const QString thing = other_->text().trimmed();
        other_->clear();
        if (!thing.isEmpty())
            set(thing, true);
    };
    connect(addButton, &QPushButton::clicked, this, addOther);
    connect(other_, &QLineEdit::returnPressed, this, addOther);
}

void EquipmentBox::refresh() {
    const QStringList things = nameable(workspace_.data()), ticked = workspace_.data().athlete.equipment;
    if (things == shown_ && ticked == ticked_ && list_->count() > 0)
        return;
    shown_ = things;
    ticked_ = ticked;
    clearLayout(list_);
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(2);
    for (int i = 0; i < things.size(); ++i) {
        auto* check = new QCheckBox(words::kept(things[i].toStdString()));
        check->setObjectName(QStringLiteral("equipment-") + things[i]);
        check->setChecked(ticked.contains(things[i]));
        connect(check, &QCheckBox::clicked, this, [this, thing = things[i]](bool has) { set(thing, has); });
        grid->addWidget(check, i / 2, i % 2);
    }
    grid->setColumnStretch(2, 1);
    list_->addWidget(box);
    if (ticked.isEmpty())
        list_->addWidget(label(tr("Nothing is ticked: everything is taken as at hand."), theme::kQuiet));
}

void EquipmentBox::set(const QString& thing, bool has) {
    Athlete athlete = workspace_.data().athlete;
    athlete.equipment.removeAll(thing);
    if (has)
        athlete.equipment << thing;
    workspace_.apply(tr("Change the equipment"), [athlete](Edit& edit) { return edit.setAthlete(athlete); });
}

} // namespace riflesso
