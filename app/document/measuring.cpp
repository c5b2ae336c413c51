#include "app/document/measuring.h"

#include "app/document/marking.h"
#include "app/text/messages.h"
#include "core/base/errors.h"
#include "core/measure/telling.h"

#include <algorithm>

namespace zokran {

namespace {

/// Whether the end's place on the sketch is one of the sketch that lies on the bench.
bool isOnThisSketch(const Desk& desk, const Anchor& anchor) {
    return anchor.sketch.value_or(0) == desk.study().current;
}

} // namespace

std::optional<PicturePoint> placeOf(const Desk& desk, const Anchor& anchor, bool onSketch,
                                    Side side) {
    if (anchor.mark)
        return desk.study().marks(side).seen(*anchor.mark);
    if (side == Side::Sketch && !isOnThisSketch(desk, anchor))
        return std::nullopt;
    return (side == Side::Sketch) == onSketch ? std::optional(anchor.at) : anchor.elsewhere;
}

std::optional<PicturePoint> expectedPlaceOf(const Desk& desk, const Anchor& anchor, bool onSketch, Side side) {
    const auto other = placeOf(desk, anchor, onSketch, side == Side::Reference ? Side::Sketch : Side::Reference);
    if (!other || !desk.comparison())
        return std::nullopt;
    const Similarity& laid = desk.comparison()->registration;
    if (side == Side::Sketch)
        return laid(*other);
    // Back from the sketch: the similarity undone.
    const PicturePoint shifted = (*other - laid.shift) / laid.scale;
    const double c = cos(laid.rotation), s = sin(laid.rotation);
    return PicturePoint(c * shifted.x() + s * shifted.y(), -s * shifted.x() + c * shifted.y());
}

std::optional<OpenEnd> openEnd(const Desk& desk, Side side) {
    const int index = desk.selection.measuring.selected();
    if (index < 0 || index >= static_cast<int>(desk.study().measures.size()) ||
        index == desk.selection.measuring.awaitingGuess() || desk.study().picture(side).empty() ||
        !desk.selection.measuring.current().anchors.empty())
        return std::nullopt;
    const Measurement& m = desk.study().measures[static_cast<std::size_t>(index)];
    const Side other = side == Side::Reference ? Side::Sketch : Side::Reference;
    for (std::size_t i = 0; i < m.anchors.size(); ++i)
        if (const Anchor& a = m.anchors[i];
            !a.mark && !placeOf(desk, a, m.onSketch, side) && placeOf(desk, a, m.onSketch, other))
            return OpenEnd{static_cast<std::size_t>(index), i, expectedPlaceOf(desk, a, m.onSketch, side)};
    return std::nullopt;
}

void setOpenEnd(Desk& desk, Side side, const PicturePoint& at) {
    const auto open = openEnd(desk, side);
    if (!open)
        return;
    desk.document.edit(tr("Set an end of a measurement"), {}, [&](Study& s) {
        Measurement& m = s.measures[open->measure];
        // What was set on another sketch is no place on this one: from now on the measurement lies on the photograph.
        if (side == Side::Sketch && m.onSketch) {
            m.onSketch = false;
            for (Anchor& a : m.anchors)
                if (!a.mark)
                    a = Anchor{{}, a.elsewhere.value_or(a.at)};
        }
        Anchor& end = m.anchors[open->end];
        end.elsewhere = at;
        if (side == Side::Sketch)
            end.sketch = s.current;
    });
}

namespace {

using Ends = std::array<PicturePoint, 2>;

double lengthOf(const Ends& ends) {
    return (ends[1] - ends[0]).norm();
}

/// The two places on a sheet between which one unit lies.
std::optional<Ends> unitEndsOn(const Desk& desk, Side side) {
    if (const auto& unit = desk.study().unit; unit.size() == 2) {
        const auto a = placeOf(desk, unit[0], false, side), b = placeOf(desk, unit[1], false, side);
        // Another unit on this sheet than on the other would make a false verdict.
        return a && b && lengthOf({*a, *b}) > 1 ? std::optional(Ends{*a, *b}) : std::nullopt;
    }
    const MarkSheet& marks = desk.study().marks(side);
    std::optional<Ends> nearer;
    for (const auto& [inner, outer] : {std::pair{Mark::InnerEyeL, Mark::OuterEyeL},
                                       {Mark::InnerEyeR, Mark::OuterEyeR}})
        if (const auto a = marks.seen(inner), b = marks.seen(outer);
            a && b && lengthOf({*a, *b}) > (nearer ? lengthOf(*nearer) : 1))
            nearer = Ends{*a, *b};
    return nearer;
}

} // namespace

std::optional<Pixels> unitOn(const Desk& desk, Side side) {
    const auto ends = unitEndsOn(desk, side);
    return ends ? std::optional(Pixels{lengthOf(*ends)}) : std::nullopt;
}

std::optional<Mark> missingUnitCorner(const Desk& desk, Side side) {
    if (!desk.study().unit.empty() || desk.study().picture(side).empty() || unitOn(desk, side))
        return std::nullopt;
    using Eye = std::array<Mark, 2>;
    std::array<Eye, 2> eyes{{{Mark::InnerEyeL, Mark::OuterEyeL}, {Mark::InnerEyeR, Mark::OuterEyeR}}};
    // The one that is wider on the photograph, or would be, is nearer.
    const auto width = [&](const Eye& eye) {
        const MarkSheet& seen = desk.study().marks(Side::Reference);
        if (const auto a = seen.seen(eye[0]), b = seen.seen(eye[1]); a && b)
            return (*a - *b).norm();
        const auto& fit = desk.fit();
        return fit ? (fit->view.project(fit->head[eye[0]]) - fit->view.project(fit->head[eye[1]])).norm() : 0.0;
    };
    std::stable_sort(eyes.begin(), eyes.end(), [&](const Eye& a, const Eye& b) { return width(a) > width(b); });
    const auto& marks = desk.study().marks(side).marks;
    for (const Eye& eye : eyes) {
        const auto isHidden = [&](Mark m) { return marks[m] && !marks[m]->usable(); };
        if (std::any_of(eye.begin(), eye.end(), isHidden))
            continue;
        for (Mark corner : eye)
            if (!marks[corner])
                return corner;
    }
    return std::nullopt;
}

std::optional<OpenPlace> openPlace(const Desk& desk, Side side) {
    if (const auto corner = missingUnitCorner(desk, side)) {
        OpenPlace open;
        open.corner = corner;
        if (side == Side::Sketch) {
            if (const auto at = expectedMarks(desk)[*corner])
                open.expected = *at;
        } else if (const auto& fit = desk.fit()) {
            open.expected = fit->view.project(fit->head[*corner]);
        }
        return open;
    }
    if (const auto end = openEnd(desk, side))
        return OpenPlace{std::nullopt, end->measure, end->end, end->expected};
    return std::nullopt;
}

void setOpenPlace(Desk& desk, Side side, const PicturePoint& at) {
    if (const auto corner = missingUnitCorner(desk, side))
        placeMark(desk, side, *corner, at);
    else
        setOpenEnd(desk, side, at);
}

std::optional<Reading> readingOn(const Desk& desk, const Measurement& measurement, Side side) {
    const auto unit = unitEndsOn(desk, side);
    if (!unit || desk.study().picture(side).empty())
        return std::nullopt;
    MeasureContext ground;
    for (const Anchor& anchor : measurement.anchors) {
        const auto at = placeOf(desk, anchor, measurement.onSketch, side);
        if (!at)
            return std::nullopt;
        ground.ends.push_back(*at);
    }
    const MarkSheet& marks = desk.study().marks(side);
    ground.unit = {lengthOf(*unit)};
    ground.unitEnds = unit;
    ground.noise = marks.noiseOrDefault();
    ground.width = marks.width;
    ground.height = marks.height;
    ground.marks = &marks;
    if (side == Side::Reference && desk.fit()) {
        ground.view = desk.fit()->view;
        ground.head = &desk.fit()->head;
    } else if (side == Side::Sketch && desk.comparison()) {
        ground.view = desk.comparison()->sketchView;
        ground.head = &desk.comparison()->sitter;
    }
    try {
        return read(measureKindNamed(measurement.kind), ground);
    } catch (const BadInput&) {
        return std::nullopt; // ends that fall together here
    }
}

void putEnd(Desk& desk, Side side, Anchor anchor) {
    if (openEnd(desk, side))
        return setOpenEnd(desk, side,
                          anchor.mark ? desk.study().marks(side).seen(*anchor.mark).value_or(anchor.at) : anchor.at);
    Measurement laid = desk.selection.measuring.current();
    const bool sketch = side == Side::Sketch;
    if (sketch && !anchor.mark)
        anchor.sketch = desk.study().current;
    if (!laid.anchors.empty() && laid.onSketch != sketch)
        laid.anchors.clear(); // begun on the other sheet: begun anew here
    laid.onSketch = sketch;
    const MeasureKind& kind = measureKindNamed(laid.kind);
    if (continuesLine(kind, laid.anchors.size()) && laid.anchors.back() == anchor)
        return; // a second click on the same place
    laid.anchors.push_back(anchor);
    const bool whole = kind.ends > 0 && laid.anchors.size() == kind.ends;
    if (!whole) {
        desk.selection.measuring.setCurrent(laid);
        return;
    }
    layWhole(desk, laid);
}

void layWhole(Desk& desk, const Measurement& measurement) {
    const MeasureKind& kind = measureKindNamed(measurement.kind);
    const int index = static_cast<int>(desk.study().measures.size());
    desk.selection.measuring.setCurrent({measurement.kind, {}, false});
    if (desk.selection.measuring.guessesFirst() && kind.guessable)
        desk.selection.measuring.awaitGuess(index);
    desk.document.edit(tr("Measure: %1").arg(qt(learnersTranslator().say(kind.name))), {},
                       [&](Study& s) { s.measures.push_back(measurement); });
    desk.selection.measuring.select(index);
}

std::optional<Measurement> nextMeasurement(const Desk& desk) {
    const auto here = [&](const Measurement& m) { return readingOn(desk, m, Side::Reference); };
    if (desk.comparison())
        return nextBestMeasurement(desk.study().measures, here,
                           [&](const Measurement& m) { return readingOn(desk, m, Side::Sketch); });
    return nextBestMeasurement(desk.study().measures, here, readOnStraightHead);
}

void guessNumber(Desk& desk, std::size_t index, std::optional<double> guess) {
    desk.selection.measuring.awaitGuess(-1);
    if (guess && index < desk.study().measures.size())
        desk.document.edit(tr("Guess a number"), {},
                           [&](Study& s) { s.measures[index].guessed = guess; });
}

void nameMeasurement(Desk& desk, std::size_t index, const std::string& name) {
    if (index < desk.study().measures.size())
        desk.document.edit(tr("Name a measurement"), QString("name %1").arg(index),
                           [&](Study& s) { s.measures[index].name = name; });
}

void closeShape(Desk& desk) {
    const Measurement laid = desk.selection.measuring.current();
    desk.selection.measuring.setCurrent({laid.kind, {}, false});
    const MeasureKind& kind = measureKindNamed(laid.kind);
    if (kind.ends == 0 && laid.anchors.size() > 2)
        layWhole(desk, laid);
}

void removeMeasurement(Desk& desk, std::size_t index) {
    desk.selection.measuring.awaitGuess(-1);
    desk.document.edit(tr("Take a measurement away"), {}, [&](Study& s) {
        if (index < s.measures.size())
            s.measures.erase(s.measures.begin() + static_cast<std::ptrdiff_t>(index));
    });
}

void makeUnit(Desk& desk, std::size_t index) {
    if (index >= desk.study().measures.size())
        return;
    const Measurement& m = desk.study().measures[index];
    if (m.anchors.size() < 2)
        return;
    // A unit is kept as it lies on the reference, also one that was laid on the sketch.
    std::vector<Anchor> ends(m.anchors.begin(), m.anchors.begin() + 2);
    for (Anchor& end : ends)
        if (!end.mark && m.onSketch) {
            if (!end.elsewhere) {
                emit desk.document.troubled(tr("Set its ends on the photograph first; then it can be the unit on both."));
                return;
            }
            std::swap(end.at, *end.elsewhere);
        }
    desk.document.edit(tr("Choose the unit"), {}, [&](Study& s) { s.unit = ends; });
}

void usualUnit(Desk& desk) {
    desk.document.edit(tr("The eye as the unit"), {}, [](Study& s) { s.unit.clear(); });
}

} // namespace zokran
