#pragma once

#include "core/fit/fit.h"
#include "core/head/marks.h"
#include "core/head/proportions.h"
#include "core/view/view.h"

#include <optional>
#include <string_view>
#include <vector>

namespace zokran {

/// A measure that is taken of a sitter with a pencil held out: a length against the nearer eye's width, or a slant.
struct PencilReadingKind {
    enum class Unit {
        Eyes,  ///< in widths of the nearer eye
        Slant, ///< degrees off the level, above 0 where the line rises to the viewer's right; a line that runs down the
               ///< face: off the plumb line, above 0 where its foot lies to the viewer's right
    };

    std::string_view id;
    const char* name; ///< in English, to be translated
    Unit unit;
    Mark from, to; ///< of an eye or an ear that lies nearer or farther: where the sitter's left is the nearer one
    bool isDown = false; ///< of a slant: against the plumb line
};
/// Every kind, in the order in which they are taken.
const std::vector<PencilReadingKind>& pencilReadingKinds();

/// Which half of the face is nearer.
enum class NearerSide { ViewersLeft, Neither, ViewersRight };

/// One reading; `value` in its kind's unit.
struct PencilReading {
    std::string_view kind;
    double value = 0;
};

/// A head that explains the readings, on a sheet of its own.
struct ReadHead {
    View view; ///< px of the sheet
    HeadMarks head;
    PoseSpread sigma; ///< larger where the readings contradict one another
    /// The kind of the reading that disagrees most with the head, where it does so clearly.
    std::optional<std::string_view> doubtful;
    /// The marks that the readings speak of, where the head puts them, each with its doubt.
    PhotoMarks marks;
};

inline constexpr int fewestReadings = 5;

/// Fits the average adult, within what adults differ by, to the readings: turn, tilt, lean and shape, seen from
/// `usualDistance`. A length is taken to be read to 6 %, a slant to 2.5 degrees (common practice, no source). Throws
/// BadInput for fewer than `fewestReadings`, an unknown kind, a length that is not above zero.
ReadHead headOfReadings(const std::vector<PencilReading>& readings, NearerSide nearer);

/// What a view of a head would read; nothing where the two ends fall together.
std::optional<double> readingOf(const PencilReadingKind& kind, const View& view, const HeadMarks& head, NearerSide nearer);

} // namespace zokran
