#include "core/measure/next_best_measurement.h"

#include "core/base/errors.h"
#include "core/head/population.h"

#include <cmath>

namespace zokran {

namespace {

/// What is measured by habit (common practice, no source).
const std::vector<Measurement>& habits() {
    using enum Mark;
    const auto between = [](const char* kind, std::initializer_list<Mark> ends) {
        Measurement m{kind, {}, false};
        for (Mark mark : ends)
            m.anchors.push_back({mark, {0, 0}});
        return m;
    };
    static const std::vector<Measurement> all = {
        between("angle", {OuterEyeR, OuterEyeL}),
        between("angle", {MouthCornerR, MouthCornerL}),
        between("angle", {Brow, Chin}),
        between("ratio", {Brow, NoseBase, NoseBase, Chin}),
        between("ratio", {NoseBase, LipLine, LipLine, Chin}),
        between("ratio", {Crown, Brow, Brow, Chin}),
        between("ratio", {InnerEyeL, OuterEyeL, InnerEyeR, OuterEyeR}),
        between("stick", {InnerEyeL, InnerEyeR}),
        between("stick", {NoseWingL, NoseWingR}),
        between("stick", {MouthCornerL, MouthCornerR}),
        between("stick", {Brow, Chin}),
        between("stick", {OuterEyeL, EarTopL}),
        between("stick", {OuterEyeR, EarTopR}),
    };
    return all;
}

} // namespace

std::optional<Measurement> nextBestMeasurement(const std::vector<Measurement>& laid, const ReadOn& here, const ReadOn& there) {
    std::optional<Measurement> best;
    double most = 1; // what lies within the doubt says nothing
    for (const Measurement& m : habits()) {
        bool known = false;
        for (const Measurement& other : laid)
            known = known || (other.kind == m.kind && other.anchors == m.anchors);
        const auto a = known ? std::nullopt : here(m), b = known ? std::nullopt : there(m);
        if (!a || !b)
            continue;
        const double allowed = a->unit == ReadingUnit::Angle ? 2 : 0.03 * std::abs(a->value);
        const double doubt = 2 * std::hypot(a->sigma, b->sigma);
        const double says = std::abs(a->value - b->value) / std::max(allowed + doubt, 1e-9);
        if (says > most) {
            most = says;
            best = m;
        }
    }
    return best;
}

std::optional<Reading> readOnStraightHead(const Measurement& measurement) {
    const HeadMarks& head = adultHeads().mean;
    View view;
    view.scale = 200;
    view.nearness = nearnessAt(usualDistance);
    MeasureContext context;
    for (const Anchor& anchor : measurement.anchors) {
        if (!anchor.mark)
            return std::nullopt;
        context.ends.push_back(view.project(head[*anchor.mark]));
    }
    context.unit = {(view.project(head[Mark::InnerEyeL]) - view.project(head[Mark::OuterEyeL])).norm()};
    context.noise = {0};
    context.width = context.height = 1000;
    try {
        return read(measureKindNamed(measurement.kind), context);
    } catch (const BadInput&) {
        return std::nullopt;
    }
}

} // namespace zokran
