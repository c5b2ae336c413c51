#include "app/looking/laid.h"
#include "app/looking/way.h"
#include "app/widgets/words.h"

namespace zokran {

namespace {

class LaidOver : public Way {
    std::string id() const override { return "laid-over"; }
    QString name() const override { return tr("Laid over"); }
    Qt::Key key() const override { return Qt::Key_O; }
    bool needsComparison() const override { return true; }
    QString slider() const override {
        return tr("How much of the photo shows");
    }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        layReference(desk, drawn, {.strength = desk.looking.amount()});
    }
};

} // namespace

std::unique_ptr<Way> makeLaidOver() {
    return std::make_unique<LaidOver>();
}

} // namespace zokran
