#include "see/face_marks.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "core/fit/fit.h"
#include "see/eyebrow_peak.h"

#include <cmath>
#include <map>

namespace zokran {

namespace {

/// Points whose mean stands for a mark.
using Points = std::vector<int>;

using enum Mark;
using enum ExpressionMark;

const std::vector<std::pair<Mark, Points>>& markPoints() {
    static const std::vector<std::pair<Mark, Points>> all{
        {Brow, {9}},          {NoseRoot, {168}},  {NoseTip, {1, 4}},     {NoseBase, {2}},
        {NoseWingR, {129}},   {NoseWingL, {358}}, {OuterEyeR, {33}},     {InnerEyeR, {133}},
        {OuterEyeL, {263}},   {InnerEyeL, {362}}, {PupilR, {468}},       {PupilL, {473}},
        {MouthCornerR, {61}}, {MouthCornerL, {291}}, {LipLine, {13, 14}}, {Chin, {152}}};
    return all;
}

const std::vector<std::pair<ExpressionMark, Points>>& expressionPoints() {
    static const std::vector<std::pair<ExpressionMark, Points>> all{
        {BrowStartR, {107, 55}}, {BrowPeakR, {105, 52}},  {BrowEndR, {70, 46}},  {BrowStartL, {336, 285}},
        {BrowPeakL, {334, 282}}, {BrowEndL, {300, 276}},  {LidUpperR, {159}},    {LidLowerR, {145}},
        {LidUpperL, {386}},      {LidLowerL, {374}},      {LipUpper, {0}},       {LipLower, {17}}};
    return all;
}

PicturePoint mean(const FacePointArray& of, const Points& points) {
    PicturePoint sum(0, 0);
    for (int i : points)
        sum += of[i];
    return sum / static_cast<double>(points.size());
}

template <class Id>
PicturePoint meanFor(const FacePointArray& of, const std::vector<std::pair<Id, Points>>& table, Id id) {
    for (const auto& [known, points] : table)
        if (known == id)
            return mean(of, points);
    return {0, 0};
}

/// Noise of a point of the mesh, as a share of the face's width: what the trial against marks by hand gave.
constexpr double commonNoise = 0.017;
/// The same of expression marks, for which no offsets were learned.
constexpr double expressionNoise = 0.012;
/// The far side of a turned face is seen worse: the noise grows by this factor for each radian of turn.
constexpr double perRadian = 1.0;
/// By so much the readings of face and mirror image understate the error: their mean is off by this many times half
/// their difference.
constexpr double perDisagreement = 1.3;

/// Where a mark lies beside the point that stands for it, along the upright face's axes, in ball radii, as a linear
/// function of `offsetTerms`; and the variance of what is left, of `varianceTerms`.
using OffsetTerms = std::array<double, 15>;
struct Offset {
    OffsetTerms x, y;
    std::array<double, 5> variance;
};

double square(double x) {
    return x * x;
}

/// Nothing was learned beyond these readings of the pose.
constexpr Radians learnedTurn{1.4}, learnedTilt{0.8};

OffsetTerms offsetTerms(const OffsetFeatures& f) {
    const double t = std::clamp(f.turn, -learnedTurn, learnedTurn).value, i = std::clamp(f.tilt, -learnedTilt, learnedTilt).value;
    return {1,         t,         i,         t * t,     t * i,         i * i,         f.mouthOpening.value, f.eyeOpening.value,
            t * t * t, t * t * i, t * i * i, i * i * i, t * t * t * t, t * t * t * i, t * t * i * i};
}

/// The sitter's left side is turned away where the nose points to the viewer's right.
double sideOf(Mark mark) {
    return mark == mirrored(mark) ? 0 : idOf(mark).ends_with("_l") ? 1 : -1;
}

std::array<double, 5> varianceTerms(const OffsetFeatures& f, Mark mark, BallRadii disagreement) {
    const double turn = f.turn.value, tilt = f.tilt.value, away = std::max(0.0, sideOf(mark) * turn);
    return {1, turn * turn, away * away, tilt * tilt, square(disagreement.value)};
}

std::map<Mark, Offset> readOffsets(const char* name) {
    return readJson(dataFolder() / "heads" / name, "zokran-mesh-offsets", [](const nlohmann::json& j) {
        std::map<Mark, Offset> read;
        for (const auto& [id, offset] : j.at("marks").items()) {
            const auto mark = markNamed(id);
            if (!mark)
                throw BadInput(fmt::format("there is no mark \"{}\"", id));
            read[*mark] = {offset.at("x").get<OffsetTerms>(), offset.at("y").get<OffsetTerms>(),
                           offset.at("variance").get<std::array<double, 5>>()};
        }
        return read;
    });
}

const std::map<Mark, Offset>& learnedOffsets(PictureKind kind) {
    static const std::map<Mark, Offset> onPlaster = readOffsets("mesh_offsets.json");
    static const std::map<Mark, Offset> inDrawings = readOffsets("drawing_offsets.json");
    return kind == PictureKind::Drawing ? inDrawings : onPlaster;
}

/// Where a mark lies beside its point on living skin, along the upright face's axes, in ball radii; and the standard
/// deviation of what is left, one axis.
struct SkinOffset {
    double out, down, deviation; ///< `out` leads away from the face's middle
};

/// The id without its side: the two of a pair share one offset, mirrored.
std::string kindOf(std::string_view mark) {
    if (mark.ends_with("_l") || mark.ends_with("_r"))
        mark.remove_suffix(2);
    return std::string(mark);
}

double sideOf(ExpressionMark mark) {
    return mark == mirrored(mark) ? 0 : idOf(mark).ends_with("_l") ? 1 : -1;
}

const std::map<std::string, SkinOffset>& skinOffsets() {
    static const std::map<std::string, SkinOffset> known =
        readJson(dataFolder() / "heads" / "skin_offsets.json", "zokran-skin-offsets", [](const nlohmann::json& j) {
            std::map<std::string, SkinOffset> read;
            for (const auto& [kind, offset] : j.at("marks").items())
                read[kind] = {offset.at("out").get<double>(), offset.at("down").get<double>(),
                              offset.at("deviation").get<double>()};
            const auto require = [&](std::string_view mark) {
                if (!read.contains(kindOf(mark)))
                    throw BadInput(fmt::format("there is no offset of \"{}\"", kindOf(mark)));
            };
            for (const auto& [mark, points] : markPoints())
                require(idOf(mark));
            for (const auto& [mark, points] : expressionPoints())
                require(idOf(mark));
            return read;
        });
    return known;
}

/// A face of less saturated colour is plaster, or drawn. The network sees living skin otherwise than renders: the offsets
/// learned on renders hold on plaster alone, those learned on photographs of people on people alone.
constexpr double livingSaturation = 0.14;

/// The errors of the marks of one face are not independent, as the fit supposes; by this factor the noise is raised
/// so that the fit's own doubt covers them.
constexpr double correlated = 1.2;
/// The noise in a drawing counts by this factor: two deviations then hold about 0.98 of the coordinates in sketches by our own
/// pencil and 0.95 in drawing-like filters of photographs of people.
constexpr double inDrawings = 0.8;
/// Lips this far apart (8 mm) count as an open mouth: then mouth, chin and wings tell less of the sitter.
constexpr BallRadii lipsApart{0.08};

} // namespace

bool isLiving(const FoundFace& face) {
    return face.saturation >= livingSaturation;
}

PicturePoint disagreementAt(const FoundFace& face, Mark mark) {
    return meanFor(face.disagreement, markPoints(), mark);
}

PicturePoint disagreementAt(const FoundFace& face, ExpressionMark mark) {
    return meanFor(face.disagreement, expressionPoints(), mark);
}

MarkSheet uncorrectedMarks(const FoundFace& face, int width, int height) {
    MarkSheet sheet;
    sheet.width = width;
    sheet.height = height;
    for (const auto& [mark, points] : markPoints())
        sheet.marks[mark] = PlacedMark{mean(face.points, points), false, true, face.width * commonNoise};
    for (const auto& [mark, points] : expressionPoints())
        sheet.expression[mark] = PlacedMark{mean(face.points, points), false, true, face.width * expressionNoise};
    return sheet;
}

OffsetFeatures offsetFeatures(const FoundFace& face, const MarkSheet& uncorrected) {
    FitOptions options;
    options.covariance = false;
    const Fit fit = fitHead(uncorrected, options);
    const Pose pose = fit.view.pose();
    const auto apart = [&](int a, int b) { return BallRadii{(face.points[a] - face.points[b]).norm() / fit.view.scale}; };
    return {pose.turn, pose.tilt,          pose.lean,
            {fit.view.scale}, apart(13, 14), (apart(159, 145) + apart(386, 374)) / 2};
}

MarkSheet marksOf(const FoundFace& face, int width, int height, PictureKind kind) {
    MarkSheet sheet = uncorrectedMarks(face, width, height);
    const OffsetFeatures features = offsetFeatures(face, sheet);
    sheet.smiling = features.mouthOpening > lipsApart;
    const double scale = features.radius.value;
    const Eigen::Rotation2Dd lean = clockwiseRotation(features.lean);
    const OffsetTerms terms = offsetTerms(features);
    const bool living = kind == PictureKind::Photograph && isLiving(face);
    const auto skinShift = [&](const SkinOffset& offset, double side) {
        return PicturePoint(scale * (lean * Eigen::Vector2d(side * offset.out, offset.down)));
    };
    for (const auto& [mark, offset] : learnedOffsets(kind)) {
        auto& placed = sheet.marks[mark];
        if (!placed)
            continue;
        // Half the difference of two readings, both axes together; the noise is that of one axis.
        const BallRadii disagreement{disagreementAt(face, mark).norm() / std::numbers::sqrt2 / scale};
        const std::array<double, 5> varies = varianceTerms(features, mark, disagreement);
        std::array<double, 5> variances = offset.variance;
        const SkinOffset& skin = skinOffsets().at(kindOf(idOf(mark)));
        const double apart = std::hypot(sideOf(mark) * skin.out - offset.x[0], skin.down - offset.y[0]);
        if (living) {
            *placed->at += skinShift(skin, sideOf(mark));
            // How the noise grows with the pose was learned on renders; what is left of a face seen from the front, on people.
            // Where the model's mark, which the fit goes by, lies otherwise than the one that a hand sets on skin, half of
            // the difference counts as doubt.
            variances[0] = square(skin.deviation) + square(apart / 2) / 2;
        } else {
            // A drawing shows plaster or a person and does not tell which. Either is as likely, and the offset of plaster is
            // taken: the variance is the mean of both, and of the squared difference of the offsets half, shared by two axes.
            if (kind == PictureKind::Drawing)
                variances[0] = (variances[0] + square(skin.deviation)) / 2 + square(apart) / 4;
            Eigen::Vector2d upright(0, 0);
            for (std::size_t k = 0; k < terms.size(); ++k)
                upright += terms[k] * Eigen::Vector2d(offset.x[k], offset.y[k]);
            *placed->at += scale * (lean * upright);
        }
        double variance = 0;
        for (std::size_t k = 0; k < varies.size(); ++k)
            variance += variances[k] * varies[k];
        placed->noise = Pixels{correlated * scale * std::sqrt(variance)};
    }
    sheet.expression[BrowPeakR]->at = eyebrowPeak(face.points, false, features);
    sheet.expression[BrowPeakL]->at = eyebrowPeak(face.points, true, features);
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark mark = expressionMarkAt(i);
        auto& placed = sheet.expression[mark];
        const double away = std::max(0.0, sideOf(mark) * features.turn.value);
        double base = placed->noise->value;
        const SkinOffset& skin = skinOffsets().at(kindOf(idOf(mark)));
        if (living) {
            *placed->at += skinShift(skin, sideOf(mark));
            base = scale * skin.deviation;
        } else if (kind == PictureKind::Drawing) {
            base = std::hypot(base, scale * std::hypot(skin.out, skin.down) / 2);
        }
        placed->noise = Pixels{std::hypot(base * (1 + perRadian * away),
                                          perDisagreement * disagreementAt(face, mark).norm() / std::numbers::sqrt2)};
    }
    if (kind == PictureKind::Drawing)
        forEachPlaced(sheet, [](PlacedMark& m) { *m.noise *= inDrawings; });
    return sheet;
}

} // namespace zokran
