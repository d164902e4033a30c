#pragma once
// Settings of this machine, and the library as a whole.

#include "app/page.h"

class QComboBox;
class QDoubleSpinBox;
class QSpinBox;

namespace riflesso {

class LibraryPanel;

class SettingsPage : public Page {
    Q_OBJECT
public:
    SettingsPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;
    /// Opens the library in another folder, made where there is none, and starts there from now on.
    void moveTo(const QString& folder);

private:
    [[nodiscard]] QLayout* buildFields();
    void askForLibrary();
    QComboBox *theme_, *text_, *language_, *numbers_, *school_, *newSchool_;
    QSpinBox* cache_;
    QDoubleSpinBox* sigma_;
    LibraryPanel* library_;
};

} // namespace riflesso
