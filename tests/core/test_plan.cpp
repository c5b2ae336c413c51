// Where a head falls on the paper, against OpenCV's projection brought to millimetres by hand.

#include "core/compare/on_page.h"
#include "core/page/plan.h"
#include "core/messages/plan_messages.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <opencv2/calib3d.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

bool warns(const PagePlan& plan, PlanTrouble trouble) {
    return std::find(plan.troubles.begin(), plan.troubles.end(), trouble) != plan.troubles.end();
}

Fit fitAt(const Pose& p, const HeadMarks& head) {
    Fit fit;
    fit.view = viewAt(p);
    fit.pose = fit.view.pose();
    fit.head = head;
    fit.width = fit.height = 1000;
    return fit;
}

} // namespace

TEST_CASE("Crown and chin fall where OpenCV's camera puts them, brought to the paper's size") {
    Random random(14);
    for (int i = 0; i < 200; ++i) {
        const HeadMarks head = random.head();
        const Fit fit = fitAt(pose(random.between(-70, 70), random.between(-40, 40),
                                   random.between(-40, 40)),
                              head);
        const double height = random.between(60, 200);
        const PaperSize paper = paperNamed("A3");
        const PagePlan plan = planPage(paper, {15}, {height}, &fit, PaperPoint(150, 200));
        // All points through OpenCV, then scaled so that crown to chin is the height.
        const View& view = fit.view;
        const double f = view.focal().value;
        const cv::Mat camera =
            (cv::Mat_<double>(3, 3) << f, 0, view.principal.x(), 0, f, view.principal.y(), 0, 0, 1);
        const PicturePoint off = (view.centre - view.principal) / view.scale;
        auto seen = [&](Mark m) {
            const Eigen::Vector3d v =
                view.rotation * head[m] + Eigen::Vector3d(off.x(), -off.y(), -1 / view.nearness);
            std::vector<cv::Point3d> in{{v.x(), -v.y(), -v.z()}};
            std::vector<cv::Point2d> out;
            cv::projectPoints(in, cv::Vec3d(0, 0, 0), cv::Vec3d(0, 0, 0), camera, cv::noArray(), out);
            return PicturePoint(out[0].x, out[0].y);
        };
        const PicturePoint way = seen(Mark::Chin) - seen(Mark::Crown);
        const PicturePoint expected = way / way.norm() * height;
        CHECK((plan.chin - plan.crown - PaperPoint(expected)).norm() < 0.5);
        CHECK((plan.head.low + plan.head.high).x() / 2 == Approx(150).margin(1e-6));
        CHECK((plan.head.low + plan.head.high).y() / 2 == Approx(200).margin(1e-6));
        for (const PaperPoint& p : {plan.crown, plan.chin}) {
            CHECK(p.x() >= plan.head.low.x() - 1e-9);
            CHECK(p.y() <= plan.head.high.y() + 1e-9);
        }
    }
}

TEST_CASE("It is warned exactly when something crosses the border") {
    const PaperSize paper = paperNamed("A4");
    const HeadMarks& head = adultHeads().mean;
    const Fit fit = fitAt(pose(0, 0, 0), head);
    const PagePlan well = planPage(paper, {15}, {110}, &fit);
    CHECK(well.troubles.empty());
    // Moved up until the hair just stays within the border, and a millimetre further.
    const PaperPoint middle((well.head.low + well.head.high) / 2);
    const double room = well.hair.low.y() - 15;
    CHECK_FALSE(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(middle - PicturePoint(0, room - 0.1))),
                      PlanTrouble::HairCut));
    CHECK(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(middle - PicturePoint(0, room + 0.1))),
                PlanTrouble::HairCut));
    const double side = 210 - 15 - well.ears.high.x();
    CHECK_FALSE(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(middle + PicturePoint(side - 0.1, 0))),
                      PlanTrouble::EarCut));
    CHECK(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(middle + PicturePoint(side + 0.1, 0))),
                PlanTrouble::EarCut));
    // A head of 0.2 to 0.55 of the sheet's height, its middle no lower than at 0.55 of it, is as it should be.
    const double each = 110 / (well.head.high - well.head.low).y();
    const auto withShare = [&](double share) { return planPage(paper, {15}, {share * 297 * each}, &fit); };
    CHECK(warns(withShare(0.555), PlanTrouble::TooLarge));
    CHECK_FALSE(warns(withShare(0.545), PlanTrouble::TooLarge));
    CHECK(warns(withShare(0.195), PlanTrouble::TooSmall));
    CHECK_FALSE(warns(withShare(0.205), PlanTrouble::TooSmall));
    CHECK(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(105, 0.56 * 297)), PlanTrouble::TooLow));
    CHECK_FALSE(warns(planPage(paper, {15}, {110}, &fit, PaperPoint(105, 0.54 * 297)), PlanTrouble::TooLow));
}

TEST_CASE("Put well, a turned head looks into the page; pushed to the edge it looks out") {
    const PaperSize paper = paperNamed("A3");
    for (double turn : {-40.0, 40.0}) {
        const Fit fit = fitAt(pose(turn, 0, 0), adultHeads().mean);
        const PagePlan well = planPage(paper, {20}, {120}, &fit);
        CHECK_FALSE(warns(well, PlanTrouble::LooksOut));
        const double sign = turn > 0 ? 1 : -1;
        const PaperPoint out(148.5 + sign * 40, 200);
        CHECK(warns(planPage(paper, {20}, {120}, &fit, out), PlanTrouble::LooksOut));
    }
}

TEST_CASE("Sizes that are none are refused in words") {
    CHECK_THROWS_WITH(planPage(paperNamed("A4"), {120}, {100}), Catch::Contains("border"));
    CHECK_THROWS_WITH(planPage(paperNamed("A4"), {10}, {-3}), Catch::Contains("head"));
}

TEST_CASE("Growth and slide against the plan are found in sketches within 1 % and 1 mm", "[long]") {
    Random random(77);
    int good = 0;
    constexpr int sketches = 60;
    for (int i = 0; i < sketches; ++i) {
        const PhotoMarks reference =
            sheetOf(random.head(), viewAt(pose(random.between(-50, 50), random.between(-20, 20),
                                               random.between(-15, 15))));
        const Fit fit = fitHead(reference);
        const PaperSize paper = paperNamed("a4");
        const PagePlan plan = planPage(paper, {15}, {120}, &fit);
        // The drawing: what the plan's view shows, larger about the head's middle and moved, 5 px to the
        // mm, each mark off by a third of a millimetre.
        const double grown = random.between(0.85, 1.2);
        const PicturePoint moved(random.between(-15, 15), random.between(-15, 15));
        const PicturePoint middle = (plan.head.low + plan.head.high) / 2;
        SketchMarks sketch;
        sketch.width = 1050;
        sketch.height = 1485;
        for (Mark m : reference.seenMarks()) {
            const PicturePoint onPaper =
                middle + grown * (PicturePoint(plan.view.project(fit.head[m])) - middle) + moved;
            sketch.marks[m] = PlacedMark{PicturePoint(
                5 * (onPaper + PicturePoint(random.between(-0.3, 0.3), random.between(-0.3, 0.3))))};
        }
        const PlanKept kept = keptTo(plan, onPage(compareSketch(reference, fit, sketch), fit, paper, {0.2}));
        good += std::abs(kept.grown - grown) < 0.01 * grown &&
                std::abs(kept.right.value - moved.x()) < 1 && std::abs(kept.down.value - moved.y()) < 1;
    }
    CHECK(good >= 0.95 * sketches);
}

TEST_CASE("How a drawing kept to its plan is said, and where to lay the head off") {
    CHECK(wordsFor(PlanKept{1.12, {-9}, {1}}) ==
          "Against its plan the drawing has grown by 12 %. It stands 9 mm too far to the left.");
    CHECK(wordsFor(PlanKept{0.9, {0}, {8}}) ==
          "Against its plan the drawing is 10 % smaller. It stands 8 mm too low.");
    CHECK(wordsFor(PlanKept{1.01, {2}, {-2}}) == "The drawing keeps to its plan.");
    const PaperSize paper = paperNamed("a4");
    const PagePlan plan = planPage(paper, {15}, {110});
    const auto lines = layOffWords(plan, paper);
    REQUIRE(lines.size() == 5);
    CHECK(lines[0] == fmt::format("Crown: {:.0f} from the top, {:.0f} from the left", plan.crown.y(),
                                  plan.crown.x()));
    CHECK(lines[2] == fmt::format("Sides: {:.0f} from the left, {:.0f} from the right",
                                  plan.head.low.x(), 210 - plan.head.high.x()));
}
