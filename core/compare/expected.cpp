#include "core/compare/expected.h"

#include "core/compare/parts.h"
#include "core/compare/registration.h"

namespace zokran {

PerMark<std::optional<SketchPoint>> expectedOnSketch(const PhotoMarks& reference, const Fit& fit,
                                                     const SketchMarks& sketch) {
    constexpr std::size_t enough = 3;
    // A neighbour's error is shared in full close by and fades over this many ball radii.
    constexpr double sharedOver = 0.35;
    // The parts of one feature are drawn together.
    constexpr double sameFeature = 6;
    const auto inPhoto = [&](Mark m) {
        return reference.seen(m).value_or(PhotoPoint(fit.view.project(fit.head[m])));
    };
    PerMark<std::optional<SketchPoint>> expected;
    const std::vector<Mark> placed = sketch.seenMarks();
    // Where the two lines of a block-in cross is the brow.
    if (const auto brow = drawnBrow(sketch.lines); brow && !sketch.marks[Mark::Brow])
        expected[Mark::Brow] = *brow;
    if (placed.size() < enough)
        return expected;
    std::vector<PicturePoint> from, to;
    for (Mark m : placed) {
        from.push_back(inPhoto(m));
        to.push_back(*sketch.seen(m));
    }
    const Similarity laid = bestSimilarity(from, to);
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto& known = reference.marks[m];
        if (sketch.marks[m] || expected[m] || (known && known->hidden))
            continue;
        const PicturePoint at = inPhoto(m);
        PicturePoint off(0, 0);
        double weight = 0.5; // towards no error, where no neighbour is near
        for (std::size_t j = 0; j < from.size(); ++j) {
            const double away = (from[j] - at).norm() / (sharedOver * fit.view.scale);
            const double w = std::exp(-0.5 * away * away) *
                             (partOf(placed[j]) == partOf(m) ? sameFeature : 1);
            off += w * (to[j] - laid(from[j]));
            weight += w;
        }
        expected[m] = SketchPoint(laid(at) + off / weight);
    }
    return expected;
}

} // namespace zokran
