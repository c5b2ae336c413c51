#include "core/head/head_regions.h"

#include "core/base/translatable.h"

namespace zokran {

const std::vector<HeadRegion>& headRegions() {
    using enum Mark;
    static const std::vector<HeadRegion> all{
        {"forehead", ZOKRAN_WORDS("the forehead"), {Crown, Hairline, Brow, NoseRoot}},
        {"eyes", ZOKRAN_WORDS("the eyes"), {InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR, PupilL, PupilR}},
        {"nose", ZOKRAN_WORDS("the nose"), {NoseTip, NoseBase, NoseWingL, NoseWingR}},
        {"mouth", ZOKRAN_WORDS("the mouth"), {MouthCornerL, MouthCornerR, LipLine}},
        {"jaw", ZOKRAN_WORDS("the jaw"), {Chin, JawAngleL, JawAngleR}},
        {"ears", ZOKRAN_WORDS("the ears"), {EarTopL, EarTopR, EarBaseL, EarBaseR}}};
    return all;
}

} // namespace zokran
