// The ways of measuring: against plain arithmetic in complex numbers, their doubt against the scatter of
// shaken ends.

#include "core/files/measures_file.h"
#include "core/measure/kinds.h"
#include "core/measure/next_best_measurement.h"
#include "core/messages/mark_messages.h"
#include "core/messages/measure_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <complex>

using namespace zokran;
using namespace zokran::test;

namespace {

using Complex = std::complex<double>;
Complex z(const PicturePoint& p) {
    return {p.x(), -p.y()}; // up is up
}
double inDegrees(double radians) {
    return radians * 180 / std::numbers::pi;
}

MeasureContext ground(std::vector<PicturePoint> ends) {
    MeasureContext g;
    g.ends = std::move(ends);
    g.unit = {40};
    g.noise = {1.5};
    g.width = 800;
    g.height = 1000;
    return g;
}

} // namespace

TEST_CASE("Every way of measuring gives the number that arithmetic gives") {
    Random random(3);
    for (int i = 0; i < 60; ++i) {
        std::vector<PicturePoint> p;
        for (int k = 0; k < 4; ++k)
            p.emplace_back(random.between(100, 700), random.between(100, 900));
        const Complex a = z(p[0]), b = z(p[1]), c = z(p[2]), d = z(p[3]);
        CHECK(read(stickKind, ground({p[0], p[1]})).value == Approx(std::abs(b - a) / 40));
        // Against level, whichever end is first.
        double slope = inDegrees(std::arg(b - a));
        slope += slope > 90 ? -180 : slope <= -90 ? 180 : 0;
        CHECK(read(angleKind, ground({p[0], p[1]})).value == Approx(slope));
        CHECK(read(angleKind, ground({p[1], p[0]})).value == Approx(slope));
        double between = std::abs(inDegrees(std::arg((b - a) / (d - c))));
        between = std::min(between, 180 - between);
        CHECK(read(anglesKind, ground({p[0], p[1], p[2], p[3]})).value == Approx(between).margin(1e-6));
        CHECK(read(ratioKind, ground({p[0], p[1], p[2], p[3]})).value ==
              Approx(std::abs(b - a) / std::abs(d - c)));
        CHECK(read(triangleKind, ground({p[0], p[1], p[2]})).value ==
              Approx(std::abs(inDegrees(std::arg((c - a) / (b - a))))).margin(1e-6));
        // The shoelace formula, as complex numbers have it.
        const double area = std::abs((std::conj(a) * b + std::conj(b) * c + std::conj(c) * a).imag()) / 2;
        CHECK(read(shapeKind, ground({p[0], p[1], p[2]})).value == Approx(area / 1600));
    }
}

TEST_CASE("A unit stick counts its units along itself") {
    const Reading r = read(stickKind, ground({{100, 500}, {240, 500}})); // three and a half
    CHECK(r.value == Approx(3.5));
    REQUIRE(r.numbers.size() == 3);
    for (int i = 0; i < 3; ++i) {
        CHECK(r.numbers[static_cast<std::size_t>(i)].text == std::to_string(i + 1));
        CHECK(r.numbers[static_cast<std::size_t>(i)].at.x() == Approx(100 + 40 * (i + 1)));
    }
    CHECK(r.lines.size() == 1 + 8 + 7); // itself, a tick at each half from 0 to 3.5, a dash at each third between
    for (std::size_t i = 9; i < r.lines.size(); ++i) {
        const double thirds = 3 * (r.lines[i][0].x() - 100) / 40;
        CHECK(thirds == Approx(std::round(thirds)));
        CHECK(static_cast<int>(std::lround(thirds)) % 3 != 0);
    }
}

TEST_CASE("Lines tell what they pass, nearest first, and end at the picture's edge") {
    const View view = viewAt(pose(0, 0, 0));
    const MarkSheet marks = sheetOf(adultHeads().mean, view);
    MeasureContext g = ground({*marks.seen(Mark::InnerEyeL)});
    g.width = g.height = 1000;
    g.marks = &marks;
    const Reading plumb = read(plumbKind, g);
    REQUIRE_FALSE(plumb.clearances.empty());
    double last = 0;
    for (const Clearance& pass : plumb.clearances) {
        const double off = (marks.seen(pass.mark)->x() - g.ends[0].x()) / 40;
        CHECK(std::abs(pass.by) == Approx(std::abs(off)));
        CHECK(std::abs(pass.by) >= last);
        last = std::abs(pass.by);
        CHECK(pass.mark != Mark::InnerEyeL);
    }
    CHECK(plumb.lines[0][0].y() == Approx(0));
    CHECK(plumb.lines[0][1].y() == Approx(1000));
    const Reading level = read(levelKind, g);
    CHECK(std::any_of(level.clearances.begin(), level.clearances.end(),
                      [](const Clearance& p) { return p.mark == Mark::InnerEyeR; }));
    g.ends = {*marks.seen(Mark::Brow), *marks.seen(Mark::NoseBase)};
    const Reading on = read(prolongKind, g);
    CHECK(std::any_of(on.clearances.begin(), on.clearances.end(), [](const Clearance& p) {
        return p.mark == Mark::Chin && std::abs(p.by) < 0.3; // from the front the chin lies under them
    }));
    CHECK(passWords(on).find(wordsFor(on.clearances.front().mark)) != std::string::npos);
}

TEST_CASE("A mark carried over the centre line lands where the head's other half has it") {
    HeadMarks head = adultHeads().mean;
    const View view = viewAt(pose(25, 8, -5));
    MeasureContext g = ground({view.project(head[Mark::OuterEyeR])});
    g.view = view;
    g.head = &head;
    const Reading r = read(mirrorKind, g);
    const HeadPoint twin(-head[Mark::OuterEyeR].x(), head[Mark::OuterEyeR].y(),
                         head[Mark::OuterEyeR].z());
    CHECK((r.lines[0].back() - view.project(twin)).norm() < 1e-6);
}

TEST_CASE("The doubt of a measurement is the scatter of shaken ends") {
    Random random(9);
    const std::vector<PicturePoint> ends{{200, 300}, {420, 360}, {260, 700}, {500, 640}};
    for (const MeasureKind* kind : measureKinds()) {
        if (kind == &levelKind || kind == &plumbKind || kind == &prolongKind || kind == &mirrorKind ||
            kind == &doubleKind || kind == &fiveEyesKind)
            continue; // their numbers hang on marks
        const std::size_t n = kind->ends ? kind->ends : 4;
        const std::vector<PicturePoint> used(ends.begin(), ends.begin() + static_cast<long>(n));
        const Reading r = read(*kind, ground(used));
        int within = 0;
        constexpr int tries = 1500;
        for (int i = 0; i < tries; ++i) {
            std::vector<PicturePoint> shaken = used;
            for (PicturePoint& p : shaken)
                p += PicturePoint(random.normal(1.5), random.normal(1.5));
            within += std::abs(kind->read(ground(shaken)).value - r.value) < 2 * r.sigma;
        }
        INFO(kind->id << ": " << 100.0 * within / tries << " in 100 within two of them");
        CHECK(within > 0.93 * tries);
        CHECK(within < 0.975 * tries);
    }
}

TEST_CASE("Readings are told with unit and doubt, and set against one another") {
    Reading seen, drawn;
    seen.value = 2.5;
    seen.sigma = 0.04;
    drawn = seen;
    drawn.value = 2.8;
    CHECK(numberWords(seen) == "2.50 eyes ± 0.04");
    CHECK(differenceWords(seen, drawn) == "Yours is 12 % longer.");
    CHECK(differenceWords(seen, drawn, Millimetres{20}) == "Yours is 12 % longer, 6 mm.");
    CHECK(differenceWords(drawn, seen).find("shorter") != std::string::npos);
    drawn.value = 2.55;
    CHECK(differenceWords(seen, drawn).find("agrees") != std::string::npos);
    seen.unit = drawn.unit = ReadingUnit::Angle;
    seen.value = -0.2;
    drawn.value = 9;
    CHECK(numberWords(seen) == "0° ± 1°");
    CHECK(differenceWords(seen, drawn) == "Yours is 9° more.");
}

TEST_CASE("Measurements come back from their file, and nonsense is refused") {
    const std::vector<Measurement> measures{
        {"stick", {{Mark::Brow, {0, 0}}, {std::nullopt, {12.25, 700}}}, true},
        {"plumb", {{Mark::Chin, {0, 0}}}, false}};
    CHECK(parseMeasures(measuresText(measures), "x") == measures);
    const std::string head = R"({"format":"zokran-measures","version":1,"measures":[)";
    for (const char* bad :
         {R"({"kind":"stick"})", R"({"kind":"elbow","on":"sketch","ends":[]})",
          R"({"kind":"stick","on":"sketch","ends":["elbow"]})",
          R"({"kind":"stick","on":"sketch","ends":[[1e300,2]]})",
          R"({"kind":"stick","on":"sketch","ends":[[1]]})"})
        CHECK_THROWS_AS(parseMeasures(head + bad + "]}", "x"), BadInput);
    CHECK_THROWS_AS(read(stickKind, ground({{1, 1}})), BadInput);
    CHECK_THROWS_AS(read(stickKind, ground({{1, 1}, {1, 1}})), BadInput);
    CHECK_THROWS_WITH(measureKindNamed("elbow"), Catch::Contains("stick"));
}

TEST_CASE("What is worth measuring next is what differs most, and nothing where all agrees") {
    const auto reading = [](double value, ReadingUnit unit) {
        Reading r;
        r.value = value;
        r.sigma = 0.01;
        r.unit = unit;
        return r;
    };
    const auto all = [&](const Measurement& m) -> std::optional<Reading> {
        return reading(m.kind == "angle" ? 5 : 1, m.kind == "angle" ? ReadingUnit::Angle : ReadingUnit::Share);
    };
    CHECK_FALSE(nextBestMeasurement({}, all, all));
    // One ratio is a fifth out, one angle twenty degrees.
    const auto there = [&](const Measurement& m) -> std::optional<Reading> {
        auto r = all(m);
        if (m.kind == "ratio" && m.anchors[0].mark == Mark::NoseBase)
            r->value = 1.2;
        if (m.kind == "angle" && m.anchors[0].mark == Mark::OuterEyeR)
            r->value = 25;
        return r;
    };
    std::vector<Measurement> laid;
    const auto first = nextBestMeasurement(laid, all, there);
    REQUIRE(first);
    CHECK(first->kind == "angle");
    laid.push_back(*first);
    const auto second = nextBestMeasurement(laid, all, there);
    REQUIRE(second);
    CHECK(second->kind == "ratio");
    laid.push_back(*second);
    CHECK_FALSE(nextBestMeasurement(laid, all, there));
    // A straight head's eye axis is level, and its two eyes are as wide as one another.
    const auto level = readOnStraightHead({"angle", {{Mark::OuterEyeR, {0, 0}}, {Mark::OuterEyeL, {0, 0}}}, false});
    REQUIRE(level);
    CHECK(level->value == Approx(0).margin(1e-6));
    CHECK_FALSE(readOnStraightHead({"stick", {{std::nullopt, {1, 2}}, {Mark::Chin, {0, 0}}}, false}));
}

TEST_CASE("A guess is answered with what it missed by") {
    Reading r;
    r.value = 5;
    r.sigma = 0.05;
    CHECK(guessedWords(4.5, r) == "You said 4.50; it is 5.00 eyes ± 0.05: 10 % too little.");
    CHECK(guessedWords(5.1, r) == "You said 5.10; it is 5.00 eyes ± 0.05. Well seen.");
    r.unit = ReadingUnit::Angle;
    r.value = 12;
    CHECK(guessedWords(20, r) == "You said 20; it is 12° ± 1°: 8° too much.");
}
