#include "app/plan/rung_card.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/limit_words.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString small(const QString& text, const QColor& colour) {
    return QStringLiteral("<span style='color:%1; font-size:8.5pt'>%2</span>").arg(colour.name(), text);
}

} // namespace

QString startBecauseWords(const Pack& pack, const Focus& focus) {
    const DrillDef* practised = pack.drill(focus.practised);
    const QString drill = practised ? words::text(practised->title) : words::text(focus.practised);
    switch (focus.startBecause) {
    case StartBecause::Mastered:
        return RungCard::tr("Begun where it is: %1 is mastered (shown in a quarter or fewer), so this is the last step "
                            "under it.")
            .arg(focus.mastered ? words::stressName(*focus.mastered) : QString());
    case StartBecause::TempoFirst:
        return RungCard::tr("Begun where it is: this plan practises at match tempo from the first day; the steps "
                            "before are to fall back on.");
    case StartBecause::Passed:
        return RungCard::tr("Begun where practice has come to: \"%1\" is passed, %2 good.")
            .arg(drill, words::ofText(focus.practisedGood, focus.practisedAll));
    case StartBecause::Eased:
        return RungCard::tr("One step easier: \"%1\" went badly in the last block, %2 good.")
            .arg(drill, words::ofText(focus.practisedGood, focus.practisedAll));
    case StartBecause::Nothing:
        break;
    }
    return RungCard::tr("Begun on the first step: no condition is known in which the fault is mastered.");
}

RungCard::RungCard(const RungContent& content, QWidget* parent) : QWidget(parent) {
    const DrillDef& drill = *content.data.pack.drill(content.rung.drill);
    const bool start = content.rung.startHere;
    setAttribute(Qt::WA_StyledBackground);
    setObjectName(QStringLiteral("rung-") + words::text(drill.id));
    setStyleSheet(QStringLiteral("#%1 { background: %2; border-left: 4px solid %3; }")
                      .arg(objectName(), (start ? theme::colours().athleteSoft : theme::colours().raised).name(),
                           (start ? theme::colours().athlete : theme::colours().hairline).name()));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 6, 10, 6);
    column->setSpacing(2);
    int good = 0, all = 0;
    for (const PracticeBlock& block : content.data.practice)
        if (block.kind == PracticeKind::Practice && block.fault == content.focus.fault && block.drill == drill.id) {
            all += block.all();
            good += block.good();
        }
    QStringList underTitle{words::stageName(drill.stage), words::doseText(drill.dose)};
    if (!content.rung.insteadOf.empty())
        underTitle << tr("in place of %1")
                          .arg(words::text(content.data.pack.drill(content.rung.insteadOf)->title).toHtmlEscaped());
    auto* top = new QHBoxLayout;
    top->addWidget(
        label(QStringLiteral("<b>%1  %2</b>%3 %4")
                  .arg(content.step)
                  .arg(words::text(drill.title).toHtmlEscaped(), start ? tr(" <b>· start here</b>") : QString(),
                       small(underTitle.join(QStringLiteral(" · ")), theme::colours().slate))),
        1);
    auto* more = new QPushButton(content.unfolded ? tr("Less") : tr("More"));
    more->setObjectName(QStringLiteral("more-") + words::text(drill.id));
    more->setAccessibleName(tr("All about %1").arg(words::text(drill.title)));
    connect(more, &QPushButton::clicked, this, [this, open = !content.unfolded] { emit unfold(open); });
    auto* button = new QPushButton(all ? tr("Practise · %1 good").arg(words::ofText(good, all)) : tr("Practise"));
    button->setObjectName(QStringLiteral("practise-") + words::text(drill.id));
    connect(button, &QPushButton::clicked, this, &RungCard::practise);
    for (QPushButton* each : {more, button}) {
        each->setFocusPolicy(Qt::TabFocus);
        each->setStyleSheet(QStringLiteral("padding: 3px 8px;"));
        top->addWidget(each, 0, Qt::AlignTop);
    }
    column->addLayout(top);
    addCue(*column, content, drill);
    if (content.unfolded)
        addDetails(*column, content, drill);
    QStringList cautions;
    for (const std::string& caution : drill.cautions)
        cautions << words::text(caution);
    if (!cautions.isEmpty()) {
        auto* line = label(cautions.join(u' '), theme::kSafety);
        line->setStyleSheet(QStringLiteral("font-size: 8.5pt; color: %1;").arg(theme::colours().safety.name()));
        column->addWidget(line);
    }
}

void RungCard::addCue(QVBoxLayout& column, const RungContent& content, const DrillDef& drill) {
    const auto sides = rolesByHand(content.data.pack, content.data.athlete.handedness);
    const QString id = words::text(drill.id);
    auto* cue = label(QStringLiteral("%1 <a href='x' style='color:%2; font-size:8.5pt'>%3</a>  %4")
                          .arg(words::quoted(words::said(drill.cue, sides)).toHtmlEscaped(),
                               theme::colours().slate.name(), tr("in own words"),
                               QStringLiteral("<span style='color:%1'>%2 %3</span>")
                                   .arg(theme::colours().slate.name(), drill.good.empty() ? QString() : tr("Good:"),
                                        words::said(drill.good, sides).toHtmlEscaped())));
    cue->setObjectName(QStringLiteral("cue-") + id);
    cue->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    column.addWidget(cue);
    auto* edit = new QLineEdit(words::text(drill.cue));
    edit->setObjectName(QStringLiteral("ownCue-") + id);
    edit->setAccessibleName(tr("Cue in the athlete's own words"));
    edit->setToolTip(tr("As the athlete would say it. Empty: the pack's own again."));
    edit->hide();
    column.addWidget(edit);
    connect(cue, &QLabel::linkActivated, edit, [edit] {
        edit->show();
        edit->setFocus();
        edit->selectAll();
    });
    connect(edit, &QLineEdit::returnPressed, this, [this, edit] { emit cueKept(edit->text().trimmed()); });
    if (const auto own = content.data.cues.find(drill.id); own != content.data.cues.end())
        column.addWidget(label(tr("The athlete's own words; the pack says: \"%1\"")
                                   .arg(words::said(own->second.ofPack.toStdString(), sides).toHtmlEscaped()),
                               theme::kQuiet));
}

void RungCard::addDetails(QVBoxLayout& column, const RungContent& content, const DrillDef& drill) {
    const auto sides = rolesByHand(content.data.pack, content.data.athlete.handedness);
    const auto add = [&](const QString& name, const QString& text) {
        if (!text.isEmpty())
            column.addWidget(
                label(small(QStringLiteral("<b>%1</b> %2").arg(name, text.toHtmlEscaped()), theme::colours().ink)));
    };
    const auto said = [&](const std::string& text) { return words::said(text, sides); };
    if (content.rung.startHere)
        column.addWidget(
            label(small(startBecauseWords(content.data.pack, content.focus).toHtmlEscaped(), theme::colours().ink)));
    add(tr("Why:"), said(drill.why));
    add(tr("Feels:"), said(drill.feels));
    add(tr("Gone wrong:"), said(drill.wrong));
    add(tr("Feeding:"), said(drill.feeding));
    add(tr("Easier:"), said(drill.easier));
    add(tr("Harder:"), said(drill.harder));
    QStringList with{words::stressName(drill.stress)};
    for (const auto& [id, value] : drill.conditions)
        with << QStringLiteral("%1: %2").arg(words::kept(id), words::kept(value));
    for (const std::string& need : drill.needs)
        with << words::kept(need);
    with << (drill.partner ? tr("with a partner") : tr("alone"));
    add(tr("Condition:"), with.join(QStringLiteral(" · ")));
    QStringList notFor;
    for (const LimitRule& rule : drill.notFor)
        notFor << words::rule(rule);
    add(tr("Not with limits of:"), notFor.join(QStringLiteral("; ")));
}

} // namespace riflesso
