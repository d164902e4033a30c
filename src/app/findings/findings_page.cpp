#include "app/findings/findings_page.h"

#include "app/findings/score_terms.h"
#include "app/mark/mark_proposals.h"
#include "app/nothing_measured.h"
#include "app/theme.h"
#include "app/widgets/sign_label.h"
#include "core/listed.h"
#include "report/words.h"
#include "store/ask_again.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr QSize kSmallest(230, 172), kLargest(560, 420);
constexpr int kListShare = 10, kEvidenceShare = 16, kWhyShare = 10;

} // namespace

FindingsPage::FindingsPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildList(), kListShare);
    layout->addWidget(buildEvidence(), kEvidenceShare);
    layout->addWidget(buildWhy(), kWhyShare);
}

const Decision* FindingsPage::decisionOn(const std::string& fault) const {
    for (const Decision& decision : workspace().data().decisions)
        if (decision.fault == fault)
            return &decision;
    return nullptr;
}

QString FindingsPage::headline() const {
    const auto assessment = workspace().assessment();
    if (!assessment)
        return workspace().noAssessment();
    if (nothingMeasured(*assessment))
        return nothingMeasuredHeadline();
    int cautions = 0, open = 0, again = 0;
    bool working = false;
    for (const Finding& finding : assessment->findings.ranked) {
        cautions += finding.safety >= Caution::Caution;
        const Decision* decision = decisionOn(finding.fault);
        again += decision && asksAgain(*decision, QDate::currentDate());
        open += !decision;
        working = working || (decision && decision->choice == Decision::Choice::WorkOn);
    }
    const bool believed = std::any_of(workspace().data().beliefs.begin(), workspace().data().beliefs.end(),
                                      [](const Belief& b) { return !b.locked; });
    return tr("%1 strengths, %2 findings%3. %4<b>Next: %5.</b>")
        .arg(assessment->strengths.size())
        .arg(assessment->findings.ranked.size())
        .arg(cautions ? tr(", %1 with a caution").arg(cautions) : QString(),
             (believed ? tr("Beliefs are not locked yet. ") : QString()) +
                 (again ? tr("%1 to be asked about again: the day has come. ").arg(again) : QString()) +
                 openProposalsText(workspace()),
             working ? tr("see the ladder in Plan")
                     : tr("choose one main focus and at most one minor one; %1 to decide").arg(open));
}

StepState FindingsPage::state() const {
    const auto assessment = workspace().assessment();
    if (!assessment || !workspace().hasCase())
        return {};
    int open = 0;
    for (const Finding& finding : assessment->findings.ranked) {
        const Decision* decision = decisionOn(finding.fault);
        open += !decision || asksAgain(*decision, QDate::currentDate());
    }
    if (nothingMeasured(*assessment))
        return nothingMeasuredState();
    if (open == 0)
        return {StepState::Kind::Done, assessment->findings.ranked.empty() ? tr("none found") : tr("decided")};
    const bool any = open < static_cast<int>(assessment->findings.ranked.size());
    return {any ? StepState::Kind::InWork : StepState::Kind::Attention, tr("%1 to decide").arg(open)};
}

std::vector<PageKey> FindingsPage::keyTable() {
    const auto decides = [this](Decision::Choice choice) { return [this, choice](KeyPress) { decide(choice); }; };
    const auto move = [this](KeyPress press) {
        const int by = press.key == Qt::Key_Up ? -1 : 1;
        list_->setCurrentRow(std::clamp(list_->currentRow() + by, 0, std::max(0, list_->count() - 1)));
    };
    return {{QStringLiteral("↑ ↓"), tr("finding"), {}, {Qt::Key_Up, Qt::Key_Down}, move},
            {QStringLiteral("W"), tr("work on this"), {}, {Qt::Key_W}, decides(Decision::Choice::WorkOn)},
            {QStringLiteral("P"), tr("park"), {}, {Qt::Key_P}, decides(Decision::Choice::Park)},
            {QStringLiteral("A"), tr("work round it"), {}, {Qt::Key_A}, decides(Decision::Choice::WorkRound)},
            {QStringLiteral("X"), tr("not a fault"), {}, {Qt::Key_X}, decides(Decision::Choice::NotAFault)},
            {QStringLiteral("M"), tr("whole case"), {}, {Qt::Key_M}, [this](KeyPress) { wholeCase_->toggle(); }}};
}

void FindingsPage::refresh() {
    if (!workspace().hasCase())
        return;
    school_->setCurrentIndex(static_cast<int>(workspace().school()));
    const auto assessment = workspace().assessment();
    if (!assessment) {
        shownAssessment_.reset();
        shownEvidence_.clear();
        shownPictures_.clear();
        for (int i = 0; i < 2; ++i) {
            pictures_[i]->hide();
            captions_[i]->hide();
        }
        list_->clear();
        clearLayout(strengths_);
        shownStrengths_.clear();
        title_->setText(workspace().assessing() ? tr("Measuring…") : tr("No findings yet"));
        return;
    }
    showList();
    shownAssessment_ = assessment;
    showEvidence();
    showWhy();
}

void FindingsPage::show(const QString& detail) { wholeCase_->setChecked(detail == QLatin1String("whole")); }

void FindingsPage::showStrengths() {
    const auto assessment = workspace().assessment();
    QStringList lines;
    for (const std::string& id : assessment->strengths) {
        const MeasureDef def = *workspace().data().pack.judgedAs(id);
        const SetDeviation& set = *assessment->deviation(id);
        lines << QStringLiteral("%1<br><span style='color:%2; font-size:8.5pt'>%3</span>")
                     .arg(words::text(def.praise.empty() ? def.title : def.praise).toHtmlEscaped(),
                          theme::colours().slate.name(), words::withU(def, set.median, set.expandedU));
    }
    // A change of the order leaves them as they are.
    const QString all = theme::colours().slate.name() + lines.join(u'|');
    if (all == shownStrengths_)
        return;
    shownStrengths_ = all;
    clearLayout(strengths_);
    for (const QString& line : lines) {
        auto* row = new QHBoxLayout;
        row->addWidget(new SignLabel(look::Sign::Strength, nullptr, 11), 0, Qt::AlignTop);
        row->addWidget(label(line), 1);
        strengths_->addLayout(row);
    }
    if (lines.isEmpty())
        strengths_->addWidget(
            label(tr("None is sure yet: a strength needs four repetitions, three of four within."), theme::kQuiet));
    strengths_->addStretch();
}

void FindingsPage::showList() {
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    showStrengths();
    const QSignalBlocker block(list_);
    list_->clear();
    int row = 0, chosenRow = -1;
    int number = 0;
    for (const Finding& finding : assessment->findings.ranked) {
        const FaultDef& def = *pack.fault(finding.fault);
        const bool safety = finding.safety >= Caution::Caution;
        QStringList notes;
        if (safety)
            notes << tr("caution, whatever the order");
        if (!finding.consequenceOf.empty())
            notes << tr("follows from \"%1\"")
                         .arg(words::inSentence(words::text(pack.fault(finding.consequenceOf)->title)));
        else if (!finding.leadsTo.empty())
            notes << tr("leads to %1").arg(words::counted(finding.leadsTo.size(), tr("other"), tr("others")));
        if (!finding.present)
            notes << tr("seen, but seldom");
        if (finding.changedTarget)
            notes << tr("limited: change the target");
        if (holds(assessment->prescription.withoutDrill, finding.fault))
            notes << tr("no drill is left with these limits");
        for (const Focus& focus : assessment->prescription.focus)
            if (focus.fault == finding.fault)
                notes << (focus.main ? tr("main focus") : tr("minor focus"));
        if (const Decision* decision = decisionOn(finding.fault))
            notes << tr("decided: %1").arg(decisionWords(*decision));
        const QString title = safety ? words::text(def.title) : tr("%1  %2").arg(++number).arg(words::text(def.title));
        QString share = words::ofText(finding.shown, finding.judged);
        share.replace(u' ', QChar::Nbsp); // one thing to read, at the end of a line too
        notes.prepend(share);
        auto* item = new QListWidgetItem(title + u'\n' + notes.join(QStringLiteral(" · ")), list_);
        QPixmap icon(32, 32);
        icon.fill(Qt::transparent);
        QPainter painter(&icon);
        look::drawSign(painter, safety ? look::Sign::Safety : look::signOf(finding.state), {16, 16}, 24,
                       theme::colours());
        painter.end();
        QIcon sign(icon);
        sign.addPixmap(icon, QIcon::Selected);
        item->setIcon(sign);
        item->setData(Qt::UserRole, words::text(finding.fault));
        if (finding.fault == fault_)
            chosenRow = row;
        ++row;
    }
    if (chosenRow < 0 && list_->count() > 0) {
        // The main focus is what the eye should land on.
        const std::string wanted = assessment->prescription.focus.empty()
                                       ? assessment->findings.ranked.front().fault
                                       : assessment->prescription.focus.front().fault;
        for (int i = 0; i < list_->count(); ++i)
            if (list_->item(i)->data(Qt::UserRole).toString().toStdString() == wanted)
                chosenRow = i;
        fault_ = list_->item(std::max(0, chosenRow))->data(Qt::UserRole).toString().toStdString();
    }
    list_->setCurrentRow(std::max(0, chosenRow));
    QStringList rest;
    for (const ProfileMatch& match : assessment->profiles)
        for (const ProfileDef& profile : pack.profiles)
            if (profile.id == match.profile)
                rest << tr("Pattern: <b>%1</b>, match %2.")
                            .arg(words::inSentence(words::text(profile.title)), words::number(match.likeness, 2));
    for (const std::string& id : assessment->findings.seenOnce)
        rest << tr("Seen once: %1.").arg(words::inSentence(words::text(pack.fault(id)->title)));
    for (const std::string& id : assessment->findings.notJudged)
        rest << tr("Not judged: %1.").arg(words::inSentence(words::text(pack.fault(id)->title)));
    // Of a set with several forms: what each shows by itself.
    for (const FormAssessment& form : assessment->forms) {
        const VariantDef* variant = pack.variant(form.variant);
        QStringList shown;
        for (const Finding& finding : form.findings.ranked)
            if (finding.present)
                shown << QStringLiteral("%1 (%2)").arg(words::inSentence(words::text(pack.fault(finding.fault)->title)),
                                                       words::ofText(finding.shown, finding.judged));
        rest << tr("<b>%1</b>, %2: %3.")
                    .arg(
                        variant ? words::text(variant->title).toHtmlEscaped() : tr("form not noted"),
                        words::counted(static_cast<std::size_t>(form.repetitions), tr("repetition"), tr("repetitions")),
                        shown.isEmpty() ? tr("no finding") : shown.join(QStringLiteral(", ")).toHtmlEscaped());
    }
    for (const QString& change : words::positionEffects(pack, *assessment))
        rest << change;
    if (holds(assessment->assumed, "bearing"))
        rest << words::assumedSquare() + QStringLiteral(" <a href='film'>") + tr("Say it on Film") +
                    QStringLiteral("</a>");
    pattern_->setText(rest.join(u' '));
}

void FindingsPage::goToFault(const QString& fault) {
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(Qt::UserRole).toString() == fault)
            list_->setCurrentRow(i);
}

void FindingsPage::choose(const std::string& fault) {
    if (fault == fault_ && shownAssessment_)
        return;
    fault_ = fault;
    asked_.reset();
    reason_->clear();
    showEvidence();
    showWhy();
}

QSize FindingsPage::pictureSize() const {
    constexpr int kMargins = 44, kBelow = 300; // beside the pair, and for what stands above and below it
    const int column = width() * kEvidenceShare / (kListShare + kEvidenceShare + kWhyShare);
    const QSize wanted = QSize(4, 3).scaled((column - kMargins) / 2, height() - kBelow, Qt::KeepAspectRatio);
    return wanted.expandedTo(kSmallest).boundedTo(kLargest);
}

void FindingsPage::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    if (workspace().assessment() && !shownPictures_.empty() && pictures_[0]->size() != pictureSize())
        showPictures();
}

void FindingsPage::showPictures() {
    const CaseData& data = workspace().data();
    const QSize size = pictureSize();
    auto lines = figureLines(data.pack, resolveRoles(data.pack, workspace().trials().front()));
    for (int i = 0; i < 2; ++i) {
        const bool there = static_cast<std::size_t>(i) < shownPictures_.size();
        pictures_[i]->setFixedSize(size);
        captions_[i]->setFixedWidth(size.width());
        pictures_[i]->setVisible(there);
        captions_[i]->setVisible(there);
        if (!there)
            continue;
        const PictureRef ref = shownPictures_[static_cast<std::size_t>(i)];
        captions_[i]->setText(ref.caption);
        captions_[i]->setStyleSheet(
            QStringLiteral("font-size: 8.5pt; color: %1;")
                .arg((ref.ofModel ? theme::colours().model : theme::colours().athleteText).name()));
        pictures_[i]->setAccessibleName(ref.caption);
        QLabel* target = pictures_[i];
        auto modelLines = lines;
        if (ref.ofModel)
            for (const auto models = workspace().modelTrials(); const Trial& trial : *models) {
                modelLines = figureLines(data.pack, resolveRoles(data.pack, trial));
                break;
            }
        workspace().enqueueFrame(
            ref.clipPath, ref.frame, target, [target, ref, modelLines, size](const QImage& image, int) {
                const qreal ratio = target->devicePixelRatioF();
                QImage drawn = keyPicture(
                    ref, modelLines, [&image](const QString&, int) { return image; }, size * ratio);
                drawn.setDevicePixelRatio(ratio);
                target->setPixmap(QPixmap::fromImage(drawn));
            });
    }
}

void FindingsPage::showWhy() {
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    const Finding* finding = assessment ? assessment->findings.find(fault_) : nullptr;
    if (!finding) {
        terms_->clear();
        return;
    }
    map_->setFinding(pack, assessment->findings, fault_);
    wholeMap_->setCase(pack, assessment->findings, fault_);
    QStringList reasons;
    for (const FaultDef& other : pack.faults)
        for (const CauseDef& cause : other.causes)
            if (cause.fault == fault_ && !cause.because.empty())
                reasons << QStringLiteral("%1: %2").arg(words::text(other.title),
                                                        words::quoted(words::text(cause.because)));
    for (const CauseDef& cause : pack.fault(fault_)->causes)
        if (!cause.because.empty())
            reasons.prepend(QStringLiteral("%1: %2").arg(
                cause.fault.empty() ? words::text(cause.title) : words::text(pack.fault(cause.fault)->title),
                words::quoted(words::text(cause.because))));
    because_->setText(reasons.join(u'\n'));
    terms_->show(workspace().data(), *assessment, workspace().trials(), workspace().stressLevels().size() > 1,
                 *finding);
}

void FindingsPage::setOverride(const TermOverride& override) {
    if (override.reason.empty()) {
        workspace().say(tr("Say why: a value set by hand is kept with its reason."), true);
        return;
    }
    const CaseId id = workspace().data().id;
    if (workspace().apply(tr("Set %1 by hand").arg(words::word(toString(override.term))),
                          [id, override](Edit& edit) { return edit.setOverride(id, override); })) {
        terms_->leaveEditor();
        setFocus();
    }
}

void FindingsPage::askFor(Decision::Choice choice, QLineEdit* words) {
    asked_ = choice;
    words->setFocus();
    showEvidence();
}

void FindingsPage::decide(Decision::Choice choice) {
    if (fault_.empty() || !workspace().assessment())
        return;
    const FaultDef* def = workspace().data().pack.fault(fault_);
    Decision decision{fault_, choice, reason_->text().trimmed(), QDateTime::currentDateTimeUtc()};
    if (choice == Decision::Choice::WorkRound || choice == Decision::Choice::Park)
        decision.until = until_->text().trimmed();
    const CaseId id = workspace().data().id;
    if (choice != Decision::Choice::WorkOn && decision.reason.isEmpty()) {
        workspace().say(
            tr("Say why \"%1\" is not worked on: the reason is kept with the case.").arg(words::text(def->title)),
            true);
        askFor(choice, reason_);
        return;
    }
    if (choice == Decision::Choice::WorkRound && decision.until.isEmpty()) {
        workspace().say(tr("Say until when it is worked round: a day or an occasion."), true);
        askFor(choice, until_);
        return;
    }
    int working = 0;
    for (const Decision& other : workspace().data().decisions)
        working += other.choice == Decision::Choice::WorkOn && other.fault != fault_;
    if (choice == Decision::Choice::WorkOn && working >= 2 && decision.reason.isEmpty()) {
        workspace().say(tr("One main and one minor focus are chosen already: correcting everything at once corrects "
                           "nothing. Open one of them again, or insist and say why."),
                        true);
        askFor(choice, reason_);
        return;
    }
    workspace().apply(tr("Decide \"%1\": %2").arg(words::text(def->title), choiceWords(choice)),
                      [id, decision](Edit& edit) { return edit.decide(id, decision); });
    reason_->clear();
    until_->clear();
    asked_.reset();
    setFocus();
}

} // namespace riflesso
