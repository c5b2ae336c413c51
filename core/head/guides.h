#pragma once

#include "core/fit/fit.h"
#include "core/head/head_form.h"

#include <string>
#include <vector>

namespace zokran {

/// What a line is for, which decides how it is drawn.
enum class LineKind { Construction, Guide, Guess };

/// A piece of a line of the construction in the picture, all of it seen or all of it hidden. A line
/// that passes behind the head comes as several pieces with one id.
struct GuideLine {
    std::string id; ///< such as `brow_line`
    LineKind kind = LineKind::Guide;
    bool hidden = false;
    std::vector<PicturePoint> points; ///< px
};

/// Every line of the construction and of the guides on it, each split where it passes out of sight.
/// The places of the splits are found by bisection to 1e-6 of the line's length.
std::vector<GuideLine> guideLines(const HeadForm& form, const View& view);

/// A line's name in plain words, such as "brow line".
std::string_view wordsForLine(std::string_view id);

/// The form that carries a canon's levels on the fitted sitter.
HeadForm canonForm(const Canon& canon, const HeadMarks& head);

/// The form with the sitter's own levels.
HeadForm sitterForm(const HeadMarks& head);

} // namespace zokran
