#pragma once
// Marking again, blind: a few frames and key events that were marked before are asked for once more, the first marks
// unseen. What lies between the two is the analyst's own uncertainty.

#include "app/workspace.h"
#include "work/second_sitting.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace riflesso {

/// "left knee ± 3.1 px from 12 pairs; 2 others need more pairs", empty before anything was marked again.
[[nodiscard]] QString ownErrorWords(const Pack& pack, const OwnError& own);
/// "Proposed key events were corrected by 1.5 frames (median of 12)"; empty where none was proposed and settled.
[[nodiscard]] QString correctionWords(const CaseData& data);

/// The bar that leads through it.
class SecondLook : public QWidget {
    Q_OBJECT
public:
    SecondLook(Workspace& workspace, QWidget* parent);
    void start(unsigned seed);
    void leave();
    /// Leaves without a word: the case it was about is not open any more.
    void forget();
    [[nodiscard]] bool active() const { return step_ < tasks_.size(); }
    /// Precondition: active().
    [[nodiscard]] const SecondTask& task() const { return tasks_[step_]; }
    /// Frame at which the task begins: of an event some frames off, so that the first mark is not given away.
    [[nodiscard]] int startFrame() const;
    /// Landmarks of the task's frame that are still to be set, in the order they are given.
    [[nodiscard]] std::vector<std::string> open(const std::vector<std::string>& order) const;
    [[nodiscard]] std::map<std::string, QPointF> marksHere(int frame) const;
    void place(const std::string& landmark, QPointF pixel);
    void setEvent(int frame);
    void passOver();
    void showAsked(const QString& what);

signals:
    void moved(); ///< another task, or the end

private:
    void next();
    Workspace& workspace_;
    std::vector<SecondTask> tasks_;
    std::size_t step_ = 0;
    unsigned seed_ = 0;
    QLabel* text_;
    QPushButton *pass_, *leave_;
};

} // namespace riflesso
