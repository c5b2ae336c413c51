#include "logbook/backup.h"

#include <algorithm>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr std::size_t kept = 7;

std::filesystem::path folderOf(const std::filesystem::path& folder) {
    return folder / "backups";
}

[[noreturn]] void fail(const std::filesystem::path& file, const std::error_code& error) {
    throw StorageError(fmt::format("{}: {}", file.string(), error.message()));
}

} // namespace

std::vector<std::filesystem::path> backupsIn(const std::filesystem::path& folder) {
    std::vector<std::filesystem::path> all;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folderOf(folder), error))
        if (const std::string name = entry.path().filename().string();
            name.starts_with("logbook-") && name.ends_with(".sqlite"))
            all.push_back(entry.path());
    std::sort(all.rbegin(), all.rend());
    return all;
}

bool backUp(const std::filesystem::path& folder, const std::string& day) {
    const auto file = folder / "logbook.sqlite", copy = folderOf(folder) / ("logbook-" + day + ".sqlite"),
               part = folderOf(folder) / "unfinished";
    std::error_code error;
    if (!std::filesystem::exists(file, error) || std::filesystem::exists(copy, error))
        return false;
    std::filesystem::create_directories(folderOf(folder), error);
    if (error)
        fail(folderOf(folder), error);
    std::filesystem::remove(part, error); // of a program that was killed over it
    {
        const Database logbook(file, Database::Access::Beside);
        Database::Statement into(logbook, "VACUUM INTO ?");
        into.bind(part.string());
        into.next();
    }
    std::filesystem::rename(part, copy, error);
    if (error)
        fail(copy, error);
    // Where the clock was set back today's is not the last by name, and stays all the same.
    std::vector<std::filesystem::path> all = backupsIn(folder);
    std::erase(all, copy);
    for (std::size_t i = kept - 1; i < all.size(); ++i)
        std::filesystem::remove(all[i], error);
    return true;
}

std::filesystem::path restoreBackup(const std::filesystem::path& folder,
                                    const std::filesystem::path& backup) {
    const auto file = folder / "logbook.sqlite", fresh = folder / "restored.part";
    std::error_code error;
    std::filesystem::copy_file(backup, fresh, std::filesystem::copy_options::overwrite_existing, error);
    if (error)
        fail(backup, error);
    std::filesystem::path aside;
    for (int number = 1;; ++number) {
        aside = folder / fmt::format("logbook-before-{}.sqlite", number);
        if (!std::filesystem::exists(aside))
            break;
    }
    if (std::filesystem::exists(file)) {
        // Its journal goes with it, or SQLite would read it into the copy.
        for (const char* part : {"-wal", "-shm"})
            if (const auto journal = file.string() + part; std::filesystem::exists(journal)) {
                std::filesystem::rename(journal, aside.string() + part, error);
                if (error)
                    fail(journal, error);
            }
        std::filesystem::rename(file, aside, error);
        if (error)
            fail(file, error);
    }
    std::filesystem::rename(fresh, file, error);
    if (error)
        fail(file, error);
    return aside;
}

} // namespace zokran
