#include "cast/drills/drill.h"

#include "core/base/translatable.h"
#include "core/light/depth_buffer.h"

#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr int size = 520;

Picture shaded(const DepthBuffer& buffer, const LightDirection& light, int values) {
    Picture picture = blankPicture(size, size);
    const auto grey = Shading(buffer, {light}).picture(values);
    for (std::size_t i = 0; i < grey.size(); ++i)
        for (std::size_t c = 0; c < 3; ++c)
            picture.bgr[3 * i + c] = grey[i];
    return picture;
}

/// A basic form at an angle under a light: where does the light stand? To be drawn on paper as well.
DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const BasicForm& form =
        basicForms()[static_cast<std::size_t>(level < 3 ? random.below(2) : random.below(static_cast<int>(basicForms().size())))];
    View view;
    view.nearness = 1.0 / 15;
    view.scale = size / 4.2;
    view.centre = view.principal = PicturePoint(size / 2.0, size / 2.0);
    view.face(headToView(poseFromDegrees({random.between(-45, 45)}, {random.between(-35, -12)}, {0})));
    const double azimuth = 5 * std::round(random.apart(10, 80) / 5), elevation = 5 * std::round(random.between(10, 65) / 5);
    const LightDirection light{toRadians(Degrees{azimuth}), toRadians(Degrees{elevation})};
    const DepthBuffer buffer(litForm(form, level != 4), view, size, size);
    DrillTask task;
    task.question = ZOKRAN_WORDS("Where does the light stand? From the right and from above are plus. Draw the "
                                 "form in {values} values on paper before you look.");
    const int values = level < 3 ? 3 : 5;
    task.figures = {{"values", fmt::format("{}", values)}};
    for (const auto& [id, name, right, low, high] :
         {std::tuple{"azimuth", ZOKRAN_WORDS("Across"), azimuth, -90.0, 90.0},
          {"elevation", ZOKRAN_WORDS("Up"), elevation, -90.0, 90.0}}) {
        DrillField field{id, name, DrillField::Kind::Number, low, high, 5, "°"};
        field.right = right;
        field.tolerance = 32 - 4.0 * level;
        task.fields.push_back(field);
    }
    task.picture = shaded(buffer, light, values);
    task.answer = shaded(buffer, light, 10);
    return task;
}

} // namespace

const Drill formsDrill{"forms", ZOKRAN_WORDS("Basic forms in light"),
                       ZOKRAN_WORDS("Ball, egg, box and ring at an angle under a light."), make};

} // namespace zokran
