#pragma once
// "Why this number?": definition, marks and frames it came from (one click goes there), uncertainty budget.

#include "app/workspace.h"

#include <QFrame>

class QVBoxLayout;

namespace riflesso {

class WhyPanel : public QFrame {
    Q_OBJECT
public:
    WhyPanel(Workspace& workspace, QWidget* parent);
    /// Explains a measure, in one repetition (trial) or in the set.
    void explain(const QString& measure, const QString& trial);
    /// The same, at the own target.
    void changeTarget(const QString& measure);
    void placeIn(const QRect& area);

signals:
    void goToFrame(const QString& trial, int frame);

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void fill(const std::string& measure, const std::string& trial);
    Workspace& workspace_;
    QVBoxLayout* body_;
};

} // namespace riflesso
