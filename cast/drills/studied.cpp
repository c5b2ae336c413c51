// Heads the learner has studied, cut to a drill's size.

#include "cast/drills/drill.h"
#include "core/fit/fit.h"
#include "core/head/marks_trouble.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// A piece of a picture, enlarged or made smaller.
struct Cut {
    Picture picture;
    PicturePoint corner{0, 0}; ///< of the piece, px of the whole
    double scale = 1;          ///< px of the piece to one of the whole
    PicturePoint at(const PicturePoint& p) const { return (p - corner) * scale; }
};

/// The part of the picture within a box, as high as a drill's pictures are.
Cut cutOut(const Picture& whole, const Eigen::AlignedBox2d& box) {
    const cv::Mat all(whole.height, whole.width, CV_8UC3, const_cast<std::uint8_t*>(whole.bgr.data()));
    const cv::Point from(static_cast<int>(std::floor(box.min().x())), static_cast<int>(std::floor(box.min().y()))),
        to(static_cast<int>(std::ceil(box.max().x())), static_cast<int>(std::ceil(box.max().y())));
    cv::Rect inside = cv::Rect(from, to) & cv::Rect(0, 0, all.cols, all.rows);
    if (inside.empty()) // marks that lie beside the picture: all of it
        inside = {0, 0, all.cols, all.rows};
    Cut cut;
    cut.corner = PicturePoint(inside.x, inside.y);
    cut.scale = static_cast<double>(drillHeight) / inside.height;
    cv::Mat piece;
    // Shrunk by areas, for pencil lines vanish otherwise; their pixels' corners, not middles, are what stays put.
    cv::resize(all(inside), piece, {std::max(1, static_cast<int>(std::lround(inside.width * cut.scale))), drillHeight},
               0, 0, cut.scale < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
    cut.picture = {piece.cols, piece.rows, {piece.datastart, piece.dataend}};
    return cut;
}

/// Round the whole head, its crown and sides too.
Eigen::AlignedBox2d boxRound(const View& view, const HeadMarks& head) {
    Eigen::AlignedBox2d box;
    const double radius = view.outlineRadius().value;
    box.extend(view.centre - PicturePoint(radius, radius)).extend(view.centre + PicturePoint(radius, radius));
    for (int i = 0; i < markCount; ++i)
        box.extend(view.project(head[markAt(i)]));
    const PicturePoint margin = PicturePoint::Constant(0.12 * box.sizes().maxCoeff());
    return {box.min() - margin, box.max() + margin};
}

} // namespace

StudiedHead studiedHead(const Picture& photo, const PhotoMarks& marks, const Picture& drawing,
                        const SketchMarks& drawn) {
    const Fit fit = fitHead(marks);
    Cut cut = cutOut(photo, boxRound(fit.view, fit.head));
    StudiedHead head;
    head.face.view = fit.view;
    head.face.view.centre = cut.at(fit.view.centre);
    head.face.view.principal = cut.at(fit.view.principal);
    head.face.view.scale *= cut.scale;
    head.face.pose = fit.pose;
    head.face.sigma = fit.sigma;
    for (Mark m : marks.seenMarks())
        head.face.marks[m] = cut.at(*marks.seen(m));
    head.face.picture = std::move(cut.picture);
    if (drawing.bgr.empty())
        return head;
    try {
        const Comparison comparison = compareSketch(marks, fit, drawn);
        cut = cutOut(drawing, boxRound(comparison.sketchView, comparison.sitter));
        for (const Finding& finding : comparison.findings) {
            if (finding.severity != Severity::Fix || !partOf(finding))
                continue;
            head.toMend = partOf(finding);
            for (int i = 0; i < markCount; ++i)
                if (const auto& by = finding.corrections[markAt(i)])
                    if (const auto at = drawn.seen(markAt(i)))
                        head.ways.emplace_back(cut.at(*at), cut.at(*at + *by));
            break;
        }
        head.drawing = std::move(cut.picture);
    } catch (const BadMarks&) {
        // Drawn, but not marked far enough to be compared.
    }
    return head;
}

} // namespace zokran
