// Mirror in motion: which pictures stand at a phase, an event or a time, playing, and the keys.

#include "app/mirror/mirror_page.h"

#include "app/mirror/ghost.h"
#include "app/mirror/phase_pictures.h"
#include "app/mirror/ruler_list.h"
#include "app/mirror/wall.h"
#include "app/widgets/group_rulers.h"
#include "core/measure/instant.h"
#include "core/progress/progress.h"
#include "report/case_groups.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QEvent>
#include <QPushButton>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kTickMs = 40; ///< 25 pictures a second

} // namespace

double MirrorPage::cutoffHz() const {
    const auto assessment = workspace().assessment();
    return assessment ? assessment->cutoff.hz : CutoffChoice().hz;
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
        placeGhost();
    }
    where_->setText(whereWords());
}

void MirrorPage::placeGhost() {
    noGhost_.clear();
    if (!own_.trial || !other_.trial || !own_.map || !other_.map || ghostOn_ == GhostOn::None)
        return;
    const CaseData& data = workspace().data();
    const bool onAthlete = ghostOn_ == GhostOn::Athlete;
    const Side &under = onAthlete ? own_ : other_, &over = onAthlete ? other_ : own_;
    const int chosen = ghostBy_->currentIndex() - 1; // the first: what suits
    const RepetitionPlace at = placeOf(data, repetitionId(under.trial->id));
    const Trial asFilmed = at ? toTrialAsFilmed(data, at) : *under.trial;
    const GhostFit& fit = chosen < 0 ? usualFit(data.pack, asFilmed, under.frame, *over.trial, over.frame)
                                     : ghostFits()[static_cast<std::size_t>(chosen)];
    const Ghost ghost = ghostOn(data.pack, asFilmed, under.frame, *over.trial, over.frame, fit);
    noGhost_ = ghost.refused;
    if (!ghost.refused.isEmpty())
        return;
    const auto lines = figureLines(data.pack, resolveRoles(data.pack, *under.trial));
    QColor colour = onAthlete ? look::dark().model : look::dark().athlete;
    colour.setAlphaF(static_cast<float>(ghostPercent_) / 100);
    under.stage->setFigures({{marksOf(under), lines, onAthlete ? look::dark().athlete : look::dark().model, true},
                             {ghost.points, lines, colour, false}});
}

void MirrorPage::showGhostOn() {
    ghost_->setText(ghostOn_ == GhostOn::Below ? tr("Ghost below (G)") : tr("Ghost (G)"));
    ghost_->setChecked(ghostOn_ != GhostOn::None);
}

void MirrorPage::nextGhost() {
    ghostOn_ = ghostOn_ == GhostOn::Athlete ? GhostOn::Below
               : ghostOn_ == GhostOn::Below ? GhostOn::None
                                            : GhostOn::Athlete;
    showGhostOn();
    place();
}

std::map<std::string, QPointF> MirrorPage::marksOf(const Side& side) const {
    const RepetitionPlace at = placeOf(workspace().data(), repetitionId(side.trial->id));
    if (at)
        return marksIn(*at.repetition, side.frame);
    std::map<std::string, QPointF> out;
    for (const auto& [name, track] : side.trial->marks)
        if (const auto mark = track.find(side.frame); mark != track.end())
            out[name] = {mark->second.at.x, mark->second.at.y};
    return out;
}

void MirrorPage::placeDrawn(Side& side, const QColor& colour) {
    const CaseData& data = workspace().data();
    const Trial& trial = *side.trial;
    const bool mean = trial.id == kMeanTrial;
    side.frame = std::clamp(static_cast<int>(std::lround(trial.times.frameOf(side.timeS))), 0, lastMarkedFrame(trial));
    side.stage->setMirrored(own_.trial && own_.trial->capture.view == View::Side &&
                            own_.trial->capture.facing != trial.capture.facing);
    const QRectF box = wholeMovement(trial);
    QImage empty(2000, 2000, QImage::Format_RGB32);
    empty.fill(look::dark().stage);
    side.stage->setImage(empty);
    side.stage->setSource({{}, side.frame, false, true});
    side.stage->showBox(box);
    side.stage->setCaption(
        tr("%1 · %2 s").arg(otherName_, words::number(side.timeS, 3)),
        mean ? tr("a figure, not a film: lengths in trunks") : tr("drawn from the skill's ranges, not filmed"), colour);
    side.stage->setFigures({{marksOf(side), figureLines(data.pack, resolveRoles(data.pack, trial)), colour, true}});
}

void MirrorPage::arrange() {
    const bool wall = wallView_->isChecked();
    if (!wall && !isVisible())
        return; // sizes are not known yet
    // Decided anew for another repetition or window, not where a message takes a line of the page.
    const ArrangedFor now{own_.trial ? own_.trial->id : std::string(), {pictures_->width(), window()->height()}, wall};
    if (now == arrangedFor_)
        return;
    arrangedFor_ = now;
    bool upright = false;
    if (!wall && own_.trial && own_.map) {
        const auto shapeOf = [&](const Side& side) {
            const RepetitionPlace at = placeOf(workspace().data(), repetitionId(side.trial->id));
            return wholeMovement(at ? toTrialAsFilmed(workspace().data(), at) : *side.trial);
        };
        const QRectF box = shapeOf(own_);
        const double width = pictures_->width(), height = pictures_->height();
        const auto scale = [&box](double w, double h) { return std::min(w / box.width(), h / box.height()); };
        const double over = scale(width, (height - Waterline::kHigh) / 2),
                     beside = scale((width - Waterline::kAcross) / 2, height);
        // Clearly larger, so that a repetition a little wider does not turn the page.
        constexpr double kClearly = 1.2;
        const bool was = pair_->direction() == QBoxLayout::LeftToRight;
        upright = !box.isEmpty() && (was ? beside * kClearly > over : beside > kClearly * over);
    }
    const bool turns = upright != (pair_->direction() == QBoxLayout::LeftToRight);
    pair_->setDirection(upright ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    waterline_->setUpright(upright);
    if (turns)
        QTimer::singleShot(0, this, [this] { place(); });
    pictures_->setMaximumHeight(wall ? Waterline::kHigh : QWIDGETSIZE_MAX);
}

bool MirrorPage::eventFilter(QObject* watched, QEvent* event) {
    // The pictures fill what they now have, once everything in it has its place.
    if (watched == pictures_ && event->type() == QEvent::Resize)
        QTimer::singleShot(0, this, [this] {
            if (!workspace().hasCase() || !isVisible())
                return;
            arrange();
            QTimer::singleShot(0, this, [this] { place(); });
        });
    return Page::eventFilter(watched, event);
}

void MirrorPage::showCompared() {
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    const MeasureDef* def = measureDef();
    const SetDeviation* set = assessment ? assessment->deviation(measure_) : nullptr;
    comparedMeasure_->setText(def ? words::shortTitle(data.pack, *def) : tr("choose a measure above"));
    if (groupedFor_ != data.pack.id)
        showGroupings();
    const QVariantList by = groupBy_->currentData().toList();
    std::vector<GroupDeviation> groups;
    if (def && set && by.size() == 2)
        groups = deviationsOfGroups(data.pack, *def, set->reference,
                                    groupsOf(data, workspace().session(), workspace().choice(),
                                             static_cast<GroupBy>(by[0].toInt()), by[1].toString().toStdString()),
                                    assessment->cutoff.hz);
    if (def)
        compared_->show(*def, groups, {});
    comparedArea_->setVisible(def && !groups.empty() && !blind_->isChecked());
    if (def && groups.size() < 2)
        comparedMeasure_->setText(tr("%1: only one group here").arg(words::shortTitle(data.pack, *def)));
}

void MirrorPage::fainterGhost() {
    constexpr int kStep = 30, kLeast = 40;
    ghostPercent_ = ghostPercent_ > kLeast ? ghostPercent_ - kStep : 100;
    if (ghostOn_ == GhostOn::None)
        ghostOn_ = GhostOn::Athlete;
    showGhostOn();
    place();
    workspace().say(tr("The ghost is drawn at %1 %.").arg(ghostPercent_));
}

void MirrorPage::placeSide(Side& side, bool lower) {
    const CaseData& data = workspace().data();
    const QColor colour = lower ? look::dark().model : look::dark().athlete;
    const RepetitionPlace at = side.trial ? placeOf(data, repetitionId(side.trial->id)) : RepetitionPlace();
    side.stage->setShape({});
    if (side.trial && side.map && (side.trial->id == kMeanTrial || side.trial->id == kDrawnTrial)) {
        placeDrawn(side, colour);
        return;
    }
    if (!at || !side.map) {
        side.stage->setImage({});
        side.stage->setSource({});
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
    const Trial asFilmed = toTrialAsFilmed(data, at);
    const QRectF box = wholeMovement(asFilmed);
    StageView* stage = side.stage;
    stage->setSource({at.clip->path, side.frame, at.section->picture.mirrored, at.session->isModel});
    workspace().requestFrame(at.clip->path, side.frame, stage, [stage, box](const QImage& image, int) {
        stage->setImage(image);
        if (!box.isEmpty())
            stage->showBox(box);
    });
    const double start = trial.times.timeOf(at.repetition->from);
    const EventDef* event = data.pack.event(atEvent_);
    QStringList quiet;
    if (event && !equalTime() && trial.event(atEvent_))
        quiet << tr("at \"%1\"").arg(words::inSentence(words::text(event->title)));
    if (mirrored)
        quiet << tr("shown mirrored");
    side.stage->setCaption(tr("%1 · repetition %2 · %3 s")
                               .arg(lower ? otherName_ : data.athlete.name.section(u' ', 0, 0))
                               .arg(at.repetition->number)
                               .arg(words::number(side.timeS - start, 3)),
                           quiet.join(QStringLiteral(", ")), colour);
    side.stage->setFigures(
        {{marksIn(*at.repetition, side.frame), figureLines(data.pack, resolveRoles(data.pack, trial)), colour, true}});
    if (const MeasureDef* def = measureDef())
        if (auto shape = measuredShape(data.pack, *def, asFilmed, side.frame, cutoffHz()))
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
    const MeasureValue value = measureInFrame(workspace().data().pack, def, *side.trial, side.frame, cutoffHz());
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

void MirrorPage::goWhereMeasured(const std::string& measure) {
    const auto assessment = workspace().assessment();
    if (!assessment || !own_.trial)
        return;
    const auto has = [&](const TrialMeasures& trial) {
        const MeasureValue* value = trial.find(measure);
        return value && value->valid();
    };
    // Another camera's picture of the same movement, or the first repetition that has it.
    const std::string& leading = own_.trial->sameAs.empty() ? own_.trial->id : own_.trial->sameAs;
    const std::string& other = assessment->seenIn(leading, measure);
    const auto& trials = assessment->measures;
    const auto shown = std::find_if(trials.begin(), trials.end(),
                                    [&](const TrialMeasures& trial) { return trial.trial == own_.trial->id; });
    auto first = std::find_if(trials.begin(), trials.end(),
                              [&](const TrialMeasures& trial) { return trial.trial == other && has(trial); });
    if (first == trials.end())
        first = std::find_if(trials.begin(), trials.end(), has);
    if (shown != trials.end() && !has(*shown) && first != trials.end())
        workspace().selectRepetition(repetitionId(first->trial));
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

QString MirrorPage::whereWords() const {
    const CaseData& data = workspace().data();
    if (!wallView_->isChecked()) {
        QString dropped;
        if (own_.map && !own_.map->dropped().empty())
            dropped = tr(" · out of order here: %1")
                          .arg(words::inSentence(words::text(data.pack.event(own_.map->dropped().front())->title)));
        if (!noGhost_.isEmpty())
            dropped += QStringLiteral(" · ") + noGhost_;
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

std::vector<PageKey> MirrorPage::keyTable() {
    const bool wall = wallView_->isChecked();
    return {{tr("Space"), tr("play"), {}, {Qt::Key_Space}, [this](KeyPress) { playOrPause(); }},
            {QStringLiteral("← →"),
             tr("frame"),
             {},
             {Qt::Key_Left, Qt::Key_Right},
             [this](KeyPress press) { stepFrame(press.key == Qt::Key_Left ? -1 : 1); }},
            {QStringLiteral("E"), tr("next key event"), {}, {Qt::Key_E}, [this](KeyPress) { nextKeyEvent(); }},
            {QStringLiteral("↑ ↓"),
             tr("measure"),
             {},
             {Qt::Key_Up, Qt::Key_Down},
             [this](KeyPress press) { chooseMeasure(rulers_->after(measure_, press.key == Qt::Key_Up ? -1 : 1)); }},
            {QStringLiteral("1…9"),
             tr("repetition"),
             {},
             {Qt::Key_1, Qt::Key_2, Qt::Key_3, Qt::Key_4, Qt::Key_5, Qt::Key_6, Qt::Key_7, Qt::Key_8, Qt::Key_9},
             [this](KeyPress press) { chooseNumbered(static_cast<std::size_t>(press.key - Qt::Key_1)); }},
            {QStringLiteral("W"),
             wall ? tr("waterline") : tr("wall"),
             tr("the wall of all repetitions, and back"),
             {Qt::Key_W},
             [this](KeyPress) { setView(!wallView_->isChecked()); }},
            {QStringLiteral("B"),
             tr("blind"),
             tr("on the wall: without names"),
             {Qt::Key_B},
             [this](KeyPress) { blind_->toggle(); },
             wall},
            {QStringLiteral("G"),
             wall ? QString() : tr("ghost"),
             tr("ghost of the model; Shift: fainter"),
             {Qt::Key_G},
             [this](KeyPress press) { press.shift ? fainterGhost() : nextGhost(); }},
            {QStringLiteral("L"),
             {},
             tr("over the curve: first and last third of the repetitions"),
             {Qt::Key_L},
             [this](KeyPress) { showEnds(); }}};
}

void MirrorPage::showEnds() {
    ends_ = !ends_;
    showCurve();
    workspace().say(
        ends_ ? tr("Over the curve: the mean of the first third of the repetitions, dashed, and of the last, dotted.")
              : tr("Without the first and the last repetitions."));
}

void MirrorPage::nextKeyEvent() {
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
}

void MirrorPage::stepFrame(int by) {
    if (!own_.map || !own_.trial)
        return;
    const double frame = std::round(own_.trial->times.frameOf(own_.map->timeAt(phase_))) + by;
    goToPhase(std::clamp(own_.map->percentAt(own_.trial->times.timeOf(frame)), 0.0, 100.0));
}

void MirrorPage::chooseNumbered(std::size_t index) {
    const Workspace::Trials chosen = workspace().chosenTrials();
    if (index < chosen->size())
        goToRepetition(QString::fromStdString((*chosen)[index].id));
}

const Trial* MirrorPage::drawnBelow() {
    const Workspace::Trials chosen = workspace().chosenTrials();
    if (chosen->empty())
        return nullptr;
    const Trial& own = chosen->front();
    const Pack& pack = workspace().data().pack;
    const DrawnFor now{pack.id, pack.edition, own.variant, own.capture.view, own.capture.handedness};
    if (!(drawnFor_ == now)) {
        drawnFor_ = now;
        drawn_ = drawnModel(pack, own.variant, own.capture.view, own.capture.handedness);
    }
    return drawn_ ? &*drawn_ : nullptr;
}

void MirrorPage::showChooser() {
    const auto assessment = workspace().assessment();
    if (assessment == shownAssessment_ && !opposites_.empty())
        return;
    opposites_ =
        oppositesOf(workspace().data(), workspace().session(), workspace().choice(), anchors_, assessment.get());
    if (std::none_of(opposites_.begin(), opposites_.end(), [](const Opposite& each) { return each.isModel; }))
        if (const Trial* drawn = drawnBelow())
            opposites_.insert(opposites_.begin(), {*drawn, tr("Drawn from the skill"), tr("The skill's figure"), true});
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
    lower_->setToolTip(lower_->currentText()); // the whole name, where the field is too narrow for it
}

} // namespace riflesso
