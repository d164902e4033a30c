#pragma once
// One window for what is opened from outside: a file that is opened while the program runs goes to the window that is
// there. Only between programs of the same user on this machine.

#include <QObject>
#include <QString>

class QLocalServer;

namespace riflesso {

class RunningWindow : public QObject {
    Q_OBJECT
public:
    /// `name`: under which windows find each other; one a user.
    explicit RunningWindow(const QString& name, QObject* parent = nullptr);
    [[nodiscard]] static QString usualName();
    /// Whether a window that runs has taken the files. Waits a second at most.
    [[nodiscard]] static bool handTo(const QString& name, const QStringList& files);

signals:
    void asked(const QStringList& files); ///< absolute paths

private:
    QLocalServer* server_;
};

} // namespace riflesso
