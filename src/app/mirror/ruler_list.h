#pragma once
// Every measure of the set as a deviation ruler, in the order of the movement. One of them is chosen: the one drawn on
// the pictures.

#include "app/page.h"
#include "core/judge/filming_list.h"

class QComboBox;
class QHBoxLayout;
class QVBoxLayout;

namespace riflesso {

/// A group of measures under a heading: timing, at each event, over each phase, observed, over the set.
struct MeasureGroup {
    QString title;
    std::vector<const MeasureDef*> measures;
};
[[nodiscard]] std::vector<MeasureGroup> groupedMeasures(const Pack& pack);
/// The same by the part of the body that a measure is about, from the floor up.
[[nodiscard]] std::vector<MeasureGroup> measuresByPart(const Pack& pack);

class RulerRow;

class RulerList : public QWidget {
    Q_OBJECT
public:
    explicit RulerList(QWidget* parent = nullptr);
    /// `assessment` may be null: nothing is measured yet. `trial` is drawn larger on each ruler. `wishes`: what would
    /// give a value to those without (filming_list.h).
    void show(const Pack& pack, std::shared_ptr<const Assessment> assessment, const std::string& trial,
              std::vector<FilmingWish> wishes);
    void setChosen(const std::string& measure);
    /// The measure `step` places after `measure` in the list's order, the first one when it is not listed.
    [[nodiscard]] std::string after(const std::string& measure, int step) const;

signals:
    void measureChosen(const QString& measure);
    void repetitionClicked(const QString& trial);
    void why(const QString& measure);

private:
    void fill();
    void addRow(const MeasureDef& def);
    void addReason(const MeasureDef& def, QHBoxLayout& line);
    /// Under the title: what it is judged against, what it trades with, and where it is only as seen.
    [[nodiscard]] QString smallWords(const MeasureDef& def, const SetDeviation* set) const;
    [[nodiscard]] bool wanted(const MeasureDef& def) const;
    QVBoxLayout* rows_;
    QComboBox *grouping_, *filter_;
    Pack pack_;
    std::shared_ptr<const Assessment> assessment_;
    std::string trial_;
    std::vector<FilmingWish> wishes_;
    std::vector<std::pair<std::string, RulerRow*>> byMeasure_;
    std::string chosen_;
    QColor ink_; ///< of the theme that the rows are made in
};

} // namespace riflesso
