#pragma once
// Another person's marks and answers of the same film, out of their case archive: how far apart the two observers are.

#include "app/workspace.h"
#include "work/second_observer.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace riflesso {

class OtherObserver : public QWidget {
    Q_OBJECT
public:
    OtherObserver(Workspace& workspace, QWidget* parent);
    /// Reads the archive, says how far apart the two are, and keeps the agreement on observations with the case.
    void compareWith(const QString& path);
    void refresh();

private:
    void take(const QString& observer, const CaseData& theirs);
    Workspace& workspace_;
    QLabel *kept_, *found_;
    QPushButton* forget_;
    CaseId of_; ///< the case that `found_` is about
};

} // namespace riflesso
