#pragma once
// Questions on which coaches disagree: which position this one takes, and why.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

class DisputeBox : public QWidget {
    Q_OBJECT
public:
    DisputeBox(Workspace& workspace, QWidget* parent);
    /// The pack's disputes with the positions kept in the case. Hidden where the pack has none.
    void show();

private:
    void take(const std::string& dispute, const std::string& position, const QString& reason);
    Workspace& workspace_;
    QVBoxLayout* rows_;
};

} // namespace riflesso
