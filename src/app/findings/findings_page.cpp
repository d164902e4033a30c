#include "app/findings/findings_page.h"

#include "app/athlete/belief_box.h"
#include "app/findings/score_terms.h"
#include "app/mark/mark_proposals.h"
#include "app/theme.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/sign_label.h"
#include "core/measure_set.h"
#include "report/words.h"

#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr QSize kSmallest(246, 184), kLargest(560, 420);
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

QWidget* FindingsPage::buildList() {
    auto* widget = new QWidget;
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(14, 8, 8, 8);
    layout->setSpacing(4);
    layout->addWidget(label(tr("STRENGTHS"), theme::kHeading));
    auto* inner = new QWidget;
    strengths_ = new QVBoxLayout(inner);
    strengths_->setContentsMargins(0, 0, 4, 0);
    strengths_->setSpacing(2);
    layout->addWidget(scrolled(inner), 9);
    auto* row = new QHBoxLayout;
    row->addWidget(label(tr("TO DECIDE"), theme::kHeading), 1);
    school_ = new QComboBox;
    school_->setObjectName(QStringLiteral("findingsSchool"));
    school_->setAccessibleName(tr("School of ranking"));
    school_->setFocusPolicy(Qt::TabFocus);
    for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
        school_->addItem(words::schoolName(school), words::text(toString(school)));
    row->addWidget(school_);
    layout->addLayout(row);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("findings"));
    list_->setAccessibleName(tr("Findings in order"));
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setResizeMode(QListView::Adjust);
    list_->setFocusPolicy(Qt::TabFocus);
    list_->setIconSize({16, 16});
    layout->addWidget(list_, 14);
    pattern_ = label({}, theme::kQuiet);
    layout->addWidget(pattern_);
    connect(list_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item)
            choose(item->data(Qt::UserRole).toString().toStdString());
    });
    connect(school_, &QComboBox::activated, this, [this] {
        const CaseId id = this->workspace().data().id;
        const QString school = school_->currentData().toString();
        this->workspace().apply(tr("Change the school of ranking"),
                                [id, school](Edit& edit) { return edit.setSchool(id, school); });
    });
    return widget;
}

QWidget* FindingsPage::buildEvidence() {
    auto* inner = new QWidget;
    inner->setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(14, 8, 14, 8);
    layout->setSpacing(5);
    title_ = label({}, theme::kBig);
    title_->setObjectName(QStringLiteral("findingTitle"));
    layout->addWidget(title_);
    explain_ = label({});
    layout->addWidget(explain_);
    safety_ = label({}, theme::kSafety);
    layout->addWidget(safety_);
    auto* pair = new QHBoxLayout;
    for (int i = 0; i < 2; ++i) {
        auto* column = new QVBoxLayout;
        pictures_[i] = new QLabel;
        pictures_[i]->setObjectName(QStringLiteral("evidence-%1").arg(i + 1));
        captions_[i] = label({});
        column->addWidget(pictures_[i]);
        column->addWidget(captions_[i]);
        pair->addLayout(column);
    }
    pair->addStretch();
    layout->addLayout(pair);
    rulers_ = new QVBoxLayout;
    layout->addLayout(rulers_);
    belief_ = label({});
    layout->addWidget(belief_);
    layout->addWidget(hairline());
    auto* row = new QHBoxLayout;
    work_ = new QPushButton(tr("Work on this (W)"));
    work_->setObjectName(QStringLiteral("workOn"));
    park_ = new QPushButton(tr("Park (P)"));
    park_->setObjectName(QStringLiteral("park"));
    notFault_ = new QPushButton(tr("Not a fault here (X)"));
    notFault_->setObjectName(QStringLiteral("notAFault"));
    open_ = new QPushButton(tr("Open again"));
    open_->setObjectName(QStringLiteral("undecide"));
    for (QPushButton* button : {work_, park_, notFault_, open_}) {
        button->setFocusPolicy(Qt::TabFocus);
        row->addWidget(button);
    }
    row->addStretch();
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("reason"));
    reason_->setPlaceholderText(tr("Reason, kept with the case"));
    reason_->setAccessibleName(tr("Reason of the decision"));
    layout->addWidget(reason_);
    layout->addLayout(row);
    decided_ = label({}, theme::kQuiet);
    decided_->setObjectName(QStringLiteral("decided"));
    layout->addWidget(decided_);
    layout->addStretch();
    connect(work_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::WorkOn); });
    connect(park_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::Park); });
    connect(notFault_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::NotAFault); });
    connect(open_, &QPushButton::clicked, this, [this] {
        const CaseId id = this->workspace().data().id;
        const std::string fault = fault_;
        this->workspace().apply(tr("Open a decision again"),
                                [id, fault](Edit& edit) { return edit.undecide(id, fault); });
    });
    return scrolled(inner);
}

QWidget* FindingsPage::buildWhy() {
    auto* inner = new QWidget;
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(8, 8, 14, 8);
    layout->setSpacing(5);
    layout->addWidget(label(tr("CAUSE MAP · causes left, consequences right"), theme::kHeading));
    map_ = new CauseMap;
    map_->setObjectName(QStringLiteral("causeMap"));
    layout->addWidget(map_);
    because_ = label({}, theme::kQuiet);
    layout->addWidget(because_);
    layout->addSpacing(6);
    layout->addWidget(label(tr("WHY IT STANDS HERE"), theme::kHeading));
    terms_ = new ScoreTerms;
    layout->addWidget(terms_);
    connect(terms_, &ScoreTerms::overrideAsked, this, &FindingsPage::setOverride);
    connect(terms_, &ScoreTerms::computedAsked, this, [this](const std::string& fault, Term term) {
        const CaseId id = this->workspace().data().id;
        this->workspace().apply(tr("Compute a term again"),
                                [id, fault, term](Edit& edit) { return edit.removeOverride(id, fault, term); });
    });
    layout->addStretch();
    connect(map_, &CauseMap::faultClicked, this, [this](const QString& fault) {
        for (int i = 0; i < list_->count(); ++i)
            if (list_->item(i)->data(Qt::UserRole).toString() == fault)
                list_->setCurrentRow(i);
    });
    return scrolled(inner);
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
        return workspace().assessing() ? tr("Measuring…")
                                       : tr("Nothing is marked in this set. <b>Next: mark key positions.</b>");
    int cautions = 0, open = 0;
    bool working = false;
    for (const Finding& finding : assessment->findings.ranked) {
        cautions += finding.safety >= Caution::Caution;
        const Decision* decision = decisionOn(finding.fault);
        open += !decision;
        working = working || (decision && decision->choice == Decision::Choice::WorkOn);
    }
    const bool believed = std::any_of(workspace().data().beliefs.begin(), workspace().data().beliefs.end(),
                                      [](const Belief& b) { return !b.locked; });
    return tr("%1 strengths, %2 findings%3. %4<b>Next: %5.</b>")
        .arg(assessment->strengths.size())
        .arg(assessment->findings.ranked.size())
        .arg(cautions ? tr(", %1 with a caution").arg(cautions) : QString(),
             (believed ? tr("Beliefs are not locked yet. ") : QString()) + openProposalsText(workspace()),
             working ? tr("see the ladder in Plan")
                     : tr("choose one main focus and at most one minor one; %1 to decide").arg(open));
}

StepState FindingsPage::state() const {
    const auto assessment = workspace().assessment();
    if (!assessment || !workspace().hasCase())
        return {};
    int open = 0;
    for (const Finding& finding : assessment->findings.ranked)
        open += !decisionOn(finding.fault);
    if (open == 0)
        return {StepState::Kind::Done, tr("decided")};
    const bool any = open < static_cast<int>(assessment->findings.ranked.size());
    return {any ? StepState::Kind::InWork : StepState::Kind::Attention, tr("%1 to decide").arg(open)};
}

QList<KeyHint> FindingsPage::keys() const {
    return {{QStringLiteral("↑ ↓"), tr("finding")},
            {QStringLiteral("W"), tr("work on this")},
            {QStringLiteral("P"), tr("park")},
            {QStringLiteral("X"), tr("not a fault")}};
}

void FindingsPage::refresh() {
    if (!workspace().hasCase())
        return;
    school_->setCurrentIndex(static_cast<int>(workspace().school()));
    const auto assessment = workspace().assessment();
    if (!assessment) {
        shownAssessment_ = nullptr;
        list_->clear();
        clearLayout(strengths_);
        title_->setText(workspace().assessing() ? tr("Measuring…") : tr("No findings yet"));
        return;
    }
    showList();
    shownAssessment_ = assessment.get();
    showEvidence();
    showWhy();
}

void FindingsPage::showList() {
    const auto assessment = workspace().assessment();
    const Pack& pack = workspace().data().pack;
    clearLayout(strengths_);
    for (const std::string& id : assessment->strengths) {
        const MeasureDef& def = *pack.measure(id);
        const SetDeviation& set = *assessment->deviation(id);
        auto* row = new QHBoxLayout;
        row->addWidget(new SignLabel(look::Sign::Strength, nullptr, 11), 0, Qt::AlignTop);
        auto* text = label(QStringLiteral("%1<br><span style='color:%2; font-size:8.5pt'>%3</span>")
                               .arg(words::text(def.praise.empty() ? def.title : def.praise).toHtmlEscaped(),
                                    theme::colours().slate.name(), words::withU(def, set.median, set.expandedU)));
        row->addWidget(text, 1);
        strengths_->addLayout(row);
    }
    if (assessment->strengths.empty())
        strengths_->addWidget(
            label(tr("None is sure yet: a strength needs four repetitions, three of four within."), theme::kQuiet));
    strengths_->addStretch();

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
            notes << tr("follows from \"%1\"").arg(words::text(pack.fault(finding.consequenceOf)->title).toLower());
        else if (!finding.leadsTo.empty())
            notes << tr("leads to %1").arg(words::counted(finding.leadsTo.size(), tr("other"), tr("others")));
        if (!finding.present)
            notes << tr("seen, but seldom");
        if (finding.changedTarget)
            notes << tr("limited: change the target");
        for (const Focus& focus : assessment->prescription.focus)
            if (focus.fault == finding.fault)
                notes << (focus.main ? tr("main focus") : tr("minor focus"));
        if (const Decision* decision = decisionOn(finding.fault))
            notes << tr("decided: %1").arg(toString(decision->choice));
        const QString title = safety ? words::text(def.title) : tr("%1  %2").arg(++number).arg(words::text(def.title));
        auto* item = new QListWidgetItem(
            QStringLiteral("%1   %2\n%3")
                .arg(title, words::ofText(finding.shown, finding.judged), notes.join(QStringLiteral(" · "))),
            list_);
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
                            .arg(words::text(profile.title).toLower(), words::number(match.likeness, 2));
    for (const std::string& id : assessment->findings.seenOnce)
        rest << tr("Seen once: %1.").arg(words::text(pack.fault(id)->title).toLower());
    for (const std::string& id : assessment->findings.notJudged)
        rest << tr("Not judged: %1.").arg(words::text(pack.fault(id)->title).toLower());
    pattern_->setText(rest.join(u' '));
}

void FindingsPage::choose(const std::string& fault) {
    if (fault == fault_ && shownAssessment_)
        return;
    fault_ = fault;
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
    if (workspace().hasCase() && !shownPictures_.empty() && pictures_[0]->size() != pictureSize())
        showPictures();
}

void FindingsPage::showPictures() {
    const CaseData& data = workspace().data();
    const QSize size = pictureSize();
    auto lines = figureLines(
        data.pack, resolveRoles(data.pack, trialsOf(data, workspace().session(), workspace().stress()).front()));
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
            for (const Trial& trial : modelTrialsOf(data)) {
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

void FindingsPage::showEvidence() {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    const FaultDef* def = data.pack.fault(fault_);
    const Finding* finding = assessment ? assessment->findings.find(fault_) : nullptr;
    for (QPushButton* button : {work_, park_, notFault_})
        button->setEnabled(finding != nullptr);
    if (!def || !finding)
        return;
    title_->setText(QStringLiteral("%1 <span style='font-size:10pt; color:%2'>%3, %4</span>")
                        .arg(words::text(def->title).toHtmlEscaped(), theme::colours().deviation.name(),
                             look::wordOf(look::signOf(finding->state)),
                             tr("shown in %1").arg(words::ofText(finding->shown, finding->judged))));
    explain_->setText(words::text(def->explain) + (def->see.empty() ? QString() : u' ' + words::text(def->see)));
    safety_->setText(words::text(def->safetyText));
    safety_->setVisible(!def->safetyText.empty());
    shownPictures_ = evidencePictures(data, *assessment, *def);
    showPictures();
    clearLayout(rulers_);
    const std::function<void(const std::string&)> addRuler = [&](const std::string& id) {
        const SetDeviation* set = assessment->deviation(id);
        const MeasureDef* measure = data.pack.measure(id);
        if (set && measure) {
            auto* row = new QHBoxLayout;
            auto* text = label(QStringLiteral("<a href='x' style='color:%1; text-decoration:none'>%2</a><br><span "
                                              "style='color:%3; font-size:8.5pt'>%4</span>")
                                   .arg(theme::colours().ink.name(), words::text(measure->title).toHtmlEscaped(),
                                        theme::colours().slate.name(), words::referenceText(*measure, set->reference)));
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
            for (const Trial& trial : trialsOf(data, workspace().session(), workspace().stress()))
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
    addRulers(def->when);
    QStringList believed;
    for (const Belief& belief : data.beliefs) {
        const SetDeviation* set = assessment->deviation(belief.measure);
        const MeasureDef* measure = data.pack.measure(belief.measure);
        if (!set || !measure || belief.measure != leadingMeasure(data.pack, *assessment, *def))
            continue;
        QString line = tr("%1: \"%2\"").arg(guessName(belief.whose), belief.words.toHtmlEscaped());
        if (belief.value)
            line += tr(", about %1 %2").arg(words::number(*belief.value, 2), words::unitOf(*measure));
        believed << line + tr(". Measured: <b>%1</b>.").arg(words::withU(*measure, set->median, set->expandedU));
    }
    belief_->setText(believed.join(QStringLiteral("<br>")));
    belief_->setVisible(!believed.isEmpty());
    const Decision* decision = decisionOn(fault_);
    decided_->setText(decision
                          ? tr("Decided on %1: %2%3")
                                .arg(words::moment(decision->at), toString(decision->choice),
                                     decision->reason.isEmpty() ? QString() : QStringLiteral(" — ") + decision->reason)
                          : tr("Not decided yet. The program ranks; you decide."));
    open_->setEnabled(decision != nullptr);
    for (const auto& [button, choice] : {std::pair{work_, Decision::Choice::WorkOn},
                                         {park_, Decision::Choice::Park},
                                         {notFault_, Decision::Choice::NotAFault}}) {
        button->setCheckable(true);
        button->setChecked(decision && decision->choice == choice);
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
    QStringList reasons;
    for (const FaultDef& other : pack.faults)
        for (const CauseDef& cause : other.causes)
            if (cause.fault == fault_)
                reasons << QStringLiteral("%1: \"%2\"").arg(words::text(other.title), words::text(cause.because));
    for (const CauseDef& cause : pack.fault(fault_)->causes)
        reasons.prepend(
            QStringLiteral("%1: \"%2\"")
                .arg(cause.fault.empty() ? words::text(cause.title) : words::text(pack.fault(cause.fault)->title),
                     words::text(cause.because)));
    because_->setText(reasons.join(u'\n'));
    terms_->show(workspace().data(), *assessment,
                 trialsOf(workspace().data(), workspace().session(), workspace().stress()),
                 workspace().stressLevels().size() > 1, *finding);
}

void FindingsPage::setOverride(const TermOverride& override) {
    if (override.reason.empty()) {
        workspace().say(tr("Say why: a value set by hand is kept with its reason."), true);
        return;
    }
    const CaseId id = workspace().data().id;
    if (workspace().apply(tr("Set %1 by hand").arg(words::text(toString(override.term))),
                          [id, override](Edit& edit) { return edit.setOverride(id, override); })) {
        terms_->leaveEditor();
        setFocus();
    }
}

void FindingsPage::decide(Decision::Choice choice) {
    if (fault_.empty() || !workspace().assessment())
        return;
    const FaultDef* def = workspace().data().pack.fault(fault_);
    const Decision decision{fault_, choice, reason_->text().trimmed(), QDateTime::currentDateTimeUtc()};
    const CaseId id = workspace().data().id;
    if (choice != Decision::Choice::WorkOn && decision.reason.isEmpty()) {
        workspace().say(
            tr("Say why \"%1\" is not worked on: the reason is kept with the case.").arg(words::text(def->title)),
            true);
        reason_->setFocus();
        showEvidence();
        return;
    }
    int working = 0;
    for (const Decision& other : workspace().data().decisions)
        working += other.choice == Decision::Choice::WorkOn && other.fault != fault_;
    if (choice == Decision::Choice::WorkOn && working >= 2) {
        workspace().say(tr("One main and one minor focus are chosen already. Open one of them again first: correcting "
                           "everything at once corrects nothing."),
                        true);
        showEvidence();
        return;
    }
    workspace().apply(tr("Decide \"%1\": %2").arg(words::text(def->title), toString(choice)),
                      [id, decision](Edit& edit) { return edit.decide(id, decision); });
    reason_->clear();
    setFocus();
}

void FindingsPage::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Up:
        list_->setCurrentRow(std::max(0, list_->currentRow() - 1));
        return;
    case Qt::Key_Down:
        list_->setCurrentRow(std::min(list_->count() - 1, list_->currentRow() + 1));
        return;
    case Qt::Key_W:
        decide(Decision::Choice::WorkOn);
        return;
    case Qt::Key_P:
        decide(Decision::Choice::Park);
        return;
    case Qt::Key_X:
        decide(Decision::Choice::NotAFault);
        return;
    default:
        Page::keyPressEvent(event);
    }
}

} // namespace riflesso
