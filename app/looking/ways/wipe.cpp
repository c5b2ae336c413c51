#include "app/looking/laid.h"
#include "app/looking/way.h"
#include "app/widgets/words.h"

namespace zokran {

namespace {

class Wipe : public Way {
    std::string id() const override { return "wipe"; }
    QString name() const override { return tr("Wipe"); }
    Qt::Key key() const override { return Qt::Key_W; }
    bool needsComparison() const override { return true; }
    QString slider() const override {
        return tr("How far the photo reaches");
    }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        layReference(desk, drawn, {.upTo = desk.looking.amount()});
    }
};

} // namespace

std::unique_ptr<Way> makeWipe() {
    return std::make_unique<Wipe>();
}

} // namespace zokran
