#include "app/film/same_movement_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

/// Repetitions of the session that another view shows, under the same conditions, and that may lead.
std::vector<RepetitionPlace> candidates(const RepetitionPlace& place) {
    std::vector<RepetitionPlace> out;
    for (const Clip& clip : place.session->clips)
        for (const Section& section : clip.sections)
            if (section.view != place.section->view && section.stress == place.section->stress)
                for (const Repetition& repetition : section.repetitions)
                    if (!repetition.sameAs)
                        out.push_back({place.session, &clip, &section, &repetition});
    return out;
}

bool leadsOthers(const RepetitionPlace& place) {
    for (const Clip& clip : place.session->clips)
        for (const Section& section : clip.sections)
            for (const Repetition& repetition : section.repetitions)
                if (repetition.sameAs == place.repetition->id)
                    return true;
    return false;
}

} // namespace

SameMovementBox::SameMovementBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    title_ = label(tr("Another camera's picture of"));
    layout->addWidget(title_);
    which_ = new ChoiceBox;
    which_->setObjectName(QStringLiteral("sameMovement"));
    which_->setAccessibleName(tr("The repetition this is another camera's picture of"));
    which_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    layout->addWidget(which_);
    all_ = new QPushButton(tr("All of this clip by their numbers"));
    all_->setObjectName(QStringLiteral("sameMovementAll"));
    layout->addWidget(all_, 0, Qt::AlignLeft);
    note_ = label({}, theme::kQuiet);
    layout->addWidget(note_);
    connect(which_, &QComboBox::activated, this, [this] { link({which_->currentData().toLongLong()}); });
    connect(all_, &QPushButton::clicked, this, &SameMovementBox::linkAllByNumber);
}

void SameMovementBox::show(const RepetitionPlace& place) {
    const bool leads = place && leadsOthers(place);
    const auto others = place && !leads ? candidates(place) : std::vector<RepetitionPlace>();
    setVisible(leads || !others.empty());
    shown_ = place ? place.repetition->id : RepetitionId();
    if (!place)
        return; // nothing is seen of the rest
    title_->setVisible(!leads);
    which_->setVisible(!leads);
    all_->setVisible(!leads);
    which_->clear();
    which_->addItem(tr("a movement of its own"), qlonglong(0));
    const RepetitionPlace* led = nullptr;
    for (const RepetitionPlace& other : others) {
        which_->addItem(tr("repetition %1, %2").arg(other.repetition->number).arg(other.clip->title),
                        qlonglong(other.repetition->id.value));
        if (place.repetition->sameAs == other.repetition->id) {
            which_->setCurrentIndex(which_->count() - 1);
            led = &other;
        }
    }
    QString note;
    if (leads) {
        note = tr("Another camera's repetition belongs to this one.");
    } else if (led) {
        QStringList common;
        for (const auto& [id, event] : place.repetition->events)
            if (led->repetition->events.contains(id))
                if (const EventDef* def = workspace_.data().pack.event(id))
                    common << words::inSentence(words::text(def->title));
        note = common.isEmpty() ? tr("No key event is marked in both yet: mark one, and each takes over the other's.")
                                : tr("Set against each other by: %1.").arg(common.join(QStringLiteral(", ")));
    }
    note_->setText(note);
    note_->setVisible(!note.isEmpty());
}

void SameMovementBox::link(RepetitionId leading) {
    const RepetitionId id = shown_;
    workspace_.apply(leading ? tr("Two cameras on one repetition") : tr("A movement of its own"),
                     [=](Edit& edit) { return edit.setSameAs(id, leading); });
}

void SameMovementBox::linkAllByNumber() {
    const RepetitionPlace place = placeOf(workspace_.data(), shown_);
    if (!place)
        return;
    std::vector<std::pair<RepetitionId, RepetitionId>> pairs;
    const auto others = candidates(place);
    for (const Repetition& repetition : place.section->repetitions) {
        const auto same = std::find_if(others.begin(), others.end(), [&](const RepetitionPlace& other) {
            return other.repetition->number == repetition.number;
        });
        if (same != others.end() && !leadsOthers({place.session, place.clip, place.section, &repetition}))
            pairs.emplace_back(repetition.id, same->repetition->id);
    }
    if (pairs.empty()) {
        workspace_.say(tr("No repetition of another view has the same number."), true);
        return;
    }
    workspace_.apply(tr("Two cameras on %1").arg(words::counted(pairs.size(), tr("repetition"), tr("repetitions"))),
                     [&](Edit& edit) -> Result<void> {
                         for (const auto& [id, leading] : pairs)
                             if (auto done = edit.setSameAs(id, leading); !done)
                                 return done;
                         return {};
                     });
}

} // namespace riflesso
