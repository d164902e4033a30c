#include "app/running_window.h"

#include <QDataStream>
#include <QLocalServer>
#include <QLocalSocket>

#include <unistd.h>

namespace riflesso {
namespace {

constexpr int kWaitMs = 1000;
constexpr qint64 kMostBytes = 1 << 20;
constexpr quint32 kWord = 0x52494631; // what comes first, so that something else is not taken for files

} // namespace

QString RunningWindow::usualName() { return QStringLiteral("riflesso-%1").arg(getuid()); }

RunningWindow::RunningWindow(const QString& name, QObject* parent) : QObject(parent), server_(new QLocalServer(this)) {
    server_->setSocketOptions(QLocalServer::UserAccessOption);
    if (!server_->listen(name)) {
        QLocalServer::removeServer(name); // of a program that was killed
        server_->listen(name);
    }
    connect(server_, &QLocalServer::newConnection, this, [this] {
        QLocalSocket* from = server_->nextPendingConnection();
        connect(from, &QLocalSocket::disconnected, from, &QObject::deleteLater);
        connect(from, &QLocalSocket::readyRead, this, [this, from] {
            if (from->bytesAvailable() > kMostBytes) {
                from->abort();
                return;
            }
            QDataStream in(from);
            in.startTransaction();
            quint32 word = 0;
            QStringList files;
            in >> word >> files;
            if (!in.commitTransaction())
                return; // the rest is on its way
            if (word == kWord) {
                from->write("taken");
                from->flush();
                emit asked(files);
            }
            from->disconnectFromServer();
        });
    });
}

bool RunningWindow::handTo(const QString& name, const QStringList& files) {
    QLocalSocket to;
    to.connectToServer(name);
    if (!to.waitForConnected(kWaitMs))
        return false;
    QByteArray bytes;
    QDataStream out(&bytes, QIODevice::WriteOnly);
    out << kWord << files;
    to.write(bytes);
    return to.waitForBytesWritten(kWaitMs) && to.waitForReadyRead(kWaitMs) && to.readAll() == "taken";
}

} // namespace riflesso
