#pragma once
// Plan: the ladder of the chosen focus, where the athlete stands; dates, homework, conflicts in place.

#include "app/page.h"

class QDateEdit;
class QSpinBox;
class QVBoxLayout;

namespace riflesso {

/// The weeks of a plan, a row each, with what falls into them.
class WeekView : public QWidget {
    Q_OBJECT
public:
    explicit WeekView(QWidget* parent = nullptr);
    void setCase(const CaseData& data);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    PlanSettings plan_;
    std::vector<Competition> competitions_;
    QDate first_;
    int weeks_ = 0;
};

class PlanPage : public Page {
    Q_OBJECT
public:
    PlanPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    void refresh() override;

private:
    void save();
    QVBoxLayout *ladder_, *conflicts_;
    QSpinBox *sessions_, *homework_, *noChange_;
    QDateEdit *start_, *retest_, *retention_;
    WeekView* weeks_;
    bool filling_ = false;
};

} // namespace riflesso
