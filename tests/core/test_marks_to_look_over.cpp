#include "core/compare/marks_to_look_over.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A faithful copy of a head all of whose marks the program placed, with a noise of 0.2 % of the head's height, and what the
/// check makes of it.
struct SeenCopy {
    MarkSheet reference = sheetOf(adultHeads().mean, viewAt({toRadians({20}), toRadians({8}), toRadians({0})}));
    Fit fit = fitHead(reference);
    MarkSheet sketch = reference;
    Comparison comparison = compareSketch(reference, fit, reference);
    Tolerances tolerances;

    SeenCopy() {
        for (auto& mark : sketch.marks) {
            mark->suggested = true;
            mark->noise = percent(0.2);
        }
    }
    /// A share of the drawn head's height, %.
    Pixels percent(double share) const {
        return {share / 100 * headHeight(comparison.sitter).value * comparison.registeredView.scale};
    }
    void displace(Mark mark, double share) {
        comparison.placements[mark]->drawn =
            SketchPoint(comparison.placements[mark]->belongs + SketchPoint(percent(share).value, 0));
    }
    std::vector<AnyMark> toLookOver() const { return marksToLookOver(comparison, sketch, tolerances); }
};

} // namespace

TEST_CASE("Of a faithful copy seen clearly nothing is to be looked over") {
    CHECK(SeenCopy().toLookOver().empty());
}

TEST_CASE("A mark is looked over when its doubt could hide an error, the most doubtful first") {
    SeenCopy seen;
    seen.sketch.marks[Mark::Brow]->noise = seen.percent(1.6);
    seen.sketch.marks[Mark::Chin]->noise = seen.percent(2);
    seen.sketch.marks[Mark::NoseTip]->noise = seen.percent(1.4); // twice that is within the tolerance of 3 %
    CHECK(seen.toLookOver() == std::vector<AnyMark>{Mark::Chin, Mark::Brow});
    // What the learner placed or looked over is not asked for again.
    seen.sketch.marks[Mark::Chin]->suggested = false;
    CHECK(seen.toLookOver() == std::vector<AnyMark>{Mark::Brow});
    seen.tolerances.place = 4;
    CHECK(seen.toLookOver().empty());
}

TEST_CASE("A mark that lies off by half the tolerance is looked over unless a finding speaks of it") {
    SeenCopy seen;
    seen.displace(Mark::PupilL, 1.6);
    seen.displace(Mark::NoseBase, 1.4);
    CHECK(seen.toLookOver() == std::vector<AnyMark>{Mark::PupilL});
    Finding finding;
    finding.marks = {Mark::PupilL};
    finding.severity = Severity::Fine;
    seen.comparison.findings.push_back(finding);
    CHECK(seen.toLookOver() == std::vector<AnyMark>{Mark::PupilL});
    seen.comparison.findings.back().severity = Severity::Watch;
    CHECK(seen.toLookOver().empty());
}

TEST_CASE("Marks of eyebrows, lids and lips are looked over as the others are") {
    SeenCopy seen;
    const ExpressionMark peak = ExpressionMark::BrowPeakL, end = ExpressionMark::BrowEndL;
    for (const ExpressionMark m : {peak, end}) {
        seen.sketch.expression[m] = PlacedMark{PicturePoint(300, 200), false, true, seen.percent(0.2)};
        seen.comparison.expressionPlacements[m] = *seen.comparison.placements[Mark::Brow];
    }
    seen.comparison.expressionPlacements[peak]->drawn =
        SketchPoint(seen.comparison.expressionPlacements[peak]->belongs + SketchPoint(0, seen.percent(2).value));
    CHECK(seen.toLookOver() == std::vector<AnyMark>{peak});
    Finding finding;
    finding.expressionMarks = {peak};
    finding.severity = Severity::Fix;
    seen.comparison.findings.push_back(finding);
    CHECK(seen.toLookOver().empty());
}
