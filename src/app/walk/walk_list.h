#pragma once
// What was talked through with this athlete: each walk-through with its session, to be opened in Hand-over.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

class WalkList : public QWidget {
    Q_OBJECT
public:
    WalkList(Workspace& workspace, QWidget* parent);
    void refresh();
    void forget();

signals:
    void chosen(SessionId session, const QString& walk);

private:
    struct Row {
        SessionId session;
        QString id, text;
    };
    void show(const std::vector<Row>& rows);
    Workspace& workspace_;
    QVBoxLayout* rows_;
    QString there_; ///< what the rows are of
};

} // namespace riflesso
