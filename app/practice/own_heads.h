#pragma once

#include "cast/drills/drill.h"
#include "logbook/logbook.h"

#include <functional>

namespace zokran {

/// Under which an answer to a drill of the learner's own heads is kept.
std::string ownKind(const Drill& drill);

/// A task of a drill, asked of one of the learner's own studies.
struct OwnTask {
    StudyId study = 0;
    bool again = false; ///< it was missed before
    DrillTask task;
};

/// The next one: what was missed comes again, else a study that was asked about least. Nothing where no study has
/// marked what the drill asks for. Reads the logbook in `folder` without writing
/// (`looksOnly`: nobody else writes to it either) and decodes pictures, which takes a
/// while; stops, with nothing, once `goesOn` says so. Safe off the UI thread; throws what the logbook throws.
std::optional<OwnTask> nextOwnTask(const std::filesystem::path& folder, bool looksOnly, const Drill& drill,
                                   const std::function<bool()>& goesOn);

} // namespace zokran
