#include "app/workshop/workshop.h"

#include "app/theme.h"
#include "app/workshop/cause_drawing.h"
#include "app/workshop/changes_box.h"
#include "app/workshop/ladder_box.h"
#include "app/workshop/model_stage.h"
#include "app/workshop/part_form.h"
#include "app/workshop/rule_box.h"
#include "app/workshop/skill_desk.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSplitter>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace riflesso {
namespace {

constexpr int kLeftWide = 214, kRightWide = 300;

QPushButton* namedButton(const char* name, const QString& text) {
    auto* made = new QPushButton(text);
    made->setObjectName(QLatin1String(name));
    return made;
}
QListWidget* namedList(const char* name, const QString& spoken) {
    auto* made = new QListWidget;
    made->setObjectName(QLatin1String(name));
    made->setAccessibleName(spoken);
    made->setWordWrap(true);
    made->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return made;
}

} // namespace

Workshop::Workshop(Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), desk_(new SkillDesk(workspace, this)) {
    setObjectName(QStringLiteral("workshop"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* top = new QHBoxLayout;
    skills_ = new QComboBox;
    skills_->setObjectName(QStringLiteral("ownSkills"));
    skills_->setAccessibleName(tr("Skills of your own"));
    skills_->setMinimumContentsLength(18);
    top->addWidget(skills_);
    auto* give = namedButton("giveSkill", tr("Give it out…"));
    auto* remove = namedButton("removeSkill", tr("Remove"));
    top->addWidget(give);
    top->addWidget(remove);
    top->addSpacing(16);
    newName_ = new QLineEdit;
    newName_->setObjectName(QStringLiteral("newSkillName"));
    newName_->setPlaceholderText(tr("name of a new skill"));
    newName_->setAccessibleName(tr("Name of a new skill"));
    top->addWidget(newName_, 1);
    begin_ = namedButton("makeSkill", tr("Make a skill of this case"));
    top->addWidget(begin_);
    auto* file = namedButton("takeSkill", tr("Take one from a file…"));
    top->addWidget(file);
    column->addLayout(top);

    whole_ = new QStackedWidget;
    none_ = label({});
    none_->setObjectName(QStringLiteral("workshopEmpty"));
    none_->setWordWrap(true);
    none_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    none_->setContentsMargins(8, 24, 120, 0);
    whole_->addWidget(none_);
    auto* columns = new QWidget;
    auto* across = new QHBoxLayout(columns);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(12);
    auto *left = new QWidget, *middle = new QWidget, *right = new QWidget;
    left->setFixedWidth(kLeftWide);
    right->setFixedWidth(kRightWide);
    buildLeft(left);
    buildMiddle(middle);
    buildRight(right);
    across->addWidget(left);
    across->addWidget(middle, 1);
    across->addWidget(right);
    whole_->addWidget(columns);
    column->addWidget(whole_, 1);

    connect(desk_, &SkillDesk::changed, this, [this] {
        fillSkills();
        fillSections();
        fillMissing();
        if (desk_->isOpen()) {
            stage_->show(desk_->cyclePack());
            causes_->setPack(desk_->pack());
        }
        ladder_->refresh();
        changes_->refresh();
        fillParts();
        showArrow();
        emit headlineChanged();
    });
    connect(skills_, &QComboBox::activated, this, [this](int) { desk_->open(skills_->currentData().toLongLong()); });
    const auto begin = [this] {
        const QString title = newName_->text().trimmed();
        if (title.isEmpty()) {
            newName_->setFocus();
            workspace_.say(tr("Write the name of the new skill first."), true);
            return;
        }
        if (desk_->begin(title)) {
            newName_->clear();
            showSection(Section::Positions);
        }
    };
    connect(begin_, &QPushButton::clicked, this, begin);
    connect(newName_, &QLineEdit::returnPressed, this, begin);
    connect(file, &QPushButton::clicked, this, &Workshop::takeFile);
    connect(give, &QPushButton::clicked, this, &Workshop::giveFile);
    connect(remove, &QPushButton::clicked, this, [this] {
        if (desk_->isOpen() && desk_->remove())
            workspace_.say(tr("The skill is removed; cases that use it keep it. Undo brings it back."));
    });
    showSection(Section::Positions);
}

void Workshop::buildLeft(QWidget* left) {
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    sections_ = namedList("workshopSections", tr("Parts of the skill"));
    constexpr int kSections = static_cast<int>(Section::Cases) + 1, kAroundRow = 13;
    for (int i = 0; i < kSections; ++i)
        sections_->addItem(QString()); // fillSections writes them
    sections_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    sections_->setFixedHeight(kSections * (2 * fontMetrics().lineSpacing() + kAroundRow));
    column->addWidget(sections_);
    column->addWidget(label(tr("STILL MISSING"), theme::kHeading));
    missing_ = namedList("workshopMissing", tr("What is wrong, or still missing"));
    column->addWidget(missing_, 1);
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("skillState"));
    state_->setWordWrap(true);
    column->addWidget(state_);
    follow_ = namedButton("followSkill", tr("Try it on this case"));
    follow_->setCheckable(true);
    column->addWidget(follow_);
    keep_ = namedButton("keepEdition", {});
    column->addWidget(keep_);
    connect(sections_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!filling_ && row >= 0)
            showSection(static_cast<Section>(row));
    });
    connect(missing_, &QListWidget::itemClicked, this,
            [this](QListWidgetItem* item) { goToMissing(missing_->row(item)); });
    connect(missing_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* item) { goToMissing(missing_->row(item)); });
    connect(keep_, &QPushButton::clicked, this, [this] { (void)desk_->keepEdition(); });
    connect(follow_, &QPushButton::clicked, this, [this](bool on) {
        (void)desk_->follow(on);
        follow_->setChecked(desk_->caseFollows());
    });
}

void Workshop::buildMiddle(QWidget* middle) {
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    middle_ = new QStackedWidget;
    column->addWidget(middle_);

    auto* pointing = new QWidget;
    auto* inner = new QVBoxLayout(pointing);
    inner->setContentsMargins(0, 0, 0, 0);
    inner->setSpacing(6);
    stage_ = new ModelStage(workspace_);
    inner->addWidget(stage_, 1);
    below_ = new QStackedWidget;
    rules_ = new RuleBox(workspace_, *desk_, *stage_);
    below_->addWidget(rules_);
    auto* offers = new QWidget;
    auto* list = new QVBoxLayout(offers);
    list->setContentsMargins(0, 0, 0, 0);
    list->setSpacing(4);
    auto* bar = new QHBoxLayout;
    offersHeading_ = label(tr("WHAT CAN BE MEASURED"), theme::kHeading);
    bar->addWidget(offersHeading_, 1);
    when_ = new QComboBox;
    when_->setObjectName(QStringLiteral("offerWhen"));
    when_->setAccessibleName(tr("When it is measured"));
    when_->setMinimumContentsLength(20);
    bar->addWidget(when_);
    ranges_ = namedButton("measureRanges", tr("Measure all ranges"));
    bar->addWidget(ranges_);
    list->addLayout(bar);
    offers_ = namedList("measureOffers", tr("Measures offered"));
    offers_->setFixedHeight(5 * (fontMetrics().lineSpacing() + 10));
    list->addWidget(offers_);
    below_->addWidget(offers);
    auto* lines = new QWidget;
    auto* line = new QHBoxLayout(lines);
    line->setContentsMargins(0, 0, 0, 0);
    lineName_ = new QLineEdit;
    lineName_->setObjectName(QStringLiteral("lineName"));
    lineName_->setPlaceholderText(tr("a reference line through the two points clicked: its name, then Enter"));
    lineName_->setAccessibleName(tr("Name of a reference line"));
    line->addWidget(lineName_);
    below_->addWidget(lines);
    below_->addWidget(new QWidget);
    connect(lineName_, &QLineEdit::returnPressed, this, &Workshop::addLine);
    inner->addWidget(below_);
    middle_->addWidget(pointing);

    auto* faults = new QWidget;
    auto* drawing = new QVBoxLayout(faults);
    drawing->setContentsMargins(0, 0, 0, 0);
    drawing->addWidget(label(tr("WHAT CAUSES WHAT: DRAG FROM A CAUSE TO WHAT FOLLOWS FROM IT"), theme::kHeading));
    causes_ = new CauseDrawing;
    drawing->addWidget(scrolled(causes_), 1);
    arrowRow_ = new QWidget;
    auto* arrow = new QVBoxLayout(arrowRow_);
    arrow->setContentsMargins(0, 0, 0, 0);
    arrowSaid_ = label({}, theme::kStrong);
    arrowSaid_->setWordWrap(true);
    arrow->addWidget(arrowSaid_);
    auto* words = new QHBoxLayout;
    weight_ = new QComboBox;
    weight_->setObjectName(QStringLiteral("arrowWeight"));
    weight_->setAccessibleName(tr("How often it is the cause"));
    for (const auto& [text, value] : {std::pair(tr("seldom"), .3), {tr("often"), .5}, {tr("nearly always"), .8}})
        weight_->addItem(text, value);
    words->addWidget(weight_);
    because_ = new QLineEdit;
    because_->setObjectName(QStringLiteral("arrowBecause"));
    because_->setPlaceholderText(tr("because …"));
    because_->setAccessibleName(tr("Why it is the cause"));
    words->addWidget(because_, 1);
    removeArrow_ = namedButton("removeArrow", tr("Remove the arrow"));
    words->addWidget(removeArrow_);
    arrow->addLayout(words);
    drawing->addWidget(arrowRow_);
    middle_->addWidget(faults);

    ladder_ = new LadderBox(*desk_);
    middle_->addWidget(ladder_);
    changes_ = new ChangesBox(workspace_, *desk_);
    middle_->addWidget(changes_);

    connect(stage_, &ModelStage::pickedChanged, this, &Workshop::showOffers);
    connect(when_, &QComboBox::activated, this, [this](int) {
        if (const QString when = when_->currentData().toString(); when.startsWith(QLatin1String("event:")))
            stage_->goToEvent(when.section(u':', 1).toStdString());
        showOffers();
    });
    connect(ranges_, &QPushButton::clicked, this, &Workshop::measureRanges);
    connect(offers_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) { takeOffer(offers_->row(item)); });
    connect(offers_, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* item) { takeOffer(offers_->row(item)); });
    connect(causes_, &CauseDrawing::faultClicked, this,
            [this](const QString& fault) { choosePart(fault.toStdString()); });
    connect(causes_, &CauseDrawing::arrowDrawn, this, &Workshop::drawArrow);
    connect(causes_, &CauseDrawing::arrowChosen, this, &Workshop::showArrow);
    connect(weight_, &QComboBox::activated, this, &Workshop::keepArrow);
    connect(because_, &QLineEdit::editingFinished, this, &Workshop::keepArrow);
    connect(removeArrow_, &QPushButton::clicked, this, [this] {
        const auto [cause, fault] = causes_->arrow();
        const Json* part = fault.empty() ? nullptr : desk_->draft().part(PartList::Faults, fault);
        if (!part)
            return;
        Json left = Json::array();
        for (const Json& own : part->value("causes", Json::array()))
            if (own.value("fault", Json()) != Json(cause))
                left.push_back(own);
        (void)desk_->setKey(tr("An arrow removed"), PartList::Faults, fault, "causes", left.empty() ? Json() : left);
    });
    connect(ladder_, &LadderBox::drillChosen, this, [this] {
        if (section_ == Section::Ladders)
            choosePart(ladder_->drill());
    });
}

void Workshop::buildRight(QWidget* right) {
    auto* column = new QVBoxLayout(right);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* head = new QHBoxLayout;
    partsHeading_ = label({}, theme::kHeading);
    head->addWidget(partsHeading_, 1);
    take_ = namedButton("takePart", tr("Take out (Del)"));
    head->addWidget(take_);
    column->addLayout(head);
    parts_ = namedList("workshopParts", tr("Parts"));
    parts_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    column->addWidget(parts_, 2);
    ownPoint_ = new QLineEdit;
    ownPoint_->setObjectName(QStringLiteral("ownPoint"));
    ownPoint_->setPlaceholderText(tr("a point of your own: its name, then Enter"));
    ownPoint_->setAccessibleName(tr("Name of a point of your own"));
    column->addWidget(ownPoint_);
    connect(ownPoint_, &QLineEdit::returnPressed, this, &Workshop::addOwnPoint);
    form_ = new PartForm(*desk_);
    column->addWidget(scrolled(form_), 3);
    connect(form_, &PartForm::written, stage_, [this] { stage_->setFocus(); }); // keys are the page's again
    connect(parts_, &QListWidget::currentRowChanged, this, [this](int) {
        if (!filling_)
            showPart();
    });
    connect(parts_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        if (filling_ || section_ != Section::Points)
            return;
        const std::string id = item->data(Qt::UserRole).toString().toStdString();
        takePoint(id, item->checkState() == Qt::Checked);
    });
    connect(take_, &QPushButton::clicked, this, &Workshop::takePart);
}

void Workshop::forget() {
    desk_->forget();
    stage_->forget();
}

void Workshop::refresh() { desk_->refresh(); }

void Workshop::fillSkills() {
    skills_->clear();
    for (const OwnSkill& skill : desk_->skills()) {
        skills_->addItem(skill.title.isEmpty() ? tr("without a name") : skill.title, qlonglong(skill.id));
        if (desk_->isOpen() && skill.id == desk_->skill().id)
            skills_->setCurrentIndex(skills_->count() - 1);
    }
    skills_->setEnabled(skills_->count() > 0);
    for (const char* name : {"giveSkill", "removeSkill"})
        findChild<QPushButton*>(QLatin1String(name))->setEnabled(desk_->isOpen());
    begin_->setEnabled(workspace_.hasCase());
    whole_->setCurrentIndex(desk_->isOpen() ? 1 : 0);
    none_->setText(tr(
        "<p><b>No skill of your own yet.</b></p><p>Open a case with a model, or with the athlete's best repetitions "
        "marked as best: one begun with <i>Any movement</i>, or with a skill that comes near. Write a name above and "
        "press <i>Make a skill of this case</i>. Its marks stay; then</p><ol><li>name the positions on the "
        "picture,</li><li>click points to measure between them,</li><li>let the ranges be measured on the "
        "model,</li><li>say what too much and too little is called,</li><li>draw what causes what,</li><li>choose "
        "drills.</li></ol><p>At every step the case is judged by it as far as it goes. A skill from somebody else is "
        "data: it is checked and shown before it is taken.</p>"));
    if (!desk_->isOpen())
        return;
    const bool sound = desk_->reading().faults.empty();
    const bool changed = desk_->changedSinceKept();
    keep_->setText(changed ? tr("Keep as edition %1").arg(desk_->nextEdition())
                           : tr("Kept as edition %1").arg(desk_->nextEdition()));
    keep_->setEnabled(sound && changed);
    follow_->setEnabled(workspace_.hasCase());
    follow_->setChecked(desk_->caseFollows());
    state_->setText(!sound ? tr("Not yet whole: the case is judged by what was last sound.")
                    : desk_->skill().editions.empty()
                        ? tr("A draft; no edition kept yet.")
                        : words::counted(desk_->skill().editions.size(), tr("edition kept"), tr("editions kept")));
}

QString Workshop::headline() const {
    if (!desk_->isOpen())
        return tr("Skills of your own are made here. <b>Next: open a case with a model, and make a skill of it.</b>");
    const Pack& pack = desk_->pack();
    const QString what =
        tr("%1: %2, %3, %4.")
            .arg(words::text(pack.title), words::counted(pack.events.size(), tr("position"), tr("positions")),
                 words::counted(pack.measures.size(), tr("measure"), tr("measures")),
                 words::counted(pack.faults.size(), tr("fault"), tr("faults")));
    const QString next = !desk_->reading().faults.empty() ? tr("Next: mend what is wrong, at the left.")
                         : pack.measures.empty()          ? tr("Next: click two or three points to measure something.")
                         : pack.faults.empty()  ? tr("Next: say what too much or too little of a measure is called.")
                         : pack.ladders.empty() ? tr("Next: choose drills for a fault.")
                                                : tr("Next: keep it as an edition.");
    return QStringLiteral("%1 <b>%2</b>").arg(what, next);
}

} // namespace riflesso
