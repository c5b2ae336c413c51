#pragma once

#include "core/base/points.h"
#include "core/page/paper.h"
#include "core/page/paper_tone.h"

#include <array>
#include <optional>

namespace zokran {

/// The corners of a sheet in a photograph, from its top-left corner clockwise, px. They may lie
/// outside the picture.
using PageCorners = std::array<SketchPoint, 4>;

/// How a photograph of a sheet is laid flat, so that what is looked at and marked is the sheet alone,
/// true to size. The photograph itself is kept as it is.
struct PageRectification {
    PageCorners corners;                   ///< px of the photograph
    PaperSize paper;                       ///< turned as it lies
    int photoWidth = 0, photoHeight = 0;   ///< of the photograph, px
    bool evened = false;                   ///< the light on it evened and the pencil strengthened
    PaperChoice tone = PaperChoice::AsItShows; ///< whether the paper is white or toned
    bool operator==(const PageRectification&) const = default;
};

/// The page a picture of a drawing shows.
struct Page {
    /// How much of the paper, and of the table round it, the whole width of the picture shows.
    std::optional<Millimetres> shownWidth;
    /// The picture shows a sheet that is laid flat; then it is as wide as the paper.
    std::optional<PageRectification> flat;

    PaperChoice tone() const { return flat ? flat->tone : PaperChoice::AsItShows; }

    /// How much of the paper one pixel is, in a picture `width` px wide; nothing when not known.
    std::optional<MillimetresPerPixel> perPixel(Pixels width) const {
        const auto wide = flat ? std::optional(flat->paper.width) : shownWidth;
        if (!wide || !(width > Pixels{0}))
            return std::nullopt;
        return *wide / width;
    }
    bool operator==(const Page&) const = default;
};

} // namespace zokran
