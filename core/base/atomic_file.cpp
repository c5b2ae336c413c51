#include "core/base/atomic_file.h"

#include <algorithm>
#include <atomic>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fmt/format.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>
#include <vector>

namespace zokran {

namespace {

[[noreturn]] void fail(const std::filesystem::path& file, int cause) {
    throw StorageError(fmt::format("{}: {}", file.string(), std::strerror(cause)));
}

/// A file descriptor that is closed whatever happens.
class Handle {
public:
    explicit Handle(int descriptor) : descriptor_(descriptor) {}
    ~Handle() { close(); }
    Handle(const Handle&) = delete;
    Handle& operator=(const Handle&) = delete;
    int operator*() const { return descriptor_; }
    bool isOpen() const { return descriptor_ >= 0; }
    /// 0, or the error.
    int close() {
        const int descriptor = std::exchange(descriptor_, -1);
        return descriptor < 0 || ::close(descriptor) == 0 ? 0 : errno;
    }

private:
    int descriptor_;
};

/// A file that is removed again unless it was renamed.
class Part {
public:
    explicit Part(std::filesystem::path path) : path_(std::move(path)) {}
    ~Part() {
        if (!path_.empty())
            ::unlink(path_.c_str());
    }
    Part(const Part&) = delete;
    Part& operator=(const Part&) = delete;
    const std::filesystem::path& path() const { return path_; }
    void keep() { path_.clear(); }

private:
    std::filesystem::path path_;
};

void writeAll(int descriptor, std::string_view content, const std::filesystem::path& file) {
    while (!content.empty()) {
        const ssize_t wrote = ::write(descriptor, content.data(), content.size());
        if (wrote < 0 && errno == EINTR)
            continue;
        if (wrote < 0)
            fail(file, errno);
        content.remove_prefix(static_cast<std::size_t>(wrote));
    }
}

std::filesystem::path folderOf(const std::filesystem::path& file) {
    return file.has_parent_path() ? file.parent_path() : ".";
}

/// So that the name outlasts a power cut; a file system that cannot do so says EINVAL and needs no telling.
void synchronizeFolder(const std::filesystem::path& folder) {
    Handle handle(::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (!handle.isOpen() || (::fsync(*handle) != 0 && errno != EINVAL))
        fail(folder, errno);
}

/// A name beside `file` that neither another thread nor another program uses, and no longer than a short one's.
std::filesystem::path partBeside(const std::filesystem::path& file) {
    static std::atomic<unsigned> count{0};
    return folderOf(file) / fmt::format(".zokran-{}-{}.part", ::getpid(), ++count);
}

/// Fills a new file beside `target` by `fill(descriptor)` and renames it over `target`.
template <class Fill>
void replace(const std::filesystem::path& target, mode_t mode, Fill fill) {
    Part part(partBeside(target));
    Handle handle(::open(part.path().c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, mode));
    if (!handle.isOpen()) {
        const int cause = errno;
        part.keep(); // it is not ours
        fail(target, cause);
    }
    fill(*handle);
    if (::fsync(*handle) != 0)
        fail(target, errno);
    if (const int cause = handle.close())
        fail(target, cause);
    if (::rename(part.path().c_str(), target.c_str()) != 0)
        fail(target, errno);
    part.keep();
    synchronizeFolder(folderOf(target));
}

constexpr mode_t usualMode = 0644, permissions = 07777;

/// Where a link leads, also one to a file that is not there yet.
std::filesystem::path followed(std::filesystem::path file) {
    constexpr int mostLinks = 40;
    std::error_code error;
    for (int i = 0; i < mostLinks && std::filesystem::is_symlink(file, error); ++i) {
        const auto to = std::filesystem::read_symlink(file, error);
        if (error)
            break;
        file = to.is_absolute() ? to : folderOf(file) / to;
    }
    return file;
}

/// Whether the bytes from `at` on begin a well-formed UTF-8 character; its length, or 0.
std::size_t characterAt(const std::string& text, std::size_t at) {
    const auto byte = [&](std::size_t i) { return i < text.size() ? static_cast<unsigned char>(text[i]) : 0u; };
    const unsigned first = byte(at);
    const std::size_t length = first < 0x80 ? 1 : first >= 0xC2 && first < 0xE0 ? 2 : first >= 0xE0 && first < 0xF0 ? 3
                               : first >= 0xF0 && first < 0xF5                  ? 4
                                                                                : 0;
    for (std::size_t i = 1; i < length; ++i)
        if ((byte(at + i) & 0xC0) != 0x80)
            return 0;
    // Overlong forms, surrogates and what lies beyond Unicode.
    const unsigned second = byte(at + 1);
    if ((first == 0xE0 && second < 0xA0) || (first == 0xED && second >= 0xA0) || (first == 0xF0 && second < 0x90) ||
        (first == 0xF4 && second >= 0x90))
        return 0;
    return length;
}

/// No longer than `longest` bytes, cut between two characters.
std::string cut(const std::string& text, std::size_t longest) {
    std::size_t end = std::min(longest, text.size());
    while (end > 0 && end < text.size() && (static_cast<unsigned char>(text[end]) & 0xC0) == 0x80)
        --end;
    return text.substr(0, end);
}

} // namespace

void writeAtomically(const std::filesystem::path& file, std::string_view content) {
    const std::filesystem::path target = followed(file);
    struct stat status {};
    const bool exists = ::stat(target.c_str(), &status) == 0;
    if (exists && !S_ISREG(status.st_mode)) {
        Handle handle(::open(target.c_str(), O_WRONLY | O_CLOEXEC));
        if (!handle.isOpen())
            fail(file, errno);
        writeAll(*handle, content, file);
        if (const int cause = handle.close())
            fail(file, cause);
        return;
    }
    replace(target, exists ? status.st_mode & permissions : usualMode,
            [&](int descriptor) { writeAll(descriptor, content, file); });
}

std::string writeUnderFreeName(const std::filesystem::path& folder, const std::function<std::string(int)>& nameOf,
                               std::string_view content) {
    const auto isTaken = [&](int n) {
        std::error_code ignored;
        return std::filesystem::exists(std::filesystem::symlink_status(folder / nameOf(n), ignored));
    };
    // There may be thousands of the name: a free number is found by doubling, and one near the lowest by halving.
    int taken = 0, free = 1;
    while (isTaken(free)) {
        taken = free;
        free *= 2;
    }
    while (free - taken > 1) {
        const int middle = taken + (free - taken) / 2;
        (isTaken(middle) ? taken : free) = middle;
    }
    for (int n = free;; ++n) {
        const auto file = folder / nameOf(n);
        Handle claim(::open(file.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, usualMode));
        if (!claim.isOpen() && errno == EEXIST)
            continue; // somebody was quicker
        if (!claim.isOpen())
            fail(file, errno);
        Part claimed(file);
        writeAtomically(file, content);
        claimed.keep();
        return nameOf(n);
    }
}

void copyAtomically(const std::filesystem::path& from, const std::filesystem::path& to) {
    Handle source(::open(from.c_str(), O_RDONLY | O_CLOEXEC));
    if (!source.isOpen())
        fail(from, errno);
    replace(to, usualMode, [&](int descriptor) {
        std::vector<char> part(1 << 18);
        for (;;) {
            const ssize_t got = ::read(*source, part.data(), part.size());
            if (got < 0 && errno == EINTR)
                continue;
            if (got < 0)
                fail(from, errno);
            if (got == 0)
                return;
            writeAll(descriptor, {part.data(), static_cast<std::size_t>(got)}, to);
        }
    });
}

void renameOver(const std::filesystem::path& from, const std::filesystem::path& to) {
    if (::rename(from.c_str(), to.c_str()) != 0)
        fail(to, errno);
    synchronizeFolder(folderOf(to));
}

std::string plainFileName(const std::string& name, std::size_t longest) {
    std::string plain;
    for (std::size_t i = 0; i < name.size();) {
        const std::size_t length = characterAt(name, i);
        const auto first = static_cast<unsigned char>(name[i]);
        const bool fits = length > 1 || (length == 1 && first >= 32 && first != 127 && first != '/' && first != '\\');
        plain += fits ? name.substr(i, length) : "_";
        i += std::max<std::size_t>(length, 1);
    }
    constexpr std::size_t longestExtension = 12;
    const std::size_t dot = plain.rfind('.');
    const std::string extension =
        dot != std::string::npos && plain.size() - dot <= longestExtension ? plain.substr(dot) : std::string();
    const std::string stem = cut(plain.substr(0, plain.size() - extension.size()), longest - extension.size());
    const std::string whole = stem + extension;
    return whole.empty() || whole == "." || whole == ".." ? "_" : whole;
}

} // namespace zokran
