#include "core/fit/sitter_table.h"

#include "core/construction/forms.h"
#include "core/head/soft_surface.h"

#include <cmath>

namespace zokran {

namespace {

using L = const Levels&;
using W = const Widths&;

double fromCrown(L l, BallRadii y) {
    return (l.crown - y) / (l.crown - l.chin);
}

constexpr Division all[] = {
    {"hairline_from_crown", "head", [](L l, W) { return fromCrown(l, l.hairline); }},
    {"brow_from_crown", "head", [](L l, W) { return fromCrown(l, l.brow); }},
    {"eyes_from_crown", "head", [](L l, W) { return fromCrown(l, l.eye); }},
    {"nose_base_from_crown", "head", [](L l, W) { return fromCrown(l, l.noseBase); }},
    {"mouth_from_crown", "head", [](L l, W) { return fromCrown(l, l.mouth); }},
    {"nose_base_from_brow_to_chin", "share",
     [](L l, W) { return (l.brow - l.noseBase) / (l.brow - l.chin); }},
    {"mouth_from_nose_base_to_chin", "share",
     [](L l, W) { return (l.noseBase - l.mouth) / (l.noseBase - l.chin); }},
    {"hairline_above_brow_to_nose", "share",
     [](L l, W) { return (l.hairline - l.brow) / (l.brow - l.noseBase); }},
    {"brow_above_eyes", "eye_width", [](L l, W w) { return (l.brow - l.eye) / w.eye; }},
    {"nose_base_below_eyes", "eye_width", [](L l, W w) { return (l.eye - l.noseBase) / w.eye; }},
    {"mouth_below_nose_base", "eye_width",
     [](L l, W w) { return (l.noseBase - l.mouth) / w.eye; }},
    {"chin_below_mouth", "eye_width", [](L l, W w) { return (l.mouth - l.chin) / w.eye; }},
    {"eyes_across_face", "eye_width", [](L, W w) { return w.head / w.eye; }},
    {"gap_between_eyes", "eye_width", [](L, W w) { return w.gap / w.eye; }},
    {"nose_width", "eye_width", [](L, W w) { return w.nose / w.eye; }},
    {"mouth_width", "eye_width", [](L, W w) { return w.mouth / w.eye; }},
    {"ear_top_above_eyes", "eye_width", [](L l, W w) { return (l.earTop - l.eye) / w.eye; }},
    {"ear_length", "eye_width", [](L l, W w) { return (l.earTop - l.earBase) / w.eye; }},
};

double faceWidth(const HeadMarks& head) {
    auto ears = [](const HeadMarks& h) {
        return (h[Mark::EarTopL] - h[Mark::EarTopR]).norm() +
               (h[Mark::EarBaseL] - h[Mark::EarBaseR]).norm();
    };
    // The average adult's skin at the eyes, between the same ears.
    static const double share = [&] {
        const SoftSurface& adult = adultSurface();
        double most = 0;
        for (const HeadPoint& p : adult.points)
            if (abs(BallRadii{p.y()} - levelsOf(adult.marks).eye) < BallRadii{0.06})
                most = std::max(most, std::abs(p.x()));
        return 2 * most / ears(adult.marks);
    }();
    return share * ears(head);
}

} // namespace

std::span<const Division> divisions() {
    return all;
}

std::pair<Levels, Widths> measuresOf(const HeadMarks& head) {
    return {levelsOf(head), widthsOf(head, {faceWidth(head)})};
}

std::vector<SitterRow> sitterTable(const Fit& fit, const std::vector<Canon>& schools) {
    const ShapePrior& adults = adultHeads();
    std::vector<SitterRow> rows;
    for (const Division& division : divisions()) {
        auto number = [&](const HeadMarks& head) {
            const auto [levels, widths] = measuresOf(head);
            return division.number(levels, widths);
        };
        SitterRow row;
        row.division = &division;
        row.sitter = number(fit.head);
        row.usual = number(adults.mean);
        row.spread = adults.spreadOf([&](const HeadMarks& h) { return BallRadii{number(h)}; }).value;
        if (const auto n = fit.shapeCovariance.rows(); n > 0) {
            Eigen::VectorXd slope(n);
            for (Eigen::Index k = 0; k < n; ++k) {
                constexpr double step = 0.05;
                HeadMarks moved = fit.head;
                for (int i = 0; i < markCount; ++i)
                    moved[markAt(i)] +=
                        step * adults.directions[static_cast<std::size_t>(k)]
                                   .displacement[markAt(i)];
                slope[k] = (number(moved) - row.sitter) / step;
            }
            double variance = slope.dot(fit.shapeCovariance * slope);
            for (int i = 0; i < markCount; ++i)
                for (int axis = 0; axis < 3 && !fit.residuals[markAt(i)]; ++axis) {
                    constexpr double step = 0.01;
                    HeadMarks moved = fit.head;
                    moved[markAt(i)][axis] += step;
                    variance += std::pow((number(moved) - row.sitter) / step *
                                             adults.ownSpread[markAt(i)],
                                         2);
                }
            row.sigma = std::sqrt(std::max(0.0, variance));
        }
        for (const Canon& school : schools)
            row.canons[school.id] = division.number(school.levels, school.widths);
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace zokran
