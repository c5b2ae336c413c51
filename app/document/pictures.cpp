#include "app/document/pictures.h"

#include "app/document/page_picture.h"
#include "core/base/errors.h"

#include <QDir>
#include <QFileInfo>
#include <QImageReader>
#include <QPointer>
#include <QSaveFile>
#include <cmath>
#include <utility>

namespace zokran {

namespace {

/// Small copies on disk are this large at least on their shorter side, px.
constexpr int thumbnailSide = 320;
/// The priority of a picture that lies on the bench.
constexpr int beforeThumbnails = 1;

/// Reads the copy on disk, or makes it; of the whole picture or of a frame of it.
QImage smallCopy(const QString& file, const QString& copy, const std::optional<Framing>& frame, bool mayWrite) {
    QImage image(copy);
    if (!image.isNull())
        return image;
    QImageReader reader(file);
    reader.setAutoTransform(true);
    reader.setDecideFormatFromContent(true);
    const QSize full = reader.size();
    const QSize least(thumbnailSide, thumbnailSide);
    if (!frame && full.isValid() && std::min(full.width(), full.height()) > 2 * thumbnailSide)
        reader.setScaledSize(full.scaled(2 * least, Qt::KeepAspectRatioByExpanding));
    image = reader.read();
    if (image.isNull())
        return image;
    if (frame) {
        const QSizeF all = image.size();
        const QRectF part(QPointF(frame->low.x() * all.width(), frame->low.y() * all.height()),
                          QPointF(frame->high.x() * all.width(), frame->high.y() * all.height()));
        image = image.copy(part.toAlignedRect() & image.rect());
    }
    if (std::min(image.width(), image.height()) > thumbnailSide)
        image = image.scaled(least, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation);
    QSaveFile kept(copy);
    if (mayWrite && kept.open(QIODevice::WriteOnly) && image.save(&kept, "JPG", 88))
        kept.commit();
    return image;
}

/// Tells the copy of one frame of a picture from that of another.
QString frameName(const std::optional<Framing>& frame) {
    if (!frame)
        return {};
    const auto thousandths = [](double share) { return std::lround(1000 * share); };
    return QString(".%1-%2-%3-%4")
        .arg(thousandths(frame->low.x()))
        .arg(thousandths(frame->low.y()))
        .arg(thousandths(frame->high.x()))
        .arg(thousandths(frame->high.y()));
}

QImage filling(const QImage& image, const QSize& size) {
    if (image.isNull())
        return image;
    const QImage scaled =
        image.scaled(size, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation);
    return scaled.copy((scaled.width() - size.width()) / 2, (scaled.height() - size.height()) / 2,
                       size.width(), size.height());
}

} // namespace

QImage smallPicture(const std::filesystem::path& folder, const QString& name, const std::optional<Framing>& frame,
                    const QSize& size, bool mayWrite) {
    if (name.isEmpty())
        return {};
    return filling(smallCopy(QString::fromStdString((folder / "pictures" / name.toStdString()).string()),
                             QString::fromStdString((folder / "thumbnails").string()) + "/" + name + frameName(frame) + ".jpg",
                             frame, mayWrite),
                   size);
}

Pictures::Pictures(const std::filesystem::path& folder, bool mayWrite, QObject* parent)
    : QObject(parent), folder_(folder), mayWrite_(mayWrite) {
    if (mayWrite_)
        QDir().mkpath(QString::fromStdString((folder_ / "thumbnails").string()));
}

QString Pictures::pathOf(const QString& name) const {
    return QString::fromStdString((folder_ / "pictures" / name.toStdString()).string());
}

void Pictures::decode(const QString& file,
                      const std::function<void(const ReadPicture&, const QString&)>& done) {
    ++decoding_;
    emit busyChanged();
    const auto end = [this, done](const ReadPicture& picture, const QString& trouble) {
        --decoding_;
        emit busyChanged();
        done(picture, trouble);
    };
    work_.run([file](const Background::Stop&) { return readPicture(file); },
              [end](const ReadPicture& picture) { end(picture, {}); }, [end](const QString& why) { end({}, why); },
              beforeThumbnails);
}

QImage Pictures::picture(const QString& name) {
    if (name.isEmpty())
        return {};
    if (const auto known = pictures_.constFind(name); known != pictures_.cend())
        return known->image;
    pictures_[name].decoding = true;
    decode(pathOf(name), [this, name](const ReadPicture& read, const QString& trouble) {
        if (!pictures_.contains(name))
            return; // nobody wants it any more
        pictures_[name] = {read.image, trouble, false};
        emit arrived(name);
    });
    return {};
}

QImage Pictures::flat(const QString& name, const PageRectification& how) {
    if (flat_ && flat_->name == name && flat_->how == how)
        return flat_->image;
    const QImage photograph = picture(name);
    if (photograph.isNull())
        return {};
    flat_ = Flat{name, how, {}};
    ++decoding_;
    emit busyChanged();
    const auto end = [this, name, how](const QImage& image) {
        --decoding_;
        emit busyChanged();
        if (!flat_ || flat_->name != name || !(flat_->how == how))
            return; // another is wanted meanwhile
        flat_->image = image;
        emit arrived(name);
    };
    work_.run([photograph, how](const Background::Stop&) { return laidFlat(photograph, how); }, end,
              [end](const QString&) { end({}); }, beforeThumbnails);
    return {};
}

void Pictures::put(const QString& name, const QImage& image) {
    pictures_[name] = {image, {}, false};
}

void Pictures::keepOnly(const QStringList& names) {
    for (const QString& known : pictures_.keys())
        if (!names.contains(known))
            pictures_.remove(known);
    if (flat_ && !names.contains(flat_->name))
        flat_.reset();
}

QImage Pictures::thumbnail(const QString& name, const std::optional<Framing>& frame, const QSize& size) {
    if (name.isEmpty())
        return {};
    const QString key = QStringLiteral("%1%2 %3x%4").arg(name, frameName(frame)).arg(size.width()).arg(size.height());
    if (const auto known = thumbnails_.constFind(key); known != thumbnails_.cend())
        return *known;
    thumbnails_[key] = {};
    work_.run([this, name, frame, size](
                  const Background::Stop& stop) { return stop ? QImage() : smallPicture(folder_, name, frame, size, mayWrite_); },
              [this, name, key](const QImage& small) {
                  thumbnails_[key] = small;
                  emit thumbnailArrived(name);
              });
    return {};
}

} // namespace zokran
