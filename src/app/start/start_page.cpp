#include "app/start/start_page.h"
#include "app/packs/shipped_packs.h"

#include "app/settings/stored_settings.h"
#include "app/start/case_shelf.h"
#include "app/start/demo_door.h"
#include "app/start/desk_list.h"
#include "app/start/skill_box.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

namespace riflesso {

StartPage::StartPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* outer = new QHBoxLayout(this);
    outer->setContentsMargins(48, 36, 48, 36);
    outer->setSpacing(48);
    shelf_ = new CaseShelf(workspace, this);
    desk_ = new DeskList(workspace, this);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(label(tr("Start a case"), theme::kBig));
    left->addWidget(
        label(tr("One athlete, one skill. Clips, marks, findings and the plan are kept together."), theme::kQuiet));
    auto* form = new QFormLayout;
    form->setVerticalSpacing(8);
    name_ = new QLineEdit;
    name_->setObjectName(QStringLiteral("newName"));
    name_->setPlaceholderText(tr("Name of the athlete"));
    handedness_ = new ChoiceBox;
    handedness_->addItems({tr("right-handed"), tr("left-handed")});
    skill_ = new SkillBox;
    skill_->setObjectName(QStringLiteral("newSkill"));
    form->addRow(tr("Athlete"), name_);
    form->addRow(tr("Hand"), handedness_);
    form->addRow(tr("Skill"), skill_);
    left->addLayout(form);
    auto* start = new QPushButton(tr("Start the case"));
    start->setObjectName(QStringLiteral("startCase"));
    start->setProperty("role", "main");
    left->addWidget(start, 0, Qt::AlignLeft);
    waiting_ = label({}, theme::kQuiet);
    left->addWidget(waiting_);
    auto* right = left;
    right->addSpacing(20);
    right->addWidget(label(tr("Open the demo"), theme::kBig));
    right->addWidget(label(
        tr("Six cases of an invented hall. Ilka Sandrey fences left-handed: her lunges are filmed, marked and "
           "compared with two instructors. Davor Quillane rows on the machine, stroke by stroke against three club "
           "rowers. Mirelle Ostrand comes back to the bow, filmed from two sides, against her own best shots. Joris "
           "Halvane plays overhead strokes, known and by surprise; Nerea Valcourt swims before a window under water; "
           "Anselm Rusk plays with the cue. Walk along the course from Athlete to Hand-over and change what you like: "
           "the demo is your own copy and can be put back to its first state in Settings."),
        theme::kQuiet));
    auto* demo = new QPushButton(tr("Open the demo"));
    demo->setObjectName(QStringLiteral("openDemo"));
    auto* tour = new QPushButton(tr("Take the ten-minute tour"));
    tour->setObjectName(QStringLiteral("takeTour"));
    tour->setToolTip(tr("From the athlete to the printed plan, in the demo. It can be left at any step."));
    own_ = new QPushButton(tr("Back to my library"));
    own_->setObjectName(QStringLiteral("ownLibrary"));
    auto* doors = new QHBoxLayout;
    for (QPushButton* button : {demo, tour, own_})
        doors->addWidget(button);
    doors->addStretch();
    right->addLayout(doors);
    newer_ = new QWidget;
    auto* newer = new QVBoxLayout(newer_);
    newer->setContentsMargins(0, 4, 0, 0);
    newer->addWidget(
        label(tr("This version of the program has another demo. The one you have stays beside it, with all "
                 "that you changed."),
              theme::kQuiet));
    auto* makeNewer = new QPushButton(tr("Open the newer demo"));
    makeNewer->setObjectName(QStringLiteral("newerDemo"));
    newer->addWidget(makeNewer, 0, Qt::AlignLeft);
    right->addWidget(newer_);
    before_ = new QPushButton(tr("Open the demo of before"));
    before_->setObjectName(QStringLiteral("demoOfBefore"));
    right->addWidget(before_, 0, Qt::AlignLeft);
    right->addSpacing(16);
    right->addWidget(label(tr("Filming people, often children, needs their consent or that of their parents. "
                              "Everything stays on this machine."),
                           theme::kQuiet));
    right->addStretch();
    auto* shelves = new QVBoxLayout;
    shelves->setSpacing(14);
    shelves->addWidget(desk_);
    shelves->addWidget(shelf_, 1);
    outer->addLayout(shelves, 1);
    outer->addLayout(left, 1);
    connect(desk_, &DeskList::opened, this, [this](const QString& page) { emit goTo(page); });
    connect(shelf_, &CaseShelf::opened, this, [this] { emit goTo(QStringLiteral("athlete")); });
    connect(start, &QPushButton::clicked, this, &StartPage::startCase);
    connect(name_, &QLineEdit::returnPressed, this, &StartPage::startCase);
    connect(demo, &QPushButton::clicked, this,
            [this] { openDemo(this->workspace(), this, [this] { emit goTo(QStringLiteral("athlete")); }); });
    connect(makeNewer, &QPushButton::clicked, this,
            [this] { openNewerDemo(this->workspace(), this, [this] { emit goTo(QStringLiteral("athlete")); }); });
    connect(before_, &QPushButton::clicked, this, [this] {
        openDemoOfBefore(this->workspace(), demosOfBefore().value(0));
        emit goTo(QStringLiteral("athlete"));
    });
    connect(tour, &QPushButton::clicked, this, [this] { emit goTo(QStringLiteral("tour")); });
    connect(own_, &QPushButton::clicked, this, [this] {
        openOwnLibrary(this->workspace());
        emit goTo(QStringLiteral("start"));
    });
    setFocusProxy(name_);
}

QString StartPage::headline() const {
    if (workspace().hasCase())
        return tr("Open is the case of %1. <b>Next: open another, start one, or bring one in.</b>")
            .arg(workspace().data().athlete.name.toHtmlEscaped());
    return tr("This library has no case yet. <b>Next: start one, open the demo, or take the tour.</b>");
}

void StartPage::refresh() {
    own_->setVisible(workspace().isDemo() && !workspace().ownFolder().isEmpty());
    newer_->setVisible(newerDemoShips());
    const QStringList before = demosOfBefore();
    before_->setVisible(!before.isEmpty() &&
                        !(workspace().library() && before.contains(workspace().library()->folder())));
    before_->setToolTip(before.value(0));
    desk_->refresh();
    shelf_->refresh();
    QStringList used;
    std::vector<OwnSkill> own;
    if (workspace().library())
        if (auto skills = workspace().library()->ownSkills())
            own = std::move(*skills);
    if (workspace().library())
        if (const auto cases = workspace().library()->cases())
            for (const CaseEntry& entry : *cases)
                used << words::kept(entry.title.toStdString());
    skill_->fill(used, own);
    // What a newcomer does first stands first.
    static_cast<QBoxLayout*>(layout())->setDirection(shelf_->isEmpty() ? QBoxLayout::RightToLeft
                                                                       : QBoxLayout::LeftToRight);
    waiting_->setText(clips_.isEmpty()
                          ? QString()
                          : tr("Waiting for the case: %1.")
                                .arg(words::counted(static_cast<std::size_t>(clips_.size()), tr("clip"), tr("clips"))));
}

void StartPage::keepClips(const QStringList& paths) {
    clips_ = paths;
    refresh();
}

void StartPage::bringIn(const QString& path) { shelf_->readArchive(path); }

void StartPage::startCase() {
    const QString name = name_->text().trimmed();
    if (name.isEmpty() || skill_->packText().isEmpty()) {
        workspace().say(tr("A case needs the athlete's name and a skill."), true);
        name_->setFocus();
        return;
    }
    CaseId made;
    const bool done = workspace().apply(tr("Start a case"), [&](Edit& edit) -> Result<void> {
        Athlete athlete;
        athlete.name = name;
        athlete.handedness = handedness_->currentIndex() == 1 ? Side::Left : Side::Right;
        const auto id = edit.addAthlete(athlete);
        if (!id)
            return id.error();
        const auto made_ = edit.addCase(*id, titleInFile(skill_->packText()), skill_->packText());
        if (!made_)
            return made_.error();
        made = *made_;
        if (const auto school = edit.setSchool(made, settings::newSchool()); !school)
            return school.error();
        const auto session = edit.addSession(made, QDate::currentDate(), tr("Baseline"), false);
        return session ? Result<void>() : Result<void>(session.error());
    });
    if (!done)
        return;
    const QStringList clips = std::exchange(clips_, {});
    workspace().selectCase(made);
    emit goTo(clips.isEmpty() ? QStringLiteral("athlete") : QStringLiteral("film"),
              clips.isEmpty() ? QString() : QStringLiteral("add:") + clips.join(u'\n'));
}

} // namespace riflesso
