#pragma once
// What is known of the shown section of a clip (view, facing, conditions, slow motion, scale, whose movement), the
// chosen repetition with its result, and the checks of the clip.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace riflesso {

class ClipCheckBox;
class ClipKeeping;
class SpokenNotesBox;
class NotedBox;
class SameMovementBox;
class SectionPicture;

class SectionPanel : public QWidget {
    Q_OBJECT
public:
    SectionPanel(Workspace& workspace, QWidget* parent);
    /// Shows the values of a section of the clip; nothing chosen: disabled.
    void show(const Clip* clip, const Section* section, int frame);
    void splitAt(int frame);
    /// A length seen on the picture: the scale of the section follows from all of them.
    void addLength(KnownLength length);
    void forgetLengths();
    /// Stores a result for the chosen repetition of the shown clip, by its place in the pack's list.
    void setResult(int index);
    /// The athlete's own verdict on the chosen repetition; the same again takes it back.
    void setFelt(bool right);
    /// The next variant of the skill for the chosen repetition.
    void nextVariant();
    void removeRepetition();
    [[nodiscard]] SectionPicture* picture() const { return picture_; }

signals:
    void lengthAsked(); ///< known length on the picture
    void frameAsked(int frame);
    void cutsFound(const std::vector<int>& frames);

private:
    QFormLayout* buildForm();
    void save();
    void showForm(const Section* section);
    void showRepetition();
    void joinWithBefore();
    void keepLengths(Section changed, const QString& name);
    [[nodiscard]] const Section* sectionBefore() const;
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] const Section* section() const;
    [[nodiscard]] const Repetition* repetition() const;

    Workspace& workspace_;
    ClipId clip_;
    SectionId section_;
    QComboBox *view_, *facing_, *stress_, *handedness_;
    QDoubleSpinBox *slowMotion_, *scale_, *bearing_, *cameraHeight_, *cameraDistance_;
    QPushButton* squareOn_;
    QPushButton *split_, *join_, *lengths_;
    QLabel *heading_, *scaleText_;
    ClipCheckBox* checks_;
    SectionPicture* picture_;
    NotedBox* noted_;
    SameMovementBox* otherCamera_;
    SpokenNotesBox* spoken_;
    ClipKeeping* keeping_;
    int frame_ = 0;
    QLineEdit* performer_;
    QLabel* repetitionText_;
    void keepResult(const QString& text);
    QGridLayout* results_;
    QLabel* numberText_;
    QLineEdit* number_;
    QPushButton *feltRight_, *feltOff_, *remove_, *variant_;
    bool filling_ = false;
};

} // namespace riflesso
