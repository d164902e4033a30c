#include "app/mirror/mirror_page.h"

#include "app/mark/mark_proposals.h"
#include "app/mirror/ghost.h"
#include "app/mirror/phase_pictures.h"
#include "app/mirror/ruler_list.h"
#include "app/mirror/wall.h"
#include "app/nothing_measured.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/group_rulers.h"
#include "app/widgets/player.h"
#include "core/measure/instant.h"
#include "core/measure/joined_views.h"
#include "core/progress/progress.h"
#include "report/case_groups.h"
#include "report/key_picture.h"
#include "report/report_content.h"
#include "report/words.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

#include <set>

namespace riflesso {
namespace {

QPushButton* switchButton(const QString& text, const char* name) {
    auto* button = new QPushButton(text);
    button->setObjectName(QLatin1String(name));
    button->setCheckable(true);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}
QComboBox* chooser(const char* name, const QString& accessible) {
    auto* box = new ChoiceBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(accessible);
    box->setFocusPolicy(Qt::TabFocus);
    return box;
}

} // namespace

MirrorPage::MirrorPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildLeft(), 1);
    layout->addWidget(buildRight());
    ticks_.setTimerType(Qt::PreciseTimer);
    connect(&ticks_, &QTimer::timeout, this, &MirrorPage::playTick);
    setView(false);
}

QWidget* MirrorPage::buildLeft() {
    auto* widget = new QWidget;
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    wall_ = new Wall([this](const QString& clip, int frame, const SmallPart& part, QObject* view,
                            std::function<void(QImage, int)> ready) {
        this->workspace().enqueuePart(clip, frame, part, view, std::move(ready));
    });
    wall_->setObjectName(QStringLiteral("wall"));
    own_.stage = new StageView;
    own_.stage->setObjectName(QStringLiteral("athleteStage"));
    own_.stage->setAccessibleName(tr("The athlete at this phase"));
    waterline_ = new Waterline;
    waterline_->setObjectName(QStringLiteral("waterline"));
    other_.stage = new StageView;
    other_.stage->setObjectName(QStringLiteral("modelStage"));
    other_.stage->setAccessibleName(tr("The model at this phase"));
    curve_ = new CurvePlot;
    curve_->setObjectName(QStringLiteral("curve"));
    curve_->setMinimumHeight(110);
    layout->addWidget(wall_, 20);
    pictures_ = new QWidget;
    pictures_->installEventFilter(this);
    pair_ = new QBoxLayout(QBoxLayout::TopToBottom, pictures_);
    pair_->setContentsMargins(0, 0, 0, 0);
    pair_->setSpacing(0);
    pair_->addWidget(own_.stage, 1);
    pair_->addWidget(waterline_);
    pair_->addWidget(other_.stage, 1);
    layout->addWidget(pictures_, 20);
    layout->addWidget(buildBar());
    layout->addWidget(curve_, 5);
    connect(waterline_, &Waterline::scrubbed, this, &MirrorPage::goToPhase);
    connect(curve_, &CurvePlot::scrubbed, this, &MirrorPage::goToPhase);
    connect(wall_, &Wall::clicked, this, [this](const QString& trial) {
        if (blind_->isChecked())
            askFelt(trial);
        else
            goToRepetition(trial);
    });
    connect(wall_, &Wall::opened, this, [this](const QString& trial) {
        if (blind_->isChecked())
            return;
        goToRepetition(trial);
        setView(false);
    });
    connect(wall_, &Wall::fetchedMore, this, [this] {
        if (wall_->fetched() >= 1 || !ticks_.isActive())
            where_->setText(whereWords());
    });
    return widget;
}

QWidget* MirrorPage::buildBar() {
    auto* widget = new QWidget;
    auto* rows = new QVBoxLayout(widget);
    rows->setContentsMargins(12, 4, 12, 2);
    rows->setSpacing(2);
    auto* bar = new QHBoxLayout;
    rows->addLayout(bar);
    bar->setSpacing(8);
    play_ = new QPushButton(tr("Play"));
    play_->setObjectName(QStringLiteral("mirrorPlay"));
    play_->setFocusPolicy(Qt::TabFocus);
    play_->setFixedWidth(74);
    speed_ = speedChooser("mirrorSpeed");
    timing_ = chooser("mirrorTiming", tr("What both sides share while moving"));
    timing_->addItem(tr("equal phase"), false);
    timing_->addItem(tr("equal time"), true);
    timing_->setToolTip(tr("Equal phase: both at the same share of the movement, key events laid on each other. Equal "
                           "time: both started together, each at its own pace."));
    ghost_ = switchButton({}, "ghost");
    ghost_->setToolTip(tr("The one below drawn on the athlete, then the athlete on the one below, then none. Shift G: "
                          "fainter."));
    ghostBy_ = chooser("ghostBy", tr("What the ghost is scaled on and placed at"));
    ghostBy_->addItem(tr("by what suits"));
    for (const GhostFit& fit : ghostFits())
        ghostBy_->addItem(fit.name());
    ghostBy_->setToolTip(
        tr("The segment that both are scaled to, and the point at which they are laid on each other."));
    order_ = chooser("wallOrder", tr("Order of the wall"));
    order_->addItem(tr("as filmed"), static_cast<int>(WallOrder::Number));
    order_->addItem(tr("by the chosen measure"), static_cast<int>(WallOrder::Measure));
    order_->addItem(tr("by result"), static_cast<int>(WallOrder::Result));
    order_->addItem(tr("all conditions"), static_cast<int>(WallOrder::Condition));
    blind_ = switchButton(tr("Blind (B)"), "blind");
    blind_->setToolTip(tr("Hides results and values and asks of each repetition how it felt. Then: in how many that "
                          "agrees with the film on the first finding."));
    where_ = label({}, theme::kQuiet);
    where_->setObjectName(QStringLiteral("where"));
    for (QWidget* each : std::initializer_list<QWidget*>{play_, speed_, timing_, ghost_, ghostBy_, order_, blind_})
        bar->addWidget(each);
    bar->addStretch();
    where_->setWordWrap(false); // a line of its own: where it is, and what is out of order or missing
    rows->addWidget(where_);
    connect(play_, &QPushButton::clicked, this, &MirrorPage::playOrPause);
    connect(ghost_, &QPushButton::clicked, this, &MirrorPage::nextGhost);
    showGhostOn();
    connect(ghostBy_, &QComboBox::activated, this, [this] { place(); });
    connect(timing_, &QComboBox::activated, this, [this] {
        atEvent_.clear();
        showWaterline();
        place();
        emit headlineChanged();
    });
    connect(order_, &QComboBox::activated, this, [this] { showWall(); });
    connect(blind_, &QPushButton::toggled, this, [this](bool on) {
        wall_->setBlind(on);
        for (QWidget* tells : std::initializer_list<QWidget*>{rulers_, curve_, comparedArea_})
            tells->setVisible(!on);
        showWaterline();
        showWall();
        emit headlineChanged();
    });
    return widget;
}

QWidget* MirrorPage::buildRight() {
    auto* widget = new QWidget;
    widget->setFixedWidth(452);
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(12, 8, 4, 4);
    layout->setSpacing(4);
    auto* top = new QHBoxLayout;
    sets_ = new QHBoxLayout;
    top->addLayout(sets_);
    top->addStretch();
    waterlineView_ = switchButton(tr("Waterline"), "waterlineView");
    wallView_ = switchButton(tr("Wall (W)"), "wallView");
    for (QPushButton* button : {waterlineView_, wallView_}) {
        top->addWidget(button);
        connect(button, &QPushButton::clicked, this, [this, button] { setView(button == wallView_); });
    }
    top->addSpacing(8);
    layout->addLayout(top);
    forms_ = new QHBoxLayout;
    layout->addLayout(forms_);
    auto* row = new QHBoxLayout;
    row->addWidget(label(tr("Repetition"), theme::kQuiet));
    repetitions_ = new QGridLayout;
    repetitions_->setSpacing(3);
    row->addLayout(repetitions_);
    row->addStretch();
    row->addSpacing(10);
    row->addWidget(label(tr("Below"), theme::kQuiet));
    lower_ = chooser("modelRepetition", tr("Who stands below the waterline: model, own best or another session"));
    row->addWidget(lower_);
    lower_->setMinimumWidth(124);
    row->addSpacing(8);
    layout->addLayout(row);
    rulers_ = new RulerList;
    layout->addWidget(rulers_, 3);
    layout->addWidget(hairline());
    auto* compared = new QHBoxLayout;
    compared->addWidget(label(tr("COMPARED"), theme::kHeading));
    groupBy_ = chooser("groupBy", tr("What tells the compared repetitions apart"));
    showGroupings();
    compared->addWidget(groupBy_);
    comparedMeasure_ = label({}, theme::kQuiet);
    comparedMeasure_->setObjectName(QStringLiteral("comparedMeasure"));
    compared->addWidget(comparedMeasure_, 1);
    layout->addLayout(compared);
    compared_ = new GroupRulers;
    compared_->setObjectName(QStringLiteral("compared"));
    compared_->setContentsMargins(0, 0, 12, 0);
    auto* scroll = scrolled(compared_);
    comparedArea_ = scroll;
    layout->addWidget(scroll, 1);
    connect(groupBy_, &QComboBox::activated, this, &MirrorPage::showCompared);
    connect(compared_, &GroupRulers::repetitionClicked, this, &MirrorPage::goToRepetition);
    connect(lower_, &QComboBox::activated, this, [this] {
        shownAssessment_.reset();
        refresh();
    });
    connect(rulers_, &RulerList::measureChosen, this, [this](const QString& id) {
        chooseMeasure(id.toStdString());
        setFocus();
    });
    connect(rulers_, &RulerList::repetitionClicked, this, &MirrorPage::goToRepetition);
    connect(rulers_, &RulerList::why, this, [this](const QString& id) { emit why(id); });
    return widget;
}

QString MirrorPage::headline() const {
    const auto assessment = workspace().assessment();
    if (!assessment)
        return workspace().noAssessment();
    if (nothingMeasured(*assessment))
        return nothingMeasuredHeadline();
    if (blind_->isChecked())
        return tr(
            "Results and values are hidden. <b>Next: click each repetition: felt right, felt off; then leave blind "
            "(B).</b>");
    int clear = 0, possible = 0, strengths = 0;
    for (const SetDeviation& set : assessment->deviations) {
        clear += set.state == State::Clear;
        possible += set.state == State::Possible;
        strengths += set.strength;
    }
    const auto& measures = workspace().data().pack.measures;
    const auto missing = static_cast<std::size_t>(std::count_if(
        measures.begin(), measures.end(), [&](const MeasureDef& def) { return !assessment->deviation(def.id); }));
    return tr("%1 against %2, at %3: %4 clear deviations, %5 possible, %6 strengths. %7<b>Next: decide in "
              "Findings.</b>")
        .arg(words::counted(assessment->judged.size(), tr("repetition"), tr("repetitions")))
        .arg(assessment->modelMeasures.empty() ? tr("the pack's ranges")
                                               : tr("%1 of the model").arg(assessment->modelMeasures.size()))
        .arg(equalTime() ? tr("equal time") : tr("equal phase"))
        .arg(clear)
        .arg(possible)
        .arg(strengths)
        .arg((missing ? tr("Missing: %1 without a value. ").arg(words::counted(missing, tr("measure"), tr("measures")))
                      : QString()) +
             openProposalsText(workspace()));
}

StepState MirrorPage::state() const {
    const auto assessment = workspace().assessment();
    if (!assessment)
        return {};
    if (nothingMeasured(*assessment))
        return nothingMeasuredState();
    int clear = 0;
    for (const SetDeviation& set : assessment->deviations)
        clear += set.state == State::Clear;
    return {StepState::Kind::Done, tr("%1 clear").arg(clear)};
}

bool MirrorPage::equalTime() const { return timing_->currentData().toBool(); }
const MeasureDef* MirrorPage::measureDef() const { return workspace().data().pack.measure(measure_); }

void MirrorPage::forget() {
    shownRepetition_ = {};
    shownCase_ = {};
}

void MirrorPage::refresh() {
    if (!workspace().hasCase())
        return;
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    const Workspace::Trials kept = workspace().modelTrials(), chosen = workspace().chosenTrials();
    const std::vector<Trial>&models = *kept, &trials = *chosen;
    if (shownCase_ != data.id) {
        shownCase_ = data.id;
        measure_.clear();
        curveMeasure_.clear();
        atEvent_.clear();
        placed_ = false;
        wall_->release();
    }
    anchors_ = phaseAnchors(data.pack, models, trials);
    showSets();
    showChooser();
    own_.trial.reset();
    other_.trial.reset();
    for (const Trial& trial : trials)
        if (repetitionId(trial.id) == workspace().repetition())
            own_.trial = trial;
    if (!own_.trial && !trials.empty())
        own_.trial = trials.front();
    const std::string wanted = lower_->currentData().toString().toStdString();
    for (const Opposite& opposite : opposites_)
        if (opposite.trial.id == wanted) {
            other_.trial = opposite.trial;
            otherName_ = opposite.who;
            otherIsModel_ = opposite.isModel;
        }
    own_.map = own_.trial ? PhaseMap::of(anchors_, *own_.trial) : std::nullopt;
    other_.map = other_.trial ? PhaseMap::of(anchors_, *other_.trial) : std::nullopt;
    if (!placed_ && own_.map && anchors_.anchors.size() > 2) {
        phase_ = anchors_.anchors[anchors_.anchors.size() / 2].percent;
        placed_ = true;
    }
    const bool isNew = assessment != shownAssessment_ || shownRepetition_ != workspace().repetition();
    shownAssessment_ = assessment;
    shownRepetition_ = workspace().repetition();
    if (measure_.empty())
        chooseFirstMeasure();
    arrange();
    if (isNew) {
        rulers_->show(data.pack, assessment, trialId(workspace().repetition()),
                      assessment ? filmingList(data.pack, trials, *assessment) : std::vector<FilmingWish>());
        showCurve();
    }
    rulers_->setChosen(measure_);
    showCompared();
    showWaterline();
    showWall();
    if (atEvent_.empty())
        goToPhase(phase_);
    else
        goToEvent(atEvent_);
}

void MirrorPage::showGroupings() {
    const QString now = groupBy_->currentText();
    groupBy_->clear();
    for (const GroupBy by : kAllGroupings)
        groupBy_->addItem(groupingName(by), QVariantList{static_cast<int>(by), QString()});
    if (workspace().hasCase())
        for (const auto& [id, values] : workspace().data().pack.conditions)
            groupBy_->addItem(tr("by %1").arg(words::text(id)),
                              QVariantList{static_cast<int>(GroupBy::PackCondition), words::text(id)});
    groupBy_->setCurrentIndex(std::max(0, groupBy_->findText(now)));
    groupedFor_ = workspace().hasCase() ? workspace().data().pack.id : std::string();
}

void MirrorPage::showForms() {
    const Pack& pack = workspace().data().pack;
    const SetChoice now = workspace().choice();
    const auto level = workspace().trialsOf(workspace().session(), now.stress);
    clearLayout(forms_);
    // A second click on what is chosen takes it back.
    const auto offer = [&](const std::string& object, const QString& name, const SetChoice& with, bool chosen) {
        std::size_t count = 0;
        for (const Trial& trial : *level)
            count += with.takes(trial);
        auto* button = new QPushButton(QStringLiteral("%1 · %2").arg(name).arg(count));
        button->setObjectName(words::text(object));
        button->setCheckable(true);
        button->setChecked(chosen);
        button->setFocusPolicy(Qt::TabFocus);
        if (!chosen)
            connect(button, &QPushButton::clicked, this, [this, with] { workspace().selectChoice(with); });
        button->setStyleSheet(QStringLiteral("padding: 3px 8px;"));
        forms_->addWidget(button);
        return button;
    };
    std::set<std::string> forms;
    for (const Trial& trial : *level)
        forms.insert(trial.variant);
    for (const VariantDef& variant : pack.variants) {
        if (forms.size() < 2 || !forms.contains(variant.id))
            continue;
        SetChoice with = now;
        with.variant = variant.id;
        const bool chosen = now.variant == variant.id;
        QPushButton* button = offer("form-" + variant.id, words::text(variant.title), with, chosen);
        if (chosen)
            connectBack(button, [](SetChoice& choice) { choice.variant.clear(); });
    }
    for (const auto& [id, values] : pack.conditions)
        for (const std::string& value : values) {
            if (std::none_of(level->begin(), level->end(), [&id = id, &value](const Trial& trial) {
                    const auto noted = trial.conditions.find(id);
                    return noted != trial.conditions.end() && noted->second == value;
                }))
                continue;
            SetChoice with = now;
            with.conditions[id] = value;
            const auto own = now.conditions.find(id);
            const bool chosen = own != now.conditions.end() && own->second == value;
            QPushButton* button = offer("condition-" + id + "-" + value, words::kept(value), with, chosen);
            button->setToolTip(QStringLiteral("%1: %2").arg(words::kept(id), words::kept(value)));
            if (chosen)
                connectBack(button, [id = id](SetChoice& choice) { choice.conditions.erase(id); });
        }
    if (forms_->count() > 0)
        forms_->addStretch();
}

void MirrorPage::connectBack(QPushButton* button, const std::function<void(SetChoice&)>& without) {
    connect(button, &QPushButton::clicked, this, [this, without] {
        SetChoice choice = workspace().choice();
        without(choice);
        workspace().selectChoice(choice);
    });
}

void MirrorPage::showSets() {
    clearLayout(sets_);
    for (Stress level : workspace().stressLevels()) {
        const std::size_t count = countMovements(*workspace().trialsOf(workspace().session(), SetChoice(level)));
        auto* button = new QPushButton(QStringLiteral("%1 · %2").arg(words::stressName(level)).arg(count));
        button->setCheckable(true);
        button->setChecked(workspace().stress() == level);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, level] { workspace().selectStress(level); });
        sets_->addWidget(button);
    }
    showForms();
    clearLayout(repetitions_);
    for (const auto chosen = workspace().chosenTrials(); const Trial& trial : *chosen) {
        // Another camera's picture of a movement carries the letter of its view.
        const QString view = trial.sameAs.empty() ? QString() : words::text(toString(trial.capture.view));
        auto* button = new QPushButton(view.left(1).toUpper() + QString::number(trial.number));
        if (!view.isEmpty())
            button->setToolTip(tr("Repetition %1, %2 view").arg(trial.number).arg(words::viewName(trial.capture.view)));
        button->setCheckable(true);
        button->setChecked(repetitionId(trial.id) == workspace().repetition());
        button->setFocusPolicy(Qt::TabFocus);
        button->setFixedSize(view.isEmpty() ? 26 : 30, 24);
        button->setStyleSheet(QStringLiteral("padding: 0;"));
        connect(button, &QPushButton::clicked, this,
                [this, id = trial.id] { goToRepetition(QString::fromStdString(id)); });
        constexpr int kInARow = 6; // what the panel of the smallest window holds beside "Below"
        const int place = repetitions_->count();
        repetitions_->addWidget(button, place / kInARow, place % kInARow);
    }
}

void MirrorPage::showCurve() {
    const CaseData& data = workspace().data();
    const MeasureDef* def = data.pack.measure(curveMeasure_);
    if (!def) // the first that these pictures show at all
        for (const auto assessment = workspace().assessment(); const MeasureDef& measure : data.pack.measures)
            if (!def && isInstantKind(measure.kind) && assessment && assessment->deviation(measure.id))
                def = &measure;
    const Workspace::Trials chosen = workspace().chosenTrials();
    const std::vector<Trial>& trials = *chosen;
    CurveContent content = def ? phaseCurves(data.pack, *def, anchors_, trials, trialId(workspace().repetition()),
                                             *workspace().modelTrials(), cutoffHz())
                               : CurveContent();
    if (def && ends_)
        addEnds(content, data.pack, *def, anchors_, trials, cutoffHz());
    if (const MeasureDef* order = measureDef(); order && order->kind == Kind::PeakOrder && own_.trial && own_.map) {
        const TrialMeasures* values = nullptr;
        if (const auto assessment = workspace().assessment())
            for (const TrialMeasures& each : assessment->measures)
                if (each.trial == own_.trial->id)
                    values = &each;
        content = peakCurves(data.pack, *order, *own_.trial, *own_.map, values, cutoffHz());
    }
    curve_->setContent(content);
    curve_->setToolTip(tr("Band: model mean ± tolerance. Thin: every repetition. Bold: the chosen one. L: the first "
                          "against the last repetitions."));
    curve_->setPhase(phase_);
}

void MirrorPage::showWaterline() {
    if (blind_->isChecked() || !workspace().hasCase()) {
        waterline_->setEvents({}); // a leaning tie would tell
        return;
    }
    LowerSide lower{other_.trial ? &*other_.trial : nullptr, other_.map ? &*other_.map : nullptr, otherIsModel_,
                    equalTime()};
    waterline_->setEvents(waterlineEvents(workspace().data().pack, anchors_, !workspace().modelTrials()->empty(),
                                          own_.trial ? &*own_.trial : nullptr, own_.map ? &*own_.map : nullptr, lower,
                                          workspace().assessment().get()));
}

void MirrorPage::showWall() {
    if (!wallView_->isChecked())
        return;
    const auto assessment = workspace().assessment();
    WallWish wish{workspace().session(), workspace().choice(), measure_,
                  static_cast<WallOrder>(order_->currentData().toInt()), assessment.get()};
    if (blind_->isChecked())
        wish.order = WallOrder::Number; // an order by result would tell
    if (wish.order == WallOrder::Condition)
        wish.choice = {};
    wall_->setTiles(wallTiles(workspace().data(), anchors_, wish, other_.trial ? &*other_.trial : nullptr, otherName_));
    wall_->setChosen(own_.trial ? own_.trial->id : std::string());
    wall_->setPhase(phase_);
    where_->setText(whereWords());
}

void MirrorPage::setView(bool wall) {
    waterlineView_->setChecked(!wall);
    wallView_->setChecked(wall);
    wall_->setVisible(wall);
    arrange();
    for (QWidget* each : std::initializer_list<QWidget*>{own_.stage, other_.stage, timing_, ghost_, ghostBy_})
        each->setVisible(!wall);
    order_->setVisible(wall);
    blind_->setVisible(wall);
    if (!wall && blind_->isChecked())
        blind_->setChecked(false);
    if (workspace().hasCase()) {
        showWall();
        place();
    }
    emit headlineChanged();
}

void MirrorPage::chooseFirstMeasure() {
    // What a coach wants to see first: the heaviest part of the first finding that can be drawn.
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    if (!assessment || !own_.trial)
        return;
    std::vector<std::string> candidates;
    for (const Finding& finding : assessment->findings.ranked)
        if (const FaultDef* fault = pack.fault(finding.fault))
            candidates.push_back(leadingMeasure(pack, *assessment, *fault));
    for (const SetDeviation& set : assessment->deviations)
        if (set.state == State::Clear)
            candidates.push_back(set.measure);
    for (const std::string& id : candidates) {
        const MeasureDef* def = pack.measure(id);
        const TrialEvent* at = def ? own_.trial->event(momentOf(pack, *def)) : nullptr;
        if (at && measuredShape(pack, *def, *own_.trial, std::round(at->frame), assessment->cutoff.hz)) {
            measure_ = id;
            atEvent_ = at->event;
            if (isInstantKind(def->kind))
                curveMeasure_ = id;
            return;
        }
    }
}

void MirrorPage::chooseMeasure(const std::string& measure) {
    const Pack& pack = workspace().data().pack;
    const MeasureDef* def = pack.measure(measure);
    if (!def)
        return;
    measure_ = measure;
    rulers_->setChosen(measure);
    showCompared();
    if (isInstantKind(def->kind))
        curveMeasure_ = measure;
    showCurve();
    showWall();
    goWhereMeasured(measure);
    const std::string event = momentOf(pack, *def);
    if (!event.empty() && own_.trial && own_.trial->event(event))
        goToEvent(event);
    else
        place();
}

void MirrorPage::show(const QString& detail) {
    if (detail == QStringLiteral("wall")) {
        setView(true);
    } else if (detail == QStringLiteral("mean")) {
        lower_->setCurrentIndex(std::max(0, lower_->findData(QString::fromStdString(std::string(kMeanTrial)))));
        shownAssessment_.reset();
        refresh();
    } else if (!detail.isEmpty())
        chooseMeasure(detail.toStdString());
}

} // namespace riflesso
