#include "app/course/scenes.h"
#include "app/looking/way.h"

#include <QCoreApplication>

namespace zokran {

namespace {

/// The form as the sketch has it, in the sketch's own pose, beside the sitter's own.
class DrawnHead : public Way {
    std::string id() const override { return "drawn-head"; }
    QString name() const override {
        return QCoreApplication::translate("Looking", "The head you drew");
    }
    Qt::Key key() const override { return Qt::Key_H; }
    bool needsComparison() const override { return true; }
    void change(Desk& desk, Scene& seen, Scene& drawn) const override {
        const Comparison& c = *desk.comparison();
        Scenes scenes(desk);
        seen = scenes.formAlone(desk.analysis.linesSeenBy(desk.fit()->view), desk.fit()->view);
        seen.caption = QCoreApplication::translate("Looking", "The head you were shown");
        drawn = scenes.formAlone(desk.analysis.drawnHeadLines(), c.sketchView);
        drawn.caption = QCoreApplication::translate("Looking", "The head you drew");
    }
};

} // namespace

std::unique_ptr<Way> makeDrawnHead() {
    return std::make_unique<DrawnHead>();
}

} // namespace zokran
