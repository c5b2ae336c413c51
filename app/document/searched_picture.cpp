#include "app/document/searched_picture.h"

#include "app/document/picture_file.h"

namespace zokran {

cv::Mat matrixOf(const QImage& picture) {
    const QImage bgr = picture.convertToFormat(QImage::Format_BGR888);
    return cv::Mat(bgr.height(), bgr.width(), CV_8UC3, const_cast<uchar*>(bgr.constBits()),
                   static_cast<std::size_t>(bgr.bytesPerLine()))
        .clone();
}

SearchedPicture searchedPicture(const std::filesystem::path& file, int reduction) {
    return {matrixOf(readPicture(QString::fromStdString(file.string()), reduction).image), reduction};
}

} // namespace zokran
