#pragma once
// The library as a whole: where it lies, what it holds, whether it is sound, and its second copy.

#include "app/workspace.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace riflesso {

struct LibraryCopy;

class LibraryPanel : public QWidget {
    Q_OBJECT
public:
    LibraryPanel(Workspace& workspace, QWidget* parent);
    void refresh();
    /// Reads every clip and says what is not as it was.
    void check();
    /// Makes the second copy there, or brings it up to date.
    void copyTo(const QString& folder);

signals:
    void anotherWanted(); ///< another library

private:
    void askForCopy();
    void sayChecked(const QString& words);
    void showCopy();
    [[nodiscard]] QString said(const Result<LibraryCopy>& copy, const QString& folder) const;
    Workspace& workspace_;
    QLabel *folder_, *holds_, *checked_, *copied_;
    QPushButton *check_, *copy_, *again_, *reset_;
    QString shownFolder_;
};

} // namespace riflesso
