// What the Findings page is made of.

#include "app/findings/findings_page.h"

#include "app/findings/score_terms.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/group_rulers.h"
#include "report/words.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace riflesso {

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
    school_ = new ChoiceBox;
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
    connect(pattern_, &QLabel::linkActivated, this, [this](const QString& page) { emit goTo(page); });
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
    notThis_ = label({}, theme::kQuiet);
    notThis_->setObjectName(QStringLiteral("notThis"));
    layout->addWidget(notThis_);
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
    conditions_ = new GroupRulers;
    conditions_->setObjectName(QStringLiteral("byCondition"));
    layout->addWidget(conditions_);
    belief_ = label({});
    layout->addWidget(belief_);
    layout->addWidget(hairline());
    auto* row = new QHBoxLayout;
    work_ = new QPushButton(tr("Work on this (W)"));
    work_->setObjectName(QStringLiteral("workOn"));
    park_ = new QPushButton(tr("Park (P)"));
    park_->setObjectName(QStringLiteral("park"));
    round_ = new QPushButton(tr("Work round it (A)"));
    round_->setObjectName(QStringLiteral("workRound"));
    round_->setToolTip(tr("Left as it is for now: the rest of the technique is arranged so that it harms least."));
    notFault_ = new QPushButton(tr("Not a fault here (X)"));
    notFault_->setObjectName(QStringLiteral("notAFault"));
    open_ = new QPushButton(tr("Open again"));
    open_->setObjectName(QStringLiteral("undecide"));
    for (QPushButton* button : {work_, park_, round_, notFault_, open_}) {
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 4px 8px;"));
        if (button != open_)
            row->addWidget(button);
    }
    row->addStretch();
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("reason"));
    reason_->setPlaceholderText(tr("Reason, kept with the case"));
    reason_->setAccessibleName(tr("Reason of the decision"));
    until_ = new QLineEdit;
    until_->setObjectName(QStringLiteral("until"));
    until_->setPlaceholderText(tr("until when"));
    until_->setAccessibleName(tr("Until when it is worked round"));
    until_->setToolTip(
        tr("Of \"work round it\" and \"park\": a day or an occasion. On a day such as 2026-12-05 it is asked again."));
    for (const QLineEdit* words : {reason_, until_})
        connect(words, &QLineEdit::returnPressed, this, [this] {
            if (asked_)
                decide(*asked_);
            else
                setFocus(); // a key decides, then with this reason
        });
    auto* why = new QHBoxLayout;
    why->addWidget(reason_, 3);
    why->addWidget(until_, 1);
    layout->addLayout(why);
    layout->addLayout(row);
    decided_ = label({}, theme::kQuiet);
    decided_->setObjectName(QStringLiteral("decided"));
    auto* last = new QHBoxLayout;
    last->addWidget(decided_, 1);
    last->addWidget(open_);
    layout->addLayout(last);
    layout->addStretch();
    connect(work_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::WorkOn); });
    connect(park_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::Park); });
    connect(round_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::WorkRound); });
    connect(notFault_, &QPushButton::clicked, this, [this] { decide(Decision::Choice::NotAFault); });
    connect(open_, &QPushButton::clicked, this, [this] {
        const CaseId id = this->workspace().data().id;
        const std::string fault = fault_;
        this->workspace().apply(tr("Open a decision again"),
                                [id, fault](Edit& edit) { return edit.undecide(id, fault); });
    });
    middle_ = new QStackedWidget;
    middle_->addWidget(scrolled(inner));
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(whole);
    column->setContentsMargins(14, 8, 14, 8);
    column->addWidget(label(
        tr("THE WHOLE CASE · causes left, consequences right, broken outline: outside the movement"), theme::kHeading));
    wholeMap_ = new CauseMap;
    wholeMap_->setObjectName(QStringLiteral("wholeMap"));
    column->addWidget(wholeMap_);
    column->addStretch();
    middle_->addWidget(scrolled(whole));
    connect(wholeMap_, &CauseMap::faultClicked, this, &FindingsPage::goToFault);
    return middle_;
}

QWidget* FindingsPage::buildWhy() {
    auto* inner = new QWidget;
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(8, 8, 14, 8);
    layout->setSpacing(5);
    auto* heading = new QHBoxLayout;
    heading->addWidget(label(tr("CAUSE MAP · causes left, consequences right"), theme::kHeading), 1);
    wholeCase_ = new QPushButton(tr("Whole case (M)"));
    wholeCase_->setObjectName(QStringLiteral("wholeCase"));
    wholeCase_->setCheckable(true);
    wholeCase_->setFocusPolicy(Qt::TabFocus);
    wholeCase_->setStyleSheet(QStringLiteral("padding: 3px 8px;"));
    heading->addWidget(wholeCase_);
    layout->addLayout(heading);
    connect(wholeCase_, &QPushButton::toggled, this, [this](bool on) { middle_->setCurrentIndex(on ? 1 : 0); });
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
    connect(terms_, &ScoreTerms::effectAsked, this, [this](const std::string& fault) {
        Yardstick changed = this->workspace().data().yardstick;
        const QString id = words::text(fault);
        const bool taken = changed.effects.removeAll(id) > 0;
        if (!taken)
            changed.effects << id;
        const CaseId of = this->workspace().data().id;
        this->workspace().apply(taken ? tr("The pack's word for the effect") : tr("The effect that the results show"),
                                [of, changed](Edit& edit) { return edit.setYardstick(of, changed); });
    });
    connect(terms_, &ScoreTerms::computedAsked, this, [this](const std::string& fault, Term term) {
        const CaseId id = this->workspace().data().id;
        this->workspace().apply(tr("Compute a term again"),
                                [id, fault, term](Edit& edit) { return edit.removeOverride(id, fault, term); });
    });
    layout->addStretch();
    connect(map_, &CauseMap::faultClicked, this, &FindingsPage::goToFault);
    return scrolled(inner);
}

} // namespace riflesso
