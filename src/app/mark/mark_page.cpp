#include "app/mark/mark_page.h"

#include "app/mark/mark_strip.h"
#include "app/mark/observation_form.h"
#include "app/theme.h"
#include "core/instant.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {

MarkPage::MarkPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* top = new QHBoxLayout;
    top->setSpacing(0);
    stage_ = new StageView;
    stage_->setObjectName(QStringLiteral("markStage"));
    stage_->setMarking(true);
    stage_->setLoupe(true);
    top->addWidget(stage_, 1);
    top->addWidget(buildSide());
    layout->addLayout(top, 1);
    strip_ = new MarkStrip(workspace, this);
    layout->addWidget(strip_);
    connect(strip_, &MarkStrip::frameAsked, this, &MarkPage::goToFrame);
    connect(stage_, &StageView::clicked, this, &MarkPage::placeMark);
    connect(stage_, &StageView::markPressed, this, [this](const QString& mark) {
        selected_ = mark.toStdString();
        stage_->setSelected(selected_);
        emit headlineChanged();
        setFocus();
    });
    connect(stage_, &StageView::markDragged, this, [this](const QString& mark, QPointF pixel) {
        auto marks = marksHere();
        marks[mark.toStdString()] = pixel;
        stage_->setFigures({{marks, figureLines(this->workspace().data().pack, sides()), look::dark().athlete, true}});
    });
    connect(stage_, &StageView::markReleased, this,
            [this](const QString& mark, QPointF pixel) { moveMark(mark.toStdString(), pixel, {}); });
}

QWidget* MarkPage::buildSide() {
    auto* inner = new QWidget;
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(12, 8, 12, 8);
    layout->setSpacing(4);
    cardTitle_ = label({}, theme::kHeading);
    layout->addWidget(cardTitle_);
    card_ = new FigureCard;
    card_->setObjectName(QStringLiteral("figureCard"));
    layout->addWidget(card_, 1);
    next_ = label({});
    next_->setObjectName(QStringLiteral("nextLandmark"));
    layout->addWidget(next_);
    layout->addWidget(label(tr("KEY EVENTS"), theme::kHeading));
    events_ = new QListWidget;
    events_->setObjectName(QStringLiteral("events"));
    events_->setFocusPolicy(Qt::TabFocus);
    events_->setAccessibleName(tr("Key events of the repetition"));
    events_->setStyleSheet(QStringLiteral("QListWidget::item { padding: 1px 6px; }"));
    events_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    layout->addWidget(events_);
    auto* row = new QHBoxLayout;
    setEvent_ = new QPushButton(tr("Set here (E)"));
    setEvent_->setObjectName(QStringLiteral("setEvent"));
    setEvent_->setProperty("role", "main");
    nextOpen_ = new QPushButton(tr("Next open (N)"));
    nextOpen_->setObjectName(QStringLiteral("nextOpen"));
    hidden_ = new QPushButton(tr("Hidden (H)"));
    hidden_->setObjectName(QStringLiteral("hiddenMark"));
    hidden_->setToolTip(tr("The next landmark cannot be seen in this frame."));
    for (QPushButton* button : {setEvent_, nextOpen_, hidden_}) {
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
        row->addWidget(button);
    }
    layout->addLayout(row);
    layout->addWidget(label(tr("MEASURED HERE"), theme::kHeading));
    values_ = label({});
    values_->setObjectName(QStringLiteral("valuesHere"));
    values_->setTextFormat(Qt::RichText);
    connect(values_, &QLabel::linkActivated, this, [this](const QString& id) {
        emit why(id, QString::fromStdString(trialId(this->workspace().repetition())));
    });
    layout->addWidget(values_);
    layout->addWidget(label(tr("SEEN, NOT MEASURED"), theme::kHeading));
    observations_ = new ObservationForm(workspace(), inner);
    layout->addWidget(observations_);
    layout->addStretch();
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(318);
    connect(setEvent_, &QPushButton::clicked, this, &MarkPage::setEventHere);
    connect(nextOpen_, &QPushButton::clicked, this, &MarkPage::nextOpen);
    connect(hidden_, &QPushButton::clicked, this, &MarkPage::hideNext);
    connect(events_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!filling_ && row >= 0)
            chooseEvent(events_->item(row)->data(Qt::UserRole).toString().toStdString(), true);
    });
    connect(card_, &FigureCard::landmarkClicked, this, [this](const QString& landmark) {
        wanted_ = landmark.toStdString();
        showFigure();
        emit headlineChanged();
    });
    return scroll;
}

std::map<std::string, Side> MarkPage::sides() const {
    const RepetitionPlace place = workspace().place();
    return place ? resolveRoles(workspace().data().pack, toTrial(workspace().data(), place))
                 : std::map<std::string, Side>();
}

std::vector<std::string> MarkPage::guided() const {
    std::vector<std::string> out;
    const auto roles = sides();
    for (const PointRef& ref : workspace().data().pack.marked)
        if (const std::string name = resolvePoint(ref, roles); !name.empty())
            out.push_back(name);
    return out;
}

std::map<std::string, QPointF> MarkPage::marksHere() const {
    const RepetitionPlace place = workspace().place();
    return place ? marksIn(*place.repetition, frame_) : std::map<std::string, QPointF>();
}

bool MarkPage::hiddenHere(const std::string& landmark) const {
    const RepetitionPlace place = workspace().place();
    return place && std::any_of(place.repetition->hidden.begin(), place.repetition->hidden.end(),
                                [&](const HiddenMark& h) { return h.landmark == landmark && h.frame == frame_; });
}

std::string MarkPage::nextLandmark() const {
    if (!workspace().place())
        return {};
    if (wanted_)
        return *wanted_;
    const auto marks = marksHere();
    for (const std::string& name : guided())
        if (!marks.contains(name) && !hiddenHere(name))
            return name;
    return {};
}

int MarkPage::openAt(const Repetition& repetition, int frame) const {
    const auto marks = marksIn(repetition, frame);
    int open = 0;
    for (const std::string& name : guided()) {
        const bool hidden = std::any_of(repetition.hidden.begin(), repetition.hidden.end(),
                                        [&](const HiddenMark& h) { return h.landmark == name && h.frame == frame; });
        open += !marks.contains(name) && !hidden;
    }
    return open;
}

QString MarkPage::headline() const {
    const RepetitionPlace place = workspace().place();
    if (!place)
        return tr("No repetition is chosen. <b>Next: cut one on the Film page.</b>");
    const Pack& pack = workspace().data().pack;
    const std::size_t all = guided().size();
    const int open = openAt(*place.repetition, frame_);
    int missing = 0;
    for (const EventDef& event : pack.events)
        missing += !place.repetition->events.contains(event.id);
    const EventDef* here = nullptr;
    for (const auto& [id, value] : place.repetition->events)
        if (std::lround(value.frame) == frame_)
            here = pack.event(id);
    const QString where =
        here ? tr(" at <b>%1</b>").arg(words::text(here->title).toLower()) : tr(" in frame %1").arg(frame_);
    QString next;
    if (!selected_.empty())
        next = tr("nudge %1 with the arrows, Esc to go on").arg(words::text(inWords(selected_)));
    else if (missing && !here)
        next =
            tr("go to \"%1\" and press E")
                .arg(words::text(pack.event(event_) ? pack.event(event_)->title : pack.events.front().title).toLower());
    else if (open)
        next = tr("click the %1").arg(words::text(inWords(nextLandmark())));
    else
        next = missing ? tr("set the other key events") : tr("see the next repetition, or Mirror");
    return tr("Repetition %1: %2 of %3 marks set%4. %5<b>Next: %6.</b>")
        .arg(place.repetition->number)
        .arg(static_cast<int>(all) - open)
        .arg(all)
        .arg(where,
             missing ? tr("Missing: %1. ")
                           .arg(words::counted(static_cast<std::size_t>(missing), tr("key event"), tr("key events")))
                     : QString(),
             next);
}

StepState MarkPage::state() const {
    if (!workspace().hasCase())
        return {};
    const auto trials = trialsOf(workspace().data(), workspace().session(), workspace().stress());
    if (trials.empty())
        return {};
    const std::size_t events = workspace().data().pack.events.size();
    std::size_t done = 0, begun = 0;
    for (const Trial& trial : trials) {
        done += trial.events.size() >= events && !trial.marks.empty();
        begun += !trial.events.empty() || !trial.marks.empty();
    }
    if (begun == 0)
        return {StepState::Kind::Untouched, {}};
    return {done == trials.size() ? StepState::Kind::Done : StepState::Kind::InWork,
            tr("%1 of %2").arg(done).arg(trials.size())};
}

QList<KeyHint> MarkPage::keys() const {
    QList<KeyHint> hints;
    if (selected_.empty())
        hints = {{tr("click"), tr("set")},
                 {QStringLiteral("← →"), tr("frame")},
                 {QStringLiteral("↑ ↓"), tr("event")},
                 {QStringLiteral("E"), tr("set event")},
                 {QStringLiteral("H"), tr("hidden")},
                 {QStringLiteral("N"), tr("next open")}};
    else
        hints = {{QStringLiteral("↑ ↓ ← →"), tr("nudge 0.1 px")},
                 {tr("Shift"), tr("1 px")},
                 {tr("Del"), tr("remove")},
                 {tr("Esc"), tr("go on")}};
    if (const QString name = workspace().undoName(); !name.isEmpty())
        hints.append(KeyHint{QStringLiteral("Ctrl Z"), tr("undo \"%1\"").arg(name)});
    return hints;
}

void MarkPage::refresh() {
    if (!workspace().hasCase())
        return;
    filling_ = true;
    const RepetitionPlace place = workspace().place();
    if (!workspace().data().pack.event(event_) && !workspace().data().pack.events.empty())
        event_ = workspace().data().pack.events.front().id;
    if (workspace().repetition() != shown_) {
        shown_ = workspace().repetition();
        selected_.clear();
        wanted_.reset();
        if (place) {
            const auto event = place.repetition->events.find(event_);
            frame_ = event != place.repetition->events.end() ? static_cast<int>(std::lround(event->second.frame))
                                                             : place.repetition->from;
        }
    }
    showEvents();
    observations_->show();
    strip_->show(event_, guided());
    goToFrame(frame_);
    filling_ = false;
}

void MarkPage::showEvents() {
    const Pack& pack = workspace().data().pack;
    const RepetitionPlace place = workspace().place();
    const bool before = std::exchange(filling_, true);
    if (events_->count() != static_cast<int>(pack.events.size())) {
        events_->clear();
        for (const EventDef& event : pack.events) {
            auto* item = new QListWidgetItem(events_);
            item->setData(Qt::UserRole, words::text(event.id));
            item->setToolTip(words::text(event.hint));
        }
        events_->setFixedHeight(static_cast<int>(pack.events.size()) * (events_->sizeHintForRow(0)) + 6);
    }
    const Trial trial = place ? toTrial(workspace().data(), place) : Trial();
    for (int i = 0; i < events_->count(); ++i) {
        const EventDef& def = pack.events[static_cast<std::size_t>(i)];
        const TrialEvent* event = trial.event(def.id);
        QString state = tr("to set");
        if (event && place) {
            const int open = openAt(*place.repetition, static_cast<int>(std::lround(event->frame)));
            const double start = trial.times.timeOf(place.repetition->from);
            state = QStringLiteral("%1 ± %2 s")
                        .arg(words::number(event->timeS - start, 3), words::number(2 * event->uS, 3)) +
                    (open ? tr(", %1 open").arg(open) : QString());
        }
        events_->item(i)->setText(words::text(def.title) + QStringLiteral("   ") + state);
        QFont weight = events_->font();
        weight.setBold(def.id == event_);
        events_->item(i)->setFont(weight);
        if (def.id == event_)
            events_->setCurrentRow(i);
    }
    setEvent_->setEnabled(static_cast<bool>(place));
    filling_ = before;
}

void MarkPage::showFigure() {
    const RepetitionPlace place = workspace().place();
    const Pack& pack = workspace().data().pack;
    const EventDef* event = pack.event(event_);
    const std::vector<std::string> order = guided();
    const auto marks = marksHere();
    std::map<std::string, MarkState> states;
    const std::string next = nextLandmark();
    int open = 0;
    for (const std::string& name : order) {
        states[name] = marks.contains(name) ? MarkState::Set : hiddenHere(name) ? MarkState::Hidden : MarkState::Open;
        open += states[name] == MarkState::Open;
        if (name == next)
            states[name] = MarkState::Next;
    }
    // The key position as the model shows it, point for point by role; a standing figure without a model.
    std::map<std::string, QPointF> positions;
    if (place && event)
        for (const Trial& model : modelTrialsOf(workspace().data())) {
            const TrialEvent* at = model.event(event->id);
            const auto roles = resolveRoles(pack, model);
            if (!at)
                continue;
            for (std::size_t i = 0; i < pack.marked.size() && i < order.size(); ++i) {
                const auto track = model.marks.find(resolvePoint(pack.marked[i], roles));
                if (track == model.marks.end())
                    continue;
                const auto mark = track->second.find(static_cast<int>(std::lround(at->frame)));
                if (mark != track->second.end())
                    positions[order[i]] = {mark->second.at.x * (model.capture.facing == place.section->facing ? 1 : -1),
                                           mark->second.at.y};
            }
            if (!positions.empty())
                break;
        }
    if (positions.size() < order.size() / 2)
        positions = FigureCard::standing();
    card_->setFigure(positions, figureLines(pack, sides()));
    card_->setStates(states);
    cardTitle_->setText(tr("KEY POSITION · %1 MARKS, %2 OPEN").arg(order.size()).arg(open));
    next_->setText(next.empty() ? tr("All landmarks of this frame are set.")
                                : tr("Next: <b>%1</b>").arg(words::text(inWords(next))));
    hidden_->setEnabled(!next.empty());
    stage_->setLoupeText(words::text(inWords(selected_.empty() ? next : selected_)));
}

void MarkPage::goToFrame(int frame) {
    const RepetitionPlace place = workspace().place();
    if (!place) {
        stage_->setImage({});
        stage_->setCaption(tr("Cut a repetition on the Film page first"), {}, look::dark().athlete);
        return;
    }
    const int clamped = std::clamp(frame, 0, place.clip->frames() - 1);
    if (clamped != frame_) {
        selected_.clear();
        wanted_.reset();
    }
    frame_ = clamped;
    stage_->setSelected(selected_);
    workspace().requestFrame(place.clip->path, frame_, stage_,
                             [this](const QImage& image, int) { stage_->setImage(image); });
    const double real = (*place.clip->timesS)[static_cast<std::size_t>(frame_)] / place.section->slowMotion;
    const bool model = place.session->isModel;
    const QColor colour = model ? look::dark().model : look::dark().athlete;
    QString title = model ? tr("%1, repetition %2").arg(place.section->performer).arg(place.repetition->number)
                          : tr("Repetition %1").arg(place.repetition->number);
    for (const auto& [id, event] : place.repetition->events)
        if (std::lround(event.frame) == frame_)
            if (const EventDef* def = workspace().data().pack.event(id))
                title += QStringLiteral(" · ") + words::text(def->title).toLower();
    stage_->setCaption(title,
                       tr("frame %1 of %2 · %3 s real time").arg(frame_).arg(place.clip->frames()).arg(real, 0, 'f', 3),
                       colour);
    stage_->setFigures({{marksHere(), figureLines(workspace().data().pack, sides()), colour, true}});
    strip_->setFrame(frame_);
    showFigure();
    showValues();
    emit headlineChanged();
}

void MarkPage::showValues() {
    const RepetitionPlace place = workspace().place();
    if (!place) {
        values_->clear();
        return;
    }
    // Only what depends on the chosen event, so that marking stays quick.
    const Pack& whole = workspace().data().pack;
    Pack pack = whole;
    pack.measures.clear();
    for (const MeasureDef& def : whole.measures)
        if (def.at == event_ || (def.kind == Kind::Interval && (def.fromEvent == event_ || def.toEvent == event_)))
            pack.measures.push_back(def);
    const auto assessment = workspace().assessment();
    const auto measured = measureTrials(pack, {toTrial(workspace().data(), place)},
                                        assessment ? assessment->cutoff.hz : CutoffChoice().hz);
    QStringList lines;
    for (const auto& [id, value] : measured.front().measures) {
        const MeasureDef& def = *pack.measure(id);
        const QString title = words::text(def.title).toHtmlEscaped();
        if (value.valid())
            lines << QStringLiteral("<a href='%1' style='color:%2; text-decoration:none'>%3</a> <b>%4</b>")
                         .arg(words::text(id), theme::colours().ink.name(), title,
                              words::withU(def, *value.value, 2 * value.u));
        else
            lines << QStringLiteral("<span style='color:%1'>%2: %3</span>")
                         .arg(theme::colours().slate.name(), title, words::text(value.reason).toHtmlEscaped());
    }
    values_->setText(lines.isEmpty() ? tr("No measure is taken at this event.") : lines.join(QStringLiteral("<br>")));
    values_->setToolTip(tr("Click a measure to see why it has this value."));
}

void MarkPage::chooseEvent(const std::string& event, bool goThere) {
    event_ = event;
    const RepetitionPlace place = workspace().place();
    showEvents();
    if (place && goThere) {
        const auto found = place.repetition->events.find(event);
        if (found != place.repetition->events.end())
            goToFrame(static_cast<int>(std::lround(found->second.frame)));
    }
    showFigure();
    strip_->setEvent(event_);
    showValues();
    emit headlineChanged();
    setFocus();
}

void MarkPage::setEventHere() {
    const RepetitionPlace place = workspace().place();
    const EventDef* def = workspace().data().pack.event(event_);
    if (!place || !def)
        return;
    const RepetitionId id = place.repetition->id;
    const std::string event = event_;
    const StoredEvent value{static_cast<double>(frame_), {}, "analyst"};
    workspace().apply(tr("Set \"%1\"").arg(words::text(def->title)),
                      [=](Edit& edit) { return edit.setEvent(id, event, value); });
}

void MarkPage::placeMark(QPointF pixel) {
    const std::string landmark = nextLandmark();
    if (landmark.empty()) {
        workspace().say(tr("All landmarks of this frame are set. Drag one to move it, or go to another frame."));
        return;
    }
    moveMark(landmark, pixel, {});
}

void MarkPage::moveMark(const std::string& landmark, QPointF pixel, const QString& mergeKey) {
    const RepetitionPlace place = workspace().place();
    if (!place)
        return;
    const RepetitionId id = place.repetition->id;
    const int frame = frame_;
    const Mark mark{{pixel.x(), pixel.y()}, defaultSigmaPx(place.clip->height), "analyst"};
    const bool kept = !mergeKey.isEmpty();
    if (workspace().apply(
            tr("Mark %1").arg(words::text(inWords(landmark))),
            [=](Edit& edit) { return edit.setMark(id, landmark, frame, mark); }, mergeKey) &&
        !kept) {
        wanted_.reset();
        selected_.clear();
        goToFrame(frame_);
    }
    setFocus();
}

void MarkPage::nudge(QPointF byPixels) {
    const auto marks = marksHere();
    const auto at = marks.find(selected_);
    if (at == marks.end())
        return;
    const std::string landmark = selected_;
    moveMark(landmark, at->second + byPixels,
             QStringLiteral("nudge:%1:%2:%3")
                 .arg(workspace().repetition().value)
                 .arg(frame_)
                 .arg(QString::fromStdString(landmark)));
}

void MarkPage::hideNext() {
    const std::string landmark = nextLandmark();
    const RepetitionPlace place = workspace().place();
    if (landmark.empty() || !place)
        return;
    const RepetitionId id = place.repetition->id;
    const int frame = frame_;
    wanted_.reset();
    workspace().apply(tr("%1 is hidden").arg(words::text(inWords(landmark))),
                      [=](Edit& edit) { return edit.setHidden(id, landmark, frame, "cannot be seen"); });
}

void MarkPage::removeSelected() {
    if (selected_.empty())
        return;
    const RepetitionId id = workspace().repetition();
    const std::string landmark = std::exchange(selected_, std::string());
    const int frame = frame_;
    workspace().apply(tr("Remove the mark of %1").arg(words::text(inWords(landmark))),
                      [=](Edit& edit) { return edit.removeMark(id, landmark, frame); });
}

void MarkPage::nextOpen() {
    const CaseData& data = workspace().data();
    for (const Trial& trial : trialsOf(data, workspace().session(), workspace().stress())) {
        const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
        for (const EventDef& def : data.pack.events) {
            const auto event = place.repetition->events.find(def.id);
            const bool open = event == place.repetition->events.end() ||
                              openAt(*place.repetition, static_cast<int>(std::lround(event->second.frame))) > 0;
            if (!open)
                continue;
            workspace().selectRepetition(place.repetition->id);
            chooseEvent(def.id, true);
            return;
        }
    }
    workspace().say(tr("Every key event of this set is set and marked."));
}

void MarkPage::stepRepetition(int by) {
    const auto trials = trialsOf(workspace().data(), workspace().session(), workspace().stress());
    for (std::size_t i = 0; i < trials.size(); ++i)
        if (repetitionId(trials[i].id) == workspace().repetition()) {
            const auto wanted = static_cast<std::ptrdiff_t>(i) + by;
            if (wanted >= 0 && wanted < std::ssize(trials))
                workspace().selectRepetition(repetitionId(trials[static_cast<std::size_t>(wanted)].id));
            return;
        }
}

void MarkPage::show(const QString& detail) {
    if (detail.startsWith(QLatin1String("frame:")))
        goToFrame(detail.mid(6).toInt());
    else if (detail.startsWith(QLatin1String("event:")))
        chooseEvent(detail.mid(6).toStdString(), true);
}

void MarkPage::keyPressEvent(QKeyEvent* event) {
    if (!workspace().hasCase())
        return;
    const bool shift = event->modifiers() & Qt::ShiftModifier;
    const bool marked = !selected_.empty();
    const double step = shift ? 1 : 0.1;
    const Pack& pack = workspace().data().pack;
    const auto moveEvent = [&](int by) {
        const int index = std::clamp(pack.eventIndex(event_) + by, 0, static_cast<int>(pack.events.size()) - 1);
        chooseEvent(pack.events[static_cast<std::size_t>(index)].id, true);
    };
    switch (event->key()) {
    case Qt::Key_Left:
        marked ? nudge({-step, 0}) : goToFrame(frame_ - (shift ? 10 : 1));
        return;
    case Qt::Key_Right:
        marked ? nudge({step, 0}) : goToFrame(frame_ + (shift ? 10 : 1));
        return;
    case Qt::Key_Up:
        marked ? nudge({0, -step}) : moveEvent(-1);
        return;
    case Qt::Key_Down:
        marked ? nudge({0, step}) : moveEvent(1);
        return;
    case Qt::Key_E:
        setEventHere();
        return;
    case Qt::Key_H:
        hideNext();
        return;
    case Qt::Key_N:
        nextOpen();
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        removeSelected();
        return;
    case Qt::Key_Escape:
        selected_.clear();
        wanted_.reset();
        goToFrame(frame_);
        return;
    case Qt::Key_PageUp:
    case Qt::Key_PageDown:
        stepRepetition(event->key() == Qt::Key_PageUp ? -1 : 1);
        return;
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        // By keyboard alone: the next landmark where it was last seen, else in the middle, then nudged.
        const std::string landmark = nextLandmark();
        const RepetitionPlace place = workspace().place();
        if (landmark.empty() || !place)
            return;
        QPointF at(place.clip->width / 2.0, place.clip->height / 2.0);
        const auto track = place.repetition->marks.find(landmark);
        if (track != place.repetition->marks.end() && !track->second.empty()) {
            const auto nearest =
                std::min_element(track->second.begin(), track->second.end(), [&](const auto& a, const auto& b) {
                    return std::abs(a.first - frame_) < std::abs(b.first - frame_);
                });
            at = {nearest->second.at.x, nearest->second.at.y};
        }
        moveMark(landmark, at, {});
        selected_ = landmark;
        goToFrame(frame_);
        return;
    }
    default:
        Page::keyPressEvent(event);
    }
}

} // namespace riflesso
