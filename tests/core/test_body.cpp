// Neck and shoulders under the heads of photographs of people.

#include "core/compare/finding_lines.h"
#include "core/head/reference_transform.h"
#include "core/messages/finding_messages.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A body hung under a face in its picture, upright whatever the head does: it shares nothing with the head model.
DrawnLines bodyUnder(const MarkSheet& face) {
    const PicturePoint chin = *face.seen(Mark::Chin);
    const PicturePoint brow = (*face.seen(Mark::OuterEyeL) + *face.seen(Mark::OuterEyeR)) / 2;
    const double length = (chin - brow).norm();
    const auto at = [&](double right, double down) { return PicturePoint(chin + length * PicturePoint(right, down)); };
    DrawnLines lines;
    lines[DrawnLine::Neck] = {at(-0.55, -0.05), at(-0.62, 0.4), at(0.5, -0.05), at(0.6, 0.35)};
    lines[DrawnLine::Shoulders] = {at(0, 0.65), at(-1.6, 0.95), at(1.5, 0.85)};
    // On the forehead, along the line through the eyes.
    const Eigen::Vector2d across = (*face.seen(Mark::OuterEyeL) - *face.seen(Mark::OuterEyeR)) / 2, up(across.y(), -across.x());
    for (const auto& [right, high] : {std::pair{-0.85, 0.95}, {0.0, 1.2}, {0.85, 0.95}})
        lines[DrawnLine::Hairline].push_back(PicturePoint(brow + right * across + high * up));
    // Each nostril a third of the base's width, beside the nose's base.
    const PicturePoint base = *face.seen(Mark::NoseBase);
    for (double right : {-0.3, -0.12, 0.12, 0.3})
        lines[DrawnLine::Nostrils].push_back(PicturePoint(base + right * across + 0.05 * up));
    return lines;
}

/// The drawing is smaller than the photograph, and its sheet was photographed a little askew, which is no error.
const Similarity ontoAskewSheet{0.8, toRadians(Degrees{-6}), {60, 10}};

class BodyDrawing {
public:
    explicit BodyDrawing(MarkSheet face) : reference_(std::move(face)) {
        reference_.lines = bodyUnder(reference_);
        fit_ = fitHead(reference_);
    }
    double head() const { return headHeight(fit_.head).value * fit_.view.scale; }
    /// What is told of hairline, neck and shoulders where the drawing has these, with a hand's noise of 0.3 % of the head.
    std::vector<Finding> told(const DrawnLines& drawn, Random& random) const {
        const double noise = 0.003 * head();
        const auto shake = [&] { return PicturePoint(random.normal(noise), random.normal(noise)); };
        MarkSheet sketch = reference_;
        forEachPlaced(sketch, [&](PlacedMark& placed) { placed.at = ontoAskewSheet(PicturePoint(*placed.at + shake())); });
        sketch.lines = drawn;
        for (auto& line : sketch.lines)
            for (PicturePoint& at : line)
                at = ontoAskewSheet(PicturePoint(at + shake()));
        std::vector<Finding> told;
        const Comparison c = compareSketch(reference_, fit_, sketch);
        for (const Finding* f : toldFindings(c))
            if (f->id.starts_with("neck_") || f->id.starts_with("shoulder_") || f->id.starts_with("hairline_") ||
                f->id.starts_with("nostril"))
                told.push_back(*f);
        return told;
    }
    const DrawnLines& body() const { return reference_.lines; }

private:
    MarkSheet reference_;
    Fit fit_;
};

PicturePoint turnedAbout(const PicturePoint& at, const PicturePoint& about, Degrees clockwise) {
    return about + Eigen::Rotation2Dd(toRadians(clockwise).value) * (at - about);
}

/// The nostril whose ends are the points `at` and the next, drawn this many times as wide.
void widenNostril(DrawnLines& lines, std::size_t at, double times) {
    auto& ends = lines[DrawnLine::Nostrils];
    const PicturePoint middle = (ends[at] + ends[at + 1]) / 2;
    for (std::size_t i : {at, at + 1})
        ends[i] = middle + times * (ends[i] - middle);
}

} // namespace

TEST_CASE("What is wrong with nostrils, hairline, neck and shoulders of real faces is told, the right way", "[long]") {
    Random random(61);
    struct Planted {
        std::string id;
        std::function<void(DrawnLines&, double head)> plant;
        bool isMore;
        int named = 0;
    };
    const auto neck = [](DrawnLines& l) -> auto& { return l[DrawnLine::Neck]; };
    const auto shoulders = [](DrawnLines& l) -> auto& { return l[DrawnLine::Shoulders]; };
    Planted planted[] = {
        {"hairline_left", [&](auto& l, double head) { l[DrawnLine::Hairline][0].y() -= 0.06 * head; }, true},
        {"hairline_right", [&](auto& l, double head) { l[DrawnLine::Hairline][2].y() += 0.06 * head; }, false},
        {"hairline_line", [&](auto& l, double head) { for (auto& p : l[DrawnLine::Hairline]) p.y() -= 0.05 * head; }, true},
        {"nostrils_wide", [&](auto& l, double) { widenNostril(l, 0, 1.6); widenNostril(l, 2, 1.6); }, true},
        {"nostril_left", [&](auto& l, double) { widenNostril(l, 0, 1.9); }, true},
        {"nostril_right", [&](auto& l, double) { widenNostril(l, 2, 0.3); }, false},
        {"neck_slant_left", [&](auto& l, double) { neck(l)[1] = turnedAbout(neck(l)[1], neck(l)[0], Degrees{10}); }, true},
        {"neck_slant_right", [&](auto& l, double) { neck(l)[3] = turnedAbout(neck(l)[3], neck(l)[2], Degrees{10}); }, false},
        {"neck_length", [&](auto& l, double head) { for (auto& p : shoulders(l)) p.y() += 0.08 * head; }, true},
        {"neck_length", [&](auto& l, double head) { for (auto& p : shoulders(l)) p.y() -= 0.08 * head; }, false},
        {"shoulder_width", [&](auto& l, double) {
             for (std::size_t i : {1, 2})
                 shoulders(l)[i].x() += 0.15 * (shoulders(l)[i].x() - shoulders(l)[0].x());
         }, true},
        {"shoulder_slope", [&](auto& l, double) {
             const PicturePoint middle = (shoulders(l)[1] + shoulders(l)[2]) / 2;
             for (std::size_t i : {1, 2})
                 shoulders(l)[i] = turnedAbout(shoulders(l)[i], middle, Degrees{8});
         }, true},
    };
    int faithful = 0, falsely = 0, faces = 0;
    for (const MarkSheet& face : realFaces()) {
        const BodyDrawing drawing(face);
        ++faces;
        for (int copy = 0; copy < 3; ++copy, ++faithful) {
            const auto told = drawing.told(drawing.body(), random);
            falsely += !told.empty();
            for (const Finding& f : told)
                UNSCOPED_INFO(f.id << " " << f.figures.amount << " +- " << f.figures.sigma);
        }
        for (Planted& p : planted) {
            DrawnLines body = drawing.body();
            p.plant(body, drawing.head());
            const auto told = drawing.told(body, random);
            p.named += std::any_of(told.begin(), told.end(), [&](const Finding& f) {
                return f.id == p.id && (f.figures.amount > 0) == p.isMore;
            });
        }
    }
    INFO("falsely " << falsely << " of " << faithful);
    CHECK(falsely <= 0.06 * faithful);
    for (const Planted& p : planted) {
        INFO(p.id << " " << p.isMore << ": " << p.named << " of " << faces);
        CHECK(p.named >= 0.85 * faces);
    }
}

TEST_CASE("A correction of neck and shoulders takes the error away") {
    Random random(5);
    const BodyDrawing drawing(realFaces().front());
    DrawnLines wrong = drawing.body();
    for (PicturePoint& at : wrong[DrawnLine::Shoulders])
        at.y() += 0.12 * drawing.head();
    wrong[DrawnLine::Neck][1] = turnedAbout(wrong[DrawnLine::Neck][1], wrong[DrawnLine::Neck][0], Degrees{14});
    const auto told = drawing.told(wrong, random);
    REQUIRE(told.size() >= 2);
    for (const Finding& f : told) {
        const auto& line = drawing.body()[*f.line];
        REQUIRE(f.outline.size() == line.size());
        for (std::size_t i = 0; i < line.size(); ++i) {
            const double was = (f.outline[i].drawn - ontoAskewSheet(line[i])).norm();
            const double is = (f.outline[i].belongs - ontoAskewSheet(line[i])).norm();
            CHECK(is < std::max(0.5 * was, 0.03 * 0.8 * drawing.head()));
        }
    }
    const auto of = [&](std::string_view id) {
        return *std::find_if(told.begin(), told.end(), [&](const Finding& f) { return f.id == id; });
    };
    CHECK(textOf(of("neck_length"), {}).starts_with("The neck is too long: take its pit and the shoulders up"));
    CHECK(textOf(of("neck_slant_left"), {}).starts_with("The neck's side on your left runs out too far: swing its lower end in by"));
}

TEST_CASE("The pit and the shoulders are marks in a file, and a neck has two places or four") {
    MarkSheet sheet;
    sheet.width = 800;
    sheet.height = 1000;
    sheet.lines = bodyUnder(realFaces().front());
    const MarkSheet back = parseMarks(marksText(sheet), "marks.json");
    CHECK(back.lines == sheet.lines);
    const auto with = [](const std::string& marks, const std::string& lines = "{}") {
        return parseMarks(R"({"format":"zokran-marks","version":1,"image":{"width":9,"height":9},"marks":)" + marks +
                              R"(,"lines":)" + lines + "}",
                          "m.json");
    };
    CHECK(with(R"({"neck_pit":{"x":3,"y":4}})").lines[DrawnLine::Shoulders] == std::vector<PicturePoint>{{3, 4}});
    CHECK(with(R"({"neck_pit":{"x":null,"y":null,"hidden":true}})").lines[DrawnLine::Shoulders].empty());
    CHECK_THROWS_WITH(with(R"({"neck_pit":{"x":3,"y":4},"shoulder_l":{"x":1,"y":2}})"), Catch::Contains("read together"));
    CHECK_THROWS_WITH(with(R"({"shoulder_l":{"x":1,"y":2},"shoulder_r":{"x":3,"y":2}})"), Catch::Contains("neck_pit"));
    CHECK_THROWS_WITH(with("{}", R"({"neck":[{"x":1,"y":2},{"x":1,"y":2},{"x":1,"y":2}]})"), Catch::Contains("2 or 4 points"));
    // A mirror keeps the viewer's left first, and the pit before the shoulders.
    const auto mirrored = transformed(ReferenceTransform::Mirrored, sheet).lines;
    CHECK(mirrored[DrawnLine::Shoulders][0].x() == Approx(799 - sheet.lines[DrawnLine::Shoulders][0].x()).margin(1.1));
    CHECK(mirrored[DrawnLine::Shoulders][1].x() < mirrored[DrawnLine::Shoulders][2].x());
    CHECK(mirrored[DrawnLine::Neck][0].x() < mirrored[DrawnLine::Neck][2].x());
    CHECK(mirrored[DrawnLine::Neck][0].y() < mirrored[DrawnLine::Neck][1].y());
}
