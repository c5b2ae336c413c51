#include "core/base/data_folder.h"

#include <cstdlib>

namespace zokran {

std::filesystem::path dataFolder() {
    if (const char* chosen = std::getenv("ZOKRAN_DATA"))
        return chosen;
    std::error_code error;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", error);
    if (!error) {
        const auto installed = program.parent_path().parent_path() / "share" / "zokran";
        if (std::filesystem::is_directory(installed / "canons", error))
            return installed;
    }
    // A machine that does not say where the program lies has it where packages put it, or never installed it.
    if (const std::filesystem::path usual = "/usr/share/zokran";
        !std::filesystem::is_directory(ZOKRAN_SOURCE_DATA_DIR, error) && std::filesystem::is_directory(usual, error))
        return usual;
    return ZOKRAN_SOURCE_DATA_DIR;
}

std::filesystem::path manualFolder() {
    const auto installed = dataFolder() / "manual";
    std::error_code error;
    return std::filesystem::is_directory(installed, error)
               ? installed
               : std::filesystem::path(ZOKRAN_SOURCE_DATA_DIR).parent_path() / "docs" / "manual";
}

std::filesystem::path ownCanonFolder() {
    const char *data = std::getenv("XDG_DATA_HOME"), *home = std::getenv("HOME");
    const std::filesystem::path base =
        data && *data ? std::filesystem::path(data)
                      : std::filesystem::path(home ? home : ".") / ".local" / "share";
    return base / "zokran" / "canons";
}

} // namespace zokran
