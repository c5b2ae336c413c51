#include "core/compare/compare.h"
#include "core/compare/expression_errors.h"
#include "core/compare/finding_lines.h"
#include "core/compare/parts.h"
#include "core/head/surface_in_view.h"
#include "core/messages/finding_messages.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

using enum ExpressionMark;

/// What is moved in a drawing, % of the head's height along the head's own axes as the photograph shows them.
struct Move {
    std::vector<ExpressionMark> expression;
    std::vector<Mark> marks;
    double across, up;
};

class Planted {
public:
    explicit Planted(const MarkSheet& sheet) : reference(sheet), fit(fitHead(sheet)) {}

    MarkSheet drawn(const std::vector<Move>& moves, Random& random) const {
        const double height = headHeight(fit.head).value;
        const auto onPicture = [&](const HeadPoint& by) {
            return PicturePoint(fit.view.scale * (fit.view.rotation * by).x(), -fit.view.scale * (fit.view.rotation * by).y());
        };
        const double noise = 0.3 / 100 * height * fit.view.scale;
        MarkSheet sketch = reference;
        forEachPlaced(sketch, [&](PlacedMark& placed) {
            *placed.at += PicturePoint(random.normal(noise), random.normal(noise));
        });
        for (const Move& move : moves) {
            const PicturePoint by = height / 100 * onPicture(HeadPoint(move.across, move.up, 0));
            for (ExpressionMark m : move.expression)
                *sketch.expression[m]->at += by;
            for (Mark m : move.marks)
                *sketch.marks[m]->at += by;
        }
        const Similarity onPaper{1.3, toRadians(Degrees{4}), {20, 50}};
        forEachPlaced(sketch, [&](PlacedMark& placed) { placed.at = onPaper(*placed.at); });
        return sketch;
    }
    Comparison compare(const MarkSheet& sketch) const { return compareSketch(reference, fit, sketch); }

    MarkSheet reference;
    Fit fit;
};

/// A drawing of the mean head whose features that move lie where they do in most people.
struct UsualHead {
    HeadMarks head = adultHeads().mean;
    PerExpressionMark<HeadPoint> places = usualExpressionPlaces(head);
    View view;

    explicit UsualHead(const Pose& pose) : view(viewAt(pose)) {}

    MarkSheet seenBy(const View& from, const PerExpressionMark<HeadPoint>& expression, const HeadMarks& marks) const {
        MarkSheet sheet = sheetOf(head, view);
        sheet.noise = Pixels{1};
        for (int i = 0; i < markCount; ++i)
            sheet.marks[markAt(i)] = PlacedMark{from.project(marks[markAt(i)])};
        for (int i = 0; i < expressionMarkCount; ++i)
            sheet.expression[expressionMarkAt(i)] = PlacedMark{from.project(expression[expressionMarkAt(i)])};
        return sheet;
    }
    MarkSheet reference() const { return seenBy(view, places, head); }
};

/// Eyebrows, lids and lips of a drawing as curves between its marks.
FindingLines::Lines strokesOf(const MarkSheet& sheet) {
    PerExpressionMark<std::optional<PicturePoint>> places;
    PerMark<std::optional<PicturePoint>> structure;
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& placed = sheet.expression[expressionMarkAt(i)])
            places[expressionMarkAt(i)] = placed->at;
    for (int i = 0; i < markCount; ++i)
        if (const auto& placed = sheet.marks[markAt(i)])
            structure[markAt(i)] = placed->at;
    return expressionStrokes(places, structure);
}

/// Whether a line is among others, to a millionth of a pixel.
bool isOneOf(const FindingLines::Lines& lines, const std::vector<PicturePoint>& wanted) {
    const auto equal = [](const PicturePoint& a, const PicturePoint& b) { return (a - b).norm() < 1e-6; };
    return std::any_of(lines.begin(), lines.end(), [&](const auto& line) {
        return std::equal(line.begin(), line.end(), wanted.begin(), wanted.end(), equal);
    });
}

std::string firstFinding(const Comparison& c) {
    return toldFindings(c).empty() ? std::string() : toldFindings(c).front()->id;
}

} // namespace

TEST_CASE("What lies under a point of the picture projects to it, and is the skin's nearest place") {
    const View view = viewAt(pose(25, 10, -8));
    const SurfaceInView skin(adultSurface(), view);
    for (Mark m : {Mark::NoseTip, Mark::Chin, Mark::MouthCornerL, Mark::Brow}) {
        const HeadPoint place = adultSurface().marks[m];
        const HeadPoint under = skin.under(view.project(place));
        INFO(idOf(m));
        CHECK((view.project(under) - view.project(place)).norm() < 1e-6);
        CHECK((under - place).norm() < 0.06);
    }
    // Beside the head there is no skin, and yet an answer.
    const PicturePoint beside = view.centre + PicturePoint(3 * view.scale, 0);
    CHECK((view.project(skin.under(beside)) - beside).norm() < 1e-6);
    // Behind the nose lies the cheek's far side; the nose is what is seen.
    CHECK(skin.under(viewAt(pose(0, 0, 0)).project(adultSurface().marks[Mark::NoseTip])).z() > 0.5);
}

TEST_CASE("Every error of a feature that moves is named, said the right way and mended by its correction") {
    const UsualHead usual(pose(20, 8, -6));
    const MarkSheet reference = usual.reference();
    const Fit fit = fitHead(reference);
    ExpressionPlaces all;
    for (int i = 0; i < expressionMarkCount; ++i)
        all[expressionMarkAt(i)] = usual.places[expressionMarkAt(i)];
    const std::optional<HeadPoint> pupils[2] = {usual.head[Mark::PupilL], usual.head[Mark::PupilR]};
    const std::vector<ExpressionMode> modes = expressionModes(all, pupils);
    REQUIRE(modes.size() > 30);
    for (const ExpressionMode& mode : modes)
        for (const double sign : {1.0, -1.0}) {
            const double amount = sign * (mode.unit == AmountUnit::Radian ? 0.3 : 0.09);
            INFO(mode.id << " by " << amount);
            PerExpressionMark<HeadPoint> drawn = usual.places;
            for (int i = 0; i < expressionMarkCount; ++i)
                drawn[expressionMarkAt(i)] += amount * mode.displacement[expressionMarkAt(i)];
            HeadMarks marks = usual.head;
            marks[Mark::PupilL] += amount * mode.pupils[0];
            marks[Mark::PupilR] += amount * mode.pupils[1];
            // The drawing is turned a little further: the features go along.
            const View turned = viewAt(pose(22, 8, -6));
            const MarkSheet sketch = usual.seenBy(turned, drawn, marks);
            const Comparison c = compareSketch(reference, fit, sketch);
            const auto told = toldFindings(c);
            REQUIRE_FALSE(told.empty());
            const Finding& first = *told.front();
            CHECK(first.id == mode.id);
            CHECK(first.figures.amount * sign > 0);
            CHECK(std::abs(first.figures.amount) == Approx(std::abs(amount)).epsilon(0.3));
            CHECK_FALSE(textOf(first).empty());
            CHECK(textOf(first) != first.id);
            CHECK(nameOfFinding(first.id) != first.id);
            CHECK_FALSE(partsOf(first).empty());
            // Followed, the drawing is in peace.
            MarkSheet mended = sketch;
            for (int i = 0; i < expressionMarkCount; ++i)
                if (const auto& by = first.expressionCorrections[expressionMarkAt(i)])
                    *mended.expression[expressionMarkAt(i)]->at += *by;
            for (Mark m : {Mark::PupilL, Mark::PupilR})
                if (const auto& by = first.corrections[m])
                    *mended.marks[m]->at += *by;
            CHECK(firstFinding(compareSketch(reference, fit, mended)) != mode.id);
            CHECK(wayOf(c, first).has_value());
            // What is shown of it: each stroke that changes, as it was drawn and as it is in the mended drawing.
            const FindingLines shown = linesOn(c, first, [](const View&) { return std::vector<GuideLine>(); });
            const auto before = strokesOf(sketch), after = strokesOf(mended);
            REQUIRE(before.size() == after.size());
            CHECK_FALSE(shown.drawn.empty());
            for (std::size_t i = 0; i < before.size(); ++i)
                if (!isOneOf({before[i]}, after[i])) {
                    CHECK(isOneOf(shown.drawn, before[i]));
                    CHECK(isOneOf(shown.belongs, after[i]));
                }
        }
}

TEST_CASE("The features that move never steer the pose, nor do irises in eyes that are drawn") {
    const UsualHead usual(pose(15, -5, 4));
    const MarkSheet reference = usual.reference();
    const Fit fit = fitHead(reference);
    MarkSheet sketch = reference;
    const Comparison before = compareSketch(reference, fit, sketch);
    for (auto& placed : sketch.expression)
        *placed->at += PicturePoint(9, -14);
    for (Mark m : {Mark::PupilL, Mark::PupilR})
        *sketch.marks[m]->at += PicturePoint(6, 3);
    const Comparison after = compareSketch(reference, fit, sketch);
    CHECK(after.sketchPose.turn == before.sketchPose.turn);
    CHECK(after.sketchPose.tilt == before.sketchPose.tilt);
    CHECK(firstFinding(before).empty());
    CHECK_FALSE(firstFinding(after).empty());
}

TEST_CASE("What goes with a feature that was set wrong is no error of its own") {
    const UsualHead usual(pose(10, 0, 0));
    const MarkSheet reference = usual.reference();
    const Fit fit = fitHead(reference);
    HeadMarks marks = usual.head;
    PerExpressionMark<HeadPoint> expression = usual.places;
    const HeadPoint down(0, -0.12, 0);
    for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
        marks[m] += down;
    for (ExpressionMark m : {LipUpper, LipLower})
        expression[m] += down;
    const Comparison c = compareSketch(reference, fit, usual.seenBy(usual.view, expression, marks));
    REQUIRE(toldFindings(c).size() == 1);
    CHECK(firstFinding(c) == "mouth_height");
    CHECK(toldFindings(c).front()->expressionCorrections[LipUpper]->y() < -3); // the lips go along
}

TEST_CASE("Praise and scope speak of what was looked at") {
    const UsualHead usual(pose(10, 0, 0));
    MarkSheet reference = usual.reference();
    const Comparison whole = compareSketch(reference, fitHead(reference), reference);
    CHECK_THAT(praiseWords(whole), Catch::Contains("the eyebrows"));
    CHECK_THAT(scopeWords(whole), !Catch::Contains("Not looked at: eyebrows"));
    for (auto& placed : reference.expression)
        placed.reset();
    const Comparison bare = compareSketch(reference, fitHead(reference), reference);
    CHECK_THAT(praiseWords(bare), !Catch::Contains("eyebrows"));
    CHECK_THAT(scopeWords(bare), Catch::Contains("Not looked at: eyebrows"));
}

TEST_CASE("On faces of real people errors of the features that move are named first, and faithful copies left in peace",
          "[long]") {
    const std::vector<ExpressionMark> brows{BrowStartL, BrowPeakL, BrowEndL, BrowStartR, BrowPeakR, BrowEndR};
    const std::vector<Mark> corners{Mark::MouthCornerL, Mark::MouthCornerR}, irises{Mark::PupilL, Mark::PupilR};
    struct Kind {
        std::vector<Move> moves;
        std::vector<std::string> ids;
        const char* says; ///< which way it is off
    };
    const Kind kinds[] = {{{{brows, {}, 0, 3}}, {"brow_height"}, "eyebrows sit too high: lower them"},
                          {{{{BrowEndL}, {}, 0, -4}}, {"brow_end_l", "brow_slant_l"}, "too low: raise it"},
                          {{{{LidUpperR}, {}, 0, 2.5}}, {"lid_upper_r", "eye_open_r"}, "lid of the sitter's right eye sits too high: lower it"},
                          {{{{LidUpperL}, {}, 0, 1.25}, {{LidLowerL}, {}, 0, -1.25}}, {"eye_open_l", "lid_upper_l", "lid_lower_l"}, "left eye"},
                          {{{{LipUpper}, {}, 0, 2.5}}, {"lip_upper", "lip_fullness"}, "too thick"},
                          {{{{LipLower}, {}, 0, -3}}, {"lip_lower", "lip_fullness"}, "too thick"},
                          {{{{}, corners, 0, 2.5}}, {"mouth_bend"}, "turn up further"},
                          {{{{}, irises, 1.5, 0}}, {"gaze_across"}, "too far to your right"},
                          {{{{}, irises, -1.5, 0}}, {"gaze_across"}, "too far to your left"}};
    const std::vector<MarkSheet> faces = realFaces();
    REQUIRE(faces.size() == 28);
    Random random(77);
    int copies = 0, peaceful = 0;
    std::vector<int> named(std::size(kinds));
    for (const MarkSheet& face : faces) {
        const Planted planted(face);
        for (std::size_t k = 0; k < std::size(kinds); ++k) {
            const Comparison c = planted.compare(planted.drawn(kinds[k].moves, random));
            const auto& ids = kinds[k].ids;
            named[k] += std::find(ids.begin(), ids.end(), firstFinding(c)) != ids.end() &&
                        textOf(*toldFindings(c).front()).find(kinds[k].says) != std::string::npos;
        }
        for (int i = 0; i < 4; ++i, ++copies) {
            const auto told = toldFindings(planted.compare(planted.drawn({}, random)));
            peaceful += std::none_of(told.begin(), told.end(), [](const Finding* f) { return f->severity == Severity::Fix; });
        }
    }
    for (std::size_t k = 0; k < std::size(kinds); ++k) {
        INFO(kinds[k].ids.front() << " named in " << named[k] << " of " << faces.size());
        CHECK(named[k] >= 0.85 * static_cast<double>(faces.size()));
    }
    INFO(peaceful << " of " << copies << " copies in peace");
    CHECK(peaceful >= 0.94 * copies);
}

TEST_CASE("Neighbours that moved together are given back whole", "[long]") {
    const std::vector<Mark> nose{Mark::NoseTip, Mark::NoseBase, Mark::NoseWingL, Mark::NoseWingR},
        mouth{Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine};
    const auto with = [](std::vector<Mark> a, const std::vector<Mark>& b) {
        a.insert(a.end(), b.begin(), b.end());
        return a;
    };
    const Move moves[] = {{{LipUpper, LipLower}, with(nose, mouth), 0, -6},
                          {{LipUpper, LipLower}, with(mouth, {Mark::Chin}), 0, -6},
                          {{LipUpper, LipLower}, with(nose, mouth), 5, 0},
                          {{LipUpper, LipLower}, with(mouth, {Mark::Chin}), 5, 0}};
    for (const Move& move : moves) {
        Random random(78);
        std::vector<double> given;
        for (const MarkSheet& face : realFaces()) {
            const Planted planted(face);
            const Comparison c = planted.compare(planted.drawn({move}, random));
            const double height = headHeight(planted.fit.head).value;
            const HeadPoint by = -height / 100 * HeadPoint(move.across, move.up, 0);
            const PicturePoint wanted =
                c.registeredView.scale * PicturePoint((c.registeredView.rotation * by).x(), -(c.registeredView.rotation * by).y());
            // What is told of the moved marks beyond what is told of the others.
            double moved = 0, others = 0;
            int rest = 0;
            for (int i = 0; i < markCount; ++i) {
                const Mark m = markAt(i);
                if (!c.placements[m])
                    continue;
                PicturePoint told(0, 0);
                for (const Finding* f : toldFindings(c))
                    if (f->corrections[m])
                        told += *f->corrections[m];
                const double share = told.dot(wanted) / wanted.squaredNorm();
                if (std::find(move.marks.begin(), move.marks.end(), m) != move.marks.end())
                    moved += share / static_cast<double>(move.marks.size());
                else {
                    others += share;
                    ++rest;
                }
            }
            given.push_back(moved - others / rest);
        }
        std::sort(given.begin(), given.end());
        INFO("across " << move.across << ", up " << move.up);
        CHECK(given[given.size() / 2] >= 0.8);
        CHECK(given[given.size() / 10] >= 0.75);
    }
}
