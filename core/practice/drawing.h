#pragma once

#include "core/compare/parts.h"

#include <chrono>
#include <cstdint>
#include <set>
#include <string>
#include <vector>

namespace zokran {

/// A moment by the world's clock, to the second.
using Moment = std::chrono::sys_seconds;

/// What one drawing says about the hand that made it.
struct Drawing {
    Moment drawn{};
    Pose seen, asDrawn; ///< the reference's pose, and as the sketch reads
    /// How far each placed mark lies off along the head's own axes as drawn, % of the head's height: up,
    /// and to the viewer's right.
    struct Off {
        double up = 0, across = 0;
        bool operator==(const Off&) const = default;
    };
    PerMark<std::optional<Off>> off;
    /// The same of eyebrows, lids and lips, against where the structure as it was drawn puts them.
    PerExpressionMark<std::optional<Off>> expressionOff;
    std::vector<std::string> toMend;   ///< ids of the findings worth mending, the first first
    std::optional<Part> firstPart = {}; ///< what the first of them speaks of
    std::chrono::seconds took{0};      ///< 0 where nobody kept the time
    std::optional<Pose> guess = {};    ///< how the learner judged the reference before measuring
    /// Whether the part the learner named first is the check's first; nothing where nobody said.
    std::optional<bool> ownEye = {};
    /// Whether lengths and angles were measured before it was drawn, and not after or never; nothing where nobody said.
    std::optional<bool> measuredBefore = {};
    /// Photographs of one drawing have the same number; 0 where it was photographed by itself.
    std::int64_t head = 0;

    /// The mean distance of its marks from where they belong, % of the head's height; nothing without.
    std::optional<double> distance() const;
    bool operator==(const Drawing&) const = default;
};

/// Of several photographs of one drawing the first, in the order they come in: a drawing is one head however often it was
/// looked at, and what was mended between is no habit of the hand.
template <class Range, class HeadOf>
Range firstOfEachHead(const Range& photographs, const HeadOf& headOf) {
    Range first;
    std::set<std::int64_t> known;
    for (const auto& photograph : photographs)
        if (const std::int64_t head = headOf(photograph); head == 0 || known.insert(head).second)
            first.push_back(photograph);
    return first;
}

/// What a comparison says; what the study knows beside it is the caller's to add.
Drawing drawingOf(const Comparison& comparison);

/// A drawing's figures in one line of text, without what the study knows beside them, and back. Throws
/// BadInput for a line that is none.
std::string figuresText(const Drawing& drawing);
Drawing parseFigures(const std::string& text);

} // namespace zokran
