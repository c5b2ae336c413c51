#include "logbook/backup.h"

#include "core/base/atomic_file.h"

#include <algorithm>
#include <cctype>
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

/// What the name tells: "logbook-0007-2026-11-01.sqlite", or without a number. The day is empty for other files.
Backup named(const std::filesystem::path& file) {
    Backup backup;
    backup.file = file;
    const std::string name = file.filename().string();
    constexpr std::string_view first = "logbook-", last = ".sqlite";
    if (!name.starts_with(first) || !name.ends_with(last) || name.size() <= first.size() + last.size())
        return backup;
    const std::string middle = name.substr(first.size(), name.size() - first.size() - last.size());
    constexpr std::size_t dayLength = 10, mostDigits = 9;
    const std::size_t dash = middle.find('-');
    const bool isNumbered = middle.size() > dayLength && dash <= mostDigits &&
                            std::all_of(middle.begin(), middle.begin() + static_cast<std::ptrdiff_t>(dash),
                                        [](unsigned char c) { return std::isdigit(c); });
    if (isNumbered)
        backup.number = std::stoi(middle.substr(0, dash));
    backup.day = isNumbered ? middle.substr(dash + 1) : middle;
    return backup;
}

void lookInto(Backup& backup) {
    try {
        const Database copy(backup.file, Database::Access::ReadOnly);
        Database::Statement s(copy, "SELECT count(*), coalesce(sum(revision), 0), coalesce(max(changed), '') FROM study");
        s.next();
        backup.studies = static_cast<int>(s.integer(0));
        backup.saves = s.integer(1);
        backup.changed = s.text(2);
        backup.isReadable = true;
    } catch (const StorageError&) {
        // It is shown as one that cannot be read.
    }
}

std::filesystem::path freeName(const std::filesystem::path& folder, const std::string& keptAs) {
    for (int number = 1;; ++number) {
        auto name = folder / fmt::format("{}-{}.sqlite", keptAs, number);
        if (!std::filesystem::exists(name))
            return name;
    }
}

} // namespace

std::vector<Backup> backupsIn(const std::filesystem::path& folder) {
    std::vector<Backup> all;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folderOf(folder), error))
        if (Backup backup = named(entry.path()); !backup.day.empty()) {
            lookInto(backup);
            all.push_back(std::move(backup));
        }
    std::sort(all.begin(), all.end(), [](const Backup& a, const Backup& b) {
        return std::tuple(a.isReadable, a.number, a.number ? 0 : a.saves, a.day) >
               std::tuple(b.isReadable, b.number, b.number ? 0 : b.saves, b.day);
    });
    return all;
}

bool backUp(const std::filesystem::path& folder, const std::string& day) {
    const auto file = folder / "logbook.sqlite", part = folderOf(folder) / "unfinished";
    std::error_code error;
    if (!std::filesystem::exists(file, error))
        return false;
    std::vector<Backup> all = backupsIn(folder);
    if (std::any_of(all.begin(), all.end(), [&](const Backup& b) { return b.day == day; }))
        return false;
    std::filesystem::create_directories(folderOf(folder), error);
    if (error)
        fail(folderOf(folder), error);
    std::filesystem::remove(part, error); // of a program that was killed over it
    {
        const Database logbook(file, Database::Access::ReadOnlyShared);
        Database::Statement into(logbook, "VACUUM INTO ?");
        into.bind(part.string());
        into.next();
    }
    int number = 1;
    for (const Backup& b : all)
        number = std::max(number, b.number + 1);
    renameOver(part, folderOf(folder) / fmt::format("logbook-{:04}-{}.sqlite", number, day));
    all = backupsIn(folder);
    const auto richest = std::max_element(
        all.begin(), all.end(), [](const Backup& a, const Backup& b) { return a.studies < b.studies; });
    for (auto b = all.begin(); b != all.end(); ++b)
        if (b - all.begin() >= static_cast<std::ptrdiff_t>(kept) && b != richest)
            std::filesystem::remove(b->file, error);
    return true;
}

std::filesystem::path replaceLogbook(const std::filesystem::path& folder, const std::filesystem::path& fresh,
                                     const std::string& keptAs) {
    const auto file = folder / "logbook.sqlite";
    std::filesystem::path aside;
    std::error_code error;
    if (std::filesystem::exists(file)) {
        try {
            Database(file, Database::Access::Write).foldJournalIn();
        } catch (const StorageError&) {
            // A damaged one is kept with its journal as it is.
        }
        aside = freeName(folder, keptAs);
        copyAtomically(file, aside);
        const std::string journal = file.string() + "-wal";
        if (std::filesystem::exists(journal) && std::filesystem::file_size(journal) > 0)
            copyAtomically(journal, aside.string() + "-wal");
    }
    // From here on the old one is kept. Its journal goes first, or SQLite would read it into the new one; what it held
    // is in the file by now unless the file is damaged.
    for (const char* part : {"-wal", "-shm"}) {
        std::filesystem::remove(file.string() + part, error);
        if (error)
            fail(file.string() + part, error);
    }
    renameOver(fresh, file);
    return aside;
}

std::filesystem::path restoreBackup(const std::filesystem::path& folder, const std::filesystem::path& backup) {
    const auto fresh = folder / "restored.part";
    copyAtomically(backup, fresh);
    try {
        return replaceLogbook(folder, fresh, "logbook-before");
    } catch (...) {
        std::error_code ignored;
        std::filesystem::remove(fresh, ignored);
        throw;
    }
}

} // namespace zokran
