#pragma once
// The whole clip as a line: sections, repetitions, the frame shown, a cut in progress.

#include <QWidget> // first: moc trips over <compare> otherwise

#include "store/case_data.h"

#include <optional>

namespace riflesso {

class ClipTimeline : public QWidget {
    Q_OBJECT
public:
    explicit ClipTimeline(QWidget* parent = nullptr);
    void setClip(const Clip* clip, RepetitionId selected); ///< copies what it draws
    void setFrame(int frame);
    void setCutStart(std::optional<int> frame);
    /// Sudden sounds of the clip shown, at frames; another clip forgets them.
    void setSounds(const std::vector<double>& frames);
    [[nodiscard]] bool hasSounds() const { return !sounds_.empty(); }
    /// Frame of the next (by 1) or previous (by -1) sound; none there.
    [[nodiscard]] std::optional<int> soundFrom(int frame, int by) const;

signals:
    void frameAsked(int frame);
    void repetitionClicked(RepetitionId id);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;

private:
    [[nodiscard]] double xOf(int frame) const;
    [[nodiscard]] int frameAt(double x) const;
    std::vector<Section> sections_;
    int frames_ = 0, frame_ = 0;
    RepetitionId selected_;
    std::optional<int> cutStart_;
    ClipId clip_;
    std::vector<double> sounds_;
};

} // namespace riflesso
