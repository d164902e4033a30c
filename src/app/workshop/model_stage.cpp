#include "app/workshop/model_stage.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/time_strip.h"
#include "core/workshop/measure_offers.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {

ModelStage::ModelStage(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    setObjectName(QStringLiteral("modelStage"));
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* top = new QHBoxLayout;
    repetitions_ = new QComboBox;
    repetitions_->setObjectName(QStringLiteral("workshopRepetition"));
    repetitions_->setAccessibleName(tr("Repetition shown"));
    top->addWidget(repetitions_);
    hint_ = label({}, theme::kQuiet);
    hint_->setObjectName(QStringLiteral("workshopPicked"));
    top->addWidget(hint_, 1);
    column->addLayout(top);
    stage_ = new StageView;
    stage_->setObjectName(QStringLiteral("workshopStage"));
    stage_->setMinimumHeight(220);
    stage_->setMarking(true);
    column->addWidget(stage_, 1);
    none_ = label({}, theme::kQuiet);
    none_->setWordWrap(true);
    column->addWidget(none_, 1);
    strip_ = new TimeStrip;
    strip_->setObjectName(QStringLiteral("workshopStrip"));
    constexpr int kStripHigh = 76; // phases, marks and events; no traces here
    strip_->setFixedHeight(kStripHigh);
    column->addWidget(strip_);
    connect(repetitions_, &QComboBox::activated, this, [this](int index) {
        at_ = index;
        frame_ = 0;
        if (event_.empty())
            goToFrame(0);
        else
            goToEvent(event_);
    });
    connect(strip_, &TimeStrip::frameAsked, this, &ModelStage::goToFrame);
    connect(stage_, &StageView::markPressed, this, [this](const QString& mark) { pick(mark.toStdString()); });
}

void ModelStage::forget() {
    shown_ = {};
    picked_.clear();
    at_ = frame_ = 0;
    event_.clear();
}

void ModelStage::show(const Pack& pack) {
    const RepetitionId before = repetition();
    pack_ = pack;
    shown_ = workspace_.hasCase() ? shownWell(workspace_.data()) : ShownWell();
    const bool none = isEmpty();
    none_->setVisible(none);
    for (QWidget* widget : {static_cast<QWidget*>(stage_), static_cast<QWidget*>(strip_),
                            static_cast<QWidget*>(repetitions_), static_cast<QWidget*>(hint_)})
        widget->setVisible(!none);
    none_->setText(
        workspace_.hasCase()
            ? tr("This case has no repetition that shows how it should be: add a model's session on the Film "
                 "page, or mark the athlete's best repetitions as best. Words can be written without one.")
            : tr("Open a case with a model to point at. Words can be written without one."));
    at_ = 0;
    const QSignalBlocker quiet(repetitions_);
    repetitions_->clear();
    for (std::size_t i = 0; i < shown_.trials.size(); ++i) {
        const Trial& trial = shown_.trials[i];
        repetitions_->addItem((shown_.ofModel ? tr("Model, repetition %1") : tr("Own best, repetition %1"))
                                  .arg(trial.number > 0 ? trial.number : static_cast<int>(i) + 1));
        if (repetitionId(trial.id).value == before.value)
            at_ = static_cast<int>(i);
    }
    repetitions_->setCurrentIndex(at_);
    std::erase_if(picked_, [&](const PointRef& point) {
        return std::find(pack_.marked.begin(), pack_.marked.end(), point) == pack_.marked.end() &&
               !isDerived(point.part);
    });
    goToFrame(frame_);
}

const Trial* ModelStage::trial() const {
    return at_ < static_cast<int>(shown_.trials.size()) ? &shown_.trials[static_cast<std::size_t>(at_)] : nullptr;
}
RepetitionId ModelStage::repetition() const { return trial() ? repetitionId(trial()->id) : RepetitionId(); }
View ModelStage::view() const { return trial() ? trial()->capture.view : View::Side; }

void ModelStage::goToFrame(int frame) {
    const RepetitionPlace at = workspace_.hasCase() ? placeOf(workspace_.data(), repetition()) : RepetitionPlace();
    if (!at)
        return;
    frame_ = std::clamp(frame, at.repetition->from, at.repetition->to);
    place();
    drawMarks();
    drawStrip();
}

void ModelStage::goToEvent(const std::string& event) {
    setSelectedEvent(event);
    const TrialEvent* known = trial() ? trial()->event(event) : nullptr;
    goToFrame(known ? static_cast<int>(std::lround(known->frame)) : frame_);
}

void ModelStage::setSelectedEvent(const std::string& event) {
    event_ = event;
    drawStrip();
}

void ModelStage::nextRepetition(int by) {
    if (isEmpty())
        return;
    const RepetitionPlace from = placeOf(workspace_.data(), repetition());
    const double share =
        from && from.repetition->to > from.repetition->from
            ? static_cast<double>(frame_ - from.repetition->from) / (from.repetition->to - from.repetition->from)
            : 0;
    const int count = static_cast<int>(shown_.trials.size());
    at_ = (at_ + by + count) % count;
    repetitions_->setCurrentIndex(at_);
    const RepetitionPlace to = placeOf(workspace_.data(), repetition());
    if (to)
        frame_ = to.repetition->from + static_cast<int>(std::lround(share * (to.repetition->to - to.repetition->from)));
    goToEvent(event_);
}

void ModelStage::place() {
    const RepetitionPlace at = placeOf(workspace_.data(), repetition());
    stage_->setSource({at.clip->path, frame_, workspace_.turnedOver(at.clip->path, frame_), shown_.ofModel});
    const EventDef* event = pack_.event(event_);
    stage_->setCaption(
        repetitions_->currentText(),
        tr("frame %1%2").arg(frame_).arg(event ? QStringLiteral(" · ") + words::text(event->title) : QString()),
        shown_.ofModel ? look::dark().model : look::dark().athlete);
    workspace_.requestFrame(at.clip->path, frame_, stage_,
                            [this](const QImage& image, int) { stage_->setImage(image); });
}

void ModelStage::drawMarks() {
    const RepetitionPlace at = placeOf(workspace_.data(), repetition());
    if (!at || !trial())
        return;
    const auto sides = resolveRoles(pack_, *trial());
    std::vector<StageFigure> figures = {{marksIn(*at.repetition, frame_), figureLines(pack_, sides),
                                         shown_.ofModel ? look::dark().model : look::dark().athlete, true}};
    StageFigure ring; // the points that were clicked stand out
    ring.colour = look::dark().ink;
    QStringList names;
    for (const PointRef& point : picked_) {
        const std::string landmark = resolvePoint(point, sides);
        if (const auto mark = figures[0].marks.find(landmark); mark != figures[0].marks.end()) {
            ring.marks.insert(*mark);
            ring.proposed[landmark] = 0;
        }
        names << words::text(titleOf(pack_, point));
    }
    figures.push_back(std::move(ring));
    stage_->setFigures(std::move(figures));
    hint_->setText(names.isEmpty() ? tr("click points: to measure between them, or whose moment a new position is")
                                   : names.join(QStringLiteral(" → ")));
}

void ModelStage::drawStrip() {
    const RepetitionPlace at = workspace_.hasCase() ? placeOf(workspace_.data(), repetition()) : RepetitionPlace();
    if (!at)
        return;
    StripContent content;
    content.from = at.repetition->from;
    content.to = at.repetition->to;
    for (const PhaseDef& phase : pack_.phases) {
        const auto from = at.repetition->events.find(phase.from), to = at.repetition->events.find(phase.to);
        if (from != at.repetition->events.end() && to != at.repetition->events.end() && isBetweenNeighbours(phase))
            content.phases.push_back({words::text(phase.title), from->second.frame, to->second.frame});
    }
    for (const EventDef& event : pack_.events)
        if (const auto set = at.repetition->events.find(event.id); set != at.repetition->events.end())
            content.events.push_back(
                {words::text(event.id), words::text(event.title), set->second.frame, event.id == event_});
    strip_->setContent(std::move(content));
    strip_->setFrame(frame_);
}

/// Phases that span others would lie over them.
bool ModelStage::isBetweenNeighbours(const PhaseDef& phase) const {
    return pack_.eventIndex(phase.to) - pack_.eventIndex(phase.from) == 1;
}

PointRef ModelStage::refOf(const std::string& landmark) const {
    const auto sides = resolveRoles(pack_, *trial());
    for (const PointRef& point : pack_.marked)
        if (resolvePoint(point, sides) == landmark)
            return point;
    return {landmark, {}};
}

std::vector<PointRef> ModelStage::knownPoints() const {
    std::vector<PointRef> out = pack_.marked;
    const auto add = [&](const PointRef& point) {
        if (std::find(out.begin(), out.end(), point) == out.end())
            out.push_back(point);
    };
    // By role where the skill has one for the side: the same skill then serves left-handers.
    std::map<std::string, Side> sides;
    if (trial())
        sides = resolveRoles(pack_, *trial());
    std::set<std::string> named;
    for (const PointRef& point : pack_.marked)
        named.insert(resolvePoint(point, sides));
    const auto asRole = [&](const std::string& landmark) -> PointRef {
        for (const Side side : {Side::Left, Side::Right}) {
            const std::string head = std::string(toString(side)) + "_";
            if (landmark.starts_with(head) && isSidedPart(landmark.substr(head.size())))
                for (const auto& [role, at] : sides)
                    if (at == side)
                        return {landmark.substr(head.size()), role};
        }
        return {landmark, {}};
    };
    for (const Trial& trial : shown_.trials)
        for (const auto& [landmark, marks] : trial.marks)
            if (named.insert(landmark).second)
                add(asRole(landmark));
    for (const char* part : {"nose", "chin", "head_top", "neck"})
        if (named.insert(part).second)
            add({part, {}});
    for (const char* part : {"shoulder", "elbow", "wrist", "hand", "hip", "knee", "ankle", "heel", "toe"})
        for (const Side side : {Side::Left, Side::Right})
            if (const std::string landmark = std::string(toString(side)) + "_" + part; named.insert(landmark).second)
                add(asRole(landmark));
    return out;
}

void ModelStage::pick(const std::string& landmark) {
    if (!trial())
        return;
    const PointRef point = refOf(landmark);
    constexpr std::size_t kMost = 4;
    if (const auto known = std::find(picked_.begin(), picked_.end(), point); known != picked_.end())
        picked_.erase(known);
    else if (picked_.size() < kMost)
        picked_.push_back(point);
    else
        picked_ = {point};
    drawMarks();
    emit pickedChanged();
}

void ModelStage::unpick() {
    picked_.clear();
    drawMarks();
    emit pickedChanged();
}

} // namespace riflesso
