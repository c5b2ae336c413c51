#include "app/document/shown_finding.h"
#include "app/overlays/picture_overlay.h"
#include "app/text/messages.h"
#include "app/view_modes/view_mode.h"

namespace zokran {

namespace {

/// The learner's own lines where they belong, beside the reference.
class Mended : public ViewMode {
    std::string id() const override { return "mended"; }
    QString name() const override { return tr("Mended"); }
    Qt::Key key() const override { return Qt::Key_Y; }
    bool needsComparison() const override { return true; }
    QString slider() const override { return tr("From as drawn to as seen"); }
    double usualAmount() const override { return 1; }
    QString option() const override { return tr("This finding alone"); }
    void change(StudySession& session, Scene& seen, Scene& drawn) const override {
        const Finding* only = session.viewMode.option() ? shownFinding(session) : nullptr;
        const Mending mending =
            mendingOf(*session.comparison(), session.study().reference, session.study().sketch()->marks, only);
        const QImage mended = session.viewMode.mended.of(drawn.picture, mending, session.viewMode.amount());
        for (Scene* scene : {&seen, &drawn}) {
            scene->overlays.resize(std::min<std::size_t>(1, scene->overlays.size()));
            scene->tools.clear();
        }
        if (!mended.isNull())
            drawn.overlays.front() = std::make_shared<const PictureOverlay>(mended, nullptr, drawn.extent);
        drawn.caption = only ? tr("Your drawing, this finding mended") : tr("Your drawing, mended");
    }
};

} // namespace

std::unique_ptr<ViewMode> makeMended() {
    return std::make_unique<Mended>();
}

} // namespace zokran
