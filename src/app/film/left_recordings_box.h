#pragma once
// Recordings of a session that are not a clip of it: the program was ended before that. Each is taken in or deleted.

#include "app/workspace.h"

#include <QWidget>

#include <set>

class QVBoxLayout;

namespace riflesso {

class LeftRecordingsBox : public QWidget {
    Q_OBJECT
public:
    LeftRecordingsBox(Workspace& workspace, QWidget* parent);
    /// Hidden where there are none.
    void show(const Session* session);
    /// This one is made or read now: it is not left.
    void setBusy(const QString& path, bool busy);
    /// Another case is shown: what was read for this one is dropped. `made`: the one that is being made still, or
    /// empty.
    void forget(const QString& made);

signals:
    void wanted(const QString& path); ///< to be taken in

private:
    void addRow(const QString& path, const QString& text);

    Workspace& workspace_;
    QVBoxLayout* rows_;
    SessionId session_;
    QStringList shown_;
    std::set<QString> busy_;
};

} // namespace riflesso
