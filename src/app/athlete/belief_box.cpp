#include "app/athlete/belief_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

namespace riflesso {

QString guessName(Guesser whose) {
    return whose == Guesser::Analyst    ? BeliefBox::tr("First guess")
           : whose == Guesser::Forecast ? BeliefBox::tr("Forecast")
                                        : BeliefBox::tr("Believed");
}

BeliefBox::BeliefBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("BELIEVED AND GUESSED BEFORE ANY RESULT"), theme::kHeading));
    layout->addWidget(label(tr("Ask the athlete before anything is shown, and write down your own first guess. Results "
                               "are shown once both are locked, for good; then they stand beside the measured value."),
                            theme::kQuiet));
    list_ = new QVBoxLayout;
    layout->addLayout(list_);
    whose_ = new ChoiceBox;
    whose_->setObjectName(QStringLiteral("beliefWhose"));
    whose_->setAccessibleName(tr("Whose guess it is"));
    whose_->addItem(tr("The athlete's"), static_cast<int>(Guesser::Athlete));
    whose_->addItem(tr("My first guess"), static_cast<int>(Guesser::Analyst));
    measure_ = new ChoiceBox;
    measure_->setObjectName(QStringLiteral("beliefMeasure"));
    measure_->setAccessibleName(tr("Measure the belief is about"));
    measure_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    value_ = new QDoubleSpinBox;
    value_->setObjectName(QStringLiteral("beliefValue"));
    value_->setRange(-1000, 1000);
    value_->setDecimals(2);
    value_->setAccessibleName(tr("Believed value"));
    auto* first = new QHBoxLayout;
    first->addWidget(whose_);
    first->addWidget(measure_, 1);
    first->addWidget(value_);
    layout->addLayout(first);
    words_ = new QLineEdit;
    words_->setObjectName(QStringLiteral("beliefWords"));
    words_->setAccessibleName(tr("The belief in words"));
    auto* add = new QPushButton(tr("Write down"));
    add->setObjectName(QStringLiteral("addBelief"));
    auto* second = new QHBoxLayout;
    second->addWidget(words_, 1);
    second->addWidget(add);
    layout->addLayout(second);
    lock_ = new QPushButton(tr("Lock what was written down"));
    lock_->setObjectName(QStringLiteral("lockBeliefs"));
    lock_->setToolTip(tr("After this they cannot be changed: what was believed before the results stays as it was."));
    layout->addWidget(lock_, 0, Qt::AlignLeft);
    connect(add, &QPushButton::clicked, this, &BeliefBox::add);
    connect(words_, &QLineEdit::returnPressed, this, &BeliefBox::add);
    const auto hint = [this] {
        words_->setPlaceholderText(whose_->currentIndex() == 0 ? tr("In the athlete's own words")
                                                               : tr("In a few words: what you expect to find"));
    };
    connect(whose_, &QComboBox::currentIndexChanged, this, hint);
    hint();
    connect(measure_, &QComboBox::currentIndexChanged, this, [this] {
        const MeasureDef* def = workspace_.hasCase()
                                    ? workspace_.data().pack.measure(measure_->currentData().toString().toStdString())
                                    : nullptr;
        value_->setSuffix(def ? words::unitAfter(*def) : QString());
    });
    connect(lock_, &QPushButton::clicked, this, [this] {
        const CaseId id = workspace_.data().id;
        workspace_.applyForGood([id](Edit& edit) { return edit.lockBeliefs(id); });
    });
    const auto notAsked = [this](const QString& text, const char* name, Guesser whose) {
        auto* button = new QPushButton(text);
        button->setObjectName(QLatin1String(name));
        button->setToolTip(tr("Said with today's date, for good: results are shown then without it."));
        connect(button, &QPushButton::clicked, this, [this, whose] {
            const CaseId id = workspace_.data().id;
            workspace_.applyForGood(
                [id, whose](Edit& edit) { return edit.sayNotAsked(id, whose, QDate::currentDate()); });
        });
        return button;
    };
    notAskedAthlete_ = notAsked(tr("The athlete is not asked"), "athleteNotAsked", Guesser::Athlete);
    notAskedAnalyst_ = notAsked(tr("No first guess"), "noFirstGuess", Guesser::Analyst);
    auto* third = new QHBoxLayout;
    third->addWidget(notAskedAthlete_);
    third->addWidget(notAskedAnalyst_);
    third->addStretch();
    layout->addLayout(third);
}

void BeliefBox::fillMeasures() {
    const Pack& pack = workspace_.data().pack;
    if (measure_->property("pack").toString() == words::text(pack.id) &&
        measure_->count() == static_cast<int>(pack.measures.size()))
        return;
    measure_->clear();
    for (const MeasureDef& def : pack.measures)
        measure_->addItem(words::text(def.title), words::text(def.id));
    measure_->setProperty("pack", words::text(pack.id));
}

void BeliefBox::refresh() {
    fillMeasures();
    clearLayout(list_);
    const Pack& pack = workspace_.data().pack;
    bool anyOpen = false;
    for (const Belief& belief : workspace_.data().beliefs) {
        const std::optional<MeasureDef> def = pack.judgedAs(belief.measure);
        auto* row = new QHBoxLayout;
        QString text = QStringLiteral("<b>%1</b><br>%2: %3")
                           .arg(def ? words::text(def->title) : words::text(belief.measure), guessName(belief.whose),
                                words::quoted(belief.words).toHtmlEscaped());
        if (belief.value && def)
            text += tr(", about %1").arg(words::named(*def, *belief.value));
        row->addWidget(label(text), 1);
        if (belief.locked) {
            row->addWidget(label(tr("locked"), theme::kQuiet));
        } else {
            anyOpen = true;
            auto* remove = new QPushButton(tr("Remove"));
            connect(remove, &QPushButton::clicked, this, [this, id = belief.id] {
                workspace_.apply(tr("Remove a belief"), [id](Edit& edit) { return edit.removeBelief(id); });
            });
            row->addWidget(remove);
        }
        list_->addLayout(row);
        list_->addWidget(hairline());
    }
    lock_->setEnabled(anyOpen);
    const CaseData& data = workspace_.data();
    const auto settled = [&](Guesser whose) {
        return data.notAsked.contains(whose) ||
               std::any_of(data.beliefs.begin(), data.beliefs.end(),
                           [whose](const Belief& belief) { return belief.whose == whose; });
    };
    notAskedAthlete_->setVisible(!settled(Guesser::Athlete));
    notAskedAnalyst_->setVisible(!settled(Guesser::Analyst));
    for (const auto& [whose, day] : data.notAsked) {
        const QString text =
            whose == Guesser::Athlete ? tr("The athlete was not asked (%1).") : tr("No first guess (%1).");
        list_->addWidget(label(text.arg(words::date(day)), theme::kQuiet));
    }
}

void BeliefBox::add() {
    Belief belief;
    belief.measure = measure_->currentData().toString().toStdString();
    belief.words = words_->text().trimmed();
    belief.value = value_->value();
    belief.whose = static_cast<Guesser>(whose_->currentData().toInt());
    if (belief.words.isEmpty()) {
        workspace_.say(tr("Write the belief down in words."), true);
        words_->setFocus();
        return;
    }
    const CaseId id = workspace_.data().id;
    if (workspace_.apply(belief.whose == Guesser::Athlete ? tr("Write down a belief") : tr("Write down a first guess"),
                         [&](Edit& edit) { return edit.addBelief(id, belief); }))
        words_->clear();
}

} // namespace riflesso
