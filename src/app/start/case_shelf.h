#pragma once
// The cases of the library: find and open one; take the open one out as an archive, bring one in, delete an athlete for
// good.

#include "app/workspace.h"

#include <QLabel>
#include <QWidget>

class QLineEdit;
class QListWidget;
class QPushButton;

namespace riflesso {

class AskBar;
class CaseArchive;
class TogetherBox;
struct CaseMerge;

class CaseShelf : public QWidget {
    Q_OBJECT
public:
    CaseShelf(Workspace& workspace, QWidget* parent);
    ~CaseShelf() override;
    void refresh();
    [[nodiscard]] bool isEmpty() const { return entries_.empty(); }

    /// What the buttons do once a file is chosen.
    void writeArchive(const QString& path);
    void readArchive(const QString& path);

signals:
    void opened(); ///< a case was opened or brought in

private:
    void fill();
    void openChosen();
    /// An archive that was read, and what it is to this library.
    struct Arrived;
    void askToBringIn(const Arrived& arrived);
    void bringIn(const std::shared_ptr<CaseArchive>& archive);
    void bringTogether();
    /// The copies' box in place of the list, or the list again.
    void showTogether(bool together);
    void askToDelete();

    Workspace& workspace_;
    std::vector<CaseEntry> entries_;
    QLineEdit* filter_;
    QListWidget* list_;
    QPushButton *write_, *bring_, *delete_;
    QLabel* title_;
    AskBar* ask_;
    TogetherBox* together_;
    CaseId copyHere_; ///< of what together_ asks
};

} // namespace riflesso
