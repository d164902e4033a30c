#pragma once
// One clip on the Bench: its picture, where it stands, a marked span, points and the path of one of them.

#include "app/settings/stored_settings.h"
#include "app/widgets/player.h"
#include "app/widgets/stage_view.h"
#include "app/workspace.h"
#include "core/points/bench_points.h"

#include <QLabel>
#include <QTimer>

namespace riflesso {

class BenchView : public QWidget {
    Q_OBJECT
public:
    BenchView(Workspace& workspace, const QString& name, QWidget* parent);

    /// Shows a clip from its first frame; what was on it before goes.
    /// A first look while the clip is read; what is opened next takes its place.
    void preview(const QImage& image, const QString& title);
    void open(const QString& path, const QString& title, std::shared_ptr<const std::vector<double>> timesS, int height);
    [[nodiscard]] bool isOpen() const { return timesS_ != nullptr; }
    [[nodiscard]] QString path() const { return path_; }
    [[nodiscard]] QString title() const { return title_; }
    [[nodiscard]] int frame() const { return frame_; }
    [[nodiscard]] double timeS() const; ///< stored time of the frame shown
    [[nodiscard]] const std::vector<double>& timesS() const { return *timesS_; }
    [[nodiscard]] double sigmaPx() const { return settings::markSigmaPx(height_); }

    void goTo(int frame);
    void play(double speed); ///< of the marked span again and again, or of the whole clip
    void stop() { player_.stop(); }
    [[nodiscard]] bool playing() const { return player_.playing(); }
    void markSpanStart();
    void markSpanEnd();
    [[nodiscard]] std::pair<int, int> span() const { return span_; } ///< frames, last included

    [[nodiscard]] const std::vector<PixelPoint>& points() const { return points_; }
    void clearPoints();
    /// Two points as a circle: its middle, and a point on it.
    void toggleCircle();
    [[nodiscard]] bool isCircle() const { return circle_; }
    /// An upright line through the last point, or the middle of the picture; again: takes it away.
    void togglePlumb();
    /// Strokes of the picture shown stay with it; others fade.
    void keepStrokes();
    [[nodiscard]] bool hasStrokes() const { return !strokes_.empty(); }
    /// What is drawn and meant to stay: points that make something, the plumb line, strokes that are kept.
    [[nodiscard]] std::vector<DrawnNote> drawn() const;
    /// Carries the last point through the marked span in the background.
    void follow();
    /// What was followed: one place a frame, lost ones left out.
    [[nodiscard]] const std::vector<std::pair<int, PixelPoint>>& followed() const { return followed_; }
    void setActive(bool active);

signals:
    void changed(); ///< points, path, frame or span
    void pressed(); ///< this view is meant from now on
    void playStopped();

private:
    struct Stroke {
        DrawnNote note;
        bool kept = false;
        int ageMs = 0;
    };
    void show();
    void fade();
    void forgetPath();
    Workspace& workspace_;
    StageView* stage_;
    QLabel* line_;
    Player player_;
    QString path_, title_;
    std::shared_ptr<const std::vector<double>> timesS_;
    int height_ = 0, frame_ = 0;
    double speed_ = 1;
    std::pair<int, int> span_;
    bool active_ = false;
    std::vector<PixelPoint> points_;
    std::vector<std::pair<int, PixelPoint>> followed_;
    int asked_ = 0; ///< of what is followed, the newest
    bool circle_ = false;
    std::optional<double> plumbX_;
    std::vector<Stroke> strokes_;
    QTimer fading_;
};

} // namespace riflesso
