#include "app/practice/told_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

std::vector<LoggedRepetition> logged(const std::vector<PracticeRepetition>& block) {
    std::vector<LoggedRepetition> out;
    for (const PracticeRepetition& r : block)
        out.push_back({r.good, r.result, r.feltRight, r.told});
    return out;
}

} // namespace

QString schoolName(FeedbackSchool school) {
    switch (school) {
    case FeedbackSchool::Faded:
        return ToldPanel::tr("faded");
    case FeedbackSchool::Bandwidth:
        return ToldPanel::tr("outside the band only");
    case FeedbackSchool::Summary:
        return ToldPanel::tr("a summary after six");
    case FeedbackSchool::Asked:
        break;
    }
    return ToldPanel::tr("when the athlete asks");
}

ToldPanel::ToldPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(tr("HOW OFTEN TOLD"), theme::kHeading));
    school_ = new ChoiceBox;
    school_->setObjectName(QStringLiteral("feedbackSchool"));
    school_->setAccessibleName(tr("How feedback is spread"));
    school_->setFocusPolicy(Qt::TabFocus);
    for (const FeedbackSchool school :
         {FeedbackSchool::Faded, FeedbackSchool::Bandwidth, FeedbackSchool::Summary, FeedbackSchool::Asked})
        school_->addItem(schoolName(school), static_cast<int>(school));
    school_->setToolTip(
        tr("Faded: often at first, then less as more is good (Winstein and Schmidt 1990). Outside the band only: after "
           "one that was not good (Lee and Carnahan 1990). A summary after several (Salmoni, Schmidt and Walter 1984). "
           "When the athlete asks (Janelle and others 1997). How hard the task is matters (Guadagnoli and Lee 2004). "
           "The evidence is mixed: against a general rule for complex skills Wulf and Shea 2002, and small or no "
           "effects in the meta-analyses of McKay and others 2022. Sources from memory. The coach chooses."));
    layout->addWidget(school_);
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("feedbackReason"));
    reason_->setPlaceholderText(tr("why this way"));
    reason_->setAccessibleName(tr("Why feedback is spread this way"));
    layout->addWidget(reason_);
    told_ = label({});
    told_->setObjectName(QStringLiteral("toldSoFar"));
    layout->addWidget(told_);
    next_ = label({}, theme::kQuiet);
    next_->setObjectName(QStringLiteral("toldNext"));
    layout->addWidget(next_);
    always_ = label({}, theme::kQuiet);
    always_->setObjectName(QStringLiteral("toldAlways"));
    layout->addWidget(always_);
    layout->addSpacing(6);
    layout->addWidget(label(tr("FELT AGAINST SEEN"), theme::kHeading));
    felt_ = label({}, theme::kQuiet);
    felt_->setObjectName(QStringLiteral("feltInPractice"));
    layout->addWidget(felt_);
    connect(school_, &QComboBox::activated, this, &ToldPanel::keep);
    connect(reason_, &QLineEdit::editingFinished, this, &ToldPanel::keep);
}

void ToldPanel::keep() {
    PlanSettings plan = workspace_.data().plan;
    const auto school = static_cast<FeedbackSchool>(school_->currentData().toInt());
    if (plan.feedback == school && plan.feedbackReason == reason_->text().trimmed())
        return;
    plan.feedback = school;
    plan.feedbackReason = reason_->text().trimmed();
    workspace_.apply(tr("Feedback: %1").arg(schoolName(school)),
                     [id = workspace_.data().id, plan](Edit& edit) { return edit.setPlan(id, plan); });
}

void ToldPanel::setBlock(const std::vector<PracticeRepetition>& block, Asks asks, std::optional<double> shareBefore) {
    const CaseData& data = workspace_.data();
    school_->setCurrentIndex(school_->findData(static_cast<int>(data.plan.feedback)));
    if (!reason_->hasFocus())
        reason_->setText(data.plan.feedbackReason);
    const std::vector<LoggedRepetition> all = logged(block);
    const auto told = static_cast<int>(
        std::count_if(all.begin(), all.end(), [](const LoggedRepetition& r) { return r.told != Told::None; }));
    told_->setText(all.empty() ? tr("Nothing yet in this block.")
                               : tr("%1 told").arg(words::ofText(told, static_cast<int>(all.size()))));
    const TellNow tell = tellNow(data.plan.feedback, all, shareBefore);
    if (asks == Asks::Count)
        next_->setText(told > 0 ? tr("Something was told: it counts as practice.") : tr("Counted: nothing is told."));
    else if (asks == Asks::Test)
        next_->setText(told > 0 ? tr("A test in which something was told is no test.")
                                : tr("A test: nothing is told."));
    else if (tell.now)
        next_->setText(tr("<b>Now</b>: T cue said, S shown, A asked for"));
    else if (tell.in > 0)
        next_->setText(tr("Next after number %1, or when asked").arg(static_cast<int>(all.size()) + tell.in));
    else
        next_->setText(data.plan.feedback == FeedbackSchool::Asked ? tr("Only when the athlete asks")
                                                                   : tr("After the next one that is not good"));
    constexpr int kLong = 8;
    const bool always = static_cast<int>(all.size()) >= kLong && told == static_cast<int>(all.size());
    always_->setVisible(always);
    always_->setText(tr("Every repetition was commented: what is told each time may not last. The evidence is mixed."));
    const FeltRecord felt = feltRecord(practiceLog(data));
    int asked = 0, agrees = 0;
    for (const LoggedRepetition& r : all) {
        asked += r.feltRight.has_value();
        agrees += r.feltRight == r.good;
    }
    QStringList lines;
    if (asked)
        lines << tr("asked %1, agrees %2").arg(asked).arg(agrees);
    if (felt.off)
        lines << tr("all sessions: %1 off ones called").arg(words::ofText(felt.offCalled, felt.off));
    if (const EyeRecord eye = eyeRecord(practiceLog(data)); eye.both > 0)
        lines << (eye.kappa ? tr("eye and number agree in %1 (kappa %2)")
                                  .arg(words::ofText(eye.agree, eye.both), words::number(*eye.kappa, 2))
                            : tr("eye and number agree in %1").arg(words::ofText(eye.agree, eye.both)));
    felt_->setText(lines.isEmpty() ? tr("F felt right, O felt off, before you judge.") : lines.join(u'\n'));
}

} // namespace riflesso
