#include "app/overlays/half_veil_overlay.h"

#include <QPainterPath>

namespace zokran {

HalfVeilOverlay::HalfVeilOverlay(const View& view, const HeadMarks& head) {
    using enum Mark;
    // From far above the head down its middle to far below, and round the side that is turned away.
    std::vector<PicturePoint> middle;
    for (Mark m : {Crown, Hairline, Brow, NoseRoot, NoseTip, NoseBase, LipLine, Chin})
        middle.push_back(view.project(head[m]));
    constexpr double far = 12; // ball radii
    const Eigen::Vector2d up = (middle.front() - middle.back()).normalized(), right(-up.y(), up.x());
    // Turned to the viewer's right the half at the viewer's right is the far one.
    const Eigen::Vector2d away = view.pose().turn < Radians{0} ? Eigen::Vector2d(-right) : right;
    const double reach = far * view.scale;
    edge_.push_back(middle.front() + reach * up);
    edge_.insert(edge_.end(), middle.begin(), middle.end());
    edge_.push_back(middle.back() - reach * up);
    edge_.push_back(middle.back() + reach * (away - up));
    edge_.push_back(middle.front() + reach * (away + up));
}

void HalfVeilOverlay::paint(const Canvas& canvas) const {
    QPainterPath path;
    for (std::size_t i = 0; i < edge_.size(); ++i)
        i == 0 ? path.moveTo(canvas.transform.toView(edge_[i])) : path.lineTo(canvas.transform.toView(edge_[i]));
    path.closeSubpath();
    canvas.painter.save();
    canvas.painter.setRenderHint(QPainter::Antialiasing);
    canvas.painter.fillPath(path, canvas.style.ground);
    canvas.painter.restore();
}

} // namespace zokran
