#pragma once
// First start, empty library: open the demo, or start a case.

#include "app/page.h"

class QComboBox;
class QLineEdit;

namespace riflesso {

class StartPage : public Page {
    Q_OBJECT
public:
    StartPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;
    /// Clips named on the command line; added once a case is there.
    void keepClips(const QStringList& paths);

private:
    void startCase();
    void openDemo();
    QLineEdit* name_;
    QComboBox *skill_, *handedness_;
    QLabel* waiting_;
    QStringList clips_;
};

} // namespace riflesso
