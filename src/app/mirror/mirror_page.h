#pragma once
// Mirror: athlete and model at the same phase, joined by the waterline, or the wall of all repetitions; every measure
// as a ruler, the chosen one drawn on the pictures; one curve.

#include "app/mirror/opposite_side.h"
#include "app/page.h"
#include "app/widgets/curve_plot.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/waterline.h"
#include "core/signal/phase_map.h"
#include "takehome/drawn_model.h"

#include <QElapsedTimer>
#include <QTimer>

class QComboBox;
class QBoxLayout;
class QGridLayout;
class QHBoxLayout;
class QPushButton;

namespace riflesso {

class GroupRulers;
class RulerList;
class Wall;

class MirrorPage : public Page {
    Q_OBJECT
public:
    MirrorPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;
    [[nodiscard]] double phase() const { return phase_; }
    [[nodiscard]] const std::string& measure() const { return measure_; }

public slots:
    /// "wall", "mean" (the model's mean below), or the id of a measure to show.
    void show(const QString& detail) override;

protected:
    void hideEvent(QHideEvent*) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void showEnds();
    void nextKeyEvent();
    void stepFrame(int by);
    void chooseNumbered(std::size_t index);
    /// One side of the waterline, at the moment shown.
    struct Side {
        StageView* stage = nullptr;
        std::optional<Trial> trial;
        std::optional<PhaseMap> map;
        double timeS = 0;
        int frame = 0;
    };
    QWidget* buildLeft();
    QWidget* buildBar();
    QWidget* buildRight();
    void showForms();
    void connectBack(QPushButton* button, const std::function<void(SetChoice&)>& without);
    void showGroupings();
    void showSets();
    void showChooser();
    void showCurve();
    void showWaterline();
    void showWall();
    void setView(bool wall);
    void goToPhase(double percent);
    void goToEvent(const std::string& event);
    void goToRepetition(const QString& trial);
    void chooseMeasure(const std::string& measure);
    /// To a repetition of the set that has the measure, where the one shown has not: another view sees other things.
    void goWhereMeasured(const std::string& measure);
    void chooseFirstMeasure();
    void playOrPause();
    void playTick();
    void placeGhost();
    void nextGhost();
    [[nodiscard]] std::map<std::string, QPointF> marksOf(const Side& side) const; ///< at the frame it stands at
    void showGhostOn();
    void arrange(); ///< pictures over or beside each other, whichever shows them larger
    void showCompared();
    void placeDrawn(Side& side,
                    const QColor& colour); ///< of the mean, and of the skill's own: figures without a picture
    /// The figure that stands below where no model is filmed; null: the skill has none.
    [[nodiscard]] const Trial* drawnBelow();
    void fainterGhost();
    void place();
    void placeSide(Side& side, bool lower);
    void askFelt(const QString& trial);
    [[nodiscard]] QString whereWords() const;
    [[nodiscard]] double lowerTime(double ownTimeS, double percent) const;
    [[nodiscard]] bool equalTime() const;
    [[nodiscard]] double cutoffHz() const;
    [[nodiscard]] QString valueIn(const MeasureDef& def, const Side& side, bool lower) const;
    [[nodiscard]] const MeasureDef* measureDef() const;

    Waterline* waterline_;
    CurvePlot* curve_;
    bool ends_ = false; ///< the first repetitions against the last
    Wall* wall_;
    RulerList* rulers_;
    QLabel* where_;
    QWidget *pictures_, *comparedArea_;
    QBoxLayout* pair_;
    struct ArrangedFor {
        std::string trial;
        QSize room; ///< as wide as the pictures, as high as the window
        bool wall = false;
        bool operator==(const ArrangedFor&) const = default;
    } arrangedFor_;
    GroupRulers* compared_;
    std::string groupedFor_; ///< id of the pack whose conditions can be grouped by
    QComboBox* groupBy_;
    QLabel* comparedMeasure_;
    enum class GhostOn { Athlete, Below, None } ghostOn_ = GhostOn::Athlete;
    QPushButton *ghost_, *play_, *blind_, *waterlineView_, *wallView_;
    QComboBox *lower_, *speed_, *timing_, *order_, *ghostBy_;
    int ghostPercent_ = 100; ///< how strongly the ghost is drawn
    QString noGhost_;        ///< why none is shown; empty: one is, or none is asked for
    QHBoxLayout *sets_, *forms_;
    QGridLayout* repetitions_;

    PhaseAnchors anchors_;
    Side own_, other_;
    std::vector<Opposite> opposites_;
    QString otherName_;
    /// What the drawn figure was made for: it is made once.
    struct DrawnFor {
        std::string pack, edition, form;
        View view = View::Side;
        riflesso::Side hand = riflesso::Side::Right;
        bool operator==(const DrawnFor&) const = default;
    };
    DrawnFor drawnFor_;
    std::optional<Trial> drawn_;
    bool otherIsModel_ = true;
    std::shared_ptr<const Assessment> shownAssessment_; ///< held: another must not lie where it lay
    RepetitionId shownRepetition_;
    CaseId shownCase_;
    std::string measure_, curveMeasure_; ///< drawn on the pictures; of the curve
    std::string atEvent_;                ///< both sides stand at this event of their own; empty: at one phase or time
    double phase_ = 50;
    bool placed_ = false;
    QTimer ticks_;
    QElapsedTimer clock_;
    double playedFrom_ = 0; ///< per cent at which playing began
};

} // namespace riflesso
