// Photographs mirrored and turned with their marks, and frames on them.

#include "core/fit/fit.h"
#include "core/head/reference_transform.h"
#include "core/page/framing.h"
#include "core/practice/before_after.h"
#include "core/messages/progress_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/core.hpp>

using namespace zokran;
using namespace zokran::test;

TEST_CASE("A place comes to lie where OpenCV's own flip and rotation bring its pixel") {
    cv::Mat picture = cv::Mat::zeros(40, 60, CV_8U);
    picture.at<unsigned char>(7, 12) = 255;
    const PicturePoint middle(12.5, 7.5); // of that pixel
    for (const ReferenceTransform how : {ReferenceTransform::Mirrored, ReferenceTransform::Turned}) {
        cv::Mat laid;
        how == ReferenceTransform::Mirrored ? cv::flip(picture, laid, 1)
                                  : cv::rotate(picture, laid, cv::ROTATE_90_CLOCKWISE);
        const PicturePoint at = transformed(how, middle, 60, 40);
        CHECK(laid.at<unsigned char>(static_cast<int>(at.y()), static_cast<int>(at.x())) == 255);
    }
}

TEST_CASE("Mirrored twice or turned four times a photograph's marks are what they were") {
    MarkSheet sheet = sheetOf(adultHeads().mean, viewAt(pose(30, 12, 8)));
    sheet.ball = BallCircle{{400, 300}, {120}};
    sheet.marks[Mark::EarTopL] = PlacedMark{std::nullopt, true};
    const auto same = [](const MarkSheet& a, const MarkSheet& b) {
        CHECK(a.width == b.width);
        CHECK((a.ball->centre - b.ball->centre).norm() < 1e-9);
        for (int i = 0; i < markCount; ++i) {
            const auto &p = a.marks[markAt(i)], &q = b.marks[markAt(i)];
            REQUIRE(p.has_value() == q.has_value());
            if (p) {
                CHECK(p->hidden == q->hidden);
                REQUIRE(p->at.has_value() == q->at.has_value());
                if (p->at)
                    CHECK((*p->at - *q->at).norm() < 1e-9);
            }
        }
    };
    const MarkSheet mirroredOnce = transformed(ReferenceTransform::Mirrored, sheet);
    CHECK(mirroredOnce.marks[Mark::EarTopR]->hidden);
    same(transformed(ReferenceTransform::Mirrored, mirroredOnce), sheet);
    MarkSheet turned = sheet;
    for (int i = 0; i < 4; ++i)
        turned = transformed(ReferenceTransform::Turned, turned);
    same(turned, sheet);
    // A head in the mirror turns and leans the other way, and nods the same.
    const Pose before = fitHead(sheet).view.pose(), after = fitHead(mirroredOnce).view.pose();
    CHECK(after.turn.value == Approx(-before.turn.value).margin(0.02));
    CHECK(after.lean.value == Approx(-before.lean.value).margin(0.02));
    CHECK(after.tilt.value == Approx(before.tilt.value).margin(0.02));
}

TEST_CASE("A frame stays inside its photograph and never shrinks to nothing") {
    const auto in = [](double x0, double y0, double x1, double y1) {
        Framing f;
        f.low = {x0, y0};
        f.high = {x1, y1};
        return within(f, 200, 100);
    };
    CHECK(in(50, 20, 120, 80) == Framing{{50, 20}, {120, 80}});
    CHECK(in(120, 80, 50, 20) == Framing{{50, 20}, {120, 80}}); // drawn backwards
    CHECK(in(-40, -40, 900, 900) == Framing{{0, 0}, {200, 100}});
    const Framing small = in(199, 99, 199, 99);
    CHECK(small.high.x() <= 200);
    CHECK((small.high - small.low).minCoeff() >= 32);
    Framing tiny;
    tiny.high = {5, 5};
    CHECK(within(tiny, 10, 10) == Framing{{0, 0}, {10, 10}});
}

TEST_CASE("What changed between two drawings is told in figures and names, small turns left unsaid") {
    Drawing before, after;
    before.seen.turn = after.seen.turn = toRadians(Degrees{-40});
    before.asDrawn.turn = toRadians(Degrees{-28});
    after.asDrawn.turn = toRadians(Degrees{-39});
    before.off[Mark::Chin] = Drawing::Off{3, 4};
    after.off[Mark::Chin] = Drawing::Off{0, 1};
    before.toMend = {"straightening", "mouth_height"};
    after.toMend = {"mouth_height", "eye_spacing"};
    const Change change = changeBetween(before, after);
    CHECK(*change.distanceBefore == Approx(5));
    CHECK(*change.distanceAfter == Approx(1));
    CHECK(toDegrees(change.straightenedBefore).value == Approx(12));
    CHECK(toDegrees(change.straightenedAfter).value == Approx(1));
    CHECK(change.gone == std::vector<std::string>{"straightening"});
    CHECK(change.stayed == std::vector<std::string>{"mouth_height"});
    CHECK(change.fresh == std::vector<std::string>{"eye_spacing"});
    const auto words = changeWords(change);
    REQUIRE(words.size() == 5);
    CHECK(words[0] == "The marks lay 5.0 % of the head from their places, and then 1.0 %.");
    CHECK(words[1] == "The turn was off by 12°, and then by 1°.");
    CHECK(words[3].starts_with("Still there: "));
    before.asDrawn = before.seen;
    before.toMend.clear();
    CHECK(changeWords(changeBetween(before, before)).size() == 1);
}
