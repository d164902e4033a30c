#pragma once
// The ladder of a fault: its rungs in order, and the drills of all skills to choose from.

#include <QWidget>

#include <string>
#include <vector>

class QComboBox;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace riflesso {

class SkillDesk;

class LadderBox : public QWidget {
    Q_OBJECT
public:
    explicit LadderBox(SkillDesk& desk, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] std::string drill() const; ///< the rung chosen; empty: none

signals:
    void drillChosen();

private:
    void fillLibrary();
    void filter(const QString& sought);
    void addRung(const std::string& drill);
    void keepRungs(const QString& name, const std::vector<std::string>& rungs);
    [[nodiscard]] std::vector<std::string> rungs() const;
    [[nodiscard]] std::string fault() const;

    SkillDesk& desk_;
    QComboBox* fault_;
    QListWidget *rungs_, *library_;
    QLineEdit *search_, *own_;
    QPushButton *up_, *down_, *out_;
};

} // namespace riflesso
