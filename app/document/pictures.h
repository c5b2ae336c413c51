#pragma once

#include "app/background/background.h"
#include "app/document/picture_file.h"
#include "core/page/framing.h"
#include "core/page/page.h"

#include <QHash>
#include <QImage>
#include <QObject>
#include <filesystem>
#include <functional>

namespace zokran {

/// A small upright copy of a logbook's picture that fills `size` round the picture's middle, or round the middle of a frame
/// of it, in shares of its width and height; null where it cannot be read. A copy is kept on disk where `mayWrite`. Safe off
/// the UI thread.
QImage smallPicture(const std::filesystem::path& folder, const QString& name, const std::optional<Framing>& frame,
                    const QSize& size, bool mayWrite);

/// The pictures of a logbook, decoded off the UI thread: each once while it is in use. Small copies
/// for the shelf are kept on disk beside them.
class Pictures : public QObject {
    Q_OBJECT

public:
    explicit Pictures(const std::filesystem::path& folder, bool mayWrite,
                      QObject* parent = nullptr);

    /// The picture, or a null one while it is being decoded or when it cannot be; asked for the
    /// first time it is decoded, and `arrived` tells.
    QImage picture(const QString& name);
    bool isDecoding(const QString& name) const { return state(name).decoding; }
    /// Why the picture cannot be shown; empty when it can or nobody knows yet.
    QString trouble(const QString& name) const { return state(name).trouble; }
    /// The page a picture shows, laid flat; null while it is being made, and `arrived` tells. The one
    /// asked for last is kept.
    QImage flat(const QString& name, const PageRectification& how);
    /// Puts a picture in that was decoded already, as when it was just taken in.
    void put(const QString& name, const QImage& image);
    /// Forgets all pictures but these.
    void keepOnly(const QStringList& names);

    /// A small upright copy that fills `size` round the picture's middle, or a frame's; null while it is made,
    /// and `thumbnailArrived` tells.
    QImage thumbnail(const QString& name, const std::optional<Framing>& frame, const QSize& size);

    /// Decodes any file; `done` is called on the UI thread with the picture, or with the trouble
    /// and no picture.
    void decode(const QString& file,
                const std::function<void(const ReadPicture&, const QString&)>& done);
    /// Pictures being decoded for the bench.
    int decoding() const { return decoding_; }

signals:
    void arrived(const QString& name);
    void thumbnailArrived(const QString& name);
    void busyChanged();

private:
    struct State {
        QImage image;
        QString trouble;
        bool decoding = false;
    };
    State state(const QString& name) const { return pictures_.value(name); }
    QString pathOf(const QString& name) const;

    std::filesystem::path folder_;
    bool mayWrite_;
    QHash<QString, State> pictures_;
    struct Flat {
        QString name;
        PageRectification how;
        QImage image; ///< null while being made
    };
    std::optional<Flat> flat_;
    QHash<QString, QImage> thumbnails_; ///< null while being made
    Background work_{Background::Newer::Joins};
    int decoding_ = 0;
};

} // namespace zokran
