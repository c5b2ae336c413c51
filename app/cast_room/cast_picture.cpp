#include "app/cast_room/cast_picture.h"

namespace zokran {

QImage asQImage(const Picture& picture) {
    if (picture.bgr.empty())
        return {};
    return QImage(picture.bgr.data(), picture.width, picture.height, 3 * picture.width,
                  QImage::Format_BGR888)
        .copy();
}

} // namespace zokran
