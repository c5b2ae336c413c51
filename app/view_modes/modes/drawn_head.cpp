#include "app/scenes/scenes.h"
#include "app/view_modes/view_mode.h"
#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

Scene headScene(const QImage& picture) {
    Scene scene;
    scene.picture = picture;
    scene.extent = picture.size();
    // The head, without the room round it that a photograph has.
    const QSizeF size = picture.size();
    scene.frame = QRectF(0.1 * size.width(), 0.14 * size.height(), 0.84 * size.width(),
                         0.84 * size.height());
    scene.lay<PictureOverlay>(picture, nullptr);
    return scene;
}

/// The head as the sketch has it, in the sketch's own pose, beside the sitter's own.
class HeadAsDrawn : public ViewMode {
    std::string id() const override { return "drawn-head"; }
    QString name() const override {
        return tr("The head you drew");
    }
    Qt::Key key() const override { return Qt::Key_H; }
    bool needsComparison() const override { return true; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        const Comparison& c = *session.comparison();
        // For a sitter of the cast room the plaster itself, once it is made; else the form.
        if (const auto plaster = session.viewMode.plaster.of(session.study().sitter, c)) {
            seen = headScene(plaster->shown);
            drawn = headScene(plaster->drawn);
        } else {
            Scenes scenes(session);
            seen = scenes.formAlone(session.analysis.linesSeenBy(session.fit()->view), session.fit()->view);
            drawn = scenes.formAlone(session.analysis.drawnHeadLines(), c.sketchView);
        }
        seen.caption = tr("The head you were shown");
        drawn.caption = tr("The head you drew");
    }
};

} // namespace

std::unique_ptr<ViewMode> makeDrawnHead() {
    return std::make_unique<HeadAsDrawn>();
}

} // namespace zokran
