#include "app/document/squint.h"

#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"
#include "app/view_modes/view_mode.h"

namespace zokran {

namespace {

class Squint : public ViewMode {
    std::string id() const override { return "squint"; }
    QString name() const override { return tr("Squint"); }
    Qt::Key key() const override { return Qt::Key_Q; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        for (const auto& [side, scene] : {std::pair{Side::Reference, &seen}, {Side::Sketch, &drawn}}) {
            const QImage squinted = squintedOn(session, side).picture;
            if (!squinted.isNull() && !scene->picture.isNull())
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
