#pragma once
// The home sheet typed back: days down, drills across, how many were ticked off; and the whole log as a table.

#include "app/workspace.h"

#include <QImage>
#include <QWidget>

class QLabel;
class QTableWidget;

namespace riflesso {

class HomeGrid : public QWidget {
    Q_OBJECT
public:
    HomeGrid(Workspace& workspace, QWidget* parent);
    void refresh();
    void exportTo(const QString& file);
    /// One step of undo; nothing is taken of a file with a fault.
    void importFrom(const QString& file);
    /// A photograph of the sheet as it came back, to type from. Not kept: what was typed is.
    void showPhotograph(const QString& file);
    [[nodiscard]] bool eventFilter(QObject* watched, QEvent* event) override;

signals:
    void closed();

private:
    /// Drills across: those of the plan's starting steps, then those that were ticked off before, as "fault/drill".
    [[nodiscard]] std::vector<std::pair<std::string, std::string>> drills() const;
    void typed(int row, int column);
    Workspace& workspace_;
    QTableWidget* grid_;
    QLabel* kept_;
    QLabel* photograph_;
    QImage photographed_;
    CaseId photographOf_;
    void fitPhotograph();
    std::vector<std::pair<std::string, std::string>> across_;
    std::vector<QDate> down_;
    bool filling_ = false;
};

} // namespace riflesso
