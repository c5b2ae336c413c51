#include "core/measure/measure.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <functional>
#include <numbers>

namespace zokran {

namespace {

using Unit = std::optional<std::pair<Mark, Mark>>;

PicturePoint placeOf(const MarkSheet& sheet, Mark m) {
    const auto at = sheet.seen(m);
    if (!at)
        throw BadInput(fmt::format("\"{}\" is not marked, or cannot be seen", idOf(m)));
    return *at;
}

void requireApart(const MarkSheet& sheet, Mark a, Mark b) {
    if ((placeOf(sheet, a) - placeOf(sheet, b)).norm() < 1e-9)
        throw BadInput(fmt::format("\"{}\" and \"{}\" lie on one spot", idOf(a), idOf(b)));
}

/// A number of the marks with its doubt: the squares of its slopes, by differences, times those of
/// the marks' noise. `turns` makes a difference of angles the short way round.
Measured measured(const MarkSheet& sheet, const std::vector<Mark>& marks,
                  const std::function<double(const MarkSheet&)>& number,
                  const std::function<double(double)>& turns = {}) {
    Measured m;
    m.value = number(sheet);
    double variance = 0;
    std::vector<Mark> once = marks;
    std::sort(once.begin(), once.end());
    once.erase(std::unique(once.begin(), once.end()), once.end());
    for (Mark mark : once)
        for (int axis = 0; axis < 2; ++axis) {
            const double step = 1e-3 * std::max(1.0, sheet.noiseOf(mark).value);
            MarkSheet more = sheet, less = sheet;
            (*more.marks[mark]->at)[axis] += step;
            (*less.marks[mark]->at)[axis] -= step;
            double by = number(more) - number(less);
            if (turns)
                by = turns(by);
            variance += std::pow(by / (2 * step) * sheet.noiseOf(mark).value, 2);
        }
    m.sigma = std::sqrt(variance);
    return m;
}

double apart(const MarkSheet& sheet, Mark a, Mark b) {
    return (placeOf(sheet, a) - placeOf(sheet, b)).norm();
}

double unitOf(const MarkSheet& sheet, const Unit& unit) {
    return unit ? apart(sheet, unit->first, unit->second) : 1;
}

std::vector<Mark> with(std::vector<Mark> marks, const Unit& unit) {
    if (unit)
        marks.insert(marks.end(), {unit->first, unit->second});
    return marks;
}

double inDegrees(double radians) {
    return radians * 180 / std::numbers::pi;
}

/// Into (-90, 90]: a line has no beginning.
double ofLine(double degrees) {
    const double turned = std::remainder(degrees, 180);
    return turned <= -90 ? turned + 180 : turned;
}

double slopeOf(const MarkSheet& sheet, Mark a, Mark b) {
    const PicturePoint d = placeOf(sheet, b) - placeOf(sheet, a);
    return ofLine(inDegrees(std::atan2(-d.y(), d.x())));
}

std::vector<Miss> missesOf(const MarkSheet& sheet, const std::vector<Mark>& own, const Unit& unit,
                           const std::function<double(const MarkSheet&, Mark)>& miss) {
    if (unit)
        requireApart(sheet, unit->first, unit->second);
    std::vector<Miss> all;
    for (Mark m : sheet.seenMarks()) {
        if (std::find(own.begin(), own.end(), m) != own.end())
            continue;
        std::vector<Mark> marks = with(own, unit);
        marks.push_back(m);
        all.push_back({m, measured(sheet, marks, [&](const MarkSheet& s) {
                           return miss(s, m) / unitOf(s, unit);
                       })});
    }
    std::sort(all.begin(), all.end(), [](const Miss& a, const Miss& b) {
        return std::abs(a.by.value) < std::abs(b.by.value);
    });
    return all;
}

} // namespace

Measured ratioOf(const MarkSheet& sheet, Mark a, Mark b, Mark c, Mark d) {
    requireApart(sheet, c, d);
    return measured(sheet, {a, b, c, d}, [=](const MarkSheet& s) {
        return apart(s, a, b) / apart(s, c, d);
    });
}

Measured lengthOf(const MarkSheet& sheet, Mark a, Mark b, const Unit& unit) {
    if (unit)
        requireApart(sheet, unit->first, unit->second);
    return measured(sheet, with({a, b}, unit),
                    [&](const MarkSheet& s) { return apart(s, a, b) / unitOf(s, unit); });
}

Measured angleOf(const MarkSheet& sheet, Mark a, Mark b) {
    requireApart(sheet, a, b);
    return measured(sheet, {a, b}, [=](const MarkSheet& s) { return slopeOf(s, a, b); }, ofLine);
}

Measured angleBetweenLines(const MarkSheet& sheet, Mark a, Mark b, Mark c, Mark d) {
    requireApart(sheet, a, b);
    requireApart(sheet, c, d);
    return measured(sheet, {a, b, c, d}, [=](const MarkSheet& s) {
        return std::abs(ofLine(slopeOf(s, c, d) - slopeOf(s, a, b)));
    });
}

std::pair<Measured, Measured> triangulated(const MarkSheet& sheet, Mark a, Mark b, Mark p) {
    requireApart(sheet, a, b);
    requireApart(sheet, a, p);
    requireApart(sheet, b, p);
    auto at = [&](Mark from, Mark to) {
        return measured(sheet, {a, b, p}, [=](const MarkSheet& s) {
            const PicturePoint base = placeOf(s, to) - placeOf(s, from);
            const PicturePoint way = placeOf(s, p) - placeOf(s, from);
            return inDegrees(std::abs(std::atan2(base.x() * way.y() - base.y() * way.x(),
                                                 base.dot(way))));
        });
    };
    return {at(a, b), at(b, a)};
}

std::vector<Miss> missesOfLevel(const MarkSheet& sheet, Mark a, const Unit& unit) {
    placeOf(sheet, a);
    return missesOf(sheet, {a}, unit, [a](const MarkSheet& s, Mark m) {
        return placeOf(s, m).y() - placeOf(s, a).y();
    });
}

std::vector<Miss> missesOfPlumb(const MarkSheet& sheet, Mark a, const Unit& unit) {
    placeOf(sheet, a);
    return missesOf(sheet, {a}, unit, [a](const MarkSheet& s, Mark m) {
        return placeOf(s, m).x() - placeOf(s, a).x();
    });
}

std::vector<Miss> missesOfLine(const MarkSheet& sheet, Mark a, Mark b, const Unit& unit) {
    requireApart(sheet, a, b);
    return missesOf(sheet, {a, b}, unit, [a, b](const MarkSheet& s, Mark m) {
        const PicturePoint along = (placeOf(s, b) - placeOf(s, a)).normalized();
        const PicturePoint to = placeOf(s, m) - placeOf(s, a);
        return along.x() * to.y() - along.y() * to.x();
    });
}

Mirrored mirroredOver(const MarkSheet& sheet, Mark a, const Fit& fit, const Unit& unit) {
    const PicturePoint at = placeOf(sheet, a);
    if (mirrored(a) == a)
        throw BadInput(fmt::format("\"{}\" lies on the centre line and has no twin", idOf(a)));
    if (unit)
        requireApart(sheet, unit->first, unit->second);
    // The mark as it is placed, at the depth it has on the fitted head.
    auto twinOf = [&](const PicturePoint& from) {
        HeadPoint p = fit.view.liftInPlaneOf(fit.head[a], from);
        p.x() = -p.x();
        return fit.view.project(p);
    };
    Mirrored result;
    result.twin = twinOf(at);
    result.wrapped = {2 * std::abs(fit.view.liftInPlaneOf(fit.head[a], at).x())};
    result.flat = measured(sheet, with({a}, unit), [&](const MarkSheet& s) {
        return (twinOf(placeOf(s, a)) - placeOf(s, a)).norm() / unitOf(s, unit);
    });
    if (sheet.seen(mirrored(a)))
        result.off = measured(sheet, with({a, mirrored(a)}, unit), [&](const MarkSheet& s) {
            return (twinOf(placeOf(s, a)) - placeOf(s, mirrored(a))).norm() / unitOf(s, unit);
        });
    return result;
}

} // namespace zokran
