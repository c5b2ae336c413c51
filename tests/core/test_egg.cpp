#include "core/construction/forms.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

std::vector<GuideLine> eggAt(const Pose& p) {
    return construct(formNamed("egg"), std::nullopt, adultHeads().mean)->lines(viewAt(p));
}

} // namespace

TEST_CASE("Every form is found by its id and is finite at any pose") {
    Random random(81);
    for (const FormKind* form : forms()) {
        CHECK(&formNamed(form->id) == form);
        for (int i = 0; i < 20; ++i) {
            const View view = viewAt(
                pose(random.between(-90, 90), random.between(-80, 80), random.between(-180, 180)));
            const auto lines = construct(*form, std::nullopt, random.head())->lines(view);
            CHECK(lines.size() > 4);
            for (const GuideLine& line : lines)
                for (const PicturePoint& p : line.points)
                    REQUIRE(p.allFinite());
        }
    }
    CHECK_THROWS_WITH(formNamed("pyramid"), Catch::Contains("ball") && Catch::Contains("egg"));
}

TEST_CASE("The egg reaches from the crown to the chin and its lines stay within its contour") {
    const View view = viewAt(pose(0, 0, 0));
    double top = 1e9, bottom = -1e9, left = 1e9, right = -1e9;
    for (const GuideLine& line : eggAt(pose(0, 0, 0)))
        if (line.id.starts_with("egg"))
            for (const PicturePoint& p : line.points) {
                top = std::min(top, p.y());
                bottom = std::max(bottom, p.y());
                left = std::min(left, p.x());
                right = std::max(right, p.x());
            }
    const HeadMarks& head = adultHeads().mean;
    CHECK(top == Approx(view.project(HeadPoint(0, head[Crown].y(), 0)).y()).margin(6));
    CHECK(bottom == Approx(view.project(head[Chin]).y()).margin(14));
    // An egg and no ball: its width to its height, a little less than the skull's to the head's.
    CHECK((right - left) / (bottom - top) ==
          Approx(2 * usualSidePlane.value / headHeight(head).value).margin(0.06));
    for (const GuideLine& line : eggAt(pose(0, 0, 0)))
        if (!line.hidden && (line.id.ends_with("_line") || line.id == "hairline") &&
            !line.id.starts_with("jaw"))
            for (const PicturePoint& p : line.points) {
                CHECK(p.x() > left - 3);
                CHECK(p.x() < right + 3);
            }
}

TEST_CASE("On the egg the far half of a level line is hidden, and the near one seen") {
    int seen = 0, hidden = 0;
    for (const GuideLine& line : eggAt(pose(40, 10, 0)))
        if (line.id == "brow_line")
            (line.hidden ? hidden : seen) += static_cast<int>(line.points.size());
    CHECK(seen > 35);
    CHECK(hidden > 35);
}
