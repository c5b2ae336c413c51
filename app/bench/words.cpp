#include "app/bench/words.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <map>
#include <string_view>
#include <vector>

namespace zokran {

namespace {

/// Marks a text for the translators where it is not translated yet.
#define QT_TR(text) QT_TRANSLATE_NOOP("Words", text)

QString tr(const char* text) {
    return QCoreApplication::translate("Words", text);
}

} // namespace

QString wordsFor(Angle angle, Radians value) {
    const double degrees = toDegrees(value).value;
    const bool level = std::abs(degrees)<1.5, positive = degrees> 0;
    switch (angle) {
    case Angle::Turn:
        return level      ? tr("faces you")
               : positive ? tr("turned to the right")
                          : tr("turned to the left");
    case Angle::Tilt:
        return level ? tr("looks straight ahead") : positive ? tr("chin up") : tr("chin down");
    case Angle::Lean:
        break;
    }
    return level ? tr("upright") : positive ? tr("leans to the right") : tr("leans to the left");
}

QString figureFor(Radians value) {
    return QString("%1°").arg(std::lround(std::abs(toDegrees(value).value)));
}

QString doubtFor(Radians sigma) {
    return QString("± %1°").arg(std::max(1L, std::lround(toDegrees(sigma).value)));
}

Radians angleOf(const Pose& pose, Angle angle) {
    return angle == Angle::Turn ? pose.turn : angle == Angle::Tilt ? pose.tilt : pose.lean;
}

Radians angleOf(const PoseSpread& spread, Angle angle) {
    return angle == Angle::Turn ? spread.turn : angle == Angle::Tilt ? spread.tilt : spread.lean;
}

QString departureWords(const Fit& fit) {
    // What a direction of the shape prior is called when a sitter goes far along it, or against.
    static const std::map<std::string_view, std::pair<const char*, const char*>> words{
        {"midface_length",
         {QT_TR("a longer middle of the face"), QT_TR("a shorter middle of the face")}},
        {"lower_face_length", {QT_TR("a longer chin"), QT_TR("a shorter chin")}},
        {"mouth_height", {QT_TR("a higher mouth"), QT_TR("a lower mouth")}},
        {"eye_height", {QT_TR("higher eyes"), QT_TR("lower eyes")}},
        {"face_width", {QT_TR("a wider face"), QT_TR("a narrower face")}},
        {"eye_spacing", {QT_TR("eyes set wider apart"), QT_TR("eyes set closer together")}},
        {"eye_width", {QT_TR("wider eyes"), QT_TR("narrower eyes")}},
        {"jaw_width", {QT_TR("a wider jaw"), QT_TR("a narrower jaw")}},
        {"nose_length",
         {QT_TR("a nose tip that hangs lower"), QT_TR("a nose tip that stands higher")}},
        {"nose_depth",
         {QT_TR("a nose that stands out more"), QT_TR("a nose that stands out less")}},
        {"nose_width", {QT_TR("a wider nose"), QT_TR("a narrower nose")}},
        {"mouth_width", {QT_TR("a wider mouth"), QT_TR("a narrower mouth")}},
        {"ear_height", {QT_TR("higher ears"), QT_TR("lower ears")}},
        {"hairline", {QT_TR("a higher hairline"), QT_TR("a lower hairline")}},
        {"crown_height", {QT_TR("a higher crown"), QT_TR("a flatter crown")}}};
    constexpr double standsOut = 0.7; // standard deviations of the population
    std::vector<std::pair<double, QString>> found;
    const auto& directions = adultHeads().directions;
    for (std::size_t k = 0; k < fit.shape.size() && k < directions.size(); ++k)
        if (const auto at = words.find(directions[k].id);
            at != words.end() && std::abs(fit.shape[k]) > standsOut)
            found.emplace_back(-std::abs(fit.shape[k]),
                               tr(fit.shape[k] > 0 ? at->second.first : at->second.second));
    std::sort(found.begin(), found.end());
    QStringList list;
    for (std::size_t i = 0; i < std::min<std::size_t>(found.size(), 4); ++i)
        list << found[i].second;
    return list.isEmpty() ? QString()
                          : tr("Beside an average adult this sitter has %1.").arg(list.join(", "));
}

QString asymmetryWords(const Fit& fit) {
    QStringList list;
    for (const Asymmetry& a : fit.asymmetries) {
        if (list.size() == 3)
            break;
        const double percent = 100 / headHeight(fit.head).value;
        const bool height = std::abs(a.up.value) >= std::abs(a.outward.value);
        const double by = (height ? a.up.value : a.outward.value) * percent;
        list << (height   ? by > 0 ? tr("the %1 sits %2 % of the head higher than its twin")
                                   : tr("the %1 sits %2 % of the head lower than its twin")
                   : by > 0 ? tr("the %1 lies %2 % of the head further out than its twin")
                          : tr("the %1 lies %2 % of the head further in than its twin"))
                    .arg(markName(a.left))
                    .arg(std::abs(by), 0, 'f', 1);
    }
    return list.isEmpty() ? QString() : tr("The two sides differ: %1.").arg(list.join("; "));
}

QString sharedWords(int photographs) {
    return photographs == 0 ? QString()
           : photographs == 1
               ? tr("Another photograph of this sitter sharpens the reading.")
               : tr("%1 other photographs of this sitter sharpen the reading.").arg(photographs);
}

QString markName(Mark mark) {
    return QString::fromUtf8(wordsFor(mark).data());
}

} // namespace zokran
