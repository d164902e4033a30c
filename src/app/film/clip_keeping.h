#pragma once
// Where the shown clip lies, and what becomes of it: copied into the library, removed from the session, deleted for
// good.

#include "app/workspace.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace riflesso {

class AskBar;

class ClipKeeping : public QWidget {
    Q_OBJECT
public:
    ClipKeeping(Workspace& workspace, QWidget* parent);
    void show(const Clip* clip);

private:
    void copyIn();
    void remove();
    void askToDelete();
    [[nodiscard]] const Clip* clip() const;

    Workspace& workspace_;
    ClipId clip_;
    QLabel* where_;
    QPushButton *copy_, *remove_, *delete_;
    AskBar* ask_;
};

} // namespace riflesso
