#include "core/files/json_file.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <sstream>
#include <unistd.h>

namespace zokran {

nlohmann::json parseJson(const std::string& text, const std::string& name,
                         const std::string& format) {
    nlohmann::json j;
    try {
        j = nlohmann::json::parse(text);
    } catch (const nlohmann::json::exception&) {
        throw BadInput(fmt::format("{}: this is not JSON", name));
    }
    if (!j.is_object() || j.value("format", nlohmann::json()) != format)
        throw BadInput(fmt::format("{}: expected \"format\": \"{}\"", name, format));
    if (j.value("version", nlohmann::json()) != 1)
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
    std::ostringstream text;
    text << in.rdbuf();
    return parseJson(text.str(), file.string(), format);
}

std::string jsonText(const nlohmann::ordered_json& value) {
    return value.dump(1) + "\n";
}

void writeAtomically(const std::filesystem::path& file, const std::string& content) {
    const std::string part = file.string() + ".part";
    auto fail = [&](int cause) {
        ::unlink(part.c_str());
        throw BadInput(fmt::format("{}: {}", file.string(), std::strerror(cause)));
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
