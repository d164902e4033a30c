#include "app/plan/forecast_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "core/uncertainty/stats.h"
#include "report/evidence.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {

ForecastBox::ForecastBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 6, 0, 0);
    column->setSpacing(4);
    column->addWidget(label(tr("WHAT THE RETEST WILL SHOW"), theme::kHeading));
    list_ = new QVBoxLayout;
    list_->setSpacing(2);
    column->addLayout(list_);
    auto* row = new QHBoxLayout;
    measure_ = new ChoiceBox;
    measure_->setObjectName(QStringLiteral("forecastMeasure"));
    measure_->setAccessibleName(tr("Measure of the forecast"));
    measure_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    value_ = new QDoubleSpinBox;
    value_->setObjectName(QStringLiteral("forecastValue"));
    value_->setAccessibleName(tr("Value expected at the retest"));
    value_->setRange(-1000, 1000);
    value_->setDecimals(2);
    auto* keep = new QPushButton(tr("Write down"));
    keep->setObjectName(QStringLiteral("keepForecast"));
    keep->setToolTip(tr("It is locked at once: a forecast is made before, and scored after."));
    row->addWidget(measure_, 1);
    row->addWidget(value_);
    row->addWidget(keep);
    column->addLayout(row);
    connect(measure_, &QComboBox::currentIndexChanged, this, &ForecastBox::suggest);
    connect(keep, &QPushButton::clicked, this, &ForecastBox::keep);
}

const ResultDef* ForecastBox::resultOf(const std::string& measure) const {
    for (const ResultDef& def : workspace_.data().pack.results)
        if (measure == std::string(Belief::kOfResult) + def.id)
            return &def;
    return nullptr;
}

QString ForecastBox::resultWords(const ResultDef& def, double value) {
    if (def.type == ResultType::Choice)
        return tr("%1 % good").arg(words::number(100 * value, 0));
    return def.unit.empty() ? words::number(value, 2)
                            : QStringLiteral("%1 %2").arg(words::number(value, 2), words::text(def.unit));
}

void ForecastBox::suggest() {
    if (!workspace_.hasCase())
        return;
    const auto assessment = workspace_.assessment();
    const std::string id = measure_->currentData().toString().toStdString();
    if (const ResultDef* result = resultOf(id)) {
        // A share is typed in percent; what it is now is a place to start from.
        const bool share = result->type == ResultType::Choice;
        std::vector<double> values;
        for (const Trial& trial : *workspace_.chosenTrials())
            if (const auto value = resultValue(*result, trial.result(result->id)))
                values.push_back(*value);
        value_->setSuffix(share                  ? tr(" % good")
                          : result->unit.empty() ? QString()
                                                 : QStringLiteral(" ") + words::text(result->unit));
        if (!values.empty())
            value_->setValue((share ? 100 : 1) * mean(values));
        return;
    }
    // From what is measured now: half the way to the reference is no forecast, only a place to start from.
    const SetDeviation* set = assessment ? assessment->deviation(id) : nullptr;
    const std::optional<MeasureDef> def = workspace_.data().pack.judgedAs(id);
    if (!set || !def)
        return;
    value_->setSuffix(words::unitAfter(*def));
    value_->setValue(set->median - set->deviation / 2);
}

void ForecastBox::show() {
    const auto assessment = workspace_.assessment();
    const CaseData& data = workspace_.data();
    setVisible(assessment && !assessment->prescription.focus.empty());
    clearLayout(list_);
    if (!assessment)
        return;
    for (const Belief& belief : data.beliefs) {
        const std::optional<MeasureDef> def = data.pack.judgedAs(belief.measure);
        const ResultDef* result = resultOf(belief.measure);
        if (belief.whose != Guesser::Forecast || !belief.value || (!def && !result))
            continue;
        auto* line = label(tr("%1: <b>%2</b>. %3")
                               .arg(words::text(result ? result->title : def->title).toHtmlEscaped(),
                                    result ? resultWords(*result, *belief.value) : words::named(*def, *belief.value),
                                    belief.words.toHtmlEscaped()));
        line->setObjectName(QStringLiteral("forecast-") + words::text(belief.measure));
        list_->addWidget(line);
    }
    const QString chosen = measure_->currentData().toString();
    const QSignalBlocker block(measure_);
    measure_->clear();
    std::vector<std::string> offered; // what is worked on first
    for (const Focus& focus : assessment->prescription.focus)
        if (const std::string id = leadingMeasure(data.pack, *assessment, *data.pack.fault(focus.fault)); !id.empty())
            offered.push_back(id);
    for (const SetDeviation& set : assessment->deviations)
        if (data.pack.measure(set.measure) && std::find(offered.begin(), offered.end(), set.measure) == offered.end())
            offered.push_back(set.measure);
    for (const std::string& id : offered)
        measure_->addItem(words::text(data.pack.measureTitle(id)), words::text(id));
    for (const ResultDef& def : data.pack.results)
        measure_->addItem(tr("Result: %1").arg(words::text(def.title)),
                          QString::fromStdString(std::string(Belief::kOfResult) + def.id));
    measure_->setCurrentIndex(std::max(0, measure_->findData(chosen)));
    suggest();
}

void ForecastBox::keep() {
    const auto assessment = workspace_.assessment();
    const CaseData& data = workspace_.data();
    const std::string id = measure_->currentData().toString().toStdString();
    const SetDeviation* set = assessment ? assessment->deviation(id) : nullptr;
    const std::optional<MeasureDef> def = data.pack.judgedAs(id);
    const ResultDef* result = resultOf(id);
    if (!result && (!set || !def))
        return;
    Belief forecast;
    forecast.measure = id;
    forecast.whose = Guesser::Forecast;
    forecast.value = value_->value() / (result && result->type == ResultType::Choice ? 100 : 1);
    forecast.locked = true;
    forecast.said = QDate::currentDate();
    const QDate today = QDate::currentDate();
    forecast.words =
        (data.plan.retest.isValid() ? tr("Written down on %1 for the retest on %2, from %3")
                                          .arg(words::date(today), words::date(data.plan.retest))
                                    : tr("Written down on %1 for the retest, from %2").arg(words::date(today)))
            .arg(result ? words::inSentence(words::text(result->title))
                        : words::withU(*def, set->median, set->expandedU));
    const CaseId caseId = data.id;
    workspace_.apply(tr("Write down a forecast"), [&](Edit& edit) { return edit.addBelief(caseId, forecast); });
}

} // namespace riflesso
