#pragma once

#include "app/sheet/overlay.h"
#include "app/sheet/tool.h"

#include <QImage>
#include <QSizeF>
#include <memory>
#include <vector>

namespace zokran {

/// Everything that lies on one sheet and what the hand can do there, in the picture's own pixels.
struct Scene {
    QImage picture;            ///< the ground; null: plain paper
    QSizeF extent{1000, 1250}; ///< of the picture or the paper, px
    QRectF frame;              ///< what is shown until the learner zooms; empty: all of it
    bool isFollowed = false;   ///< the frame goes on by itself, as from a mark that is looked over to the next
    Flip flip = Flip::None;    ///< how the whole sheet is turned over
    std::vector<std::shared_ptr<const Overlay>> overlays; ///< the lowest first
    std::vector<Tool*> tools;                             ///< tried in this order
    QString caption;                                      ///< above the sheet
    QString emptyText; ///< said in the middle when nothing lies on the sheet

    template <class Kind, class... Arguments>
    void lay(Arguments&&... arguments) {
        overlays.push_back(std::make_shared<const Kind>(std::forward<Arguments>(arguments)...));
    }
    /// The overlay of this kind; null when there is none.
    template <class Kind>
    const Kind* find() const {
        for (const auto& overlay : overlays)
            if (const auto* found = dynamic_cast<const Kind*>(overlay.get()))
                return found;
        return nullptr;
    }
    /// What lies nearest to a place, of the kind asked for.
    template <class What>
    std::optional<What> near(const SheetTransform& transform, const QPointF& at) const {
        std::optional<What> best;
        double nearest = 1e9;
        for (const auto& overlay : overlays)
            if (const auto hit = overlay->hit(transform, at); hit && hit->distance < nearest)
                if (const What* what = std::get_if<What>(&hit->what)) {
                    nearest = hit->distance;
                    best = *what;
                }
        return best;
    }
};

/// Paints a whole scene; `canvas` says where and how.
void paintScene(const Canvas& canvas, const Scene& scene);

} // namespace zokran
