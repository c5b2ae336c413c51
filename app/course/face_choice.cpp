#include "app/course/face_choice.h"

#include "app/overlays/heads_overlay.h"
#include "app/text/messages.h"

namespace zokran {

FaceChoice::FaceChoice(Desk& desk)
    : desk_(desk),
      tool_([&desk] { return desk.faces.frames(); }, [&desk](std::size_t face) { desk.faces.takeFace(face); }) {}

void FaceChoice::layOn(Scene& scene) {
    scene.frame = {};
    scene.isFollowed = true; // to the face that is chosen
    scene.lay<HeadsOverlay>(desk_.faces.frames());
    scene.tools = {&tool_};
}

NextThing FaceChoice::next() {
    const Action byHand{tr("Mark by hand"), [this] { desk_.faces.dismiss(); }};
    if (desk_.faces.faces().size() == 1)
        return {tr("This may be a face, but it is doubtful. Shall it be marked?"),
                {tr("Mark it"), [this] { desk_.faces.takeFace(0); }},
                byHand};
    return {tr("Several faces are in this photograph. Click the one you draw, or press its number."),
            {tr("The largest"), [this] { desk_.faces.takeFace(0); }},
            byHand};
}

} // namespace zokran
