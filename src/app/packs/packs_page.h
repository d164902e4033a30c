#pragma once
// Skill packs: the case's pack to read: events, measures, faults with their causes, drills, all with their sources.

#include "app/page.h"
#include "takehome/skill_sheet.h"

class QPushButton;
class QStackedWidget;
class QTreeWidget;
class QVBoxLayout;

namespace riflesso {

class MovingFigure;

class PacksPage : public Page {
    Q_OBJECT
public:
    PacksPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;
    void forget() override;

public slots:
    /// The id of a drill, or "sheet" or "whole-sheet".
    void show(const QString& drill) override;
    void printSheet();

private:
    void showChosen();
    void showDifferences(const Pack& pack);
    [[nodiscard]] SheetLength length() const;
    QPushButton *content_, *onePage_, *wholeSheet_, *print_;
    QStackedWidget* stack_;
    QWidget* sheet_;
    QVBoxLayout* pages_;
    QTreeWidget* tree_;
    QLabel* about_;
    MovingFigure* figure_;
    std::string shown_;
};

} // namespace riflesso
