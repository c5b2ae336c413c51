#include "core/construction/forms/own_lines.h"

namespace zokran {

std::vector<PicturePoint> headOutline(const BallForm& head, const View& view) {
    // Skin above the jaw, the hair's shell, and the ears.
    std::vector<PicturePoint> points;
    const SoftSurface& skin = head.solid().skin();
    for (std::size_t i = 0; i < skin.points.size(); ++i)
        if (!skin.ofNeck[i] && skin.points[i].y() > head.head()[Mark::Chin].y() - 0.05)
            points.push_back(view.project(skin.points[i]));
    constexpr std::string_view outer[] = {"hair", "ear"};
    for (const GuideLine& line : head.linesOf(view, outer, [](const LineEntry&) { return true; }))
        points.insert(points.end(), line.points.begin(), line.points.end());
    return points;
}

} // namespace zokran
