#pragma once
// Practice: today's session followed step by step; one key for what a repetition was, what was felt, and what was said.

#include "app/page.h"
#include "work/practice_session.h"

class QComboBox;
class QPushButton;
class QVBoxLayout;

namespace riflesso {

class BlockView;
class CourtPanel;
class HomeGrid;
class SessionList;
class ShareBar;
class StopBox;
class ToldPanel;

class PracticePage : public Page {
    Q_OBJECT
public:
    PracticePage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;

public slots:
    /// "fault/drill": that rung; "fault/drill/condition": under that condition.
    void show(const QString& detail) override;

private:
    QWidget* buildLeft();
    QLayout* buildMiddle();
    QLayout* buildButtons();
    QLayout* buildRight();

    void log(bool good);
    void takeBack();
    /// What follows the last repetition of the block that is shown.
    void change(const QString& name, const std::function<void(PracticeRepetition&)>& change);
    void told(Told how);
    void felt(bool right);
    void result(std::size_t index);
    /// Ends the block and goes on to the next step of the session; after the last one says what was left out.
    void finish();
    void chooseItem(std::size_t item);
    void showHome(bool home);
    /// Measured feedback beside the block: begins with the drill's own measure.
    void showCourt(bool court);
    /// Logs what the number says.
    void accept();

    void fillRungs();
    void fillConditions();
    void showBlock();
    void showHistory();
    [[nodiscard]] PracticeChoice choice() const;
    [[nodiscard]] const DrillDef* drill() const;
    [[nodiscard]] std::vector<SessionItem> items() const;
    /// The block on show: the open one, else the last one of today.
    /// Whether the step of the session is the counted block at its end.
    [[nodiscard]] bool isCounted() const;
    [[nodiscard]] const PracticeBlock* shownBlock() const;

    QComboBox *rung_, *condition_, *kind_;
    std::map<std::string, QComboBox*> axes_;
    QVBoxLayout* axesLayout_;
    QWidget *middle_, *axesBox_;
    QLabel *cue_, *good_, *share_, *verdict_, *detail_;
    BlockView* block_;
    ShareBar* bar_;
    SessionList* session_;
    ToldPanel* told_;
    HomeGrid* home_;
    CourtPanel* court_;
    QPushButton *yes_, *no_, *back_, *stop_, *advice_, *film_, *feltRight_, *feltOff_, *toldCue_, *toldShown_,
        *toldAsked_, *end_;
    StopBox* stopBox_;
    QVBoxLayout* history_;
    QList<std::pair<QString, bool>> historyLines_;
    std::optional<bool> felt_; ///< said of the repetition to come
    std::size_t item_ = 0;     ///< of today's session
    QDateTime entered_;        ///< when that was chosen
    CaseId of_;
    std::string filledFor_; ///< the drill whose condition stands in the choices
};

} // namespace riflesso
