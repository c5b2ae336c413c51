#include "core/practice/progress.h"

#include <boost/math/distributions/fisher_f.hpp>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

double dayOf(const Drawing& d) {
    return std::chrono::duration<double, std::ratio<86400>>(d.drawn.time_since_epoch()).count();
}

std::optional<FeatureBias> biasOf(const std::vector<Drawing>& drawings, Mark mark) {
    std::vector<double> up, across;
    for (const Drawing& d : drawings)
        if (const auto& off = d.off[mark]) {
            up.push_back(off->up);
            across.push_back(off->across);
        }
    const auto u = meanOf(up), a = meanOf(across);
    if (!u || !a)
        return std::nullopt;
    FeatureBias bias{*u, *a};
    const double n = static_cast<double>(up.size());
    double uu = 0, aa = 0, ua = 0;
    for (std::size_t i = 0; i < up.size(); ++i) {
        uu += (up[i] - u->mean) * (up[i] - u->mean) / (n - 1);
        aa += (across[i] - a->mean) * (across[i] - a->mean) / (n - 1);
        ua += (up[i] - u->mean) * (across[i] - a->mean) / (n - 1);
    }
    bias.varUp = uu / n;
    bias.varAcross = aa / n;
    bias.covariance = ua / n;
    bias.scatter = std::sqrt(uu + aa);
    const boost::math::fisher_f_distribution<double> fisher(2, n - 2);
    bias.reach = std::sqrt(2 * (n - 1) / (n - 2) * boost::math::quantile(fisher, 0.95));
    return bias;
}

/// Angle over angle, degrees.
std::optional<Line> straightening(const std::vector<Drawing>& drawings, Radians Pose::*angle) {
    std::vector<double> x, y;
    for (const Drawing& d : drawings) {
        x.push_back(inDegrees(d.seen.*angle));
        y.push_back(inDegrees(d.asDrawn.*angle));
    }
    // Without heads that are turned there is nothing to straighten.
    const auto [low, high] = std::minmax_element(x.begin(), x.end());
    constexpr double spread = 20;
    if (x.empty() || *high - *low < spread)
        return std::nullopt;
    return lineThrough(x, y);
}

std::optional<HabitSeen> seen(const Habit& habit, const std::vector<Drawing>& drawings, double asked) {
    std::vector<double> values, days;
    for (const Drawing& d : drawings)
        if (const auto value = habit.of(d)) {
            values.push_back(*value);
            days.push_back(dayOf(d));
        }
    const auto mean = meanOf(values, 1 - 0.05 / asked);
    if (!mean || !mean->excludesZero())
        return std::nullopt;
    HabitSeen told{&habit, *meanOf(values)};
    for (double v : values)
        told.sameWay += v * mean->mean > 0;
    constexpr std::size_t fewest = 8; // a change is not told from fewer
    if (values.size() >= fewest) {
        told.overTime = lineThrough(days, values, 1 - 0.05 / asked);
        if (told.overTime) {
            told.before = told.overTime->at(days.front());
            told.lately = told.overTime->at(days.back());
            told.changes = told.overTime->slope.excludesZero();
        }
    }
    return told;
}

/// `drawings`: oldest first.
std::optional<MendedMeanwhile> mendedMeanwhile(const std::vector<Drawing>& drawings) {
    std::map<std::int64_t, std::pair<double, double>> firstAndLast;
    std::set<std::int64_t> again;
    for (const Drawing& d : drawings) {
        const auto distance = d.distance();
        if (d.head == 0 || !distance)
            continue;
        const auto [entry, isFirst] = firstAndLast.try_emplace(d.head, *distance, *distance);
        entry->second.second = *distance;
        if (!isFirst)
            again.insert(d.head);
    }
    if (again.empty())
        return std::nullopt;
    MendedMeanwhile mended{static_cast<int>(again.size()), 0, 0};
    for (const std::int64_t head : again) {
        mended.before += firstAndLast[head].first / mended.drawings;
        mended.after += firstAndLast[head].second / mended.drawings;
    }
    return mended;
}

} // namespace

Progress progressOf(std::vector<Drawing> drawings) {
    std::stable_sort(drawings.begin(), drawings.end(),
                     [](const Drawing& a, const Drawing& b) { return a.drawn < b.drawn; });
    Progress progress;
    progress.mended = mendedMeanwhile(drawings);
    drawings = firstOfEachHead(drawings, [](const Drawing& d) { return d.head; });
    progress.drawings = static_cast<int>(drawings.size());
    for (int i = 0; i < markCount; ++i)
        progress.bias[markAt(i)] = biasOf(drawings, markAt(i));
    progress.straightening = straightening(drawings, &Pose::turn);
    progress.straighteningOfTilt = straightening(drawings, &Pose::tilt);
    std::vector<double> days, distances, minutes, byMinutes, guessed, measured, misses;
    for (const Drawing& d : drawings) {
        const auto distance = d.distance();
        if (distance) {
            days.push_back(dayOf(d));
            distances.push_back(*distance);
        }
        if (distance && d.took.count() > 0) {
            minutes.push_back(static_cast<double>(d.took.count()) / 60);
            byMinutes.push_back(*distance);
        }
        if (d.guess) {
            guessed.push_back(inDegrees(d.guess->turn));
            measured.push_back(inDegrees(d.seen.turn));
            misses.push_back(std::abs(guessed.back() - measured.back()));
        }
        if (d.ownEye) {
            ++progress.askedEye;
            progress.agreedEye += *d.ownEye;
        }
    }
    std::vector<double> before, otherwise;
    for (const Drawing& d : drawings)
        if (const auto distance = d.distance(); distance && d.measuredBefore)
            (*d.measuredBefore ? before : otherwise).push_back(*distance);
    if (std::min(before.size(), otherwise.size()) >= Progress::enoughOfEach)
        progress.worseUnmeasured = differenceOfMeans(otherwise, before);
    progress.trend = lineThrough(days, distances);
    progress.overMinutes = lineThrough(minutes, byMinutes);
    progress.guessing = lineThrough(measured, guessed);
    progress.guessMiss = meanOf(misses);
    for (const Habit& habit : habits())
        if (auto told = seen(habit, drawings, static_cast<double>(habits().size())))
            progress.habits.push_back(std::move(*told));
    std::stable_sort(progress.habits.begin(), progress.habits.end(),
                     [](const HabitSeen& a, const HabitSeen& b) {
                         return std::abs(a.mean.mean) > std::abs(b.mean.mean);
                     });
    for (std::size_t i = 0; i < drawings.size(); ++i)
        for (const std::string& id : drawings[i].toMend)
            ++progress.cameBack[id][2 * i < drawings.size() ? 0 : 1];
    constexpr double turns[] = {-90, -50, -30, -10, 10, 30, 50, 90}, tilts[] = {-60, -20, -7, 7, 20, 60};
    for (std::size_t t = 0; t + 1 < std::size(tilts); ++t)
        for (std::size_t u = 0; u + 1 < std::size(turns); ++u) {
            PoseCell cell{{turns[u]}, {turns[u + 1]}, {tilts[t]}, {tilts[t + 1]}};
            double far = 0;
            int told = 0;
            for (const Drawing& d : drawings) {
                const Degrees turn = toDegrees(d.seen.turn), tilt = toDegrees(d.seen.tilt);
                if (!(turn >= cell.turnLow && turn < cell.turnHigh && tilt >= cell.tiltLow && tilt < cell.tiltHigh))
                    continue;
                ++cell.count;
                if (const auto distance = d.distance()) {
                    far += *distance;
                    ++told;
                }
            }
            if (told > 0)
                cell.miss = far / told;
            progress.poses.push_back(cell);
        }
    return progress;
}

std::vector<PoseCell> posesToDraw(const Progress& progress, std::size_t most) {
    std::vector<PoseCell> cells = progress.poses;
    double all = 0;
    int drawn = 0;
    for (const PoseCell& c : cells)
        if (c.miss) {
            all += *c.miss * c.count;
            drawn += c.count;
        }
    const auto need = [&](const PoseCell& c) {
        double worse = 1; // than the others
        if (c.miss && all > 0) {
            // One bad drawing says little of a pose: two as good as all others count with it.
            constexpr double others = 2;
            worse = (c.count * *c.miss / (all / drawn) + others) / (c.count + others);
        }
        return worse * worse / (1 + c.count);
    };
    const auto far = [](const PoseCell& c) {
        return abs(c.turnLow + c.turnHigh) / 2.0 + abs(c.tiltLow + c.tiltHigh);
    };
    std::stable_sort(cells.begin(), cells.end(), [&](const PoseCell& a, const PoseCell& b) {
        return need(a) != need(b) ? need(a) > need(b) : far(a) < far(b);
    });
    cells.resize(std::min(most, cells.size()));
    return cells;
}

} // namespace zokran
