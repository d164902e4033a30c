#include "app/athlete/skills_box.h"

#include "app/packs/shipped_packs.h"
#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QPushButton>

namespace riflesso {
namespace {

QString decisionWords(const std::optional<Decision::Choice>& choice) {
    if (!choice)
        return SkillsBox::tr("not decided there");
    return *choice == Decision::Choice::WorkOn ? SkillsBox::tr("worked on there")
           : *choice == Decision::Choice::Park ? SkillsBox::tr("parked there")
                                               : SkillsBox::tr("not a fault there");
}

} // namespace

SkillsBox::SkillsBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("SKILLS"), theme::kHeading));
    list_ = new QVBoxLayout;
    list_->setSpacing(4);
    layout->addLayout(list_);
    skill_ = new ChoiceBox;
    skill_->setObjectName(QStringLiteral("anotherSkill"));
    skill_->setAccessibleName(tr("Another skill of this athlete"));
    skill_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    auto* add = new QPushButton(tr("Add this skill"));
    add->setObjectName(QStringLiteral("addSkill"));
    auto* row = new QHBoxLayout;
    row->addWidget(skill_, 1);
    row->addWidget(add);
    layout->addLayout(row);
    connect(add, &QPushButton::clicked, this, &SkillsBox::add);
}

void SkillsBox::refresh() {
    if (skill_->count() == 0)
        for (const ShippedPack& pack : shippedPacks())
            skill_->addItem(pack.title, pack.text);
    clearLayout(list_);
    const CaseData& data = workspace_.data();
    list_->addWidget(label(tr("<b>%1</b>, open here").arg(words::kept(data.title.toStdString()).toHtmlEscaped())));
    const auto others = workspace_.library()->otherSkills(data);
    if (!others) {
        list_->addWidget(label(words::text(others.error().sentence()).toHtmlEscaped(), theme::kQuiet));
        return;
    }
    for (const OtherSkill& other : *others) {
        QStringList shared;
        for (const SharedFault& fault : other.shared)
            shared << tr("%1 (%2)").arg(fault.title, decisionWords(fault.there));
        auto* row = new QHBoxLayout;
        auto* text = label(QStringLiteral("<b>%1</b><br>%2")
                               .arg(words::kept(other.title.toStdString()).toHtmlEscaped(),
                                    shared.isEmpty()
                                        ? tr("No fault in common.")
                                        : tr("In common: %1.").arg(shared.join(QStringLiteral("; ")).toHtmlEscaped())));
        text->setObjectName(QStringLiteral("otherSkill"));
        row->addWidget(text, 1);
        auto* open = new QPushButton(tr("Open"));
        open->setAccessibleName(tr("Open %1").arg(words::kept(other.title.toStdString())));
        connect(open, &QPushButton::clicked, this, [this, id = other.id] { workspace_.selectCase(id); });
        row->addWidget(open);
        list_->addLayout(row);
    }
}

void SkillsBox::add() {
    if (skill_->currentIndex() < 0)
        return;
    const AthleteId athlete = workspace_.data().athlete.id;
    CaseId made;
    const bool done = workspace_.apply(tr("Add a skill"), [&](Edit& edit) -> Result<void> {
        const QString pack = skill_->currentData().toString();
        const auto id = edit.addCase(athlete, titleInFile(pack), pack);
        if (!id)
            return id.error();
        made = *id;
        if (const auto school = edit.setSchool(made, settings::newSchool()); !school)
            return school;
        const auto session = edit.addSession(made, QDate::currentDate(), tr("Baseline"), false);
        return session ? Result<void>() : Result<void>(session.error());
    });
    if (done)
        workspace_.selectCase(made);
}

} // namespace riflesso
