// The evidence of the chosen finding.

#include "app/findings/findings_page.h"

#include "app/athlete/belief_box.h"
#include "app/theme.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/group_rulers.h"
#include "app/widgets/sign_label.h"
#include "core/measure/measure_set.h"
#include "report/case_groups.h"
#include "report/words.h"
#include "store/ask_again.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {

QString choiceWords(Decision::Choice choice) {
    switch (choice) {
    case Decision::Choice::WorkOn:
        return FindingsPage::tr("work on");
    case Decision::Choice::Park:
        return FindingsPage::tr("park");
    case Decision::Choice::WorkRound:
        return FindingsPage::tr("work round");
    case Decision::Choice::NotAFault:
        break;
    }
    return FindingsPage::tr("not a fault");
}

QString decisionWords(const Decision& decision) {
    const QString choice = choiceWords(decision.choice);
    if (decision.until.isEmpty())
        return choice;
    return (asksAgain(decision, QDate::currentDate()) ? FindingsPage::tr("%1 until %2, which has come: decide anew")
                                                      : FindingsPage::tr("%1 until %2"))
        .arg(choice, decision.until);
}

namespace {

/// What a change of the order leaves as it was: equal texts, equal evidence.
QString keyOf(const Workspace& workspace, const Finding& finding) {
    QStringList parts = {QString::number(workspace.measuring()),
                         words::text(finding.fault),
                         look::wordOf(look::signOf(finding.state)),
                         words::ofText(finding.shown, finding.judged),
                         theme::colours().ink.name(),
                         QString::number(workspace.session().value),
                         QString::number(finding.changedTarget),
                         QString::number(workspace.data().athlete.willingness)};
    // A coach's own target moves references and tolerances, and nothing is measured again.
    for (const SetDeviation& set : workspace.assessment()->deviations) {
        const Reference& reference = set.reference;
        parts << QString::number(static_cast<int>(set.state)) << QString::number(set.tolerance, 'g', 17)
              << QString::number(set.deviation, 'g', 17) << QString::number(reference.low.value_or(0), 'g', 17)
              << QString::number(reference.high.value_or(0), 'g', 17) << words::text(reference.provenance);
    }
    return parts.join(u'|');
}

} // namespace

void FindingsPage::showEvidence() {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    const FaultDef* def = data.pack.fault(fault_);
    const Finding* finding = assessment ? assessment->findings.find(fault_) : nullptr;
    for (QPushButton* button : {work_, park_, round_, notFault_})
        button->setEnabled(finding != nullptr);
    if (!def || !finding)
        return;
    if (const QString key = keyOf(workspace(), *finding); key != shownEvidence_) {
        shownEvidence_ = key;
        showMeasured(*def, *finding);
    }
    QStringList believed;
    for (const Belief& belief : data.beliefs) {
        const SetDeviation* set = assessment->deviation(belief.measure);
        const MeasureDef* measure = data.pack.measure(belief.measure);
        if (!set || !measure || belief.whose == Guesser::Forecast ||
            belief.measure != leadingMeasure(data.pack, *assessment, *def))
            continue;
        QString line = tr("%1: \"%2\"").arg(guessName(belief.whose), belief.words.toHtmlEscaped());
        if (belief.value)
            line += tr(", about %1").arg(words::named(*measure, *belief.value));
        believed << line + tr(". Measured: <b>%1</b>.").arg(words::withU(*measure, set->median, set->expandedU));
    }
    belief_->setText(believed.join(QStringLiteral("<br>")));
    belief_->setVisible(!believed.isEmpty());
    const Decision* decision = decisionOn(fault_);
    decided_->setText(decision
                          ? tr("Decided on %1: %2%3")
                                .arg(words::moment(decision->at), decisionWords(*decision),
                                     decision->reason.isEmpty() ? QString() : QStringLiteral(" — ") + decision->reason)
                          : tr("Not decided yet. The program ranks; you decide."));
    open_->setEnabled(decision != nullptr);
    for (const auto& [button, choice] : {std::pair{work_, Decision::Choice::WorkOn},
                                         {park_, Decision::Choice::Park},
                                         {round_, Decision::Choice::WorkRound},
                                         {notFault_, Decision::Choice::NotAFault}}) {
        button->setCheckable(true);
        button->setChecked(decision && decision->choice == choice);
    }
}

void FindingsPage::showMeasured(const FaultDef& def, const Finding& finding) {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    title_->setText(QStringLiteral("%1 <span style='font-size:10pt; color:%2'>%3, %4</span>")
                        .arg(words::text(def.title).toHtmlEscaped(), theme::colours().deviation.name(),
                             look::wordOf(look::signOf(finding.state)),
                             tr("shown in %1").arg(words::ofText(finding.shown, finding.judged))));
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    const auto said = [&](const std::string& text) { return words::said(text, sides); };
    explain_->setText(said(def.explain) + (def.see.empty() ? QString() : u' ' + said(def.see)));
    notThis_->setText(tr("Only looks like it: %1").arg(said(def.notThis)));
    notThis_->setVisible(!def.notThis.empty());
    safety_->setText(words::text(def.safetyText));
    safety_->setVisible(!def.safetyText.empty());
    shownPictures_ = evidencePictures(data, *assessment, def);
    showPictures();
    clearLayout(rulers_);
    std::string firstRuled;
    const std::function<void(const std::string&)> addRuler = [&](const std::string& id) {
        const SetDeviation* set = assessment->deviation(id);
        const std::optional<MeasureDef> measure = data.pack.judgedAs(id);
        if (set && measure) {
            if (firstRuled.empty())
                firstRuled = id;
            auto* row = new QHBoxLayout;
            auto* text = label(QStringLiteral("<a href='x' style='color:%1; text-decoration:none'>%2</a><br><span "
                                              "style='color:%3; font-size:8.5pt'>%4</span>")
                                   .arg(theme::colours().ink.name(), words::text(measure->title).toHtmlEscaped(),
                                        theme::colours().slate.name(), words::referenceText(*measure, *set)));
            text->setFixedWidth(190);
            connect(text, &QLabel::linkActivated, this, [this, id = words::text(id)] { emit why(id); });
            row->addWidget(text);
            auto* ruler = new DeviationRuler;
            ruler->setSet(*measure, *set);
            connect(ruler, &DeviationRuler::repetitionClicked, this, [this](const QString& trial) {
                workspace().selectRepetition(repetitionId(trial.toStdString()));
                emit goTo(QStringLiteral("mark"));
            });
            row->addWidget(ruler, 1);
            row->addWidget(new SignLabel(look::signOf(set->state)));
            auto* value = label(QStringLiteral("<b>%1</b>").arg(words::withU(*measure, set->median, set->expandedU)));
            value->setWordWrap(false);
            row->addWidget(value);
            rulers_->addLayout(row);
        }
        // What a set has once is seen in its repetitions.
        if (measure && isSetKind(measure->kind) && !measure->ofMeasure.empty())
            addRuler(measure->ofMeasure);
    };
    const std::function<void(const ConditionTree&)> addRulers = [&](const ConditionTree& node) {
        if (node.shape == ConditionTree::Shape::Leaf && node.leaf.subject == Condition::Subject::Measure) {
            addRuler(node.leaf.id);
        } else if (node.shape == ConditionTree::Shape::Leaf && node.leaf.subject == Condition::Subject::Observation) {
            const ObservationDef* observation = data.pack.observation(node.leaf.id);
            std::map<std::string, int> counts;
            for (const Trial& trial : workspace().trials())
                if (const auto seen = trial.observations.find(node.leaf.id); seen != trial.observations.end())
                    ++counts[seen->second];
            QStringList parts;
            for (const auto& [word, count] : counts)
                parts << QStringLiteral("%1 %2").arg(words::text(word)).arg(count);
            if (observation)
                rulers_->addWidget(
                    label(tr("%1: %2").arg(words::text(observation->title),
                                           parts.isEmpty() ? tr("not judged") : parts.join(QStringLiteral(", "))),
                          theme::kQuiet));
        }
        for (const ConditionTree& member : node.members)
            addRulers(member);
    };
    addRulers(def.when);
    addOtherTarget(finding, firstRuled);
    showConditions(def);
}

void FindingsPage::addOtherTarget(const Finding& finding, const std::string& measure) {
    const Athlete& athlete = workspace().data().athlete;
    constexpr double kWilling = 0.5;
    if ((!finding.changedTarget && athlete.willingness >= kWilling) || measure.empty())
        return;
    auto* row = new QHBoxLayout;
    row->addWidget(
        label(finding.changedTarget
                  ? tr("A limit of the athlete stands against drilling this: change the target, work round it "
                       "for now, or say until when and ask again.")
                  : tr("The athlete is hardly willing to change the technique: change the target, work round it "
                       "for now, or say until when and ask again."),
              theme::kQuiet),
        1);
    auto* button = new QPushButton(tr("Change the target…"));
    button->setObjectName(QStringLiteral("changeTarget"));
    connect(button, &QPushButton::clicked, this, [this, id = words::text(measure)] { emit changeTarget(id); });
    row->addWidget(button, 0, Qt::AlignTop);
    rulers_->addLayout(row);
}

void FindingsPage::showConditions(const FaultDef& def) {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    const std::string id = leadingMeasure(data.pack, *assessment, def);
    const SetDeviation* set = assessment->deviation(id);
    std::vector<GroupDeviation> groups;
    if (set && workspace().stressLevels().size() > 1)
        groups =
            deviationsOfGroups(data.pack, *data.pack.judgedAs(id), set->reference,
                               groupsOf(data, workspace().session(), {}, GroupBy::Condition), assessment->cutoff.hz);
    conditions_->setVisible(groups.size() > 1);
    if (groups.size() > 1)
        conditions_->show(*data.pack.judgedAs(id), groups, tr("BY CONDITION"));
}

} // namespace riflesso
