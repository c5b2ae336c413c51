#include "app/view_modes/view_mode.h"

#include "app/text/messages.h"

namespace zokran {

namespace {

class UpsideDown : public ViewMode {
    std::string id() const override { return "upside-down"; }
    QString name() const override { return tr("Upside down"); }
    Qt::Key key() const override { return Qt::Key_U; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(session);
        seen.flip = drawn.flip = Flip::UpsideDown;
    }
};

} // namespace

std::unique_ptr<ViewMode> makeUpsideDown() {
    return std::make_unique<UpsideDown>();
}

} // namespace zokran
