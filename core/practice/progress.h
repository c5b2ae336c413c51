#pragma once

#include "core/practice/habits.h"
#include "core/practice/statistics.h"

#include <array>
#include <map>

namespace zokran {

/// Where one feature lands on average, % of the head's height, along the head's own axes as drawn.
struct FeatureBias {
    Interval up, across;
    /// Of the mean: the covariance of across and up, and how many standard deviations the ellipse that covers
    /// the truth in 95 of 100 reaches (Hotelling).
    double varAcross = 0, varUp = 0, covariance = 0, reach = 0;
    double scatter = 0; ///< of single drawings about the mean, one standard deviation of the distance
};

/// One habit of the hand, as far as the drawings carry it.
struct HabitSeen {
    const Habit* habit;
    Interval mean;
    int sameWay = 0; ///< of the drawings that show it, so many go the mean's way
    /// Over time, per 30 days; claimed only where the interval, made wider for all habits asked about at once
    /// (Bonferroni), excludes zero.
    std::optional<Line> overTime = {};
    bool changes = false;
    double before = 0, lately = 0; ///< at the first and the last drawing, by that line
};

/// Poses by tilt and turn, how often each was drawn, and how well.
struct PoseCell {
    Degrees turnLow, turnHigh, tiltLow, tiltHigh;
    int count = 0;
    std::optional<double> miss = {}; ///< the mean distance of its drawings' marks, % of the head's height
};

/// What was mended between the first photograph of a drawing and its last, over all drawings photographed again.
struct MendedMeanwhile {
    int drawings;
    double before, after; ///< the mean distance of their marks, % of the head's height
};

/// What many drawings say together. Nothing is claimed that its interval does not carry. Of a drawing that was photographed
/// again only the first photograph counts, but in `mended`.
struct Progress {
    int drawings = 0;
    std::optional<MendedMeanwhile> mended;
    /// How much further off the marks lie, % of the head's height, where nothing was measured before drawing than where it was;
    /// not before there are `enoughOfEach` drawings of either kind.
    std::optional<Interval> worseUnmeasured;
    static constexpr int enoughOfEach = 8;
    PerMark<std::optional<FeatureBias>> bias;
    /// The sketch's turn over the true one: a slope below one straightens. In degrees.
    std::optional<Line> straightening;
    std::optional<Line> straighteningOfTilt;
    /// The mean distance of a drawing's marks, % of the head's height, over days.
    std::optional<Line> trend;
    /// The same over the minutes a drawing took.
    std::optional<Line> overMinutes;
    /// The guessed turn over the measured one, degrees; and how far a guess is off on average.
    std::optional<Line> guessing;
    std::optional<Interval> guessMiss;
    /// How often the learner's own eye named what the check put first.
    int askedEye = 0, agreedEye = 0;
    std::vector<HabitSeen> habits;  ///< those whose mean excludes zero, the largest first
    std::map<std::string, std::array<int, 2>> cameBack; ///< findings to mend: of the earlier and later half
    std::vector<PoseCell> poses;
};

/// Computes it; the drawings in any order.
Progress progressOf(std::vector<Drawing> drawings);

/// The poses to draw next, within what people hold their heads in: those never drawn first, nearest to straight; then
/// by how often they were drawn and how well, so that in the long run a pose drawn twice as far off as the others comes
/// four times as often, and none is avoided.
std::vector<PoseCell> posesToDraw(const Progress& progress, std::size_t most = 3);

} // namespace zokran
