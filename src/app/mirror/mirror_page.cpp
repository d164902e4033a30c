#include "app/mirror/mirror_page.h"

#include "app/mark/mark_proposals.h"
#include "app/theme.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/sign_label.h"
#include "core/measure_cycles.h"
#include "core/measure_set.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {

MirrorPage::MirrorPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildLeft(), 1);
    layout->addWidget(buildRight());
}

QWidget* MirrorPage::buildLeft() {
    auto* widget = new QWidget;
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    athlete_ = new StageView;
    athlete_->setObjectName(QStringLiteral("athleteStage"));
    athlete_->setAccessibleName(tr("The athlete at this phase"));
    waterline_ = new Waterline;
    waterline_->setObjectName(QStringLiteral("waterline"));
    model_ = new StageView;
    model_->setObjectName(QStringLiteral("modelStage"));
    model_->setAccessibleName(tr("The model at this phase"));
    layout->addWidget(athlete_, 10);
    layout->addWidget(waterline_);
    layout->addWidget(model_, 10);
    auto* bar = new QHBoxLayout;
    bar->setContentsMargins(12, 4, 12, 4);
    bar->setSpacing(10);
    ghost_ = new QPushButton(tr("Ghost (G)"));
    ghost_->setObjectName(QStringLiteral("ghost"));
    ghost_->setCheckable(true);
    ghost_->setChecked(true);
    ghost_->setFocusPolicy(Qt::TabFocus);
    ghostText_ = label({}, theme::kQuiet);
    ghostText_->setWordWrap(true);
    curveMeasure_ = new QComboBox;
    curveMeasure_->setObjectName(QStringLiteral("curveMeasure"));
    curveMeasure_->setAccessibleName(tr("Measure of the curve"));
    curveMeasure_->setFocusPolicy(Qt::TabFocus);
    curveMeasure_->setMinimumWidth(230);
    curveMeasure_->setMaximumWidth(280);
    curveMeasure_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    bar->addWidget(ghost_);
    bar->addWidget(ghostText_, 1);
    bar->addWidget(curveMeasure_);
    layout->addLayout(bar);
    curve_ = new CurvePlot;
    curve_->setObjectName(QStringLiteral("curve"));
    curve_->setMinimumHeight(110);
    layout->addWidget(curve_, 5);
    connect(waterline_, &Waterline::scrubbed, this, &MirrorPage::goToPhase);
    connect(curve_, &CurvePlot::scrubbed, this, &MirrorPage::goToPhase);
    connect(ghost_, &QPushButton::toggled, this, [this] { goToPhase(phase_); });
    connect(curveMeasure_, &QComboBox::activated, this, [this] {
        showCurve();
        goToPhase(phase_);
    });
    return widget;
}

QWidget* MirrorPage::buildRight() {
    auto* widget = new QWidget;
    widget->setFixedWidth(452);
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(12, 8, 4, 4);
    layout->setSpacing(4);
    sets_ = new QHBoxLayout;
    layout->addLayout(sets_);
    auto* row = new QHBoxLayout;
    row->addWidget(label(tr("Repetition"), theme::kQuiet));
    repetitions_ = new QHBoxLayout;
    repetitions_->setSpacing(3);
    row->addLayout(repetitions_);
    row->addStretch();
    row->addSpacing(10);
    row->addWidget(label(tr("Below"), theme::kQuiet));
    modelRepetition_ = new QComboBox;
    modelRepetition_->setObjectName(QStringLiteral("modelRepetition"));
    modelRepetition_->setAccessibleName(tr("Who stands below the waterline: model, own best or another session"));
    modelRepetition_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(modelRepetition_);
    modelRepetition_->setMinimumWidth(124);
    row->addSpacing(8);
    layout->addLayout(row);
    auto* inner = new QWidget;
    rulers_ = new QVBoxLayout(inner);
    rulers_->setContentsMargins(0, 2, 8, 8);
    rulers_->setSpacing(1);
    layout->addWidget(scrolled(inner), 1);
    connect(modelRepetition_, &QComboBox::activated, this, [this] {
        shownAssessment_ = nullptr;
        refresh();
    });
    return widget;
}

QString MirrorPage::headline() const {
    const auto assessment = workspace().assessment();
    if (!assessment)
        return workspace().assessing() ? tr("Measuring…")
                                       : tr("Nothing is marked in this set. <b>Next: mark key positions.</b>");
    int clear = 0, possible = 0, strengths = 0;
    for (const SetDeviation& set : assessment->deviations) {
        clear += set.state == State::Clear;
        possible += set.state == State::Possible;
        strengths += set.strength;
    }
    const auto& measures = workspace().data().pack.measures;
    const auto missing = static_cast<std::size_t>(std::count_if(
        measures.begin(), measures.end(), [&](const MeasureDef& def) { return !assessment->deviation(def.id); }));
    return tr("%1 repetitions against %2, at equal phase: %3 clear deviations, %4 possible, %5 strengths. %6<b>Next: "
              "decide in Findings.</b>")
        .arg(assessment->measures.size())
        .arg(assessment->modelMeasures.empty() ? tr("the pack's ranges")
                                               : tr("%1 of the model").arg(assessment->modelMeasures.size()))
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
    return {{QStringLiteral("← →"), tr("frame")},
            {QStringLiteral("E"), tr("next key event")},
            {QStringLiteral("1…9"), tr("repetition")},
            {QStringLiteral("G"), tr("ghost")}};
}

void MirrorPage::refresh() {
    if (!workspace().hasCase())
        return;
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    const auto models = modelTrialsOf(data);
    const auto trials = trialsOf(data, workspace().session(), workspace().stress());
    showSets();
    if (assessment.get() != shownAssessment_ || opposites_.empty()) {
        opposites_ = oppositesOf(data, workspace().session(), workspace().stress(), assessment.get());
        const QString chosen = modelRepetition_->currentData().toString();
        modelRepetition_->clear();
        bool amongModels = false;
        for (const Opposite& opposite : opposites_) {
            if (amongModels && !opposite.isModel)
                modelRepetition_->insertSeparator(modelRepetition_->count());
            amongModels = opposite.isModel;
            modelRepetition_->addItem(opposite.name, QString::fromStdString(opposite.trial.id));
        }
        modelRepetition_->setCurrentIndex(std::max(0, modelRepetition_->findData(chosen)));
    }
    int instants = 0;
    for (const MeasureDef& def : data.pack.measures)
        instants += isInstantKind(def.kind);
    if (curveMeasure_->count() != instants) {
        curveMeasure_->clear();
        for (const MeasureDef& def : data.pack.measures)
            if (isInstantKind(def.kind))
                curveMeasure_->addItem(words::text(def.title), words::text(def.id));
    }
    anchors_ = phaseAnchors(data.pack, models, trials);
    own_.reset();
    other_.reset();
    for (const Trial& trial : trials)
        if (repetitionId(trial.id) == workspace().repetition())
            own_ = trial;
    if (!own_ && !trials.empty())
        own_ = trials.front();
    const std::string wanted = modelRepetition_->currentData().toString().toStdString();
    for (const Opposite& opposite : opposites_)
        if (opposite.trial.id == wanted) {
            other_ = opposite.trial;
            oppositeName_ = opposite.who;
            oppositeIsModel_ = opposite.isModel;
        }
    ownMap_ = own_ ? PhaseMap::of(anchors_, *own_) : std::nullopt;
    otherMap_ = other_ ? PhaseMap::of(anchors_, *other_) : std::nullopt;
    if (!placed_ && ownMap_ && anchors_.anchors.size() > 2) {
        phase_ = anchors_.anchors[anchors_.anchors.size() / 2].percent;
        placed_ = true;
    }
    if (assessment.get() != shownAssessment_ || shownRepetition_ != workspace().repetition()) {
        shownAssessment_ = assessment.get();
        shownRepetition_ = workspace().repetition();
        showRulers();
        showCurve();
    }
    showWaterline();
    goToPhase(phase_);
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
    sets_->addStretch();
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

void MirrorPage::showRulers() {
    clearLayout(rulers_);
    rulerWidgets_.clear();
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    if (!assessment) {
        rulers_->addWidget(label(tr("No values yet."), theme::kQuiet));
        rulers_->addStretch();
        return;
    }
    // Groups in the order of the movement: at each event, over each phase, timing first.
    std::vector<std::pair<QString, std::vector<const MeasureDef*>>> groups;
    const auto group = [&](const QString& title) -> std::vector<const MeasureDef*>& {
        for (auto& [name, list] : groups)
            if (name == title)
                return list;
        groups.emplace_back(title, std::vector<const MeasureDef*>());
        return groups.back().second;
    };
    for (const MeasureDef& def : pack.measures)
        if (def.kind == Kind::Interval || def.kind == Kind::PhaseShare || def.kind == Kind::TempoRatio ||
            isCycleKind(def.kind))
            group(tr("Timing")).push_back(&def);
    for (const EventDef& event : pack.events)
        for (const MeasureDef& def : pack.measures)
            if (def.at == event.id)
                group(tr("At \"%1\"").arg(words::text(event.title).toLower())).push_back(&def);
    for (const MeasureDef& def : pack.measures)
        if (!def.over.empty())
            group(tr("Over the %1").arg(words::text(pack.phase(def.over)->title).toLower())).push_back(&def);
    for (const MeasureDef& def : pack.measures)
        if (def.kind == Kind::Observed)
            group(tr("Observed")).push_back(&def);
    for (const MeasureDef& def : pack.measures)
        if (isSetKind(def.kind))
            group(tr("Over the set")).push_back(&def);
    for (const auto& [title, measures] : groups) {
        auto* heading = label(title, theme::kHeading);
        heading->setContentsMargins(0, 5, 0, 0);
        rulers_->addWidget(heading);
        rulers_->addWidget(hairline());
        for (const MeasureDef* def : measures) {
            auto* row = new QHBoxLayout;
            row->setSpacing(6);
            const SetDeviation* set = assessment->deviation(def->id);
            const QString name = words::text(def->title).section(u',', 0, 0);
            auto* text =
                label(QStringLiteral("<a href='x' style='color:%1; text-decoration:none'>%2</a><br><span "
                                     "style='color:%3; font-size:8.5pt'>%4</span>")
                          .arg(theme::colours().ink.name(), name.toHtmlEscaped(), theme::colours().slate.name(),
                               set ? QStringLiteral("%1, T %2")
                                         .arg(words::referenceText(*def, set->reference),
                                              QString::number(set->tolerance, 'g', 3))
                                   : QString()));
            text->setFixedWidth(164);
            text->setToolTip(tr("%1. Click: why this number.").arg(words::text(def->title)));
            text->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
            connect(text, &QLabel::linkActivated, this, [this, id = words::text(def->id)] { emit why(id); });
            row->addWidget(text);
            if (!set) {
                Reason reason = "no reference for it";
                for (const TrialMeasures& trial : assessment->measures)
                    if (const MeasureValue* value = trial.find(def->id); value && !value->valid())
                        reason = value->reason;
                row->addWidget(label(tr("not available: %1").arg(words::text(reason)), theme::kQuiet), 1);
                rulers_->addLayout(row);
                continue;
            }
            auto* ruler = new DeviationRuler;
            ruler->setObjectName(QStringLiteral("ruler-") + words::text(def->id));
            ruler->setSet(*def, *set);
            ruler->setHighlighted(trialId(workspace().repetition()));
            connect(ruler, &DeviationRuler::repetitionClicked, this, &MirrorPage::goToRepetition);
            rulerWidgets_.push_back(ruler);
            row->addWidget(ruler, 1);
            row->addWidget(new SignLabel(set->strength ? look::Sign::Strength : look::signOf(set->state)));
            auto* value =
                label(QStringLiteral("<b>%1</b><br><span style='font-size:8.5pt; color:%3'>± %2</span>")
                          .arg(words::withU(*def, set->median, set->expandedU).section(QStringLiteral(" ±"), 0, 0) +
                                   (words::unitOf(*def) == QStringLiteral("°") ? QStringLiteral("°")
                                                                               : u' ' + words::unitOf(*def)),
                               words::number(set->expandedU, words::decimalsFor(set->expandedU)),
                               theme::colours().slate.name()));
            value->setFixedWidth(84);
            value->setWordWrap(false);
            value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
            if (!set->note.empty())
                value->setToolTip(words::text(set->note));
            row->addWidget(value);
            rulers_->addLayout(row);
        }
    }
    rulers_->addStretch();
}

void MirrorPage::showCurve() {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    const MeasureDef* def = data.pack.measure(curveMeasure_->currentData().toString().toStdString());
    CurveContent content;
    if (def) {
        const double cutoff = assessment ? assessment->cutoff.hz : CutoffChoice().hz;
        const auto curveOf = [&](const Trial& trial) {
            PhaseCurve curve;
            const auto map = PhaseMap::of(anchors_, trial);
            const Series series = measureSeries(data.pack, *def, trial, cutoff);
            if (!map || series.timesS.size() < 2)
                return curve;
            for (int percent = 0; percent <= 100; ++percent) {
                const double t = map->timeAt(percent);
                if (t < series.timesS.front() || t > series.timesS.back())
                    continue;
                auto above = std::upper_bound(series.timesS.begin(), series.timesS.end(), t);
                above = std::clamp(above, series.timesS.begin() + 1, series.timesS.end() - 1);
                const auto i = static_cast<std::size_t>(above - series.timesS.begin()) - 1;
                const double share = (t - series.timesS[i]) / (series.timesS[i + 1] - series.timesS[i]);
                curve.percent.push_back(percent);
                curve.value.push_back(series.values[i] + share * (series.values[i + 1] - series.values[i]));
            }
            return curve;
        };
        content.title = words::text(def->title).section(u',', 0, 0);
        content.unit = words::unitOf(*def);
        for (const Trial& trial : trialsOf(data, workspace().session(), workspace().stress())) {
            PhaseCurve curve = curveOf(trial);
            curve.chosen = repetitionId(trial.id) == workspace().repetition();
            content.repetitions.push_back(std::move(curve));
        }
        std::map<double, std::pair<double, int>> sums;
        for (const Trial& trial : modelTrialsOf(data)) {
            const PhaseCurve curve = curveOf(trial);
            for (std::size_t i = 0; i < curve.percent.size(); ++i) {
                sums[curve.percent[i]].first += curve.value[i];
                sums[curve.percent[i]].second += 1;
            }
        }
        for (const auto& [percent, sum] : sums) {
            content.modelMean.percent.push_back(percent);
            content.modelMean.value.push_back(sum.first / sum.second);
        }
        content.bandHalf = def->tolerance;
    }
    curve_->setContent(content);
    curve_->setToolTip(tr("Band: model mean ± tolerance. Thin: every repetition. Bold: the chosen one."));
}

void MirrorPage::showWaterline() {
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    std::vector<WaterlineEvent> events;
    for (const EventDef& def : pack.events) {
        WaterlineEvent event;
        event.id = words::text(def.id);
        event.title = words::text(def.title).toLower();
        for (const auto& anchor : anchors_.anchors)
            if (anchor.event == def.id && !modelTrialsOf(workspace().data()).empty())
                event.model = anchor.percent;
        if (!oppositeIsModel_ && other_ && otherMap_) {
            const TrialEvent* at = other_->event(def.id);
            event.model = at ? std::optional(std::clamp(otherMap_->percentAt(at->timeS), 0.0, 100.0)) : std::nullopt;
        }
        if (own_ && ownMap_)
            if (const TrialEvent* at = own_->event(def.id))
                event.athlete = std::clamp(ownMap_->percentAt(at->timeS), 0.0, 100.0);
        events.push_back(event);
    }
    // The note stands at the event that leans more of the two that a deviating interval joins. It tells of the model.
    if (assessment && oppositeIsModel_)
        for (const SetDeviation& set : assessment->deviations) {
            const MeasureDef& def = *pack.measure(set.measure);
            if (def.kind != Kind::Interval || set.state == State::Within)
                continue;
            WaterlineEvent* best = nullptr;
            double lean = 1.5; // percent that the eye takes for upright
            for (WaterlineEvent& event : events)
                if ((event.id == words::text(def.fromEvent) || event.id == words::text(def.toEvent)) && event.athlete &&
                    event.model && std::abs(*event.athlete - *event.model) > lean) {
                    lean = std::abs(*event.athlete - *event.model);
                    best = &event;
                }
            if (!best || !best->note.isEmpty())
                continue;
            const bool soon = (best->id == words::text(def.toEvent)) == (set.deviation < 0);
            const int decimals = words::decimalsFor(set.expandedU);
            best->note =
                (soon ? tr("%1 ± %2 s too soon") : tr("%1 ± %2 s late"))
                    .arg(words::number(std::abs(set.deviation), decimals), words::number(set.expandedU, decimals));
            best->clear = set.state == State::Clear;
        }
    waterline_->setEvents(std::move(events));
}

QRectF MirrorPage::wholeMovement(const Trial& trial) {
    std::map<std::string, QPointF> corners;
    double left = 1e9, right = -1e9, top = 1e9, bottom = -1e9;
    for (const auto& [landmark, marks] : trial.marks)
        for (const auto& [frame, mark] : marks) {
            left = std::min(left, mark.at.x);
            right = std::max(right, mark.at.x);
            top = std::min(top, mark.at.y);
            bottom = std::max(bottom, mark.at.y);
        }
    if (right < left)
        return {};
    const double margin = .08 * std::max(right - left, bottom - top);
    return QRectF(QPointF(left, top), QPointF(right, bottom)).adjusted(-margin, -margin * 1.3, margin, margin);
}

std::map<std::string, QPointF> MirrorPage::ghostFor(int athleteFrame, int modelFrame) const {
    std::map<std::string, QPointF> ghost;
    const Pack& pack = workspace().data().pack;
    const auto ownSides = resolveRoles(pack, *own_), otherSides = resolveRoles(pack, *other_);
    const auto at = [](const Trial& trial, const std::string& name, int frame) -> std::optional<QPointF> {
        const auto mark = markAt(trial, name, frame);
        return mark ? std::optional(QPointF(mark->at.x, mark->at.y)) : std::nullopt;
    };
    // The same points by role, athlete's name to model's name.
    std::vector<std::pair<std::string, std::string>> pairs;
    for (const PointRef& ref : pack.marked)
        pairs.emplace_back(resolvePoint(ref, ownSides), resolvePoint(ref, otherSides));
    std::optional<QPointF> ownFoot, otherFoot, ownHip, otherHip, ownShoulder, otherShoulder;
    for (const auto& [own, other] : pairs) {
        const auto a = at(*own_, own, athleteFrame), b = at(*other_, other, modelFrame);
        if (!a || !b)
            continue;
        if (own.ends_with("_ankle")) {
            ownFoot = a; // the last listed ankle: the rear one in the shipped packs
            otherFoot = b;
        }
        if (own.ends_with("_hip") && !ownHip) {
            ownHip = a;
            otherHip = b;
        }
        if (own.ends_with("_shoulder")) {
            ownShoulder = a;
            otherShoulder = b;
        }
    }
    if (!ownFoot || !ownHip || !ownShoulder)
        return ghost;
    const QPointF trunk = *ownShoulder - *ownHip, modelTrunk = *otherShoulder - *otherHip;
    const double scale = std::hypot(trunk.x(), trunk.y()) / std::max(1.0, std::hypot(modelTrunk.x(), modelTrunk.y()));
    const double flip = own_->capture.facing == other_->capture.facing ? 1 : -1;
    for (const auto& [own, other] : pairs)
        if (const auto p = at(*other_, other, modelFrame)) {
            const QPointF d = (*p - *otherFoot) * scale;
            ghost[own] = *ownFoot + QPointF(d.x() * flip, d.y());
        }
    return ghost;
}

void MirrorPage::goToPhase(double percent) {
    phase_ = percent;
    waterline_->setPhase(percent);
    curve_->setPhase(percent);
    const CaseData& data = workspace().data();
    int ownFrame = 0, otherFrame = 0;
    const auto showOne = [&](StageView* stage, const std::optional<Trial>& trial, const std::optional<PhaseMap>& map,
                             const QColor& colour, bool isModel, int& frame) {
        const RepetitionPlace place = trial ? placeOf(data, repetitionId(trial->id)) : RepetitionPlace();
        if (!place || !map) {
            stage->setImage({});
            stage->setCaption(isModel ? tr("No model is filmed: the pack's ranges are the reference")
                                      : tr("Set the first and the last key event of this repetition"),
                              {}, colour);
            stage->setFigures({});
            return;
        }
        const double time = map->timeAt(percent);
        frame = std::clamp(static_cast<int>(std::lround(trial->times.frameOf(time))), 0, place.clip->frames() - 1);
        const bool mirrored = isModel && own_ && own_->capture.facing != trial->capture.facing;
        stage->setMirrored(mirrored);
        const QRectF box = wholeMovement(*trial);
        workspace().requestFrame(place.clip->path, frame, stage, [stage, box](const QImage& image, int) {
            stage->setImage(image);
            if (!box.isEmpty())
                stage->showBox(box);
        });
        const double start = trial->events.empty() ? 0 : trial->times.timeOf(place.repetition->from);
        const QString who = isModel ? oppositeName_ : data.athlete.name.section(u' ', 0, 0);
        stage->setCaption(
            tr("%1 · repetition %2 · %3 s").arg(who).arg(place.repetition->number).arg(time - start, 0, 'f', 3),
            mirrored ? tr("shown mirrored") : QString(), colour);
        stage->setFigures({{marksIn(*place.repetition, frame), figureLines(data.pack, resolveRoles(data.pack, *trial)),
                            colour, true}});
    };
    showOne(athlete_, own_, ownMap_, look::dark().athlete, false, ownFrame);
    showOne(model_, other_, otherMap_, look::dark().model, true, otherFrame);
    if (own_ && other_ && ownMap_ && otherMap_ && ghost_->isChecked()) {
        const RepetitionPlace place = placeOf(data, repetitionId(own_->id));
        const auto lines = figureLines(data.pack, resolveRoles(data.pack, *own_));
        athlete_->setFigures({{marksIn(*place.repetition, ownFrame), lines, look::dark().athlete, true},
                              {ghostFor(ownFrame, otherFrame), lines, look::dark().model, false}});
    }
    QString dropped;
    if (ownMap_ && !ownMap_->dropped().empty())
        dropped = tr(" · out of order here: %1")
                      .arg(words::text(data.pack.event(ownMap_->dropped().front())->title).toLower());
    ghostText_->setText((other_ ? tr("scaled on the trunk, at the rear foot · ") : QString()) +
                        tr("phase %1 %").arg(qRound(percent)) + dropped);
    emit headlineChanged();
}

void MirrorPage::goToRepetition(const QString& trial) {
    workspace().selectRepetition(repetitionId(trial.toStdString()));
    setFocus();
}

void MirrorPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_G) {
        ghost_->toggle();
        return;
    }
    if (event->key() == Qt::Key_E && !anchors_.anchors.empty()) {
        double next = anchors_.anchors.front().percent;
        for (auto anchor = anchors_.anchors.rbegin(); anchor != anchors_.anchors.rend(); ++anchor)
            if (anchor->percent > phase_ + .01)
                next = anchor->percent;
        goToPhase(next);
        return;
    }
    if ((event->key() == Qt::Key_Left || event->key() == Qt::Key_Right) && ownMap_ && own_) {
        const double frame =
            std::round(own_->times.frameOf(ownMap_->timeAt(phase_))) + (event->key() == Qt::Key_Left ? -1 : 1);
        goToPhase(std::clamp(ownMap_->percentAt(own_->times.timeOf(frame)), 0.0, 100.0));
        return;
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
