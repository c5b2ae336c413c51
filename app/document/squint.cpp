#include "app/document/squint.h"

namespace zokran {

HeadLight::Squinted squintedOn(Desk& desk, Side side) {
    std::optional<View> view;
    HeadMarks head;
    const Sketch* sketch = desk.study().sketch();
    if (side == Side::Reference && desk.fit()) {
        view = desk.fit()->view;
        head = desk.fit()->head;
    } else if (side == Side::Sketch && desk.comparison()) {
        view = desk.comparison()->registeredView;
        head = desk.comparison()->sitter;
    }
    return desk.light.squinted(desk.picture(side), view, head, desk.study().marks(side).width,
                               side == Side::Sketch && sketch ? std::optional(sketch->page.tone()) : std::nullopt);
}

} // namespace zokran
