#include "app/bench/lap_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kRows = 6;

QString plusMinusOf(const Uncertain& value) {
    const int decimals = words::decimalsFor(std::max(2 * value.u, 1e-6));
    return QStringLiteral("%1 ± %2").arg(words::number(value.value, decimals), words::number(2 * value.u, decimals));
}

} // namespace

LapPanel::LapPanel(QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(tr("LAPS"), theme::kHeading));
    counted_ = new ChoiceBox;
    counted_->setObjectName(QStringLiteral("lapCounted"));
    counted_->setAccessibleName(tr("What is counted in the laps"));
    counted_->addItem(tr("counted: whole cycles"), static_cast<int>(Counted::Cycles));
    counted_->addItem(tr("counted: every side"), static_cast<int>(Counted::Sides));
    counted_->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(counted_);
    table_ = new QTableWidget(kRows, 3);
    table_->setObjectName(QStringLiteral("lapTable"));
    table_->setAccessibleName(tr("Laps: distance, time, count"));
    table_->setHorizontalHeaderLabels({tr("m"), tr("s"), tr("count")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->verticalHeader()->hide(); // with it goes the corner, a button without a name
    table_->setFixedHeight(table_->horizontalHeader()->sizeHint().height() +
                           kRows * table_->verticalHeader()->defaultSectionSize() / 2 + 60);
    table_->setTabKeyNavigation(false);
    layout->addWidget(table_);
    figures_ = label({}, theme::kQuiet);
    figures_->setObjectName(QStringLiteral("lapFigures"));
    layout->addWidget(figures_);
    connect(table_, &QTableWidget::cellChanged, this, &LapPanel::read);
    connect(counted_, &QComboBox::activated, this, &LapPanel::read);
    read();
}

std::vector<Lap> LapPanel::laps() const {
    std::vector<Lap> out;
    for (int row = 0; row < table_->rowCount(); ++row) {
        double numbers[3] = {0, 0, 0};
        bool whole = true;
        for (int column = 0; column < 3; ++column) {
            const QTableWidgetItem* item = table_->item(row, column);
            bool isNumber = false;
            numbers[column] = item ? QLocale().toDouble(item->text().trimmed(), &isNumber) : 0;
            whole = whole && isNumber && numbers[column] > 0 && std::isfinite(numbers[column]);
        }
        if (whole)
            out.push_back({numbers[0], numbers[1], numbers[2], 0, 0});
    }
    return out;
}

QString LapPanel::words() const {
    const std::vector<Lap> all = laps();
    if (all.empty())
        return {};
    const LapTable table = lapTable(all, static_cast<Counted>(counted_->currentData().toInt()));
    QStringList lines;
    const auto line = [&](const QString& name, const LapFigures& figures) {
        lines << tr("%1: %2 a minute · %3 m each · %4 m/s")
                     .arg(name, plusMinusOf(figures.ratePerMinute), plusMinusOf(figures.lengthM),
                          plusMinusOf(figures.speedMps));
    };
    for (std::size_t i = 0; i < table.laps.size(); ++i)
        line(tr("Lap %1").arg(i + 1), table.laps[i]);
    if (table.laps.size() > 1) {
        line(tr("All"), table.whole);
        // From the first to the last: what was bought with what.
        const LapFigures &first = table.laps.front(), &last = table.laps.back();
        const auto moved = [](const Uncertain& a, const Uncertain& b) {
            const double change = b.value - a.value;
            return std::abs(change) <= 2 * std::hypot(a.u, b.u) ? 0 : change > 0 ? 1 : -1;
        };
        const int rate = moved(first.ratePerMinute, last.ratePerMinute), length = moved(first.lengthM, last.lengthM),
                  speed = moved(first.speedMps, last.speedMps);
        const auto way = [](int sign) { return sign > 0 ? tr("up") : sign < 0 ? tr("down") : tr("as before"); };
        lines << tr("From the first lap to the last: rate %1, length %2, speed %3.")
                     .arg(way(rate), way(length), way(speed));
        if (rate * length < 0)
            lines << (rate > 0 ? tr("Rate was bought with length.") : tr("Length was bought with rate."));
    }
    return lines.join(QStringLiteral("<br>"));
}

void LapPanel::read() {
    const QString figures = words();
    figures_->setText(figures.isEmpty() ? tr("Type metres, seconds and the count of a lap.") : figures);
}

} // namespace riflesso
