#pragma once
// The Bench, for the two minutes between sets: any clip, no case, no pack. Points are set, and what they give stands
// beside; beats are tapped; what is useful is kept into the case.

#include "app/bench/bench_view.h"
#include "app/page.h"
#include "core/signal/laps.h"

class QComboBox;
class QStackedWidget;
class QDoubleSpinBox;
class QLineEdit;
class QPushButton;

namespace riflesso {

class LapPanel;
class LivePanel;
class VoicePlayer;
class VoiceRecorder;

class BenchPage : public Page {
    Q_OBJECT
public:
    BenchPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    /// The file of a clip, which is opened.
    void show(const QString& detail) override;

    /// Opens a clip in the view that is meant; `beside` in the second one.
    void openClip(const QString& path, bool beside);

protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    QWidget* buildSide();
    void askForClip(bool beside);
    void openLive();
    void leaveLive();
    void activate(BenchView* view);
    void togglePlay();
    void beat();
    void showPoints();
    void showCount();
    void markTime();
    void syncHere();
    void follow(BenchView* moved);
    QWidget* buildSaid();
    void showSaid(const QByteArray& sound);
    void keep();

    QStackedWidget* middle_; ///< the clips, or the live camera
    LivePanel* live_ = nullptr;
    BenchView *first_, *second_, *active_;
    QPushButton *play_, *keep_;
    QComboBox *speed_, *counted_;
    QDoubleSpinBox* slow_;
    QLineEdit* note_;
    VoiceRecorder* recorder_;
    VoicePlayer* player_;
    QWidget* saidRow_;
    QLabel* saidLength_;
    QByteArray said_; ///< a spoken note to keep
    QLabel *points_, *count_, *time_;
    LapPanel* laps_;
    /// A picture of a clip that a time is counted from.
    struct Instant {
        QString path;
        int frame = 0;
        double timeS = 0;
    };
    std::optional<Instant> timeFrom_, timeTo_;
    std::optional<double> apartS_; ///< of two clips held together: time of the second less that of the first
    bool following_ = false;
    std::vector<double> beatsS_;
    std::optional<Uncertain> unitPx_; ///< length of the line taken as the unit
};

} // namespace riflesso
