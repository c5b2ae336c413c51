// What a round of work did, how a drawing sits on its page, and what is worth mending.

#include "core/compare/on_page.h"
#include "core/messages/finding_messages.h"
#include "core/messages/round_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

/// The reference's marks as a copy on paper, so much larger and moved, px.
SketchMarks copied(const MarkSheet& reference, double scale, const PicturePoint& by) {
    SketchMarks copy;
    copy.width = 1500;
    copy.height = 2000;
    for (int i = 0; i < markCount; ++i)
        if (const auto at = reference.seen(markAt(i)))
            copy.marks[markAt(i)] = PlacedMark{PicturePoint(scale * *at + by)};
    return copy;
}

void shift(SketchMarks& marks, std::vector<Mark> which, const PicturePoint& by) {
    for (Mark m : which)
        if (marks.marks[m] && marks.marks[m]->at)
            *marks.marks[m]->at += by;
}

bool told(const Comparison& c, std::string_view id, Severity severity) {
    return std::any_of(c.findings.begin(), c.findings.end(), [&](const Finding& f) {
        return f.id == id && f.severity == severity;
    });
}

} // namespace

TEST_CASE("A round of work is told by what it mended and what it broke") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(20, 5, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks before = copied(reference, 1, {100, 100});
    shift(before, {MouthCornerL, MouthCornerR, LipLine}, {0, -18});
    SketchMarks after = copied(reference, 1.1, {80, 130});
    shift(after, {Chin}, {0, 25});
    const Comparison was = compareSketch(reference, fit, before),
                     is = compareSketch(reference, fit, after);
    const MillimetresPerPixel page{0.2};
    const Round round = roundBetween(was, is, page, page);
    REQUIRE_FALSE(round.mended.empty());
    CHECK(round.mended.front().part == Part::Mouth);
    CHECK(round.mended.front().before > 3);
    CHECK(round.mended.front().after < 2);
    REQUIRE_FALSE(round.broken.empty());
    CHECK(round.broken.front().part == Part::Chin);
    REQUIRE(round.grown);
    CHECK(*round.grown == Approx(1.1).epsilon(0.03));
    const std::string words = roundWords(round);
    CAPTURE(words);
    CHECK(words.find("nearer: mouth") != std::string::npos);
    CHECK(words.find("Further off: chin or jaw") != std::string::npos);
    CHECK(words.find("grown by") != std::string::npos);
    // The same photograph twice: nothing is made of it.
    CHECK(roundWords(roundBetween(was, was, page, page)) ==
          "Since the photograph before nothing has moved that can be told.");
    CHECK_FALSE(roundBetween(was, is, std::nullopt, page).grown);
}

TEST_CASE("Growth and slide over the page are found to a hundredth and a millimetre") {
    Random random(7);
    const MillimetresPerPixel page{0.15};
    std::vector<double> growth, slide;
    for (int i = 0; i < 60; ++i) {
        const PhotoMarks reference =
            sheetOf(random.head(), viewAt(pose(random.between(-40, 40), random.between(-15, 15), 0)));
        const Fit fit = fitHead(reference);
        const double grown = random.between(0.85, 1.2);
        const PicturePoint by(random.between(-80, 80), random.between(-80, 80));
        SketchMarks before = random.shaken(copied(reference, 1, {150, 200}), 1),
                    after = random.shaken(copied(reference, grown, PicturePoint(150, 200) + by), 1);
        before.noise = after.noise = Pixels{1};
        const Round round = roundBetween(compareSketch(reference, fit, before),
                                         compareSketch(reference, fit, after), page, page);
        growth.push_back(std::abs(*round.grown - grown));
        // Where the ball's centre, of the fit's own view, went.
        const PicturePoint truth = (grown - 1) * fit.view.centre + by;
        slide.push_back(std::hypot(round.right->value - page.value * truth.x(),
                                   round.down->value - page.value * truth.y()));
    }
    std::sort(growth.begin(), growth.end());
    std::sort(slide.begin(), slide.end());
    INFO("growth off by " << growth[30] << ", 95 of 100 within " << growth[56] << "; slide "
                          << slide[30] << " and " << slide[56] << " mm");
    CHECK(growth[56] < 0.01);
    CHECK(slide[56] < 1);
}

TEST_CASE("A head drawn over the paper's edge is told") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(0, 0, 0)));
    const Fit fit = fitHead(reference);
    const PaperSize paper = paperNamed("a4");
    const auto troublesAt = [&](double scale, const PicturePoint& by) {
        const Comparison c = compareSketch(reference, fit, copied(reference, scale, by));
        const MillimetresPerPixel perPixel = paper.width / Pixels{1500};
        const PagePlan plan = onPage(c, fit, paper, perPixel);
        // It lies where it was drawn.
        const PicturePoint crown = c.registeredView.project(fit.head[Crown]);
        CHECK((plan.crown - PaperPoint(perPixel.value * crown)).norm() < 1e-6);
        return plan.troubles;
    };
    const auto has = [](const std::vector<PlanTrouble>& all, PlanTrouble one) {
        return std::find(all.begin(), all.end(), one) != all.end();
    };
    CHECK_FALSE(has(troublesAt(1.3, {130, 150}), PlanTrouble::HairCut));
    CHECK(has(troublesAt(1.3, {130, -360}), PlanTrouble::HairCut));
    CHECK(has(troublesAt(3, {-700, -400}), PlanTrouble::TooLarge));
}

TEST_CASE("What is worth mending is the learner's to say") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(15, 0, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = copied(reference, 1, {0, 0});
    const double head = headHeight(fit.head).value * fit.view.scale;
    shift(sketch, {MouthCornerL, MouthCornerR, LipLine}, {0, -0.035 * head});
    sketch.noise = Pixels{1};
    const auto with = [&](const Tolerances& t) {
        return compareSketch(reference, fit, sketch, {.perPixel = {}, .tolerances = t});
    };
    CHECK(told(with({}), "mouth_height", Severity::Fix));
    CHECK(told(with({5, 6, {5}}), "mouth_height", Severity::Watch));
    CHECK_FALSE(told(with({9, 6, {5}}), "mouth_height", Severity::Watch));
    // It says how sure it is, in the unit it speaks in.
    const Comparison c = with({});
    CHECK(doubtOf(c.findings.front().figures).starts_with("Give or take "));
    CHECK(doubtOf(c.findings.front().figures).ends_with(" %."));
    CHECK(doubtOf(c.findings.back().figures).empty());
}

TEST_CASE("The doubt a finding tells is the doubt it has") {
    // The mouth pushed by a known way on heads from the population, the marks shaken: how often the truth
    // lies within what is told.
    Random random(11);
    int covered = 0, all = 0;
    double sigmas = 0;
    for (int i = 0; i < 250; ++i) {
        const PhotoMarks exact =
            sheetOf(random.head(), viewAt(pose(random.between(-30, 30), random.between(-10, 10), 0)));
        PhotoMarks reference = random.shaken(exact, 1.5);
        const double amount = random.between(0.1, 0.18);
        SketchMarks sketch = copied(exact, 1, {0, 0});
        const Fit fit = fitHead(exact);
        for (Mark m : {MouthCornerL, MouthCornerR, LipLine})
            if (sketch.marks[m])
                sketch.marks[m]->at =
                    fit.view.project(fit.head[m] + HeadPoint(0, amount, 0)) +
                    (*exact.seen(m) - fit.view.project(fit.head[m]));
        sketch = random.shaken(sketch, 1.5);
        reference.noise = sketch.noise = Pixels{1.5};
        for (const Finding& f : compareSketch(reference, fitHead(reference), sketch).findings)
            if (f.id == "mouth_height") {
                ++all;
                covered += std::abs(f.figures.amount - amount) < 2 * f.figures.sigma;
                sigmas += f.figures.sigma;
            }
    }
    INFO(covered << " of " << all << ", mean sigma " << sigmas / all);
    CHECK(all > 200);
    CHECK(covered > 0.9 * all);
    CHECK(covered < 0.995 * all);
}
