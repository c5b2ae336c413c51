#include "app/looking/laid.h"
#include "app/looking/way.h"
#include "app/widgets/words.h"

namespace zokran {

namespace {

class Flicker : public Way {
    std::string id() const override { return "flicker"; }
    QString name() const override { return tr("Flicker"); }
    Qt::Key key() const override { return Qt::Key_F; }
    bool needsComparison() const override { return true; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(seen);
        desk.looking.startBeating();
        layReference(desk, drawn, {.strength = desk.looking.beat() ? 1.0 : 0.0});
    }
};

} // namespace

std::unique_ptr<Way> makeFlicker() {
    return std::make_unique<Flicker>();
}

} // namespace zokran
