#include "logbook/recovery.h"

#include "core/base/atomic_file.h"
#include "logbook/backup.h"
#include "logbook/schema.h"

#include <algorithm>
#include <fmt/format.h>
#include <memory>
#include <unistd.h>

namespace zokran {

namespace {

/// Between two studies that can be read, this many numbers are tried one by one at the most.
constexpr StudyId widestGap = 20000;

/// A folder that is gone when this is.
struct Scratch {
    std::filesystem::path path;
    explicit Scratch(std::filesystem::path at) : path(std::move(at)) {
        std::error_code ignored;
        std::filesystem::remove_all(path, ignored);
    }
    ~Scratch() {
        std::error_code ignored;
        std::filesystem::remove_all(path, ignored);
    }
    Scratch(const Scratch&) = delete;
    Scratch& operator=(const Scratch&) = delete;
};

/// What beside the studies can be read; what cannot is left out.
void carryRest(const Logbook& damaged, Logbook& fresh) {
    for (const Logbook::DrillAnswer& answer : damaged.readableAnswers())
        fresh.keepAnswer(answer);
    try {
        for (const auto& [key, value] : damaged.allRemembered())
            fresh.remember(key, value);
    } catch (const DamagedLogbook&) {
        // Small things; they are asked for again.
    }
}

} // namespace

Recovery recover(const std::filesystem::path& folder) {
    const auto file = folder / "logbook.sqlite";
    const Scratch scratch(folder / fmt::format("recovery-{}", ::getpid()));
    std::error_code error;
    const auto copied = scratch.path / "damaged", made = scratch.path / "fresh";
    std::filesystem::create_directories(copied, error);
    if (error)
        throw StorageError(fmt::format("{}: {}", copied.string(), error.message()));
    // Read from a copy with its journal: what another window saved last may still lie in that.
    copyAtomically(file, copied / file.filename());
    if (const std::string journal = file.string() + "-wal"; std::filesystem::exists(journal))
        copyAtomically(journal, (copied / file.filename()).string() + "-wal");
    try {
        const Database older(copied / file.filename(), Database::Access::Write);
        // A damaged header tells no version; this program's own is the likeliest.
        if (versionOf(older) < 0)
            older.run(fmt::format("PRAGMA user_version = {}", schemaVersion()));
        bringUpToDate(older);
    } catch (const StorageError&) {
        // Read as it is.
    }
    // Whatever is said is said of the logbook, not of its copy.
    const DamagedLogbook nothing(fmt::format("{}: no study in it can be read", file.string()));
    std::unique_ptr<Logbook> opened;
    try {
        opened = std::make_unique<Logbook>(copied, Logbook::Access::Salvage);
    } catch (const DamagedLogbook&) {
        throw nothing;
    }
    const Logbook& damaged = *opened;
    const std::vector<StudyId> known = damaged.allReadable();
    if (known.empty())
        throw nothing;
    Recovery result;
    {
        Logbook fresh(made);
        auto whole = fresh.transaction();
        const StudyId last = std::min(known.back(), known.front() + widestGap);
        std::vector<StudyId> tried;
        for (StudyId id = known.front(); id <= last; ++id)
            tried.push_back(id);
        std::copy_if(known.begin(), known.end(), std::back_inserter(tried), [&](StudyId id) { return id > last; });
        for (StudyId id : tried)
            try {
                fresh.addStored(damaged.load(id), id);
                ++result.read;
            } catch (const DamagedLogbook&) {
                ++result.lost;
            } catch (const BadInput&) {
                // There is no study of this number, or its marks are no longer marks.
                result.lost += std::find(known.begin(), known.end(), id) != known.end();
            }
        if (result.read == 0)
            throw nothing;
        carryRest(damaged, fresh);
        whole.commit();
    }
    // The file alone takes the place.
    Database(made / file.filename(), Database::Access::Write).foldJournalIn();
    result.damagedFile = replaceLogbook(folder, made / file.filename(), "logbook-damaged");
    return result;
}

} // namespace zokran
