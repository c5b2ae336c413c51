#include "app/view_modes/view_mode.h"
#include "app/overlays/veil_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class Faded : public ViewMode {
    std::string id() const override { return "faded"; }
    QString name() const override { return tr("Faded"); }
    Qt::Key key() const override { return Qt::Key_D; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        constexpr double strength = 0.66;
        Q_UNUSED(session);
        for (Scene* scene : {&seen, &drawn})
            if (!scene->picture.isNull())
                scene->overlays.insert(scene->overlays.begin() + 1,
                                       std::make_shared<const VeilOverlay>(strength));
    }
};

} // namespace

std::unique_ptr<ViewMode> makeFaded() {
    return std::make_unique<Faded>();
}

} // namespace zokran
