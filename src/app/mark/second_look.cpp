#include "app/mark/second_look.h"

#include "app/page.h"
#include "app/theme.h"
#include "core/uncertainty/stats.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QPushButton>

#include <algorithm>
#include <cmath>
#include <functional>
#include <random>

namespace riflesso {
namespace {

QString listed(const std::map<std::string, TypicalError>& errors,
               const std::function<QString(const std::string&)>& naming, const QString& unit, std::size_t& few) {
    QStringList out;
    for (const auto& [what, error] : errors)
        if (error.holds())
            out << SecondLook::tr("%1 ± %2 %3 (%4 pairs)")
                       .arg(naming(what), words::number(2 * error.error, 1), unit)
                       .arg(error.pairs);
        else
            ++few;
    return out.join(QStringLiteral(", "));
}

} // namespace

QString ownErrorWords(const Pack& pack, const OwnError& own) {
    std::size_t few = 0;
    QStringList out;
    const auto landmark = [&](const std::string& id) { return words::landmark(pack, id); };
    const auto event = [&](const std::string& id) {
        const EventDef* known = pack.event(id);
        return known ? words::inSentence(words::text(known->title)) : words::text(id);
    };
    for (const QString& part : {listed(own.landmarks, landmark, SecondLook::tr("px"), few),
                                listed(own.events, event, SecondLook::tr("frames"), few)})
        if (!part.isEmpty())
            out << part;
    if (few)
        out << SecondLook::tr("%1 with fewer than %2 pairs yet").arg(few).arg(kFewestPairs);
    return out.join(QStringLiteral("; "));
}

QString correctionWords(const CaseData& data) {
    const std::vector<double> frames = correctedByFrames(data);
    return frames.empty() ? QString()
                          : SecondLook::tr("Proposed key events were corrected by %1 frames (median of %2).")
                                .arg(words::number(median(frames), 1))
                                .arg(frames.size());
}

SecondLook::SecondLook(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 6, 14, 6);
    layout->setSpacing(8);
    text_ = label({});
    text_->setObjectName(QStringLiteral("secondLookText"));
    pass_ = new QPushButton(tr("Pass over"));
    pass_->setObjectName(QStringLiteral("passSecond"));
    leave_ = new QPushButton(tr("Done (Esc)"));
    leave_->setObjectName(QStringLiteral("leaveSecond"));
    layout->addWidget(text_, 1);
    for (QPushButton* button : {pass_, leave_}) {
        button->setFocusPolicy(Qt::TabFocus);
        layout->addWidget(button);
    }
    connect(pass_, &QPushButton::clicked, this, &SecondLook::passOver);
    connect(leave_, &QPushButton::clicked, this, &SecondLook::leave);
    hide();
}

void SecondLook::start(unsigned seed) {
    constexpr int kFrames = 3, kEvents = 4; // a minute or two
    seed_ = seed;
    tasks_ = secondTasks(workspace_.data(), workspace_.session(), workspace_.choice(), seed, kFrames, kEvents);
    step_ = 0;
    if (tasks_.empty()) {
        workspace_.say(tr("Nothing in this set was marked by hand that is not marked again already. Three landmarks of "
                          "a frame, or a key event, set by hand are needed."));
        return;
    }
    show();
    workspace_.selectRepetition(task().repetition);
    emit moved();
}

void SecondLook::forget() {
    tasks_.clear();
    step_ = 0;
    hide();
}

void SecondLook::leave() {
    if (tasks_.empty())
        return;
    forget();
    const QString own = ownErrorWords(workspace_.data().pack, workspace_.data().own);
    if (!own.isEmpty())
        workspace_.say(tr("Your own hand: %1.").arg(own));
    emit moved();
}

int SecondLook::startFrame() const {
    if (task().event.empty())
        return task().frame;
    const Repetition* repetition = workspace_.data().repetition(task().repetition);
    // Not where it was, and not always to the same side of it.
    std::mt19937 random(seed_ + static_cast<unsigned>(step_) * 7919U);
    constexpr int kNear = 5, kFar = 14;
    const int away = std::uniform_int_distribution<int>(kNear, kFar)(random) * (random() % 2 ? 1 : -1);
    return repetition ? std::clamp(task().frame + away, repetition->from, repetition->to) : task().frame;
}

std::vector<std::string> SecondLook::open(const std::vector<std::string>& order) const {
    const Repetition* repetition = workspace_.data().repetition(task().repetition);
    if (!repetition || !task().event.empty())
        return {};
    return openLandmarks(*repetition, task().frame, order);
}

std::map<std::string, QPointF> SecondLook::marksHere(int frame) const {
    std::map<std::string, QPointF> out;
    if (const Repetition* repetition = workspace_.data().repetition(task().repetition))
        for (const auto& [landmark, marks] : repetition->marksAgain)
            if (const auto at = marks.find(frame); at != marks.end())
                out[landmark] = {at->second.x, at->second.y};
    return out;
}

void SecondLook::place(const std::string& landmark, QPointF pixel) {
    const RepetitionId id = task().repetition;
    const int frame = task().frame;
    if (!workspace_.apply(tr("Mark %1 again").arg(words::text(inWords(landmark))), [=](Edit& edit) {
            return edit.setSecondMark(id, landmark, frame, {pixel.x(), pixel.y()});
        }))
        return;
    const Repetition* repetition = workspace_.data().repetition(id);
    std::vector<std::string> all;
    for (const auto& [name, marks] : repetition->marks)
        all.push_back(name);
    if (openLandmarks(*repetition, frame, all).empty())
        next();
}

void SecondLook::setEvent(int frame) {
    const RepetitionId id = task().repetition;
    const std::string event = task().event;
    const EventDef* def = workspace_.data().pack.event(event);
    if (event.empty() || !def)
        return;
    if (workspace_.apply(tr("Set \"%1\" again").arg(words::text(def->title)),
                         [=](Edit& edit) { return edit.setSecondEvent(id, event, frame); }))
        next();
}

void SecondLook::passOver() { next(); }

void SecondLook::next() {
    if (!active())
        return;
    if (step_ + 1 >= tasks_.size()) {
        leave();
        return;
    }
    ++step_;
    workspace_.selectRepetition(task().repetition);
    emit moved();
}

void SecondLook::showAsked(const QString& what) {
    if (active())
        text_->setText(tr("<b>Again, blind, %1 of %2.</b> %3").arg(step_ + 1).arg(tasks_.size()).arg(what));
}

} // namespace riflesso
