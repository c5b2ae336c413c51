#include "app/course/draw/approach.h"
#include "app/course/light/light_scenes.h"
#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// A drawing the size of a matchbox before the large one (common practice, no source).
class Thumbnail : public Approach {
public:
    std::string id() const override { return "thumbnail"; }
    QString name() const override { return tr("A thumbnail first"); }
    QString about() const override {
        return tr("Two minutes, the size of a matchbox: at that size only the whole can be drawn. Both sheets show the head as "
                  "small as you draw it.");
    }
    std::vector<QString> steps(const OpenStudy&) const override {
        return {
            tr("Rule three frames as large as a matchbox, in the shape of your paper."),
            tr("In each, in two minutes: the egg of the head with its lean, the mass of the hair, the slope of the shoulders."),
            tr("Two tones, no more: what is dark, and the rest."),
            tr("One line for the turn of the face. No features."),
            tr("Look at the three from across the room. Which head sits best, which is likest? Draw from that one."),
            tr("In Set up, give the head on the large paper the share it has in the small frame.")};
    }
    Scene seen(StudySession& session, Scenes& scenes) const override {
        Scene scene = scenes.headPicture(Side::Reference);
        if (scene.picture.isNull())
            return scene;
        if (const QImage squinted = squintedOn(session, Side::Reference).picture; !squinted.isNull())
            scene.overlays.front() = std::make_shared<const PictureOverlay>(squinted, nullptr, scene.extent);
        scene.frame = farOff(scene.frame.isEmpty() ? QRectF({0, 0}, scene.extent) : scene.frame);
        return scene;
    }
    Scene beside(StudySession&, Scenes& scenes) const override {
        Scene scene = scenes.fittedFormAlone();
        scene.frame = farOff(QRectF({0, 0}, scene.extent));
        return scene;
    }

private:
    static QRectF farOff(const QRectF& near) {
        constexpr double margin = 1.1; // of the head's own frame, on either side
        return near.adjusted(-margin * near.width(), -margin * near.height(), margin * near.width(), margin * near.height());
    }
};

} // namespace

std::unique_ptr<Approach> makeThumbnail() {
    return std::make_unique<Thumbnail>();
}

} // namespace zokran
