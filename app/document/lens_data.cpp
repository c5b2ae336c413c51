#include "app/document/lens_data.h"

#include "core/view/lens.h"

#include <algorithm>
#include <exiv2/exiv2.hpp>

namespace zokran {

namespace {

/// An EXIF number, or 0 when it is not there.
double number(const Exiv2::ExifData& exif, const char* key) {
    const auto entry = exif.findKey(Exiv2::ExifKey(key));
    return entry == exif.end() || entry->count() == 0 ? 0 : static_cast<double>(entry->toFloat());
}

} // namespace

std::optional<Pixels> focalFromExif(const QString& file, const QSize& size, const QSize& shown) {
    // Once, before several threads use it: the library sets up its tables of names then.
    static const bool isReady = [] {
        Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
        return Exiv2::XmpParser::initialize();
    }();
    if (!isReady)
        return std::nullopt;
    try {
        const auto image = Exiv2::ImageFactory::open(file.toStdString());
        image->readMetadata();
        const Exiv2::ExifData& exif = image->exifData();
        const double equivalentMm = number(exif, "Exif.Photo.FocalLengthIn35mmFilm");
        const double wide = number(exif, "Exif.Photo.PixelXDimension");
        const double high = number(exif, "Exif.Photo.PixelYDimension");
        const bool whole =
            wide == 0 || (std::max(wide, high) == std::max(size.width(), size.height()) &&
                          std::min(wide, high) == std::min(size.width(), size.height()));
        if (!whole || !(equivalentMm >= 8 && equivalentMm <= 2000))
            return std::nullopt;
        return focalOf({equivalentMm}, {1.0 * shown.width()}, {1.0 * shown.height()});
    } catch (const Exiv2::Error&) {
        return std::nullopt; // no metadata is no trouble
    }
}

} // namespace zokran
