// Measuring with a pencil, against plane geometry written out by hand and against simulation.

#include "core/construction/lines.h"
#include "core/measure/kinds.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

MarkSheet placed(const std::vector<std::pair<Mark, PicturePoint>>& marks, double noise = 2) {
    MarkSheet sheet;
    sheet.width = sheet.height = 1000;
    sheet.noise = Pixels{noise};
    for (const auto& [m, at] : marks)
        sheet.marks[m] = PlacedMark{at};
    return sheet;
}

/// A 3-4-5 triangle with its right angle at the brow.
MarkSheet triangle() {
    return placed({{Brow, {100, 100}}, {Chin, {100, 500}}, {NoseTip, {400, 100}}});
}

/// A measurement between marks, in px or in a unit.
Reading reading(const MeasureKind& kind, const MarkSheet& sheet, const std::vector<Mark>& ends,
                const std::vector<Mark>& unit = {}) {
    MeasureContext g;
    for (Mark m : ends)
        g.ends.push_back(*sheet.seen(m));
    g.unit = {1};
    if (!unit.empty()) {
        g.unitEnds = {*sheet.seen(unit[0]), *sheet.seen(unit[1])};
        g.unit = {((*g.unitEnds)[1] - (*g.unitEnds)[0]).norm()};
    }
    g.noise = sheet.noiseOrDefault();
    g.width = sheet.width;
    g.height = sheet.height;
    g.marks = &sheet;
    return read(kind, g);
}

const Clearance& passOf(const Reading& r, Mark mark) {
    return *std::find_if(r.clearances.begin(), r.clearances.end(), [&](const Clearance& p) { return p.mark == mark; });
}

} // namespace

TEST_CASE("Ratios, lengths and angles of a right triangle are Euclid's") {
    const MarkSheet t = triangle();
    CHECK(reading(ratioKind, t, {Brow, Chin, Brow, NoseTip}).value == Approx(4.0 / 3));
    CHECK(reading(stickKind, t, {Chin, NoseTip}).value == Approx(500));
    CHECK(reading(stickKind, t, {Chin, NoseTip}, {Brow, NoseTip}).value == Approx(5.0 / 3));
    CHECK(reading(angleKind, t, {Brow, NoseTip}).value == Approx(0).margin(1e-12));
    CHECK(reading(angleKind, t, {Brow, Chin}).value == Approx(90));
    CHECK(reading(angleKind, t, {Chin, NoseTip}).value == Approx(53.130102)); // rises to the right
    CHECK(reading(angleKind, t, {NoseTip, Chin}).value == Approx(53.130102)); // no beginning
    CHECK(reading(anglesKind, t, {Brow, Chin, Chin, NoseTip}).value == Approx(36.869898));
    const Reading third = reading(triangleKind, t, {Brow, Chin, NoseTip});
    CHECK(third.value == Approx(90));
    REQUIRE(third.secondary.size() == 1);
    CHECK(third.secondary[0].value == Approx(36.869898));
    CHECK(third.secondary[0].sigma > 0);
}

TEST_CASE("Level, plumb and prolonged lines name what they pass, and by how much they miss") {
    MarkSheet s = triangle();
    s.marks[LipLine] = PlacedMark{PicturePoint(104, 300)};
    Reading r = reading(plumbKind, s, {Brow});
    REQUIRE(r.clearances.size() == 3);
    CHECK(r.clearances[0].mark == Chin);
    CHECK(r.clearances[0].by == Approx(0).margin(1e-12));
    CHECK(r.clearances[1].mark == LipLine);
    CHECK(r.clearances[1].by == Approx(4)); // to the right
    r = reading(levelKind, s, {Brow}, {Brow, NoseTip});
    CHECK(r.clearances[0].mark == NoseTip);
    CHECK(r.clearances[1].by == Approx(200.0 / 300)); // below, in the unit
    r = reading(prolongKind, s, {Brow, Chin});
    CHECK(r.clearances[0].mark == LipLine);
    CHECK(r.clearances[0].by == Approx(-4)); // on the left hand as one walks down the picture
}

TEST_CASE("A distance laid on once more ends where twice the way leads") {
    MarkSheet s = triangle();
    s.marks[LipLine] = PlacedMark{PicturePoint(100, 880)}; // 20 short of twice 400 under the brow
    const Reading r = reading(doubleKind, s, {Brow, Chin});
    CHECK(r.spot);
    CHECK(r.clearances[0].mark == LipLine);
    CHECK(r.value == Approx(20));
    CHECK(r.lines[0].back().y() == Approx(900));
    // The landing moves with twice the second end's noise, once the first's, and the mark has its own.
    CHECK(r.clearances[0].sigma == Approx(2 * std::sqrt(4.0 + 1 + 1)).epsilon(0.01));
}

TEST_CASE("Each doubt is what shaking the marks gives, in 90 to 98 of 100 within two of them") {
    Random random(55);
    const MarkSheet truth = sheetOf(adultHeads().mean, viewAt(pose(25, 5, 4)));
    using Number = std::pair<double, double>;
    const auto number = [](const Reading& r) { return Number{r.value, r.sigma}; };
    const auto pass = [](const Reading& r, Mark m) {
        return Number{passOf(r, m).by, passOf(r, m).sigma};
    };
    struct Case {
        const char* name;
        std::function<Number(const MarkSheet&)> measure;
    };
    const Case cases[] = {{"ratio that shares a mark",
                           [&](const MarkSheet& s) {
                               return number(reading(ratioKind, s, {Brow, NoseBase, NoseBase, Chin}));
                           }},
                          {"angle",
                           [&](const MarkSheet& s) {
                               return number(reading(angleKind, s, {InnerEyeR, InnerEyeL}));
                           }},
                          {"between",
                           [&](const MarkSheet& s) {
                               return number(reading(anglesKind, s, {Brow, Chin, PupilR, PupilL}));
                           }},
                          {"third point",
                           [&](const MarkSheet& s) {
                               return number(reading(triangleKind, s, {PupilR, Chin, LipLine}));
                           }},
                          {"its other angle",
                           [&](const MarkSheet& s) {
                               const SecondaryReading f = reading(triangleKind, s, {PupilR, Chin, LipLine}).secondary[0];
                               return Number{f.value, f.sigma};
                           }},
                          {"length in eyes",
                           [&](const MarkSheet& s) {
                               return number(reading(stickKind, s, {Brow, Chin}, {InnerEyeR, OuterEyeR}));
                           }},
                          {"length that shares a mark with its unit",
                           [&](const MarkSheet& s) {
                               return number(reading(stickKind, s, {InnerEyeR, NoseWingR}, {InnerEyeR, OuterEyeR}));
                           }},
                          {"plumb", [&](const MarkSheet& s) { return pass(reading(plumbKind, s, {InnerEyeR}), NoseWingR); }},
                          {"prolonged, in eyes", [&](const MarkSheet& s) {
                               return pass(reading(prolongKind, s, {Brow, NoseBase}, {InnerEyeR, OuterEyeR}), Chin);
                           }}};
    for (const Case& c : cases) {
        const double exact = c.measure(truth).first;
        int within = 0;
        constexpr int rounds = 600;
        for (int i = 0; i < rounds; ++i) {
            MarkSheet shaken = random.shaken(truth, 2);
            shaken.noise = Pixels{2};
            const auto [value, sigma] = c.measure(shaken);
            within += std::abs(value - exact) < 2 * sigma;
        }
        INFO(c.name << " " << within);
        CHECK(within >= 0.90 * rounds);
        CHECK(within <= 0.98 * rounds);
    }
    // The unit measured in itself is one, without any doubt.
    const Reading one = reading(stickKind, truth, {InnerEyeR, OuterEyeR}, {InnerEyeR, OuterEyeR});
    CHECK(one.value == Approx(1));
    CHECK(one.sigma == Approx(0).margin(1e-9));
}

TEST_CASE("Carried over the centre line a mark falls on its twin's true place at any turn") {
    Random random(8);
    for (int i = 0; i < 20; ++i) {
        const View view = viewAt(pose(random.between(-60, 60), random.between(-30, 30), 10));
        HeadMarks head = random.head();
        const MarkSheet sheet = sheetOf(head, view);
        if (!sheet.seen(InnerEyeL))
            continue;
        MeasureContext g;
        g.ends = {*sheet.seen(InnerEyeL)};
        g.unit = {1};
        g.noise = {2};
        g.marks = &sheet;
        g.view = view;
        g.head = &head;
        const Reading r = read(mirrorKind, g);
        HeadPoint twin = head[InnerEyeL];
        twin.x() = -twin.x();
        CHECK((r.lines[0].back() - view.project(twin)).norm() < 1e-6);
        CHECK(r.secondary[1].value == Approx(2 * std::abs(head[InnerEyeL].x())));
        if (sheet.seen(InnerEyeR)) { // a head the same on both sides has its twin just there
            REQUIRE(r.secondary.size() == 3);
            CHECK(r.secondary[2].value == Approx(0).margin(1e-6));
        }
    }
}

TEST_CASE("Five eyes lie across the head as it is turned, each bound where a plain projection has it") {
    HeadMarks head = adultHeads().mean;
    for (const double turn : {0.0, 25.0, 50.0, -35.0}) {
        const View view = viewAt(pose(turn, 5, 0));
        MeasureContext g;
        g.ends = {view.project((head[InnerEyeL] + head[InnerEyeR]) / 2)};
        g.unit = {(view.project(head[InnerEyeL]) - view.project(head[OuterEyeL])).norm()};
        g.noise = {2};
        g.view = view;
        g.head = &head;
        const Reading r = read(fiveEyesKind, g);
        const double eye = std::abs(head[OuterEyeL].x() - head[InnerEyeL].x());
        CHECK(r.value == Approx(2 * std::abs(head[EarTopL].x()) / eye));
        CHECK(r.value > 4); // the rule is of five
        CHECK(r.sigma > 0.05); // two corners marked within 2 px are the head's only eyes
        CHECK(r.value < 6.5);
        const std::vector<PicturePoint>& row = r.lines.back();
        CHECK(row.size() == r.lines.size() - 1); // a tick at each bound in sight
        if (turn == 0)
            REQUIRE(row.size() == 6);
        else
            CHECK(row.size() < 7);
        CHECK(row.size() >= 4);
        // In order across the picture, so that none lies behind another.
        const double way = row.back().x() > row.front().x() ? 1 : -1;
        for (std::size_t i = 1; i < row.size(); ++i)
            CHECK(way * (row[i].x() - row[i - 1].x()) > 0);
        // The eyes are counted, each number a third of an eye below the middle between two bounds.
        REQUIRE(r.numbers.size() == row.size() - 1);
        for (std::size_t i = 1; i < row.size(); ++i) {
            const PicturePoint below = r.numbers[i - 1].at - (row[i - 1] + row[i]) / 2;
            CHECK(below.x() == Approx(0).margin(1e-9));
            CHECK(below.y() == Approx(0.35 * g.unit.value));
            if (turn == 0)
                CHECK(r.numbers[i - 1].text == std::to_string(i));
        }
    }
    // From the front the bounds round the eyes are the eyes' own corners, where they are an eye apart.
    for (const Mark m : {InnerEyeL, InnerEyeR})
        head[m].x() = (m == InnerEyeL ? 1 : -1) *
                      std::abs(head[OuterEyeL].x()) / 3;
    const View front = viewAt(pose(0, 0, 0));
    MeasureContext g;
    g.ends = {front.project(head[InnerEyeL])};
    g.unit = {40};
    g.noise = {2};
    g.view = front;
    g.head = &head;
    const std::vector<PicturePoint> row = read(fiveEyesKind, g).lines.back();
    REQUIRE(row.size() == 6);
    for (const Mark m : {InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR}) {
        double nearest = 1e9;
        for (const PicturePoint& p : row)
            nearest = std::min(nearest, std::abs(p.x() - front.project(head[m]).x()));
        CHECK(nearest < 0.5);
    }
}

TEST_CASE("An end takes hold of the nearest line in sight, where it comes nearest") {
    GuideLine level{"brow_line", LineKind::Guide, false, {{100, 200}, {300, 200}}},
        hidden{"chin_line", LineKind::Guide, true, {{100, 260}, {300, 260}}};
    const std::vector<GuideLine> lines{level, hidden};
    const auto on = nearestOnLines(lines, {180, 259});
    REQUIRE(on);
    CHECK(on->line == "brow_line"); // what is out of sight takes hold of nothing
    CHECK(on->at.x() == Approx(180));
    CHECK(on->at.y() == Approx(200));
    CHECK(nearestOnLines(lines, {20, 200})->at.x() == Approx(100)); // not beyond its end
    CHECK_FALSE(nearestOnLines({}, {0, 0}));
}
