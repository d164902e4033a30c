#pragma once
// Below the stage of Mark: the repetitions of the set and of the model, and the chosen one along time with its phases,
// key events, marked frames and two measures as traces.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QPushButton;

namespace riflesso {

class TimeStrip;

class MarkStrip : public QWidget {
    Q_OBJECT
public:
    MarkStrip(Workspace& workspace, QWidget* parent);
    /// Shows the chosen repetition; `landmarks`: those to be marked in it.
    void show(const std::string& event, const std::vector<std::string>& landmarks);
    void setEvent(const std::string& event);
    void setFrame(int frame);
    /// The measure of the first trace, where it is to be drawn on the picture; empty: nothing is.
    [[nodiscard]] std::string drawnMeasure() const;
    void toggleDrawing();

signals:
    void frameAsked(int frame);
    void drawingChanged();

private:
    void fillTraces();
    void showRepetitions();
    void showStrip();

    Workspace& workspace_;
    TimeStrip* strip_;
    QComboBox* trace_[2];
    QStringList filled_; ///< measures they hold
    QPushButton* draw_;
    QHBoxLayout* repetitions_;
    std::string event_;
    std::vector<std::string> landmarks_;
};

} // namespace riflesso
