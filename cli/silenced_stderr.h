#pragma once

#include <fcntl.h>
#include <unistd.h>

namespace zokran::cli {

/// Redirects stderr to nowhere during its lifetime: picture libraries write errors there that are reported in one line
/// afterwards. Not for several threads at once.
class SilencedStderr {
public:
    SilencedStderr() : before_(::dup(STDERR_FILENO)) {
        if (const int nothing = ::open("/dev/null", O_WRONLY | O_CLOEXEC); nothing >= 0) {
            ::dup2(nothing, STDERR_FILENO);
            ::close(nothing);
        }
    }
    ~SilencedStderr() {
        if (before_ >= 0) {
            ::dup2(before_, STDERR_FILENO);
            ::close(before_);
        }
    }
    SilencedStderr(const SilencedStderr&) = delete;
    SilencedStderr& operator=(const SilencedStderr&) = delete;

private:
    int before_;
};

} // namespace zokran::cli
