#include "app/workshop/changes_box.h"

#include "app/packs/shipped_packs.h"
#include "app/page.h"
#include "app/theme.h"
#include "app/workshop/skill_desk.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QHeaderView>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace riflesso {

ChangesBox::ChangesBox(Workspace& workspace, SkillDesk& desk, QWidget* parent)
    : QWidget(parent), workspace_(workspace), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* top = new QHBoxLayout;
    top->addWidget(label(tr("ON EVERY CASE THAT USES IT"), theme::kHeading), 1);
    look_ = new QPushButton(tr("See what would change"));
    look_->setObjectName(QStringLiteral("whatChanges"));
    top->addWidget(look_);
    bring_ = new QPushButton(tr("Bring the ticked ones over"));
    bring_->setObjectName(QStringLiteral("bringOver"));
    top->addWidget(bring_);
    column->addLayout(top);
    said_ = label({}, theme::kQuiet);
    said_->setObjectName(QStringLiteral("changesSaid"));
    said_->setWordWrap(true);
    column->addWidget(said_);
    cases_ = new QTreeWidget;
    cases_->setObjectName(QStringLiteral("changesOfCases"));
    cases_->setAccessibleName(tr("Cases and what would change in them"));
    cases_->setHeaderLabels({tr("Case"), tr("Has"), tr("Values"), tr("States"), tr("Findings"), tr("First rungs")});
    cases_->setWordWrap(true);
    cases_->setUniformRowHeights(false);
    cases_->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
    cases_->header()->setStretchLastSection(true);
    column->addWidget(cases_, 1);
    auto* middle = new QHBoxLayout;
    originSaid_ = label({}, theme::kHeading);
    originSaid_->setObjectName(QStringLiteral("originSaid"));
    middle->addWidget(originSaid_, 1);
    takeOrigin_ = new QPushButton(tr("Take the chosen parts from there"));
    takeOrigin_->setObjectName(QStringLiteral("takeOrigin"));
    middle->addWidget(takeOrigin_);
    column->addLayout(middle);
    origin_ = new QTreeWidget;
    origin_->setObjectName(QStringLiteral("originChanges"));
    origin_->setAccessibleName(tr("What the skill that it began as has otherwise"));
    origin_->setHeaderLabels({tr("Part"), tr("Here"), tr("There")});
    origin_->setRootIsDecorated(false);
    origin_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    constexpr int kPartWide = 230, kHereWide = 190;
    origin_->setColumnWidth(0, kPartWide);
    origin_->setColumnWidth(1, kHereWide);
    column->addWidget(origin_, 1);
    connect(takeOrigin_, &QPushButton::clicked, this, &ChangesBox::takeFromOrigin);
    connect(origin_, &QTreeWidget::itemSelectionChanged, this,
            [this] { takeOrigin_->setEnabled(!origin_->selectedItems().isEmpty()); });
    connect(look_, &QPushButton::clicked, this, &ChangesBox::look);
    connect(bring_, &QPushButton::clicked, this, &ChangesBox::bringOver);
}

void ChangesBox::refresh() {
    const bool fresh = desk_.isOpen() && !lookedAt_.empty() && lookedAt_ == desk_.draft().text();
    if (!fresh) {
        lookedAt_.clear();
        changes_.clear();
        cases_->clear();
        said_->setText(tr("A case keeps the edition that it was judged with. Its latest set is judged by both, and the "
                          "differences are listed before anything is brought over."));
    }
    const bool kept = desk_.isOpen() && !desk_.skill().editions.empty() && !desk_.changedSinceKept();
    look_->setEnabled(desk_.isOpen() && desk_.reading().faults.empty());
    bring_->setEnabled(fresh && kept && !changes_.empty());
    bring_->setToolTip(kept ? QString() : tr("Keep it as an edition first"));
    showOrigin();
}

void ChangesBox::showOrigin() {
    origin_->clear();
    const QString id = desk_.isOpen() ? words::text(desk_.draft().beganAs()) : QString();
    const QString text = id.isEmpty() ? QString() : shippedText(id);
    for (QWidget* widget :
         {static_cast<QWidget*>(origin_), static_cast<QWidget*>(originSaid_), static_cast<QWidget*>(takeOrigin_)})
        widget->setVisible(!text.isEmpty());
    if (text.isEmpty())
        return;
    const auto other = PackDraft::read(text.toStdString(), id.toStdString());
    if (!other)
        return;
    const auto said = [&](const char* key) { return words::text(other->json().value(key, std::string())); };
    for (const PackChange& change : packDiff(desk_.draft().text(), text.toStdString())) {
        if (change.path.starts_with("x-") || change.path == "id" || change.path == "edition" || change.path == "title")
            continue; // its own name
        constexpr std::size_t kMost = 300;
        auto* item = new QTreeWidgetItem(
            origin_, {words::text(change.path),
                      change.before.empty() ? tr("not there") : words::text(change.before.substr(0, kMost)),
                      change.after.empty() ? tr("not there") : words::text(change.after.substr(0, kMost))});
        for (int i = 0; i < item->columnCount(); ++i)
            item->setToolTip(i, item->text(i).toHtmlEscaped());
    }
    const auto count = static_cast<std::size_t>(origin_->topLevelItemCount());
    originSaid_->setText(count == 0
                             ? tr("AS %1 THAT SHIPS NOW, EDITION %2").arg(said("title").toUpper(), said("edition"))
                             : tr("AGAINST %1 THAT SHIPS NOW, EDITION %2: %3")
                                   .arg(said("title").toUpper(), said("edition"),
                                        words::counted(count, tr("DIFFERENCE"), tr("DIFFERENCES"))));
    takeOrigin_->setEnabled(false);
}

void ChangesBox::takeFromOrigin() {
    const QString id = words::text(desk_.draft().beganAs());
    const auto other = PackDraft::read(shippedText(id).toStdString(), id.toStdString());
    if (!other)
        return;
    QStringList paths;
    for (const QTreeWidgetItem* item : origin_->selectedItems())
        paths << item->text(0);
    (void)desk_.edit(tr("Parts of the skill that ships"), [&](PackDraft& draft) {
        for (const QString& path : paths)
            (void)draft.takeFrom(*other, path.toStdString());
    });
}

void ChangesBox::look() {
    if (!desk_.isOpen() || !desk_.reading().faults.empty() || !workspace_.library())
        return;
    const std::string text = desk_.draft().text();
    workspace_.start<std::vector<CaseChange>>(
        tr("Judging every case by the skill"), this, workspace_.ofLibrary().newest(QStringLiteral("changes")),
        [folder = workspace_.library()->folder(), text, also = workspace_.hasCase() ? workspace_.data().id : CaseId()](
            JobControl& control) -> Result<std::vector<CaseChange>> {
            return whatChanges(folder, text, also, QDate::currentDate(),
                               [&](double share) { return control.goOn(share); });
        },
        [this, text](const Result<std::vector<CaseChange>>& changes) {
            if (!changes) {
                if (changes.error().kind != Error::Kind::Cancelled)
                    workspace_.say(words::text(changes.error().sentence()), true);
                return;
            }
            if (!desk_.isOpen() || desk_.draft().text() != text)
                return; // it was changed meanwhile
            lookedAt_ = text;
            list(*changes);
            refresh();
        });
}

void ChangesBox::list(const std::vector<CaseChange>& changes) {
    changes_ = changes;
    cases_->clear();
    std::size_t differ = 0;
    for (const CaseChange& change : changes) {
        differ += change.any();
        const auto count = [](const QStringList& of) {
            return of.isEmpty()    ? QStringLiteral("–")
                   : of.size() > 3 ? QString::number(of.size())
                                   : of.join(QStringLiteral(", "));
        };
        auto* item =
            new QTreeWidgetItem(cases_, {QStringLiteral("%1, %2").arg(change.athlete, change.title), change.edition,
                                         change.cannot.isEmpty() ? count(change.values) : change.cannot,
                                         count(change.states), count(change.findings), count(change.rungs)});
        // One of another skill is only tried: it is brought over where somebody ticks it.
        const bool uses = !(workspace_.hasCase() && change.id == workspace_.data().id &&
                            workspace_.data().pack.id != desk_.pack().id);
        item->setCheckState(0, uses ? Qt::Checked : Qt::Unchecked);
        for (const auto& [column, list] :
             {std::pair(2, &change.values), {3, &change.states}, {4, &change.findings}, {5, &change.rungs}})
            item->setToolTip(column, list->join(u'\n'));
    }
    said_->setText(changes.empty() ? tr("No case uses it yet.")
                                   : tr("%1 of %2 would change, each by its latest set. Marks, decisions and frozen "
                                        "assessments stay.")
                                         .arg(differ)
                                         .arg(words::counted(changes.size(), tr("case"), tr("cases"))));
}

void ChangesBox::bringOver() {
    if (!desk_.isOpen() || desk_.skill().editions.empty())
        return;
    std::vector<CaseId> chosen;
    for (int i = 0; i < cases_->topLevelItemCount(); ++i)
        if (cases_->topLevelItem(i)->checkState(0) == Qt::Checked)
            chosen.push_back(changes_[static_cast<std::size_t>(i)].id);
    if (chosen.empty())
        return;
    const SkillEdition edition = desk_.skill().editions.back(); // a copy: the desk reads its skills anew
    if (desk_.bringOver(chosen, edition.pack, edition.edition))
        workspace_.say(tr("%1 brought to edition %2.")
                           .arg(words::counted(chosen.size(), tr("case"), tr("cases")), edition.edition));
    lookedAt_.clear();
    refresh();
}

} // namespace riflesso
