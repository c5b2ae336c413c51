#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/calib3d.hpp>

using namespace zokran;
using namespace zokran::test;
using Eigen::Matrix3d;
using Eigen::Vector3d;

namespace {

Matrix3d byOpenCv(const Vector3d& w) {
    const cv::Mat vector = (cv::Mat_<double>(3, 1) << w.x(), w.y(), w.z());
    cv::Mat matrix;
    cv::Rodrigues(vector, matrix);
    Matrix3d r;
    for (int i = 0; i < 9; ++i)
        r(i / 3, i % 3) = matrix.at<double>(i / 3, i % 3);
    return r;
}

} // namespace

TEST_CASE("The signs of turn, tilt and lean are those of the design") {
    const Vector3d nose(0, 0, 1), crown(0, 1, 0);
    CHECK((headToView(pose(30, 0, 0)) * nose).x() == Approx(0.5));  // to the viewer's right
    CHECK((headToView(pose(0, 30, 0)) * nose).y() == Approx(0.5));  // chin up
    CHECK((headToView(pose(0, 0, 30)) * crown).x() == Approx(0.5)); // crown to the right
}

TEST_CASE("A pose is its own three rotations, as OpenCV's Rodrigues builds them") {
    Random random(1);
    for (int i = 0; i < 100; ++i) {
        const double turn = random.between(-1.5, 1.5), tilt = random.between(-1.4, 1.4),
                     lean = random.between(-3, 3);
        const Matrix3d expected =
            byOpenCv({0, 0, -lean}) * byOpenCv({0, turn, 0}) * byOpenCv({-tilt, 0, 0});
        CHECK((headToView({{turn}, {tilt}, {lean}}) - expected).norm() < 1e-12);
    }
}

TEST_CASE("rotationFromVector is OpenCV's Rodrigues, also for the smallest turns") {
    Random random(2);
    for (double size : {1e-14, 1e-9, 1e-4, 0.1, 1.0, 3.0}) {
        const Vector3d w =
            size * Vector3d(random.normal(1), random.normal(1), random.normal(1)).normalized();
        CHECK((rotationFromVector(w) - byOpenCv(w)).norm() < 1e-12);
    }
}

TEST_CASE("poseOf undoes headToView") {
    Random random(3);
    for (int i = 0; i < 200; ++i) {
        const Pose p =
            pose(random.between(-89, 89), random.between(-179, 179), random.between(-179, 179));
        const Pose q = poseOf(headToView(p));
        CHECK(degrees(q.turn) == Approx(degrees(p.turn)).margin(1e-9));
        CHECK(degrees(q.tilt) == Approx(degrees(p.tilt)).margin(1e-9));
        CHECK(degrees(q.lean) == Approx(degrees(p.lean)).margin(1e-9));
    }
    SECTION("at a full profile tilt and lean are one, and the rotation is still right") {
        for (double side : {-90.0, 90.0}) {
            const Matrix3d r = headToView(pose(side, 20, 10));
            const Pose q = poseOf(r);
            CHECK((headToView(q) - r).norm() < 1e-7);
            CHECK(q.lean.value == 0);
        }
    }
}

TEST_CASE("Angles wrap into one turn and rotations know how far apart they are") {
    CHECK(degrees(wrapped(toRadians({190}))) == Approx(-170));
    CHECK(degrees(wrapped(toRadians({-180}))) == Approx(180));
    CHECK(degrees(wrapped(toRadians({725}))) == Approx(5));
    CHECK(apart(headToView(pose(10, 0, 0)), headToView(pose(50, 0, 0))) == Approx(40));
    CHECK(apart(headToView(pose(0, 0, -170)), headToView(pose(0, 0, 170))) == Approx(20));
}
