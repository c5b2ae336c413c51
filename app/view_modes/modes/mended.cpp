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
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        const Finding* only = desk.viewMode.option() ? shownFinding(desk) : nullptr;
        const Mending mending =
            mendingOf(*desk.comparison(), desk.study().reference, desk.study().sketch()->marks, only);
        const QImage mended = desk.viewMode.mended.of(drawn.picture, mending, desk.viewMode.amount());
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
