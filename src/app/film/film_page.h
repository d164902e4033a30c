#pragma once
// Film: the clips of a session; view, conditions and slow-motion factor of each section; cutting into repetitions
// while it plays; the result of each repetition by one key.

#include "app/film/clip_timeline.h"
#include "app/page.h"
#include "app/widgets/player.h"
#include "app/widgets/stage_view.h"

class QComboBox;
class QListWidget;
class QPushButton;
class QStackedWidget;

namespace riflesso {

class CapturePlanner;
class LeftRecordingsBox;
class LengthBar;
class LivePanel;
class PictureBar;
class RepetitionFinder;
class SectionPanel;
class SoundPlayer;

class FilmPage : public Page {
    Q_OBJECT
public:
    FilmPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;
    /// Reads the clips in a job and adds them to the chosen session.
    void addClips(const QStringList& paths);
    /// A recording of LiveRecordings, into the session it was made for; left where it is if that is not in this case.
    void addRecording(const QString& path);

public slots:
    /// "add:PATH\nPATH": adds clips.
    void show(const QString& detail) override;

protected:
    void hideEvent(QHideEvent*) override;

private:
    void step(KeyPress press);
    /// Leaves what was begun on the picture.
    void leaveAll();
    QWidget* buildClips();
    QWidget* buildStage();
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] const Section* section() const;
    void chooseClip(ClipId id);
    /// Into this session; `then` is called when all were read, whatever came of it.
    void readInto(SessionId session, const QStringList& paths, std::function<void()> then);
    void goToFrame(int frame);
    void togglePlay();
    void cut();
    void showFilmingList();
    void planCamera();
    void openLive();
    void backToClip();
    void jumpToSound(int by);
    void jumpToRepetition(int by);
    void zoomLine(int key);
    void measureLength();
    void markPicture(int work); ///< of PictureBar
    void endPointing();
    void showFigures();
    void showClips();
    void showSide();

    QListWidget* list_;
    StageView* stage_;
    ClipTimeline* timeline_;
    int picturesAsked_ = 0; ///< of the small pictures, the newest
    Player* player_;
    QPushButton *play_, *cut_, *find_;
    RepetitionFinder* finder_;
    QComboBox* speed_;
    SectionPanel* side_;
    LengthBar* length_;
    PictureBar* picture_;
    QStackedWidget* middle_; ///< the stage, the planner or the live camera
    QWidget* stageSide_;
    CapturePlanner* planner_ = nullptr; ///< made when first wanted
    LivePanel* live_ = nullptr;
    LeftRecordingsBox* left_;
    QLabel* filming_;
    SoundPlayer* sound_;
    QLabel* time_;
    ClipId clip_;
    int frame_ = 0;
    std::optional<int> cutStart_;
    bool filling_ = false;
};

} // namespace riflesso
