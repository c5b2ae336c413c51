#pragma once

#include <stdexcept>

namespace zokran {

/// What a person gave cannot be used. The message is one line that names what and why, fit to be
/// shown as it stands.
struct BadInput : std::runtime_error {
    using std::runtime_error::runtime_error;
};

/// What a person gave is good but cannot be kept: a full disk, a folder that may only be read, a
/// damaged logbook. The message is one line that names the file and the cause.
struct StorageError : std::runtime_error {
    using std::runtime_error::runtime_error;
};

} // namespace zokran
