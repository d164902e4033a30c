#pragma once
// Progress: an earlier session against a later one: what changed by more than chance, which faults are gone, what holds
// under harder conditions, what was believed.

#include "app/page.h"
#include "work/case_assessment.h"

class QComboBox;
class QPushButton;
class QStackedWidget;
class QTableWidget;
class QVBoxLayout;

namespace riflesso {

class PracticeOverTime;
class RunChartView;

class ProgressPage : public Page {
    Q_OBJECT
public:
    ProgressPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;

private:
    QWidget* buildFilm();
    QWidget* buildSide();
    /// Practice over weeks, or the film of two sessions.
    void showView(bool practice);
    void fillChoices();
    void compare();
    void showChanges();
    void showSide();
    void showChart();
    [[nodiscard]] std::vector<const Session*> own() const;

    QComboBox *before_, *after_, *level_;
    QTableWidget* changes_;
    RunChartView* chart_;
    PracticeOverTime* practice_;
    QStackedWidget* views_;
    QPushButton *toPractice_, *toFilm_;
    CaseId viewOf_; ///< the case whose view was chosen
    QVBoxLayout* side_;
    std::shared_ptr<const Progress> progress_;
    std::shared_ptr<const CaseData> comparedData_; ///< what progress_ was made from
    int generation_ = 0;
    bool filling_ = false, comparing_ = false;
};

} // namespace riflesso
