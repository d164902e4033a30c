#include "app/packs/packs_page.h"

#include "app/packs/moving_figure.h"
#include "app/theme.h"
#include "report/words.h"

#include <QHeaderView>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace riflesso {

PacksPage::PacksPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    auto* top = new QHBoxLayout;
    about_ = label({});
    figure_ = new MovingFigure;
    figure_->setObjectName(QStringLiteral("skillFigure"));
    top->addWidget(about_, 1, Qt::AlignTop);
    top->addWidget(figure_, 0, Qt::AlignTop);
    layout->addLayout(top);
    tree_ = new QTreeWidget;
    tree_->setObjectName(QStringLiteral("packTree"));
    tree_->setAccessibleName(tr("The pack: events, measures, faults, drills"));
    tree_->setHeaderLabels({tr("What"), tr("How"), tr("Reference and source")});
    tree_->setWordWrap(true);
    tree_->setUniformRowHeights(false);
    tree_->header()->setSectionResizeMode(0, QHeaderView::Interactive);
    tree_->header()->setSectionResizeMode(1, QHeaderView::Stretch);
    tree_->header()->resizeSection(0, 300);
    tree_->header()->resizeSection(2, 250);
    tree_->header()->setStretchLastSection(false);
    layout->addWidget(tree_, 1);
}

QString PacksPage::headline() const {
    if (!workspace().hasCase())
        return tr("A case brings its skill pack. <b>Next: start a case.</b>");
    const Pack& pack = workspace().data().pack;
    return tr("%1: %2 measures, %3 faults, %4 drills. The pack is kept with the case, so that its numbers stay the "
              "same.")
        .arg(words::text(pack.title))
        .arg(pack.measures.size())
        .arg(pack.faults.size())
        .arg(pack.drills.size());
}

void PacksPage::refresh() {
    if (!workspace().hasCase()) {
        tree_->clear();
        figure_->hide();
        shown_.clear();
        return;
    }
    const Pack& pack = workspace().data().pack;
    const Side hand = workspace().data().athlete.handedness;
    const std::string now = pack.id + pack.edition + (hand == Side::Left ? " left" : " right");
    if (shown_ == now)
        return;
    shown_ = now;
    about_->setText(QStringLiteral("<b>%1</b>, edition %2. %3")
                        .arg(words::text(pack.title), words::text(pack.edition), words::text(pack.about)));
    figure_->show(pack, hand);
    tree_->clear();
    const auto group = [&](const QString& title, std::size_t count) {
        auto* item = new QTreeWidgetItem(tree_, {title, tr("%1 entries").arg(count)});
        item->setExpanded(true);
        QFont bold = tree_->font();
        bold.setBold(true);
        item->setFont(0, bold);
        return item;
    };
    const auto source = [&](const std::string& id) {
        const auto found = pack.sources.find(id);
        return words::text(found == pack.sources.end() ? id : found->second);
    };
    QTreeWidgetItem* events = group(tr("Key events"), pack.events.size());
    for (const EventDef& event : pack.events)
        new QTreeWidgetItem(events, {words::text(event.title), words::text(event.hint)});
    QTreeWidgetItem* measures = group(tr("Measures"), pack.measures.size());
    for (const MeasureDef& def : pack.measures) {
        const Reference reference = referenceOf(pack, def, nullptr, {}, {}, {});
        new QTreeWidgetItem(measures, {words::text(def.title), words::definition(pack, def),
                                       reference.source == Reference::Source::None
                                           ? source(def.source)
                                           : QStringLiteral("%1, tolerance %2 (%3)")
                                                 .arg(words::referenceText(def, reference),
                                                      words::figures(def.tolerance, 4), source(def.source))});
    }
    QTreeWidgetItem* observations = group(tr("Observations"), pack.observations.size());
    for (const ObservationDef& def : pack.observations)
        new QTreeWidgetItem(observations, {words::text(def.title), words::text(def.ask)});
    QTreeWidgetItem* faults = group(tr("Faults"), pack.faults.size());
    for (const FaultDef& fault : pack.faults) {
        auto* item = new QTreeWidgetItem(
            faults, {words::text(fault.title), words::text(fault.explain), words::text(fault.safetyText)});
        for (const CauseDef& cause : fault.causes)
            new QTreeWidgetItem(
                item, {cause.fault.empty() ? words::text(cause.title)
                                           : tr("follows from: %1").arg(words::text(pack.fault(cause.fault)->title)),
                       words::text(cause.because), tr("weight %1").arg(words::number(cause.weight, 1))});
        item->setExpanded(true);
    }
    QTreeWidgetItem* drills = group(tr("Drills"), pack.drills.size());
    for (const DrillDef& drill : pack.drills) {
        auto* item = new QTreeWidgetItem(
            drills,
            {words::text(drill.title),
             QStringLiteral("\"%1\" ").arg(words::text(drill.cue)) + tr("Good: %1").arg(words::text(drill.good)),
             words::stageName(drill.stage) + QStringLiteral(", ") + words::doseText(drill.dose)});
        item->setData(0, Qt::UserRole, words::text(drill.id));
    }
}

void PacksPage::show(const QString& drill) {
    for (QTreeWidgetItem* item : tree_->findItems(QStringLiteral("*"), Qt::MatchWildcard | Qt::MatchRecursive))
        if (item->data(0, Qt::UserRole).toString() == drill) {
            tree_->setCurrentItem(item);
            tree_->scrollToItem(item, QAbstractItemView::PositionAtCenter);
        }
}

} // namespace riflesso
