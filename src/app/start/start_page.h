#pragma once
// Cases: those of the library, a new one, the demo. It comes first where the library is empty.

#include "app/page.h"

class QComboBox;
class QLineEdit;
class QPushButton;

namespace riflesso {

class SkillBox;
class CaseShelf;
class DeskList;

class StartPage : public Page {
    Q_OBJECT
public:
    StartPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;
    /// Clips named on the command line; added once a case is there.
    void keepClips(const QStringList& paths);
    /// A case archive, read and shown before it is taken in.
    void bringIn(const QString& path);

private:
    void startCase();
    CaseShelf* shelf_;
    DeskList* desk_;
    QLineEdit* name_;
    SkillBox* skill_;
    QComboBox* handedness_;
    QLabel* waiting_;
    QPushButton *own_, *before_;
    QWidget* newer_; ///< that another demo ships than the one that is there
    QStringList clips_;
};

} // namespace riflesso
