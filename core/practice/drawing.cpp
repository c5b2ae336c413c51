#include "core/practice/drawing.h"

#include "core/base/errors.h"
#include "core/base/quantity_text.h"

#include <cmath>
#include <fmt/format.h>
#include <sstream>

namespace zokran {

std::optional<double> Drawing::distance() const {
    double sum = 0;
    int count = 0;
    for (int i = 0; i < markCount; ++i)
        if (const auto& o = off[markAt(i)]) {
            sum += std::hypot(o->up, o->across);
            ++count;
        }
    return count > 0 ? std::optional(sum / count) : std::nullopt;
}

Drawing drawingOf(const Comparison& c) {
    Drawing drawing;
    drawing.seen = c.referencePose;
    drawing.asDrawn = c.sketchPose;
    for (int i = 0; i < markCount; ++i)
        if (const auto& p = c.placements[markAt(i)])
            drawing.off[markAt(i)] = Drawing::Off{p->up, p->across};
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& p = c.expressionPlacements[expressionMarkAt(i)])
            drawing.expressionOff[expressionMarkAt(i)] = Drawing::Off{p->up, p->across};
    for (const Finding& f : c.findings)
        if (f.severity == Severity::Fix) {
            if (drawing.toMend.empty())
                drawing.firstPart = partOf(f);
            drawing.toMend.push_back(f.id);
        }
    return drawing;
}

std::string figuresText(const Drawing& d) {
    std::string text = fmt::format("{:.5f} {:.5f} {:.5f} {:.5f} {:.5f} {:.5f}", d.seen.turn, d.seen.tilt, d.seen.lean,
                                   d.asDrawn.turn, d.asDrawn.tilt, d.asDrawn.lean);
    for (int i = 0; i < markCount; ++i)
        if (const auto& o = d.off[markAt(i)])
            text += fmt::format(" {} {:.3f} {:.3f}", idOf(markAt(i)), o->up, o->across);
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& o = d.expressionOff[expressionMarkAt(i)])
            text += fmt::format(" {} {:.3f} {:.3f}", idOf(expressionMarkAt(i)), o->up, o->across);
    text += fmt::format(" ; {}", d.firstPart ? idOf(*d.firstPart) : "-");
    for (const std::string& id : d.toMend)
        text += " " + id;
    return text;
}

Drawing parseFigures(const std::string& text) {
    std::istringstream in(text);
    Drawing d;
    for (Radians* angle : {&d.seen.turn, &d.seen.tilt, &d.seen.lean, &d.asDrawn.turn, &d.asDrawn.tilt,
                           &d.asDrawn.lean})
        if (!(in >> angle->value) || !std::isfinite(angle->value))
            throw BadInput("these are no figures of a drawing");
    std::string word;
    while (in >> word && word != ";") {
        const auto mark = markNamed(word);
        const auto expression = expressionMarkNamed(word);
        Drawing::Off off;
        if (!(mark || expression) || !(in >> off.up >> off.across))
            throw BadInput("these are no figures of a drawing");
        (mark ? d.off[*mark] : d.expressionOff[*expression]) = off;
    }
    if (in >> word)
        d.firstPart = partNamed(word);
    while (in >> word)
        d.toMend.push_back(word);
    return d;
}

} // namespace zokran
