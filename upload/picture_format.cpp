#include "upload/picture_format.h"

namespace zokran {

PictureFormat formatOf(std::string_view bytes) {
    using namespace std::string_view_literals;
    if (bytes.starts_with("\xFF\xD8\xFF"sv))
        return PictureFormat::Jpeg;
    if (bytes.starts_with("\x89PNG\r\n\x1A\n"sv))
        return PictureFormat::Png;
    if (bytes.size() >= 12 && bytes.starts_with("RIFF"sv) && bytes.substr(8, 4) == "WEBP"sv)
        return PictureFormat::WebP;
    // An ISO base media file whose brand is one of the still picture's.
    if (bytes.size() >= 12 && bytes.substr(4, 4) == "ftyp"sv)
        for (const std::string_view brand : {"heic"sv, "heix"sv, "mif1"sv, "msf1"sv, "hevc"sv})
            if (bytes.substr(8, 4) == brand)
                return PictureFormat::Heif;
    return PictureFormat::Unknown;
}

std::string_view extensionOf(PictureFormat format) {
    switch (format) {
    case PictureFormat::Jpeg:
        return ".jpg";
    case PictureFormat::Png:
        return ".png";
    case PictureFormat::WebP:
        return ".webp";
    case PictureFormat::Heif:
    case PictureFormat::Unknown:
        break;
    }
    return {};
}

} // namespace zokran
