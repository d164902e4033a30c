#pragma once
// Marks and key events out to a table and in from one, whatever its columns are called.

#include "app/workspace.h"
#include "core/tables/table_mapping.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QPushButton;

namespace riflesso {

/// What each column of a file means: a row a column, with its first cells.
class ColumnDialog : public QDialog {
    Q_OBJECT
public:
    ColumnDialog(const QString& file, const TablePreview& preview, const std::vector<std::string>& landmarks,
                 QWidget* parent);
    [[nodiscard]] std::vector<ColumnMeaning> meanings() const;

private:
    void check();
    std::vector<QComboBox*> choices_;
    std::vector<ColumnMeaning> all_; ///< in the order of every choice
    QLabel* fault_;
    QPushButton* take_;
};

class MarksTable : public QWidget {
    Q_OBJECT
public:
    MarksTable(Workspace& workspace, QWidget* parent);
    /// Landmarks of the set shown into `file`, its key events into NAME_events.csv beside it.
    void exportTo(const QString& file);
    /// Asks what the columns mean, then brings them in.
    void importFrom(const QString& file);
    /// What `meanings` say of the file, into the set shown: by the repetition's id or number where a column names it,
    /// else into the one chosen. One step of undo; a mark or event in the same place is replaced.
    void bringIn(const QString& file, const std::vector<ColumnMeaning>& meanings);

private:
    [[nodiscard]] std::vector<std::string> landmarks() const;
    Workspace& workspace_;
};

} // namespace riflesso
