#include "core/measure/kinds.h"

#include "core/base/addresses.h"
#include "core/base/errors.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr auto kinds = addressesOf(ZOKRAN_MEASURE_KINDS);

/// What is moved to learn a number's doubt: every place that lies exactly here.
struct Shaken {
    PicturePoint at;
    Pixels noise;
};

std::vector<Shaken> shakenPlaces(const MeasureContext& ground, bool marksToo) {
    std::vector<Shaken> places;
    const auto add = [&](const PicturePoint& at) {
        for (const Shaken& known : places)
            if (known.at == at)
                return;
        Pixels noise = ground.noise;
        if (ground.marks)
            for (Mark m : ground.marks->seenMarks())
                if (*ground.marks->seen(m) == at)
                    noise = ground.marks->noiseOf(m);
        places.push_back({at, noise});
    };
    for (const PicturePoint& end : ground.ends)
        add(end);
    if (ground.unitEnds)
        for (const PicturePoint& end : *ground.unitEnds)
            add(end);
    if (marksToo && ground.marks)
        for (Mark m : ground.marks->seenMarks())
            add(*ground.marks->seen(m));
    return places;
}

Reading readMoved(const MeasureKind& kind, const MeasureContext& ground, const PicturePoint& from,
                  const PicturePoint& by) {
    MeasureContext moved = ground;
    const auto move = [&](PicturePoint& p) {
        if (p == from)
            p += by;
    };
    for (PicturePoint& end : moved.ends)
        move(end);
    if (moved.unitEnds) {
        for (PicturePoint& end : *moved.unitEnds)
            move(end);
        moved.unit = {((*moved.unitEnds)[1] - (*moved.unitEnds)[0]).norm()};
    }
    MarkSheet marks;
    if (ground.marks) {
        marks = *ground.marks;
        for (auto& placed : marks.marks)
            if (placed && placed->at)
                move(*placed->at);
        moved.marks = &marks;
    }
    return kind.read(moved);
}

/// From one number to another; of angles the short way round, as a line has no beginning.
double changeOf(ReadingUnit unit, double from, double to) {
    return unit == ReadingUnit::Angle ? std::remainder(to - from, 180) : to - from;
}

} // namespace

std::span<const MeasureKind* const> measureKinds() {
    return kinds;
}

const MeasureKind& measureKindNamed(std::string_view id) {
    std::string known;
    for (const MeasureKind* kind : kinds) {
        if (kind->id == id)
            return *kind;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", kind->id);
    }
    throw BadInput(fmt::format("there is no way of measuring \"{}\"; there is: {}", id, known));
}

Reading read(const MeasureKind& kind, const MeasureContext& ground) {
    const std::size_t least = kind.ends ? kind.ends : 3;
    if (ground.ends.size() < least)
        throw BadInput(fmt::format("{} needs {} ends", kind.id, least));
    for (std::size_t i = 0; i < ground.ends.size(); ++i)
        if (continuesLine(kind, i) && (ground.ends[i] - ground.ends[i - 1]).norm() < 1e-6)
            throw BadInput(fmt::format("two ends of {} fall together", kind.id));
    if (!(ground.unit > Pixels{0}))
        throw BadInput("the unit has no length");
    Reading reading = kind.read(ground);
    reading.sigma *= reading.sigma; // a doubt of the kind's own comes before that of its ends
    for (const Shaken& place : shakenPlaces(ground, !reading.passes.empty() || !reading.further.empty())) {
        const double step = std::max(1e-4, 0.1 * place.noise.value);
        for (int axis = 0; axis < 2; ++axis) {
            const PicturePoint by = step * PicturePoint::Unit(axis);
            const Reading less = readMoved(kind, ground, place.at, -by),
                          more = readMoved(kind, ground, place.at, by);
            const auto square = [&](ReadingUnit unit, double from, double to) {
                return std::pow(changeOf(unit, from, to) / (2 * step) * place.noise.value, 2);
            };
            reading.sigma += square(reading.unit, less.value, more.value);
            for (std::size_t i = 0; i < reading.further.size(); ++i)
                if (i < less.further.size() && i < more.further.size())
                    reading.further[i].sigma += square(reading.further[i].unit, less.further[i].value,
                                                       more.further[i].value);
            for (Clearance& pass : reading.passes) {
                const auto in = [&](const Reading& r) {
                    const auto at = std::find_if(r.passes.begin(), r.passes.end(),
                                                 [&](const Clearance& p) { return p.mark == pass.mark; });
                    return at == r.passes.end() ? pass.by : at->by;
                };
                pass.sigma += square(ReadingUnit::Length, in(less), in(more));
            }
        }
    }
    reading.sigma = std::sqrt(reading.sigma);
    for (SecondaryReading& number : reading.further)
        number.sigma = std::sqrt(number.sigma);
    for (Clearance& pass : reading.passes)
        pass.sigma = std::sqrt(pass.sigma);
    return reading;
}

} // namespace zokran
