#include "core/head/bust_pose.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// The neck's share of the head's angles: common practice, no source.
constexpr double ofLean = 0.45, ofTilt = 0.42, ofTurn = 0.3;
/// So far a head turns over its shoulders with ease; what is more the shoulders come along with, and a third of the rest.
/// About two thirds of the cervical range of rotation, 80 degrees (from memory of clinical tables).
constexpr Degrees easyTurn{50};
constexpr double shouldersComeAlong = 0.3;

Eigen::Matrix3d partOf(const Eigen::Matrix3d& from, const Eigen::Matrix3d& to, double share) {
    return Eigen::Quaterniond(from).slerp(share, Eigen::Quaterniond(to)).toRotationMatrix();
}

} // namespace

BustPose uprightBust(const Pose& head) {
    const Radians easy = toRadians(easyTurn);
    const double sign = head.turn < Radians{0} ? -1 : 1;
    const Radians beyond = std::max(Radians{0}, abs(head.turn) - easy);
    const Radians shouldersTurn = sign * (shouldersComeAlong * std::min(abs(head.turn), easy) + beyond);
    const Radians neckTurn = shouldersTurn + ofTurn * (head.turn - shouldersTurn);
    const Eigen::Matrix3d toHead = headToView(head).transpose();
    return {toHead * headToView({neckTurn, ofTilt * head.tilt, ofLean * head.lean}),
            toHead * headToView({shouldersTurn, Radians{0}, Radians{0}}), true};
}

HeadPoint movedWithBust(const BustPose& bust, const HeadPoint& neutral, double share) {
    const Eigen::Matrix3d identity = Eigen::Matrix3d::Identity();
    // Below the foot of the neck lie collar bones and shoulders.
    constexpr double overTo = 0.3; // ball radii from neck to shoulders
    const double ofShoulders = std::clamp((neckFoot.y() + overTo / 2 - neutral.y()) / overTo, 0.0, 1.0);
    const HeadPoint foot = neckJoint + bust.neck * (neckFoot - neckJoint);
    if (ofShoulders > 0)
        return foot + partOf(bust.neck, bust.shoulders, ofShoulders) * (neutral - neckFoot);
    return neckJoint + partOf(identity, bust.neck, share) * (neutral - neckJoint);
}

BustPose withPitAt(const BustPose& bust, const PicturePoint& at, const View& view) {
    // The neck nods and leans about the skull's joint; two angles for the two coordinates of the place, by Gauss and Newton.
    const auto inclined = [&](const Eigen::Vector2d& by) {
        const Eigen::Vector3d inView(by.x(), 0, by.y());
        BustPose tried = bust;
        tried.isGuess = false;
        tried.neck = view.rotation.transpose() * rotationFromVector(inView) * view.rotation * bust.neck;
        return tried;
    };
    const auto off = [&](const Eigen::Vector2d& by) {
        return Eigen::Vector2d(view.project(movedWithBust(inclined(by), pitOfNeck, 1)) - at);
    };
    Eigen::Vector2d angles(0, 0);
    constexpr int steps = 12;
    constexpr double little = 1e-4, most = 0.15; // rad, of a step
    for (int i = 0; i < steps; ++i) {
        const Eigen::Vector2d now = off(angles);
        Eigen::Matrix2d slope;
        for (int k = 0; k < 2; ++k)
            slope.col(k) = (off(angles + little * Eigen::Vector2d::Unit(k)) - now) / little;
        // Damped: a neck seen along its axis hardly moves in the picture.
        const Eigen::Matrix2d normal =
            slope.transpose() * slope + 1e-3 * view.scale * view.scale * Eigen::Matrix2d::Identity();
        Eigen::Vector2d step = -normal.ldlt().solve(slope.transpose() * now);
        if (step.norm() > most)
            step *= most / step.norm();
        angles += step;
    }
    return inclined(angles);
}

BustPose withShouldersAt(const BustPose& bust, const PicturePoint& left, const PicturePoint& right, const View& view) {
    const Eigen::Vector3d across = view.rotation * bust.shoulders * Eigen::Vector3d::UnitX();
    const Eigen::Vector2d is(across.x(), -across.y()), wanted = right - left; // px run down
    if (!(is.norm() > 1e-6) || !(wanted.norm() > 1e-6))
        return bust;
    // Clockwise as seen is against the sense of rotation about the axis towards the viewer.
    const Radians clockwise{std::atan2(is.x() * wanted.y() - is.y() * wanted.x(), is.dot(wanted))};
    BustPose sloped = bust;
    sloped.shoulders = view.rotation.transpose() * aboutSight(-clockwise) * view.rotation * bust.shoulders;
    sloped.isGuess = false;
    return sloped;
}

} // namespace zokran
