#include "app/view_modes/laid.h"
#include "app/view_modes/view_mode.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class Flicker : public ViewMode {
    std::string id() const override { return "flicker"; }
    QString name() const override { return tr("Flicker"); }
    Qt::Key key() const override { return Qt::Key_F; }
    bool needsComparison() const override { return true; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        session.viewMode.startBeating();
        layReference(session, drawn, {.strength = session.viewMode.beat() ? 1.0 : 0.0});
    }
};

} // namespace

std::unique_ptr<ViewMode> makeFlicker() {
    return std::make_unique<Flicker>();
}

} // namespace zokran
