#pragma once
// What another edition would change in every case that uses the skill, and bringing them over.

#include "app/workspace.h"
#include "work/what_changes.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QTreeWidget;

namespace riflesso {

class SkillDesk;

class ChangesBox : public QWidget {
    Q_OBJECT
public:
    ChangesBox(Workspace& workspace, SkillDesk& desk, QWidget* parent = nullptr);
    void look();
    void refresh();

private:
    /// The skill that ships, where the draft began as it and differs.
    void showOrigin();
    void takeFromOrigin();
    void list(const std::vector<CaseChange>& changes);
    void bringOver();
    Workspace& workspace_;
    SkillDesk& desk_;
    QLabel* said_;
    QTreeWidget *cases_, *origin_;
    QLabel* originSaid_;
    QPushButton* takeOrigin_;
    QPushButton *look_, *bring_;
    std::string lookedAt_; ///< text of the draft that was looked at
    std::vector<CaseChange> changes_;
};

} // namespace riflesso
