#include "core/compare/snapshots.h"

#include "core/compare/finding_lines.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// A page that is laid flat is true to size to about one in a hundred: common practice, no source.
constexpr double pageScaleSigma = 0.01;
/// A drift is told where it exceeds so many standard deviations, and did by less in the photograph before, and is at least so
/// large: smaller ones are no reason to stop.
constexpr double sureDeviations = 2.5, leaningDeviations = 2;
constexpr double leastGrowth = 0.03;
constexpr Degrees leastTurning{3};

/// Most of the doubt of a pose, the sitter's proportions and the hand's errors, is the same in every photograph of one drawing
/// and drops out of a change. What is each photograph's own was 0.37 of the doubt of the turn and 0.45 of the tilt (root mean
/// square) in four photographs each of 37 drawing-like pictures of people, every other face of `faces.json`.
constexpr double ownShareOfDoubt = 0.6;

struct Measured {
    double value, sigma;
};

/// Radians.
Measured measuredAngle(Radians angle, Radians sigma) {
    return {angle.value, ownShareOfDoubt * sigma.value};
}

std::optional<Measured> headHeightOnPaper(const DrawingSnapshot& snapshot) {
    if (!snapshot.perPixel)
        return std::nullopt;
    const Comparison& c = snapshot.comparison;
    // Each mark's noise is about a hundredth of the head; the size rests on all of them.
    constexpr double markNoise = 0.01;
    const auto places = std::count_if(c.placements.begin(), c.placements.end(), [](const auto& p) { return p.has_value(); });
    const double marks = markNoise / std::sqrt(std::max<double>(1, static_cast<double>(places)));
    const double mm = (c.sketchView.inPicture(headHeight(c.sitter)) * *snapshot.perPixel).value;
    return Measured{mm, mm * std::hypot(pageScaleSigma, marks)};
}

/// The standard deviation of one photograph about a path that is locally a straight line, by second differences, whose
/// variance is six times that of one value. Zero where there are too few photographs to say.
double scatterOf(std::span<const Measured> all) {
    constexpr std::size_t fewest = 5;
    if (all.size() < fewest)
        return 0;
    double squares = 0;
    for (std::size_t i = 1; i + 1 < all.size(); ++i) {
        const double second = all[i - 1].value - 2 * all[i].value + all[i + 1].value;
        squares += second * second;
    }
    return std::sqrt(squares / (6 * static_cast<double>(all.size() - 2)));
}

/// The change of one quantity over all snapshots; nothing where it is not sure in the last two.
std::optional<DrawingDrift> driftOf(Drift kind, const std::vector<Measured>& all, bool isShare, double least) {
    if (all.size() < 2)
        return std::nullopt;
    const auto change = [&](std::size_t i) {
        const double by = all[i].value - all[0].value, sigma = std::hypot(all[i].sigma, all[0].sigma);
        const double unit = isShare ? all[0].value : 1;
        return Measured{by / unit, sigma / unit};
    };
    const auto isBeyond = [&](std::size_t i, double deviations) {
        const Measured c = change(i);
        return c.value * change(all.size() - 1).value > 0 && std::abs(c.value) > std::max(least, deviations * c.sigma);
    };
    const std::size_t last = all.size() - 1;
    // One odd photograph is no drift: the one before must lean the same way. Two alone are all there is.
    if (!isBeyond(last, sureDeviations) || (last > 1 && !isBeyond(last - 1, leaningDeviations)))
        return std::nullopt;
    DrawingDrift drift{kind, change(last).value, change(last).sigma, last, {}};
    while (drift.since > 1 && isBeyond(drift.since - 1, leaningDeviations))
        --drift.since;
    for (const Measured& m : all)
        drift.values.push_back(m.value);
    return drift;
}

void addDrifts(DrawingTimeline& timeline, std::span<const DrawingSnapshot> snapshots) {
    const auto add = [&](std::optional<DrawingDrift> drift) {
        if (drift)
            timeline.drifts.push_back(std::move(*drift));
    };
    std::vector<Measured> sizes, turns, tilts;
    for (const DrawingSnapshot& snapshot : snapshots) {
        if (const auto size = headHeightOnPaper(snapshot))
            sizes.push_back(*size);
        const Comparison& c = snapshot.comparison;
        turns.push_back(measuredAngle(c.loosePose.turn, c.looseSigma.turn));
        tilts.push_back(measuredAngle(c.loosePose.tilt, c.looseSigma.tilt));
    }
    for (std::vector<Measured>* angles : {&turns, &tilts}) {
        const double scatter = scatterOf(*angles);
        for (Measured& m : *angles)
            m.sigma = std::max(m.sigma, scatter);
    }
    if (sizes.size() == snapshots.size())
        add(driftOf(Drift::Size, sizes, true, leastGrowth));
    // What comes nearer to the reference is mended, and no drift.
    const Pose& seen = snapshots.back().comparison.referencePose;
    const auto leadsAway = [](const std::vector<Measured>& all, Radians reference) {
        const auto off = [&](const Measured& m) { return abs(wrapped(Radians{m.value} - reference)); };
        return off(all.back()) > off(all.front());
    };
    const double least = toRadians(leastTurning).value;
    if (leadsAway(turns, seen.turn))
        add(driftOf(Drift::Turn, turns, false, least));
    if (leadsAway(tilts, seen.tilt))
        add(driftOf(Drift::Tilt, tilts, false, least));
    std::stable_sort(timeline.drifts.begin(), timeline.drifts.end(), [](const DrawingDrift& a, const DrawingDrift& b) {
        return std::abs(a.amount) / a.sigma > std::abs(b.amount) / b.sigma;
    });
}

/// The parts that the findings told of a photograph speak of.
std::vector<Part> partsToMend(const Comparison& comparison) {
    std::vector<Part> parts;
    for (const Finding* finding : toldFindings(comparison))
        for (Part part : partsOf(*finding))
            if (std::find(parts.begin(), parts.end(), part) == parts.end())
                parts.push_back(part);
    return parts;
}

/// Parts that were to be mended once and are not any more, in the last photograph and at least one before it.
std::vector<Part> mendedAndHeld(std::span<const DrawingSnapshot> snapshots) {
    std::vector<Part> held;
    if (snapshots.size() < 3)
        return held;
    const auto has = [](const std::vector<Part>& parts, Part part) {
        return std::find(parts.begin(), parts.end(), part) != parts.end();
    };
    const std::vector<Part> last = partsToMend(snapshots.back().comparison),
                            before = partsToMend(snapshots[snapshots.size() - 2].comparison),
                            looked = partsLookedAt(snapshots.back().comparison);
    for (const DrawingSnapshot& snapshot : snapshots.first(snapshots.size() - 2))
        for (Part part : partsToMend(snapshot.comparison))
            if (!has(last, part) && !has(before, part) && has(looked, part) && !has(held, part))
                held.push_back(part);
    return held;
}

bool tells(const Comparison& comparison, const std::string& finding) {
    const auto told = toldFindings(comparison);
    return std::any_of(told.begin(), told.end(), [&](const Finding* f) { return f->id == finding; });
}

} // namespace

DrawingTimeline timelineOf(std::span<const DrawingSnapshot> snapshots) {
    DrawingTimeline timeline;
    if (snapshots.empty())
        return timeline;
    addDrifts(timeline, snapshots);
    timeline.mendedAndHeld = mendedAndHeld(snapshots);
    for (const Finding* f : toldFindings(snapshots.back().comparison)) {
        std::size_t since = snapshots.size() - 1;
        while (since > 0 && tells(snapshots[since - 1].comparison, f->id))
            --since;
        timeline.onsets.push_back({f->id, since});
    }
    return timeline;
}

} // namespace zokran
