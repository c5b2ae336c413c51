#pragma once

#include <filesystem>
#include <string>

namespace zokran::test {

/// A folder of a test's own, gone with it.
struct Folder {
    std::filesystem::path path;
    Folder();
    ~Folder();
    std::string file(const char* name) const { return (path / name).string(); }
};

/// The bytes of a file; empty where there is none.
std::string contentOf(const std::filesystem::path& file);
void put(const std::filesystem::path& file, const std::string& bytes);

} // namespace zokran::test
