#include "app/document/squint.h"

namespace zokran {

HeadLight::Squinted squintedOn(StudySession& session, Side side) {
    std::optional<View> view;
    HeadMarks head;
    const Sketch* sketch = session.study().sketch();
    if (side == Side::Reference && session.fit()) {
        view = session.fit()->view;
        head = session.fit()->head;
    } else if (side == Side::Sketch && session.comparison()) {
        view = session.comparison()->registeredView;
        head = session.comparison()->sitter;
    }
    return session.light.squinted(session.picture(side), view, head, session.study().marks(side).width,
                                  side == Side::Sketch && sketch ? std::optional(sketch->page.tone()) : std::nullopt);
}

} // namespace zokran
