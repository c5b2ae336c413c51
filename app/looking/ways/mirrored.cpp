#include "app/looking/way.h"

#include "app/widgets/words.h"

namespace zokran {

namespace {

class Mirrored : public Way {
    std::string id() const override { return "mirrored"; }
    QString name() const override { return tr("Mirrored"); }
    Qt::Key key() const override { return Qt::Key_M; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(desk);
        seen.flip = drawn.flip = Flip::Mirrored;
    }
};

} // namespace

std::unique_ptr<Way> makeMirrored() {
    return std::make_unique<Mirrored>();
}

} // namespace zokran
