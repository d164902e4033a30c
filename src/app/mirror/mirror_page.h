#pragma once
// Mirror: athlete and model at the same phase, joined by the waterline; every measure as a ruler; one curve.

#include "app/mirror/opposite_side.h"
#include "app/page.h"
#include "app/widgets/curve_plot.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/waterline.h"
#include "core/phase_map.h"
#include "core/sampler.h"

class QButtonGroup;
class QComboBox;
class QHBoxLayout;
class QPushButton;
class QVBoxLayout;

namespace riflesso {

class DeviationRuler;

class MirrorPage : public Page {
    Q_OBJECT
public:
    MirrorPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    void refresh() override;
    [[nodiscard]] double phase() const { return phase_; }

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QWidget* buildLeft();
    QWidget* buildRight();
    void showSets();
    void showRulers();
    void showCurve();
    void showWaterline();
    void goToPhase(double percent);
    void goToRepetition(const QString& trial);
    [[nodiscard]] std::map<std::string, QPointF> ghostFor(int athleteFrame, int modelFrame) const;
    [[nodiscard]] static QRectF wholeMovement(const Trial& trial);

    StageView *athlete_, *model_;
    Waterline* waterline_;
    CurvePlot* curve_;
    QLabel* ghostText_;
    QPushButton* ghost_;
    QComboBox *curveMeasure_, *modelRepetition_;
    QHBoxLayout *sets_, *repetitions_;
    QVBoxLayout* rulers_;
    std::vector<DeviationRuler*> rulerWidgets_;

    PhaseAnchors anchors_;
    std::optional<Trial> own_, other_; ///< the trials shown
    std::vector<Opposite> opposites_;
    QString oppositeName_;
    bool oppositeIsModel_ = true;
    std::optional<PhaseMap> ownMap_, otherMap_;
    const Assessment* shownAssessment_ = nullptr;
    RepetitionId shownRepetition_;
    double phase_ = 50;
    bool placed_ = false;
};

} // namespace riflesso
