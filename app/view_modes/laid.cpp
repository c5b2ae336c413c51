#include "app/view_modes/laid.h"

namespace zokran {

void layReference(Desk& desk, Scene& drawn, WarpedOverlay::Shown how) {
    if (drawn.picture.isNull() || !desk.comparison())
        return;
    const MarkSheet& reference = desk.study().reference;
    how.picture = desk.viewMode.small(desk.picture(Side::Reference));
    how.extent = QSizeF(reference.width, reference.height);
    how.registration = desk.comparison()->registration;
    drawn.overlays.insert(drawn.overlays.begin() + 1,
                          std::make_shared<const WarpedOverlay>(std::move(how)));
}

} // namespace zokran
