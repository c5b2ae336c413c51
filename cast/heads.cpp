#include "cast/stand_in_camera.h"

#include <fmt/format.h>
#include <fmt/ranges.h>
#include <map>

namespace zokran {

namespace {

using Hair = Character::Hair;

/// A figurehead: where it departs from the mean adult head, by so many standard deviations along
/// the directions of the shape prior, and what else is its own.
struct Figurehead {
    std::string about;
    std::map<std::string_view, double> shape;
    Character character;
    /// What the directions, which treat both sides alike, cannot say; millimetres.
    std::vector<std::pair<Mark, HeadPoint>> moved = {};
};

/// Each figurehead of the cast room is named after the ship it comes from.
const std::map<std::string, Figurehead>& castRoom() {
    using enum Mark;
    static const std::map<std::string, Figurehead> heads{
        {"halcyon", {"a young woman, from a pilot cutter", {}, {.hair = Hair::Waves}}},
        {"meridian",
         {"a long, gaunt face, from a survey ship",
          {{"midface_length", 1.3},
           {"lower_face_length", 1.0},
           {"face_width", -1.2},
           {"nose_depth", 1.0},
           {"jaw_width", -0.7},
           {"nose_length", 0.8},
           {"eye_spacing", -0.5}},
          {.hair = Hair::Swept, .fullness = -0.7, .age = 0.35}}},
        {"bellwether",
         {"a round, full face, from a wool barque",
          {{"midface_length", -0.8},
           {"face_width", 1.4},
           {"jaw_width", 1.2},
           {"lower_face_length", -0.4},
           {"mouth_width", 0.6},
           {"nose_width", 0.9}},
          {.hair = Hair::Bun, .fullness = 1.0}}},
        {"stormcock",
         {"a heavy jaw and a broken nose, from a tug",
          {{"lower_face_length", 1.1},
           {"jaw_width", 1.6},
           {"jaw_height", -0.8},
           {"chin_depth", 0.9},
           {"nose_width", 1.0},
           {"eye_height", -0.4},
           {"mouth_width", 0.8}},
          {.hair = Hair::Cropped, .fullness = 0.35, .age = 0.15},
          {{NoseTip, {2.5, 0, -1}}, {NoseRoot, {-1, 0, 0}}}}},
        {"wren",
         {"a child, from a harbour launch",
          {{"midface_length", -2.2},
           {"lower_face_length", -1.7},
           {"jaw_width", -1.6},
           {"jaw_height", 0.9},
           {"nose_depth", -1.9},
           {"nose_width", -0.9},
           {"nose_length", -1.4},
           {"mouth_width", -1.4},
           {"eye_height", -1.4},
           {"ear_height", -0.9},
           {"eye_width", 0.4},
           {"hairline", -0.5},
           {"chin_depth", -0.8}},
          {.hair = Hair::Cropped, .fullness = 0.45, .child = 1}}},
        {"landfall",
         {"an old pilot with a beard, from a lightship",
          {{"nose_length", 1.2},
           {"nose_depth", 0.8},
           {"ear_length", 1.3},
           {"mouth_height", -0.4},
           {"hairline", 1.2},
           {"eye_depth", -0.6}},
          {.hair = Hair::Receding, .fullness = -0.4, .age = 1}}},
        {"kittiwake",
         {"a smile, and one side not like the other, from a mail packet",
          {{"face_width", 0.4}, {"mouth_width", 0.8}, {"nose_length", -0.3}},
          {.hair = Hair::Bun, .fullness = 0.25},
          {{MouthCornerL, {4.5, 6, -3}},
           {MouthCornerR, {-4, 3, -3}},
           {LipLine, {0, 1, -2}},
           {NoseWingL, {1.2, 0.8, 0}},
           {NoseWingR, {-1.2, 0.5, 0}},
           {InnerEyeL, {0, 2, 0}},
           {OuterEyeL, {0, 2.5, 0}},
           {PupilL, {0, 2.2, 0}},
           {EarTopR, {-2, -4, 0}},
           {EarBaseR, {-2, -4, 0}}}}},
        {"tidings",
         {"singing with an open mouth, from a steam ferry",
          {{"face_width", -0.3}, {"lower_face_length", -0.3}},
          {.hair = Hair::Swept, .fullness = -0.1, .openMouth = 0.11},
          {{Chin, {0, -7, -3}},
           {LipLine, {0, -3, -3}},
           {MouthCornerL, {-2, -3, 0}},
           {MouthCornerR, {2, -3, 0}}}}},
    };
    return heads;
}

const Figurehead& figurehead(const std::string& id) {
    const auto found = castRoom().find(id);
    if (found == castRoom().end())
        throw BadInput(fmt::format("there is no head \"{}\" in the cast room; there is: {}", id,
                                   fmt::join(headIds(), ", ")));
    return found->second;
}

} // namespace

std::vector<std::string> headIds() {
    std::vector<std::string> ids;
    for (const auto& [id, head] : castRoom())
        ids.push_back(id);
    return ids;
}

Sitter sitterNamed(const std::string& id) {
    const Figurehead& head = figurehead(id);
    const ShapePrior& prior = adultHeads();
    std::vector<double> coefficients;
    for (const ShapeDirection& direction : prior.directions) {
        const auto c = head.shape.find(direction.id);
        coefficients.push_back(c == head.shape.end() ? 0 : c->second);
    }
    Sitter sitter{prior.head(coefficients), head.character};
    const double millimetre = inBallRadii(Millimetres{1}).value;
    for (const auto& [mark, by] : head.moved)
        sitter.marks[mark] += millimetre * by;
    return sitter;
}

std::string aboutSitter(const std::string& id) {
    return figurehead(id).about;
}

} // namespace zokran
