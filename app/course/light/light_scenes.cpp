#include "app/course/light/light_scenes.h"

namespace zokran {

const ToneComparison* tonesOn(Desk& desk) {
    return desk.light.form() == "sketch" ? desk.tones.compared(desk.picture(Side::Reference), desk.picture(Side::Sketch))
                                         : nullptr;
}

std::size_t shownTones(const ToneComparison& tones) {
    return std::min<std::size_t>(tones.findings.size(), 7);
}

std::vector<SignedPlace> signedPlaces(Desk& desk) {
    std::vector<SignedPlace> all;
    if (!desk.light.showsHead() || !desk.light.shaded())
        return all;
    const LightAndDark told = lightAndDark(desk.light.shaded()->places);
    for (const LitPlace& place : told.light)
        all.push_back({place, QString::number(all.size() + 1), false});
    int letter = 0;
    for (const LitPlace& place : told.dark)
        all.push_back({place, QString(QChar('a' + letter++)), true});
    return all;
}

} // namespace zokran
