#include "core/view/ellipse.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <numbers>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

View randomView(Random& random) {
    View v =
        viewAt(pose(random.between(-90, 90), random.between(-60, 60), random.between(-180, 180)),
               random.between(6, 30));
    v.centre = {random.between(200, 800), random.between(200, 800)};
    return v;
}

} // namespace

TEST_CASE("Projection agrees with OpenCV's projectPoints") {
    Random random(11);
    for (int i = 0; i < 50; ++i) {
        const View v = randomView(random);
        // OpenCV's camera looks along +z with y down; ours has z to the viewer and y up.
        const double f = v.focal().value;
        const Eigen::Matrix3d flip = Eigen::Vector3d(1, -1, -1).asDiagonal();
        const Eigen::Matrix3d r = flip * v.rotation;
        const Eigen::Vector3d t((v.centre - v.principal).x() / v.scale,
                                (v.centre - v.principal).y() / v.scale, 1 / v.nearness);
        cv::Mat rotation(3, 3, CV_64F), vector;
        for (int k = 0; k < 9; ++k)
            rotation.at<double>(k / 3, k % 3) = r(k / 3, k % 3);
        cv::Rodrigues(rotation, vector);
        const cv::Mat camera =
            (cv::Mat_<double>(3, 3) << f, 0, v.principal.x(), 0, f, v.principal.y(), 0, 0, 1);
        const HeadPoint p(random.normal(1), random.normal(1), random.normal(1));
        std::vector<cv::Point2d> out;
        cv::projectPoints(std::vector<cv::Point3d>{{p.x(), p.y(), p.z()}}, vector,
                          cv::Vec3d(t.x(), t.y(), t.z()), camera, cv::noArray(), out);
        const PicturePoint ours = v.project(p);
        CHECK(ours.x() == Approx(out[0].x).epsilon(1e-9));
        CHECK(ours.y() == Approx(out[0].y).epsilon(1e-9));
    }
}

TEST_CASE("The orthographic limit is reached without a jump") {
    View near = viewAt(pose(25, -10, 5), 1e7), never = near;
    never.nearness = 0;
    const HeadPoint p(0.3, -0.8, 0.7);
    CHECK((near.project(p) - never.project(p)).norm() < 1e-3);
    CHECK(std::isinf(never.focal().value));
    CHECK(never.outlineRadius().value == Approx(150));
}

TEST_CASE("A point behind the camera still gives finite pixels") {
    const View v = viewAt(pose(0, 0, 0), 3);
    CHECK(v.project({0.5, 0.5, 50}).allFinite());
}

TEST_CASE("Lifting a picture point undoes its projection") {
    Random random(12);
    for (int i = 0; i < 30; ++i) {
        const View v = randomView(random);
        const HeadPoint p(random.normal(0.7), random.normal(0.7), random.normal(0.7));
        CHECK((v.liftInPlaneOf(p, v.project(p)) - p).norm() < 1e-9);
        const PicturePoint moved = v.project(p) + PicturePoint(8, -5);
        CHECK((v.project(v.liftInPlaneOf(p, moved)) - moved).norm() < 1e-8);
    }
}

TEST_CASE("A circle on a cube's face in isometric view has axes in the ratio 1 to root three") {
    // ISO 5456-3:1996, Technical drawings, projection methods, part 3: axonometric representations,
    // isometric: the long axis is root(3/2) and the short one root(1/2) of the drawn diameter.
    View v;
    v.nearness = 0;
    v.scale = 100;
    v.rotation = headToView({toRadians({45}), {0}, {0}});
    v.rotation = rotationFromVector({std::atan(1 / std::sqrt(2.0)), 0, 0}) * v.rotation;
    const Circle faces[] = {{{0, 0, 1}, {1, 0, 0}, {0, 1, 0}},
                            {{0, 1, 0}, {1, 0, 0}, {0, 0, 1}},
                            {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}};
    for (const Circle& c : faces) {
        const Ellipse e = imageOf(c, v);
        CHECK(e.b.value / e.a.value == Approx(1 / std::sqrt(3.0)).epsilon(1e-9));
        CHECK(e.a.value == Approx(100.0).epsilon(1e-9));
    }
}

TEST_CASE("The image of a circle is the ellipse through its projected points") {
    Random random(13);
    for (int i = 0; i < 20; ++i) {
        const View v = randomView(random);
        const Circle c{{0.745, 0, 0}, {0, 0, 0.667}, {0, 0.667, 0}};
        const Ellipse e = imageOf(c, v);
        const double cosine = std::cos(e.angle.value), sine = std::sin(e.angle.value);
        for (double t = 0; t < 6.2; t += 0.3) {
            const PicturePoint d = v.project(c.at({t})) - e.centre;
            const double x = (cosine * d.x() + sine * d.y()) / e.a.value;
            const double y = (-sine * d.x() + cosine * d.y()) / std::max(e.b.value, 1e-9);
            CHECK(x * x + y * y == Approx(1).epsilon(1e-6));
        }
        // OpenCV fits an ellipse to the same points.
        std::vector<cv::Point2f> points;
        for (double t = 0; t < 6.28; t += 0.1) {
            const PicturePoint p = v.project(c.at({t}));
            points.emplace_back(static_cast<float>(p.x()), static_cast<float>(p.y()));
        }
        if (e.b.value > 5) {
            const cv::RotatedRect fitted = cv::fitEllipse(points);
            CHECK(std::max(fitted.size.width, fitted.size.height) / 2 ==
                  Approx(e.a.value).epsilon(1e-3));
            CHECK(std::min(fitted.size.width, fitted.size.height) / 2 ==
                  Approx(e.b.value).epsilon(2e-3));
        }
    }
}

TEST_CASE("A circle that passes the camera has no ellipse and says so") {
    const View v = viewAt(pose(0, 0, 0), 2);
    CHECK_THROWS_AS(imageOf({{0, 0, 1.9}, {1, 0, 0}, {0, 0, 1}}, v), BadInput);
}

TEST_CASE("The ball's outline is where the rays graze it") {
    Random random(14);
    for (int i = 0; i < 20; ++i) {
        const View v = randomView(random);
        const Circle outline = outlineOfBall(v);
        for (double t = 0; t < 6; t += 0.7) {
            const HeadPoint p = outline.at({t});
            CHECK(p.norm() == Approx(1));
            CHECK(std::abs(p.dot(v.towardsCamera() - v.nearness * p)) < 1e-9);
        }
    }
    View straight = viewAt(pose(0, 0, 0), 9);
    straight.centre = straight.principal;
    CHECK(imageOf(outlineOfBall(straight), straight).a.value ==
          Approx(straight.outlineRadius().value));
}
