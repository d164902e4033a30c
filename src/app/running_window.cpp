#include "app/running_window.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalServer>
#include <QLocalSocket>

#include <algorithm>

#include <unistd.h>

namespace riflesso {
namespace {

constexpr int kWaitMs = 1000;
constexpr qint64 kMostBytes = 1 << 20;
// What comes first, so that something else is not taken for files. Text that a reader without any promise of a length
// can take: a binary list says how long it is, and a stranger's list may say forty gigabytes.
constexpr QByteArrayView kHead = "riflesso-files-1 ";

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
            const QByteArray got = from->peek(kMostBytes);
            if (!got.startsWith(kHead.first(std::min(kHead.size(), got.size())))) {
                from->abort(); // a stranger
                return;
            }
            if (!got.endsWith('\n'))
                return; // the rest is on its way
            const QJsonDocument list = QJsonDocument::fromJson(got.mid(kHead.size()));
            if (list.isArray()) {
                from->write("taken");
                from->flush();
                emit asked(list.toVariant().toStringList());
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
    const QByteArray bytes =
        kHead.toByteArray() + QJsonDocument(QJsonArray::fromStringList(files)).toJson(QJsonDocument::Compact) + '\n';
    to.write(bytes);
    return to.waitForBytesWritten(kWaitMs) && to.waitForReadyRead(kWaitMs) && to.readAll() == "taken";
}

} // namespace riflesso
