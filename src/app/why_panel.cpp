#include "app/why_panel.h"

#include "app/page.h"
#include "app/target_editor.h"
#include "app/theme.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

WhyPanel::WhyPanel(Workspace& workspace, QWidget* parent) : QFrame(parent), workspace_(workspace) {
    setObjectName(QStringLiteral("whyPanel"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Why this number"));
    setStyleSheet(QStringLiteral("#whyPanel { background: %1; border-left: 2px solid %2; }")
                      .arg(theme::colours().raised.name(), theme::colours().ink.name()));
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(14, 10, 6, 10);
    auto* top = new QHBoxLayout;
    top->addWidget(label(tr("WHY THIS NUMBER"), theme::kHeading), 1);
    auto* close = new QPushButton(tr("Close"));
    close->setObjectName(QStringLiteral("closeWhy"));
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    top->addWidget(close);
    outer->addLayout(top);
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    auto* inner = new QWidget;
    inner->setObjectName(QStringLiteral("raised"));
    body_ = new QVBoxLayout(inner);
    body_->setContentsMargins(0, 4, 8, 4);
    body_->setSpacing(5);
    scroll->setWidget(inner);
    outer->addWidget(scroll, 1);
    hide();
}

void WhyPanel::placeIn(const QRect& area) {
    const int width = std::min(400, area.width() / 2);
    setGeometry(area.right() - width + 1, area.top(), width, area.height());
}

void WhyPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        hide();
    else
        QFrame::keyPressEvent(event);
}

void WhyPanel::explain(const QString& measure, const QString& trial) {
    clearLayout(body_);
    fill(measure.toStdString(), trial.toStdString());
    body_->addStretch();
    show();
    raise();
    setFocus();
}

void WhyPanel::changeTarget(const QString& measure) {
    explain(measure, {});
    if (auto* low = findChild<QWidget*>(QStringLiteral("targetLow")))
        low->setFocus();
}

void WhyPanel::fill(const std::string& measure, const std::string& trial) {
    const auto assessment = workspace_.assessment();
    if (!workspace_.hasCase())
        return;
    const Pack& pack = workspace_.data().pack;
    const std::optional<MeasureDef> def = pack.judgedAs(measure);
    if (!def)
        return;
    body_->addWidget(label(words::text(def->title), theme::kBig));
    const MeasureDef& defined = *pack.measure(measure); // a lag is one number of it
    body_->addWidget(label(words::definition(pack, defined)));
    if (!defined.about.empty())
        body_->addWidget(label(words::text(defined.about), theme::kQuiet));
    const SetDeviation* set = assessment ? assessment->deviation(measure) : nullptr;
    if (set) {
        body_->addWidget(hairline());
        body_->addWidget(
            label(tr("Set of %1: median <b>%2</b>, %3 from the reference, tolerance %4; state <b>%5</b>.")
                      .arg(set->repetitions.size())
                      .arg(words::withU(*def, set->median, set->expandedU),
                           words::number(set->deviation, words::decimalsFor(set->expandedU)),
                           words::named(*def, set->tolerance),
                           look::wordOf(set->strength ? look::Sign::Strength : look::signOf(set->state)))));
        body_->addWidget(label(tr("Reference: %1%2")
                                   .arg(words::referenceText(*def, *set),
                                        set->reference.provenance.empty()
                                            ? QString()
                                            : QStringLiteral(" (%1)").arg(words::text(set->reference.provenance))),
                               theme::kQuiet));
        body_->addWidget(label(
            tr("± is twice the standard uncertainty of the median: √(π/2 · max(s², mean u²)/n + shared²), s = %1.")
                .arg(words::number(set->spread, words::decimalsFor(set->spread))),
            theme::kQuiet));
        if (!set->note.empty())
            body_->addWidget(label(words::text(set->note), theme::kQuiet));
        body_->addWidget(hairline());
        auto* target = new TargetEditor(workspace_, *def);
        // Later: the button that was clicked is taken down by it.
        connect(
            target, &TargetEditor::changed, this,
            [this, id = words::text(measure), trial = words::text(trial)] { explain(id, trial); },
            Qt::QueuedConnection);
        body_->addWidget(target);
    }
    if (!assessment)
        return;
    for (const TrialMeasures& measures : assessment->measures) {
        const MeasureValue* value = measures.find(measure);
        if (!value || (!trial.empty() && measures.trial != trial))
            continue;
        const RepetitionPlace place = placeOf(workspace_.data(), repetitionId(measures.trial));
        if (!place)
            continue;
        body_->addWidget(hairline());
        const QString name = tr("Repetition %1").arg(place.repetition->number);
        if (!value->valid()) {
            body_->addWidget(
                label(tr("<b>%1</b>: not available: %2.").arg(name, words::text(value->reason).toHtmlEscaped())));
            continue;
        }
        auto* row = new QHBoxLayout;
        row->addWidget(
            label(QStringLiteral("<b>%1</b>: %2").arg(name, words::withU(*def, *value->value, 2 * value->u))), 1);
        for (int frame : value->frames) {
            auto* go = new QPushButton(tr("frame %1").arg(frame));
            go->setObjectName(QStringLiteral("whyFrame"));
            go->setToolTip(tr("Show this frame and its marks"));
            const QString id = QString::fromStdString(measures.trial);
            connect(go, &QPushButton::clicked, this, [this, id, frame] {
                hide();
                emit goToFrame(id, frame);
            });
            row->addWidget(go);
        }
        body_->addLayout(row);
        if (trial.empty() && measures.trial != trialId(workspace_.repetition()))
            continue; // the budget of the chosen repetition is enough in the set's view
        double variance = 0;
        for (const BudgetPart& part : value->budget)
            variance += part.u * part.u;
        for (const BudgetPart& part : value->budget) {
            const double share = variance > 0 ? part.u * part.u / variance : 0;
            body_->addWidget(
                label(tr("%1: ± %2, %3 % of the variance")
                          .arg(words::text(part.what),
                               words::number(2 * part.u, words::decimalsFor(2 * part.u)) + words::unitAfter(*def))
                          .arg(qRound(100 * share)),
                      theme::kQuiet));
        }
        for (const Sentence& note : value->notes)
            body_->addWidget(label(words::text(note), theme::kQuiet));
    }
}

} // namespace riflesso
