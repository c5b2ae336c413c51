// Where marks are expected on a sketch, and what the learner says of it before anything is told.

#include "core/compare/expected.h"
#include "core/compare/finding_lines.h"
#include "core/compare/parts.h"
#include "core/messages/finding_messages.h"
#include "core/messages/self_assessment_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A copy of the reference's marks, half as large, turned on the page and shifted.
SketchMarks copyOf(const MarkSheet& reference) {
    SketchMarks copy;
    copy.width = copy.height = 700;
    const double c = std::cos(0.1), s = std::sin(0.1);
    for (int i = 0; i < markCount; ++i)
        if (const auto at = reference.seen(markAt(i)))
            copy.marks[markAt(i)] = PlacedMark{PicturePoint(
                0.5 * (c * at->x() - s * at->y()) + 90, 0.5 * (s * at->x() + c * at->y()) + 40)};
    return copy;
}

} // namespace

TEST_CASE("After three marks the others of a faithful copy are expected where they lie") {
    const PhotoMarks reference = sheetOf(Random(5).head(), viewAt(pose(30, 10, -8)));
    const Fit fit = fitHead(reference);
    const SketchMarks whole = copyOf(reference);
    SketchMarks few = whole;
    for (auto& mark : few.marks)
        mark.reset();
    for (Mark m : {Mark::Brow, Mark::Chin}) {
        few.marks[m] = whole.marks[m];
        for (const auto& at : expectedOnSketch(reference, fit, few))
            CHECK_FALSE(at); // too few to say
    }
    few.marks[Mark::OuterEyeL] = whole.marks[Mark::OuterEyeL];
    const auto expected = expectedOnSketch(reference, fit, few);
    int told = 0;
    for (Mark m : whole.seenMarks()) {
        if (few.marks[m]) {
            CHECK_FALSE(expected[m]); // what is placed needs no guess
            continue;
        }
        REQUIRE(expected[m]);
        ++told;
        CHECK((*expected[m] - *whole.seen(m)).norm() < 1e-6);
    }
    CHECK(told > 12);
    for (int i = 0; i < markCount; ++i)
        if (reference.marks[markAt(i)]->hidden)
            CHECK_FALSE(expected[markAt(i)]);
}

TEST_CASE("A feature drawn off takes what is expected near it along") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(10, 0, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = copyOf(reference);
    const PicturePoint off(0, -12);
    for (Mark m : {Mark::MouthCornerL, Mark::LipLine})
        *sketch.marks[m]->at += off;
    const PicturePoint truth = *sketch.marks[Mark::MouthCornerR]->at + off;
    const PicturePoint plain = *sketch.marks[Mark::MouthCornerR]->at;
    sketch.marks[Mark::MouthCornerR].reset();
    const auto expected = expectedOnSketch(reference, fit, sketch)[Mark::MouthCornerR];
    REQUIRE(expected);
    CHECK((*expected - truth).norm() < (*expected - plain).norm());
}

TEST_CASE("What the learner said first is set against the findings, by parts") {
    Comparison c;
    auto add = [&](const char* id, std::vector<Mark> marks, Severity severity) {
        Finding f;
        f.id = id;
        f.rank = static_cast<int>(c.findings.size()) + 1;
        f.severity = severity;
        f.marks = std::move(marks);
        c.findings.push_back(f);
    };
    add("turn", {Mark::NoseTip}, Severity::Fix);
    add("mouth_height", {Mark::MouthCornerL, Mark::LipLine}, Severity::Fix);
    add("whole_width", {Mark::EarTopL}, Severity::Watch);
    add("registration", {}, Severity::Fine);
    const auto answers = answerTo({Part::Mouth, Part::Ears, Part::Turn, Part::Whole}, c);
    REQUIRE(answers.size() == 4);
    CHECK(answers[0].rank == 2);
    CHECK(answers[1].rank == 0); // the ears show the whole's width; they are not at fault themselves
    CHECK(answers[2].rank == 1);
    CHECK(answers[3].rank == 3);
    CHECK(selfAssessmentWords({}).empty());
    CHECK(selfAssessmentWords(answerTo({Part::Turn}, c)) ==
          "Your own eye put the turn or tilt of the head first, and so does the check.");
    CHECK(selfAssessmentWords(answers) == "Your own eye put the mouth first; it is number 2 here. "
                                          "3 of the 4 you named are off.");
    // What nobody marked nobody measured.
    CHECK(selfAssessmentWords(answerTo({Part::Ears}, c)).find("nobody has measured it yet") != std::string::npos);
    c.placements[Mark::EarTopL] = Placement{};
    CHECK(selfAssessmentWords(answerTo({Part::Ears, Part::Nose}, c)) ==
          "Your own eye put the ears first; measured, it holds. None of the 2 you named is off.");
    CHECK(partsLookedAt(c) == std::vector{Part::Whole, Part::Turn, Part::Ears});
    // A finding that speaks of several parts answers for each.
    add("nose_and_mouth", {Mark::NoseBase, Mark::NoseTip, Mark::LipLine, Mark::MouthCornerR}, Severity::Fix);
    CHECK(partsOf(c.findings.back()) == std::vector{Part::Nose, Part::Mouth});
    CHECK(answerTo({Part::Nose}, c)[0].rank == 5);
    // Hair and neck can be named, too.
    add("hair_volume", {}, Severity::Fix);
    c.findings.back().line = DrawnLine::Hair;
    add("neck_width", {}, Severity::Watch);
    c.findings.back().line = DrawnLine::Neck;
    CHECK(answerTo({Part::Forehead, Part::Neck}, c)[0].rank == 6);
    CHECK(answerTo({Part::Forehead, Part::Neck}, c)[1].rank == 7);
    for (Part part : allParts)
        CHECK(partNamed(idOf(part)) == part);
    CHECK_FALSE(partNamed("elbow"));
}

TEST_CASE("The lines of a finding end where its corrections take the marks") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(25, 8, 4)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = copyOf(reference);
    for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
        *sketch.marks[m]->at += PicturePoint(0, -9);
    const Comparison c = compareSketch(reference, fit, sketch, {.perPixel = MillimetresPerPixel{0.5}});
    const auto told = toldFindings(c);
    REQUIRE_FALSE(told.empty());
    const auto form = sitterForm(fit.head);
    const FindingLines on =
        linesOn(c, *told.front(), [&](const View& view) { return form->lines(view); });
    REQUIRE(on.way);
    const auto [mark, by] = *longestWay(*told.front());
    CHECK((on.way->first - *sketch.seen(mark)).norm() < 1e-9);
    CHECK((on.way->second - on.way->first - by).norm() < 1e-9);
    REQUIRE(on.drawn.size() == on.belongs.size());
    REQUIRE(on.drawn.front().size() == on.belongs.front().size());
    const auto length = lengthOf(c, *told.front(), MillimetresPerPixel{0.5});
    REQUIRE(length);
    CHECK(length->onPaper->value == Approx(0.5 * by.norm()));
    CHECK(linesOf(*told.front()).contains("mouth_line"));
}

TEST_CASE("Of a turned head the nose's tip shows the way; where nothing holds the words give courage") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(35, 0, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = copyOf(sheetOf(adultHeads().mean, viewAt(pose(8, 0, 0))));
    *sketch.marks[Mark::Chin]->at += PicturePoint(0, 60); // the longest way of all, but off the line
    const Comparison c = compareSketch(reference, fit, sketch);
    const auto told = toldFindings(c);
    const auto turn = std::find_if(told.begin(), told.end(), [](const Finding* f) { return f->id == "turn"; });
    REQUIRE(turn != told.end());
    CHECK(longestWay(**turn)->first == Mark::NoseTip);
    // The eyes sit right to one another, and move with the turn all the same.
    CHECK(praiseWords(c).find("Within the face as you drew it") == 0);
    CHECK(praiseWords(c).find("the eyes") != std::string::npos);
    Comparison nothing;
    nothing.sketchPose.turn = Radians{0.6};
    CHECK(praiseWords(nothing).find("can be changed") != std::string::npos);
}

TEST_CASE("That a placement holds is said of what was looked at, and of no more") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(25, 8, 4)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = copyOf(reference);
    for (Mark m : {Mark::EarTopL, Mark::EarTopR, Mark::EarBaseL, Mark::EarBaseR})
        sketch.marks[m].reset();
    const Comparison c = compareSketch(reference, fit, sketch);
    CHECK(toldFindings(c).empty());
    const std::string scope = scopeWords(c);
    CHECK(scope.find(std::to_string(placesCompared(c)) + " places were compared: eyes, nose, mouth") == 0);
    const auto unseen = scope.find("Not looked at: ");
    REQUIRE(unseen != std::string::npos);
    for (const char* part : {"ears", "neck", "eyebrows, lids and lips"})
        CHECK(scope.find(part) > unseen);
    CHECK(placesCompared(c) >= fewestToJudge);
}
