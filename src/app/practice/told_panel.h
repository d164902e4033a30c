#pragma once
// How often the athlete was told, when next, and how well what is felt agrees with what is seen.

#include "app/workspace.h"
#include "core/practice/said_and_felt.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;

namespace riflesso {

class ToldPanel : public QWidget {
    Q_OBJECT
public:
    enum class Asks { Practice, Count, Test }; ///< of the block: nothing is told in the latter two
    ToldPanel(Workspace& workspace, QWidget* parent);
    /// block: the repetitions so far, `test`: no feedback at all; shareBefore: of the drill's last block.
    void setBlock(const std::vector<PracticeRepetition>& block, Asks asks, std::optional<double> shareBefore);

private:
    void keep();
    Workspace& workspace_;
    QComboBox* school_;
    QLineEdit* reason_;
    QLabel *told_, *next_, *always_, *felt_;
};

[[nodiscard]] QString schoolName(FeedbackSchool school);

} // namespace riflesso
