#pragma once
// The bottom line: last saved, running jobs with progress and stop, keys that work right now.

#include "app/page.h"

#include <QWidget>

class QPushButton;

namespace riflesso {

class StatusLine : public QWidget {
    Q_OBJECT
public:
    explicit StatusLine(Workspace& workspace, QWidget* parent = nullptr);
    void setKeys(const QList<KeyHint>& keys);

private:
    void showJobs();
    Workspace& workspace_;
    QLabel *saved_, *jobs_, *keys_;
    QPushButton* stop_;
};

} // namespace riflesso
