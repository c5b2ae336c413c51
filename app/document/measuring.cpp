#include "app/document/measuring.h"

#include "app/document/marking.h"
#include "app/text/messages.h"
#include "core/base/errors.h"
#include "core/measure/next_best_measurement.h"

#include <algorithm>

namespace zokran {

namespace {

/// Whether the end's place on the sketch is one of the sketch that lies on the bench.
bool isOnThisSketch(const OpenStudy& opened, const Anchor& anchor) {
    return anchor.sketch.value_or(0) == opened.study().current;
}

} // namespace

std::optional<PicturePoint> placeOf(const OpenStudy& opened, const Anchor& anchor, bool onSketch,
                                    Side side) {
    if (anchor.mark)
        return opened.study().marks(side).seen(*anchor.mark);
    if (side == Side::Sketch && !isOnThisSketch(opened, anchor))
        return std::nullopt;
    return (side == Side::Sketch) == onSketch ? std::optional(anchor.at) : anchor.elsewhere;
}

std::optional<PicturePoint> expectedPlaceOf(const OpenStudy& opened, const Anchor& anchor, bool onSketch, Side side) {
    const auto other = placeOf(opened, anchor, onSketch, side == Side::Reference ? Side::Sketch : Side::Reference);
    if (!other || !opened.comparison())
        return std::nullopt;
    const Similarity& laid = opened.comparison()->registration;
    if (side == Side::Sketch)
        return laid(*other);
    // Back from the sketch: the similarity undone.
    const PicturePoint shifted = (*other - laid.shift) / laid.scale;
    const double c = cos(laid.rotation), s = sin(laid.rotation);
    return PicturePoint(c * shifted.x() + s * shifted.y(), -s * shifted.x() + c * shifted.y());
}

std::optional<OpenEnd> openEnd(const OpenStudy& opened, Side side) {
    const int index = opened.selection.measuring.selected();
    if (index < 0 || index >= static_cast<int>(opened.study().measures.size()) ||
        index == opened.selection.measuring.awaitingGuess() || opened.study().picture(side).empty() ||
        !opened.selection.measuring.current().anchors.empty())
        return std::nullopt;
    const Measurement& m = opened.study().measures[static_cast<std::size_t>(index)];
    const Side other = side == Side::Reference ? Side::Sketch : Side::Reference;
    for (std::size_t i = 0; i < m.anchors.size(); ++i)
        if (const Anchor& a = m.anchors[i];
            !a.mark && !placeOf(opened, a, m.onSketch, side) && placeOf(opened, a, m.onSketch, other))
            return OpenEnd{static_cast<std::size_t>(index), i, expectedPlaceOf(opened, a, m.onSketch, side)};
    return std::nullopt;
}

void setOpenEnd(OpenStudy& opened, Side side, const PicturePoint& at) {
    const auto open = openEnd(opened, side);
    if (!open)
        return;
    opened.document.edit(tr("Set an end of a measurement"), {}, [&](Study& s) {
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
std::optional<Ends> unitEndsOn(const OpenStudy& opened, Side side) {
    if (const auto& unit = opened.study().unit; unit.size() == 2) {
        const auto a = placeOf(opened, unit[0], false, side), b = placeOf(opened, unit[1], false, side);
        // Another unit on this sheet than on the other would make a false verdict.
        return a && b && lengthOf({*a, *b}) > 1 ? std::optional(Ends{*a, *b}) : std::nullopt;
    }
    const MarkSheet& marks = opened.study().marks(side);
    std::optional<Ends> nearer;
    for (const auto& [inner, outer] : {std::pair{Mark::InnerEyeL, Mark::OuterEyeL},
                                       {Mark::InnerEyeR, Mark::OuterEyeR}})
        if (const auto a = marks.seen(inner), b = marks.seen(outer);
            a && b && lengthOf({*a, *b}) > (nearer ? lengthOf(*nearer) : 1))
            nearer = Ends{*a, *b};
    return nearer;
}

} // namespace

std::optional<Pixels> unitOn(const OpenStudy& opened, Side side) {
    const auto ends = unitEndsOn(opened, side);
    return ends ? std::optional(Pixels{lengthOf(*ends)}) : std::nullopt;
}

std::optional<Mark> missingUnitCorner(const OpenStudy& opened, Side side) {
    if (!opened.study().unit.empty() || opened.study().picture(side).empty() || unitOn(opened, side))
        return std::nullopt;
    using Eye = std::array<Mark, 2>;
    std::array<Eye, 2> eyes{{{Mark::InnerEyeL, Mark::OuterEyeL}, {Mark::InnerEyeR, Mark::OuterEyeR}}};
    // The one that is wider on the photograph, or would be, is nearer.
    const auto width = [&](const Eye& eye) {
        const MarkSheet& seen = opened.study().marks(Side::Reference);
        if (const auto a = seen.seen(eye[0]), b = seen.seen(eye[1]); a && b)
            return (*a - *b).norm();
        const auto& fit = opened.fit();
        return fit ? (fit->view.project(fit->head[eye[0]]) - fit->view.project(fit->head[eye[1]])).norm() : 0.0;
    };
    std::stable_sort(eyes.begin(), eyes.end(), [&](const Eye& a, const Eye& b) { return width(a) > width(b); });
    const auto& marks = opened.study().marks(side).marks;
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

std::optional<OpenPlace> openPlace(const OpenStudy& opened, Side side) {
    if (const auto corner = missingUnitCorner(opened, side)) {
        OpenPlace open;
        open.corner = corner;
        if (side == Side::Sketch) {
            if (const auto at = expectedMarks(opened)[*corner])
                open.expected = *at;
        } else if (const auto& fit = opened.fit()) {
            open.expected = fit->view.project(fit->head[*corner]);
        }
        return open;
    }
    if (const auto end = openEnd(opened, side))
        return OpenPlace{std::nullopt, end->measure, end->end, end->expected};
    return std::nullopt;
}

void setOpenPlace(OpenStudy& opened, Side side, const PicturePoint& at) {
    if (const auto corner = missingUnitCorner(opened, side))
        placeMark(opened, side, *corner, at);
    else
        setOpenEnd(opened, side, at);
}

std::optional<Reading> readingOn(const OpenStudy& opened, const Measurement& measurement, Side side) {
    const auto unit = unitEndsOn(opened, side);
    if (!unit || opened.study().picture(side).empty())
        return std::nullopt;
    MeasureContext ground;
    for (const Anchor& anchor : measurement.anchors) {
        const auto at = placeOf(opened, anchor, measurement.onSketch, side);
        if (!at)
            return std::nullopt;
        ground.ends.push_back(*at);
    }
    const MarkSheet& marks = opened.study().marks(side);
    ground.unit = {lengthOf(*unit)};
    ground.unitEnds = unit;
    ground.noise = marks.noiseOrDefault();
    ground.width = marks.width;
    ground.height = marks.height;
    ground.marks = &marks;
    if (side == Side::Reference && opened.fit()) {
        ground.view = opened.fit()->view;
        ground.head = &opened.fit()->head;
    } else if (side == Side::Sketch && opened.comparison()) {
        ground.view = opened.comparison()->sketchView;
        ground.head = &opened.comparison()->sitter;
    }
    try {
        return read(measureKindNamed(measurement.kind), ground);
    } catch (const BadInput&) {
        return std::nullopt; // ends that fall together here
    }
}

void putEnd(OpenStudy& opened, Side side, Anchor anchor) {
    if (openEnd(opened, side))
        return setOpenEnd(opened, side,
                          anchor.mark ? opened.study().marks(side).seen(*anchor.mark).value_or(anchor.at) : anchor.at);
    Measurement laid = opened.selection.measuring.current();
    const bool sketch = side == Side::Sketch;
    if (sketch && !anchor.mark)
        anchor.sketch = opened.study().current;
    if (!laid.anchors.empty() && laid.onSketch != sketch)
        laid.anchors.clear(); // begun on the other sheet: begun anew here
    laid.onSketch = sketch;
    const MeasureKind& kind = measureKindNamed(laid.kind);
    if (continuesLine(kind, laid.anchors.size()) && laid.anchors.back() == anchor)
        return; // a second click on the same place
    laid.anchors.push_back(anchor);
    const bool whole = kind.ends > 0 && laid.anchors.size() == kind.ends;
    if (!whole) {
        opened.selection.measuring.setCurrent(laid);
        return;
    }
    layWhole(opened, laid);
}

void layWhole(OpenStudy& opened, const Measurement& measurement) {
    const MeasureKind& kind = measureKindNamed(measurement.kind);
    const int index = static_cast<int>(opened.study().measures.size());
    opened.selection.measuring.setCurrent({measurement.kind, {}, false});
    if (opened.selection.measuring.guessesFirst() && kind.guessable)
        opened.selection.measuring.awaitGuess(index);
    opened.document.edit(tr("Measure: %1").arg(qt(learnersTranslator().say(kind.name))), {},
                       [&](Study& s) { s.measures.push_back(measurement); });
    opened.selection.measuring.select(index);
}

std::optional<Measurement> nextMeasurement(const OpenStudy& opened) {
    const auto here = [&](const Measurement& m) { return readingOn(opened, m, Side::Reference); };
    if (opened.comparison())
        return nextBestMeasurement(opened.study().measures, here,
                           [&](const Measurement& m) { return readingOn(opened, m, Side::Sketch); });
    return nextBestMeasurement(opened.study().measures, here, readOnStraightHead);
}

void guessNumber(OpenStudy& opened, std::size_t index, std::optional<double> guess) {
    opened.selection.measuring.awaitGuess(-1);
    if (guess && index < opened.study().measures.size())
        opened.document.edit(tr("Guess a number"), {},
                           [&](Study& s) { s.measures[index].guessed = guess; });
}

void nameMeasurement(OpenStudy& opened, std::size_t index, const std::string& name) {
    if (index < opened.study().measures.size())
        opened.document.edit(tr("Name a measurement"), QString("name %1").arg(index),
                           [&](Study& s) { s.measures[index].name = name; });
}

void closeShape(OpenStudy& opened) {
    const Measurement laid = opened.selection.measuring.current();
    opened.selection.measuring.setCurrent({laid.kind, {}, false});
    const MeasureKind& kind = measureKindNamed(laid.kind);
    if (kind.ends == 0 && laid.anchors.size() > 2)
        layWhole(opened, laid);
}

void removeMeasurement(OpenStudy& opened, std::size_t index) {
    opened.selection.measuring.awaitGuess(-1);
    opened.document.edit(tr("Take a measurement away"), {}, [&](Study& s) {
        if (index < s.measures.size())
            s.measures.erase(s.measures.begin() + static_cast<std::ptrdiff_t>(index));
    });
}

void makeUnit(OpenStudy& opened, std::size_t index) {
    if (index >= opened.study().measures.size())
        return;
    const Measurement& m = opened.study().measures[index];
    if (m.anchors.size() < 2)
        return;
    // A unit is kept as it lies on the reference, also one that was laid on the sketch.
    std::vector<Anchor> ends(m.anchors.begin(), m.anchors.begin() + 2);
    for (Anchor& end : ends)
        if (!end.mark && m.onSketch) {
            if (!end.elsewhere) {
                emit opened.document.troubled(tr("Set its ends on the photograph first; then it can be the unit on both."));
                return;
            }
            std::swap(end.at, *end.elsewhere);
        }
    opened.document.edit(tr("Choose the unit"), {}, [&](Study& s) { s.unit = ends; });
}

void usualUnit(OpenStudy& opened) {
    opened.document.edit(tr("The eye as the unit"), {}, [](Study& s) { s.unit.clear(); });
}

} // namespace zokran
