#pragma once
// A repetition that shows how it should be, to point at: frames to step through, points to click, key events as they
// are set in it.

#include "app/workspace.h"
#include "work/skill_of_case.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QLabel;

namespace riflesso {

class StageView;
class TimeStrip;

class ModelStage : public QWidget {
    Q_OBJECT
public:
    explicit ModelStage(Workspace& workspace, QWidget* parent = nullptr);
    /// Shows the case's model, or the athlete's best, by the points and events of `pack`. Where nothing shows how it
    /// should be, a sentence stands there.
    void show(const Pack& pack);
    void forget();

    [[nodiscard]] const ShownWell& shown() const { return shown_; }
    [[nodiscard]] bool isEmpty() const { return shown_.trials.empty(); }
    [[nodiscard]] RepetitionId repetition() const;
    [[nodiscard]] const Trial* trial() const;
    [[nodiscard]] int frame() const { return frame_; }
    [[nodiscard]] View view() const;
    void goToFrame(int frame);
    void goToEvent(const std::string& event);
    void step(int frames) { goToFrame(frame_ + frames); }
    /// The next repetition, at the same event where it has it, else at the same share of its length.
    void nextRepetition(int by);

    /// Points clicked, in order; clicking one again takes it away.
    [[nodiscard]] const std::vector<PointRef>& picked() const { return picked_; }
    void unpick();
    /// Points to choose from: the skill's, those marked in the model, and the rest of the body.
    [[nodiscard]] std::vector<PointRef> knownPoints() const;
    void setSelectedEvent(const std::string& event);

signals:
    void pickedChanged();
    void eventAsked(const QString& event); ///< one was clicked on the strip

private:
    void place();
    void drawMarks();
    void drawStrip();
    void pick(const std::string& landmark);
    [[nodiscard]] bool isBetweenNeighbours(const PhaseDef& phase) const;
    [[nodiscard]] PointRef refOf(const std::string& landmark) const;

    Workspace& workspace_;
    QComboBox* repetitions_;
    StageView* stage_;
    TimeStrip* strip_;
    QLabel *none_, *hint_;
    ShownWell shown_;
    Pack pack_;
    int frame_ = 0, at_ = 0;
    std::string event_;
    std::vector<PointRef> picked_;
};

} // namespace riflesso
