#include "app/workshop/changes_box.h"

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
}

void ChangesBox::look() {
    if (!desk_.isOpen() || !desk_.reading().faults.empty() || !workspace_.library())
        return;
    const std::string text = desk_.draft().text();
    workspace_.start<std::vector<CaseChange>>(
        tr("Judging every case by the skill"), this, workspace_.ofLibrary().newest(QStringLiteral("changes")),
        [folder = workspace_.library()->folder(), pack = desk_.pack(),
         also = workspace_.hasCase() ? workspace_.data().id
                                     : CaseId()](JobControl& control) -> Result<std::vector<CaseChange>> {
            const auto library = Library::open(folder, Library::Mode::ReadOnly); // its own connection, in this thread
            if (!library)
                return library.error();
            return whatChanges(**library, pack, also, QDate::currentDate(),
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
