#include "core/base/data_folder.h"

#include <cstdlib>

namespace zokran {

namespace {

/// Whether a folder holds what the program cannot do without.
bool isDataFolder(const std::filesystem::path& folder) {
    std::error_code error;
    return std::filesystem::is_directory(folder / "canons", error);
}

/// The tree that the running program was built in, of those above it; empty where it lies in none.
std::filesystem::path sourceTree(const std::filesystem::path& program) {
    for (auto folder = program.parent_path(); folder != folder.parent_path(); folder = folder.parent_path())
        if (isDataFolder(folder / "data"))
            return folder;
    return {};
}

std::filesystem::path runningProgram() {
    std::error_code error;
    return std::filesystem::read_symlink("/proc/self/exe", error);
}

} // namespace

std::filesystem::path dataFolder() {
    if (const char* chosen = std::getenv("ZOKRAN_DATA"))
        return chosen;
    const std::filesystem::path program = runningProgram();
    if (const auto installed = program.parent_path().parent_path() / "share" / "zokran"; isDataFolder(installed))
        return installed;
    if (const auto tree = sourceTree(program); !tree.empty())
        return tree / "data";
    // A machine that does not say where the program lies has it where packages put it.
    return "/usr/share/zokran";
}

std::filesystem::path manualFolder() {
    const std::filesystem::path data = dataFolder();
    std::error_code error;
    return std::filesystem::is_directory(data / "manual", error) ? data / "manual"
                                                                 : data.parent_path() / "docs" / "manual";
}

std::filesystem::path ownCanonFolder() {
    const char *data = std::getenv("XDG_DATA_HOME"), *home = std::getenv("HOME");
    const std::filesystem::path base =
        data && *data ? std::filesystem::path(data)
                      : std::filesystem::path(home ? home : ".") / ".local" / "share";
    return base / "zokran" / "canons";
}

} // namespace zokran
