#pragma once

#include "core/base/points.h"
#include "core/view/view.h"

namespace zokran {

/// How neck and shoulders stand under a head, in the head frame: rotations from the posture in which the head looks straight
/// ahead over level shoulders. The identity is a bust that turns with its head as one piece, as a plaster cast does.
struct BustPose {
    Eigen::Matrix3d neck = Eigen::Matrix3d::Identity(), shoulders = Eigen::Matrix3d::Identity();
    bool isGuess = false; ///< nothing of it was marked
    bool operator==(const BustPose& other) const {
        return neck == other.neck && shoulders == other.shoulders && isGuess == other.isGuess;
    }
};

/// Shoulders that stay upright under a head held so, with a neck that follows the head by a share of its lean, its tilt and its
/// turn, and shoulders that come along where the head is turned further than a neck turns. A guess: the shares are common
/// practice, no source.
BustPose uprightBust(const Pose& head);
/// The same bust with its neck inclined so that the pit of the neck lies on this place of the picture, seen by `view`.
BustPose withPitAt(const BustPose& bust, const PicturePoint& at, const View& view);
/// The same with its shoulders as level or as sloped as these two places of the picture, the one at the viewer's left first.
BustPose withShouldersAt(const BustPose& bust, const PicturePoint& left, const PicturePoint& right, const View& view);

/// Where the skull sits on the neck, and the neck in the shoulders, and the pit between the collar bones, in the neutral posture (ball radii, head frame). Common
/// practice, no source: between and below the ears, and at the height of the pit of the neck.
inline const HeadPoint neckJoint(0, -0.55, -0.15), neckFoot(0, -1.62, -0.2), pitOfNeck(0, -1.87, 0.33);

/// A place of neck or chest moved with them; `share`: 0 is part of the skull, 1 of the neck below it. From the foot of the
/// neck on a place goes over to the shoulders.
HeadPoint movedWithBust(const BustPose& bust, const HeadPoint& neutral, double share);

} // namespace zokran
