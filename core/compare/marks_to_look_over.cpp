#include "core/compare/marks_to_look_over.h"

#include <algorithm>

namespace zokran {

namespace {

/// The smallest share of a drawn displacement that is reported.
constexpr double leastReported = 0.5;

struct Candidate {
    AnyMark mark;
    double hidden; ///< how large an error may be that is not told, % of the head's height
};

template <class Kind>
bool isToldOf(const std::vector<Finding>& findings, std::vector<Kind> Finding::*marks, Kind mark) {
    return std::any_of(findings.begin(), findings.end(), [&](const Finding& finding) {
        return finding.severity != Severity::Fine && std::count((finding.*marks).begin(), (finding.*marks).end(), mark) > 0;
    });
}

} // namespace

std::vector<AnyMark> marksToLookOver(const Comparison& c, const SketchMarks& sketch, const Tolerances& tolerances) {
    const Pixels height = c.registeredView.inPicture(headHeight(c.sitter)); // of the drawing
    std::vector<Candidate> candidates;
    const auto consider = [&](AnyMark mark, const std::optional<PlacedMark>& placed, const std::optional<Placement>& placement,
                              bool isTold) {
        if (!placed || !placed->usable() || !placed->suggested)
            return;
        const double doubt = 2 * 100 * (placed->noise.value_or(sketch.noiseOrDefault()) / height);
        const double off = placement && !isTold ? 100 * (Pixels{(placement->drawn - placement->belongs).norm()} / height) : 0;
        if (doubt > tolerances.place || off >= leastReported * tolerances.place)
            candidates.push_back({mark, off + doubt});
    };
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        consider(m, sketch.marks[m], c.placements[m], isToldOf(c.findings, &Finding::marks, m));
    }
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark m = expressionMarkAt(i);
        consider(m, sketch.expression[m], c.expressionPlacements[m], isToldOf(c.findings, &Finding::expressionMarks, m));
    }
    std::stable_sort(candidates.begin(), candidates.end(),
                     [](const Candidate& a, const Candidate& b) { return a.hidden > b.hidden; });
    std::vector<AnyMark> marks;
    for (const Candidate& candidate : candidates)
        marks.push_back(candidate.mark);
    return marks;
}

} // namespace zokran
