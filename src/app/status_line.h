#pragma once
// The bottom line: last saved, running jobs with progress and a stop for each, keys that work right now.

#include "app/page.h"

#include <QWidget>

class QPushButton;

namespace riflesso {

class StatusLine : public QWidget {
    Q_OBJECT
public:
    explicit StatusLine(Workspace& workspace, QWidget* parent = nullptr);
    void setKeys(const QList<KeyHint>& keys);
    /// A band of ink that says that something is recorded; empty: nothing is.
    void setRecording(const QString& words);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    /// As many of the keys as there is room for.
    void showKeys();
    void showSaved(const QString& words);
    void showJobs();
    void listJobs(); ///< all of them, above the line
    Workspace& workspace_;
    QList<KeyHint> hints_;
    QLabel *recording_, *saved_, *jobs_, *keys_;
    QPushButton *stop_, *more_;
    int shownJob_ = 0; ///< the one that stop stands beside
};

} // namespace riflesso
