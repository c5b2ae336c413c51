#pragma once

#include <string_view>

namespace zokran {

/// What a picture's first bytes say it is.
enum class PictureFormat { Jpeg, Png, WebP, Heif, Unknown };

/// Reads no more than the first dozen bytes.
PictureFormat formatOf(std::string_view bytes);

/// Whether the program can read it. HEIF, which some telephones write, it cannot.
constexpr bool isReadable(PictureFormat format) {
    return format == PictureFormat::Jpeg || format == PictureFormat::Png || format == PictureFormat::WebP;
}

/// The ending of a file's name for it, with the dot; empty for what cannot be read.
std::string_view extensionOf(PictureFormat format);

} // namespace zokran
