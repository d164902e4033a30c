#pragma once
// Settings: theme, library folder, demo back to its first state.

#include "app/page.h"

class QComboBox;
class QPushButton;

namespace riflesso {

class SettingsPage : public Page {
    Q_OBJECT
public:
    SettingsPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;

private:
    QComboBox *theme_, *school_;
    QLabel* folder_;
    QPushButton* reset_;
};

} // namespace riflesso
