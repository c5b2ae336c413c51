#include "app/view_modes/laid.h"
#include "app/view_modes/view_mode.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class LaidOver : public ViewMode {
    std::string id() const override { return "laid-over"; }
    QString name() const override { return tr("Laid over"); }
    Qt::Key key() const override { return Qt::Key_O; }
    bool needsComparison() const override { return true; }
    QString slider() const override {
        return tr("How much of the photo shows");
    }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        layReference(session, drawn, {.strength = session.viewMode.amount()});
    }
};

} // namespace

std::unique_ptr<ViewMode> makeLaidOver() {
    return std::make_unique<LaidOver>();
}

} // namespace zokran
