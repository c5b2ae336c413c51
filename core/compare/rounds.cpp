#include "core/compare/rounds.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// How far a mark lies from where the reference puts it, % of the head's height.
std::optional<double> off(const Comparison& c, Mark m) {
    const auto& p = c.placements[m];
    if (!p || !c.asSeen[m])
        return std::nullopt;
    return 100 * (Pixels{(p->drawn - *c.asSeen[m]).norm()} / c.registeredView.inPicture(headHeight(c.sitter)));
}

double median(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<long>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// Medians over all pairs of marks, and over all marks (after Theil and Sen): the features that were
/// moved on purpose do not count as growth.
void growth(Round& round, const Comparison& before, const Comparison& after,
            MillimetresPerPixel pageBefore, MillimetresPerPixel page) {
    std::vector<PicturePoint> was, is; // mm
    for (int i = 0; i < markCount; ++i)
        if (before.placements[markAt(i)] && after.placements[markAt(i)]) {
            was.push_back(pageBefore * before.placements[markAt(i)]->drawn);
            is.push_back(page * after.placements[markAt(i)]->drawn);
        }
    std::vector<double> ratios;
    for (std::size_t i = 0; i < was.size(); ++i)
        for (std::size_t j = 0; j < i; ++j)
            if (const double apart = (was[i] - was[j]).norm(); apart > 0)
                ratios.push_back((is[i] - is[j]).norm() / apart);
    if (ratios.empty())
        return;
    round.grown = median(std::move(ratios));
    std::vector<double> right, down;
    for (std::size_t i = 0; i < was.size(); ++i) {
        const PicturePoint by = is[i] - *round.grown * was[i];
        right.push_back(by.x());
        down.push_back(by.y());
    }
    // Of the middle of the head.
    const PicturePoint middle = pageBefore * before.registeredView.centre;
    const PicturePoint slid = (*round.grown - 1) * middle +
                              PicturePoint(median(std::move(right)), median(std::move(down)));
    round.right = Millimetres{slid.x()};
    round.down = Millimetres{slid.y()};
}

} // namespace

Round roundBetween(const Comparison& before, const Comparison& after,
                   const std::optional<MillimetresPerPixel>& pageBefore,
                   const std::optional<MillimetresPerPixel>& page) {
    Round round;
    for (Part part : allParts) {
        PartChange change{part};
        double doubt = 0;
        int marks = 0;
        for (int i = 0; i < markCount; ++i) {
            const Mark m = markAt(i);
            const auto was = off(before, m), is = off(after, m);
            if (partOf(m) != part || !was || !is)
                continue;
            change.before += *was;
            change.after += *is;
            doubt += std::hypot(before.placements[m]->doubt, after.placements[m]->doubt);
            ++marks;
        }
        if (marks == 0)
            continue;
        change.before /= marks;
        change.after /= marks;
        // The doubts of several marks average out.
        const double least = 2 * doubt / marks / std::sqrt(1.0 * marks);
        if (change.after < change.before - least)
            round.mended.push_back(change);
        else if (change.after > change.before + least)
            round.broken.push_back(change);
    }
    const auto more = [](const PartChange& a, const PartChange& b) {
        return std::abs(a.after - a.before) > std::abs(b.after - b.before);
    };
    std::sort(round.mended.begin(), round.mended.end(), more);
    std::sort(round.broken.begin(), round.broken.end(), more);
    if (pageBefore && page)
        growth(round, before, after, *pageBefore, *page);
    return round;
}

} // namespace zokran
