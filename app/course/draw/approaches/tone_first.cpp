#include "app/course/draw/approach.h"
#include "app/course/light/light_scenes.h"
#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// Dark and light come before any line; features are carved out of them (common practice, no source).
class ToneFirst : public Approach {
public:
    std::string id() const override { return "tone"; }
    QString name() const override { return tr("Tone first"); }
    QString about() const override {
        return tr("For charcoal on its side: grey paper, one dark shape, and the features carved out of it with the eraser. "
                  "The photograph is squinted for you.");
    }
    std::vector<QString> steps(const OpenStudy&) const override {
        return {
            tr("Rub the paper to one even grey, the head's place a little darker. Wipe the dust up damp, do not blow."),
            tr("Squint. All that runs together in the dark is one shape: hair, sockets, the side in shadow. Lay it down whole."),
            tr("Compare its edge with the photograph's before you go on: where does it turn, how far from the border?"),
            tr("Lift out the lights with a kneaded eraser: forehead, cheekbone, ridge and tip of the nose, lower lip, chin."),
            tr("Carve the features out of what is there: the socket's edge, the nose's underside, the parting of the lips. "
               "Still no line."),
            tr("A few lines at the very end, where an edge is sharp. Hard outlines flatten."),
            tr("Stop and photograph it: a tone that sits wrong is a feature that sits wrong.")};
    }
    Scene seen(StudySession& session, Scenes& scenes) const override {
        Scene scene = scenes.headPicture(Side::Reference);
        if (const QImage squinted = squintedOn(session, Side::Reference).picture; !scene.picture.isNull() && !squinted.isNull())
            scene.overlays.front() = std::make_shared<const PictureOverlay>(squinted, nullptr, scene.extent);
        return scene;
    }
};

} // namespace

std::unique_ptr<Approach> makeToneFirst() {
    return std::make_unique<ToneFirst>();
}

} // namespace zokran
