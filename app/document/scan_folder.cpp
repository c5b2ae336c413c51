#include "app/document/scan_folder.h"

#include <QDir>

namespace zokran {

namespace {

constexpr int pause = 300; ///< ms between two looks at a file that may still grow

QFileInfoList picturesIn(const QString& folder) {
    return QDir(folder).entryInfoList({"*.jpg", "*.jpeg", "*.png", "*.tif", "*.tiff", "*.webp", "*.bmp"},
                                      QDir::Files, QDir::Time | QDir::Reversed);
}

} // namespace

ScanFolder::ScanFolder(QObject* parent) : QObject(parent) {
    again_.setInterval(pause);
    again_.setSingleShot(true);
    connect(&again_, &QTimer::timeout, this, &ScanFolder::look);
    connect(&watcher_, &QFileSystemWatcher::directoryChanged, this, &ScanFolder::look);
}

void ScanFolder::watch(const QString& folder) {
    if (!folder_.isEmpty())
        watcher_.removePath(folder_);
    folder_ = folder;
    known_.clear();
    growing_.clear();
    again_.stop();
    if (folder.isEmpty())
        return;
    for (const QFileInfo& file : picturesIn(folder))
        known_ << file.filePath();
    watcher_.addPath(folder);
}

void ScanFolder::look() {
    QStringList whole;
    for (const QFileInfo& file : picturesIn(folder_)) {
        const QString name = file.filePath();
        if (known_.contains(name))
            continue;
        const auto before = growing_.constFind(name);
        if (before != growing_.cend() && *before == file.size() && file.size() > 0) {
            whole << name;
            known_ << name;
            growing_.remove(name);
        } else {
            growing_[name] = file.size();
        }
    }
    if (!growing_.isEmpty())
        again_.start();
    for (const QString& name : whole)
        emit arrived(name);
}

} // namespace zokran
