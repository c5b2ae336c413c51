#pragma once

#include <functional>
#include <string>

namespace zokran {

/// What the page says above its buttons.
enum class UploadNotice { None, Received, NoPicture, Heif, Unreadable, TooMany };

/// The whole page as HTML: one file, nothing loaded from elsewhere, usable without JavaScript. `path` is where it sends to,
/// `nonce` the one that the content security policy names.
std::string uploadPage(const std::string& path, const std::string& nonce, UploadNotice notice,
                       const std::function<std::string(const char* english)>& say);

} // namespace zokran
