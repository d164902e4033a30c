#include "app/workshop/rule_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/workshop/model_stage.h"
#include "app/workshop/skill_desk.h"
#include "core/pack/pack_writer.h"
#include "core/signal/propose_events.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {

RuleBox::RuleBox(Workspace& workspace, SkillDesk& desk, ModelStage& stage, QWidget* parent)
    : QWidget(parent), workspace_(workspace), desk_(desk), stage_(stage) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* top = new QHBoxLayout;
    heading_ = label({}, theme::kHeading);
    top->addWidget(heading_, 1);
    search_ = new QPushButton(tr("Find rules (R)"));
    search_->setObjectName(QStringLiteral("findRules"));
    top->addWidget(search_);
    none_ = new QPushButton(tr("No rule"));
    none_->setObjectName(QStringLiteral("noRule"));
    top->addWidget(none_);
    column->addLayout(top);
    rules_ = new QListWidget;
    rules_->setObjectName(QStringLiteral("rulesFound"));
    rules_->setAccessibleName(tr("Rules found"));
    rules_->setWordWrap(true);
    rules_->setFixedHeight(3 * (2 * fontMetrics().lineSpacing() + 10));
    rules_->hide();
    column->addWidget(rules_);
    said_ = label({}, theme::kQuiet);
    said_->setObjectName(QStringLiteral("rulesSaid"));
    said_->setWordWrap(true);
    column->addWidget(said_);
    connect(search_, &QPushButton::clicked, this, [this] { search(); });
    connect(none_, &QPushButton::clicked, this,
            [this] { (void)desk_.setKey(tr("No rule"), PartList::Events, event_, "suggest", Json()); });
    connect(rules_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) { take(rules_->row(item)); });
    connect(rules_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) { take(rules_->row(item)); });
}

void RuleBox::show(const std::string& event) {
    if (event != event_) {
        rules_->clear();
        rules_->hide();
        found_ = {};
        said_->clear();
    }
    event_ = event;
    const EventDef* def = desk_.isOpen() ? desk_.cyclePack().event(event) : nullptr;
    const bool end = def && event == desk_.cyclePack().cycleEnd;
    heading_->setText(def ? tr("HOW \"%1\" FINDS ITSELF").arg(words::text(def->title)).toUpper()
                          : tr("HOW A POSITION FINDS ITSELF"));
    search_->setEnabled(def && !end && !stage_.isEmpty());
    none_->setVisible(def && def->rule && !end);
    if (!def) {
        said_->setText(tr("Step to a frame and press P to name a position there."));
    } else if (rules_->count() == 0) {
        int set = 0;
        for (const Trial& trial : stage_.shown().trials)
            set += trial.event(event) != nullptr;
        said_->setText((end ? tr("The start once more, which ends the cycle: it is found by the rule of the start. ")
                        : def->rule ? tr("Where %1. ").arg(words::ruleText(desk_.pack(), *def->rule))
                                    : QString()) +
                       tr("Set in %1 of %2 repetitions.").arg(set).arg(stage_.shown().trials.size()));
    }
}

void RuleBox::search(bool takeBest) {
    if (!desk_.isOpen() || !desk_.pack().event(event_) || stage_.isEmpty())
        return;
    said_->setText(tr("Trying every signal of the body …"));
    workspace_.start<RuleSearch>(
        tr("Finding rules"), this, workspace_.ofCase().newest(QStringLiteral("rules")),
        [pack = desk_.cyclePack(), event = event_, trials = stage_.shown().trials,
         others = othersOf(workspace_.data(), stage_.shown())](JobControl& control) -> Result<RuleSearch> {
            RuleSearch found =
                searchRules(pack, event, trials, others, [&](double share) { return control.goOn(share); });
            return found.stopped ? Result<RuleSearch>(cancelled()) : Result<RuleSearch>(std::move(found));
        },
        [this, event = event_, takeBest](const Result<RuleSearch>& found) {
            if (!found || event != event_)
                return;
            list(*found);
            if (takeBest && !found->best.empty() && found->best[0].holds())
                take(0);
        });
}

void RuleBox::list(const RuleSearch& found) {
    found_ = found;
    rules_->clear();
    if (!desk_.isOpen())
        return;
    for (const FoundRule& rule : found.best) {
        auto* item = new QListWidgetItem(
            tr("%1\n%2 frames in %3 of %4 repetitions left out%5%6")
                .arg(words::ruleText(desk_.pack(), rule.rule), words::number(rule.rmsFrames, 1))
                .arg(rule.placed)
                .arg(rule.of)
                .arg((rule.others > 0 ? tr("; agrees in %1 of %2 of the athlete's").arg(rule.agrees).arg(rule.others)
                                      : QString()) +
                     (rule.near ? tr("; needs a marked repetition near by") : QString()))
                .arg(rule.holds() ? QString() : tr(": not good enough to take")),
            rules_);
        if (!rule.holds())
            item->setForeground(theme::colours().slate);
    }
    rules_->setVisible(!found.best.empty());
    said_->setText(
        found.repetitions < static_cast<int>(kFewestForRule)
            ? tr("Set it in two repetitions at least: one proves nothing.")
        : found.best.empty() || !found.best[0].holds()
            ? tr("No rule places it within %1 frames in every repetition left out (%2 signals tried). It will be "
                 "carried "
                 "over from marked repetitions.")
                  .arg(kMostRuleFrames)
                  .arg(found.tried)
            : tr("Best of %1 signals; a click takes one. A level or a bound may not hold for another athlete: try it.")
                  .arg(found.tried));
}

void RuleBox::take(int row) {
    if (row < 0 || row >= static_cast<int>(found_.best.size()))
        return;
    const FoundRule& rule = found_.best[static_cast<std::size_t>(row)];
    if (!rule.holds()) {
        said_->setText(
            tr("This one misses by more than %1 frames, or is not found in every repetition.").arg(kMostRuleFrames));
        return;
    }
    if (desk_.setKey(tr("Rule of a position"), PartList::Events, event_, "suggest", eventRuleJson(rule.rule)))
        carry(event_); // to those that nobody has looked at: by the rule now
}

void RuleBox::carry(const std::string& event) {
    std::vector<Trial> examples, targets;
    const auto isOpen = [&](const Trial& trial) {
        const RepetitionPlace at = placeOf(workspace_.data(), repetitionId(trial.id));
        const auto set = at ? at.repetition->events.find(event) : std::map<std::string, StoredEvent>::const_iterator();
        return at && (set == at.repetition->events.end() || isProposed(set->second.source));
    };
    for (const Trial& trial : stage_.shown().trials)
        if (!isOpen(trial)) {
            examples.push_back(trial);
        } else {
            targets.push_back(trial);
            std::erase_if(targets.back().events, [&](const TrialEvent& one) { return one.event == event; });
        }
    if (examples.empty() || targets.empty() || !desk_.isOpen())
        return;
    Pack pack = desk_.cyclePack();
    std::erase_if(pack.events, [&](const EventDef& def) { return def.id != event; });
    workspace_.start<std::vector<TrialProposal>>(
        tr("Carrying the position over"), this, workspace_.ofCase().newest(QStringLiteral("carry")),
        [pack, examples, targets](JobControl&) -> Result<std::vector<TrialProposal>> {
            return proposeEvents(pack, examples, targets);
        },
        [this, event, then = workspace_.snapshot()](const Result<std::vector<TrialProposal>>& proposals) {
            if (!proposals || !workspace_.hasCase() || !desk_.isOpen() || !desk_.cyclePack().event(event))
                return; // it was taken back meanwhile
            (void)workspace_.apply(
                tr("Carried over to the other repetitions"),
                [&](Edit& edit) -> Result<void> {
                    for (const TrialProposal& proposal : *proposals)
                        for (const EventProposal& found : proposal.events) {
                            const RepetitionPlace at = placeOf(workspace_.data(), repetitionId(proposal.trial));
                            if (!sameFrames(placeOf(*then, repetitionId(proposal.trial)), at))
                                continue;
                            const auto set = at.repetition->events.find(found.event);
                            const double frame = std::round(found.frame);
                            if (set != at.repetition->events.end() &&
                                (!isProposed(set->second.source) || set->second.frame == frame))
                                continue; // set by hand meanwhile, or there already
                            StoredEvent stored{frame, {}, std::string(kProposedEvent)};
                            stored.proposedFrame = frame;
                            if (const auto set = edit.setEvent(at.repetition->id, found.event, stored); !set)
                                return set;
                        }
                    return {};
                },
                QStringLiteral("carry"));
        },
        Pace::Quick);
}

} // namespace riflesso
