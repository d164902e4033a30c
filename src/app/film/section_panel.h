#pragma once
// What is known of the shown section of a clip (view, facing, conditions, slow motion, scale, whose movement), the
// chosen repetition with its result, and the checks of the clip.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace riflesso {

class SectionPanel : public QWidget {
    Q_OBJECT
public:
    SectionPanel(Workspace& workspace, QWidget* parent);
    /// Shows the values of a section of the clip; nothing chosen: disabled.
    void show(const Clip* clip, const Section* section);
    /// Stores a result for the chosen repetition of the shown clip, by its place in the pack's list.
    void setResult(int index);
    /// The athlete's own verdict on the chosen repetition; the same again takes it back.
    void setFelt(bool right);
    void removeRepetition();

private:
    QFormLayout* buildForm();
    void save();
    void showForm(const Section* section);
    void showRepetition();
    void showChecks();
    void lookForRepeats();
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] const Section* section() const;
    [[nodiscard]] const Repetition* repetition() const;

    Workspace& workspace_;
    ClipId clip_;
    SectionId section_;
    QComboBox *view_, *facing_, *stress_, *handedness_;
    QDoubleSpinBox *slowMotion_, *scale_;
    QLineEdit* performer_;
    QLabel *repetitionText_, *checks_;
    void keepResult(const QString& text);
    QHBoxLayout* results_;
    QLabel* numberText_;
    QLineEdit* number_;
    QPushButton *feltRight_, *feltOff_, *remove_;
    std::map<QString, QString> repeats_; ///< by clip hash: what the look for repeated frames said
    bool filling_ = false;
};

} // namespace riflesso
