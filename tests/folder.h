#pragma once

#include <cstdlib>
#include <filesystem>
#include <string>

namespace zokran::test {

/// A folder of a test's own, gone with it.
struct Folder {
    std::filesystem::path path;
    Folder() {
        std::string name = (std::filesystem::temp_directory_path() / "zokran-log-XXXXXX").string();
        path = ::mkdtemp(name.data());
    }
    ~Folder() { std::filesystem::remove_all(path); }
};

} // namespace zokran::test
