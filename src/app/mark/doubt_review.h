#pragma once
// Leads through what is doubtful in a set, worst first; beside the frame itself, how it was before and after.

#include "app/workspace.h"
#include "work/doubtful_stretches.h"

#include <QWidget>

#include <array>
#include <optional>

class QLabel;
class QPushButton;

namespace riflesso {

class DoubtReview : public QWidget {
    Q_OBJECT
public:
    DoubtReview(Workspace& workspace, QWidget* parent);
    /// The next one, from the worst on; after the last the worst again. None is left: hidden.
    void next();
    /// The one that is looked at; none: hidden.
    [[nodiscard]] const std::optional<DoubtfulStretch>& stretch() const { return now_; }
    /// Another repetition than its own is shown: it is left.
    void follow(RepetitionId repetition);
    void leave();

signals:
    void confirmAsked();
    void nextAsked();

private:
    void show(const DoubtfulStretch& stretch, std::size_t index, std::size_t count);
    void showPicture(std::size_t which, const RepetitionPlace& place, int frame, const QString& name);

    Workspace& workspace_;
    std::optional<DoubtfulStretch> now_;
    std::array<QLabel*, 2> pictures_{}, names_{}; ///< before and after
    int asked_ = 0;                               ///< pictures asked for: an older answer is dropped
    QLabel* text_;
};

} // namespace riflesso
