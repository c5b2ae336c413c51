#include "core/head/population.h"

namespace zokran {

namespace {

using enum Mark;

constexpr double radiusMm = ballRadius.value;

class DirectionBuilder {
public:
    explicit DirectionBuilder(std::string_view id) : direction_{id, {}} {
        for (HeadPoint& d : direction_.displacement)
            d.setZero();
    }
    /// Millimetres, for a mark and its mirror image (x changes sign with the side).
    DirectionBuilder& move(std::initializer_list<Mark> marks, double x, double y, double z) {
        for (Mark m : marks) {
            direction_.displacement[m] += HeadPoint(x, y, z) / radiusMm;
            if (mirrored(m) != m)
                direction_.displacement[mirrored(m)] += HeadPoint(-x, y, z) / radiusMm;
        }
        return *this;
    }
    operator ShapeDirection() const { return direction_; }

private:
    ShapeDirection direction_;
};

ShapePrior makeAdultHeads() {
    ShapePrior prior;
    auto place = [&](Mark m, double x, double y, double z) {
        prior.mean[m] = HeadPoint(x, y, z) / radiusMm;
        if (mirrored(m) != m)
            prior.mean[mirrored(m)] = HeadPoint(-x, y, z) / radiusMm;
    };
    // Millimetres; the sitter's left side (x > 0) is given, the right is its mirror image.
    place(Crown, 0, 95, -10);
    place(Hairline, 0, 55, 80);
    place(Brow, 0, 0, 95);
    place(NoseRoot, 0, -14, 90);
    place(InnerEyeL, 16.5, -21, 81);
    place(OuterEyeL, 45, -20, 73.5);
    place(PupilL, 31, -20.5, 83);
    place(NoseTip, 0, -56, 116);
    place(NoseBase, 0, -65, 99);
    place(NoseWingL, 17, -58, 89);
    place(MouthCornerL, 26, -86, 86);
    place(LipLine, 0, -86, 97);
    place(Chin, 0, -131, 84);
    place(JawAngleL, 52, -92, 15);
    place(EarTopL, 77, -7, -14);
    place(EarBaseL, 71, -65, -4);
    place(Back, 0, -2, -95);

    using Build = DirectionBuilder;
    prior.directions = {
        // Millimetres for one standard deviation of the population.
        Build("midface_length")
            .move({NoseTip, NoseBase, NoseWingL}, 0, -4.4, 0)
            .move({MouthCornerL, LipLine, Chin}, 0, -4.4, 0)
            .move({JawAngleL}, 0, -2.9, 0),
        Build("lower_face_length")
            .move({MouthCornerL, LipLine}, 0, -1.8, 0)
            .move({Chin}, 0, -5.8, 0)
            .move({JawAngleL}, 0, -2.3, 0),
        Build("mouth_height").move({MouthCornerL, LipLine}, 0, 2.1, 0),
        Build("eye_height")
            .move({InnerEyeL, OuterEyeL, PupilL}, 0, 3.2, 0)
            .move({NoseRoot}, 0, 2.5, 0),
        Build("face_width")
            .move({OuterEyeL}, 1.6, 0, 0)
            .move({PupilL, InnerEyeL}, 0.9, 0, 0)
            .move({JawAngleL}, 2.9, 0, 0)
            .move({EarTopL, EarBaseL}, 3.7, 0, 0)
            .move({MouthCornerL}, 0.9, 0, 0)
            .move({NoseWingL}, 0.6, 0, 0),
        Build("eye_spacing")
            .move({InnerEyeL}, 1.6, 0, 0)
            .move({PupilL}, 1.5, 0, 0)
            .move({OuterEyeL}, 1.4, 0, 0),
        Build("eye_width").move({OuterEyeL}, 1.5, 0, -0.3).move({PupilL}, 0.6, 0, 0),
        Build("eye_depth").move({InnerEyeL, OuterEyeL, PupilL}, 0, 0, 2.9),
        Build("jaw_width").move({JawAngleL}, 4.6, 0, 0),
        Build("jaw_height").move({JawAngleL}, 0, 5.8, 2.3),
        Build("jaw_depth").move({JawAngleL}, 0, 0, 5.8),
        Build("face_depth")
            .move({NoseRoot}, 0, 0, 1.2)
            .move({NoseBase, NoseTip, NoseWingL}, 0, 0, 4.0)
            .move({LipLine, MouthCornerL}, 0, 0, 4.6)
            .move({Chin}, 0, 0, 5.2),
        Build("chin_depth").move({Chin}, 0, 0, 5.8).move({LipLine, MouthCornerL}, 0, 0, 1.7),
        Build("nose_length").move({NoseTip}, 0, -2.9, 0.3).move({NoseBase}, 0, -0.9, 0),
        Build("nose_depth").move({NoseTip}, 0, 0, 3.2).move({NoseRoot}, 0, 0, 1.7),
        Build("nose_width").move({NoseWingL}, 1.8, 0, 0),
        Build("mouth_width").move({MouthCornerL}, 2.5, 0, 0),
        Build("ear_height").move({EarTopL, EarBaseL}, 0, 5.8, 0),
        Build("ear_depth").move({EarTopL, EarBaseL}, 0, 0, 6.9),
        Build("ear_length").move({EarTopL}, 0, 2.5, 0).move({EarBaseL}, 0, -2.5, 0),
        Build("ear_spread").move({EarTopL}, 3.4, 0, 0).move({EarBaseL}, 2.3, 0, 0),
        Build("hairline").move({Hairline}, 0, 8.0, -5.8),
        Build("forehead_depth").move({Hairline}, 0, 0, 4.6).move({Brow}, 0, 0, 1.7),
        Build("crown_height").move({Crown}, 0, 6.9, 0),
        Build("head_length").move({Back}, 0, 0, 6.9).move({Crown}, 0, 0, 5.8),
    };
    for (double& s : prior.ownSpread)
        s = 1.5 / radiusMm;
    for (Mark m : {Hairline, Crown, Back, JawAngleL, JawAngleR})
        prior.ownSpread[m] = 3.6 / radiusMm;
    for (Mark m : {EarTopL, EarTopR, EarBaseL, EarBaseR, Chin, Brow})
        prior.ownSpread[m] = 2.2 / radiusMm;
    return prior;
}

} // namespace

const ShapePrior& adultHeads() {
    static const ShapePrior prior = makeAdultHeads();
    return prior;
}

HeadMarks ShapePrior::head(const std::vector<double>& coefficients) const {
    HeadMarks h = mean;
    for (std::size_t k = 0; k < coefficients.size(); ++k)
        for (int i = 0; i < markCount; ++i)
            h[markAt(i)] += coefficients[k] * directions[k].displacement[markAt(i)];
    return h;
}

} // namespace zokran
