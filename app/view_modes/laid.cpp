#include "app/view_modes/laid.h"

namespace zokran {

void layReference(StudySession& session, Scene& drawn, WarpedOverlay::Shown how) {
    if (drawn.picture.isNull() || !session.comparison())
        return;
    const MarkSheet& reference = session.study().reference;
    how.picture = session.viewMode.small(session.picture(Side::Reference));
    how.extent = QSizeF(reference.width, reference.height);
    how.registration = session.comparison()->registration;
    drawn.overlays.insert(drawn.overlays.begin() + 1,
                          std::make_shared<const WarpedOverlay>(std::move(how)));
}

} // namespace zokran
