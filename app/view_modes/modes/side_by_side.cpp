#include "app/view_modes/view_mode.h"

#include "app/text/messages.h"

namespace zokran {

namespace {

class SideBySide : public ViewMode {
    std::string id() const override { return "side-by-side"; }
    QString name() const override { return tr("Side by side"); }
    Qt::Key key() const override { return Qt::Key_S; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(session);
        Q_UNUSED(seen);
        Q_UNUSED(drawn);
    }
};

} // namespace

std::unique_ptr<ViewMode> makeSideBySide() {
    return std::make_unique<SideBySide>();
}

} // namespace zokran
