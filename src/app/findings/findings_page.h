#pragma once
// Findings: strengths first, then the ranking with its terms; evidence, cause map; decide with a reason.

#include "app/findings/cause_map.h"
#include "app/page.h"
#include "report/report_content.h"

class QComboBox;
class QLineEdit;
class QListWidget;
class QPushButton;
class QStackedWidget;
class QVBoxLayout;

namespace riflesso {

class GroupRulers;
class ScoreTerms;

class FindingsPage : public Page {
    Q_OBJECT
public:
    FindingsPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void show(const QString& detail) override;
    [[nodiscard]] std::string chosen() const { return fault_; }

protected:
    void resizeEvent(QResizeEvent*) override;

private:
    QWidget* buildList();
    QWidget* buildEvidence();
    QWidget* buildWhy();
    void showList();
    void showStrengths();
    void choose(const std::string& fault);
    void goToFault(const QString& fault);
    void showConditions(const FaultDef& def);
    void showEvidence();
    /// Pictures, rulers and words of the fault, unless what stands there is the same.
    void showMeasured(const FaultDef& def, const Finding& finding);
    void showPictures();
    [[nodiscard]] QSize pictureSize() const; ///< as large as the window leaves room for
    void showWhy();
    void decide(Decision::Choice choice);
    /// The decision waits for what is typed there.
    void askFor(Decision::Choice choice, QLineEdit* words);
    void setOverride(const TermOverride& override);
    /// Where a limit, or little will to change, stands against drilling: the way to another target for the measure.
    void addOtherTarget(const Finding& finding, const std::string& measure);
    [[nodiscard]] const Decision* decisionOn(const std::string& fault) const;

    QVBoxLayout *strengths_, *rulers_;
    QListWidget* list_;
    QComboBox* school_;
    QLabel *pattern_, *title_, *explain_, *captions_[2], *pictures_[2], *belief_, *decided_, *because_, *safety_,
        *notThis_;
    QPushButton *work_, *park_, *round_, *notFault_, *open_, *wholeCase_;
    QLineEdit *reason_, *until_;
    std::optional<Decision::Choice> asked_; ///< waits for its words: Enter in them decides
    QStackedWidget* middle_;                ///< the evidence, or the map of the whole case
    CauseMap *map_, *wholeMap_;
    GroupRulers* conditions_;
    ScoreTerms* terms_;
    std::string fault_;
    std::vector<PictureRef> shownPictures_;
    QString shownEvidence_, shownStrengths_;            ///< all that showMeasured and showStrengths depend on
    std::shared_ptr<const Assessment> shownAssessment_; ///< held: another must not lie where it lay
};

/// "work round until the cup"
[[nodiscard]] QString choiceWords(Decision::Choice choice);
[[nodiscard]] QString decisionWords(const Decision& decision);

} // namespace riflesso
