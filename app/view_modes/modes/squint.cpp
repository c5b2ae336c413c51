#include "app/view_modes/view_mode.h"
#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class Squint : public ViewMode {
    std::string id() const override { return "squint"; }
    QString name() const override { return tr("Squint"); }
    Qt::Key key() const override { return Qt::Key_Q; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        for (Scene* scene : {&seen, &drawn}) {
            const QImage squinted = desk.viewMode.squinted(scene->picture);
            if (!squinted.isNull())
                scene->overlays.front() =
                    std::make_shared<const PictureOverlay>(squinted, nullptr, scene->extent);
        }
    }
};

} // namespace

std::unique_ptr<ViewMode> makeSquint() {
    return std::make_unique<Squint>();
}

} // namespace zokran
