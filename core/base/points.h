#pragma once

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

/// In the reference photograph, pixels.
using PhotoPoint = FramePoint<struct PhotoFrame>;
/// In the picture of a sketch, pixels.
using SketchPoint = FramePoint<struct SketchFrame>;
/// On the learner's paper, millimetres from the sheet's top-left corner.
using PaperPoint = FramePoint<struct PaperFrame>;

/// A place on the head: ball radii in the head frame, +x the viewer's right when the head faces the
/// viewer (the sitter's left), +y the crown, +z out of the face, origin at the ball's centre.
using HeadPoint = Eigen::Vector3d;

} // namespace zokran
