#include "core/light/tone_places.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

HeadPoint between(const HeadMarks& head, Mark a, Mark b, double share) {
    return head[a] + share * (head[b] - head[a]);
}

HeadPoint besideTheHead(const HeadMarks& head) {
    return {1.75, head[Mark::Brow].y() - 0.1, 0};
}
HeadPoint hairOnTop(const HeadMarks& head) {
    return between(head, Mark::Hairline, Mark::Crown, 0.45);
}
HeadPoint hairAtTheSide(const HeadMarks& head) {
    const HeadPoint& ear = head[Mark::EarTopL];
    return {ear.x() - 0.02, ear.y() + 0.42, ear.z() + 0.12};
}
HeadPoint forehead(const HeadMarks& head) {
    const HeadPoint middle = between(head, Mark::Hairline, Mark::Brow, 0.5);
    return {0.3, middle.y(), middle.z() - 0.05};
}
HeadPoint temple(const HeadMarks& head) {
    const HeadPoint& outer = head[Mark::OuterEyeL];
    return {outer.x() + 0.1, outer.y() + 0.2, outer.z() - 0.12}; // inside the outline of a narrow head, too
}
HeadPoint eyebrow(const HeadMarks& head) {
    const HeadPoint eye = between(head, Mark::InnerEyeL, Mark::OuterEyeL, 0.45);
    return {eye.x(), eye.y() + 0.9 * (head[Mark::Brow].y() - eye.y()), eye.z() + 0.06};
}
HeadPoint socket(const HeadMarks& head) {
    const HeadPoint& inner = head[Mark::InnerEyeL];
    return {inner.x() + 0.02, inner.y() + 0.4 * (head[Mark::Brow].y() - inner.y()), inner.z()};
}
HeadPoint pupil(const HeadMarks& head) {
    return head[Mark::PupilL];
}
HeadPoint underTheEye(const HeadMarks& head) {
    const HeadPoint eye = between(head, Mark::InnerEyeL, Mark::OuterEyeL, 0.45);
    return {eye.x(), eye.y() - 0.17, eye.z() + 0.02};
}
HeadPoint ear(const HeadMarks& head) {
    return between(head, Mark::EarTopL, Mark::EarBaseL, 0.5);
}
HeadPoint noseBridge(const HeadMarks& head) {
    return between(head, Mark::NoseRoot, Mark::NoseTip, 0.5);
}
HeadPoint noseSide(const HeadMarks& head) {
    const HeadPoint middle = between(head, Mark::NoseRoot, Mark::NoseTip, 0.6);
    return {0.55 * head[Mark::NoseWingL].x(), middle.y(), middle.z() - 0.12};
}
HeadPoint noseTip(const HeadMarks& head) {
    return head[Mark::NoseTip];
}
HeadPoint nostril(const HeadMarks& head) {
    return between(head, Mark::NoseBase, Mark::NoseWingL, 0.45);
}
HeadPoint underTheNose(const HeadMarks& head) {
    return between(head, Mark::NoseBase, Mark::LipLine, 0.22);
}
HeadPoint cheekbone(const HeadMarks& head) {
    const HeadPoint &outer = head[Mark::OuterEyeL], &wing = head[Mark::NoseWingL];
    return {outer.x(), outer.y() + 0.5 * (wing.y() - outer.y()), outer.z()};
}
HeadPoint cheek(const HeadMarks& head) {
    return between(head, Mark::MouthCornerL, Mark::JawAngleL, 0.42);
}
HeadPoint jaw(const HeadMarks& head) {
    return between(head, Mark::Chin, Mark::JawAngleL, 0.72);
}
HeadPoint upperLip(const HeadMarks& head) {
    return between(head, Mark::NoseBase, Mark::LipLine, 0.78);
}
HeadPoint mouthCorner(const HeadMarks& head) {
    return head[Mark::MouthCornerL];
}
HeadPoint parting(const HeadMarks& head) {
    return head[Mark::LipLine];
}
HeadPoint lowerLip(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.19);
}
HeadPoint underTheLip(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.42);
}
HeadPoint chin(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.74);
}
HeadPoint underTheChin(const HeadMarks& head) {
    return head[Mark::Chin] + HeadPoint(0, -0.14, -0.22);
}
HeadPoint neck(const HeadMarks& head) {
    return head[Mark::Chin] + HeadPoint(0.3, -0.32, -0.5);
}

} // namespace

const std::vector<TonePlace>& tonePlaces() {
    using Kind = TonePlace::Kind;
    const Eigen::Vector3d ahead(0, 0, 1), up = Eigen::Vector3d(0, 0.9, 0.6).normalized(), aside(1, 0, 0),
        slant = Eigen::Vector3d(0.8, 0, 0.6), ofCheek = Eigen::Vector3d(0.6, 0, 0.8),
        ofBrow = Eigen::Vector3d(0.4, 0, 0.92).normalized(), ofForehead = Eigen::Vector3d(0.5, 0.2, 0.84).normalized(),
        below = Eigen::Vector3d(0, -0.5, 0.87).normalized();
    static const std::vector<TonePlace> all = {
        {"background", ZOKRAN_WORDS("the background"), true, Kind::Beside, besideTheHead, {0.2}, ahead, 0.08},
        {"hair_top", ZOKRAN_WORDS("the hair on top"), false, Kind::Surface, hairOnTop, {0.2}, up, 0.06},
        {"hair_side", ZOKRAN_WORDS("the hair at the side"), true, Kind::Surface, hairAtTheSide, {0.17}, aside, 0.06},
        {"forehead", ZOKRAN_WORDS("the forehead"), true, Kind::Surface, forehead, {0.16}, ofForehead},
        {"temple", ZOKRAN_WORDS("the temple"), true, Kind::Surface, temple, {0.12}, slant},
        {"eyebrow", ZOKRAN_WORDS("the eyebrow"), true, Kind::Surface, eyebrow, {0.09}, ofBrow, 0.065},
        {"socket", ZOKRAN_WORDS("the eye socket"), true, Kind::Surface, socket, {0.07}, ahead},
        {"pupil", ZOKRAN_WORDS("the pupil"), true, Kind::Detail, pupil, {0.1}, ahead, 0.07},
        {"under_eye", ZOKRAN_WORDS("under the eye"), true, Kind::Surface, underTheEye, {0.07}, ofBrow},
        {"ear", ZOKRAN_WORDS("the ear"), true, Kind::Surface, ear, {0.12}, aside},
        {"nose_bridge", ZOKRAN_WORDS("the bridge of the nose"), false, Kind::Surface, noseBridge, {0.06}, ahead},
        {"nose_side", ZOKRAN_WORDS("the side of the nose"), true, Kind::Surface, noseSide, {0.07}, slant},
        {"nose_tip", ZOKRAN_WORDS("the tip of the nose"), false, Kind::Surface, noseTip, {0.07}, ahead, 0.04, {35}},
        {"nostril", ZOKRAN_WORDS("the nostril"), true, Kind::Detail, nostril, {0.1}, ahead, 0.07},
        {"under_nose", ZOKRAN_WORDS("under the nose"), false, Kind::Surface, underTheNose, {0.08}, ahead},
        {"cheekbone", ZOKRAN_WORDS("the cheekbone"), true, Kind::Surface, cheekbone, {0.12}, slant},
        {"cheek", ZOKRAN_WORDS("the cheek"), true, Kind::Surface, cheek, {0.13}, ofCheek},
        {"jaw", ZOKRAN_WORDS("the jaw"), true, Kind::Surface, jaw, {0.1}, slant},
        {"upper_lip", ZOKRAN_WORDS("the upper lip"), false, Kind::Surface, upperLip, {0.07}, ahead, 0.06, {90}, true},
        {"mouth_corner", ZOKRAN_WORDS("the corner of the mouth"), true, Kind::Detail, mouthCorner, {0.08}, ahead, 0.08, {90}, true},
        {"parting", ZOKRAN_WORDS("the parting of the lips"), false, Kind::Detail, parting, {0.09}, ahead, 0.08, {90}, true},
        {"lower_lip", ZOKRAN_WORDS("the lower lip"), false, Kind::Surface, lowerLip, {0.07}, ahead, 0.06, {90}, true},
        {"under_lip", ZOKRAN_WORDS("under the lower lip"), false, Kind::Surface, underTheLip, {0.08}, ahead, 0.05, {90}, true},
        {"chin", ZOKRAN_WORDS("the chin"), false, Kind::Surface, chin, {0.1}, ahead, 0.04, {30}},
        {"under_chin", ZOKRAN_WORDS("under the chin"), false, Kind::Surface, underTheChin, {0.11}, below, 0.07, {22}},
        {"neck", ZOKRAN_WORDS("the neck"), true, Kind::Surface, neck, {0.13}, slant, 0.09},
    };
    return all;
}

} // namespace zokran
