#pragma once
// Skill packs: the case's pack to read: events, measures, faults with their causes, drills, all with their sources.

#include "app/page.h"
#include "takehome/skill_sheet.h"

class QCheckBox;
class QComboBox;
class QPushButton;
class QStackedWidget;
class QTreeWidget;
class QVBoxLayout;

namespace riflesso {

class AskBar;
class MovingFigure;
class Workshop;

class PacksPage : public Page {
    Q_OBJECT
public:
    PacksPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;
    /// A skill from a file: what is in it is shown, and taken only after a yes.
    void offerFile(const QString& path);

public slots:
    /// The id of a drill, or "sheet", "whole-sheet", "workshop".
    void show(const QString& drill) override;
    void printSheet();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void showChosen();
    void showDifferences(const Pack& pack);
    [[nodiscard]] SheetLength length() const;
    QCheckBox* pictures_;
    QComboBox* speed_;
    QPushButton *content_, *onePage_, *wholeSheet_, *inWorkshop_, *print_;
    Workshop* workshop_;
    AskBar* ask_;
    QStackedWidget* stack_;
    QWidget* sheet_;
    QVBoxLayout* pages_;
    QTreeWidget* tree_;
    QLabel* about_;
    MovingFigure* figure_;
    std::string shown_;
};

} // namespace riflesso
