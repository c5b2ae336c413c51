#pragma once

#include <span>
#include <string>

namespace zokran::fuzz {

/// A reader of what comes from outside, fed with anything. It may refuse its input as the program does (BadInput,
/// StorageError) and must do nothing worse.
struct Target {
    const char* name; ///< of its corpus as well
    const char* ending;
    void (*read)(const std::string& bytes, const std::string& file); ///< `file` holds the same bytes
};

std::span<const Target> targets();

/// Runs a target; what a reader is allowed to throw is caught.
void run(const Target& target, const std::string& bytes);

} // namespace zokran::fuzz
