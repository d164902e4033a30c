#pragma once
// Every measure of the set as a deviation ruler, in the order of the movement. One of them is chosen: the one drawn on
// the pictures.

#include "app/page.h"
#include "core/assessment.h"

class QVBoxLayout;

namespace riflesso {

/// A group of measures under a heading: timing, at each event, over each phase, observed, over the set.
struct MeasureGroup {
    QString title;
    std::vector<const MeasureDef*> measures;
};
[[nodiscard]] std::vector<MeasureGroup> groupedMeasures(const Pack& pack);

class RulerRow;

class RulerList : public QWidget {
    Q_OBJECT
public:
    explicit RulerList(QWidget* parent = nullptr);
    /// `assessment` may be null: nothing is measured yet. `trial` is drawn larger on each ruler.
    void show(const Pack& pack, const Assessment* assessment, const std::string& trial);
    void setChosen(const std::string& measure);
    /// The measure `step` places after `measure` in the list's order, the first one when it is not listed.
    [[nodiscard]] std::string after(const std::string& measure, int step) const;

signals:
    void measureChosen(const QString& measure);
    void repetitionClicked(const QString& trial);
    void why(const QString& measure);

private:
    void addRow(const MeasureDef& def, const Assessment& assessment, const std::string& trial);
    QVBoxLayout* rows_;
    std::vector<std::pair<std::string, RulerRow*>> byMeasure_;
    std::string chosen_;
};

} // namespace riflesso
