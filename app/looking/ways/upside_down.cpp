#include "app/looking/way.h"

#include "app/widgets/words.h"

namespace zokran {

namespace {

class UpsideDown : public Way {
    std::string id() const override { return "upside-down"; }
    QString name() const override { return tr("Upside down"); }
    Qt::Key key() const override { return Qt::Key_U; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(desk);
        seen.flip = drawn.flip = Flip::UpsideDown;
    }
};

} // namespace

std::unique_ptr<Way> makeUpsideDown() {
    return std::make_unique<UpsideDown>();
}

} // namespace zokran
