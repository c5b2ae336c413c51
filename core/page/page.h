#pragma once

#include "core/base/units.h"

#include <optional>

namespace zokran {

/// The page a picture of a drawing shows.
struct Page {
    /// How much of the paper, and of the table round it, the whole width of the picture shows.
    std::optional<Millimetres> shownWidth;

    /// How much of the paper one pixel is, in a picture `width` px wide; nothing when not known.
    std::optional<MillimetresPerPixel> perPixel(Pixels width) const {
        if (!shownWidth || !(width > Pixels{0}))
            return std::nullopt;
        return *shownWidth / width;
    }
    bool operator==(const Page&) const = default;
};

} // namespace zokran
