#include "app/sheet/paint_style.h"

#include "app/widgets/theme.h"

namespace zokran {

PaintStyle PaintStyle::screen() {
    const Theme& t = Theme::current();
    return {t.sheet, t.bench, t.text, t.quiet, t.chalk, t.ink, t.correction, t.mark, t.halo};
}

PaintStyle PaintStyle::print() {
    const Theme& t = Theme::light();
    return {Qt::white, Qt::white, t.text, t.quiet, t.chalk, t.ink, t.correction, t.mark, Qt::white, 0, 0.8};
}

} // namespace zokran
