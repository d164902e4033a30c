#pragma once
// What is known of the picture of the shown section beside its scale: mirrored, part in use, upright, known points,
// lens, the camera's movement, its sound. Folded away until wanted.

#include "app/film/picture_bar.h"
#include "app/workspace.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace riflesso {

class SectionPicture : public QWidget {
    Q_OBJECT
public:
    SectionPicture(Workspace& workspace, QWidget* parent);
    void show(const Clip* clip, const Section* section);
    void unfold();
    /// What a bar under the picture brought.
    void keepUpright(const PlumbLine& line);
    void keepPlane(const PlanePoints& plane);
    void keepArea(const PictureArea& area);
    /// The lens of the camera, from a clip in which a chessboard is shown.
    void lensFrom(const QString& file);
    void followCamera();
    /// Looks for sudden sounds in the section: contacts, strikes, a release.
    void listen();

signals:
    void asked(riflesso::PictureBar::Work work);
    void heard(const std::vector<double>& frames); ///< sudden sounds of the shown section

private:
    void change(const QString& name, const std::function<void(Section&)>& work);
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] const Section* section() const;
    QPushButton* button(const QString& text, const char* name, const QString& tip);

    Workspace& workspace_;
    ClipId clip_;
    SectionId section_;
    bool filling_ = false;
    QPushButton* fold_;
    QWidget* inner_;
    QCheckBox *mirrored_, *soundReplaced_;
    QPushButton *area_, *wholeArea_, *upright_, *noUpright_, *plane_, *noPlane_, *bearing_, *lens_, *noLens_, *follow_,
        *listen_;
    QLabel *areaText_, *uprightText_, *planeText_, *lensText_, *cameraText_;
    QComboBox* camera_;
    QSpinBox *columns_, *rows_;
    QDoubleSpinBox* microphone_;
};

} // namespace riflesso
