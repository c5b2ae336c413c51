#include "core/compare/errors/catalogue.h"

namespace zokran {

using enum Mark;

namespace {

/// In this order errors that look alike are told apart: the plainer one first.
constexpr errors::Part* parts[] = {errors::whole, errors::face,      errors::skull,      errors::spacing,
                                   errors::sizes, errors::mouthAxis, errors::singleMarks};

} // namespace

const ErrorCatalogue::Marks ErrorCatalogue::mouth{MouthCornerL, MouthCornerR, LipLine};
const ErrorCatalogue::Marks ErrorCatalogue::nose{NoseTip, NoseBase, NoseWingL, NoseWingR};
const ErrorCatalogue::Marks ErrorCatalogue::eyeL{InnerEyeL, OuterEyeL, PupilL};
const ErrorCatalogue::Marks ErrorCatalogue::eyeR{InnerEyeR, OuterEyeR, PupilR};
const ErrorCatalogue::Marks ErrorCatalogue::eyes{InnerEyeL, OuterEyeL, PupilL,
                                                 InnerEyeR, OuterEyeR, PupilR};
const ErrorCatalogue::Marks ErrorCatalogue::ears{EarTopL, EarBaseL, EarTopR, EarBaseR};

ErrorCatalogue::ErrorCatalogue(const HeadMarks& s, const View& view, bool h, const ExpressionPlaces& e)
    : sitter(s), expression(e), held(h) {
    // The lean is that against the line of sight; the axes are wanted on the head.
    const Pose pose = view.pose();
    const Eigen::Matrix3d upright = headToView({pose.turn, pose.tilt, {0}});
    pictureRight = upright.transpose() * Vector::UnitX();
    pictureUp = upright.transpose() * Vector::UnitY();
    towards = upright.transpose() * Vector::UnitZ();
    pageRight = view.rotation.transpose() * Vector::UnitX();
    pageUp = view.rotation.transpose() * Vector::UnitY();
}

void ErrorCatalogue::shift(std::string id, Tier tier, const Marks& marks, const Vector& axis) {
    add(std::move(id), tier, AmountUnit::BallRadius, marks, [&](const HeadPoint&) { return axis; });
}

void ErrorCatalogue::widen(std::string id, Tier tier, const Marks& marks, BallRadii about) {
    add(std::move(id), tier, AmountUnit::Share, marks,
        [&](const HeadPoint& p) { return Vector(p.x() - about.value, 0, 0); });
}

Mark ErrorCatalogue::carrierOf(ExpressionMark mark) {
    switch (featureOf(mark)) {
    case ExpressionFeature::Eyebrow:
        return Brow;
    case ExpressionFeature::Lid:
        return isLeft(mark) ? InnerEyeL : InnerEyeR;
    case ExpressionFeature::Lip:
        break;
    }
    return LipLine;
}

HeadMarks ErrorCatalogue::nothing() {
    HeadMarks none;
    for (HeadPoint& p : none)
        p.setZero();
    return none;
}

ErrorCatalogue::Marks ErrorCatalogue::all() {
    Marks marks;
    for (int i = 0; i < markCount; ++i)
        marks.push_back(markAt(i));
    return marks;
}

ErrorCatalogue::Marks ErrorCatalogue::bothSides(Marks left) {
    Marks marks = left;
    for (Mark m : left)
        if (mirrored(m) != m)
            marks.push_back(mirrored(m));
    return marks;
}

std::vector<ErrorMode> errorModes(const HeadMarks& sitter, const View& view, bool held,
                                  const ExpressionPlaces& expression) {
    ErrorCatalogue catalogue(sitter, view, held, expression);
    for (errors::Part* part : parts)
        part(catalogue);
    return std::move(catalogue.modes);
}

} // namespace zokran
