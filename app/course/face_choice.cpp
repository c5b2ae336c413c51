#include "app/course/face_choice.h"

#include "app/overlays/heads_overlay.h"
#include "app/text/messages.h"

namespace zokran {

FaceChoice::FaceChoice(FaceFinding& faces)
    : faces_(faces),
      tool_([&faces] { return faces.frames(); }, [&faces](std::size_t face) { faces.takeFace(face); }) {}

void FaceChoice::layOn(Scene& scene) {
    scene.frame = {};
    scene.isFollowed = true; // to the face that is chosen
    scene.lay<HeadsOverlay>(faces_.frames());
    scene.tools = {&tool_};
}

NextThing FaceChoice::next() {
    const Action byHand{tr("Mark by hand"), [this] { faces_.dismiss(); }};
    if (faces_.faces().size() == 1)
        return {tr("This may be a face, but it is doubtful. Shall it be marked?"),
                {tr("Mark it"), [this] { faces_.takeFace(0); }},
                byHand};
    return {tr("Several faces are in this photograph. Click the one you draw, or press its number."),
            {tr("The largest"), [this] { faces_.takeFace(0); }},
            byHand};
}

} // namespace zokran
