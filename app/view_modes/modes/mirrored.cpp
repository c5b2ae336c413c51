#include "app/view_modes/view_mode.h"

#include "app/text/messages.h"

namespace zokran {

namespace {

class Mirrored : public ViewMode {
    std::string id() const override { return "mirrored"; }
    QString name() const override { return tr("Mirrored"); }
    Qt::Key key() const override { return Qt::Key_M; }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(session);
        seen.flip = drawn.flip = Flip::Mirrored;
    }
};

} // namespace

std::unique_ptr<ViewMode> makeMirrored() {
    return std::make_unique<Mirrored>();
}

} // namespace zokran
