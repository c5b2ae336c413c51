#include "benchmarks/unseen_heads.h"
#include "core/fit/fit.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

TEST_CASE("Three photographs of one sitter are read better than each alone", "[long]") {
    // The canonical face, which the prior has not seen.
    const benchmarks::UnseenHead head = benchmarks::canonicalFaceAlone();
    const benchmarks::Shared shared = benchmarks::sharedErrors(head, 40, 3);
    CHECK(benchmarks::quantile(shared.together, 0.5) <
          0.9 * benchmarks::quantile(shared.alone, 0.5));
    CHECK(benchmarks::quantile(shared.together, 0.9) <
          0.9 * benchmarks::quantile(shared.alone, 0.9));
    // And nearly as well as by a solver that is given the true shape.
    CHECK(benchmarks::quantile(shared.together, 0.5) <
          1.25 * benchmarks::quantile(shared.floor, 0.5));
    CHECK(benchmarks::quantile(shared.together, 0.9) <
          1.3 * benchmarks::quantile(shared.floor, 0.9));
}

TEST_CASE("What two photographs say of a shape adds up, and one alone changes nothing") {
    Random random(5);
    const HeadMarks head = random.head();
    const MarkSheet a = sheetOf(head, viewAt(pose(50, 0, 0)));
    const MarkSheet b = sheetOf(head, viewAt(pose(-20, 25, 10)));
    CHECK(apart(fitSitter({a}).front().view.facing(), fitHead(a).view.facing()) < 1e-9);
    const ShapeInformation one = shapeInformationOf(a, fitHead(a));
    ShapeInformation two = one;
    two += shapeInformationOf(b, fitHead(b));
    CHECK(two.information.trace() > one.information.trace());
    // Both photographs come to one head.
    const std::vector<Fit> both = fitSitter({a, b});
    for (std::size_t k = 0; k < both[0].shape.size(); ++k)
        CHECK(both[0].shape[k] == Approx(both[1].shape[k]).margin(0.05));
}

TEST_CASE("A laughing mouth bends the reading less when the sheet says so") {
    Random random(8);
    double plain = 0, told = 0;
    for (int i = 0; i < 150; ++i) {
        const View view = viewAt(pose(random.between(-40, 40), random.between(-20, 20), 0));
        HeadMarks head = random.head();
        // The mouth falls open by 12 mm, its corners draw up and out.
        head[Chin].y() -= 12 / 95.0;
        head[LipLine].y() -= 5 / 95.0;
        for (Mark m : {MouthCornerL, MouthCornerR})
            head[m] += HeadPoint(m == MouthCornerL ? 6 : -6, 5, -4) / 95.0;
        MarkSheet sheet = random.shaken(sheetOf(head, view), 1);
        plain += apart(fitHead(sheet).view.facing(), view.facing()) / 150;
        sheet.smiling = true;
        told += apart(fitHead(sheet).view.facing(), view.facing()) / 150;
    }
    CHECK(told < 0.93 * plain);
}

TEST_CASE("A sitter whose two sides differ is told so, and which way") {
    HeadMarks head = adultHeads().mean;
    head[MouthCornerL].y() += 0.04;
    MarkSheet sheet = sheetOf(head, viewAt(pose(0, 0, 0)));
    sheet.noise = Pixels{1};
    const Fit fit = fitHead(sheet);
    REQUIRE(fit.asymmetries.size() == 1);
    CHECK(fit.asymmetries.front().left == MouthCornerL);
    CHECK(fit.asymmetries.front().up.value == Approx(0.04).margin(0.01));
    CHECK(fit.asymmetries.front().outward.value == Approx(0).margin(0.01));
    CHECK(fitHead(sheetOf(adultHeads().mean, viewAt(pose(0, 0, 0)))).asymmetries.empty());
}

TEST_CASE("The spread of a guide holds the truth as often as it says") {
    Random random(21);
    int within = 0, all = 0;
    for (int i = 0; i < 60; ++i) {
        const View view = viewAt(pose(random.between(-50, 50), random.between(-30, 30), 0));
        const HeadMarks head = random.head();
        const MarkSheet sheet = random.shaken(sheetOf(head, view), 3);
        const Fit fit = fitHead(sheet);
        for (Mark m : {Brow, NoseBase, LipLine, Chin, Hairline}) {
            REQUIRE(fit.spread[m]);
            // Two standard deviations of a place in the plane hold 86 in 100.
            within += (fit.view.project(fit.head[m]) - view.project(head[m])).norm() <
                      2 * fit.spread[m]->value;
            ++all;
        }
    }
    CHECK(within > 0.80 * all);
    CHECK(within < all);
}

TEST_CASE("A mark with a noise of its own counts by it") {
    const View view = viewAt(pose(25, 0, 0));
    MarkSheet sheet = sheetOf(adultHeads().mean, view);
    const Eigen::Matrix3d undisturbed = fitHead(sheet).view.facing();
    *sheet.marks[Chin]->at += PicturePoint(0, 9);
    const double trusted = apart(fitHead(sheet).view.facing(), undisturbed);
    sheet.marks[Chin]->noise = Pixels{40};
    CHECK(apart(fitHead(sheet).view.facing(), undisturbed) < 0.5 * trusted);
}
