#include "cli/logbook_folder.h"

#include "core/base/errors.h"

#include <fmt/format.h>

namespace zokran::cli {

std::filesystem::path logbookFolder(const std::string& named) {
    std::filesystem::path folder = named;
    if (folder.filename() == "logbook.sqlite")
        folder = folder.parent_path();
    if (!std::filesystem::exists(folder / "logbook.sqlite"))
        throw BadInput(fmt::format("{}: there is no logbook here", named));
    return folder;
}

std::unique_ptr<Logbook> openToRead(const std::string& named) {
    const std::filesystem::path folder = logbookFolder(named);
    try {
        return std::make_unique<Logbook>(folder, Logbook::Access::ReadOnlyShared);
    } catch (const StorageError&) {
        return std::make_unique<Logbook>(folder, Logbook::Access::ReadOnly);
    }
}

} // namespace zokran::cli
