#include "app/mark/key_position.h"
#include "app/mark/mark_page.h"

#include "app/mark/mark_proposals.h"
#include "app/mark/mark_strip.h"
#include "app/mark/marks_table.h"
#include "app/mark/observation_form.h"
#include "app/mark/other_observer.h"
#include "app/mark/second_look.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "core/measure/instant.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QRandomGenerator>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

// What the Mark page says of itself, and its side: figure card, key events, helpers, values.

namespace riflesso {

QWidget* MarkPage::buildSide() {
    auto* inner = new QWidget;
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(12, 8, 12, 8);
    layout->setSpacing(4);
    cardTitle_ = label({}, theme::kHeading);
    layout->addWidget(cardTitle_);
    card_ = new FigureCard([this](const std::string& id) { return called(id); });
    card_->setObjectName(QStringLiteral("figureCard"));
    layout->addWidget(card_, 1);
    next_ = label({});
    next_->setObjectName(QStringLiteral("nextLandmark"));
    auto* asked = new QHBoxLayout;
    asked->addWidget(next_, 1);
    auto* reason = hiddenWhy_ = new ChoiceBox;
    reason->setObjectName(QStringLiteral("hiddenReason"));
    reason->setAccessibleName(tr("Why a landmark is hidden"));
    reason->setToolTip(tr("The reason kept with a landmark that is hidden (H)."));
    reason->setFocusPolicy(Qt::TabFocus);
    for (const auto& [word, shown] : {std::pair{"cannot be seen", tr("hidden: cannot be seen")},
                                      {"behind the body", tr("hidden: behind the body")},
                                      {"behind something", tr("hidden: behind something")},
                                      {"out of the picture", tr("hidden: out of the picture")},
                                      {"too blurred", tr("hidden: too blurred")}})
        reason->addItem(shown, QString::fromLatin1(word));
    connect(reason, &QComboBox::activated, this, [this, reason] { hiddenReason_ = reason->currentData().toString(); });
    asked->addWidget(reason, 1);
    layout->addLayout(asked);
    layout->addWidget(label(tr("KEY EVENTS"), theme::kHeading));
    events_ = new QListWidget;
    events_->setObjectName(QStringLiteral("events"));
    events_->setFocusPolicy(Qt::TabFocus);
    events_->setAccessibleName(tr("Key events of the repetition"));
    events_->setStyleSheet(QStringLiteral("QListWidget::item { padding: 1px 6px; }"));
    events_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    events_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
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
    layout->addWidget(label(tr("LET THE PROGRAM MARK"), theme::kHeading));
    auto* helpers = new QHBoxLayout;
    const auto helper = [&](const QString& name, const QString& text, const QString& tip, auto work) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
        connect(button, &QPushButton::clicked, this, work);
        helpers->addWidget(button);
    };
    helper(
        QStringLiteral("proposeMarks"), tr("Propose (P)"),
        tr("Finds the athlete's landmarks and key events in this repetition. Shift P: in all repetitions of the set."),
        [this] { propose(false); });
    helper(QStringLiteral("trackMarks"), tr("Track (T)"),
           tr("Carries the marks you set or confirmed to the other frames of the repetition."),
           [this] { proposals_->track(this->workspace().repetition()); });
    helper(QStringLiteral("confirmMarks"), tr("Confirm (C)"),
           tr("Confirms what is proposed in this frame. Shift C: all of the repetition that is not doubtful."),
           [this] { confirmAndGoOn(); });
    layout->addLayout(helpers);
    proposed_ = label({}, theme::kQuiet);
    proposed_->setObjectName(QStringLiteral("proposedHere"));
    layout->addWidget(proposed_);
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
    ownEye_ = label({}, theme::kQuiet);
    ownEye_->setObjectName(QStringLiteral("ownEye"));
    layout->addWidget(ownEye_);
    auto* watch = new QPushButton(tr("Watch again, blind"));
    watch->setObjectName(QStringLiteral("watchAgain"));
    watch->setToolTip(
        tr("What was answered is asked once more, repetition after repetition in another order, the first "
           "answers unseen. From four on there is an agreement (kappa); below 0.4 an observation counts "
           "for half and never makes a finding clear."));
    watch->setFocusPolicy(Qt::TabFocus);
    watch->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
    connect(watch, &QPushButton::clicked, this, [this] {
        observations_->watchAgain(QRandomGenerator::global()->generate());
        setFocus();
    });
    layout->addWidget(watch, 0, Qt::AlignLeft);
    layout->addWidget(label(tr("YOUR OWN HAND"), theme::kHeading));
    ownHand_ = label({}, theme::kQuiet);
    ownHand_->setObjectName(QStringLiteral("ownHand"));
    layout->addWidget(ownHand_);
    auto* repeat = new QPushButton(tr("Mark again, blind (R)"));
    repeat->setObjectName(QStringLiteral("markAgain"));
    repeat->setToolTip(
        tr("A few frames and key events once more, without seeing the first marks. From ten pairs on, what "
           "lies between them is the uncertainty of your marks."));
    repeat->setFocusPolicy(Qt::TabFocus);
    repeat->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
    connect(repeat, &QPushButton::clicked, this, [this] { again_->start(QRandomGenerator::global()->generate()); });
    layout->addWidget(repeat, 0, Qt::AlignLeft);
    other_ = new OtherObserver(workspace(), inner);
    layout->addWidget(other_);
    layout->addWidget(label(tr("AS TABLES"), theme::kHeading));
    layout->addWidget(new MarksTable(workspace(), inner));
    layout->addStretch();
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(318);
    giveAway_ = {scroll};
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

QString MarkPage::called(std::string_view landmark) const { return words::landmark(workspace().data().pack, landmark); }

QString MarkPage::headline() const {
    const RepetitionPlace place = workspace().place();
    if (!place)
        return tr("No repetition is chosen. <b>Next: cut one on the Film page.</b>");
    if (again_->active())
        return tr("The first marks are hidden. <b>Next: mark what is asked for below as carefully as ever.</b>");
    const Pack& pack = workspace().data().pack;
    const std::size_t all = guided().size();
    const int open = openAt(*place.repetition, frame_);
    int missing = 0;
    const ShownTrial& shown = shownTrial(); // with what another camera on the movement shows
    for (const EventDef& event : pack.events)
        missing += !shown.trial.event(event.id) && pack.needsEvent(place.repetition->variant, event.id);
    const EventDef* here = nullptr;
    for (const auto& [id, value] : place.repetition->events)
        if (std::lround(value.frame) == frame_)
            here = pack.event(id);
    const QString where =
        here ? tr(" at <b>%1</b>").arg(words::inSentence(words::text(here->title))) : tr(" in frame %1").arg(frame_);
    const OpenProposals proposed = openProposals(*place.repetition);
    QString next;
    if (!selected_.empty())
        next = tr("nudge %1 with the arrows, Esc to go on").arg(called(selected_));
    else if (missing && !here)
        next = tr("go to \"%1\" and press E")
                   .arg(words::inSentence(
                       words::text(pack.event(event_) ? pack.event(event_)->title : pack.events.front().title)));
    else if (proposed.doubtful)
        next = tr("look at what is doubtful with D, drag what is off, confirm with C");
    else if (proposed.marks + proposed.events)
        next = tr("confirm with Shift C");
    else if (open)
        next = tr("click the %1").arg(called(nextLandmark()));
    else
        next = missing ? tr("set the other key events") : tr("see the next repetition, or Mirror");
    if (all == 0)
        return tr("Repetition %1 is watched, not marked. %2<b>Next: %3.</b>")
            .arg(place.repetition->number)
            .arg(missing
                     ? tr("Missing: %1. ")
                           .arg(words::counted(static_cast<std::size_t>(missing), tr("key event"), tr("key events")))
                     : QString(),
                 next);
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
    const Workspace::Trials chosen = workspace().chosenTrials();
    const std::vector<Trial>& trials = *chosen;
    if (trials.empty())
        return {};
    std::size_t done = 0, begun = 0;
    for (const Trial& trial : trials) {
        const Pack& pack = workspace().data().pack;
        const bool whole = std::none_of(pack.events.begin(), pack.events.end(), [&](const EventDef& event) {
            return !trial.event(event.id) && pack.needsEvent(trial.variant, event.id);
        });
        const OpenProposals open = openProposals(*workspace().data().repetition(repetitionId(trial.id)));
        done += whole && !trial.marks.empty() && open.events == 0 && open.doubtful == 0;
        begun += !trial.events.empty() || !trial.marks.empty();
    }
    if (begun == 0)
        return {StepState::Kind::Untouched, {}};
    return {done == trials.size() ? StepState::Kind::Done : StepState::Kind::InWork,
            tr("%1 of %2").arg(done).arg(trials.size())};
}

void MarkPage::showShape() {
    const RepetitionPlace place = workspace().place();
    const Pack& pack = workspace().data().pack;
    const MeasureDef* def = pack.measure(strip_->drawnMeasure());
    if (!place || !def) {
        stage_->setShape({});
        return;
    }
    const auto assessment = workspace().assessment();
    const double cutoff = assessment ? assessment->cutoff.hz : CutoffChoice().hz;
    const Trial& trial = shownTrial().trial;
    const MeasureValue value = measureInFrame(pack, *def, trial, frame_, cutoff);
    stage_->setShape(measuredShape(pack, *def, toTrialAsFilmed(workspace().data(), place), frame_, cutoff),
                     value.valid() ? words::withU(*def, *value.value, 2 * value.u) : QString(),
                     place.session->isModel ? look::dark().model : look::dark().athlete);
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
    }
    const Trial& trial = shownTrial().trial;
    for (int i = 0; i < events_->count(); ++i) {
        const EventDef& def = pack.events[static_cast<std::size_t>(i)];
        const TrialEvent* event = trial.event(def.id);
        QString state = place && !pack.hasEvent(place.repetition->variant, def.id) ? tr("not of this form")
                        : def.optional                                             ? tr("to set, if it happens")
                                                                                   : tr("to set");
        if (event && place) {
            const int open = openAt(*place.repetition, static_cast<int>(std::lround(event->frame)));
            const double start = trial.times.timeOf(place.repetition->from);
            const std::string& source = place.repetition->events.at(def.id).source;
            state = QStringLiteral("%1 ± %2 s")
                        .arg(words::number(event->timeS - start, 3), words::number(2 * event->uS, 3)) +
                    (isDoubtful(source)   ? tr(", doubtful")
                     : isProposed(source) ? tr(", proposed")
                     : open               ? tr(", %1 open").arg(open)
                                          : QString());
        }
        QFont weight = events_->font();
        weight.setBold(true); // in the same place whether it is chosen or not
        const QString line = words::text(def.title) + QStringLiteral("   ") + state;
        constexpr int kBesides = 16, kSmallest = 250; // px: of the row; of the list, also before it is shown
        const bool fits = QFontMetrics(weight).horizontalAdvance(line) + kBesides <=
                          std::max(kSmallest, events_->viewport()->width());
        weight.setBold(def.id == event_);
        events_->item(i)->setText(fits ? line : words::text(def.title) + QStringLiteral("\n   ") + state);
        events_->item(i)->setFont(weight);
        if (def.id == event_)
            events_->setCurrentRow(i);
    }
    int height = 6;
    for (int i = 0; i < events_->count(); ++i)
        height += events_->sizeHintForRow(i);
    events_->setFixedHeight(height);
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
    const auto positions =
        place && event ? modelAt(pack, *workspace().modelTrials(), place, event_, order) : FigureCard::standing();
    card_->setFigure(positions, figureLines(pack, sides()));
    card_->setStates(states);
    cardTitle_->setText(order.empty() ? tr("WATCHED, NOT MARKED")
                                      : tr("KEY POSITION · %1 MARKS, %2 OPEN").arg(order.size()).arg(open));
    next_->setText(order.empty()  ? tr("Of this skill nothing is marked: set the key events, and answer what is asked.")
                   : next.empty() ? tr("All landmarks of this frame are set.")
                                  : tr("Next: <b>%1</b>").arg(called(next)));
    hidden_->setEnabled(!next.empty());
    hiddenWhy_->setVisible(!next.empty());
    stage_->setLoupeText(called(selected_.empty() ? next : selected_));
    const QString own = ownErrorWords(workspace().data().pack, workspace().data().own);
    QString hand = own.isEmpty() ? tr("Nothing was marked twice yet: marks count as ±\u00a0%1\u00a0px.")
                                       .arg(words::number(place ? 2 * settings::markSigmaPx(place.clip->height) : 4, 1))
                                 : own + QStringLiteral(".");
    if (const QString corrected = correctionWords(workspace().data()); !corrected.isEmpty())
        hand += QStringLiteral(" ") + corrected;
    ownHand_->setText(hand);
    const QString eye = agreementWords(pack, workspace().data().own);
    ownEye_->setText(eye.isEmpty() ? QString() : tr("Watched twice: %1.").arg(eye));
    ownEye_->setVisible(!eye.isEmpty());
    other_->refresh();
    if (again_->active()) {
        const EventDef* timed = pack.event(again_->task().event);
        again_->showAsked(timed ? tr("Go to \"%1\" and press E.").arg(words::inSentence(words::text(timed->title)))
                          : next.empty() ? tr("Go back to frame %1.").arg(again_->task().frame)
                                         : tr("Click the %1.").arg(called(next)));
    }
}

void MarkPage::showValues() {
    const RepetitionPlace place = workspace().place();
    if (!place) {
        values_->clear();
        return;
    }
    if (workspace().resultsHidden()) {
        values_->setText(tr("Values are shown once what is believed is locked, or it is said that nobody was asked "
                            "(Athlete)."));
        return;
    }
    const auto assessment = workspace().assessment();
    const double cutoff = assessment ? assessment->cutoff.hz : CutoffChoice().hz;
    // They depend on the event only: another frame changes nothing.
    if (const auto data = workspace().snapshot(); valuesOf_.data != data ||
                                                  valuesOf_.repetition != place.repetition->id ||
                                                  valuesOf_.event != event_ || valuesOf_.cutoffHz != cutoff)
        valuesOf_ = {data, place.repetition->id, event_, cutoff, measuredAt(*data, place, event_, cutoff)};
    const QString& lines = valuesOf_.lines;
    values_->setText(lines.isEmpty() ? tr("No measure is taken at this event.") : lines);
    values_->setToolTip(tr("Click a measure to see why it has this value."));
}

} // namespace riflesso
