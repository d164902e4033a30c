#pragma once
// The clip as a line: sections, repetitions, sounds, the frame shown, a cut in progress. It zooms and scrolls, so that
// a film of two hours can be cut without hunting for a pixel.

#include <QWidget> // first: moc trips over <compare> otherwise

#include "store/case_data.h"

#include <QImage>
#include <QTimer>

#include <map>
#include <optional>

class QNativeGestureEvent;

namespace riflesso {

class ClipTimeline : public QWidget {
    Q_OBJECT
public:
    explicit ClipTimeline(QWidget* parent = nullptr);
    void setClip(const Clip* clip, RepetitionId selected); ///< copies what it draws
    /// Scrolls where the frame would be out of sight.
    void setFrame(int frame);
    void setCutStart(std::optional<int> frame);
    /// Sudden sounds of the clip shown, at frames; another clip forgets them.
    void setSounds(const std::vector<double>& frames);
    /// Where the clip looks cut and no section begins; another clip forgets them.
    void setCuts(const std::vector<int>& frames);
    /// One of the small pictures that were asked for.
    void setPicture(int frame, const QImage& picture);
    [[nodiscard]] std::size_t pictures() const { return pictures_.size(); }
    [[nodiscard]] bool hasSounds() const { return !sounds_.empty(); }
    /// Frame of the next (by 1) or previous (by -1) sound; none there.
    [[nodiscard]] std::optional<int> soundFrom(int frame, int by) const;
    /// The next (by 1) or previous (by -1) repetition that begins after or before a frame; 0: none there.
    [[nodiscard]] RepetitionId repetitionFrom(int frame, int by) const;

    /// Shows 1/factor of what it shows, with the frame shown staying at its place. At least kFewest frames are shown,
    /// at most all.
    void zoom(double factor);
    void showWhole();
    static constexpr double kFewest = 20; ///< frames
    /// Frames in sight, the first and the last.
    [[nodiscard]] std::pair<double, double> shown() const { return {first_, last_}; }

    /// While on, its small pictures are left out.
    void setPicturesHidden(bool on) { picturesHidden_ = on; }

signals:
    void frameAsked(int frame);
    void repetitionClicked(RepetitionId id);
    /// What is in sight has stood for a moment: small pictures of these frames are wanted.
    void picturesAsked(const QList<int>& frames);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void resizeEvent(QResizeEvent*) override { settled_.start(); }

private:
    [[nodiscard]] double xOf(double frame) const;
    [[nodiscard]] double frameOf(double x) const;
    [[nodiscard]] int frameAt(double x) const;
    [[nodiscard]] bool inSight(double from, double to) const { return to >= first_ && from <= last_; }
    void zoomAt(double factor, double frame);
    /// Shows `span` frames from `first` on, as far as there are any.
    void show(double first, double span);
    void drawSections(QPainter& painter) const;
    void drawRepetitions(QPainter& painter, const Section& section) const;
    void drawOverview(QPainter& painter) const;
    void drawPictures(QPainter& painter) const;
    void askForPictures();
    /// Frames of which small pictures stand in sight, left to right.
    [[nodiscard]] QList<int> pictureFrames() const;

    std::vector<Section> sections_;
    int frames_ = 0, frame_ = 0;
    double first_ = 0, last_ = 0;
    RepetitionId selected_;
    std::optional<int> cutStart_;
    ClipId clip_;
    std::vector<double> sounds_;
    std::vector<int> cuts_;
    bool picturesHidden_ = false;
    std::map<int, QImage> pictures_;
    QTimer settled_;
};

} // namespace riflesso
