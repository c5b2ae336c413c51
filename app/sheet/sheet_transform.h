#pragma once

#include "core/base/points.h"

#include <QPointF>
#include <QRectF>
#include <algorithm>

namespace zokran {

/// How a sheet is turned over for the eye to see it anew.
enum class Flip { None, Mirrored, UpsideDown };

/// How near a press must be to take hold of a thing, px of the widget.
inline constexpr double mouseReach = 11, fingerReach = 20;

/// From picture pixels to the widget and back.
struct SheetTransform {
    double scale = 1;
    QPointF offset;
    Flip flip = Flip::None;
    double reach = mouseReach; ///< how near a press must be to take hold of a thing, px of the widget

    /// Px of the widget to one of the picture, below zero where it is turned over.
    double across() const { return flip == Flip::None ? scale : -scale; }
    double down() const { return flip == Flip::UpsideDown ? -scale : scale; }

    QPointF toView(const PicturePoint& p) const {
        return {p.x() * across() + offset.x(), p.y() * down() + offset.y()};
    }
    QRectF toView(const QRectF& r) const {
        return QRectF(toView(PicturePoint(r.left(), r.top())),
                      toView(PicturePoint(r.right(), r.bottom())))
            .normalized();
    }
    PicturePoint toPicture(const QPointF& p) const {
        return {(p.x() - offset.x()) / across(), (p.y() - offset.y()) / down()};
    }
    /// Lays a place of the picture on a place of the widget.
    void put(const QPointF& place, const QPointF& at) {
        offset = at - QPointF(place.x() * across(), place.y() * down());
    }
    /// Moves the picture so that no strip of an area stays empty beside it on one side while it runs out of the area on the
    /// other; `picture`: what it covers, in its own px.
    void fill(const QRectF& area, const QRectF& picture) {
        const QRectF r = toView(picture);
        const auto shift = [](double low, double high, double from, double to) {
            if (low > from && high > to)
                return -std::min(low - from, high - to);
            return low < from && high < to ? std::min(from - low, to - high) : 0.0;
        };
        offset += QPointF(shift(r.left(), r.right(), area.left(), area.right()),
                          shift(r.top(), r.bottom(), area.top(), area.bottom()));
    }
    /// Enlarges about the middle of an area a picture that falls short of it by a little, so that no strip stays empty.
    void cover(const QRectF& area, const QRectF& picture) {
        constexpr double little = 1.04;
        const QRectF r = toView(picture);
        const double wanted = std::max(area.width() / r.width(), area.height() / r.height());
        if (!(wanted > 1 && wanted < little))
            return;
        scale *= wanted;
        offset = area.center() + (offset - area.center()) * wanted;
    }
    /// A frame of the picture as large as it fits into an area of the widget.
    static SheetTransform fitting(const QRectF& frame, const QRectF& area, double leastScale,
                                  Flip flip = Flip::None) {
        SheetTransform t;
        t.flip = flip;
        t.scale = std::max(leastScale,
                           std::min(area.width() / frame.width(), area.height() / frame.height()));
        t.put(frame.center(), area.center());
        return t;
    }
};

} // namespace zokran
