#pragma once
// Mark: key events and landmarks of a repetition, one click a landmark in a guided order; live traces and values.

#include "app/mark/figure_card.h"
#include "app/page.h"
#include "app/widgets/stage_view.h"

#include <QElapsedTimer>
#include <QTimer>

class QButtonGroup;
class QComboBox;
class QListWidget;
class QPushButton;

namespace riflesso {

class MarkProposals;
class MarkStrip;
class ObservationForm;
class OtherObserver;
class DoubtReview;
class SecondLook;

class MarkPage : public Page {
    Q_OBJECT
public:
    MarkPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;
    [[nodiscard]] int frame() const { return frame_; }
    /// Landmark that the next click sets; empty when all are set here.
    [[nodiscard]] std::string nextLandmark() const;

public slots:
    /// "frame:N" shows that frame; "event:ID" the event.
    void show(const QString& detail) override;

protected:
    bool takeKey(KeyPress press) override;
    void hideEvent(QHideEvent*) override;

private:
    [[nodiscard]] QString called(std::string_view landmark) const; ///< in words of the skill
    void stepEvent(int by);
    void leaveAll();
    void markByKeyboard();
    QWidget* buildSide();
    void showEvents();
    void showFigure();
    void showValues();
    void showShape();
    void goToFrame(int frame);
    void chooseEvent(const std::string& event, bool goThere);
    void setEventHere();
    void setEventAtSound();
    void placeMark(QPointF pixel);
    void moveMark(const std::string& landmark, QPointF pixel, const QString& mergeKey);
    void nudge(QPointF byPixels);
    void hideNext();
    void removeSelected();
    void nextOpen();
    void propose(bool wholeSet);
    void nextDoubtful();
    void confirmDoubtful();
    /// Confirms this frame; a key position that is whole leads to the next one that is not.
    void confirmAndGoOn();
    void stepRepetition(int by);
    void followSecondLook();
    void playOrPause();
    void playOn();
    void nextView();
    void zoomToAthlete();
    void startImplement();
    bool takeImplement(QPointF pixel); ///< whether the click was for it
    void proposeInBox();
    [[nodiscard]] const std::vector<std::string>& guided() const { return shownTrial().guided; }
    [[nodiscard]] std::map<std::string, QPointF> marksHere() const;
    [[nodiscard]] bool hiddenHere(const std::string& landmark) const;
    /// The shown repetition as the core judges it, made once until it, or anything of the case, is another.
    struct ShownTrial {
        std::shared_ptr<const CaseData> of;
        RepetitionId id;
        Trial trial;
        std::map<std::string, Side> sides;
        std::vector<std::string> guided; ///< landmarks in the order they are asked for
    };
    [[nodiscard]] const ShownTrial& shownTrial() const;
    [[nodiscard]] const std::map<std::string, Side>& sides() const { return shownTrial().sides; }
    [[nodiscard]] int openAt(const Repetition& repetition, int frame) const;

    MarkProposals* proposals_;
    StageView* stage_;
    FigureCard* card_;
    MarkStrip* strip_;
    QListWidget* events_;
    QPushButton *setEvent_, *nextOpen_, *hidden_;
    QLabel *cardTitle_, *next_, *values_, *proposed_;
    ObservationForm* observations_;
    SecondLook* again_;
    DoubtReview* doubts_;
    OtherObserver* other_;
    QLabel* question_;
    QTimer playing_;
    QElapsedTimer clock_;
    int playedFrom_ = 0; ///< frame at which playing began
    QLabel *ownHand_, *ownEye_;
    std::vector<QWidget*> giveAway_; ///< what would tell where the first marks are
    int viewStep_ = 0;
    QString hiddenReason_;
    QComboBox* hiddenWhy_;
    std::optional<std::vector<QPointF>> implement_; ///< points of the implement clicked so far; none: not asked for
    RepetitionId shown_;
    int frame_ = 0;
    std::string event_, selected_;
    std::optional<std::string> wanted_; ///< landmark chosen on the card, instead of the guided order
    bool filling_ = false;
    mutable ShownTrial shownTrial_;
    /// What is measured at an event, as shown.
    struct ShownValues {
        std::shared_ptr<const CaseData> data;
        RepetitionId repetition;
        std::string event;
        double cutoffHz = 0;
        QString lines;
    };
    ShownValues valuesOf_;
};

} // namespace riflesso
