#include "app/view_modes/laid.h"
#include "app/view_modes/view_mode.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class Wipe : public ViewMode {
    std::string id() const override { return "wipe"; }
    QString name() const override { return tr("Wipe"); }
    Qt::Key key() const override { return Qt::Key_W; }
    bool needsComparison() const override { return true; }
    QString slider() const override {
        return tr("How far the photo reaches");
    }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        layReference(session, drawn, {.upTo = session.viewMode.amount()});
    }
};

} // namespace

std::unique_ptr<ViewMode> makeWipe() {
    return std::make_unique<Wipe>();
}

} // namespace zokran
