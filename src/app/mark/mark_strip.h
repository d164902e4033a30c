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
struct StripContent;

class MarkStrip : public QWidget {
    Q_OBJECT
public:
    MarkStrip(Workspace& workspace, QWidget* parent);
    ~MarkStrip() override;
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
    /// Measures the traces in the background; until they come those of before stay.
    void measureTraces();

    Workspace& workspace_;
    TimeStrip* strip_;
    std::unique_ptr<StripContent> content_;
    RepetitionId traced_; ///< whose traces the content holds
    QComboBox* trace_[2];
    QStringList filled_; ///< measures they hold
    QPushButton* draw_;
    QHBoxLayout* repetitions_;
    /// A repetition to choose.
    struct Chip {
        RepetitionId id;
        QString text, tip;
        bool model = false;
        bool operator==(const Chip&) const = default;
    };
    [[nodiscard]] std::vector<Chip> chipsOf() const;
    void paintChips();
    std::vector<Chip> chips_; ///< shown, so that they are made anew only where they are others
    std::string event_;
    std::vector<std::string> landmarks_;
};

} // namespace riflesso
