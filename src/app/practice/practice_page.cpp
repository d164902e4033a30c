#include "app/practice/practice_page.h"

#include "app/practice/stop_box.h"

#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

ShareBar::ShareBar(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(96);
    setAccessibleName(tr("Share of good repetitions in this block"));
}

void ShareBar::setVerdict(const BlockVerdict& verdict, const std::vector<bool>& block) {
    verdict_ = verdict;
    block_ = block;
    update();
}

void ShareBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const double left = 4, right = width() - 4, top = 40, high = 22;
    const auto x = [&](double share) { return left + share * (right - left); };
    painter.fillRect(QRectF(QPointF(x(0), top), QPointF(x(.5), top + high)), p.course);
    painter.fillRect(QRectF(QPointF(x(.5), top), QPointF(x(.75), top + high)), p.hairline);
    painter.fillRect(QRectF(QPointF(x(.75), top), QPointF(x(1), top + high)), p.modelSoft);
    painter.setPen(p.slate);
    for (const auto& [at, text] : {std::pair{0.0, tr("easier")}, {0.5, tr("stay")}, {0.75, tr("go on")}})
        painter.drawText(QRectF(x(at) + 4, top + high + 1, 120, 20), Qt::AlignLeft, text);
    // The block as a row of marks: filled for good, open for not.
    for (std::size_t i = 0; i < block_.size(); ++i) {
        const QPointF centre(left + 12 + 26.0 * static_cast<double>(i), 16);
        painter.setPen(QPen(p.athlete, 2));
        painter.setBrush(block_[i] ? QBrush(p.athlete) : QBrush(Qt::NoBrush));
        painter.drawEllipse(centre, 8, 8);
    }
    for (int i = static_cast<int>(block_.size()); i < kBlockLength; ++i) {
        painter.setPen(QPen(p.hairline, 1.5, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QPointF(left + 12 + 26.0 * i, 16), 8, 8);
    }
    if (!verdict_.share)
        return;
    painter.setPen(QPen(p.athlete, 4));
    const double mid = top + high / 2;
    painter.drawLine(QPointF(x(verdict_.interval.low), mid), QPointF(x(verdict_.interval.high), mid));
    painter.setPen(QPen(p.athleteText, 6));
    painter.drawLine(QPointF(x(*verdict_.share), top - 2), QPointF(x(*verdict_.share), top + high + 2));
}

PracticePage::PracticePage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 14, 24, 14);
    layout->setSpacing(28);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    rung_ = new ChoiceBox;
    rung_->setObjectName(QStringLiteral("rung"));
    rung_->setAccessibleName(tr("Rung of the ladder"));
    rung_->setFocusPolicy(Qt::TabFocus);
    left->addWidget(rung_);
    cue_ = label({}, theme::kBig);
    cue_->setStyleSheet(QStringLiteral("font-size: 24pt; font-weight: bold;"));
    left->addWidget(cue_);
    good_ = label({});
    good_->setStyleSheet(QStringLiteral("font-size: 13pt;"));
    left->addWidget(good_);
    left->addStretch(1);
    auto* numbers = new QHBoxLayout;
    share_ = label({});
    share_->setObjectName(QStringLiteral("share"));
    share_->setStyleSheet(QStringLiteral("font-size: 72pt; font-weight: bold;"));
    share_->setWordWrap(false);
    verdict_ = label({});
    verdict_->setObjectName(QStringLiteral("verdict"));
    verdict_->setStyleSheet(QStringLiteral("font-size: 25pt; font-weight: bold;"));
    numbers->addWidget(share_);
    numbers->addSpacing(20);
    numbers->addWidget(verdict_, 1);
    left->addLayout(numbers);
    bar_ = new ShareBar;
    left->addWidget(bar_);
    detail_ = label({});
    detail_->setObjectName(QStringLiteral("shareDetail"));
    detail_->setStyleSheet(QStringLiteral("font-size: 12pt;"));
    left->addWidget(detail_);
    auto* buttons = new QHBoxLayout;
    yes_ = new QPushButton(tr("Good (G)"));
    yes_->setObjectName(QStringLiteral("good"));
    yes_->setProperty("role", "main");
    no_ = new QPushButton(tr("Not (N)"));
    no_->setObjectName(QStringLiteral("notGood"));
    back_ = new QPushButton(tr("Take back (Backspace)"));
    back_->setObjectName(QStringLiteral("takeBack"));
    for (QPushButton* button : {yes_, no_}) {
        button->setMinimumHeight(110);
        button->setStyleSheet(QStringLiteral("font-size: 18pt;"));
        buttons->addWidget(button, 3);
    }
    buttons->addWidget(back_, 1);
    stop_ = new QPushButton(tr("Stop: pain or dizzy (P)"));
    stop_->setObjectName(QStringLiteral("stopPain"));
    for (QPushButton* button : {yes_, no_, back_, stop_})
        button->setFocusPolicy(Qt::TabFocus);
    stopBox_ = new StopBox(workspace, this);
    connect(stop_, &QPushButton::clicked, stopBox_, &StopBox::ask);
    connect(stopBox_, &StopBox::closed, this, [this] { setFocus(); });
    left->addStretch(1);
    left->addLayout(buttons);
    auto* stopRow = new QHBoxLayout;
    stopRow->addWidget(stop_);
    advice_ = new QPushButton(tr("Write down who advised what"));
    advice_->setObjectName(QStringLiteral("writeAdvice"));
    connect(advice_, &QPushButton::clicked, this, [this] { emit goTo(QStringLiteral("athlete"), {}); });
    stopRow->addWidget(advice_);
    stopRow->addStretch();
    left->addLayout(stopRow);
    left->addWidget(stopBox_);
    left->addStretch(1);
    layout->addLayout(left, 2);
    auto* right = new QVBoxLayout;
    right->addWidget(label(tr("LADDER SO FAR"), theme::kHeading));
    history_ = new QVBoxLayout;
    history_->setSpacing(4);
    right->addLayout(history_);
    right->addStretch();
    right->addWidget(label(tr("Judged in blocks of 12. Three of four good: go on. Half or fewer: make it easier. "
                              "Improvement is not steady; a flat week is no verdict."),
                           theme::kQuiet));
    layout->addLayout(right, 1);
    connect(rung_, &QComboBox::activated, this, [this] {
        refresh();
        setFocus();
    });
    connect(yes_, &QPushButton::clicked, this, [this] { log(true); });
    connect(no_, &QPushButton::clicked, this, [this] { log(false); });
    connect(back_, &QPushButton::clicked, this, &PracticePage::takeBack);
}

std::pair<std::string, std::string> PracticePage::rung() const {
    const QStringList parts = rung_->currentData().toString().split(u'/');
    return parts.size() == 2 ? std::pair{parts[0].toStdString(), parts[1].toStdString()}
                             : std::pair<std::string, std::string>();
}

std::vector<PracticeRepetition> PracticePage::ofRung() const {
    const auto [fault, drill] = rung();
    std::vector<PracticeRepetition> out;
    for (const PracticeRepetition& repetition : workspace().data().practice)
        if (repetition.fault == fault && repetition.drill == drill)
            out.push_back(repetition);
    return out;
}

QString PracticePage::headline() const {
    if (const auto assessment = workspace().assessment(); assessment && assessment->prescription.waits)
        return tr("Stopped in practice. <b>Next: write down who advised what, on the Athlete page.</b>");
    if (rung_->count() == 0)
        return tr("No ladder yet. <b>Next: decide in Findings what to work on.</b>");
    return tr("%1 repetitions logged on this rung. <b>Next: G for a good repetition, N for one that is not.</b>")
        .arg(ofRung().size());
}

StepState PracticePage::state() const {
    if (!workspace().hasCase() || workspace().data().practice.empty())
        return {};
    return {StepState::Kind::InWork, tr("%1 logged").arg(workspace().data().practice.size())};
}

std::vector<PageKey> PracticePage::keyTable() {
    return {{QStringLiteral("G"), tr("good"), {}, {Qt::Key_G}, [this](KeyPress) { log(true); }},
            {QStringLiteral("N"), tr("not"), {}, {Qt::Key_N}, [this](KeyPress) { log(false); }},
            {tr("Backspace"), tr("take back"), {}, {Qt::Key_Backspace}, [this](KeyPress) { takeBack(); }},
            {QStringLiteral("P"), tr("stop: pain or dizzy"), {}, {Qt::Key_P}, [this](KeyPress) { stopBox_->ask(); }}};
}

void PracticePage::refresh() {
    if (!workspace().hasCase())
        return;
    const CaseData& data = workspace().data();
    const auto assessment = workspace().assessment();
    QStringList wanted;
    if (assessment)
        for (const Focus& focus : assessment->prescription.focus)
            for (const Rung& rung : focus.rungs)
                wanted << QString::fromStdString(focus.fault + "/" + rung.drill);
    QStringList have;
    for (int i = 0; i < rung_->count(); ++i)
        have << rung_->itemData(i).toString();
    // While a set is measured anew the rungs stay; those of before results were hidden, or of another case, do not.
    if ((assessment || !workspace().assessing() || workspace().resultsHidden()) && have != wanted) {
        const QString chosen = rung_->currentData().toString();
        rung_->clear();
        int start = 0;
        for (const Focus& focus : assessment ? assessment->prescription.focus : std::vector<Focus>())
            for (const Rung& rung : focus.rungs) {
                if (rung.startHere && focus.main)
                    start = rung_->count();
                rung_->addItem(QStringLiteral("%1: %2").arg(words::text(data.pack.fault(focus.fault)->title),
                                                            words::text(data.pack.drill(rung.drill)->title)),
                               QString::fromStdString(focus.fault + "/" + rung.drill));
            }
        // What was chosen stays; else where the last practice was; else where the ladder starts.
        int index = rung_->findData(chosen);
        for (auto last = data.practice.rbegin(); index < 0 && last != data.practice.rend(); ++last)
            index = rung_->findData(QString::fromStdString(last->fault + "/" + last->drill));
        rung_->setCurrentIndex(index >= 0 ? index : start);
    }
    const auto [fault, drillId] = rung();
    const DrillDef* drill = data.pack.drill(drillId);
    const bool waits = assessment && assessment->prescription.waits;
    advice_->setVisible(waits);
    stop_->setVisible(!waits);
    if (waits)
        back_->setEnabled(false);
    for (QPushButton* button : {yes_, no_})
        button->setEnabled(drill != nullptr);
    if (!drill) {
        cue_->setText(waits ? tr("Stopped") : tr("Choose a focus in Findings first"));
        for (QLabel* text : {good_, share_, verdict_, detail_})
            text->clear();
        if (waits)
            good_->setText(
                tr("Pain or the like was said in practice. Ask a licensed professional; the plan waits until "
                   "it is written down who advised what, and when."));
        clearLayout(history_);
        bar_->setVerdict({}, {});
        return;
    }
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    cue_->setText(words::text(withSides(drill->cue, sides)));
    good_->setText(tr("Good: %1").arg(words::text(withSides(drill->good, sides))));
    const auto logged = ofRung();
    back_->setEnabled(!logged.empty());
    // Blocks of twelve; a full block stays shown until the next repetition begins a new one.
    const std::size_t n = logged.size();
    const std::size_t begin = n == 0 ? 0 : (n - 1) / kBlockLength * kBlockLength;
    std::vector<bool> block;
    for (std::size_t i = begin; i < n; ++i)
        block.push_back(logged[i].good);
    const BlockVerdict verdict =
        judgeBlock(static_cast<int>(std::count(block.begin(), block.end(), true)), static_cast<int>(block.size()));
    bar_->setVerdict(verdict, block);
    share_->setText(verdict.share ? QStringLiteral("%1 %").arg(qRound(100 * *verdict.share)) : QStringLiteral("—"));
    QString word = verdict.verdict == RungVerdict::Advance ? tr("go on")
                   : verdict.verdict == RungVerdict::Hold  ? tr("stay")
                                                           : tr("make it easier");
    if (verdict.all == 0)
        word = tr("not begun");
    else if (verdict.moreWanted > 0)
        word = tr("so far: %1").arg(word);
    else if (verdict.confirm)
        word += tr(", confirm with one more block");
    verdict_->setText(word);
    detail_->setText(
        verdict.all == 0
            ? tr("A verdict stands after 12 repetitions.")
            : tr("%1 good; the true share lies between %2 and %3 % (80 % interval)%4")
                  .arg(words::ofText(verdict.good, verdict.all))
                  .arg(qRound(100 * verdict.interval.low))
                  .arg(qRound(100 * verdict.interval.high))
                  .arg(verdict.moreWanted ? tr("; %1 more for a verdict").arg(verdict.moreWanted) : QString()));
    clearLayout(history_);
    if (assessment)
        for (const Focus& focus : assessment->prescription.focus) {
            history_->addWidget(label(words::text(data.pack.fault(focus.fault)->title), theme::kStrong));
            for (const Rung& rung : focus.rungs) {
                std::vector<bool> all;
                for (const PracticeRepetition& repetition : data.practice)
                    if (repetition.fault == focus.fault && repetition.drill == rung.drill)
                        all.push_back(repetition.good);
                QStringList blocks;
                for (std::size_t i = 0; i < all.size(); i += kBlockLength) {
                    const auto end = all.begin() + static_cast<std::ptrdiff_t>(std::min(all.size(), i + kBlockLength));
                    const auto first = all.begin() + static_cast<std::ptrdiff_t>(i);
                    blocks << words::ofText(static_cast<int>(std::count(first, end, true)),
                                            static_cast<int>(end - first));
                }
                history_->addWidget(
                    label(QStringLiteral("%1 <span style='color:%2'>%3</span>")
                              .arg(words::text(data.pack.drill(rung.drill)->title).toHtmlEscaped(),
                                   theme::colours().slate.name(),
                                   blocks.isEmpty() ? tr("not begun") : blocks.join(QStringLiteral(" → ")))));
            }
        }
}

void PracticePage::show(const QString& detail) {
    const int index = rung_->findData(detail);
    if (index >= 0) {
        rung_->setCurrentIndex(index);
        refresh();
    }
}

void PracticePage::log(bool good) {
    const auto [fault, drill] = rung();
    if (drill.empty())
        return;
    const PracticeRepetition repetition{0, fault, drill, good, QDateTime::currentDateTimeUtc()};
    const CaseId id = workspace().data().id;
    workspace().apply(good ? tr("Log a good repetition") : tr("Log a repetition that was not good"),
                      [id, repetition](Edit& edit) { return edit.addPractice(id, repetition); });
    setFocus();
}

void PracticePage::takeBack() {
    const auto logged = ofRung();
    if (logged.empty())
        return;
    const std::int64_t id = logged.back().id;
    workspace().apply(tr("Take a repetition back"), [id](Edit& edit) { return edit.removePractice(id); });
    setFocus();
}

} // namespace riflesso
