#include "app/document/page_picture.h"

#include "core/page/find_heads.h"

#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// The pixels of an RGB32 picture, not copied: blue, green, red and one that says nothing.
cv::Mat pixelsOf(const QImage& image) {
    return {image.height(), image.width(), CV_8UC4, const_cast<uchar*>(image.constBits()),
            static_cast<std::size_t>(image.bytesPerLine())};
}

} // namespace

std::optional<FoundPage> pageIn(const QImage& photograph) {
    if (photograph.isNull())
        return std::nullopt;
    cv::Mat colours;
    cv::cvtColor(pixelsOf(photograph), colours, cv::COLOR_BGRA2BGR);
    return findPage(colours);
}

std::vector<Framing> headsIn(const QImage& page) {
    const QImage rgb = page.convertToFormat(QImage::Format_RGB32);
    return drawingsOn(pixelsOf(rgb));
}

QImage laidFlat(const QImage& photograph, const PageRectification& how) {
    cv::Mat flat = laidFlat(pixelsOf(photograph), how);
    return QImage(flat.data, flat.cols, flat.rows, static_cast<qsizetype>(flat.step),
                  QImage::Format_RGB32)
        .copy();
}

std::optional<Millimetres> scannedWidth(const QImage& image) {
    constexpr double least = 150 / 0.0254, most = 2400 / 0.0254; // to the metre
    const double perMetre = image.dotsPerMeterX();
    if (perMetre < least || perMetre > most)
        return std::nullopt;
    return Millimetres{1000 * image.width() / perMetre};
}

} // namespace zokran
