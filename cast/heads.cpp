#include "cast/stand_in_camera.h"

#include <fmt/format.h>
#include <fmt/ranges.h>
#include <map>

namespace zokran {

namespace {

/// Each figurehead of the cast room is named after the ship it comes from. A head is the mean adult
/// head, or departs from it by so many standard deviations along the directions of the shape prior.
const std::map<std::string, std::map<std::string_view, double>>& castRoom() {
    static const std::map<std::string, std::map<std::string_view, double>> heads{
        {"halcyon", {}},
        {"meridian",
         {{"midface_length", 1.2},
          {"lower_face_length", 1.0},
          {"face_width", -1.2},
          {"nose_depth", 1.3},
          {"jaw_width", -0.8},
          {"nose_length", 1.0},
          {"eye_spacing", -0.7}}},
        {"bellwether",
         {{"midface_length", -0.9},
          {"face_width", 1.4},
          {"jaw_width", 1.4},
          {"lower_face_length", -0.5},
          {"mouth_width", 1.0},
          {"nose_width", 1.2},
          {"ear_spread", 0.8}}},
    };
    return heads;
}

} // namespace

std::vector<std::string> headIds() {
    std::vector<std::string> ids;
    for (const auto& [id, shape] : castRoom())
        ids.push_back(id);
    return ids;
}

HeadMarks headNamed(const std::string& id) {
    const auto found = castRoom().find(id);
    if (found == castRoom().end())
        throw BadInput(fmt::format("there is no head \"{}\" in the cast room; there is: {}", id,
                                   fmt::join(headIds(), ", ")));
    const ShapePrior& prior = adultHeads();
    std::vector<double> coefficients;
    for (const ShapeDirection& direction : prior.directions) {
        const auto c = found->second.find(direction.id);
        coefficients.push_back(c == found->second.end() ? 0 : c->second);
    }
    return prior.head(coefficients);
}

} // namespace zokran
