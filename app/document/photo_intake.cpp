#include "app/document/photo_intake.h"

#include <QDirIterator>

namespace zokran {

PhotoIntake::PhotoIntake(Document& document, Pictures& pictures, QObject* parent)
    : QObject(parent), document_(document), pictures_(pictures) {}

void PhotoIntake::take(const QStringList& files, const QString& sitter) {
    const bool idle = !isRunning();
    if (idle) {
        files_.clear();
        at_ = taken_ = 0;
        refused_.clear();
    }
    for (const QString& file : files)
        files_.push_back({file, sitter});
    if (idle && isRunning())
        next();
    emit changed();
}

void PhotoIntake::stop() {
    files_.resize(std::min(files_.size(), at_ + 1)); // the one being read still comes in
    emit changed();
}

void PhotoIntake::next() {
    const Waiting now = files_[at_];
    pictures_.decode(now.file, [this, now](const ReadPicture& read, const QString& trouble) {
        if (!trouble.isEmpty())
            refused_ << trouble;
        else if (document_.tryEdit(
                     [&] { document_.keepStudy(now.file, read.image.size(), read.focal, now.sitter); }))
            ++taken_;
        ++at_;
        if (isRunning())
            next();
        else
            finish();
        emit changed();
    });
}

void PhotoIntake::finish() {
    if (!refused_.isEmpty())
        emit document_.troubled(
            refused_.size() == 1
                ? tr("One was left out. %1").arg(refused_.first())
                : tr("%1 were left out. The first: %2").arg(refused_.size()).arg(refused_.first()));
    emit finished(taken_);
}

QStringList photographsIn(const QString& folder) {
    QStringList files;
    QDirIterator all(folder, {"*.jpg", "*.jpeg", "*.png", "*.tif", "*.tiff", "*.webp", "*.bmp"},
                     QDir::Files | QDir::Readable, QDirIterator::Subdirectories);
    while (all.hasNext())
        files << all.next();
    files.sort(Qt::CaseInsensitive);
    return files;
}

} // namespace zokran
