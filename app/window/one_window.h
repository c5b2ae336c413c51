#pragma once

#include <QLocalServer>
#include <QObject>
#include <QStringList>
#include <filesystem>

namespace zokran {

/// One window to a logbook: a program started later hands its files to the one that is there. Over a local
/// socket that only this user can reach.
class OneWindow : public QObject {
    Q_OBJECT

public:
    explicit OneWindow(const std::filesystem::path& logbook, QObject* parent = nullptr);

    /// Hands files (absolute paths) to a window that is there; false where there is none, and then `listen`.
    bool handOver(const QStringList& files) const;
    void listen();

signals:
    /// Another start wants these opened; none: only to be seen.
    void wanted(const QStringList& files);

private:
    QString name_;
    QLocalServer server_;
};

} // namespace zokran
