#include "app/practice/own_heads.h"

#include "app/document/cast_picture.h"
#include "app/document/page_picture.h"
#include "app/document/picture_file.h"
#include "app/text/messages.h"
#include "core/practice/repetition.h"

#include <algorithm>
#include <map>

namespace zokran {

namespace {

constexpr std::int64_t tasksOfOne = 100; ///< in a seed, to a study

QImage pictureOf(const Logbook& logbook, const std::string& name) {
    return readPicture(qt(logbook.picturePath(name).string())).image.convertToFormat(QImage::Format_RGB32);
}

/// Throws BadInput where a picture or the marks cannot be read as a head.
StudiedHead headOf(const Logbook& logbook, const Study& study) {
    Picture drawing;
    const Sketch* attempt = study.sketch();
    if (attempt && !attempt->marks.seenMarks().empty()) {
        const QImage sketch = pictureOf(logbook, attempt->picture);
        drawing = asPicture(attempt->page.flat ? laidFlat(sketch, *attempt->page.flat) : sketch);
    }
    return studiedHead(asPicture(pictureOf(logbook, study.referencePicture)), study.reference, drawing,
                       attempt ? attempt->marks : SketchMarks());
}

} // namespace

std::string ownKind(const Drill& drill) {
    return "own:" + std::string(drill.id);
}

std::optional<OwnTask> nextOwnTask(const std::filesystem::path& folder, bool looksOnly, const Drill& drill,
                                   const std::function<bool()>& goesOn) {
    const Logbook logbook(folder, looksOnly ? Logbook::Access::ReadOnly : Logbook::Access::ReadOnlyShared);
    std::vector<AskedTask> history;
    std::map<StudyId, std::int64_t> asked;
    for (const Logbook::DrillAnswer& a : logbook.drillAnswers())
        if (a.kind == ownKind(drill)) {
            history.push_back({static_cast<std::uint32_t>(a.seed), a.level, a.held});
            ++asked[a.seed / tasksOfOne];
        }
    const NextTask next = nextTask(history, 0, hardestDrill);
    const StudyId debt = next.again ? next.seed / tasksOfOne : 0;
    std::vector<StudyId> ids;
    for (const StudySummary& study : logbook.studies())
        if (study.marked && !study.referencePicture.empty())
            ids.push_back(study.id);
    // Those asked about least first, in an order that looks like none.
    const auto mixed = [](StudyId id) { return SeededRandom(static_cast<std::uint32_t>(id)).next(); };
    std::sort(ids.begin(), ids.end(), [&](StudyId a, StudyId b) {
        return std::tuple(a != debt, asked[a], mixed(a)) < std::tuple(b != debt, asked[b], mixed(b));
    });
    for (StudyId id : ids) {
        if (!goesOn())
            return std::nullopt;
        const bool again = id == debt;
        const auto seed = again ? next.seed : static_cast<std::uint32_t>(id * tasksOfOne + asked[id] % tasksOfOne);
        try {
            if (auto task = taskOf(drill, headOf(logbook, logbook.load(id).study), seed, next.level))
                return OwnTask{id, again, std::move(*task)};
        } catch (const BadInput&) {
            // Its picture is gone, or its marks do not carry a fit: another study serves.
        }
    }
    return std::nullopt;
}

} // namespace zokran
