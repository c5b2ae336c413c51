#pragma once

#include <QFileSystemWatcher>
#include <QHash>
#include <QObject>
#include <QSet>
#include <QTimer>

namespace zokran {

/// Watches a folder into which a scanner writes: a new picture there is told once it is written to its
/// end, which is when it has stopped growing.
class ScanFolder : public QObject {
    Q_OBJECT

public:
    explicit ScanFolder(QObject* parent = nullptr);

    /// Watches this folder instead of the one before; none when it is empty. What lies there already is
    /// left alone.
    void watch(const QString& folder);
    const QString& folder() const { return folder_; }

signals:
    void arrived(const QString& file);

private:
    void look();

    QString folder_;
    QSet<QString> known_;
    QHash<QString, qint64> growing_; ///< new pictures and how large they were when last seen
    QFileSystemWatcher watcher_;
    QTimer again_;
};

} // namespace zokran
