#include "core/head/proportions.h"

namespace zokran {

using enum Mark;

Levels levelsOf(const HeadMarks& head) {
    const double eye =
        (head[InnerEyeL].y() + head[InnerEyeR].y() + head[OuterEyeL].y() + head[OuterEyeR].y()) / 4;
    const double mouth = head[LipLine].y(), chin = head[Chin].y();
    auto both = [&](Mark left) { return (head[left].y() + head[mirrored(left)].y()) / 2; };
    return {{head[Crown].y()},
            {head[Hairline].y()},
            {head[Brow].y()},
            {eye},
            {head[NoseBase].y()},
            {mouth},
            {chin},
            {mouth + lowerLipShare * (chin - mouth)},
            {both(EarTopL)},
            {both(EarBaseL)}};
}

BallRadii headHeight(const HeadMarks& head) {
    return {head[Crown].y() - head[Chin].y()};
}

BallRadii eyeWidth(const HeadMarks& head) {
    return {
        ((head[OuterEyeL] - head[InnerEyeL]).norm() + (head[OuterEyeR] - head[InnerEyeR]).norm()) /
        2};
}

} // namespace zokran
