#pragma once

#include "core/base/units.h"

#include <Eigen/Geometry>
#include <Eigen/LU>
#include <type_traits>

namespace zokran {

/// A place in the picture at hand, whichever that is: pixels, x right, y down, (0, 0) the top-left
/// corner of the upright image. What can only be one of several pictures has a type of its own.
using PicturePoint = Eigen::Vector2d;

/// A place in one kind of picture. It computes like any point of the plane, but a place of one kind
/// is never taken for a place of another, nor is the way from one to the other.
template <class Frame>
struct FramePoint : Eigen::Vector2d {
    FramePoint() : Eigen::Vector2d(0, 0) {}
    FramePoint(double x, double y) : Eigen::Vector2d(x, y) {}
    FramePoint(typename Frame::Length x, typename Frame::Length y) : Eigen::Vector2d(x.value, y.value) {}
    template <class Expression>
    FramePoint(const Eigen::MatrixBase<Expression>& e) : Eigen::Vector2d(e) {}
    template <class Other>
    requires(!std::is_same_v<Other, Frame>) FramePoint(const FramePoint<Other>&)
    = delete;
};
template <class A, class B>
requires(!std::is_same_v<A, B>) void operator-(const FramePoint<A>&, const FramePoint<B>&) = delete;
template <class A, class B>
requires(!std::is_same_v<A, B>) void operator+(const FramePoint<A>&, const FramePoint<B>&) = delete;

/// The unit that lengths of each kind of picture have.
struct PhotoFrame {
    using Length = Pixels;
};
struct SketchFrame {
    using Length = Pixels;
};
struct PaperFrame {
    using Length = Millimetres;
};
/// In the reference photograph, pixels.
using PhotoPoint = FramePoint<PhotoFrame>;
/// In the picture of a sketch, pixels.
using SketchPoint = FramePoint<SketchFrame>;
/// On the learner's paper, millimetres from the sheet's top-left corner.
using PaperPoint = FramePoint<PaperFrame>;

/// A way or a place in one unit carried to another, such as pixels to millimetres.
template <class Over, class Under, class Expression>
typename Expression::PlainObject operator*(Ratio<Over, Under> ratio, const Eigen::MatrixBase<Expression>& way) {
    return ratio.value * way;
}

/// The rotation of the picture's plane by this angle, clockwise as seen since y points down.
inline Eigen::Rotation2Dd clockwiseRotation(Radians by) {
    return Eigen::Rotation2Dd(by.value);
}

/// The way that leads so far along a direction (a unit vector).
template <class Unit, class Direction>
typename Direction::PlainObject operator*(Quantity<Unit> length, const Eigen::MatrixBase<Direction>& along) {
    return length.value * along;
}

/// A place on the head: ball radii in the head frame, +x the viewer's right when the head faces the
/// viewer (the sitter's left), +y the crown, +z out of the face, origin at the ball's centre.
using HeadPoint = Eigen::Vector3d;

/// The same from its three lengths.
inline HeadPoint headPoint(BallRadii x, BallRadii y, BallRadii z) {
    return {x.value, y.value, z.value};
}

} // namespace zokran
