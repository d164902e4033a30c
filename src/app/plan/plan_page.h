#pragma once
// Plan: the ladder of the chosen focus, where the athlete stands; dates, homework, conflicts in place.

#include "app/page.h"
#include "core/plan/prescription.h"

class QDateEdit;
class QSpinBox;
class QVBoxLayout;

namespace riflesso {

class ApproachBox;
class DisputeBox;
class ForecastBox;
class WeekView;

class PlanPage : public Page {
    Q_OBJECT
public:
    PlanPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    void refresh() override;
    /// What the button does once a file is chosen.
    void writeCalendarFile(const QString& path);

private:
    void save();
    /// What is prescribed now; nothing where nothing is judged.
    /// Drills that are left out, and why.
    void addLeftOut(const Prescription& prescription);
    void addWaiting();
    [[nodiscard]] Prescription prescription() const;
    void showLesson(const CaseData& data);
    QVBoxLayout *ladder_, *conflicts_, *lesson_;
    QSpinBox *sessions_, *homework_, *noChange_;
    QDateEdit *start_, *retest_, *retention_;
    WeekView* weeks_;
    DisputeBox* disputes_;
    ForecastBox* forecast_;
    ApproachBox* approach_;
    std::map<std::string, bool> unfolded_; ///< drills whose step was unfolded or folded by hand
    bool filling_ = false;
};

} // namespace riflesso
