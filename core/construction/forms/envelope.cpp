#include "core/construction/forms/envelope.h"

#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace zokran {

namespace {

double cross(const PicturePoint& a, const PicturePoint& b) {
    return a.x() * b.y() - a.y() * b.x();
}

/// The head between a few straight lines, from five to fourteen; corners are cut off step by step.
class EnvelopeForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override {
        const std::vector<PicturePoint> hull = convexHull(headOutline(head, view));
        std::vector<GuideLine> all;
        const int straights =
            std::clamp(subject().look.straights, fewestStraights, mostStraights);
        for (const auto& [id, count] :
             {std::pair{"first_straights", fewestStraights}, {"envelope", straights}}) {
            if (count == fewestStraights && std::string_view(id) == "envelope")
                continue;
            GuideLine line = ownLine(id);
            line.points = envelopeOf(hull, count);
            if (!line.points.empty())
                line.points.push_back(line.points.front());
            all.push_back(std::move(line));
        }
        constexpr std::string_view borrowed[] = {
            "centre_line",    "brow_line", "hairline", "eye_line", "nose_base_line", "mouth_line",
            "face_edge",      "jaw_line",  "ear",      "neck",     "pit", "shoulders", "collar_bones",            "hair",
            "hair_edge"};
        append(all, head.linesOf(view, borrowed, wanted));
        return all;
    }
};

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("Five long straights round the whole head: its height, its width, its slant."),
     "first_straights*"},
    {ZOKRAN_WORDS("Cut the corners off, one straight after another."), "envelope"},
    {ZOKRAN_WORDS("Inside it the centre line and the brow."), "centre_line brow_line"},
    {ZOKRAN_WORDS("The levels of eyes, nose base and mouth."),
     "hairline eye_line nose_base_line mouth_line"},
    {ZOKRAN_WORDS("Round the straights off into the face's edge, jaw, ear and hair."), ""},
};

} // namespace

std::vector<PicturePoint> convexHull(std::vector<PicturePoint> points) {
    std::sort(points.begin(), points.end(), [](const PicturePoint& a, const PicturePoint& b) {
        return a.x() < b.x() || (a.x() == b.x() && a.y() < b.y());
    });
    std::vector<PicturePoint> hull;
    for (const bool upper : {false, true}) {
        const std::size_t begin = hull.size();
        for (std::size_t k = 0; k < points.size(); ++k) {
            const PicturePoint& p = upper ? points[points.size() - 1 - k] : points[k];
            while (hull.size() >= begin + 2 &&
                   cross(hull.back() - hull[hull.size() - 2], p - hull.back()) <= 0)
                hull.pop_back();
            hull.push_back(p);
        }
        hull.pop_back();
    }
    return hull;
}

double areaOf(const std::vector<PicturePoint>& polygon) {
    double sum = 0;
    for (std::size_t i = 0; i < polygon.size(); ++i)
        sum += cross(polygon[i], polygon[(i + 1) % polygon.size()]);
    return std::abs(sum) / 2;
}

std::vector<PicturePoint> envelopeOf(const std::vector<PicturePoint>& hull, int straights) {
    std::vector<PicturePoint> polygon = hull;
    // Leaving out the edge from i to i + 1 draws its neighbours on until they meet. What that adds
    // counts the more the sharper the corner: nobody draws a head between spikes.
    auto meeting = [&](std::size_t i) -> std::pair<double, PicturePoint> {
        const std::size_t n = polygon.size();
        const PicturePoint &before = polygon[(i + n - 1) % n], &a = polygon[i],
                           &b = polygon[(i + 1) % n], &after = polygon[(i + 2) % n];
        const PicturePoint in = a - before, out = b - after;
        const double slope = cross(in, out);
        if (slope >= 0) // they run apart
            return {std::numeric_limits<double>::infinity(), a};
        const double t = cross(b - a, out) / slope;
        const PicturePoint tip = a + t * in;
        const double half = 0.5 * std::acos(std::clamp(
                                      (a - tip).dot(b - tip) /
                                          std::max(1e-12, (a - tip).norm() * (b - tip).norm()),
                                      -1.0, 1.0));
        return {std::abs(cross(b - a, tip - a)) / 2 / std::max(1e-6, std::pow(std::sin(half), 4)),
                tip};
    };
    while (polygon.size() > static_cast<std::size_t>(std::max(3, straights))) {
        double least = std::numeric_limits<double>::infinity();
        std::size_t which = 0;
        PicturePoint tip(0, 0);
        for (std::size_t i = 0; i < polygon.size(); ++i)
            if (const auto [area, at] = meeting(i); area < least) {
                least = area;
                which = i;
                tip = at;
            }
        if (least == std::numeric_limits<double>::infinity())
            break;
        polygon[which] = tip;
        polygon.erase(polygon.begin() +
                      static_cast<std::ptrdiff_t>((which + 1) % polygon.size()));
    }
    return polygon;
}

const FormKind envelopeKind{"envelope", ZOKRAN_WORDS("Straight-line envelope"),
                            ZOKRAN_WORDS("The outline between a few straights, for those who "
                                         "measure by angles."),
                            steps, [](Subject s) -> std::unique_ptr<Construction> {
                                return std::make_unique<EnvelopeForm>(std::move(s));
                            }};

} // namespace zokran
