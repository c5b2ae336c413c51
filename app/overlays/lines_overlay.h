#pragma once

#include "app/sheet/overlay.h"
#include "core/construction/construction.h"

namespace zokran {

/// The construction in red chalk and the guides in cool ink; strokes come in thin and swell with
/// what is near. What is hidden is thinner, dashed and fainter; helps to be rubbed out are light; a
/// second canon is dotted; a committed guess lies under everything, in long dashes of its own.
class LinesOverlay : public Overlay {
public:
    explicit LinesOverlay(std::vector<GuideLine> l) : lines(std::move(l)) {}
    void paint(const Canvas& canvas) const override;
    std::optional<Hit> hit(const SheetTransform& transform, const QPointF& at) const override;
    std::vector<NamedPlace> named() const override;

    const std::vector<GuideLine> lines;

private:
    void paintLabel(const Canvas& canvas, const GuideLine& line) const;
};

} // namespace zokran
