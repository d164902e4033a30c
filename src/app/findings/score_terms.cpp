#include "app/findings/score_terms.h"

#include "app/findings/wider_view.h"
#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/wrapping_row.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

ScoreTerms::ScoreTerms(QWidget* parent) : QWidget(parent), grid_(new QGridLayout), labels_(*grid_) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    editor_ = new QWidget;
    auto* form = new QVBoxLayout(editor_);
    form->setContentsMargins(8, 6, 8, 6);
    form->setSpacing(4);
    editor_->setObjectName(QStringLiteral("raised"));
    editor_->setAttribute(Qt::WA_StyledBackground);
    what_ = label({});
    value_ = new QDoubleSpinBox;
    value_->setObjectName(QStringLiteral("termValue"));
    value_->setAccessibleName(tr("Own value of the term"));
    value_->setDecimals(2);
    value_->setSingleStep(.05);
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("termReason"));
    reason_->setPlaceholderText(tr("Reason, kept with the case"));
    reason_->setAccessibleName(tr("Reason of the own value"));
    keep_ = new QPushButton(tr("Keep"));
    keep_->setObjectName(QStringLiteral("keepTerm"));
    computed_ = new QPushButton(tr("Computed again"));
    computed_->setObjectName(QStringLiteral("computedTerm"));
    auto* close = new QPushButton(tr("Leave"));
    close->setObjectName(QStringLiteral("leaveTerm"));
    auto* buttons = new WrappingRow;
    buttons->addWidget(value_);
    for (QPushButton* button : {keep_, computed_, close}) {
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 3px 8px;"));
        buttons->addWidget(button);
    }
    form->addWidget(what_);
    form->addWidget(reason_);
    form->addLayout(buttons);
    editor_->hide();
    layout->addWidget(editor_);
    grid_->setHorizontalSpacing(10);
    grid_->setVerticalSpacing(3);
    layout->addLayout(grid_);
    const auto keep = [this] {
        emit overrideAsked({fault_, term_, value_->value(), reason_->text().trimmed().toStdString()});
    };
    connect(keep_, &QPushButton::clicked, this, keep);
    connect(reason_, &QLineEdit::returnPressed, this, keep);
    connect(computed_, &QPushButton::clicked, this, [this] {
        leaveEditor();
        emit computedAsked(fault_, term_);
    });
    connect(close, &QPushButton::clicked, editor_, &QWidget::hide);
}

void ScoreTerms::clear() {
    labels_.begin();
    labels_.end();
    editor_->hide();
    fault_.clear();
}

void ScoreTerms::leaveEditor() { editor_->hide(); }

void ScoreTerms::edit(Term term, const QString& name, double value, bool isSet) {
    term_ = term;
    const auto [low, high] = rangeOf(term);
    value_->setRange(low, high);
    value_->setValue(value);
    reason_->clear();
    computed_->setVisible(isSet);
    what_->setText(tr("Your own value for \"%1\" of this finding:").arg(name));
    editor_->show();
    value_->setFocus();
    value_->selectAll();
}

void ScoreTerms::addTerm(int row, Term term, const QString& name, double value, const QString& note,
                         const Finding& finding) {
    const auto set = std::find_if(finding.overridden.begin(), finding.overridden.end(),
                                  [term](const OverriddenTerm& entry) { return entry.term == term; });
    const bool isSet = set != finding.overridden.end();
    labels_.put(name, nullptr, {}, row, 0);
    QLabel* number = labels_.put(QStringLiteral("<a href='x' style='color:%1; text-decoration:none'><b>%2</b></a>")
                                     .arg(theme::colours().ink.name(), words::number(value, 2)),
                                 nullptr, QStringLiteral("term-") + words::text(toString(term)), row, 1);
    number->setAccessibleName(tr("%1, set an own value").arg(name));
    number->setToolTip(tr("Click: set your own value, with the reason."));
    number->setAlignment(Qt::AlignRight);
    number->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    number->disconnect(this); // of the value before
    connect(number, &QLabel::linkActivated, this, [this, term, name, value, isSet] { edit(term, name, value, isSet); });
    labels_.put(isSet
                    ? tr("set by you: %1 (computed %2)").arg(words::text(set->reason), words::number(set->computed, 2))
                    : note,
                theme::kQuiet, {}, row, 2);
}

void ScoreTerms::show(const CaseData& data, const Assessment& assessment, const std::vector<Trial>& trials,
                      bool otherLevels, const Finding& finding) {
    labels_.begin();
    if (finding.fault != fault_)
        editor_->hide();
    fault_ = finding.fault;
    int row = 0;
    addTerm(row++, Term::Leverage, tr("leverage"), finding.leverage,
            tr("own %1 + explains %2")
                .arg(words::number(finding.severity, 2), words::number(finding.leverage - finding.severity, 2)),
            finding);
    addTerm(row++, Term::Frequency, tr("frequency"), finding.frequency,
            tr("shown in %1").arg(words::ofText(finding.shown, finding.judged)), finding);
    addTerm(row++, Term::Certainty, tr("certainty"), finding.certainty, tr("mean chance that it is real"), finding);
    addTerm(row++, Term::Effect, tr("effect"), finding.effect,
            data.yardstick.effects.contains(words::text(finding.fault)) ? tr("on the result, as yours show it")
                                                                        : tr("on the result, from the pack"),
            finding);
    addTerm(row++, Term::Readiness, tr("readiness"), finding.readiness,
            finding.changedTarget ? tr("limited: change the target") : tr("no limit named"), finding);
    labels_.put(tr("score"), theme::kStrong, {}, row, 0);
    labels_.put(words::number(finding.score, 2), theme::kStrong, QStringLiteral("score"), row, 1)
        ->setAlignment(Qt::AlignRight);
    labels_.put(tr("the product"), theme::kQuiet, {}, row++, 2);
    grid_->setColumnStretch(2, 1);
    labels_.put(tr("Order: %1. Safety stands above every order.").arg(words::schoolName(assessment.school)),
                theme::kQuiet, {}, row++, 0, 3);
    if (QLabel* link = addWiderView(labels_, row, data, assessment, trials, otherLevels, finding)) {
        link->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
        link->disconnect(this);
        connect(link, &QLabel::linkActivated, this, [this] { emit effectAsked(fault_); });
    }
    labels_.end();
}

} // namespace riflesso
