#pragma once

#include <fcntl.h>
#include <unistd.h>

namespace zokran::cli {

/// While it lives nothing is written to stderr: picture libraries tell there, in lines of their own, what is told in one
/// line afterwards. For one thread alone.
class Quiet {
public:
    Quiet() : before_(::dup(STDERR_FILENO)) {
        if (const int nothing = ::open("/dev/null", O_WRONLY | O_CLOEXEC); nothing >= 0) {
            ::dup2(nothing, STDERR_FILENO);
            ::close(nothing);
        }
    }
    ~Quiet() {
        if (before_ >= 0) {
            ::dup2(before_, STDERR_FILENO);
            ::close(before_);
        }
    }
    Quiet(const Quiet&) = delete;
    Quiet& operator=(const Quiet&) = delete;

private:
    int before_;
};

} // namespace zokran::cli
