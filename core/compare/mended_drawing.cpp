#include "core/compare/mended_drawing.h"

#include "core/base/thin_plate_warp.h"
#include "core/page/paper_tone.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Half the side of the square in which anything moves, radii of the ball.
constexpr double reach = 3.2;
/// Places round the ball's edge, and how far from every feature one must lie to count, radii of the ball.
constexpr int rimPlaces = 16;
constexpr double clearOfFeatures = 0.4;
/// Of the ball's edge what lies so far up counts; and how far from every feature a place of the sitter's must lie.
constexpr double leastUp = 0.15, clearOfMarks = 0.2;
/// Places nearer to one another would pull against each other; the first of them counts. Radii of the ball.
constexpr double apart = 0.015;
/// The way is gone in so many steps, and computed on a grid of so many places each way.
constexpr int steps = 5, grid = 72;
/// Of the splines: little, for the places of one small step hardly disagree.
constexpr double smoothing = 0.03;

void add(std::vector<MendedPlace>& places, const SketchPoint& drawn, const SketchPoint& belongs, double radius) {
    const auto isNear = [&](const MendedPlace& p) { return (p.drawn - drawn).norm() < apart * radius; };
    if (std::none_of(places.begin(), places.end(), isNear))
        places.push_back({drawn, belongs});
}

/// Where a mark goes: by the finding, or to where the photograph has it.
template <class Id, class Placed, class Corrections>
void addMarks(std::vector<MendedPlace>& places, const Comparison& c, const Placed& seen, const Placed& drawn,
              const Corrections* corrections, double radius, int count, Id (*at)(int)) {
    for (int i = 0; i < count; ++i) {
        const Id id = at(i);
        // What the head hides lies behind what is drawn there.
        if (!drawn[id] || !drawn[id]->usable())
            continue;
        const SketchPoint from(*drawn[id]->at);
        if (corrections) {
            const auto& by = (*corrections)[id];
            add(places, from, by ? SketchPoint(from + *by) : from, radius);
        } else if (seen[id] && seen[id]->usable()) {
            add(places, from, c.registration(PhotoPoint(*seen[id]->at)), radius);
        }
    }
}

/// The colour of bare paper at each pixel, as it shows under the light that lies on it; three channels of float.
cv::Mat3f barePaper(const cv::Mat3b& drawing) {
    const cv::Mat1f light = displayedPaperLight(drawing);
    // The paper's own tint: the median over what nothing was drawn on.
    std::array<std::vector<float>, 3> tints;
    constexpr float bare = 0.06F;
    const int stride = std::max(1, static_cast<int>(std::sqrt(static_cast<double>(drawing.total()) / 40000)));
    for (int y = 0; y < drawing.rows; y += stride)
        for (int x = 0; x < drawing.cols; x += stride) {
            const cv::Vec3b& pixel = drawing(y, x);
            const float paper = std::max(1.0F, light(y, x));
            const float grey = 0.114F * pixel[0] + 0.587F * pixel[1] + 0.299F * pixel[2];
            if (std::abs(grey / paper - 1) < bare)
                for (std::size_t k = 0; k < 3; ++k)
                    tints[k].push_back(pixel[static_cast<int>(k)] / paper);
        }
    cv::Vec3f tint(1, 1, 1);
    for (std::size_t k = 0; k < 3; ++k)
        if (!tints[k].empty()) {
            const auto middle = tints[k].begin() + static_cast<std::ptrdiff_t>(tints[k].size() / 2);
            std::nth_element(tints[k].begin(), middle, tints[k].end());
            tint[static_cast<int>(k)] = *middle;
        }
    cv::Mat3f paper(drawing.size());
    for (int y = 0; y < paper.rows; ++y)
        for (int x = 0; x < paper.cols; ++x)
            paper(y, x) = std::max(1.0F, light(y, x)) * tint;
    return paper;
}

/// For each place of a grid over the square, the way to the place of the drawing whose strokes come to lie there, px.
cv::Mat2f waysBack(const Mending& mending, double share) {
    const double side = mending.side.value;
    std::vector<ThinPlateWarp> back;
    for (int step = steps; step > 0; --step) {
        std::vector<Eigen::Vector2d> at, displaced;
        for (const MendedPlace& p : mending.places) {
            const Eigen::Vector2d way = share * (p.belongs - p.drawn);
            at.emplace_back(p.drawn - mending.corner + way * step / steps);
            displaced.emplace_back(-way / steps);
        }
        back.emplace_back(std::move(at), std::move(displaced), side, smoothing);
    }
    cv::Mat2f ways(grid, grid);
    for (int row = 0; row < grid; ++row)
        for (int column = 0; column < grid; ++column) {
            const Eigen::Vector2d place = Eigen::Vector2d(column + 0.5, row + 0.5) / grid * side;
            Eigen::Vector2d source = place;
            for (const ThinPlateWarp& warp : back)
                source += warp(source);
            // Between its pinned points the square's border moves a little: it fades out there.
            const double inset = (Eigen::Vector2d::Constant(side / 2) - (place - Eigen::Vector2d::Constant(side / 2)).cwiseAbs()).minCoeff();
            const double strength = std::clamp(inset / (0.12 * side), 0.0, 1.0);
            const Eigen::Vector2d way = strength * (source - place);
            ways(row, column) = {static_cast<float>(way.x()), static_cast<float>(way.y())};
        }
    return ways;
}

} // namespace

Mending mendingOf(const Comparison& c, const PhotoMarks& reference, const SketchMarks& sketch, const Finding* only) {
    Mending mending;
    const double radius = c.registeredView.outlineRadius().value;
    addMarks<Mark>(mending.places, c, reference.marks, sketch.marks, only ? &only->corrections : nullptr, radius, markCount, markAt);
    addMarks<ExpressionMark>(mending.places, c, reference.expression, sketch.expression,
                             only ? &only->expressionCorrections : nullptr, radius, expressionMarkCount, expressionMarkAt);
    const auto addOutline = [&](const Finding& finding) {
        for (const OutlineMove& move : finding.outline)
            add(mending.places, move.drawn, move.belongs, radius);
    };
    if (only)
        addOutline(*only);
    else
        std::for_each(c.findings.begin(), c.findings.end(), addOutline);

    const std::vector<MendedPlace> features = mending.places;
    const auto addUnlessBeside = [&](const SketchPoint& from, const SketchPoint& to, double clear) {
        const auto isBeside = [&](const MendedPlace& p) {
            return std::min((p.drawn - from).norm(), (p.belongs - to).norm()) < clear * radius;
        };
        if (std::none_of(features.begin(), features.end(), isBeside))
            mending.places.push_back({from, to});
    };
    const View& drawn = c.sketchView;
    const View& seen = only ? c.sketchView : c.registeredView;
    // Ears, jaw and crown go along where no mark says how: as the sitter's own do from the pose that was drawn to that seen.
    if (!only)
        for (int i = 0; i < markCount; ++i) {
            const HeadPoint& at = c.sitter[markAt(i)];
            if (!sketch.marks[markAt(i)] && drawn.faces(at, at.normalized()) && seen.faces(at, at.normalized()))
                addUnlessBeside(SketchPoint(drawn.project(at)), SketchPoint(seen.project(at)), clearOfMarks);
        }
    // Of the ball's edge the skull's: below the brow it runs through the face.
    const Eigen::Vector2d up = (drawn.project(HeadPoint(0, 1, 0)) - drawn.project(HeadPoint(0, 0, 0))).normalized();
    for (int i = 0; i < rimPlaces; ++i) {
        const double angle = 2 * std::numbers::pi * i / rimPlaces;
        const Eigen::Vector2d towards(std::cos(angle), std::sin(angle));
        if (towards.dot(up) > leastUp)
            addUnlessBeside(SketchPoint(drawn.centre + drawn.outlineRadius() * towards),
                            SketchPoint(seen.centre + seen.outlineRadius() * towards), clearOfFeatures);
    }
    mending.side = Pixels{2 * reach * radius};
    mending.corner = SketchPoint(c.registeredView.centre - Eigen::Vector2d::Constant(reach * radius));
    return mending;
}

cv::Mat mendedDrawing(const cv::Mat& drawing, const Mending& mending, double share) {
    cv::Mat3b picture;
    if (drawing.channels() == 4)
        cv::cvtColor(drawing, picture, cv::COLOR_BGRA2BGR);
    else
        picture = drawing.clone();
    const int sideInPixels = static_cast<int>(std::ceil(mending.side.value));
    const cv::Rect square(static_cast<int>(std::floor(mending.corner.x())), static_cast<int>(std::floor(mending.corner.y())),
                          sideInPixels, sideInPixels);
    const cv::Rect shown = square & cv::Rect(0, 0, picture.cols, picture.rows);
    if (!(share > 0) || mending.places.empty() || shown.empty())
        return picture;

    const cv::Mat3f paper = barePaper(picture);
    cv::Mat3f pixels, strokes, carried, mended;
    picture.convertTo(pixels, CV_32F);
    cv::divide(pixels, paper, strokes);
    cv::Mat2f ways;
    cv::resize(waysBack(mending, share), ways, square.size(), 0, 0, cv::INTER_CUBIC);
    cv::Mat2f from = ways(shown - square.tl()).clone();
    for (int y = 0; y < from.rows; ++y)
        for (int x = 0; x < from.cols; ++x)
            from(y, x) += cv::Vec2f(static_cast<float>(shown.x + x), static_cast<float>(shown.y + y));
    cv::remap(strokes, carried, from, cv::noArray(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    cv::multiply(carried, paper(shown), mended);
    mended.convertTo(picture(shown), CV_8U);
    return picture;
}

} // namespace zokran
