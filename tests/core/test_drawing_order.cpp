// The form put down stroke by stroke, and saved as a moving drawing.

#include "core/construction/drawing_order.h"
#include "core/construction/forms.h"
#include "core/files/guides_file.h"
#include "core/fit/fit.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>
#include <regex>

using namespace zokran;
using namespace zokran::test;

namespace {

struct PutForm {
    View view;
    std::vector<GuideLine> lines;
    std::vector<StrokeTime> strokes;
};

/// A form on the first of the faces found in photographs of people.
PutForm laidForm(const FormKind& form) {
    const Fit fit = fitHead(PhotoMarks(realFaces().front()));
    std::vector<GuideLine> lines = construct(form, std::nullopt, fit.head)->lines(fit.view);
    auto strokes = drawingOrder(lines, fit.view.outlineRadius());
    return {fit.view, std::move(lines), std::move(strokes)};
}

double inkLengthOf(const std::vector<GuideLine>& lines) {
    double length = 0;
    for (const GuideLine& line : lines)
        for (std::size_t i = 1; i < line.points.size(); ++i)
            length += (line.points[i] - line.points[i - 1]).norm();
    return length;
}

} // namespace

TEST_CASE("Every form is put down step by step, one stroke at a time, until all of it stands there") {
    for (const FormKind* form : forms()) {
        INFO(form->id);
        const PutForm put = laidForm(*form);
        REQUIRE(put.strokes.size() > 3);
        for (std::size_t i = 1; i < put.strokes.size(); ++i) {
            CHECK(put.strokes[i].begin > put.strokes[i - 1].end);
            CHECK(put.strokes[i].step >= put.strokes[i - 1].step);
        }
        CHECK(put.strokes.front().begin > 0);
        CHECK(put.strokes.back().end == Approx(1));
        CHECK(linesAt(put.lines, put.strokes, 0).empty());
        CHECK(inkLengthOf(linesAt(put.lines, put.strokes, 1)) == Approx(inkLengthOf(put.lines)));
        double before = 0;
        for (int k = 1; k <= 50; ++k) {
            const double now = inkLengthOf(linesAt(put.lines, put.strokes, k / 50.0));
            CHECK(now >= before - 1e-6);
            before = now;
        }
    }
}

TEST_CASE("A stroke half put down is half as long, and for whom nothing is to move it is there at once") {
    const PutForm ball = laidForm(ballKind);
    const StrokeTime& third = ball.strokes[2];
    const double half = (third.begin + third.end) / 2;
    const auto growing = linesAt(ball.lines, ball.strokes, half), whole = linesAt(ball.lines, ball.strokes, half, true);
    REQUIRE(growing.size() == 3);
    REQUIRE(whole.size() == 3);
    const GuideLine& line = ball.lines[third.line];
    CHECK(inkLengthOf({growing.back()}) == Approx(inkLengthOf({line}) / 2).epsilon(1e-6));
    CHECK(inkLengthOf({whole.back()}) == Approx(inkLengthOf({line})));
    if (!line.weights.empty())
        CHECK(growing.back().weights.size() == growing.back().points.size());
}

TEST_CASE("A moving drawing holds every stroke with its time, and the steps' words in turn") {
    const PutForm ball = laidForm(ballKind);
    std::vector<std::string> steps;
    for (const FormStep& step : ballKind.steps)
        steps.push_back(std::string(step.words) + " <&>");
    const std::string svg = movingGuidesSvg(ball.lines, ball.view.outlineRadius(), steps, 800, 800, 60);
    const std::regex stroke("<polyline[^>]*animation-delay: ([0-9.]+)s; animation-duration: ([0-9.]+)s");
    double last = -1, end = 0;
    std::size_t count = 0;
    for (std::sregex_iterator it(svg.begin(), svg.end(), stroke); it != std::sregex_iterator(); ++it, ++count) {
        const double delay = std::stod((*it)[1]);
        CHECK(delay >= last);
        last = delay;
        end = delay + std::stod((*it)[2]);
    }
    CHECK(count == ball.strokes.size());
    CHECK(end == Approx(60).margin(0.02));
    const std::regex word("<text ");
    CHECK(std::distance(std::sregex_iterator(svg.begin(), svg.end(), word), std::sregex_iterator()) ==
          static_cast<long>(steps.size()));
    CHECK(svg.find("&lt;&amp;") != std::string::npos);
    CHECK(svg.find("<&") == std::string::npos);
    CHECK(svg.find("prefers-reduced-motion") != std::string::npos);
    CHECK(svg.find("<script") == std::string::npos);
}
