#pragma once
// Why a finding stands where it stands: the terms of its score; a click on one sets the analyst's own value for it,
// with the reason.

#include "app/widgets/kept_labels.h"
#include "core/judge/assessment.h"
#include "store/case_data.h"

#include <QWidget>

class QDoubleSpinBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace riflesso {

class ScoreTerms : public QWidget {
    Q_OBJECT
public:
    explicit ScoreTerms(QWidget* parent = nullptr);
    /// trials: those assessed; otherLevels: the session also holds repetitions under another condition.
    void show(const CaseData& data, const Assessment& assessment, const std::vector<Trial>& trials, bool otherLevels,
              const Finding& finding);
    void clear();
    void leaveEditor();

signals:
    void overrideAsked(const TermOverride& override);
    void computedAsked(const std::string& fault, Term term);
    /// The effect that the results show, in the place of the pack's word; or back to that.
    void effectAsked(const std::string& fault);

private:
    void addTerm(int row, Term term, const QString& name, double value, const QString& note, const Finding& finding);
    void edit(Term term, const QString& name, double value, bool isSet);
    QGridLayout* grid_;
    KeptLabels labels_;
    QWidget* editor_;
    QLabel* what_;
    QDoubleSpinBox* value_;
    QLineEdit* reason_;
    QPushButton *keep_, *computed_;
    std::string fault_;
    Term term_ = Term::Effect;
};

} // namespace riflesso
