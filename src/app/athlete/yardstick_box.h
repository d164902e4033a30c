#pragma once
// What the case is held against beside its model clips: which of the pack's ranges hold for this athlete, and a model
// or ranges of a file.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QFormLayout;
class QLabel;
class QPushButton;

namespace riflesso {

class YardstickBox : public QWidget {
    Q_OBJECT
public:
    YardstickBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void chooseFile();
    void takeFile(const QString& path);
    void keep(const Yardstick& yardstick, const QString& name);

    Workspace& workspace_;
    QFormLayout* form_;
    struct Choice {
        std::string key; ///< level, age, format
        QComboBox* box;
    };
    std::vector<Choice> choices_;
    QLabel *none_, *file_;
    QPushButton *choose_, *remove_;
};

} // namespace riflesso
