#pragma once

#include "core/head/proportions.h"
#include "core/view/view.h"

#include <string>
#include <vector>

namespace zokran {

/// What a line is for, which decides how it is drawn.
enum class LineKind { Construction, Guide, Guess };

/// A piece of a line of the construction in the picture, all of it seen or all of it hidden. A line
/// that passes behind the head comes as several pieces with one id.
struct GuideLine {
    std::string id; ///< such as `brow_line`; those of two sides end in `_l` and `_r`
    LineKind kind = LineKind::Guide;
    bool hidden = false;
    std::vector<PicturePoint> points; ///< px
};

/// A first form laid on a head: the lines a draughtsman starts from. Each form is one file; the
/// list of them is in core/construction/forms.cpp.
class Construction {
public:
    virtual ~Construction() = default;
    /// The heights its guides hang at.
    virtual const Levels& levels() const = 0;
    /// Every line as `view` shows it, split where it passes out of sight.
    virtual std::vector<GuideLine> lines(const View& view) const = 0;
};

} // namespace zokran
