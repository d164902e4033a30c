#include "app/mirror/mirror_page.h"

#include "app/mark/mark_proposals.h"
#include "app/mirror/phase_pictures.h"
#include "app/mirror/ruler_list.h"
#include "app/mirror/wall.h"
#include "app/theme.h"
#include "core/instant.h"
#include "core/progress.h"
#include "report/key_picture.h"
#include "report/report_content.h"
#include "report/words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kTickMs = 40; ///< 25 pictures a second

QPushButton* switchButton(const QString& text, const char* name) {
    auto* button = new QPushButton(text);
    button->setObjectName(QLatin1String(name));
    button->setCheckable(true);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}
QComboBox* chooser(const char* name, const QString& accessible) {
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(accessible);
    box->setFocusPolicy(Qt::TabFocus);
    return box;
}
CutoffChoice cutoffOf(const Assessment* assessment) { return assessment ? assessment->cutoff : CutoffChoice(); }

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
    wall_ = new Wall([this](const QString& clip, int frame, QObject* view, std::function<void(QImage, int)> ready) {
        this->workspace().enqueueFrame(clip, frame, view, std::move(ready));
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
    layout->addWidget(own_.stage, 10);
    layout->addWidget(waterline_);
    layout->addWidget(other_.stage, 10);
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
            where_->setText(blindWords());
    });
    return widget;
}

QWidget* MirrorPage::buildBar() {
    auto* widget = new QWidget;
    auto* bar = new QHBoxLayout(widget);
    bar->setContentsMargins(12, 4, 12, 4);
    bar->setSpacing(8);
    play_ = new QPushButton(tr("Play"));
    play_->setObjectName(QStringLiteral("mirrorPlay"));
    play_->setFocusPolicy(Qt::TabFocus);
    play_->setFixedWidth(74);
    speed_ = chooser("mirrorSpeed", tr("Speed of play"));
    speed_->addItem(tr("full speed"), 1.0);
    speed_->addItem(tr("half speed"), 0.5);
    speed_->addItem(tr("quarter speed"), 0.25);
    timing_ = chooser("mirrorTiming", tr("What both sides share while moving"));
    timing_->addItem(tr("equal phase"), false);
    timing_->addItem(tr("equal time"), true);
    timing_->setToolTip(tr("Equal phase: both at the same share of the movement, key events laid on each other. Equal "
                           "time: both started together, each at its own pace."));
    ghost_ = switchButton(tr("Ghost (G)"), "ghost");
    ghost_->setChecked(true);
    ghost_->setToolTip(tr("The one below drawn on the athlete, scaled on the trunk, at the rear foot."));
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
    for (QWidget* each : std::initializer_list<QWidget*>{play_, speed_, timing_, ghost_, order_, blind_})
        bar->addWidget(each);
    bar->addWidget(where_, 1);
    connect(play_, &QPushButton::clicked, this, &MirrorPage::playOrPause);
    connect(ghost_, &QPushButton::toggled, this, [this] { place(); });
    connect(timing_, &QComboBox::activated, this, [this] {
        atEvent_.clear();
        showWaterline();
        place();
        emit headlineChanged();
    });
    connect(order_, &QComboBox::activated, this, [this] { showWall(); });
    connect(blind_, &QPushButton::toggled, this, [this](bool on) {
        wall_->setBlind(on);
        for (QWidget* tells : std::initializer_list<QWidget*>{rulers_, curve_})
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
    auto* row = new QHBoxLayout;
    row->addWidget(label(tr("Repetition"), theme::kQuiet));
    repetitions_ = new QHBoxLayout;
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
    layout->addWidget(rulers_, 1);
    layout->addStretch();
    connect(lower_, &QComboBox::activated, this, [this] {
        shownAssessment_ = nullptr;
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
        return workspace().assessing() ? tr("Measuring…")
                                       : tr("Nothing is marked in this set. <b>Next: mark key positions.</b>");
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
    return tr("%1 repetitions against %2, at %3: %4 clear deviations, %5 possible, %6 strengths. %7<b>Next: decide in "
              "Findings.</b>")
        .arg(assessment->measures.size())
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
    int clear = 0;
    for (const SetDeviation& set : assessment->deviations)
        clear += set.state == State::Clear;
    return {StepState::Kind::Done, tr("%1 clear").arg(clear)};
}

QList<KeyHint> MirrorPage::keys() const {
    QList<KeyHint> keys{{QStringLiteral("Space"), tr("play")},
                        {QStringLiteral("← →"), tr("frame")},
                        {QStringLiteral("E"), tr("next key event")},
                        {QStringLiteral("↑ ↓"), tr("measure")},
                        {QStringLiteral("1…9"), tr("repetition")}};
    if (wallView_->isChecked())
        keys << KeyHint{QStringLiteral("W"), tr("waterline")} << KeyHint{QStringLiteral("B"), tr("blind")};
    else
        keys << KeyHint{QStringLiteral("W"), tr("wall")} << KeyHint{QStringLiteral("G"), tr("ghost")};
    return keys;
}

bool MirrorPage::equalTime() const { return timing_->currentData().toBool(); }
const MeasureDef* MirrorPage::measureDef() const { return workspace().data().pack.measure(measure_); }

void MirrorPage::refresh() {
    if (!workspace().hasCase())
        return;
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    const auto models = modelTrialsOf(data);
    const auto trials = trialsOf(data, workspace().session(), workspace().stress());
    if (shownCase_ != data.id) {
        shownCase_ = data.id;
        measure_.clear();
        curveMeasure_.clear();
        atEvent_.clear();
        placed_ = false;
        wall_->release();
    }
    showSets();
    showChooser();
    anchors_ = phaseAnchors(data.pack, models, trials);
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
    const bool isNew = assessment.get() != shownAssessment_ || shownRepetition_ != workspace().repetition();
    shownAssessment_ = assessment.get();
    shownRepetition_ = workspace().repetition();
    if (measure_.empty())
        chooseFirstMeasure();
    if (isNew) {
        rulers_->show(data.pack, assessment.get(), trialId(workspace().repetition()));
        showCurve();
    }
    rulers_->setChosen(measure_);
    showWaterline();
    showWall();
    if (atEvent_.empty())
        goToPhase(phase_);
    else
        goToEvent(atEvent_);
}

void MirrorPage::showSets() {
    clearLayout(sets_);
    for (Stress level : workspace().stressLevels()) {
        const std::size_t count = trialsOf(workspace().data(), workspace().session(), level).size();
        auto* button = new QPushButton(QStringLiteral("%1 · %2").arg(words::stressName(level)).arg(count));
        button->setCheckable(true);
        button->setChecked(workspace().stress() == level);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, level] { workspace().selectStress(level); });
        sets_->addWidget(button);
    }
    clearLayout(repetitions_);
    for (const Trial& trial : trialsOf(workspace().data(), workspace().session(), workspace().stress())) {
        auto* button = new QPushButton(QString::number(trial.number));
        button->setCheckable(true);
        button->setChecked(repetitionId(trial.id) == workspace().repetition());
        button->setFocusPolicy(Qt::TabFocus);
        button->setFixedSize(26, 24);
        button->setStyleSheet(QStringLiteral("padding: 0;"));
        connect(button, &QPushButton::clicked, this,
                [this, id = trial.id] { goToRepetition(QString::fromStdString(id)); });
        repetitions_->addWidget(button);
    }
}

void MirrorPage::showChooser() {
    const auto assessment = workspace().assessment();
    if (assessment.get() == shownAssessment_ && !opposites_.empty())
        return;
    opposites_ = oppositesOf(workspace().data(), workspace().session(), workspace().stress(), assessment.get());
    const QString chosen = lower_->currentData().toString(), name = lower_->currentText();
    lower_->clear();
    bool amongModels = false;
    for (const Opposite& opposite : opposites_) {
        if (amongModels && !opposite.isModel)
            lower_->insertSeparator(lower_->count());
        amongModels = opposite.isModel;
        lower_->addItem(opposite.name, QString::fromStdString(opposite.trial.id));
    }
    // Under another condition the same one stands below: the own best is another repetition, a session keeps its name.
    int index = lower_->findData(chosen);
    if (index < 0 && !name.isEmpty())
        index = lower_->findText(name.section(u':', 0, 0), Qt::MatchStartsWith);
    lower_->setCurrentIndex(std::max(0, index));
}

void MirrorPage::showCurve() {
    const CaseData& data = workspace().data();
    const MeasureDef* def = data.pack.measure(curveMeasure_);
    if (!def)
        for (const MeasureDef& measure : data.pack.measures)
            if (!def && isInstantKind(measure.kind))
                def = &measure;
    curve_->setContent(def ? phaseCurves(data.pack, *def, anchors_,
                                         trialsOf(data, workspace().session(), workspace().stress()),
                                         trialId(workspace().repetition()), modelTrialsOf(data),
                                         cutoffOf(workspace().assessment().get()).hz)
                           : CurveContent());
    curve_->setToolTip(tr("Band: model mean ± tolerance. Thin: every repetition. Bold: the chosen one."));
    curve_->setPhase(phase_);
}

void MirrorPage::showWaterline() {
    if (blind_->isChecked() || !workspace().hasCase()) {
        waterline_->setEvents({}); // a leaning tie would tell
        return;
    }
    LowerSide lower{other_.trial ? &*other_.trial : nullptr, other_.map ? &*other_.map : nullptr, otherIsModel_,
                    equalTime()};
    waterline_->setEvents(waterlineEvents(workspace().data().pack, anchors_, !modelTrialsOf(workspace().data()).empty(),
                                          own_.trial ? &*own_.trial : nullptr, own_.map ? &*own_.map : nullptr, lower,
                                          workspace().assessment().get()));
}

void MirrorPage::showWall() {
    if (!wallView_->isChecked())
        return;
    const auto assessment = workspace().assessment();
    WallWish wish{workspace().session(), workspace().stress(), measure_,
                  static_cast<WallOrder>(order_->currentData().toInt()), assessment.get()};
    if (wish.order == WallOrder::Condition)
        wish.stress.reset();
    if (blind_->isChecked())
        wish.order = WallOrder::Number; // an order by result would tell
    wall_->setTiles(wallTiles(workspace().data(), anchors_, wish, other_.trial ? &*other_.trial : nullptr, otherName_));
    wall_->setChosen(own_.trial ? own_.trial->id : std::string());
    wall_->setPhase(phase_);
    where_->setText(blindWords());
}

void MirrorPage::setView(bool wall) {
    waterlineView_->setChecked(!wall);
    wallView_->setChecked(wall);
    wall_->setVisible(wall);
    for (QWidget* each : std::initializer_list<QWidget*>{own_.stage, other_.stage, timing_, ghost_})
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
    if (isInstantKind(def->kind)) {
        curveMeasure_ = measure;
        showCurve();
    }
    showWall();
    const std::string event = momentOf(pack, *def);
    if (!event.empty() && own_.trial && own_.trial->event(event))
        goToEvent(event);
    else
        place();
}

void MirrorPage::show(const QString& detail) {
    if (detail == QStringLiteral("wall"))
        setView(true);
    else if (!detail.isEmpty())
        chooseMeasure(detail.toStdString());
}

void MirrorPage::goToPhase(double percent) {
    atEvent_.clear();
    phase_ = percent;
    place();
}

void MirrorPage::goToEvent(const std::string& event) {
    const TrialEvent* at = own_.trial ? own_.trial->event(event) : nullptr;
    if (!at || !own_.map) {
        goToPhase(phase_);
        return;
    }
    atEvent_ = event;
    phase_ = std::clamp(own_.map->percentAt(at->timeS), 0.0, 100.0);
    place();
}

double MirrorPage::lowerTime(double ownTimeS, double percent) const {
    return equalTime() && own_.map ? other_.map->timeAt(0) + ownTimeS - own_.map->timeAt(0)
                                   : other_.map->timeAt(percent);
}

void MirrorPage::place() {
    if (!workspace().hasCase())
        return;
    waterline_->setPhase(phase_);
    curve_->setPhase(phase_);
    wall_->setPhase(phase_);
    const CaseData& data = workspace().data();
    if (own_.map)
        own_.timeS = own_.map->timeAt(phase_);
    if (other_.map)
        other_.timeS = lowerTime(own_.timeS, phase_);
    // At an event each side stands at its own, though the events be out of order on one of them.
    if (!atEvent_.empty() && !equalTime())
        for (Side* side : {&own_, &other_})
            if (const TrialEvent* at = side->trial ? side->trial->event(atEvent_) : nullptr)
                side->timeS = at->timeS;
    if (!wallView_->isChecked()) {
        placeSide(own_, false);
        placeSide(other_, true);
        if (own_.trial && other_.trial && own_.map && other_.map && ghost_->isChecked()) {
            const auto lines = figureLines(data.pack, resolveRoles(data.pack, *own_.trial));
            const RepetitionPlace at = placeOf(data, repetitionId(own_.trial->id));
            own_.stage->setFigures({{marksIn(*at.repetition, own_.frame), lines, look::dark().athlete, true},
                                    {ghostOn(data.pack, *own_.trial, own_.frame, *other_.trial, other_.frame), lines,
                                     look::dark().model, false}});
        }
    }
    where_->setText(blindWords());
}

void MirrorPage::placeSide(Side& side, bool lower) {
    const CaseData& data = workspace().data();
    const QColor colour = lower ? look::dark().model : look::dark().athlete;
    const RepetitionPlace at = side.trial ? placeOf(data, repetitionId(side.trial->id)) : RepetitionPlace();
    side.stage->setShape({});
    if (!at || !side.map) {
        side.stage->setImage({});
        side.stage->setCaption(lower ? tr("No model is filmed: the pack's ranges are the reference")
                                     : tr("Set the first and the last key event of this repetition"),
                               {}, colour);
        side.stage->setFigures({});
        return;
    }
    const Trial& trial = *side.trial;
    side.frame = std::clamp(static_cast<int>(std::lround(trial.times.frameOf(side.timeS))), 0, at.clip->frames() - 1);
    const bool mirrored = lower && own_.trial && own_.trial->capture.facing != trial.capture.facing;
    side.stage->setMirrored(mirrored);
    const QRectF box = wholeMovement(trial);
    StageView* stage = side.stage;
    workspace().requestFrame(at.clip->path, side.frame, stage, [stage, box](const QImage& image, int) {
        stage->setImage(image);
        if (!box.isEmpty())
            stage->showBox(box);
    });
    const double start = trial.times.timeOf(at.repetition->from);
    const EventDef* event = data.pack.event(atEvent_);
    QStringList quiet;
    if (event && !equalTime() && trial.event(atEvent_))
        quiet << tr("at \"%1\"").arg(words::text(event->title).toLower());
    if (mirrored)
        quiet << tr("shown mirrored");
    side.stage->setCaption(tr("%1 · repetition %2 · %3 s")
                               .arg(lower ? otherName_ : data.athlete.name.section(u' ', 0, 0))
                               .arg(at.repetition->number)
                               .arg(side.timeS - start, 0, 'f', 3),
                           quiet.join(QStringLiteral(", ")), colour);
    side.stage->setFigures(
        {{marksIn(*at.repetition, side.frame), figureLines(data.pack, resolveRoles(data.pack, trial)), colour, true}});
    if (const MeasureDef* def = measureDef())
        if (auto shape = measuredShape(data.pack, *def, trial, side.frame, cutoffOf(workspace().assessment().get()).hz))
            side.stage->setShape(std::move(shape), valueIn(*def, side, lower), colour);
}

QString MirrorPage::valueIn(const MeasureDef& def, const Side& side, bool lower) const {
    const auto assessment = workspace().assessment();
    const bool atItsEvent = !def.at.empty() && def.at == atEvent_ && !equalTime();
    if (assessment && (atItsEvent || !isInstantKind(def.kind)))
        for (const TrialMeasures& trial : lower&& otherIsModel_ ? assessment->modelMeasures : assessment->measures)
            if (trial.trial == side.trial->id)
                if (const MeasureValue* value = trial.find(def.id))
                    return value->valid() ? words::withU(def, *value->value, 2 * value->u) : QString();
    if (!isInstantKind(def.kind))
        return {};
    const MeasureValue value =
        measureInFrame(workspace().data().pack, def, *side.trial, side.frame, cutoffOf(assessment.get()).hz);
    return value.valid() ? words::withU(def, *value.value, 2 * value.u) : QString();
}

void MirrorPage::goToRepetition(const QString& trial) {
    const RepetitionId id = repetitionId(trial.toStdString());
    const RepetitionPlace at = placeOf(workspace().data(), id);
    if (at && at.session->isModel)
        return; // it stands below already
    if (at && workspace().stress() && at.section->stress != *workspace().stress())
        workspace().selectStress(at.section->stress);
    workspace().selectRepetition(id);
    setFocus();
}

void MirrorPage::askFelt(const QString& trial) {
    const RepetitionId id = repetitionId(trial.toStdString());
    const RepetitionPlace at = placeOf(workspace().data(), id);
    if (!at || at.session->isModel)
        return;
    const std::string next = at.repetition->felt.empty() ? "right" : at.repetition->felt == "right" ? "off" : "";
    workspace().apply(tr("How repetition %1 felt").arg(at.repetition->number),
                      [&](Edit& edit) { return edit.setFelt(id, next); });
}

QString MirrorPage::blindWords() const {
    const CaseData& data = workspace().data();
    if (!wallView_->isChecked()) {
        QString dropped;
        if (own_.map && !own_.map->dropped().empty())
            dropped = tr(" · out of order here: %1")
                          .arg(words::text(data.pack.event(own_.map->dropped().front())->title).toLower());
        return tr("phase %1 %").arg(qRound(phase_)) + dropped;
    }
    if (wall_->fetched() < 1 && !wall_->tiles().empty())
        return tr("fetching pictures, %1 %").arg(static_cast<int>(100 * wall_->fetched()));
    const auto assessment = workspace().assessment();
    std::map<std::string, bool> felt;
    for (const WallTile& tile : wall_->tiles())
        if (!tile.isModel && !tile.felt.empty())
            felt[tile.trial] = tile.felt == "right";
    if (blind_->isChecked())
        return tr("asked: %1").arg(felt.size());
    if (!assessment || assessment->findings.ranked.empty() || felt.empty())
        return tr("phase %1 %").arg(qRound(phase_));
    const Finding& first = assessment->findings.ranked.front();
    const FeltAgainstSeen seen = feltAgainstSeen(felt, first);
    const FaultDef* fault = data.pack.fault(first.fault);
    if (!fault || seen.all() == 0)
        return tr("phase %1 %").arg(qRound(phase_));
    return tr("felt agrees with film in %1")
        .arg(words::ofText(seen.feltRightSeenRight + seen.feltOffSeenOff, seen.all()));
}

void MirrorPage::playOrPause() {
    if (ticks_.isActive()) {
        ticks_.stop();
        play_->setText(tr("Play"));
        return;
    }
    if (!own_.map)
        return;
    playedFrom_ = phase_ >= 99 ? 0 : phase_;
    clock_.start();
    ticks_.start(kTickMs);
    play_->setText(tr("Pause"));
}

void MirrorPage::playTick() {
    if (!own_.map) {
        playOrPause();
        return;
    }
    const double elapsed = static_cast<double>(clock_.elapsed()) / 1000 * speed_->currentData().toDouble();
    const double percent = own_.map->percentAt(own_.map->timeAt(playedFrom_) + elapsed);
    if (percent >= 100 || own_.map->timeAt(playedFrom_) + elapsed >= own_.map->timeAt(100)) {
        playedFrom_ = 0;
        clock_.start();
        goToPhase(0);
        return;
    }
    goToPhase(percent);
}

void MirrorPage::hideEvent(QHideEvent*) {
    if (ticks_.isActive())
        playOrPause();
}

void MirrorPage::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Space:
        playOrPause();
        return;
    case Qt::Key_W:
        setView(!wallView_->isChecked());
        return;
    case Qt::Key_G:
        ghost_->toggle();
        return;
    case Qt::Key_B:
        if (wallView_->isChecked())
            blind_->toggle();
        return;
    case Qt::Key_Up:
    case Qt::Key_Down:
        chooseMeasure(rulers_->after(measure_, event->key() == Qt::Key_Up ? -1 : 1));
        return;
    case Qt::Key_E: {
        // The next event of this repetition, in the order it happened; after the last the first.
        const TrialEvent *next = nullptr, *first = nullptr;
        if (own_.trial && own_.map)
            for (const TrialEvent& at : own_.trial->events) {
                if (!first || at.timeS < first->timeS)
                    first = &at;
                if (at.timeS > own_.timeS + 1e-6 && (!next || at.timeS < next->timeS))
                    next = &at;
            }
        if (next || first)
            goToEvent(std::string((next ? next : first)->event));
        return;
    }
    case Qt::Key_Left:
    case Qt::Key_Right:
        if (own_.map && own_.trial) {
            const double frame = std::round(own_.trial->times.frameOf(own_.map->timeAt(phase_))) +
                                 (event->key() == Qt::Key_Left ? -1 : 1);
            goToPhase(std::clamp(own_.map->percentAt(own_.trial->times.timeOf(frame)), 0.0, 100.0));
        }
        return;
    default:
        break;
    }
    if (event->key() >= Qt::Key_1 && event->key() <= Qt::Key_9) {
        const auto trials = trialsOf(workspace().data(), workspace().session(), workspace().stress());
        const auto index = static_cast<std::size_t>(event->key() - Qt::Key_1);
        if (index < trials.size())
            goToRepetition(QString::fromStdString(trials[index].id));
        return;
    }
    Page::keyPressEvent(event);
}

} // namespace riflesso
