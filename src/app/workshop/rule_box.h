#pragma once
// Rules by which a key event could find itself: searched on the model's repetitions, shown with their error on those
// left out, taken by a click.

#include "app/workspace.h"
#include "core/workshop/rule_search.h"

#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;

namespace riflesso {

class ModelStage;
class SkillDesk;

class RuleBox : public QWidget {
    Q_OBJECT
public:
    RuleBox(Workspace& workspace, SkillDesk& desk, ModelStage& stage, QWidget* parent = nullptr);
    /// Shows what is known of an event; empty: nothing.
    void show(const std::string& event);
    /// takeBest: the best one is taken where it holds.
    void search(bool takeBest = false);
    /// Carries an event over from the repetitions in which a person has set it to those in which nobody has.
    void carry(const std::string& event);

private:
    void list(const RuleSearch& found);
    void take(int row);
    Workspace& workspace_;
    SkillDesk& desk_;
    ModelStage& stage_;
    QLabel *heading_, *said_;
    QListWidget* rules_;
    QPushButton *search_, *none_;
    std::string event_;
    RuleSearch found_;
};

} // namespace riflesso
