#pragma once
// Progress: an earlier session against a later one: what changed by more than chance, which faults are gone, what holds
// under harder conditions, what was believed.

#include "app/page.h"
#include "work/case_assessment.h"

class QComboBox;
class QTableWidget;
class QVBoxLayout;

namespace riflesso {

class RunChartView;

class ProgressPage : public Page {
    Q_OBJECT
public:
    ProgressPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    void refresh() override;

private:
    QWidget* buildSide();
    void fillChoices();
    void compare();
    void showChanges();
    void showSide();
    void showChart();
    [[nodiscard]] std::vector<const Session*> own() const;

    QComboBox *before_, *after_, *level_;
    QTableWidget* changes_;
    RunChartView* chart_;
    QVBoxLayout* side_;
    std::shared_ptr<const Progress> progress_;
    std::shared_ptr<const CaseData> comparedData_; ///< what progress_ was made from
    int generation_ = 0;
    bool filling_ = false, comparing_ = false;
};

} // namespace riflesso
