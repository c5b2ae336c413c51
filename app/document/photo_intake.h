#pragma once

#include "app/document/document.h"
#include "app/document/pictures.h"

#include <QStringList>

namespace zokran {

/// Takes many photographs in, each as a study of its own on the shelf, one after another and off the UI
/// thread.
class PhotoIntake : public QObject {
    Q_OBJECT

public:
    PhotoIntake(Document& document, Pictures& pictures, QObject* parent = nullptr);

    /// Adds to what is under way. `sitter`: whose head they all show; may be empty.
    void take(const QStringList& files, const QString& sitter = {});
    /// Leaves the rest where they are; what is in stays in.
    void stop();
    bool isRunning() const { return at_ < files_.size(); }
    int done() const { return static_cast<int>(at_); }
    int all() const { return static_cast<int>(files_.size()); }

signals:
    void changed();
    /// All are in, or it was stopped; those that could not be read are told as trouble.
    void finished(int taken);

private:
    void next();
    void finish();

    Document& document_;
    Pictures& pictures_;
    struct Waiting {
        QString file, sitter;
    };
    QList<Waiting> files_;
    qsizetype at_ = 0;
    int taken_ = 0;
    QStringList refused_; ///< why, in words
};

/// The photographs in a folder and the folders in it, by name; none that are hidden.
QStringList photographsIn(const QString& folder);

} // namespace zokran
