#include "app/sheet/scene.h"

#include "app/widgets/theme.h"

namespace zokran {

void paintScene(const Canvas& canvas, const Scene& scene) {
    QPainter& painter = canvas.painter;
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.setClipRect(canvas.area);
    painter.fillRect(canvas.area, scene.picture.isNull() ? canvas.style.ground : canvas.style.beside);
    for (const auto& overlay : scene.overlays)
        overlay->paint(canvas);
    if (scene.picture.isNull() && scene.overlays.empty() && !scene.emptyText.isEmpty()) {
        constexpr double margin = 40;
        painter.setFont(typeFont(TypeSize::Heading));
        painter.setPen(canvas.style.quiet);
        painter.drawText(canvas.area.adjusted(margin, margin, -margin, -margin),
                         Qt::AlignCenter | Qt::TextWordWrap, scene.emptyText);
    }
}

} // namespace zokran
