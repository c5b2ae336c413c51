#include "tests/fault/injection.h"

#include <atomic>
#include <cerrno>
#include <cstdarg>
#include <cstdio>
#include <cstring>
#include <dlfcn.h>
#include <fcntl.h>
#include <string>
#include <sys/stat.h>
#include <unistd.h>

namespace {

char watched[4096] = "";
std::atomic<int> calls{0}, failing{0};
std::atomic<bool> allAfter{false};

bool isWatched(const char* path) {
    return *watched && path && std::strncmp(path, watched, std::strlen(watched)) == 0;
}

bool isWatched(int descriptor) {
    if (!*watched)
        return false;
    char link[64], path[4096];
    std::snprintf(link, sizeof link, "/proc/self/fd/%d", descriptor);
    const ssize_t length = ::readlink(link, path, sizeof path - 1);
    if (length <= 0)
        return false;
    path[length] = 0;
    return isWatched(path);
}

/// Whether this call is to fail.
bool fails() {
    const int number = ++calls, at = failing;
    return at > 0 && (number == at || (allAfter && number > at));
}

template <class Function>
Function* real(const char* name) {
    return reinterpret_cast<Function*>(::dlsym(RTLD_NEXT, name));
}

} // namespace

// The names are the C library's.
#define ZOKRAN_FAULT(watchedThing, error)                                                                              \
    if (isWatched(watchedThing) && fails()) {                                                                          \
        errno = error;                                                                                                 \
        return -1;                                                                                                     \
    }

extern "C" {

ssize_t write(int fd, const void* data, size_t size) {
    static auto* const next = real<ssize_t(int, const void*, size_t)>("write");
    ZOKRAN_FAULT(fd, ENOSPC)
    return next(fd, data, size);
}
ssize_t pwrite(int fd, const void* data, size_t size, off_t at) {
    static auto* const next = real<ssize_t(int, const void*, size_t, off_t)>("pwrite");
    ZOKRAN_FAULT(fd, ENOSPC)
    return next(fd, data, size, at);
}
ssize_t pwrite64(int fd, const void* data, size_t size, off64_t at) {
    static auto* const next = real<ssize_t(int, const void*, size_t, off64_t)>("pwrite64");
    ZOKRAN_FAULT(fd, ENOSPC)
    return next(fd, data, size, at);
}
int fsync(int fd) {
    static auto* const next = real<int(int)>("fsync");
    ZOKRAN_FAULT(fd, EIO)
    return next(fd);
}
int fdatasync(int fd) {
    static auto* const next = real<int(int)>("fdatasync");
    ZOKRAN_FAULT(fd, EIO)
    return next(fd);
}
int rename(const char* from, const char* to) noexcept {
    static auto* const next = real<int(const char*, const char*)>("rename");
    ZOKRAN_FAULT(to, EIO)
    return next(from, to);
}
int ftruncate(int fd, off_t size) noexcept {
    static auto* const next = real<int(int, off_t)>("ftruncate");
    ZOKRAN_FAULT(fd, EIO)
    return next(fd, size);
}
int ftruncate64(int fd, off64_t size) noexcept {
    static auto* const next = real<int(int, off64_t)>("ftruncate64");
    ZOKRAN_FAULT(fd, EIO)
    return next(fd, size);
}
int mkdir(const char* path, mode_t mode) noexcept {
    static auto* const next = real<int(const char*, mode_t)>("mkdir");
    ZOKRAN_FAULT(path, ENOSPC)
    return next(path, mode);
}
size_t fwrite(const void* data, size_t size, size_t count, FILE* file) {
    static auto* const next = real<size_t(const void*, size_t, size_t, FILE*)>("fwrite");
    if (isWatched(::fileno(file)) && fails()) {
        errno = ENOSPC;
        return 0;
    }
    return next(data, size, count, file);
}
int fclose(FILE* file) {
    static auto* const next = real<int(FILE*)>("fclose");
    const bool isFailing = isWatched(::fileno(file)) && fails();
    const int result = next(file);
    if (isFailing) {
        errno = ENOSPC;
        return EOF;
    }
    return result;
}
#define ZOKRAN_OPEN(name)                                                                                              \
    int name(const char* path, int flags, ...) {                                                                       \
        static auto* const next = real<int(const char*, int, ...)>(#name);                                             \
        va_list rest;                                                                                                  \
        va_start(rest, flags);                                                                                         \
        const mode_t mode = flags & (O_CREAT | O_TMPFILE) ? va_arg(rest, mode_t) : 0;                                  \
        va_end(rest);                                                                                                  \
        if (flags & O_CREAT)                                                                                           \
            ZOKRAN_FAULT(path, ENOSPC)                                                                                 \
        return next(path, flags, mode);                                                                                \
    }
ZOKRAN_OPEN(open)
ZOKRAN_OPEN(open64)
}

namespace zokran::test {

FaultInjection::FaultInjection(const std::filesystem::path& folder) {
    std::snprintf(watched, sizeof watched, "%s", folder.c_str());
    failAt(0, false);
}

FaultInjection::~FaultInjection() {
    failing = 0;
    *watched = 0;
}

void FaultInjection::failAt(int number, bool andAllAfter) {
    calls = 0;
    allAfter = andAllAfter;
    failing = number;
}

int FaultInjection::counted() const {
    return calls;
}

} // namespace zokran::test
