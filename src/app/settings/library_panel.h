#pragma once
// The library as a whole: where it lies, what it holds, whether it is sound, and its second copy.

#include "app/workspace.h"

#include <QWidget>

#include <optional>

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

protected:
    void hideEvent(QHideEvent* event) override;

private:
    void askForCopy();
    [[nodiscard]] bool runs(int job) const;
    void sayChecked(const QString& words);
    void showCopy();
    [[nodiscard]] QString said(const Result<LibraryCopy>& copy, const QString& folder) const;
    Workspace& workspace_;
    QLabel *folder_, *holds_, *checked_, *copied_;
    QPushButton *check_, *copy_, *again_, *reset_;
    QString shownFolder_;
    std::optional<int> opening_;     ///< of the library: the how-many-th
    QString outcome_;                ///< of a copy made while this is looked at: stays until it is left
    int checking_ = 0, copying_ = 0; ///< the newest jobs; 0 is none
};

} // namespace riflesso
