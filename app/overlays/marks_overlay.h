#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// What is to be seen of the marks on a sheet.
struct MarksShown {
    PerMark<std::optional<PlacedMark>> marks;
    PerExpressionMark<std::optional<PlacedMark>> expression = {}; ///< drawn small; they cannot be dragged
    PerMark<std::optional<PicturePoint>> expected = {}; ///< where the fit expects each
    PerMark<std::optional<PicturePoint>> preplaced = {}; ///< not confirmed: where each may lie
    std::optional<Mark> asked = {}; ///< of the preplaced, the one to be confirmed next
    std::vector<Mark> doubtful = {};
    std::optional<Mark> touched = {};
    bool small = false; ///< as dots, so that something else stands out
};

/// The learner's marks: small crosses whose middle is left open, so that the spot itself can be
/// seen; suggested ones as hollow dots; a ring where the fit expects a mark, and a broken one where a mark not
/// confirmed may lie.
class MarksOverlay : public Overlay {
public:
    explicit MarksOverlay(MarksShown s) : shown(std::move(s)) {}
    void paint(const Canvas& canvas) const override;
    std::optional<Hit> hit(const SheetTransform& transform, const QPointF& at) const override;

    const MarksShown shown;

private:
    void paintPreplaced(const Canvas& canvas) const;
    void paintExpected(const Canvas& canvas, Mark m, const QPointF& at, bool doubtful) const;
};

} // namespace zokran
