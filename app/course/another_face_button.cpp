#include "app/course/another_face_button.h"

#include "app/document/marking.h"

namespace zokran {

AnotherFaceButton::AnotherFaceButton(OpenStudy& opened, Side side) : opened_(opened), side_(side) {
    setToolTip(tr("The picture shows several faces: mark the next one instead"));
    connect(this, &QPushButton::clicked, this,
            [this] { side_ == Side::Reference ? opened_.faces.nextFace() : opened_.faces.nextSketchFace(); });
    refresh();
}

void AnotherFaceButton::refresh() {
    const FaceFinding& found = opened_.faces;
    const bool isReference = side_ == Side::Reference;
    const std::size_t count = isReference ? found.faces().size() : found.sketchFaceCount();
    setVisible(count > 1 && suggestionCount(opened_, side_) > 0);
    setText(tr("An&other face (%1 of %2)").arg(1 + (isReference ? found.face() : found.sketchFace())).arg(count));
}

} // namespace zokran
