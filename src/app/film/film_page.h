#pragma once
// Film: the clips of a session; view, conditions and slow-motion factor of each section; cutting into repetitions
// while it plays; the result of each repetition by one key.

#include "app/film/clip_timeline.h"
#include "app/page.h"
#include "app/widgets/player.h"
#include "app/widgets/stage_view.h"

class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QListWidget;
class QPushButton;
class QHBoxLayout;

namespace riflesso {

class FilmPage : public Page {
    Q_OBJECT
public:
    FilmPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    void refresh() override;
    /// Reads the clips in a job and adds them to the chosen session.
    void addClips(const QStringList& paths);

public slots:
    /// "add:PATH\nPATH": adds clips.
    void show(const QString& detail) override;

protected:
    void keyPressEvent(QKeyEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    QWidget* buildClips();
    QWidget* buildStage();
    QWidget* buildSide();
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] const Section* section() const;
    [[nodiscard]] const Repetition* repetitionHere() const;
    void chooseClip(ClipId id);
    void goToFrame(int frame);
    void togglePlay();
    void cut();
    void setResult(int index);
    void removeRepetition();
    void saveSection();
    void showClips();
    void showSide();
    void showChecks();
    void lookForRepeats();

    QListWidget* list_;
    StageView* stage_;
    ClipTimeline* timeline_;
    Player* player_;
    QPushButton *play_, *cut_, *remove_;
    QComboBox *speed_, *view_, *facing_, *stress_, *handedness_;
    QDoubleSpinBox *slowMotion_, *scale_;
    QLineEdit* performer_;
    QLabel *checks_, *repetition_, *time_;
    QHBoxLayout* results_;
    ClipId clip_;
    int frame_ = 0;
    std::optional<int> cutStart_;
    std::map<QString, QString> repeats_; ///< by clip hash: what the look for repeated frames said
    bool filling_ = false;
};

} // namespace riflesso
