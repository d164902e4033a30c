#include "app/widgets/group_rulers.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/sign_label.h"
#include "report/words.h"

#include <QGridLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// "9 ± 4 ° more than calm: worse"
QString against(const MeasureDef& def, const GroupDeviation& first, const GroupDeviation& other) {
    const Change change = changeBetween(first.summary(), other.summary(), {});
    const bool real = std::abs(change.change) > change.detectable;
    const QString difference =
        (change.change < 0 ? GroupRulers::tr("%1 less than %2") : GroupRulers::tr("%1 more than %2"))
            .arg(words::withU(def, std::abs(change.change), 2 * change.u), words::text(first.name));
    if (!change.reason.empty())
        return GroupRulers::tr("%1: %2").arg(difference, words::text(change.reason));
    switch (change.verdict) {
    case ChangeVerdict::Better:
        return GroupRulers::tr("%1: better").arg(difference);
    case ChangeVerdict::Worse:
        return GroupRulers::tr("%1: worse").arg(difference);
    default:
        return real ? GroupRulers::tr("%1: neither nearer nor further").arg(difference)
                    : GroupRulers::tr("%1: could be chance").arg(difference);
    }
}

} // namespace

GroupRulers::GroupRulers(QWidget* parent) : QWidget(parent), grid_(new QGridLayout(this)) {
    grid_->setContentsMargins(0, 2, 0, 2);
    grid_->setHorizontalSpacing(6);
    grid_->setVerticalSpacing(0);
    grid_->setColumnStretch(1, 1);
}

void GroupRulers::show(const MeasureDef& def, const std::vector<GroupDeviation>& groups, const QString& heading) {
    clearLayout(grid_);
    int row = 0;
    if (!heading.isEmpty())
        grid_->addWidget(label(heading, theme::kHeading), row++, 0, 1, 4);
    std::vector<DeviationRuler*> rulers;
    double low = 0, high = 0;
    for (const GroupDeviation& group : groups) {
        auto* name = label(QStringLiteral("%1<br><span style='color:%2; font-size:8.5pt'>%3</span>")
                               .arg(words::text(group.name).toHtmlEscaped(), theme::colours().slate.name(),
                                    words::counted(group.set.repetitions.size(), tr("value"), tr("values"))));
        name->setFixedWidth(110);
        grid_->addWidget(name, row, 0);
        auto* ruler = new DeviationRuler;
        ruler->setSet(def, group.set);
        connect(ruler, &DeviationRuler::repetitionClicked, this, &GroupRulers::repetitionClicked);
        const auto [own, top] = ruler->range();
        low = rulers.empty() ? own : std::min(low, own);
        high = rulers.empty() ? top : std::max(high, top);
        rulers.push_back(ruler);
        grid_->addWidget(ruler, row, 1);
        grid_->addWidget(new SignLabel(look::signOf(group.set.state)), row, 2);
        auto* value = label(words::withU(def, group.set.median, group.set.expandedU), theme::kStrong);
        value->setWordWrap(false);
        value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        value->setObjectName(QStringLiteral("group-") + words::text(group.name));
        grid_->addWidget(value, row++, 3);
        if (rulers.size() > 1) {
            auto* line = label(against(def, groups.front(), group), theme::kQuiet);
            line->setObjectName(QStringLiteral("against-") + words::text(group.name));
            grid_->addWidget(line, row++, 1, 1, 3);
        }
    }
    for (int i = 0; i < row; ++i)
        grid_->setRowStretch(i, 0);
    grid_->setRowStretch(row, 1); // what is left stays below
    for (DeviationRuler* ruler : rulers)
        ruler->setRange(low, high);
}

} // namespace riflesso
