#include "app/athlete/athlete_page.h"

#include "app/athlete/equipment_box.h"
#include "app/athlete/limits_box.h"

#include "app/athlete/belief_box.h"
#include "app/athlete/calendar_import.h"
#include "app/athlete/consent_box.h"
#include "app/athlete/goal_box.h"
#include "app/athlete/journal_list.h"
#include "app/athlete/skills_box.h"
#include "app/athlete/yardstick_box.h"
#include "app/handover/take_home_words.h"
#include "app/theme.h"
#include "app/walk/walk_list.h"
#include "app/widgets/ask_bar.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/date_edit.h"
#include "app/widgets/lines_edit.h"
#include "report/words.h"
#include "work/case_assessment.h"

#include <QDateEdit>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>

namespace riflesso {
namespace {

QWidget* column(QVBoxLayout*& layout) {
    auto* inner = new QWidget;
    layout = new QVBoxLayout(inner);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(6);
    return scrolled(inner);
}

} // namespace

AthletePage::AthletePage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildPerson(), 10);
    layout->addWidget(buildMiddle(), 11);
    layout->addWidget(buildSessions(), 9);
}

QWidget* AthletePage::buildPerson() {
    QVBoxLayout* c = nullptr;
    QWidget* widget = column(c);
    c->addWidget(label(tr("WHO"), theme::kHeading));
    auto* form = new QFormLayout;
    form->setLabelAlignment(Qt::AlignLeft);
    form->setVerticalSpacing(6);
    const auto line = [&](const QString& name, const char* object) {
        auto* edit = new QLineEdit;
        edit->setObjectName(QLatin1String(object));
        edit->setAccessibleName(name);
        connect(edit, &QLineEdit::editingFinished, this, [this] { saveAthlete(); });
        form->addRow(name, edit);
        return edit;
    };
    name_ = line(tr("Name"), "athleteName");
    handedness_ = new ChoiceBox;
    handedness_->setObjectName(QStringLiteral("handedness"));
    handedness_->addItems({tr("right-handed"), tr("left-handed")});
    connect(handedness_, &QComboBox::activated, this, [this] { saveAthlete(); });
    form->addRow(tr("Hand"), handedness_);
    born_ = new QSpinBox;
    born_->setRange(1900, 2100);
    born_->setSpecialValueText(tr("not known"));
    connect(born_, &QSpinBox::editingFinished, this, [this] { saveAthlete(); });
    form->addRow(tr("Born"), born_);
    level_ = line(tr("Level"), "athleteLevel");
    goal_ = line(tr("Goal"), "athleteGoal");
    willingness_ = new QSpinBox;
    willingness_->setRange(0, 100);
    willingness_->setSuffix(QStringLiteral(" %"));
    willingness_->setToolTip(
        tr("How much the athlete wants to change the technique. Hard re-learning is for those who do."));
    connect(willingness_, &QSpinBox::editingFinished, this, [this] { saveAthlete(); });
    form->addRow(tr("Willing to change"), willingness_);
    c->addLayout(form);
    const auto lines = [&](const QString& name, const QString& hint, const char* object) {
        c->addSpacing(6);
        c->addWidget(label(name, theme::kHeading));
        auto* edit = new LinesEdit([this] { saveAthlete(); });
        edit->setObjectName(QLatin1String(object));
        edit->setPlaceholderText(hint);
        edit->setAccessibleName(name);
        edit->setMinimumHeight(54);
        edit->setMaximumHeight(140);
        c->addWidget(edit, 1);
        return edit;
    };
    c->addSpacing(6);
    limits_ = new LimitsBox(workspace(), widget);
    c->addWidget(limits_);
    c->addSpacing(6);
    equipment_ = new EquipmentBox(workspace(), widget);
    c->addWidget(equipment_);
    notes_ = lines(tr("NOTES"), {}, "notes");
    c->addStretch(1); // else a tall window spreads the headings
    return widget;
}

QWidget* AthletePage::buildMiddle() {
    QVBoxLayout* c = nullptr;
    QWidget* widget = column(c);
    goalNumber_ = new GoalBox(workspace(), widget);
    c->addWidget(goalNumber_);
    c->addSpacing(10);
    yardstick_ = new YardstickBox(workspace(), widget);
    c->addWidget(yardstick_);
    c->addSpacing(10);
    beliefs_ = new BeliefBox(workspace(), widget);
    c->addWidget(beliefs_);
    c->addSpacing(10);
    c->addWidget(label(tr("COMPETITIONS"), theme::kHeading));
    competitions_ = new QVBoxLayout;
    c->addLayout(competitions_);
    competitionDate_ = dateEdit(QDate::currentDate().addDays(35), "competitionDate", tr("Date of the competition"));
    competitionTitle_ = new QLineEdit;
    competitionTitle_->setObjectName(QStringLiteral("competitionTitle"));
    competitionTitle_->setPlaceholderText(tr("Name of the competition"));
    competitionTitle_->setAccessibleName(tr("Name of the competition"));
    auto* addDate = new QPushButton(tr("Add"));
    addDate->setObjectName(QStringLiteral("addCompetition"));
    auto* row3 = new QHBoxLayout;
    row3->addWidget(competitionDate_);
    row3->addWidget(competitionTitle_, 1);
    row3->addWidget(addDate);
    c->addLayout(row3);
    connect(addDate, &QPushButton::clicked, this, [this] {
        const QString title = competitionTitle_->text().trimmed();
        if (title.isEmpty()) {
            this->workspace().say(tr("A competition needs a name."), true);
            return;
        }
        const AthleteId id = this->workspace().data().athlete.id;
        const QDate date = competitionDate_->date();
        if (this->workspace().apply(tr("Add a competition"),
                                    [=](Edit& edit) { return edit.addCompetition(id, date, title); }))
            competitionTitle_->clear();
    });
    c->addWidget(new CalendarImport(workspace(), widget));
    c->addSpacing(10);
    c->addWidget(label(tr("CONSENT TO FILM"), theme::kHeading));
    consent_ = new ConsentBox;
    connect(consent_, &ConsentBox::edited, this, &AthletePage::saveAthlete);
    c->addWidget(consent_);
    c->addStretch();
    return widget;
}

QWidget* AthletePage::buildSessions() {
    QVBoxLayout* c = nullptr;
    QWidget* widget = column(c);
    skills_ = new SkillsBox(workspace(), widget);
    c->addWidget(skills_);
    c->addSpacing(10);
    c->addWidget(label(tr("SESSIONS"), theme::kHeading));
    sessions_ = new QVBoxLayout;
    sessions_->setSpacing(8);
    c->addLayout(sessions_);
    ask_ = new AskBar(QStringLiteral("session"), widget);
    c->addWidget(ask_);
    c->addSpacing(8);
    c->addWidget(label(tr("NEW SESSION"), theme::kHeading));
    sessionDate_ = dateEdit(QDate::currentDate(), "sessionDate", tr("Date of the new session"));
    sessionTitle_ = new QLineEdit;
    sessionTitle_->setObjectName(QStringLiteral("sessionTitle"));
    sessionTitle_->setPlaceholderText(tr("Such as: retest"));
    sessionTitle_->setAccessibleName(tr("Title of the new session"));
    auto* own = new QPushButton(tr("Add for the athlete"));
    own->setObjectName(QStringLiteral("addSession"));
    auto* model = new QPushButton(tr("Add for a model"));
    auto* row = new QHBoxLayout;
    row->addWidget(sessionDate_);
    row->addWidget(sessionTitle_, 1);
    c->addLayout(row);
    auto* row2 = new QHBoxLayout;
    row2->addWidget(own);
    row2->addWidget(model);
    row2->addStretch();
    c->addLayout(row2);
    const auto add = [this](bool isModel) {
        const QString title = sessionTitle_->text().trimmed().isEmpty() ? (isModel ? tr("Model") : tr("Session"))
                                                                        : sessionTitle_->text().trimmed();
        const CaseId id = workspace().data().id;
        const QDate date = sessionDate_->date();
        SessionId made;
        const bool done = workspace().apply(tr("Add a session"), [&](Edit& edit) -> Result<void> {
            const auto session = edit.addSession(id, date, title, isModel);
            if (!session)
                return session.error();
            made = *session;
            return {};
        });
        if (done) {
            sessionTitle_->clear();
            workspace().selectSession(made);
            emit goTo(QStringLiteral("film"));
        }
    };
    walks_ = new WalkList(workspace(), widget);
    c->addWidget(walks_);
    connect(walks_, &WalkList::chosen, this, [this](SessionId session, const QString& walk) {
        workspace().selectSession(session);
        emit goTo(QStringLiteral("handover"), take_home::kWalk + walk);
    });
    c->addSpacing(8);
    journal_ = new JournalList(workspace(), widget);
    c->addWidget(journal_);
    connect(own, &QPushButton::clicked, this, [add] { add(false); });
    connect(model, &QPushButton::clicked, this, [add] { add(true); });
    c->addStretch();
    return widget;
}

QString AthletePage::headline() const {
    if (!workspace().hasCase())
        return {};
    const CaseData& data = workspace().data();
    QStringList missing;
    if (data.athlete.goal.isEmpty())
        missing << tr("a goal");
    if (data.competitions.empty())
        missing << tr("a competition date");
    const bool open = std::any_of(data.beliefs.begin(), data.beliefs.end(), [](const Belief& b) { return !b.locked; });
    QString next = tr("film a session");
    if (open)
        next = tr("lock the beliefs before results are shown");
    else if (!mayShowResults(data))
        next = tr("ask what the athlete believes, write down your first guess, or say that nobody was asked");
    else if (!workspace().trialsOf(workspace().session(), {})->empty())
        next = tr("see Mirror and Findings");
    return tr("%1, %2. %3<b>Next: %4.</b>")
        .arg(data.athlete.name.toHtmlEscaped(), words::inSentence(words::text(data.pack.title)),
             missing.isEmpty() ? QString() : tr("Missing: %1. ").arg(missing.join(QStringLiteral(", "))), next);
}

StepState AthletePage::state() const {
    if (!workspace().hasCase())
        return {};
    const CaseData& data = workspace().data();
    const bool open = std::any_of(data.beliefs.begin(), data.beliefs.end(), [](const Belief& b) { return !b.locked; });
    if (open || !mayShowResults(data))
        return {StepState::Kind::InWork, open ? tr("lock beliefs") : tr("ask belief")};
    return {StepState::Kind::Done, tr("ready")};
}

void AthletePage::refresh() {
    if (!workspace().hasCase())
        return;
    filling_ = true;
    journal_->refresh();
    walks_->refresh();
    const Athlete& a = workspace().data().athlete;
    const auto set = [](QLineEdit* edit, const QString& text) {
        const bool typing = edit->hasFocus() && edit->isModified(); // never over what is being typed
        if (edit->text() != text && !typing) {
            edit->setText(text);
            edit->setCursorPosition(0); // its beginning is seen, where the field is too narrow for it
        }
    };
    set(name_, a.name);
    set(level_, a.level);
    set(goal_, a.goal);
    handedness_->setCurrentIndex(a.handedness == Side::Left ? 1 : 0);
    born_->setValue(a.birthYear ? a.birthYear : born_->minimum());
    willingness_->setValue(qRound(100 * a.willingness));
    if (notes_->toPlainText() != a.notes && !notes_->hasFocus())
        notes_->setPlainText(a.notes);
    equipment_->refresh();
    consent_->setAthlete(a);
    showCompetitions();
    limits_->refresh();
    beliefs_->refresh();
    goalNumber_->refresh();
    yardstick_->refresh();
    skills_->refresh();
    showSessions();
    lookWhatWasFound();
    filling_ = false;
}

void AthletePage::saveAthlete() {
    if (filling_ || !workspace().hasCase())
        return;
    Athlete a = workspace().data().athlete;
    a.name = name_->text().trimmed();
    a.level = level_->text().trimmed();
    a.goal = goal_->text().trimmed();
    a.handedness = handedness_->currentIndex() == 1 ? Side::Left : Side::Right;
    a.birthYear = born_->value() == born_->minimum() ? 0 : born_->value();
    a.willingness = willingness_->value() / 100.0;
    a.notes = notes_->toPlainText().trimmed();
    consent_->fill(a);
    if (a.name.isEmpty()) {
        workspace().say(tr("The athlete needs a name; the old one is kept."), true);
        refresh();
        return;
    }
    const Athlete& old = workspace().data().athlete;
    if (a == old)
        return;
    // Leaving one field may save what was typed in another: the step is named after what changed.
    const QString what = a.goal != old.goal               ? tr("Change the goal")
                         : a.name != old.name             ? tr("Change the name")
                         : a.handedness != old.handedness ? tr("Change the hand")
                         : a.consentGiven != old.consentGiven || a.consentUntil != old.consentUntil ||
                                 a.consentScope != old.consentScope || a.consentBy != old.consentBy ||
                                 a.consentFor != old.consentFor
                             ? tr("Change the consent")
                             : tr("Change the athlete");
    workspace().apply(what, [a](Edit& edit) { return edit.setAthlete(a); });
}

void AthletePage::showCompetitions() {
    clearLayout(competitions_);
    const QDate today = QDate::currentDate();
    for (const Competition& competition : workspace().data().competitions) {
        auto* row = new QHBoxLayout;
        const qint64 days = today.daysTo(competition.date);
        row->addWidget(label(QStringLiteral("<b>%1</b> %2%3")
                                 .arg(words::date(competition.date), competition.title.toHtmlEscaped(),
                                      days > 0 ? tr(", in %1 days").arg(days) : QString())),
                       1);
        auto* remove = new QPushButton(tr("Remove"));
        connect(remove, &QPushButton::clicked, this, [this, id = competition.id] {
            workspace().apply(tr("Remove a competition"), [id](Edit& edit) { return edit.removeCompetition(id); });
        });
        row->addWidget(remove);
        competitions_->addLayout(row);
    }
}

void AthletePage::showSessions() {
    clearLayout(sessions_);
    foundLabels_.clear();
    for (const Session& session : workspace().data().sessions) {
        auto* box = new QWidget;
        auto* rows = new QVBoxLayout(box);
        rows->setContentsMargins(0, 0, 0, 0);
        rows->setSpacing(2);
        auto* layout = new QHBoxLayout;
        rows->addLayout(layout);
        auto* picture = new QLabel;
        picture->setFixedSize(112, 63);
        picture->setStyleSheet(QStringLiteral("background: %1;").arg(theme::colours().stage.name()));
        layout->addWidget(picture);
        int repetitions = 0;
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                repetitions += static_cast<int>(section.repetitions.size());
        auto* text = label(
            QStringLiteral("<b>%1</b>%2<br>%3<br>%4")
                .arg(session.title.toHtmlEscaped(), session.isModel ? tr(", model") : QString(),
                     words::date(session.date),
                     words::counted(session.clips.size(), tr("clip"), tr("clips")) + QStringLiteral(", ") +
                         words::counted(static_cast<std::size_t>(repetitions), tr("repetition"), tr("repetitions"))));
        auto* found = label({}, theme::kQuiet);
        found->setObjectName(QStringLiteral("sessionFound-%1").arg(session.id.value));
        found->setVisible(false);
        rows->addWidget(found);
        foundLabels_[session.id.value] = found;
        if (session.isModel) {
            found->setText(tr("Performers need to have agreed to be shown."));
            found->setVisible(true);
        }
        layout->addWidget(text, 1);
        auto* open = new QPushButton(session.id == workspace().session() ? tr("Chosen") : tr("Choose"));
        open->setEnabled(session.id != workspace().session() && !session.isModel);
        open->setVisible(!session.isModel);
        connect(open, &QPushButton::clicked, this, [this, id = session.id] { workspace().selectSession(id); });
        auto* erase = new QPushButton(tr("Delete…"));
        erase->setObjectName(QStringLiteral("deleteSession-%1").arg(session.id.value));
        erase->setAccessibleName(tr("Delete %1 for good").arg(session.title));
        connect(erase, &QPushButton::clicked, this, [this, id = session.id] {
            if (const Session* chosen = workspace().data().session(id))
                askToDelete(*chosen);
        });
        auto* buttons = new QVBoxLayout;
        buttons->addWidget(open);
        buttons->addWidget(erase);
        buttons->addStretch();
        layout->addLayout(buttons);
        sessions_->addWidget(box);
        if (!session.clips.empty() && !session.clips.front().missing) {
            const Clip& clip = session.clips.front();
            int frame = clip.frames() / 3;
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    if (const auto down = repetition.events.find("down"); down != repetition.events.end())
                        frame = static_cast<int>(down->second.frame);
            workspace().enqueueFrame(clip.path, frame, picture, [picture](const QImage& image, int) {
                picture->setPixmap(
                    QPixmap::fromImage(image.scaled(112, 63, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
            });
        }
    }
}

void AthletePage::forget() {
    found_.clear();
    lookedAt_.reset();
    walks_->forget();
}

void AthletePage::lookWhatWasFound() {
    if (workspace().resultsHidden())
        return;
    const auto fill = [this] {
        for (const auto& [id, titles] : found_)
            if (const auto at = foundLabels_.find(id); at != foundLabels_.end()) {
                constexpr qsizetype kNamed = 2;
                QString text = titles.isEmpty() ? tr("No fault found.")
                                                : tr("Found: %1").arg(titles.mid(0, kNamed).join(QStringLiteral("; ")));
                if (titles.size() > kNamed)
                    text += tr(" and %1 more").arg(titles.size() - kNamed);
                at->second->setText(text);
                at->second->setVisible(true);
            }
    };
    const auto data = workspace().snapshot();
    if (lookedAt_ && lookedAt_->id != data->id)
        found_.clear(); // another case's
    fill();             // of before, while it is looked at anew
    if (data == lookedAt_ || !isVisible())
        return;
    lookedAt_ = data;
    using Found = std::map<std::int64_t, QStringList>;
    workspace().start<Found>(
        tr("What each session shows"), this, workspace().ofCase().newest(QStringLiteral("what was found")),
        [data, school = workspace().school(), today = QDate::currentDate()](JobControl& control) -> Result<Found> {
            Found found;
            double done = 0;
            for (const Session& session : data->sessions) {
                if (!control.goOn(done++ / static_cast<double>(data->sessions.size())))
                    return cancelled();
                if (!session.isModel && !trialsOf(*data, session.id, {}).empty())
                    found[session.id.value] = foundIn(*data, session.id, school, today);
            }
            return found;
        },
        [this, data, fill](const Result<Found>& found) {
            if (!found || data != lookedAt_)
                return;
            found_ = *found;
            fill();
        },
        Pace::Quick);
}

void AthletePage::askToDelete(const Session& session) {
    std::size_t repetitions = 0;
    for (const Clip& clip : session.clips)
        for (const Section& section : clip.sections)
            repetitions += section.repetitions.size();
    ask_->ask(
        tr("<b>Delete %1 for good?</b> %2 and %3 with their marks and frozen plans go with it, and all undo steps. "
           "Clips that lie in the library and no other case uses are deleted. This cannot be undone.")
            .arg(session.title.toHtmlEscaped(), words::counted(session.clips.size(), tr("clip"), tr("clips")),
                 words::counted(repetitions, tr("repetition"), tr("repetitions"))),
        tr("Delete for good"), [this, id = session.id, title = session.title] {
            if (const auto done = workspace().eraseSession(id); !done)
                workspace().say(words::text(done.error().sentence()), true);
            else
                workspace().say(tr("%1 is deleted.").arg(title));
        });
}

} // namespace riflesso
