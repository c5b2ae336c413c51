#include "app/document/mended_picture.h"

#include "app/document/view_mode_state.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

bool isSame(const MendedPlace& a, const MendedPlace& b) {
    return a.drawn == b.drawn && a.belongs == b.belongs;
}

} // namespace

QImage mendedPicture(const QImage& drawing, Mending mending, double share, double mostPixels) {
    const QImage rgb = shrunk(drawing, mostPixels).convertToFormat(QImage::Format_RGB32);
    const double scale = 1.0 * rgb.width() / drawing.width();
    for (MendedPlace& place : mending.places) {
        place.drawn *= scale;
        place.belongs *= scale;
    }
    mending.corner *= scale;
    mending.side = mending.side * scale;
    const cv::Mat pixels(rgb.height(), rgb.width(), CV_8UC4, const_cast<uchar*>(rgb.constBits()),
                         static_cast<std::size_t>(rgb.bytesPerLine()));
    const cv::Mat mended = mendedDrawing(pixels, mending, share);
    return QImage(mended.data, mended.cols, mended.rows, static_cast<qsizetype>(mended.step), QImage::Format_BGR888)
        .convertToFormat(QImage::Format_RGB32);
}

MendedPicture::MendedPicture(QObject* parent) : QObject(parent) {}

QImage MendedPicture::of(const QImage& drawing, const Mending& mending, double share) {
    if (drawing.isNull())
        return drawing;
    const bool isDrawingKnown = asked_.drawing == drawing.cacheKey();
    if (isDrawingKnown && asked_.share == share &&
        std::equal(asked_.places.begin(), asked_.places.end(), mending.places.begin(), mending.places.end(), isSame))
        return made_;
    if (!isDrawingKnown)
        made_ = {};
    asked_ = {drawing.cacheKey(), mending.places, share};
    work_.run(
        [drawing, mending, share](const Background::Stop&) {
            return mendedPicture(drawing, mending, share, mostShownPixels);
        },
        [this](const QImage& made) {
            made_ = made;
            emit changed();
        });
    return made_;
}

} // namespace zokran
