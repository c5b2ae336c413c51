#pragma once

#include "core/construction/canon.h"
#include "core/fit/fit.h"

#include <map>
#include <span>
#include <string>
#include <vector>

namespace zokran {

/// A division or a width of a head as the schools give it.
struct Division {
    std::string_view id; ///< such as `nose_base_below_eyes`
    std::string_view unit; ///< `eye_width`, `head` (crown to chin), or `share` of what the id names
    /// Its number from levels and widths.
    double (*number)(const Levels& levels, const Widths& widths);
};

/// Every division and width there is.
std::span<const Division> divisions();

/// One of them on a sitter, beside what the schools say.
struct SitterRow {
    const Division* division;
    double sitter = 0, sigma = 0;
    double usual = 0, spread = 0;          ///< of the adult population
    std::map<std::string, double> canons; ///< by id
};

/// Levels and widths from marks alone: the width of the face is taken from the ears' roots, at the
/// share of it that an average adult has.
std::pair<Levels, Widths> measuresOf(const HeadMarks& head);

/// Every division of the fitted sitter. One standard deviation is the fit's own, with what marks that
/// were not seen may differ by themselves; it needs the fit's covariance and is 0 without.
std::vector<SitterRow> sitterTable(const Fit& fit, const std::vector<Canon>& schools);

} // namespace zokran
