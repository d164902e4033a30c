#pragma once
// Skill packs: the case's pack to read: events, measures, faults with their causes, drills, all with their sources.

#include "app/page.h"

class QTreeWidget;

namespace riflesso {

class MovingFigure;

class PacksPage : public Page {
    Q_OBJECT
public:
    PacksPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override { return {}; }
    void refresh() override;

public slots:
    void show(const QString& drill) override;

private:
    QTreeWidget* tree_;
    QLabel* about_;
    MovingFigure* figure_;
    std::string shown_;
};

} // namespace riflesso
