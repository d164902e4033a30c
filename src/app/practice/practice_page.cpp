#include "app/practice/practice_page.h"

#include "app/practice/court_panel.h"
#include "app/practice/home_grid.h"
#include "app/practice/session_list.h"
#include "app/practice/share_bar.h"
#include "app/practice/stop_box.h"
#include "app/practice/told_panel.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/wrapping_row.h"
#include "core/practice/rungs.h"
#include "report/practice_words.h"
#include "report/words.h"
#include "work/case_assessment.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kMinutes = 30;

QString keyOf(const std::string& fault, const std::string& drill) {
    return QString::fromStdString(fault + "/" + drill);
}

} // namespace

PracticePage::PracticePage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(20);
    layout->addWidget(buildLeft());
    middle_ = new QWidget;
    middle_->setLayout(buildMiddle());
    layout->addWidget(middle_, 1);
    home_ = new HomeGrid(workspace, this);
    home_->hide();
    layout->addWidget(home_, 1);
    layout->addLayout(buildRight());
    connect(home_, &HomeGrid::closed, this, [this] { showHome(false); });
    connect(session_, &SessionList::chosen, this, &PracticePage::chooseItem);
}

QWidget* PracticePage::buildLeft() {
    auto* inner = new QWidget;
    auto* left = new QVBoxLayout(inner);
    left->setContentsMargins(0, 0, 4, 0);
    left->setSpacing(6);
    left->addWidget(label(tr("TODAY'S SESSION"), theme::kHeading));
    session_ = new SessionList;
    left->addWidget(session_);
    left->addSpacing(6);
    told_ = new ToldPanel(workspace(), inner);
    left->addWidget(told_);
    left->addStretch();
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(236);
    return scroll;
}

QLayout* PracticePage::buildMiddle() {
    auto* column = new QVBoxLayout;
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* choices = new QHBoxLayout;
    const auto box = [&](const char* name, const QString& says, int stretch) {
        auto* made = new ChoiceBox;
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(says);
        made->setFocusPolicy(Qt::TabFocus);
        choices->addWidget(made, stretch);
        return made;
    };
    rung_ = box("rung", tr("Drill"), 4);
    condition_ = box("practiceCondition", tr("Under what it is practised"), 1);
    kind_ = box("practiceKind", tr("Practice or a test"), 2);
    kind_->addItem(tr("practice"), static_cast<int>(PracticeKind::Practice));
    kind_->addItem(tr("test: does it stay?"), static_cast<int>(PracticeKind::Retention));
    kind_->addItem(tr("test: does it carry over?"), static_cast<int>(PracticeKind::Transfer));
    kind_->setToolTip(tr("A test is 24 repetitions of which nothing is told: a week or more after the last practice of "
                         "the drill, or under another condition."));
    for (int i = 0; i <= static_cast<int>(Stress::Competition); ++i)
        condition_->addItem(words::stressName(static_cast<Stress>(i)), i);
    column->addLayout(choices);
    axesBox_ = new QWidget;
    axesLayout_ = new QVBoxLayout(axesBox_);
    axesLayout_->setContentsMargins(0, 0, 0, 0);
    column->addWidget(axesBox_);
    cue_ = label({}, theme::kBig);
    cue_->setStyleSheet(QStringLiteral("font-size: 24pt; font-weight: bold;"));
    column->addWidget(cue_);
    good_ = label({});
    good_->setStyleSheet(QStringLiteral("font-size: 12pt;"));
    column->addWidget(good_);
    court_ = new CourtPanel(workspace(), this);
    court_->hide();
    connect(court_, &CourtPanel::left, this, [this] { showCourt(false); });
    connect(court_, &CourtPanel::said, this,
            [this](const QString& text, bool isError) { workspace().say(text, isError); });
    connect(court_, &CourtPanel::changed, this, &PracticePage::showBlock);
    column->addWidget(court_, 100);
    column->addStretch(1);
    block_ = new BlockView;
    column->addWidget(block_);
    auto* numbers = new QHBoxLayout;
    share_ = label({});
    share_->setObjectName(QStringLiteral("share"));
    share_->setStyleSheet(QStringLiteral("font-size: 64pt; font-weight: bold;"));
    share_->setWordWrap(false);
    verdict_ = label({});
    verdict_->setObjectName(QStringLiteral("verdict"));
    verdict_->setStyleSheet(QStringLiteral("font-size: 22pt; font-weight: bold;"));
    share_->setContentsMargins(0, 0, 16, 0);
    numbers->setSpacing(0);
    numbers->addWidget(share_);
    numbers->addWidget(verdict_, 1);
    column->addLayout(numbers);
    bar_ = new ShareBar;
    column->addWidget(bar_);
    detail_ = label({});
    detail_->setObjectName(QStringLiteral("shareDetail"));
    detail_->setStyleSheet(QStringLiteral("font-size: 12pt;"));
    column->addWidget(detail_);
    column->addStretch(1);
    column->addLayout(buildButtons());
    stopBox_ = new StopBox(workspace(), this);
    connect(stopBox_, &StopBox::closed, this, [this] { setFocus(); });
    connect(stop_, &QPushButton::clicked, stopBox_, &StopBox::ask);
    column->addWidget(stopBox_);
    connect(rung_, &QComboBox::activated, this, [this] {
        refresh();
        setFocus();
    });
    for (QComboBox* each : {condition_, kind_})
        connect(each, &QComboBox::activated, this, [this] {
            showBlock();
            setFocus();
        });
    return column;
}

QLayout* PracticePage::buildButtons() {
    auto* rows = new QVBoxLayout;
    const auto button = [&](QLayout* row, const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
        return made;
    };
    auto* large = new QHBoxLayout;
    yes_ = button(large, "good", tr("Good (G)"), [this] { log(true); });
    yes_->setProperty("role", "main");
    no_ = button(large, "notGood", tr("Not (N)"), [this] { log(false); });
    for (QPushButton* each : {yes_, no_}) {
        each->setMinimumHeight(84);
        each->setStyleSheet(QStringLiteral("font-size: 18pt;"));
        each->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        large->setStretchFactor(each, 1);
    }
    auto* said = new QGridLayout;
    const auto place = [&](int row, int column, QPushButton* each) { said->addWidget(each, row, column); };
    auto* unused = new QHBoxLayout; // the grid takes them over
    feltRight_ = button(unused, "practiceRight", tr("Felt right (F)"), [this] { felt(true); });
    feltOff_ = button(unused, "practiceOff", tr("Felt off (O)"), [this] { felt(false); });
    toldCue_ = button(unused, "toldCue", tr("Cue (T)"), [this] { told(Told::Cue); });
    toldShown_ = button(unused, "toldShown", tr("Shown (S)"), [this] { told(Told::Shown); });
    toldAsked_ = button(unused, "toldAsked", tr("Asked (A)"), [this] { told(Told::Asked); });
    back_ = button(unused, "takeBack", tr("Take back (⌫)"), [this] { takeBack(); });
    place(0, 0, feltRight_), place(1, 0, feltOff_);
    place(0, 1, toldCue_), place(1, 1, toldShown_);
    place(0, 2, toldAsked_), place(1, 2, back_);
    delete unused;
    large->addLayout(said);
    rows->addLayout(large);
    auto* last = new WrappingRow;
    end_ = button(last, "finishBlock", tr("Finish the block (Enter)"), [this] { finish(); });
    film_ = button(last, "courtFilm", tr("Film and measure (C)"), [this] { showCourt(!court_->isOpen()); });
    button(last, "homeSheet", tr("Home sheet (H)"), [this] { showHome(home_->isHidden()); });
    stop_ = button(last, "stopPain", tr("Stop: pain or dizzy (P)"), [] {});
    advice_ = button(last, "writeAdvice", tr("Write down who advised what"),
                     [this] { emit goTo(QStringLiteral("athlete"), {}); });
    rows->addLayout(last);
    return rows;
}

QLayout* PracticePage::buildRight() {
    auto* right = new QVBoxLayout;
    right->addWidget(label(tr("LADDER SO FAR"), theme::kHeading));
    auto* inner = new QWidget;
    history_ = new QVBoxLayout(inner);
    history_->setContentsMargins(0, 0, 0, 0);
    history_->setSpacing(4);
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(230);
    right->addWidget(scroll, 1);
    right->addWidget(label(tr("Judged in blocks of 12. Three of four good: go on. Half or fewer: make it easier. The "
                              "plan moves up after 11 of 12, or 9 of 12 twice running. Improvement is not steady; a "
                              "flat week is no verdict."),
                           theme::kQuiet));
    return right;
}

const DrillDef* PracticePage::drill() const {
    return workspace().hasCase() ? workspace().data().pack.drill(choice().drill) : nullptr;
}

PracticeChoice PracticePage::choice() const {
    PracticeChoice out;
    const QStringList parts = rung_->currentData().toString().split(u'/');
    if (parts.size() == 2)
        out.fault = parts[0].toStdString(), out.drill = parts[1].toStdString();
    out.kind = static_cast<PracticeKind>(kind_->currentData().toInt());
    out.condition.stress = static_cast<Stress>(condition_->currentData().toInt());
    for (const auto& [axis, box] : axes_)
        if (const std::string value = box->currentData().toString().toStdString(); !value.empty())
            out.condition.axes[axis] = value;
    if (const DrillDef* def = workspace().hasCase() ? workspace().data().pack.drill(out.drill) : nullptr)
        out.cue = words::text(def->cue);
    return out;
}

std::vector<SessionItem> PracticePage::items() const {
    const auto assessment = workspace().assessment();
    return assessment ? todaysSession(workspace().data(), assessment->prescription, QDate::currentDate(), kMinutes)
                      : std::vector<SessionItem>();
}

bool PracticePage::isCounted() const {
    const std::vector<SessionItem> today = items();
    return item_ < today.size() && today[item_].item.part == LessonItem::Part::Test;
}

const PracticeBlock* PracticePage::shownBlock() const {
    const PracticeBlock* last = lastBlock(workspace().data(), choice());
    // The counted block at the end begins empty, though its drill was practised before.
    if (isCounted() && last && last->ended.isValid() && last->started < entered_)
        return nullptr;
    return last && last->day() == QDate::currentDate()
               ? last
               : openBlock(workspace().data(), choice(), QDateTime::currentDateTimeUtc());
}

QString PracticePage::headline() const {
    if (const auto assessment = workspace().assessment(); assessment && assessment->prescription.waits)
        return tr("Stopped in practice. <b>Next: write down who advised what, on the Athlete page.</b>");
    if (rung_->count() == 0)
        return tr("No ladder yet. <b>Next: decide in Findings what to work on.</b>");
    const PracticeBlock* block = shownBlock();
    const std::vector<SessionItem> today = items();
    const QString where = item_ < today.size() ? tr("Step %1 of %2. ").arg(item_ + 1).arg(today.size()) : QString();
    if (block)
        return tr("%1%2 logged in this block. <b>Next: ask what was felt, then G or N.</b>")
            .arg(where, words::counted(static_cast<std::size_t>(block->all()), tr("repetition"), tr("repetitions")));
    return tr("%1<b>Next: G for a good repetition, N for one that is not.</b>").arg(where);
}

StepState PracticePage::state() const {
    if (!workspace().hasCase() || workspace().data().practice.empty())
        return {};
    return {StepState::Kind::InWork, tr("%1 logged").arg(workspace().data().loggedRepetitions())};
}

void PracticePage::fillRungs() {
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    // While a set is measured anew the rungs stay; those of before results were hidden, or of another case, do not.
    if (!assessment && workspace().assessing() && !workspace().resultsHidden())
        return;
    struct Offered {
        std::string fault, drill;
        bool inPlan;
    };
    std::vector<Offered> offered;
    const auto add = [&](const std::string& fault, const std::string& drill, bool inPlan) {
        if (std::none_of(offered.begin(), offered.end(),
                         [&](const Offered& each) { return each.fault == fault && each.drill == drill; }))
            offered.push_back({fault, drill, inPlan});
    };
    int start = 0;
    if (assessment && !assessment->prescription.waits) {
        for (const Focus& focus : assessment->prescription.focus)
            for (const Rung& rung : focus.rungs) {
                if (rung.startHere && focus.main)
                    start = static_cast<int>(offered.size());
                add(focus.fault, rung.drill, true);
            }
        // What is not in the plan can be practised too, as far as limits and equipment allow it.
        const AthleteFacts facts = factsOf(data, QDate::currentDate());
        Situation situation;
        for (const auto& [key, value] :
             {std::pair{"level", data.yardstick.level}, {"age", data.yardstick.age}, {"format", data.yardstick.format}})
            if (!value.empty())
                situation[key] = value;
        if (!offered.empty())
            for (const LadderDef& ladder : data.pack.ladders)
                for (const Rung& rung : openLadder(data.pack, ladder.fault, facts, situation).rungs)
                    add(ladder.fault, rung.drill, false);
    }
    QStringList wanted, have;
    for (const Offered& each : offered)
        wanted << keyOf(each.fault, each.drill) + (each.inPlan ? u'+' : u'-');
    for (int i = 0; i < rung_->count(); ++i)
        have << rung_->itemData(i).toString() + (rung_->itemData(i, Qt::UserRole + 1).toBool() ? u'+' : u'-');
    if (have == wanted)
        return;
    const QString chosen = rung_->currentData().toString();
    const bool first = rung_->count() == 0;
    rung_->clear();
    for (const Offered& each : offered) {
        const QString text = QStringLiteral("%1: %2").arg(words::text(data.pack.fault(each.fault)->title),
                                                          words::text(data.pack.drill(each.drill)->title));
        rung_->addItem(each.inPlan ? text : tr("%1 (not in the plan)").arg(text), keyOf(each.fault, each.drill));
        rung_->setItemData(rung_->count() - 1, each.inPlan, Qt::UserRole + 1);
    }
    // What was chosen stays; at first it is where the plan begins.
    const int index = first ? -1 : rung_->findData(chosen);
    rung_->setCurrentIndex(index >= 0 ? index : start);
}

void PracticePage::fillConditions() {
    const CaseData& data = workspace().data();
    const DrillDef* def = drill();
    const std::string key = def ? choice().fault + "/" + def->id : std::string();
    bool same = axes_.size() == data.pack.conditions.size();
    for (const auto& [axis, values] : data.pack.conditions)
        same = same && axes_.contains(axis);
    if (!same) {
        clearLayout(axesLayout_);
        axes_.clear();
        auto* row = new QHBoxLayout;
        for (const auto& [axis, values] : data.pack.conditions) {
            QString name = words::kept(axis);
            row->addWidget(label(name.replace(u'_', u' '), theme::kQuiet));
            auto* box = new ChoiceBox;
            box->setObjectName(QStringLiteral("practiceAxis-") + words::text(axis));
            box->setAccessibleName(name);
            box->setFocusPolicy(Qt::TabFocus);
            box->addItem(tr("not noted"), QString());
            for (const std::string& value : values)
                box->addItem(words::kept(value).replace(u'_', u' '), words::text(value));
            connect(box, &QComboBox::activated, this, [this] {
                showBlock();
                setFocus();
            });
            row->addWidget(box);
            axes_[axis] = box;
        }
        row->addStretch();
        axesLayout_->addLayout(row);
    }
    axesBox_->setVisible(!axes_.empty() && !court_->isOpen());
    if (key == filledFor_ || !def)
        return;
    filledFor_ = key;
    const PracticeCondition own = ownCondition(*def);
    condition_->setCurrentIndex(condition_->findData(static_cast<int>(own.stress)));
    for (const auto& [axis, box] : axes_) {
        const auto value = own.axes.find(axis);
        box->setCurrentIndex(std::max(0, value == own.axes.end() ? 0 : box->findData(words::text(value->second))));
    }
}

void PracticePage::refresh() {
    if (!workspace().hasCase())
        return;
    if (workspace().data().id != of_)
        forget();
    of_ = workspace().data().id;
    fillRungs();
    fillConditions();
    showBlock();
    showHistory();
    home_->refresh();
}

void PracticePage::forget() {
    rung_->clear();
    filledFor_.clear();
    felt_.reset();
    item_ = 0;
    if (court_->isOpen())
        showCourt(false);
}

void PracticePage::showBlock() {
    const CaseData& data = workspace().data();
    const DrillDef* def = drill();
    const auto assessment = workspace().assessment();
    const bool waits = assessment && assessment->prescription.waits;
    advice_->setVisible(waits);
    stop_->setVisible(!waits);
    const bool onlyShown = workspace().library() && !workspace().library()->onlyShown().isEmpty();
    for (QPushButton* each : {yes_, no_, feltRight_, feltOff_, end_, film_})
        each->setEnabled(def != nullptr && !onlyShown);
    session_->setItems(data.pack, items(), item_);
    const PracticeBlock* block = def ? shownBlock() : nullptr;
    const bool last = block && !block->repetitions.empty();
    for (QPushButton* each : {back_, toldCue_, toldShown_, toldAsked_})
        each->setEnabled(last && !waits && !onlyShown);
    for (const auto& [button, right] : {std::pair{feltRight_, true}, {feltOff_, false}}) {
        button->setProperty("role", (felt_ == std::optional(right)) ? "main" : "");
        button->style()->unpolish(button);
        button->style()->polish(button);
    }
    if (!def) {
        cue_->setText(waits ? tr("Stopped") : tr("Choose a focus in Findings first"));
        for (QLabel* text : {good_, share_, verdict_, detail_})
            text->clear();
        if (waits)
            good_->setText(
                tr("Pain or the like was said in practice. Ask a licensed professional; the plan waits until "
                   "it is written down who advised what, and when."));
        block_->setBlock({}, kBlockLength, {});
        bar_->setVerdict({});
        told_->setBlock({}, ToldPanel::Asks::Practice, {});
        return;
    }
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    cue_->setText(words::said(def->cue, sides));
    good_->setText(tr("Good: %1").arg(words::said(def->good, sides)));
    const PracticeChoice chosen = choice();
    const std::vector<PracticeRepetition> repetitions = block ? block->repetitions : std::vector<PracticeRepetition>();
    const int length = blockLength(chosen.kind);
    block_->setBlock(repetitions, length, felt_);
    std::optional<double> before;
    for (const PracticeBlock& each : data.practice)
        if ((!block || each.id != block->id) && each.kind == PracticeKind::Practice && each.drill == chosen.drill &&
            each.all() > 0)
            before = static_cast<double>(each.good()) / each.all();
    court_->setDone(static_cast<int>(repetitions.size()));
    const std::optional<bool> proposed = court_->proposed();
    for (const auto& [each, good, text] : {std::tuple(yes_, true, tr("Good (G)")), {no_, false, tr("Not (N)")}})
        each->setText(proposed == std::optional(good) ? tr("%1\nEnter").arg(text) : text);
    end_->setText(proposed ? tr("Finish the block") : tr("Finish the block (Enter)"));
    told_->setBlock(repetitions,
                    isTest(chosen.kind) ? ToldPanel::Asks::Test
                    : isCounted()       ? ToldPanel::Asks::Count
                                        : ToldPanel::Asks::Practice,
                    before);
    const BlockVerdict verdict = judgeBlock(block ? block->good() : 0, block ? block->all() : 0, length);
    bar_->setVerdict(verdict);
    share_->setMaximumWidth(verdict.share ? QWIDGETSIZE_MAX : 0); // its height stays: nothing jumps with the verdict
    share_->setText(verdict.share ? QStringLiteral("%1 %").arg(qRound(100 * *verdict.share)) : QString());
    verdict_->setText(isTest(chosen.kind) && verdict.moreWanted == 0 ? tr("test done: see Progress")
                                                                     : words::blockVerdict(verdict));
    detail_->setText(
        verdict.all == 0
            ? tr("A verdict stands after %1 repetitions.").arg(length)
            : tr("%1 good; the true share lies between %2 and %3 % (80 % interval)%4")
                  .arg(words::ofText(verdict.good, verdict.all))
                  .arg(qRound(100 * verdict.interval.low))
                  .arg(qRound(100 * verdict.interval.high))
                  .arg(verdict.moreWanted ? tr("; %1 more for a verdict").arg(verdict.moreWanted) : QString()));
}

void PracticePage::showHistory() {
    const CaseData& data = workspace().data();
    // By fault: those of the plan first, then whatever else was practised.
    std::vector<std::pair<std::string, std::vector<std::string>>> ladders;
    if (const auto assessment = workspace().assessment())
        for (const Focus& focus : assessment->prescription.focus) {
            auto& drills = ladders.emplace_back(focus.fault, std::vector<std::string>()).second;
            for (const Rung& rung : focus.rungs)
                drills.push_back(rung.drill);
        }
    for (const PracticeBlock& block : data.practice) {
        auto known = std::find_if(ladders.begin(), ladders.end(),
                                  [&](const auto& ladder) { return ladder.first == block.fault; });
        if (known == ladders.end())
            known = ladders.insert(ladders.end(), {block.fault, {}});
        if (std::find(known->second.begin(), known->second.end(), block.drill) == known->second.end())
            known->second.push_back(block.drill);
    }
    QList<std::pair<QString, bool>> lines; // text, and whether it is a fault's title
    for (const auto& [fault, drills] : ladders) {
        const FaultDef* def = data.pack.fault(fault);
        lines.emplace_back(def ? words::text(def->title) : words::text(fault), true);
        for (const std::string& id : drills) {
            QStringList blocks;
            constexpr int kShown = 6;
            for (const PracticeBlock& block : data.practice)
                if (block.kind != PracticeKind::Home && block.fault == fault && block.drill == id && block.all() > 0)
                    blocks << words::ofText(block.good(), block.all()).replace(u' ', QChar::Nbsp);
            if (blocks.size() > kShown)
                blocks = QStringList{QStringLiteral("…")} + blocks.mid(blocks.size() - kShown);
            const DrillDef* drill = data.pack.drill(id);
            const QString title =
                drill ? words::text(drill->title) : tr("%1 (not in this edition of the pack)").arg(words::text(id));
            lines.emplace_back(QStringLiteral("%1 <span style='color:%2'>%3</span>")
                                   .arg(title.toHtmlEscaped(), theme::colours().slate.name(),
                                        blocks.isEmpty() ? tr("not begun") : blocks.join(QStringLiteral(" → "))),
                               false);
        }
    }
    if (lines == historyLines_)
        return;
    // Only the lines that say something else are changed: nothing flickers at the touch of a key.
    if (lines.size() != historyLines_.size()) {
        clearLayout(history_);
        for (const auto& [text, isTitle] : lines)
            history_->addWidget(label(text, isTitle ? theme::kStrong : nullptr));
        history_->addStretch();
    } else {
        for (qsizetype i = 0; i < lines.size(); ++i)
            if (auto* line = qobject_cast<QLabel*>(history_->itemAt(static_cast<int>(i))->widget()))
                line->setText(lines[i].first);
    }
    historyLines_ = lines;
}

void PracticePage::show(const QString& detail) {
    fillRungs();
    const int index = rung_->findData(detail.section(u'/', 0, 1));
    if (index < 0)
        return;
    rung_->setCurrentIndex(index);
    refresh();
    if (const auto condition = practiceConditionFrom(detail.section(u'/', 2).toStdString())) {
        condition_->setCurrentIndex(condition_->findData(static_cast<int>(condition->stress)));
        for (const auto& [axis, box] : axes_)
            if (const auto value = condition->axes.find(axis); value != condition->axes.end())
                box->setCurrentIndex(std::max(0, box->findData(words::text(value->second))));
        showBlock();
    }
}

void PracticePage::showHome(bool home) {
    home_->setVisible(home);
    middle_->setVisible(!home);
    if (home)
        home_->refresh();
    else
        setFocus();
}

void PracticePage::chooseItem(std::size_t item) {
    const std::vector<SessionItem> today = items();
    if (item >= today.size())
        return;
    item_ = item;
    entered_ = QDateTime::currentDateTimeUtc();
    const SessionItem& chosen = today[item];
    if (const int index = rung_->findData(keyOf(chosen.fault, chosen.item.drill)); index >= 0)
        rung_->setCurrentIndex(index);
    refresh();
    emit headlineChanged();
    setFocus();
}

} // namespace riflesso
