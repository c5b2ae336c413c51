#include "app/window/one_window.h"

#include <QCryptographicHash>
#include <QDataStream>
#include <QLocalSocket>

namespace zokran {

namespace {

constexpr int patience = 2000;          ///< milliseconds
constexpr qint64 longestMessage = 1 << 20; ///< bytes

} // namespace

OneWindow::OneWindow(const std::filesystem::path& logbook, QObject* parent) : QObject(parent) {
    const std::string path = std::filesystem::weakly_canonical(std::filesystem::absolute(logbook)).string();
    const QByteArray hash =
        QCryptographicHash::hash(QByteArray::fromStdString(path), QCryptographicHash::Sha256).toHex().left(16);
    name_ = "zokran-" + qEnvironmentVariable("USER", "learner") + "-" + QString::fromLatin1(hash);
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&server_, &QLocalServer::newConnection, this, [this] {
        while (QLocalSocket* caller = server_.nextPendingConnection()) {
            connect(caller, &QLocalSocket::disconnected, caller, &QObject::deleteLater);
            connect(caller, &QLocalSocket::readyRead, this, [this, caller] {
                if (caller->bytesAvailable() > longestMessage)
                    return caller->abort();
                QDataStream in(caller);
                in.startTransaction();
                QStringList files;
                in >> files;
                if (!in.commitTransaction())
                    return; // not all of it has come yet
                caller->write("1");
                caller->flush();
                emit wanted(files);
            });
        }
    });
}

bool OneWindow::handOver(const QStringList& files) const {
    QLocalSocket there;
    there.connectToServer(name_);
    if (!there.waitForConnected(patience))
        return false;
    QByteArray message;
    QDataStream out(&message, QIODevice::WriteOnly);
    out << files;
    there.write(message);
    // Taken only once it is answered: a window that hangs or dies takes nothing over.
    return there.waitForBytesWritten(patience) && there.waitForReadyRead(patience);
}

void OneWindow::listen() {
    // What a killed program left in the way; a living one would have taken the files over.
    if (!server_.listen(name_)) {
        QLocalServer::removeServer(name_);
        server_.listen(name_);
    }
}

} // namespace zokran
