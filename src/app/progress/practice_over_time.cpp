#include "app/progress/practice_over_time.h"

#include "app/progress/learning_view.h"
#include "app/theme.h"
#include "report/practice_words.h"
#include "report/report_content.h"
#include "report/words.h"
#include "work/case_assessment.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

QString drillTitle(const Pack& pack, const std::string& id) {
    const DrillDef* drill = pack.drill(id);
    return drill ? words::text(drill->title) : words::text(id);
}

} // namespace

PracticeOverTime::PracticeOverTime(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* left = new QWidget;
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(16, 6, 12, 10);
    column->setSpacing(6);
    column->addWidget(label(tr("SHARE OF GOOD REPETITIONS, BLOCK BY BLOCK"), theme::kHeading));
    auto* inner = new QWidget;
    charts_ = new QVBoxLayout(inner);
    charts_->setContentsMargins(0, 0, 4, 0);
    charts_->setSpacing(6);
    column->addWidget(scrolled(inner), 1);
    column->addWidget(label(tr("WEEKS"), theme::kHeading));
    weeks_ = new WeeksView;
    column->addWidget(weeks_);
    column->addWidget(
        label(tr("full: session · light: homework kept · a good block of a drill is not yet the technique: "
                 "that is on the film"),
              theme::kQuiet));
    layout->addWidget(left, 1);
    auto* sideInner = new QWidget;
    auto* sideColumn = new QVBoxLayout(sideInner);
    sideColumn->setContentsMargins(12, 6, 12, 10);
    sideColumn->setSpacing(4);
    next_ = new QVBoxLayout;
    next_->setSpacing(4);
    sideColumn->addLayout(next_);
    sideColumn->addSpacing(8);
    side_ = new QVBoxLayout;
    side_->setSpacing(4);
    sideColumn->addLayout(side_);
    sideColumn->addStretch();
    QScrollArea* scroll = scrolled(sideInner);
    scroll->setFixedWidth(330);
    layout->addWidget(scroll);
}

void PracticeOverTime::refresh() {
    if (!workspace_.hasCase())
        return;
    const auto assessment = workspace_.assessment();
    const auto data = workspace_.snapshot();
    if (data == of_ && assessment == after_)
        return;
    of_ = data, after_ = assessment;
    const Prescription plan = assessment ? assessment->prescription : Prescription();
    record_ = practiceRecord(*data, plan, assessment ? assessment->findings : Findings(),
                             assessment ? doneFacts(assessment->findings, workspace_.trials())
                                        : std::map<std::string, DoneFacts>(),
                             QDate::currentDate());
    if (workspace_.resultsHidden())
        record_.next.clear();
    chosen_ = std::min(chosen_, record_.next.empty() ? 0 : record_.next.size() - 1);
    showCharts();
    showNext();
    showSide();
}

void PracticeOverTime::showCharts() {
    clearLayout(charts_);
    const PracticeLog log = practiceLog(*of_);
    std::map<Day, WeeksView::OnDay> days;
    for (const LoggedBlock& block : log) {
        WeeksView::OnDay& day = days[block.date];
        day.session = day.session || block.kind != PracticeKind::Home;
        day.home = day.home || (block.kind == PracticeKind::Home && block.count > 0);
    }
    if (days.empty()) {
        charts_->addWidget(label(
            tr("Nothing is logged yet. Practice counts, block by block; here it is seen over weeks."), theme::kQuiet));
        charts_->addStretch();
        weeks_->setDays({}, {}, {});
        return;
    }
    const Day first = days.begin()->first, last = days.rbegin()->first;
    weeks_->setDays(first, last, days);
    // The latest first: that is what is worked on.
    for (auto chart = record_.charts.rbegin(); chart != record_.charts.rend(); ++chart) {
        std::vector<PracticeTest> tests;
        for (const PracticeTest& test : record_.tests)
            if (test.fault == chart->fault && test.drill == chart->drill && test.condition == chart->condition)
                tests.push_back(test);
        auto* view = new LearningView;
        view->setObjectName(
            QStringLiteral("chart-%1-%2").arg(words::text(chart->drill), words::text(toString(chart->condition))));
        view->setChart(
            *chart, drillTitle(of_->pack, chart->drill) + QStringLiteral(", ") + words::conditionName(chart->condition),
            words::learningName(chart->verdict), first, last, tests);
        QString why = words::learningBecause(chart->verdict);
        if (chart->runs)
            why += u'\n' + tr("Longest run %1 (chance: up to %2), %3 crossings of the median (chance: %4 or more)%5.")
                               .arg(chart->runs->longest)
                               .arg(chart->runs->mostLongest)
                               .arg(chart->runs->crossings)
                               .arg(chart->runs->fewestCrossings)
                               .arg(chart->runs->signal() ? tr(": more than chance") : QString());
        view->setToolTip(why);
        constexpr int kFirst = 100; // they have the room of a large screen before it is left empty
        charts_->addWidget(view, kFirst);
    }
    charts_->addStretch(1);
}

void PracticeOverTime::showNext() {
    clearLayout(next_);
    next_->addWidget(label(tr("WHAT NEXT"), theme::kHeading));
    if (record_.next.empty()) {
        next_->addWidget(label(tr("Nothing is worked on: decide in Findings."), theme::kQuiet));
        return;
    }
    const look::Palette& p = theme::colours();
    for (std::size_t i = 0; i < record_.next.size(); ++i) {
        const NextStep& step = record_.next[i];
        auto* card = new QPushButton;
        QFont strong = card->font();
        strong.setBold(true);
        constexpr int kWide = 272; // of the words, in a column of 330
        card->setText(QFontMetrics(strong).elidedText(words::nextName(of_->pack, step), Qt::ElideRight, kWide));
        card->setAccessibleName(words::nextName(of_->pack, step));
        card->setObjectName(QStringLiteral("next-%1").arg(i));
        card->setFocusPolicy(Qt::TabFocus);
        card->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        card->setToolTip(words::nextName(of_->pack, step));
        card->setStyleSheet(QStringLiteral("QPushButton { text-align: left; padding: 5px 8px; background: %1; "
                                           "font-weight: bold; }")
                                .arg((i == chosen_ ? p.athleteSoft : p.raised).name()));
        connect(card, &QPushButton::clicked, this, [this, i] {
            chosen_ = i;
            showNext();
        });
        next_->addWidget(card);
        auto* why = label(
            tr("%1: %2").arg(words::text(of_->pack.fault(step.fault)->title), words::nextBecause(of_->pack, step)),
            theme::kQuiet);
        why->setObjectName(QStringLiteral("nextBecause-%1").arg(i));
        next_->addWidget(why);
    }
    auto* take = new QPushButton(tr("Take this on (W)"));
    take->setObjectName(QStringLiteral("takeOn"));
    take->setProperty("role", "main");
    take->setFocusPolicy(Qt::TabFocus);
    connect(take, &QPushButton::clicked, this, &PracticeOverTime::takeOn);
    next_->addWidget(take);
}

void PracticeOverTime::move(int by) {
    if (record_.next.empty())
        return;
    const auto count = static_cast<int>(record_.next.size());
    chosen_ = static_cast<std::size_t>((static_cast<int>(chosen_) + by + count) % count);
    showNext();
}

void PracticeOverTime::takeOn() {
    if (chosen_ >= record_.next.size())
        return;
    const NextStep step = record_.next[chosen_];
    const CaseId id = of_->id;
    const QString what = words::nextName(of_->pack, step), why = words::nextBecause(of_->pack, step);
    workspace_.apply(tr("Next: %1").arg(what),
                     [&](Edit& edit) { return edit.note(id, tr("Next: %1").arg(what), why); });
    if (step.what == NextStep::What::BackToCause || step.what == NextStep::What::OpenNext ||
        step.what == NextStep::What::Done)
        emit goTo(QStringLiteral("findings"),
                  step.what == NextStep::What::BackToCause ? words::text(step.other) : words::text(step.fault));
    else
        emit goTo(QStringLiteral("practice"),
                  QString::fromStdString(step.fault + "/" + step.drill +
                                         (step.what == NextStep::What::ChangeCondition ? "/" + step.other : "")));
}

void PracticeOverTime::showSide() {
    clearLayout(side_);
    const Pack& pack = of_->pack;
    const auto heading = [&](const QString& text) {
        side_->addSpacing(6);
        side_->addWidget(label(text, theme::kHeading));
    };
    const auto line = [&](const QString& name, const QString& text, const char* role = nullptr) {
        auto* made = label(text, role);
        made->setObjectName(name);
        side_->addWidget(made);
    };
    if (!record_.waits.empty()) {
        heading(tr("WAITS FOR"));
        for (const Waiting& waiting : record_.waits)
            line(QStringLiteral("waitsFor"), words::waitingName(pack, waiting));
    }
    heading(tr("DOES IT HOLD?"));
    for (std::size_t i = 0; i < record_.tests.size(); ++i) {
        const PracticeTest& test = record_.tests[i];
        line(QStringLiteral("test-%1").arg(i),
             tr("<b>%1: %2</b><br>%3")
                 .arg(drillTitle(pack, test.drill).toHtmlEscaped(), words::testName(test),
                      words::testBecause(test).toHtmlEscaped()));
    }
    if (record_.tests.empty())
        line(QStringLiteral("noTests"),
             tr("No test yet: 24 repetitions with nothing told, a week or more after the last practice."),
             theme::kQuiet);
    if (const auto& breaks = record_.breaks)
        line(QStringLiteral("breaksFirst"),
             tr("<b>It breaks first here: %1</b><br>%2 good under it, %3 under %4: practise there next.")
                 .arg(words::conditionName(breaks->condition).toHtmlEscaped(), words::ofText(breaks->good, breaks->all),
                      words::ofText(breaks->holdsGood, breaks->holdsAll), words::conditionName(breaks->holds)));
    if (!record_.cues.empty()) {
        heading(tr("CUE AGAINST CUE"));
        for (const CueAgainstCue& cues : record_.cues)
            line(QStringLiteral("cues"),
                 tr("\"%1\" less \"%2\": %3 points of a hundred, %4 to %5. %6")
                     .arg(words::text(cues.b), words::text(cues.a))
                     .arg(words::number(100 * cues.difference, 0))
                     .arg(words::number(100 * cues.interval.low, 0))
                     .arg(words::number(100 * cues.interval.high, 0))
                     .arg(cues.winner() == 0
                              ? tr("No winner yet.")
                              : tr("\"%1\" is better.").arg(words::text(cues.winner() > 0 ? cues.b : cues.a))));
    }
    const Session* session = of_->session(workspace_.session());
    if (const auto live = session && after_
                              ? liveAgainstFilm(*of_, session->date, after_->findings, workspace_.trials())
                              : std::vector<LiveAgainstFilm>();
        !live.empty()) {
        heading(tr("COUNTED LIVE, FILMED THAT DAY"));
        for (const LiveAgainstFilm& each : live)
            line(QStringLiteral("liveAgainstFilm"),
                 tr("%1, %2: counted %3 good, on film %4 without it. %5")
                     .arg(words::text(pack.fault(each.fault)->title), words::stressName(each.stress),
                          words::ofText(each.liveGood, each.liveAll), words::ofText(each.filmGood, each.filmAll),
                          each.check.tooKind     ? tr("The counting is too kind.")
                          : each.check.tooStrict ? tr("The counting is too strict.")
                                                 : tr("No more apart than chance.")));
    }
    const FeltRecord& felt = record_.felt;
    heading(tr("FELT AGAINST SEEN"));
    if (felt.judged == 0) {
        line(QStringLiteral("feltRecord"), tr("Nobody was asked yet."), theme::kQuiet);
    } else {
        line(QStringLiteral("feltRecord"),
             tr("%1 off ones called, %2 calls right.")
                 .arg(words::ofText(felt.offCalled, felt.off), words::ofText(felt.calledRight, felt.called)));
        line(QStringLiteral("filmLess"),
             felt.mayFilmLess()
                 ? tr("Four in five are called, and rightly: home practice may be filmed less often.")
                 : tr("From ten off ones on, four in five called and called rightly, film at home less."),
             theme::kQuiet);
    }
    heading(tr("FEEDBACK AND HOME"));
    if (record_.told.all)
        line(
            QStringLiteral("toldRecord"),
            tr("%1 repetitions were followed by feedback%2.")
                .arg(
                    words::ofText(record_.told.told, record_.told.all),
                    record_.told.blocksAlwaysTold
                        ? tr("; every one of a block in %1: what is told each time may not last, the evidence is mixed")
                              .arg(words::counted(static_cast<std::size_t>(record_.told.blocksAlwaysTold), tr("block"),
                                                  tr("blocks")))
                        : QString()));
    line(QStringLiteral("homeRecord"),
         tr("Homework planned on %1 days so far, kept on %2.").arg(record_.home.planned).arg(record_.home.kept));
}

QString PracticeOverTime::sentence() const {
    if (record_.charts.empty() || !of_)
        return {};
    const DrillChart& latest = record_.charts.back();
    QString out = tr("%1, %2: %3.")
                      .arg(drillTitle(of_->pack, latest.drill), words::conditionName(latest.condition),
                           words::learningName(latest.verdict));
    if (record_.breaks)
        out += u' ' + tr("It breaks first here: %1.").arg(words::conditionName(record_.breaks->condition));
    if (!record_.next.empty())
        out += tr(" <b>Next: %1.</b>").arg(words::nextName(of_->pack, record_.next.front()));
    return out;
}

} // namespace riflesso
