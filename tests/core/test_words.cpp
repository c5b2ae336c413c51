// What is said is true: a finding's words name the way its marks are to go, and going there mends
// the drawing. The errors are not those of the catalogue but displacements of the marks on the
// page.

#include "core/compare/compare.h"
#include "core/construction/lines.h"
#include "core/messages/finding_messages.h"
#include "core/messages/guess_messages.h"
#include "core/messages/line_messages.h"
#include "core/messages/mark_messages.h"
#include "core/messages/pose_messages.h"
#include "core/messages/sitter_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <set>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

const std::vector<Mark> mouth{LipLine, MouthCornerL, MouthCornerR};
const std::vector<Mark> nose{NoseTip, NoseBase, NoseWingL, NoseWingR};
const std::vector<Mark> eyes{InnerEyeL, OuterEyeL, PupilL, InnerEyeR, OuterEyeR, PupilR};
const std::vector<Mark> ears{EarTopL, EarBaseL, EarTopR, EarBaseR};

struct Drawn {
    View view;
    PhotoMarks reference;
    Fit fit;
    SketchMarks sketch;

    explicit Drawn(const Pose& p, unsigned seed)
        : view(viewAt(p)), reference(sheetOf(Random(seed).head(), view)), fit(fitHead(reference)),
          sketch(static_cast<const MarkSheet&>(reference)) {}

    /// Moves marks on the page by a share of the drawn head's height, along the head as it is
    /// drawn: a pencil's displacement, in the plane of the paper.
    void move(const std::vector<Mark>& marks, double up, double right) {
        const double head = headHeight(fit.head).value * view.scale;
        const Radians lean = view.pose().lean;
        const PicturePoint u(sin(lean), -cos(lean)), r(cos(lean), sin(lean));
        for (Mark m : marks)
            if (sketch.marks[m]->usable())
                *sketch.marks[m]->at += head * (up * u + right * r);
    }
    void scale(const std::vector<Mark>& marks, double across) {
        PicturePoint middle(0, 0);
        for (Mark m : marks)
            middle += *sketch.marks[m]->at / static_cast<double>(marks.size());
        for (Mark m : marks)
            sketch.marks[m]->at->x() += across * (sketch.marks[m]->at->x() - middle.x());
    }
    Comparison compare() const { return compareSketch(reference, fit, sketch); }
};

/// How far the sketch's marks lie from where they belong, root mean square, px.
double error(const Comparison& c) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < markCount; ++i)
        if (const auto& p = c.placements[markAt(i)]) {
            sum += (p->drawn - *c.asSeen[markAt(i)]).squaredNorm();
            ++n;
        }
    return std::sqrt(sum / n);
}

Comparison afterFollowing(Drawn drawn, const Finding& finding) {
    for (Mark m : finding.marks)
        if (finding.corrections[m])
            *drawn.sketch.marks[m]->at += *finding.corrections[m];
    return drawn.compare();
}

/// The way the words name, on the paper: x right, y down.
std::set<std::string> waysSaid(const std::string& text) {
    std::set<std::string> ways;
    for (const auto& [word, way] :
         std::initializer_list<std::pair<const char*, const char*>>{{"lower it", "down"},
                                                                    {"lower them", "down"},
                                                                    {"raise it", "up"},
                                                                    {"raise them", "up"},
                                                                    {"it left", "left"},
                                                                    {"it right", "right"},
                                                                    {"both left", "left"},
                                                                    {"both right", "right"},
                                                                    {"it up", "up"},
                                                                    {"it down", "down"},
                                                                    {"Narrow", "in"},
                                                                    {"corners in", "in"},
                                                                    {"wings in", "in"},
                                                                    {"Widen", "out"},
                                                                    {"corners out", "out"},
                                                                    {"wings out", "out"}})
        if (text.find(word) != std::string::npos)
            ways.insert(way);
    return ways;
}

} // namespace

TEST_CASE("The words say which way to move it, and moving it there mends the drawing") {
    struct Slip {
        const char* name;
        std::vector<Mark> marks;
        double up, right, wider;
        const char* way; ///< to mend it
    };
    const Slip slips[] = {
        {"mouth high", mouth, 0.05, 0, 0, "down"},
        {"mouth low", mouth, -0.05, 0, 0, "up"},
        {"mouth right", mouth, 0, 0.05, 0, "left"},
        {"mouth left", mouth, 0, -0.05, 0, "right"},
        {"nose high", nose, 0.05, 0, 0, "down"},
        {"nose low", nose, -0.05, 0, 0, "up"},
        {"nose right", nose, 0, 0.05, 0, "left"},
        {"nose left", nose, 0, -0.05, 0, "right"},
        {"eyes high", eyes, 0.05, 0, 0, "down"},
        {"eyes low", eyes, -0.05, 0, 0, "up"},
        {"ears high", ears, 0.07, 0, 0, "down"},
        {"ears low", ears, -0.07, 0, 0, "up"},
        {"chin short", {Chin}, 0.06, 0, 0, "down"},
        {"chin long", {Chin}, -0.06, 0, 0, "up"},
        {"hairline high", {Hairline}, 0.08, 0, 0, "down"},
        {"hairline low", {Hairline}, -0.08, 0, 0, "up"},
        {"mouth wide", mouth, 0, 0, 0.3, "in"},
        {"mouth narrow", mouth, 0, 0, -0.3, "out"},
    };
    int right = 0, asked = 0;
    for (const Pose& p : {pose(4, 3, 2), pose(20, -8, -10), pose(-24, 10, 14)})
        for (const Slip& slip : slips) {
            Drawn drawn(p, 7);
            drawn.move(slip.marks, slip.up, slip.right);
            if (slip.wider != 0)
                drawn.scale(slip.marks, slip.wider);
            const Comparison c = drawn.compare();
            const Finding& first = c.findings.front();
            INFO(slip.name << " at turn " << degrees(p.turn) << ": " << textOf(first));
            ++asked;
            right += waysSaid(textOf(first)).contains(slip.way);
            // Whatever it says, doing it makes the drawing better, and the first finding most of
            // all.
            REQUIRE(first.severity != Severity::Fine);
            CHECK(error(afterFollowing(drawn, first)) < 0.6 * error(c));
            // A word for a way on the paper is the way of the corrections.
            for (const Finding& f : c.findings)
                for (const std::string& way : waysSaid(textOf(f))) {
                    const SketchPoint& to = f.figures.way;
                    if (way == "left" || way == "right")
                        CHECK((to.x() > 0) == (way == "right"));
                    if (way == "up" || way == "down")
                        CHECK((to.y() > 0) == (way == "down"));
                }
        }
    // A pencil's slip that another finding explains as well may be told by the other.
    CHECK(asked == 54);
    CHECK(right >= 48);
}

TEST_CASE("Too little turned and too far turned are told with the way of the centre line") {
    Random random(71);
    for (double seen : {35.0, -35.0})
        for (double drawnTurn : {20.0, 50.0}) {
            const HeadMarks head = random.head();
            const View view = viewAt(pose(seen, 5, 0));
            const PhotoMarks reference = sheetOf(head, view);
            SketchMarks sketch = sheetOf(head, view);
            const View other = viewAt(pose(seen > 0 ? drawnTurn : -drawnTurn, 5, 0));
            for (int i = 0; i < markCount; ++i)
                sketch.marks[markAt(i)]->at = other.project(head[markAt(i)]);
            const Comparison c = compareSketch(reference, fitHead(reference), sketch);
            const Finding& f = c.findings.front();
            INFO(textOf(f));
            REQUIRE(f.id == "turn");
            const bool less = drawnTurn < 35;
            CHECK_THAT(textOf(f), Catch::Contains(less ? "less turned" : "more turned"));
            // The nose of a head turned to the viewer's right goes further right when too little.
            const bool toRight = (seen > 0) == less;
            CHECK_THAT(textOf(f), Catch::Contains(toRight ? ", right." : ", left."));
            CHECK((f.corrections[NoseTip]->x() > 0) == toRight);
        }
}

TEST_CASE("A mouth that slopes against level eyes is told by the corner that rides high") {
    for (double high : {0.035, -0.035}) {
        Drawn drawn(pose(12, 4, 0), 9);
        drawn.move({MouthCornerL}, high, 0);
        drawn.move({MouthCornerR}, -high, 0);
        const Finding f = drawn.compare().findings.front();
        INFO(textOf(f));
        CHECK(f.id == "mouth_axis");
        CHECK_THAT(textOf(f), Catch::Contains(high > 0 ? "sitter's left rides high"
                                                       : "sitter's right rides high"));
        CHECK((f.corrections[MouthCornerL]->y() > 0) == (high > 0)); // that corner down the page
    }
}

TEST_CASE("On a head that lies on its side up and down give way to crown and chin") {
    Drawn drawn(pose(10, 0, 80), 3);
    drawn.move(mouth, 0.06, 0);
    const Comparison c = drawn.compare();
    INFO(textOf(c.findings.front()));
    CHECK_THAT(textOf(c.findings.front()), Catch::Contains("towards the chin"));
}

TEST_CASE("Every name and sentence can be said in another language, and a spoilt one falls back") {
    class Shouting : public Translator {
    public:
        using Translator::say;
        std::string say(std::string_view english) const override {
            return fmt::format("!{}", english);
        }
    };
    class Spoilt : public Translator {
    public:
        using Translator::say;
        std::string say(std::string_view) const override { return "{nobody} {knows"; }
    };
    const Shouting other;
    for (int i = 0; i < markCount; ++i) {
        CHECK(wordsFor(markAt(i), other) == fmt::format("!{}", wordsFor(markAt(i))));
        CHECK(whereToFind(markAt(i), other) == fmt::format("!{}", whereToFind(markAt(i))));
    }
    for (const LineEntry& line : lineTable())
        CHECK(wordsForLine(line.id, other).starts_with("!"));
    Finding f;
    f.id = "mouth_height";
    f.figures.amount = 0.1;
    f.figures.percentOfHead = 4;
    CHECK(textOf(f, other).starts_with("!The mouth sits too high"));
    CHECK(textOf(f, Spoilt()).starts_with("The mouth sits too high"));
    CHECK(wordsFor(Angle::Turn, toRadians({20}), other) == "!turned to your right");
}

TEST_CASE("Numbers in a sentence have the decimal point of its language, and nothing else is changed") {
    class WithComma : public Translator {
    public:
        std::string decimalPoint() const override { return ","; }
    };
    CHECK(WithComma().say("{a} and {b} of {c}.", {{"a", "1.25"}, {"b", "-0.5 mm (3.75 %)"}, {"c", "sketch.2b.jpg."}}) ==
          "1,25 and -0,5 mm (3,75 %) of sketch.2b.jpg..");
    CHECK(english().say("{a}", {{"a", "1.25"}}) == "1.25");
}

TEST_CASE("Angles are said by their direction and shown by their size") {
    auto said = [](Angle angle, double value) { return wordsFor(angle, toRadians({value})); };
    CHECK(said(Angle::Turn, 32.4) == "turned to your right");
    CHECK(said(Angle::Turn, -7) == "turned to your left");
    CHECK(said(Angle::Turn, 0.6) == "faces you");
    CHECK(said(Angle::Tilt, 20) == "chin up");
    CHECK(said(Angle::Tilt, -20) == "chin down");
    CHECK(said(Angle::Tilt, -1) == "looks straight ahead");
    CHECK(said(Angle::Lean, 12) == "leans to your right");
    CHECK(said(Angle::Lean, -90) == "leans to your left");
    CHECK(said(Angle::Lean, 0) == "upright");
    CHECK(figureFor(toRadians({-32.4})) == "32°");
    CHECK(doubtFor(toRadians({0.2})) == "± 1°"); // never a doubt of nothing
}

TEST_CASE("A sitter's departures are named by what is there to see") {
    using enum Mark;
    Fit fit;
    fit.shape.assign(adultHeads().directions.size(), 0.0);
    fit.head = adultHeads().mean;
    CHECK(departureWords(fit).empty());
    const std::pair<Mark, std::pair<const char*, const char*>> moved[] = {
        {JawAngleL, {"a wider jaw", "a narrower jaw"}},
        {NoseWingL, {"a wider nose", "a narrower nose"}},
        {InnerEyeL, {"eyes set wider apart", "eyes set closer together"}}};
    for (const auto& [mark, words] : moved)
        for (double by : {0.2, -0.2}) {
            fit.head = adultHeads().mean;
            fit.head[mark].x() += by;
            CHECK_THAT(departureWords(fit), Catch::Contains(by > 0 ? words.first : words.second));
        }
    fit.head = adultHeads().mean;
    fit.head[LipLine].y() += 0.1;
    CHECK_THAT(departureWords(fit), Catch::Contains("a higher mouth"));
    CHECK_THAT(departureWords(fit), Catch::Contains("a longer chin"));
    CHECK(sharedWords(0).empty());
    CHECK_THAT(sharedWords(3), Catch::Contains("3 other photographs"));
}
