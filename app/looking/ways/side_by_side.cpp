#include "app/looking/way.h"

#include "app/widgets/words.h"

namespace zokran {

namespace {

class SideBySide : public Way {
    std::string id() const override { return "side-by-side"; }
    QString name() const override { return tr("Side by side"); }
    Qt::Key key() const override { return Qt::Key_S; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        Q_UNUSED(desk);
        Q_UNUSED(seen);
        Q_UNUSED(drawn);
    }
};

} // namespace

std::unique_ptr<Way> makeSideBySide() {
    return std::make_unique<SideBySide>();
}

} // namespace zokran
