#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// How deep the face lies at a way out from its centre line at the height of the eyes, ball radii: straight
/// from mark to mark, nose root to inner corner to outer corner to ear.
double depthAt(const HeadMarks& head, double across) {
    const HeadPoint stations[] = {head[Mark::NoseRoot], head[Mark::InnerEyeL], head[Mark::OuterEyeL],
                                  head[Mark::EarTopL]};
    for (std::size_t i = 1; i < std::size(stations); ++i) {
        const double from = std::abs(stations[i - 1].x()), to = std::abs(stations[i].x());
        if (across <= to || i + 1 == std::size(stations)) {
            const double share = to > from ? (across - from) / (to - from) : 0;
            return stations[i - 1].z() + share * (stations[i].z() - stations[i - 1].z());
        }
    }
    return stations[0].z();
}

/// Five eyes laid across the fitted head as it is turned, at the height of the place clicked: so far as
/// they can be seen. The number is how many of its own eyes the head is wide, ear to ear.
Reading readFiveEyes(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Share;
    r.labelAt = g.ends[0];
    if (!g.view || !g.head) {
        r.lines.push_back({g.ends[0], g.ends[0]});
        return r;
    }
    const HeadMarks& head = *g.head;
    const double eye = std::abs(head[Mark::OuterEyeL].x() - head[Mark::InnerEyeL].x());
    r.value = 2 * std::abs(head[Mark::EarTopL].x()) / eye;
    // The fitted eyes are no surer than their marked corners.
    double seen2 = 0;
    for (const auto& [inner, outer] : {std::pair{Mark::InnerEyeL, Mark::OuterEyeL},
                                       {Mark::InnerEyeR, Mark::OuterEyeR}})
        seen2 += (g.view->project(head[inner]) - g.view->project(head[outer])).squaredNorm();
    r.sigma = r.value * g.noise.value * std::sqrt(2 / std::max(1.0, seen2));
    const HeadPoint row = g.view->liftInPlaneOf(head[Mark::InnerEyeL], g.ends[0]);
    const auto at = [&](double across, double up) {
        return g.view->project(HeadPoint(across, row.y() + up, depthAt(head, std::abs(across))));
    };
    const PicturePoint along = (at(0.1, 0) - at(-0.1, 0)).normalized();
    // From the middle outwards, and no further than the form turns out of sight.
    std::vector<double> bounds;
    for (const double way : {-1.0, 1.0}) {
        PicturePoint last = at(0, 0);
        for (const double eyes : {0.5, 1.5, 2.5}) {
            const PicturePoint next = at(way * eyes * eye, 0);
            if (Pixels{way * along.dot(next - last)} < 0.04 * g.unit)
                break;
            bounds.push_back(way * eyes * eye);
            last = next;
        }
    }
    std::sort(bounds.begin(), bounds.end());
    std::vector<PicturePoint> across;
    for (std::size_t i = 0; i < bounds.size(); ++i) {
        r.lines.push_back({at(bounds[i], 0.3 * eye), at(bounds[i], -0.3 * eye)});
        across.push_back(at(bounds[i], 0));
        if (i > 0)
            r.numbers.push_back({(across[i - 1] + across[i]) / 2 + 0.35 * g.unit * PicturePoint(0, 1),
                                 std::to_string(std::lround(bounds[i] / eye + 2.5))});
    }
    r.lines.push_back(across);
    if (!across.empty())
        r.labelAt = across.back() + 0.8 * g.unit * along;
    return r;
}

} // namespace

const MeasureKind fiveEyesKind{"five_eyes", ZOKRAN_WORDS("Five eyes"),
                               ZOKRAN_WORDS("Is this head five of its eyes wide, and where do they fall?"),
                               1, readFiveEyes};

} // namespace zokran
