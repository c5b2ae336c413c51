#pragma once

#include "cast/stand_in_camera.h"
#include "core/compare/parts.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace zokran {

/// One thing asked for: a number, one of several choices, or a place in the picture.
struct DrillField {
    std::string id;           ///< in files, such as `turn`
    const char* name;         ///< in English, to be translated
    enum class Kind { Number, Choice, Place } kind = Kind::Number;
    double low = 0, high = 0, step = 1; ///< of a number
    const char* suffix = "";            ///< its unit, such as "°"
    std::vector<std::string> choices = {}; ///< in English, to be translated
    std::vector<std::string> choiceIds = {};
    double right = 0;                   ///< the number, or the choice from 0
    PicturePoint place{0, 0};           ///< of a place, px
    double tolerance = 0;               ///< so far off still counts, in the field's unit or px
};

/// A question with its picture, and the answer.
struct DrillTask {
    std::string kind;
    std::uint32_t seed = 0;
    int level = 1;
    std::string question; ///< in English, to be translated
    std::vector<std::pair<std::string, std::string>> figures; ///< for the question's braces
    Picture picture;
    std::vector<DrillField> fields;
    Picture answer; ///< the same picture with what was asked for drawn in
};

/// What was given to a field: a number, the index of a choice, or a place.
struct Given {
    double number = 0;
    PicturePoint place{0, 0};
};
/// How far off a field is, in tolerances: up to one it holds. A wrong choice is two.
double missOf(const DrillField& field, const Given& given);

inline constexpr int hardestDrill = 5;

class SeededRandom;
struct StudiedHead;

/// A kind of drill. Each is one file of cast/drills, and a name in the list below.
struct Drill {
    std::string_view id;
    const char* name;  ///< in English, to be translated
    const char* about; ///< what it trains, one sentence
    /// The task of a seed at a level from 1 to `hardestDrill`: the same on every machine.
    DrillTask (*make)(std::uint32_t seed, int level);
    /// The same asked of a head the learner has studied; nothing where its marks do not serve. Null for a drill that
    /// only the cast room can set.
    std::optional<DrillTask> (*ofStudied)(const StudiedHead& head, SeededRandom& random, int level) = nullptr;
};
/// The list: one name for each file of cast/drills.
#define ZOKRAN_DRILLS \
    poseDrill, guidesDrill, farEyeDrill, angleDrill, ratioDrill, midpointDrill, plumbDrill, toneDrill, straightDrill, \
    findDrill, formsDrill
extern const Drill ZOKRAN_DRILLS;

const std::vector<const Drill*>& drills();
/// Throws BadInput listing the ids there are.
const Drill& drillNamed(std::string_view id);

/// The task; throws BadInput for a level that is none.
DrillTask taskOf(const Drill& drill, std::uint32_t seed, int level);
/// The task asked of a head the learner has studied; nothing where it does not serve.
std::optional<DrillTask> taskOf(const Drill& drill, const StudiedHead& head, std::uint32_t seed, int level);

/// Pseudo-random numbers from a seed by plain remainders: the same on every machine, unlike the distributions of <random>.
class SeededRandom {
public:
    explicit SeededRandom(std::uint32_t seed) : state_(seed * 2654435761u + 1013904223u) {}
    std::uint32_t next();
    int below(int count) { return static_cast<int>(next() % static_cast<std::uint32_t>(count)); }
    /// From `low` to `high`.
    double between(double low, double high);
    /// The same, at least `least` away from zero.
    double apart(double least, double most);

private:
    std::uint32_t state_;
};

/// A sitter of the cast room, photographed small.
struct DrillHead {
    Bust bust;
    Shot shot;
    View view;
    Picture picture;
};
DrillHead headFor(SeededRandom& random, const Pose& pose);

/// A face to be asked about, of the cast room or of the learner's own photographs.
struct DrillFace {
    Picture picture;
    PerMark<std::optional<PicturePoint>> marks; ///< px of the picture
    View view;           ///< of the head, in px of the picture
    Pose pose;           ///< of the head
    PoseSpread sigma = {}; ///< how far that may be off: nothing where it is known
};
/// Of the cast's head every mark is known, those behind it too.
DrillFace faceOf(const DrillHead& head);

/// The task that `ofFace` makes of a face, asked of a sitter of the cast room held so. `ofFace` must make one wherever every mark
/// is known.
DrillTask taskOfCast(SeededRandom& random, const Pose& pose, int level,
                     std::optional<DrillTask> (*ofFace)(const DrillFace& face, SeededRandom& random, int level));

/// What the learner has of a head: the photograph, marked, and a drawing of it where there is one.
struct StudiedHead {
    DrillFace face;
    Picture drawing = {}; ///< empty before there is one
    std::optional<Part> toMend = {}; ///< what of the drawing the check would mend first
    /// Where the marks of that lie in `drawing`, and where they would go, px.
    std::vector<std::pair<PicturePoint, PicturePoint>> ways = {};
};
/// Cuts the marked head out of its photograph, and out of its drawing, and brings both to a drill's size. Throws
/// BadMarks where the photograph's marks do not carry a fit; a drawing that is not marked far enough is left out.
StudiedHead studiedHead(const Picture& photo, const PhotoMarks& marks, const Picture& drawing = {},
                        const SketchMarks& drawn = {});

/// Draws over a picture: a line in chalk, or dark and dashed.
void drawLine(Picture& picture, const std::vector<PicturePoint>& points, bool strong = true);
void drawRing(Picture& picture, const PicturePoint& at, Pixels radius);
/// Two pictures side by side, `pictureGap` apart, as high as the higher.
inline constexpr int pictureGap = 12; ///< px
Picture beside(const Picture& left, const Picture& right);
Picture blankPicture(int width, int height);

inline constexpr int drillHeight = 520; ///< of a head's picture, px

} // namespace zokran
