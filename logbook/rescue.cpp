#include "logbook/rescue.h"

#include <fmt/format.h>

namespace zokran {

namespace {

/// Between two studies that can be read, this many numbers are tried one by one at the most.
constexpr StudyId widestGap = 20000;

} // namespace

Rescue rescue(const std::filesystem::path& folder) {
    const auto file = folder / "logbook.sqlite";
    const Logbook damaged(folder, Logbook::Access::LookOnly);
    const std::vector<StudyId> known = damaged.allReadable();
    if (known.empty())
        throw DamagedLogbook(fmt::format("{}: no study in it can be read", file.string()));

    const auto scratch = folder / "rescued";
    std::error_code ignored;
    std::filesystem::remove_all(scratch, ignored);
    Rescue result;
    {
        Logbook fresh(scratch);
        const StudyId last = std::min(known.back(), known.front() + widestGap);
        for (StudyId id = known.front(); id <= last; ++id)
            try {
                const StoredStudy stored = damaged.load(id);
                const bool away = damaged.isPutAway(id);
                const StudyId copy = fresh.add(stored.study, "", stored.uid);
                fresh.putAway(copy, away);
                ++result.read;
            } catch (const DamagedLogbook&) {
                ++result.lost;
            } catch (const BadInput&) {
                // There is no study of this number, or its marks are no longer marks.
                result.lost += std::find(known.begin(), known.end(), id) != known.end();
            }
    }
    if (result.read == 0) {
        std::filesystem::remove_all(scratch, ignored);
        throw DamagedLogbook(fmt::format("{}: no study in it can be read", file.string()));
    }
    for (int number = 1;; ++number) {
        result.damagedFile = folder / fmt::format("logbook-damaged-{}.sqlite", number);
        if (!std::filesystem::exists(result.damagedFile))
            break;
    }
    // The journal of the damaged file goes with it, or SQLite would read it into the new one.
    for (const char* part : {"-wal", "-shm"})
        if (const auto journal = file.string() + part; std::filesystem::exists(journal))
            std::filesystem::rename(journal, result.damagedFile.string() + part, ignored);
    std::error_code error;
    std::filesystem::rename(file, result.damagedFile, error);
    if (!error)
        std::filesystem::rename(scratch / "logbook.sqlite", file, error);
    if (error)
        throw StorageError(fmt::format("{}: {}", file.string(), error.message()));
    std::filesystem::remove_all(scratch, ignored);
    return result;
}

} // namespace zokran
