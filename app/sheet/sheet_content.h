#pragma once

#include "core/compare/compare.h"
#include "core/fit/guess.h"
#include "core/head/guides.h"

#include <QImage>
#include <QPointF>
#include <QString>
#include <map>
#include <optional>
#include <vector>

namespace zokran {

/// A correction: from where a feature is drawn to where it belongs, px.
struct CorrectionArrow {
    PicturePoint from, to;
    Mark mark;
    bool strong = false; ///< spoken of by a finding that is to be mended
};

/// A place the guessed construction is pulled by.
struct SheetHandle {
    GuessHandle handle;
    PicturePoint at;
    QString word; ///< what pulling it does
};

/// Everything that lies on one sheet, in the picture's own pixels.
struct SheetContent {
    QImage picture;            ///< null: plain paper
    QSizeF extent{1000, 1250}; ///< of the picture or the paper, px
    QRectF frame;              ///< what is shown until the learner zooms; empty: all of it
    bool smallMarks = false;   ///< marks as dots, so that corrections are what stands out
    std::vector<GuideLine> lines;
    PerMark<std::optional<PlacedMark>> marks;
    PerMark<std::optional<PicturePoint>> expected; ///< where the fit expects a placed mark
    std::vector<Mark> doubtful;
    std::optional<BallCircle> ball;
    std::optional<Mark> touched;
    std::vector<CorrectionArrow> arrows;
    std::vector<SheetHandle> handles;
    bool labels = true;
    std::map<std::string, QString> labelNotes; ///< said after a line's name, by its id
    QString emptyText; ///< said in the middle when there is neither picture nor line
};

/// From picture pixels to the widget and back.
struct SheetTransform {
    double scale = 1;
    QPointF offset;

    QPointF toView(const PicturePoint& p) const {
        return {p.x() * scale + offset.x(), p.y() * scale + offset.y()};
    }
    PicturePoint toPicture(const QPointF& p) const {
        return {(p.x() - offset.x()) / scale, (p.y() - offset.y()) / scale};
    }
};

} // namespace zokran
