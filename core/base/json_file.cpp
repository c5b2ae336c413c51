#include "core/base/json_file.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <unistd.h>

namespace zokran {

namespace {

/// None of our files nests deeper than eight or is longer than some megabytes; a file that does is
/// no file of ours, and reading on would cost memory and stack without end.
constexpr int deepest = 64;
constexpr std::size_t longest = 64u << 20;

} // namespace

nlohmann::json parseJson(const std::string& text, const std::string& name,
                         const std::string& format) {
    if (text.size() > longest)
        throw BadInput(fmt::format("{}: the file is longer than {} MB", name, longest >> 20));
    nlohmann::json j;
    try {
        j = nlohmann::json::parse(text, [&](int depth, nlohmann::json::parse_event_t,
                                            nlohmann::json&) {
            if (depth > deepest)
                throw BadInput(fmt::format("{}: the JSON is nested deeper than {}", name, deepest));
            return true;
        });
    } catch (const nlohmann::json::exception&) {
        throw BadInput(fmt::format("{}: this is not JSON", name));
    }
    if (!j.is_object() || !j.contains("format") || j["format"] != format)
        throw BadInput(fmt::format("{}: expected \"format\": \"{}\"", name, format));
    if (!j.contains("version") || j["version"] != 1)
        throw BadInput(fmt::format("{}: expected \"version\": 1", name));
    return j;
}

nlohmann::json readJsonFile(const std::filesystem::path& file, const std::string& format) {
    std::error_code error;
    if (std::filesystem::is_directory(file, error))
        throw BadInput(fmt::format("{}: this is a folder", file.string()));
    std::ifstream in(file, std::ios::binary);
    if (!in)
        throw BadInput(fmt::format("{}: {}", file.string(), std::strerror(errno)));
    std::string text;
    char part[65536];
    while (text.size() <= longest && (in.read(part, sizeof part), in.gcount() > 0))
        text.append(part, static_cast<std::size_t>(in.gcount()));
    return parseJson(text, file.string(), format);
}

std::string jsonText(const nlohmann::ordered_json& value) {
    return value.dump(1) + "\n";
}

void writeAtomically(const std::filesystem::path& file, const std::string& content) {
    const std::string part = file.string() + ".part";
    auto fail = [&](int cause) {
        ::unlink(part.c_str());
        throw StorageError(fmt::format("{}: {}", file.string(), std::strerror(cause)));
    };
    const int handle = ::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (handle < 0)
        fail(errno);
    std::size_t done = 0;
    while (done < content.size()) {
        const ssize_t wrote = ::write(handle, content.data() + done, content.size() - done);
        if (wrote < 0 && errno == EINTR)
            continue;
        if (wrote < 0) {
            const int cause = errno;
            ::close(handle);
            fail(cause);
        }
        done += static_cast<std::size_t>(wrote);
    }
    if (::fsync(handle) != 0 || ::close(handle) != 0)
        fail(errno);
    if (::rename(part.c_str(), file.c_str()) != 0)
        fail(errno);
}

} // namespace zokran
