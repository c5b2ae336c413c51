// Drills: their answers against what can be measured on their pictures, and against projection written out
// by hand.

#include "cast/drills/drill.h"
#include "core/base/errors.h"

#include <array>
#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;

namespace {

cv::Mat3b matOf(const Picture& picture) {
    return cv::Mat(picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.bgr.data())).clone();
}

/// Where the picture is chalk red.
cv::Mat1b reds(const Picture& picture) {
    cv::Mat1b red;
    cv::inRange(matOf(picture), cv::Scalar(0, 0, 120), cv::Scalar(90, 100, 220), red);
    return red;
}

/// A photograph as a learner may have: the head small and off the middle of a wide picture, every seen mark a red dot.
struct OwnPhoto {
    Picture picture = blankPicture(1500, 1100);
    PhotoMarks marks;
    Pose pose;
};

OwnPhoto ownPhoto(const char* sitter, const Pose& pose) {
    OwnPhoto own;
    Shot shot;
    shot.pose = own.pose = pose;
    shot.size = 700;
    const Bust bust(sitterNamed(sitter));
    const View view = viewOf(shot);
    Picture head = photograph(*meshOf(bust, MeshGrain::Coarse), shot);
    constexpr int left = 820, top = 350;
    cv::Mat all(own.picture.height, own.picture.width, CV_8UC3, own.picture.bgr.data());
    cv::Mat(head.height, head.width, CV_8UC3, head.bgr.data()).copyTo(all(cv::Rect(left, top, head.width, head.height)));
    own.marks = PhotoMarks(exactMarks(bust, view, head.width, head.height));
    own.marks.width = own.picture.width;
    own.marks.height = own.picture.height;
    own.marks.ball.reset();
    for (auto& mark : own.marks.marks)
        if (mark && mark->at) {
            *mark->at += PicturePoint(left, top);
            if (!mark->hidden)
                cv::circle(all, cv::Point(cv::Point2d(mark->at->x(), mark->at->y())), 5, cv::Scalar(30, 30, 200), -1);
        }
    return own;
}

/// Where the red dot about `near` has its middle.
PicturePoint dotNear(const Picture& picture, const PicturePoint& near) {
    const cv::Mat1b red = reds(picture);
    const cv::Rect window = cv::Rect(static_cast<int>(near.x()) - 5, static_cast<int>(near.y()) - 5, 11, 11) &
                            cv::Rect(0, 0, red.cols, red.rows);
    const cv::Moments m = cv::moments(red(window), true);
    return {window.x + m.m10 / m.m00, window.y + m.m01 / m.m00};
}

} // namespace

TEST_CASE("Every drill gives the same task for a seed, another for another, and refuses other levels") {
    for (const Drill* drill : drills()) {
        CAPTURE(drill->id);
        const DrillTask a = taskOf(*drill, 11, 2), b = taskOf(*drill, 11, 2), c = taskOf(*drill, 12, 2);
        const bool same = a.picture.bgr == b.picture.bgr && a.figures == b.figures,
                   another = a.picture.bgr != c.picture.bgr || a.figures != c.figures,
                   shown = a.answer.bgr != a.picture.bgr;
        CHECK(same);
        CHECK(another);
        CHECK(shown);
        CHECK((a.answer.width == a.picture.width && a.answer.height == a.picture.height));
        REQUIRE_FALSE(a.fields.empty());
        for (const DrillField& field : a.fields) {
            CHECK(field.tolerance > 0);
            CHECK(missOf(field, {field.right, field.place}) == Approx(0).margin(1e-9));
            CHECK(missOf(field, {field.right + (field.kind == DrillField::Kind::Choice ? 1 : 1.5 * field.tolerance),
                                 field.place + PicturePoint(1.5 * field.tolerance, 0)}) > 1);
            if (field.kind == DrillField::Kind::Choice)
                CHECK((field.right >= 0 && field.right < static_cast<double>(field.choices.size())));
        }
        CHECK_THROWS_AS(taskOf(*drill, 1, 0), BadInput);
        CHECK_THROWS_AS(taskOf(*drill, 1, 6), BadInput);
    }
    CHECK_THROWS_WITH(drillNamed("juggling"), Catch::Contains("far-eye"));
}

TEST_CASE("Guides on a ball lie where the rotation written out by hand puts them") {
    for (std::uint32_t seed = 1; seed <= 60; ++seed) {
        const DrillTask task = taskOf(guidesDrill, seed, 5);
        double turn = 0, tilt = 0, lean = 0;
        for (const auto& [name, value] : task.figures)
            (name == "turn" ? turn : name == "tilt" ? tilt : lean) = std::stod(value) * std::numbers::pi / 180;
        // Rz(-lean) Ry(turn) Rx(-tilt), view axes x right, y up, z to the viewer, from 15 radii off.
        const auto placed = [&](double x, double y, double z) {
            const double y1 = y * std::cos(tilt) + z * std::sin(tilt), z1 = -y * std::sin(tilt) + z * std::cos(tilt);
            const double x2 = x * std::cos(turn) + z1 * std::sin(turn), z2 = -x * std::sin(turn) + z1 * std::cos(turn);
            const double x3 = x2 * std::cos(lean) + y1 * std::sin(lean), y3 = -x2 * std::sin(lean) + y1 * std::cos(lean);
            const double grow = 0.3 * 520 / (1 - z2 / 15);
            return PicturePoint(260 + grow * x3, 0.42 * 520 - grow * y3);
        };
        REQUIRE(task.fields.size() == 3);
        CHECK((task.fields[0].place - placed(0, 0, 1)).norm() < 0.01);
        CHECK((task.fields[1].place - placed(0, 2.0 / 3, std::sqrt(5.0) / 3)).norm() < 0.01);
        CHECK((task.fields[2].place - placed(turn > 0 ? -0.745 : 0.745, 0, 0)).norm() < 0.01);
    }
}

TEST_CASE("The angle asked for is the angle of the red line in the picture") {
    for (std::uint32_t seed = 1; seed <= 12; ++seed) {
        const DrillTask task = taskOf(angleDrill, seed, 1 + static_cast<int>(seed % 5));
        std::vector<cv::Point> points;
        cv::findNonZero(reds(task.picture), points);
        REQUIRE(points.size() > 60);
        cv::Vec4f line;
        cv::fitLine(points, line, cv::DIST_HUBER, 0, 0.01, 0.01);
        double angle = std::atan2(-line[1], line[0]) * 180 / std::numbers::pi;
        angle = angle > 90 ? angle - 180 : angle <= -90 ? angle + 180 : angle;
        const double off = std::abs(angle - task.fields[0].right);
        CAPTURE(seed, angle, task.fields[0].right);
        CHECK(std::min(off, 180 - off) < 1.2);
    }
}

TEST_CASE("The far eye's corners lie under the patch, and nowhere else is one") {
    for (std::uint32_t seed = 1; seed <= 10; ++seed) {
        const DrillTask task = taskOf(farEyeDrill, seed, 3);
        cv::Mat1b patch;
        cv::inRange(matOf(task.picture), cv::Scalar(200, 200, 200), cv::Scalar(200, 200, 200), patch);
        const cv::Rect box = cv::boundingRect(patch);
        CHECK(cv::countNonZero(patch) > 0.95 * box.area());
        for (const DrillField& field : task.fields)
            CHECK(box.contains(cv::Point(cv::Point2d(field.place.x(), field.place.y()))));
    }
}

TEST_CASE("The right of two drawings is called straightened: its features stand nearer the middle") {
    int good = 0;
    constexpr int tasks = 6;
    for (std::uint32_t seed = 1; seed <= tasks; ++seed) {
        const DrillTask task = taskOf(straightDrill, seed, 1);
        // Red round the one that is called so, in the answer's picture.
        const cv::Rect box = cv::boundingRect(reds(task.answer));
        const int each = (task.picture.width - 24) / 3;
        const int drawing = (box.x + box.width / 2) / (each + 12); // 1 or 2
        good += drawing == static_cast<int>(task.fields[0].right) + 1;
    }
    CHECK(good == tasks);
}

TEST_CASE("What is wrong is one error at first and two of two parts later", "[long]") {
    for (std::uint32_t seed = 1; seed <= 6; ++seed) {
        CHECK(taskOf(findDrill, seed, 2).fields.size() == 1);
        const DrillTask two = taskOf(findDrill, seed, 4);
        REQUIRE(two.fields.size() == 2);
        std::set<std::string> parts;
        for (const DrillField& f : two.fields) {
            std::string id = f.choiceIds[static_cast<std::size_t>(f.right)];
            id.pop_back();
            parts.insert(id);
        }
        CHECK(parts.size() == 2);
        // Something was moved: the answer shows it in red.
        CHECK(cv::countNonZero(reds(two.answer)) > 40);
    }
}

TEST_CASE("A round form is lightest on the side its light is said to stand") {
    int good = 0, judged = 0;
    for (std::uint32_t seed = 1; seed <= 30; ++seed) {
        const DrillTask task = taskOf(formsDrill, seed, 2); // sphere or egg, on a table
        const double azimuth = task.fields[0].right;
        // The form's own darkest pixels lie on the far side of its lightest within its middle rows.
        const cv::Mat3b picture = matOf(task.answer);
        cv::Mat1b grey;
        cv::cvtColor(picture, grey, cv::COLOR_BGR2GRAY);
        // A level row through the middle of the form, between its edges: in the ball's half-width.
        const int y = 240;
        double left = 0, right = 0;
        for (int x = 180; x < 260; ++x) {
            left += grey(y, x);
            right += grey(y, 519 - x);
        }
        if (std::abs(azimuth) < 25)
            continue;
        ++judged;
        good += (azimuth > 0) == (right > left);
    }
    CHECK(judged > 12);
    CHECK(good >= 0.9 * judged);
}

TEST_CASE("A pose asked for is the one its answer shows: brow line and centre line cross where it says") {
    for (std::uint32_t seed = 1; seed <= 20; ++seed) {
        const DrillTask task = taskOf(poseDrill, seed, 3);
        // The ring from its own pixels: those only the answer has, at the edge of all of them.
        cv::Mat1b drawn;
        cv::bitwise_and(reds(task.answer), ~reds(task.picture), drawn);
        const cv::Rect box = cv::boundingRect(drawn);
        const double radius = box.height / 2.0 - 1, cx = box.x + box.width / 2.0, cy = box.y + box.height / 2.0;
        // Most red within a small window inside the ring: the crossing.
        cv::Mat1b inside(drawn.size(), uchar(0));
        cv::circle(inside, cv::Point(cv::Point2d(cx, cy)), static_cast<int>(0.93 * radius), 255, -1);
        cv::bitwise_and(drawn, inside, inside);
        cv::Mat density;
        cv::GaussianBlur(inside, density, {}, 4);
        cv::Point cross;
        cv::minMaxLoc(density, nullptr, nullptr, nullptr, &cross);
        // By hand: the brow point (0, 0, 1) turned, tilted and leant, on a ball far enough off.
        const auto rad = [&](int i) { return task.fields[static_cast<std::size_t>(i)].right * std::numbers::pi / 180; };
        const double x = std::sin(rad(0)) * std::cos(rad(1)), y = std::sin(rad(1)),
                     away = x * std::cos(rad(2)) + y * std::sin(rad(2)), up = -x * std::sin(rad(2)) + y * std::cos(rad(2));
        CAPTURE(seed, cross.x, cross.y, cx, cy, radius, away, up);
        CHECK((cross.x - cx) / radius == Approx(away).margin(0.07));
        CHECK((cy - cross.y) / radius == Approx(up).margin(0.07));
    }
}

TEST_CASE("A head of one's own is cut out where it is, and its marks with it") {
    const OwnPhoto own = ownPhoto("halcyon", poseFromDegrees({-28}, {9}, {7}));
    const StudiedHead head = studiedHead(own.picture, own.marks);
    CHECK(head.face.picture.height == drillHeight);
    CHECK(head.face.picture.width < 1.4 * drillHeight);
    int seen = 0;
    for (Mark m : own.marks.seenMarks()) {
        REQUIRE(head.face.marks[m]);
        CHECK((dotNear(head.face.picture, *head.face.marks[m]) - *head.face.marks[m]).norm() < 1.2);
        ++seen;
    }
    CHECK(seen > 12);
    const auto off = [](Radians is, Radians was, Radians sigma) { return std::abs((is - was).value) / sigma.value; };
    CHECK(off(head.face.pose.turn, own.pose.turn, head.face.sigma.turn) < 3);
    CHECK(off(head.face.pose.tilt, own.pose.tilt, head.face.sigma.tilt) < 3);
    CHECK(off(head.face.pose.lean, own.pose.lean, head.face.sigma.lean) < 3);
}

TEST_CASE("What is asked of one's own head is answered by its own marks") {
    const OwnPhoto own = ownPhoto("halcyon", poseFromDegrees({-28}, {9}, {7}));
    const StudiedHead head = studiedHead(own.picture, own.marks);
    std::set<int> angles;
    for (std::uint32_t seed = 1; seed <= 12; ++seed) {
        const auto task = taskOf(angleDrill, head, seed, 3);
        REQUIRE(task);
        // One of the four lines it asks for, by the marks of the whole photograph.
        bool found = false;
        using enum Mark;
        for (const auto& [a, b] : {std::pair{OuterEyeR, OuterEyeL}, {MouthCornerR, MouthCornerL}, {Brow, NoseTip}, {NoseTip, Chin}}) {
            const PicturePoint way = *own.marks.seen(b) - *own.marks.seen(a);
            const double angle = std::atan(-way.y() / way.x()) * 180 / std::numbers::pi;
            found = found || std::abs(angle - task->fields[0].right) < 0.1;
        }
        CHECK(found);
        angles.insert(static_cast<int>(std::lround(task->fields[0].right)));
        const auto ratio = taskOf(ratioDrill, head, seed, 1);
        REQUIRE(ratio);
        const auto length = [&](Mark a, Mark b) { return (*own.marks.seen(a) - *own.marks.seen(b)).norm(); };
        const double upper = length(Brow, NoseBase) / length(NoseBase, Chin),
                     lower = length(NoseBase, LipLine) / length(LipLine, Chin), said = ratio->fields[0].right;
        CHECK(std::min(std::abs(said - upper), std::abs(said - lower)) < 0.01);
    }
    CHECK(angles.size() > 1);
    // The far eye of a head turned to its right is its right one.
    const auto far = taskOf(farEyeDrill, head, 1, 2);
    REQUIRE(far);
    CHECK((far->fields[0].place - *head.face.marks[Mark::InnerEyeR]).norm() < 1e-9);
    CHECK((far->fields[1].place - *head.face.marks[Mark::OuterEyeR]).norm() < 1e-9);
    // What is not known exactly is not asked exactly.
    const auto pose = taskOf(poseDrill, head, 1, 5);
    REQUIRE(pose);
    CHECK(pose->fields[0].tolerance > 14 - 2 * 5);
    // Nothing is asked that the marks do not carry.
    PhotoMarks few = own.marks;
    for (Mark m : {Mark::OuterEyeL, Mark::OuterEyeR, Mark::MouthCornerL, Mark::MouthCornerR, Mark::NoseTip})
        few.marks[m].reset();
    const StudiedHead bare = studiedHead(own.picture, few);
    CHECK_FALSE(taskOf(farEyeDrill, bare, 1, 2));
    CHECK_FALSE(taskOf(angleDrill, bare, 1, 3));
    CHECK_FALSE(taskOf(findDrill, bare, 1, 3));
    CHECK_FALSE(taskOf(guidesDrill, bare, 1, 3));
    const OwnPhoto front = ownPhoto("halcyon", poseFromDegrees({2}, {0}, {0}));
    CHECK_FALSE(taskOf(farEyeDrill, studiedHead(front.picture, front.marks), 1, 2));
}

TEST_CASE("What to mend first in one's own drawing is what was moved in it, and the answer shows the way") {
    const OwnPhoto own = ownPhoto("halcyon", poseFromDegrees({-20}, {5}, {0}));
    for (const auto& [part, marks] :
         {std::pair{"mouth", std::vector{Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine}},
          {"chin", std::vector{Mark::Chin}}}) {
        CAPTURE(part);
        // Drawn on a sheet of another size, the marks pushed down the paper by a tenth of the head.
        SketchMarks drawn;
        drawn.width = 900;
        drawn.height = 1200;
        const double scale = 1.3;
        double low = 1e9, high = 0;
        for (Mark m : own.marks.seenMarks()) {
            drawn.marks[m] = PlacedMark{PicturePoint(scale * (*own.marks.seen(m) - PicturePoint(800, 330)))};
            low = std::min(low, drawn.marks[m]->at->y());
            high = std::max(high, drawn.marks[m]->at->y());
        }
        for (Mark m : marks)
            drawn.marks[m]->at->y() += 0.08 * (high - low);
        const StudiedHead head = studiedHead(own.picture, own.marks, blankPicture(900, 1200), drawn);
        const auto task = taskOf(findDrill, head, 1, 1);
        REQUIRE(task);
        CHECK(task->fields[0].choiceIds[static_cast<std::size_t>(task->fields[0].right)] == part);
        REQUIRE_FALSE(head.ways.empty());
        for (const auto& [from, to] : head.ways)
            CHECK(to.y() < from.y() - 5);
        CHECK(task->picture.width > task->picture.height);
    }
}

namespace {

/// The middles of the two rings on a task's picture, the upper first, found by their pixels.
std::array<PicturePoint, 2> ringsOn(const DrillTask& task, const Picture& plain) {
    cv::Mat1b drawn;
    cv::bitwise_and(reds(task.picture), ~reds(plain), drawn);
    cv::Mat joined, labels, stats, middles;
    cv::dilate(drawn, joined, cv::Mat(), {-1, -1}, 2);
    const int count = cv::connectedComponentsWithStats(joined, labels, stats, middles);
    std::vector<std::pair<int, PicturePoint>> all;
    for (int i = 1; i < count; ++i)
        all.emplace_back(stats.at<int>(i, cv::CC_STAT_AREA),
                         PicturePoint(middles.at<double>(i, 0), middles.at<double>(i, 1)));
    std::sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    REQUIRE(all.size() >= 2);
    std::array<PicturePoint, 2> rings{all[0].second, all[1].second};
    if (rings[0].y() > rings[1].y())
        std::swap(rings[0], rings[1]);
    return rings;
}

} // namespace

TEST_CASE("The middle lies between the rings, and the plumb line under the upper one") {
    const Picture nothing = blankPicture(416, drillHeight);
    for (std::uint32_t seed = 1; seed <= 12; ++seed) {
        CAPTURE(seed);
        const DrillTask middle = taskOf(midpointDrill, seed, 1 + static_cast<int>(seed % 5));
        const auto ends = ringsOn(middle, nothing);
        CHECK((middle.fields[0].place - (ends[0] + ends[1]) / 2).norm() < 1.5);
        if (middle.fields.size() > 1) {
            const PicturePoint third = middle.fields[1].place;
            const double share = (third - ends[0]).norm() / (ends[1] - ends[0]).norm();
            CHECK(std::min(std::abs(share - 1.0 / 3), std::abs(share - 2.0 / 3)) < 0.03);
        }
        const DrillTask plumb = taskOf(plumbDrill, seed, 1 + static_cast<int>(seed % 5));
        const auto hung = ringsOn(plumb, nothing);
        CHECK(plumb.fields[0].place.x() == Approx(hung[0].x()).margin(1.5));
        CHECK(plumb.fields[0].place.y() == Approx(hung[1].y()).margin(1.5));
    }
}

TEST_CASE("The value asked for is the spot's lightness by the formula written out, and its answer shows so many") {
    for (std::uint32_t seed = 1; seed <= 10; ++seed) {
        const int level = 1 + static_cast<int>(seed % 5);
        const DrillTask task = taskOf(toneDrill, seed, level);
        const int values = std::stoi(task.figures[0].second);
        CAPTURE(seed, values);
        const cv::Rect ring = cv::boundingRect(reds(task.answer));
        const int cx = ring.x + ring.width / 2, cy = ring.y + ring.height / 2;
        // Plaster is grey enough: lightness from the mean of relative luminance (Rec. 709 weights) over the ring's inside.
        double sum = 0;
        int count = 0;
        const cv::Mat3b picture = matOf(task.picture);
        for (int y = cy - 5; y <= cy + 5; ++y)
            for (int x = cx - 5; x <= cx + 5; ++x) {
                const auto linear = [](std::uint8_t v) {
                    const double s = v / 255.0;
                    return s <= 0.04045 ? s / 12.92 : std::pow((s + 0.055) / 1.055, 2.4);
                };
                const cv::Vec3b c = picture(y, x);
                const double luminance = 0.2126 * linear(c[2]) + 0.7152 * linear(c[1]) + 0.0722 * linear(c[0]);
                sum += luminance > 0.008856 ? 116 * std::cbrt(luminance) - 16 : 903.3 * luminance;
                ++count;
            }
        const double right = sum / count * values / 100 + 1;
        CHECK(task.fields[0].right <= right + 0.1);
        CHECK(task.fields[0].right + 1 >= right - 0.1);
        std::set<int> greys;
        for (std::size_t i = 0; i < task.answer.bgr.size(); i += 3)
            if (task.answer.bgr[i] == task.answer.bgr[i + 1] && task.answer.bgr[i] == task.answer.bgr[i + 2])
                greys.insert(task.answer.bgr[i]);
        CHECK(static_cast<int>(greys.size()) <= values + 2); // the ring's edge has a few of its own
        CHECK(greys.size() >= 2);
    }
}
