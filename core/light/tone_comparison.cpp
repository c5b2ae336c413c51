#include "core/light/tone_comparison.h"

#include "core/page/paper_tone.h"
#include "core/base/tone.h"
#include "core/page/luminance.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// What is looked at reaches this far from the ball's middle, ball radii; and is shrunk to so many px per radius.
constexpr double reach = 2.6, fineness = 110;
/// A place counts where it is turned to the viewer by at least this cosine.
constexpr double turnedToViewer = 0.45;
/// The shares of the head's pixels that are its darkest and its lightest.
constexpr double darkestShare = 0.015, lightestShare = 0.97;
/// The scatter of the places about the drawing's own key is never taken to be less.
constexpr double leastScatter = 0.04;
/// A place is told from this on: seven tenths of one value of five, and beyond what the other places scatter.
constexpr double leastTold = 0.14, deviationsTold = 2.6;
/// By this share of its radius the place of a feature is misjudged, one standard deviation.
constexpr double misjudged = 0.38;
/// The darkest dark of a drawing is timid from this lightness on, and where it is so much lighter than the photograph's.
constexpr double timidFrom = 50, timidBeyond = 22;
constexpr std::size_t fewestPlaces = 8;

/// The part of a picture round a head, as linear luminance, and how it lies in the picture.
struct Cut {
    cv::Mat1f luminance;
    PicturePoint origin{0, 0};
    double perPixel = 1; ///< px of the cut to one of the picture
    PicturePoint at(const PicturePoint& p) const { return perPixel * (p - origin); }
    PicturePoint inPicture(const PicturePoint& p) const { return p / perPixel + origin; }
    HeadLuminance of(const HeadInPicture& head) const {
        View view = head.view;
        view.centre = at(view.centre);
        view.principal = at(view.principal);
        view.scale *= perPixel;
        return {luminance, view, head.head};
    }
};

cv::Rect boxRound(const cv::Mat& picture, const HeadInPicture& head) {
    const double r = reach * head.view.scale;
    const PicturePoint c = head.view.centre;
    return cv::Rect({0, 0}, picture.size()) & cv::Rect(static_cast<int>(std::floor(c.x() - r)),
                                                       static_cast<int>(std::floor(c.y() - r)),
                                                       static_cast<int>(2 * r), static_cast<int>(2 * r));
}

/// `luminance`: of that part of the picture alone, which lies in `box`.
Cut cutOut(const cv::Mat1f& luminance, const cv::Rect& box, const HeadInPicture& head) {
    Cut cut;
    if (box.empty())
        return cut;
    cut.origin = {static_cast<double>(box.x), static_cast<double>(box.y)};
    cut.perPixel = std::min(1.0, fineness / head.view.scale);
    // Averaged in linear light, as hatching is by the eye that stands off.
    cv::resize(luminance, cut.luminance, {}, cut.perPixel, cut.perPixel, cv::INTER_AREA);
    return cut;
}

/// The mean over a disc, as lightness; nothing where any of it lies outside the picture.
std::optional<double> meanLightness(const cv::Mat1f& luminance, const PicturePoint& at, double radius) {
    double sum = 0;
    int inside = 0;
    for (int y = static_cast<int>(std::floor(at.y() - radius)); y <= at.y() + radius; ++y)
        for (int x = static_cast<int>(std::floor(at.x() - radius)); x <= at.x() + radius; ++x) {
            if (std::hypot(x - at.x(), y - at.y()) > radius)
                continue;
            if (x < 0 || y < 0 || x >= luminance.cols || y >= luminance.rows)
                return std::nullopt;
            sum += luminance(y, x);
            ++inside;
        }
    return inside ? std::optional(lightnessOfLinear(sum / inside)) : std::nullopt;
}

/// The darkest small disc within a disc.
std::optional<double> darkestLightness(const cv::Mat1f& luminance, const PicturePoint& at, double radius) {
    const double spot = 0.35 * radius, step = std::max(1.0, spot / 2);
    std::optional<double> least;
    for (double dy = -radius; dy <= radius; dy += step)
        for (double dx = -radius; dx <= radius; dx += step)
            if (std::hypot(dx, dy) <= radius)
                if (const auto value = meanLightness(luminance, at + PicturePoint(dx, dy), spot))
                    least = std::min(least.value_or(100), *value);
    return least;
}

/// A place where it is looked for in a picture, in the picture's px.
struct Sample {
    PicturePoint at;
    Pixels radius;
    double lightness;
    double unsteadiness; ///< how far the lightness changes where the place is misjudged by a part of its size
};

std::optional<Sample> sampled(const TonePlace& place, int side, const Cut& cut, const HeadInPicture& head) {
    HeadPoint p = place.at(head.head);
    Eigen::Vector3d looks = place.looks;
    if (side < 0) {
        p.x() = -p.x();
        looks.x() = -looks.x();
    }
    PicturePoint at;
    if (place.kind == TonePlace::Kind::Beside) {
        // Beside the head as it is seen, on the side that is the sitter's when the face looks at the viewer.
        at = head.view.centre + head.view.scale * PicturePoint(p.x(), -p.y());
    } else {
        if ((head.view.facing() * looks).z() < turnedToViewer || abs(head.view.pose().turn) > toRadians(place.mostTurned))
            return std::nullopt;
        at = head.view.project(p);
    }
    const double radius = place.radius.value * head.view.scale;
    const auto lightness = [&](const PicturePoint& middle) {
        return place.kind == TonePlace::Kind::Detail
                   ? darkestLightness(cut.luminance, cut.at(middle), cut.perPixel * radius)
                   : meanLightness(cut.luminance, cut.at(middle), cut.perPixel * radius);
    };
    const auto value = lightness(at);
    if (!value)
        return std::nullopt;
    double squares = 0;
    int shifted = 0;
    for (const PicturePoint& way : {PicturePoint(1, 0), PicturePoint(-1, 0), PicturePoint(0, 1), PicturePoint(0, -1)})
        if (const auto there = lightness(at + misjudged * radius * way)) {
            squares += (*there - *value) * (*there - *value);
            ++shifted;
        }
    return Sample{at, {radius}, *value, std::sqrt(squares / std::max(1, shifted))};
}

/// The lightness of the darkest and the lightest share of the head itself.
struct Range {
    double dark = 0, light = 100;
};

Range rangeOf(const Cut& cut, const HeadInPicture& head) {
    cv::Mat1f smooth;
    cv::GaussianBlur(cut.luminance, smooth, {}, std::max(0.5, 0.025 * cut.perPixel * head.view.scale));
    const PicturePoint ball = cut.at(head.view.centre), chin = cut.at(head.view.project(head.head[Mark::Chin]));
    const double r = cut.perPixel * head.view.scale;
    std::vector<float> values;
    for (int y = 0; y < smooth.rows; ++y)
        for (int x = 0; x < smooth.cols; ++x) {
            // A capsule from the ball to the chin.
            const PicturePoint p(x, y), way = chin - ball;
            const double t = std::clamp((p - ball).dot(way) / std::max(way.squaredNorm(), 1.0), 0.0, 1.0);
            if ((p - ball - t * way).norm() < r * (1 - 0.45 * t))
                values.push_back(smooth(y, x));
        }
    if (values.empty())
        return {};
    const auto quantile = [&](double q) {
        const auto at = values.begin() + static_cast<std::ptrdiff_t>(q * (static_cast<double>(values.size()) - 1));
        std::nth_element(values.begin(), at, values.end());
        return lightnessOfLinear(*at);
    };
    return {quantile(darkestShare), quantile(lightestShare)};
}

double medianOf(std::vector<double> values) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), at, values.end());
    return *at;
}

/// The straight line from the photograph's values to the drawing's, most places on it: Huber's estimate by iteratively
/// reweighted least squares, near the identity where the places say little. Fills `expected`; returns the scatter.
double fitKey(std::vector<TonePair>& pairs) {
    constexpr double priorSlope = 0.4, priorOffset = 0.25, usualScatter = 0.1;
    double offset = 0, slope = 1, scatter = usualScatter;
    for (int round = 0; round < 12; ++round) {
        Eigen::Matrix2d normal = Eigen::Matrix2d::Zero();
        Eigen::Vector2d right(0, 0);
        normal(0, 0) = 1 / (priorOffset * priorOffset);
        normal(1, 1) = 1 / (priorSlope * priorSlope);
        right[1] = normal(1, 1);
        for (const TonePair& pair : pairs) {
            const double r = std::abs(pair.drawn - offset - slope * pair.seen) / scatter;
            const double weight = (r < 1.5 ? 1 : 1.5 / r) / (scatter * scatter);
            const Eigen::Vector2d row(1, pair.seen);
            normal += weight * row * row.transpose();
            right += weight * pair.drawn * row;
        }
        const Eigen::Vector2d x = normal.ldlt().solve(right);
        offset = x[0];
        slope = std::clamp(x[1], 0.3, 1.6);
        std::vector<double> off;
        for (TonePair& pair : pairs) {
            pair.expected = std::clamp(offset + slope * pair.seen, 0.0, 1.0);
            off.push_back(std::abs(pair.off()));
        }
        scatter = std::max(leastScatter, 1.4826 * medianOf(std::move(off)));
    }
    return scatter;
}

} // namespace

int valuesOff(double off, int values) {
    return std::max(1, static_cast<int>(std::lround(std::abs(off) * values)));
}

std::optional<ToneComparison> compareTones(const cv::Mat& photo, const HeadInPicture& seen, const cv::Mat& drawing,
                                           const HeadInPicture& drawn, PaperChoice paperChoice) {
    const cv::Rect inPhoto = boxRound(photo, seen), inDrawing = boxRound(drawing, drawn);
    if (inPhoto.empty() || inDrawing.empty())
        return std::nullopt;
    // The paper is read round the head: the picture may show a table about the page.
    cv::Mat page;
    const PaperTone paper = evenPage(drawing(inDrawing), paperChoice, page);
    const Cut photoCut = cutOut(luminanceOf(photo(inPhoto)), inPhoto, seen), drawingCut = cutOut(page, inDrawing, drawn);
    if (photoCut.luminance.empty() || drawingCut.luminance.empty())
        return std::nullopt;
    ToneComparison comparison;
    const Range photoRange = rangeOf(photoCut, seen), drawingRange = rangeOf(drawingCut, drawn);
    const double photoSpan = std::max(photoRange.light - photoRange.dark, 5.0), drawingSpan = std::max(100 - drawingRange.dark, 5.0);
    const auto ofPhoto = [&](double lightness) { return std::clamp((lightness - photoRange.dark) / photoSpan, 0.0, 1.0); };
    const auto ofDrawing = [&](double lightness) {
        return std::clamp((lightness - drawingRange.dark) / drawingSpan, 0.0, 1.0);
    };
    comparison.hasChalk = paper.hasChalk;
    comparison.paper = ofDrawing(lightnessOfLinear(paper.luminance));
    comparison.darkestDrawn = drawingRange.dark;
    comparison.darkestSeen = 100 * photoRange.dark / std::max(photoRange.light, 1.0);
    for (const TonePlace& place : tonePlaces())
        for (int side : {1, -1}) {
            if ((side < 0 && !place.bothSides) || (place.ofMouth && (seen.mouthIsOpen || drawn.mouthIsOpen)))
                continue;
            const auto there = sampled(place, side, photoCut, seen), here = sampled(place, side, drawingCut, drawn);
            if (!there || !here)
                continue;
            // A background may be left bare; only one that was toned is compared.
            constexpr double bareWithin = 0.08;
            if (place.kind != TonePlace::Kind::Beside || ofDrawing(here->lightness) < comparison.paper - bareWithin)
                comparison.pairs.push_back({&place, place.bothSides ? side : 0, there->at, here->at,
                                            there->radius, here->radius, ofPhoto(there->lightness),
                                            ofDrawing(here->lightness), 0,
                                            std::hypot(place.scatter, there->unsteadiness / photoSpan)});
        }
    auto& pairs = comparison.pairs;
    if (pairs.size() < fewestPlaces)
        return std::nullopt;
    std::stable_sort(pairs.begin(), pairs.end(), [](const TonePair& a, const TonePair& b) { return a.seen < b.seen; });

    // Line alone: surfaces that are dark in the photograph are bare paper.
    std::vector<double> surfaces;
    for (const TonePair& pair : pairs)
        if (pair.place->kind == TonePlace::Kind::Surface)
            surfaces.push_back(drawingRange.dark + pair.drawn * drawingSpan);
    std::sort(surfaces.begin(), surfaces.end());
    // In lightness, where bare paper is 100: lines alone leave the head lighter than this, seen from afar.
    constexpr double lineAlone = 75, bare = 0.9;
    const double paperLightness = lightnessOfLinear(paper.luminance);
    comparison.isShaded = paper.hasChalk || (drawingRange.dark < lineAlone && !surfaces.empty() &&
                                             surfaces[surfaces.size() / 4] < bare * paperLightness);
    if (!comparison.isShaded)
        return comparison;

    comparison.headHeight = headHeight(seen.head);
    for (ShadowEdgeShift shift : shadowEdgeShifts(photoCut.of(seen), drawingCut.of(drawn))) {
        shift.seenAt = photoCut.inPicture(shift.seenAt);
        shift.drawnAt = drawingCut.inPicture(shift.drawnAt);
        comparison.shadowEdges.push_back(shift);
    }
    const double scatter = fitKey(pairs);
    if (comparison.darkestDrawn > timidFrom && comparison.darkestDrawn > comparison.darkestSeen + timidBeyond)
        comparison.findings.push_back({ToneFinding::Kind::Timid, 0, 0,
                                       (comparison.darkestDrawn - comparison.darkestSeen) / 100});
    std::vector<ToneFinding> places;
    for (std::size_t i = 0; i < pairs.size(); ++i)
        if (std::abs(pairs[i].off()) > std::max(leastTold, deviationsTold * std::max(scatter, pairs[i].sigma)))
            places.push_back({ToneFinding::Kind::Place, i, 0, pairs[i].off()});
    // The surest of the large ones first.
    const auto weight = [&](const ToneFinding& f) { return std::abs(f.off) / std::hypot(pairs[f.pair].sigma, leastTold / 2); };
    std::stable_sort(places.begin(), places.end(),
                     [&](const ToneFinding& a, const ToneFinding& b) { return weight(a) > weight(b); });
    comparison.findings.insert(comparison.findings.end(), places.begin(), places.end());
    // The darkest dark leads the eye: in the drawing it stands where it stands in the photograph.
    const auto darkestDrawn = std::min_element(pairs.begin(), pairs.end(), [](const TonePair& a, const TonePair& b) {
        return a.drawn < b.drawn;
    });
    constexpr double clearly = 0.2;
    if (darkestDrawn->seen - pairs.front().seen > clearly && pairs.front().drawn - darkestDrawn->drawn > clearly / 2)
        comparison.findings.push_back({ToneFinding::Kind::DarkElsewhere, 0,
                                       static_cast<std::size_t>(darkestDrawn - pairs.begin()),
                                       pairs.front().drawn - darkestDrawn->drawn});
    return comparison;
}

} // namespace zokran
