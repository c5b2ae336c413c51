#pragma once

#include "core/view/pose.h"

namespace zokran {

/// `View::nearness` of a camera so far from the ball's centre.
constexpr double nearnessAt(BallRadii distance) {
    return 1 / distance.value;
}

/// A head before a pinhole camera: everything needed to carry a head point into the picture.
///
/// The camera is written so that its orthographic limit is an ordinary value and not a special
/// case. With `m = rotation * p` a point turned to the view axes (ball radii), the picture point is
///
///     principal + ((centre - principal) + scale * (m.x, -m.y)) / (1 - nearness * m.z)
///
/// which is the pinhole camera of focal length `scale / nearness` px whose distance from the plane
/// of the ball's centre is `1 / nearness` ball radii. `nearness = 0` is the orthographic limit.
///
/// The view axes are the camera's. People see a head along the line of sight to it, so turn, tilt
/// and lean are told against the sight axes: the camera's, turned by the smallest turn that brings
/// the direction from the ball's centre to the camera on to the axis towards the viewer. In the
/// middle of a picture the two are one; at the edge of a wide-angle photograph they are 30° apart.
struct View {
    Eigen::Matrix3d rotation = Eigen::Matrix3d::Identity(); ///< head to the camera's axes
    PicturePoint centre{0, 0};    ///< where the ball's centre lies in the picture
    double scale = 1;             ///< px per ball radius in the plane of the ball's centre
    double nearness = 0;          ///< 1 / camera distance, per ball radius; in [0, 1)
    PicturePoint principal{0, 0}; ///< where the camera's axis meets the picture

    /// The turn from the camera's axes to the sight axes.
    Eigen::Matrix3d sight() const;
    /// The head's rotation against the line of sight to it: `R_head_to_view` of the pose.
    Eigen::Matrix3d facing() const { return sight() * rotation; }
    /// The same as three angles.
    Pose pose() const { return poseOf(facing()); }
    /// Turns the head to this facing, where it stands; place, scale and camera must be set before.
    void face(const Eigen::Matrix3d& facing) { rotation = sight().transpose() * facing; }

    /// How long a length of the head is in the picture, square to the line of sight and as far away as the ball's centre.
    Pixels inPicture(BallRadii length) const { return {scale * length.value}; }

    /// The picture point of `p`. A point in or behind the camera's plane has none; it is pushed to
    /// just before the camera, so that what comes back is finite.
    PicturePoint project(const HeadPoint& p) const;

    /// The direction from the head to the camera in homogeneous form: the camera stands at
    /// `d / nearness` in the head frame, or infinitely far along `d` when nearness is 0.
    HeadPoint towardsCamera() const;

    /// True when a surface element at `p` with outward normal `n` is turned to the camera.
    bool faces(const HeadPoint& p, const Eigen::Vector3d& n) const {
        return n.dot(towardsCamera() - nearness * p) > 0;
    }

    /// Focal length; infinite in the orthographic limit.
    Pixels focal() const;

    /// The radius of the ball's outline when it stands on the camera's axis.
    Pixels outlineRadius() const;

    /// The head point that projects to `at` and lies in the plane through `through` parallel to the
    /// picture.
    HeadPoint liftInPlaneOf(const HeadPoint& through, const PicturePoint& at) const;
};

} // namespace zokran
