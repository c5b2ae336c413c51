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

std::vector<Shaken> shakenPlaces(const MeasureContext& context, bool marksToo) {
    std::vector<Shaken> places;
    const auto add = [&](const PicturePoint& at) {
        for (const Shaken& known : places)
            if (known.at == at)
                return;
        Pixels noise = context.noise;
        if (context.marks)
            for (Mark m : context.marks->seenMarks())
                if (*context.marks->seen(m) == at)
                    noise = context.marks->noiseOf(m);
        places.push_back({at, noise});
    };
    for (const PicturePoint& end : context.ends)
        add(end);
    if (context.unitEnds)
        for (const PicturePoint& end : *context.unitEnds)
            add(end);
    if (marksToo && context.marks)
        for (Mark m : context.marks->seenMarks())
            add(*context.marks->seen(m));
    return places;
}

Reading readMoved(const MeasureKind& kind, const MeasureContext& context, const PicturePoint& from, const PicturePoint& by) {
    MeasureContext moved = context;
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
    if (context.marks) {
        marks = *context.marks;
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

Reading read(const MeasureKind& kind, const MeasureContext& context) {
    const std::size_t least = kind.ends ? kind.ends : 3;
    if (context.ends.size() < least)
        throw BadInput(fmt::format("{} needs {} ends", kind.id, least));
    for (std::size_t i = 0; i < context.ends.size(); ++i)
        if (continuesLine(kind, i) && (context.ends[i] - context.ends[i - 1]).norm() < 1e-6)
            throw BadInput(fmt::format("two ends of {} fall together", kind.id));
    if (!(context.unit > Pixels{0}))
        throw BadInput("the unit has no length");
    Reading reading = kind.read(context);
    reading.sigma *= reading.sigma; // a doubt of the kind's own comes before that of its ends
    for (const Shaken& place : shakenPlaces(context, !reading.clearances.empty() || !reading.secondary.empty())) {
        const double step = std::max(1e-4, 0.1 * place.noise.value);
        for (int axis = 0; axis < 2; ++axis) {
            const PicturePoint by = step * PicturePoint::Unit(axis);
            const Reading less = readMoved(kind, context, place.at, -by), more = readMoved(kind, context, place.at, by);
            const auto square = [&](ReadingUnit unit, double from, double to) {
                return std::pow(changeOf(unit, from, to) / (2 * step) * place.noise.value, 2);
            };
            reading.sigma += square(reading.unit, less.value, more.value);
            for (std::size_t i = 0; i < reading.secondary.size(); ++i)
                if (i < less.secondary.size() && i < more.secondary.size())
                    reading.secondary[i].sigma +=
                        square(reading.secondary[i].unit, less.secondary[i].value, more.secondary[i].value);
            for (Clearance& pass : reading.clearances) {
                const auto in = [&](const Reading& r) {
                    const auto at = std::find_if(r.clearances.begin(), r.clearances.end(),
                                                 [&](const Clearance& p) { return p.mark == pass.mark; });
                    return at == r.clearances.end() ? pass.by : at->by;
                };
                pass.sigma += square(ReadingUnit::Length, in(less), in(more));
            }
        }
    }
    reading.sigma = std::sqrt(reading.sigma);
    for (SecondaryReading& number : reading.secondary)
        number.sigma = std::sqrt(number.sigma);
    for (Clearance& pass : reading.clearances)
        pass.sigma = std::sqrt(pass.sigma);
    return reading;
}

} // namespace zokran
