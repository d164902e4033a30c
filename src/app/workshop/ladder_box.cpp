#include "app/workshop/ladder_box.h"

#include "app/packs/shipped_packs.h"
#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/wrapping_row.h"
#include "app/workshop/skill_desk.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kDrillOfRow = Qt::UserRole, kSoughtOfRow = Qt::UserRole + 1;

} // namespace

LadderBox::LadderBox(SkillDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(label(tr("LADDER OF"), theme::kHeading));
    fault_ = new QComboBox;
    fault_->setObjectName(QStringLiteral("ladderFault"));
    fault_->setAccessibleName(tr("Fault"));
    column->addWidget(fault_);
    rungs_ = new QListWidget;
    rungs_->setObjectName(QStringLiteral("ladderRungs"));
    rungs_->setAccessibleName(tr("Rungs, from easy to hard"));
    rungs_->setDragDropMode(QAbstractItemView::InternalMove);
    column->addWidget(rungs_, 1);
    auto* bar = new WrappingRow;
    const auto button = [&](const char* name, const QString& text) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        bar->addWidget(made);
        return made;
    };
    up_ = button("rungUp", tr("Up"));
    down_ = button("rungDown", tr("Down"));
    out_ = button("rungOut", tr("Take out"));
    column->addLayout(bar);
    column->addWidget(label(tr("DRILLS OF ALL SKILLS"), theme::kHeading));
    search_ = new QLineEdit;
    search_->setObjectName(QStringLiteral("drillSearch"));
    search_->setPlaceholderText(tr("a fault, a stage, a part of the body, equipment"));
    search_->setAccessibleName(tr("Search drills"));
    search_->setClearButtonEnabled(true);
    column->addWidget(search_);
    library_ = new QListWidget;
    library_->setObjectName(QStringLiteral("drillLibrary"));
    library_->setAccessibleName(tr("Drills found"));
    column->addWidget(library_, 2);
    auto* make = new QHBoxLayout;
    own_ = new QLineEdit;
    own_->setObjectName(QStringLiteral("ownDrill"));
    own_->setPlaceholderText(tr("a drill of your own: its name, then Enter"));
    own_->setAccessibleName(tr("Name of a drill of your own"));
    make->addWidget(own_, 1);
    column->addLayout(make);

    connect(fault_, &QComboBox::activated, this, [this](int) { refresh(); });
    connect(search_, &QLineEdit::textChanged, this, &LadderBox::filter);
    connect(library_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* item) { addRung(item->data(kDrillOfRow).toString().toStdString()); });
    connect(rungs_, &QListWidget::currentRowChanged, this, [this](int) { emit drillChosen(); });
    connect(rungs_->model(), &QAbstractItemModel::rowsMoved, this, [this] {
        std::vector<std::string> order;
        for (int i = 0; i < rungs_->count(); ++i)
            order.push_back(rungs_->item(i)->data(kDrillOfRow).toString().toStdString());
        QMetaObject::invokeMethod(
            this, [this, order] { keepRungs(tr("Order of the ladder"), order); },
            Qt::QueuedConnection); // the list is still moving its rows
    });
    const auto move = [this](int by) {
        std::vector<std::string> order = rungs();
        const int at = rungs_->currentRow(), to = at + by;
        if (at < 0 || to < 0 || to >= static_cast<int>(order.size()))
            return;
        std::swap(order[static_cast<std::size_t>(at)], order[static_cast<std::size_t>(to)]);
        keepRungs(tr("Order of the ladder"), order);
        rungs_->setCurrentRow(to);
    };
    connect(up_, &QPushButton::clicked, this, [move] { move(-1); });
    connect(down_, &QPushButton::clicked, this, [move] { move(1); });
    connect(out_, &QPushButton::clicked, this, [this] {
        std::vector<std::string> order = rungs();
        if (const int at = rungs_->currentRow(); at >= 0 && at < static_cast<int>(order.size())) {
            order.erase(order.begin() + at);
            keepRungs(tr("A rung taken out"), order);
        }
    });
    connect(own_, &QLineEdit::returnPressed, this, [this] {
        const QString name = own_->text().trimmed();
        if (name.isEmpty() || fault().empty() || !desk_.isOpen())
            return;
        const std::string title = name.toStdString(), id = desk_.draft().freeId(PartList::Drills, title);
        std::vector<std::string> order = rungs();
        order.push_back(id);
        own_->clear();
        (void)desk_.edit(tr("Drill: %1").arg(name), [&](PackDraft& draft) {
            draft.put(PartList::Drills, {{"id", id},
                                         {"title", title},
                                         {"stage", "shadow"},
                                         {"stress", "calm"},
                                         {"cue", title},
                                         {"good", kToBeWritten},
                                         {"dose", {{"sets", 3}, {"repetitions", 8}}}});
            draft.put(PartList::Ladders, {{"fault", fault()}, {"rungs", order}});
        });
        rungs_->setCurrentRow(rungs_->count() - 1);
    });
}

std::string LadderBox::fault() const { return fault_->currentData().toString().toStdString(); }

std::string LadderBox::drill() const {
    return rungs_->currentItem() ? rungs_->currentItem()->data(kDrillOfRow).toString().toStdString() : std::string();
}

std::vector<std::string> LadderBox::rungs() const {
    std::vector<std::string> out;
    if (!desk_.isOpen())
        return out;
    if (const Json* ladder = desk_.draft().part(PartList::Ladders, fault()))
        for (const Json& rung : ladder->value("rungs", Json::array()))
            if (rung.is_string())
                out.push_back(rung.get<std::string>());
    return out;
}

void LadderBox::refresh() {
    const std::string chosen = fault(), rung = drill();
    const QSignalBlocker quietFaults(fault_), quietRungs(rungs_);
    fault_->clear();
    rungs_->clear();
    if (!desk_.isOpen())
        return;
    for (const FaultDef& def : desk_.pack().faults)
        fault_->addItem(words::text(def.title), words::text(def.id));
    if (const int at = fault_->findData(words::text(chosen)); at >= 0)
        fault_->setCurrentIndex(at);
    int n = 0;
    for (const std::string& id : rungs()) {
        const DrillDef* def = desk_.pack().drill(id);
        auto* item = new QListWidgetItem(
            QStringLiteral("%1  %2").arg(++n).arg(def ? words::text(def->title) : words::text(id)), rungs_);
        item->setData(kDrillOfRow, words::text(id));
        if (id == rung)
            rungs_->setCurrentItem(item);
    }
    if (library_->count() == 0)
        fillLibrary();
}

void LadderBox::fillLibrary() {
    for (const ShippedPack& shipped : shippedPacks()) {
        const PackReading reading = readPack(shipped.text.toStdString());
        for (const DrillDef& def : reading.pack.drills) {
            QStringList sought = {words::text(def.title), words::stageName(def.stage), shipped.title, shipped.words};
            for (const LadderDef& ladder : reading.pack.ladders)
                if (std::find(ladder.rungs.begin(), ladder.rungs.end(), def.id) != ladder.rungs.end())
                    if (const FaultDef* of = reading.pack.fault(ladder.fault))
                        sought << words::text(of->title) << words::text(toString(of->level));
            for (const std::string& thing : def.needs)
                sought << words::text(thing);
            auto* item = new QListWidgetItem(
                QStringLiteral("%1\n%2 · %3").arg(words::text(def.title), words::stageName(def.stage), shipped.title),
                library_);
            item->setData(kDrillOfRow, words::text(reading.pack.id + "/" + def.id));
            item->setData(kSoughtOfRow, sought.join(u' '));
            item->setToolTip(words::text(def.cue));
        }
    }
}

void LadderBox::filter(const QString& sought) {
    const QStringList needed = sought.split(u' ', Qt::SkipEmptyParts);
    for (int i = 0; i < library_->count(); ++i) {
        const QString known = library_->item(i)->data(kSoughtOfRow).toString();
        library_->item(i)->setHidden(!std::all_of(needed.begin(), needed.end(), [&](const QString& word) {
            return known.contains(word, Qt::CaseInsensitive);
        }));
    }
}

/// A drill of a skill that ships comes as a copy, without what only that skill knows.
void LadderBox::addRung(const std::string& drill) {
    const auto slash = drill.find('/');
    if (slash == std::string::npos || fault().empty())
        return;
    for (const ShippedPack& shipped : shippedPacks()) {
        const auto from = PackDraft::read(shipped.text.toStdString(), "a skill that ships");
        if (!from || from->json().value("id", Json()) != Json(drill.substr(0, slash)))
            continue;
        const Json* known = from->part(PartList::Drills, drill.substr(slash + 1));
        if (!known)
            return;
        Json copy = *known;
        copy.erase("conditions");
        copy.erase("good_when");
        std::vector<std::string> order = rungs();
        const std::string title = copy.value("title", std::string());
        std::string id = copy.value("id", std::string());
        if (const Json* there = desk_.draft().part(PartList::Drills, id); there && *there != copy)
            id = desk_.draft().freeId(PartList::Drills, title);
        copy["id"] = id;
        if (std::find(order.begin(), order.end(), id) != order.end())
            return;
        order.push_back(id);
        (void)desk_.edit(tr("Rung: %1").arg(words::text(title)), [&](PackDraft& draft) {
            draft.put(PartList::Drills, copy);
            draft.put(PartList::Ladders, {{"fault", fault()}, {"rungs", order}});
        });
        rungs_->setCurrentRow(rungs_->count() - 1);
        return;
    }
}

void LadderBox::keepRungs(const QString& name, const std::vector<std::string>& order) {
    if (!desk_.isOpen() || order == rungs())
        return;
    (void)desk_.edit(name, [&](PackDraft& draft) {
        if (order.empty())
            draft.take(PartList::Ladders, fault());
        else
            draft.put(PartList::Ladders, {{"fault", fault()}, {"rungs", order}});
    });
}

} // namespace riflesso
