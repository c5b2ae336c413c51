#include "see/suggest_marks.h"

#include "core/base/errors.h"
#include "core/fit/fit.h"
#include "core/page/rectify.h"
#include "see/face_marks.h"
#include "see/find_drawn_faces.h"
#include "see/find_faces.h"
#include "see/sketch_registration.h"

#include <algorithm>
#include <map>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Beyond this turn a face in a drawing is never taken for certain.
constexpr Degrees mostTurned{60};
/// A face that is not certain may be read wrongly as a whole, which its marks' own noise, learned on right readings, does not
/// cover: it grows by this factor.
constexpr double uncertainReading = 4;
/// A drawn face that is not certain is taken for the photographed one up to this shapeDissimilarity. Measured on 57 sketches by
/// our own pencil, turned by up to 65 degrees: wrong readings begin at 0.028, right ones end at 0.025 where the drawing keeps its
/// pose; drawings that lose half of a turn reach 0.036, but all of these are certain.
constexpr double mostDissimilar = 0.026;
/// A photograph is read with the fewest pixels that leave its longer side this long.
constexpr int searchedSide = 2400;

/// Points of the mesh on the oval of the face, as `SuggestedFace::outline` has them.
constexpr int outlinePoints[] = {127, 93, 58, 136, mesh_point::chin, 365, 288, 323, 356};

SuggestedFace marked(const FoundFace& face, const cv::Mat& picture, PictureKind kind) {
    SuggestedFace suggested{marksOf(face, picture.cols, picture.rows, kind), face.certain, face.score};
    for (const int point : outlinePoints)
        suggested.outline.push_back(face.points[static_cast<std::size_t>(point)]);
    return suggested;
}

/// From px of the picture as it was read to px of the whole, or back.
void rescale(MarkSheet& sheet, double factor) {
    forEachPlaced(sheet, [&](PlacedMark& m) {
        *m.at *= factor;
        if (m.noise)
            *m.noise *= factor;
    });
    sheet.width = static_cast<int>(std::lround(sheet.width * factor));
    sheet.height = static_cast<int>(std::lround(sheet.height * factor));
}

/// The face of the photograph that the marks speak of, or else the largest; nothing where there is none.
const FoundFace* faceAt(const std::vector<FoundFace>& faces, const std::optional<MarkSheet>& marks) {
    if (faces.empty())
        return nullptr;
    const std::vector<Mark> seen = marks ? marks->seenMarks() : std::vector<Mark>();
    if (seen.empty())
        return &faces.front();
    PicturePoint middle(0, 0);
    for (Mark m : seen)
        middle += *marks->seen(m) / static_cast<double>(seen.size());
    const auto away = [&](const FoundFace& f) { return (f.points[4] - middle).norm(); };
    const FoundFace& nearest = *std::min_element(
        faces.begin(), faces.end(), [&](const FoundFace& a, const FoundFace& b) { return away(a) < away(b); });
    return Pixels{away(nearest)} < nearest.width ? &nearest : nullptr;
}

bool isTurnedFar(const MarkSheet& sheet) {
    try {
        FitOptions options;
        options.covariance = false;
        return abs(fitHead(sheet, options).pose.turn) > toRadians(mostTurned);
    } catch (const BadInput&) {
        return true;
    }
}

/// The brow's mark as the network reads it in the drawing, without registration. Nothing is drawn between the eyebrows, so a
/// registration moves that place along with them. In a photograph without colour the eyebrows may be a ridge of plaster, and the
/// drawing's hair lies higher than that. The network reports nearly all of a misplaced brow's displacement (`Feature::response`).
PlacedMark browWithoutRegistration(const cv::Mat& drawing, const FoundFace& drawn) {
    return *marksOf(drawn, drawing.cols, drawing.rows, PictureKind::Drawing).marks[Mark::Brow];
}

/// What the photograph's sheet says of every mark that the network can find, in the drawing.
/// `doubt`: px of the drawing by which a px of the photograph's own noise counts; 0 where its marks are taken as given.
MarkSheet registered(const SketchRegistration& registration, const cv::Mat& drawing, const FoundFace& drawn,
                     const MarkSheet& reference, double doubt) {
    MarkSheet found = marksOf(drawn, drawing.cols, drawing.rows, PictureKind::Drawing);
    std::vector<PlacedMark*> targets;
    std::vector<PicturePoint> places;
    std::vector<Pixels> noises;
    const auto carry = [&](const std::optional<PlacedMark>& from, std::optional<PlacedMark>& to) {
        if (!to)
            return;
        if (!from || !from->usable()) {
            to.reset();
            return;
        }
        targets.push_back(&*to);
        places.push_back(*from->at);
        noises.push_back(doubt * from->noise.value_or(Pixels{0}));
    };
    for (int i = 0; i < markCount; ++i)
        carry(reference.marks[markAt(i)], found.marks[markAt(i)]);
    for (int i = 0; i < expressionMarkCount; ++i)
        carry(reference.expression[expressionMarkAt(i)], found.expression[expressionMarkAt(i)]);
    const std::vector<RegisteredPoint> points = registration(drawing, drawn, places);
    for (std::size_t i = 0; i < targets.size(); ++i)
        *targets[i] = PlacedMark{points[i].at, false, true, hypot(points[i].noise, noises[i])};
    return found;
}

} // namespace

int searchedReduction(int width, int height) {
    for (int reduction : {8, 4, 2})
        if (std::max(width, height) >= reduction * searchedSide)
            return reduction;
    return 1;
}

std::vector<SuggestedFace> suggestMarks(FaceNetworks& networks, const SearchedPicture& photo,
                                        const std::atomic<bool>* cancelled, const std::optional<Framing>& framed) {
    const cv::Mat& pixels = photo.pixels;
    cv::Rect searched(0, 0, pixels.cols, pixels.rows);
    if (framed) {
        const Framing in = within(*framed, pixels.cols * photo.reduction, pixels.rows * photo.reduction);
        searched &= cv::Rect(cv::Point(static_cast<int>(in.low.x() / photo.reduction),
                                       static_cast<int>(in.low.y() / photo.reduction)),
                             cv::Point(static_cast<int>(in.high.x() / photo.reduction),
                                       static_cast<int>(in.high.y() / photo.reduction)));
    }
    std::vector<SuggestedFace> suggested;
    for (const FoundFace& face : findFaces(networks, pixels(searched), cancelled)) {
        if (cancelled && *cancelled)
            return {};
        suggested.push_back(marked(face, pixels, PictureKind::Photograph));
        MarkSheet& marks = suggested.back().marks;
        const PicturePoint corner(searched.x, searched.y);
        forEachPlaced(marks, [&](PlacedMark& m) { *m.at += corner; });
        rescale(marks, photo.reduction);
        for (PicturePoint& at : suggested.back().outline)
            at = (at + corner) * photo.reduction;
    }
    return suggested;
}

struct SketchReference::Prepared {
    SearchedPicture photo;
    std::vector<FoundFace> faces;
    std::map<std::size_t, SketchRegistration> registrations; ///< by the face
};

SketchReference::SketchReference(FaceNetworks& networks, SearchedPicture photo, const std::atomic<bool>* cancelled)
    : prepared_(std::make_unique<Prepared>()) {
    prepared_->photo = std::move(photo);
    prepared_->faces = findFaces(networks, prepared_->photo.pixels, cancelled);
}

SketchReference::~SketchReference() = default;
SketchReference::SketchReference(SketchReference&&) noexcept = default;
SketchReference& SketchReference::operator=(SketchReference&&) noexcept = default;

/// Marks the faces of a drawing from what is known of the photograph.
class SketchSearch {
public:
    SketchSearch(FaceNetworks& networks, const SketchReference& reference)
        : prepared_(*reference.prepared_), isGiven_(reference.marks.has_value()) {
        const cv::Mat& photo = prepared_.photo.pixels;
        std::optional<MarkSheet> given = reference.marks;
        if (given)
            rescale(*given, 1.0 / prepared_.photo.reduction);
        face_ = faceAt(prepared_.faces, given);
        if (!face_)
            return;
        marks_ = given.value_or(marksOf(*face_, photo.cols, photo.rows));
        const auto number = static_cast<std::size_t>(face_ - prepared_.faces.data());
        registration_ = &prepared_.registrations.try_emplace(number, networks, photo, *face_).first->second;
    }

    bool isPossible() const { return face_; }

    /// The faces of a drawing, the one that is most like the photographed face first.
    std::vector<FoundFace> byLikeness(std::vector<FoundFace> drawn) const {
        std::stable_sort(drawn.begin(), drawn.end(), [this](const FoundFace& a, const FoundFace& b) {
            return registration_->shapeDissimilarity(a) < registration_->shapeDissimilarity(b);
        });
        return drawn;
    }

    /// The face if it may be the photographed one. One that is not certain is fitted from around, where it is unlike, and the fit
    /// taken that is least so; nothing where even that is too unlike.
    std::optional<FoundFace> plausible(FaceNetworks& networks, const cv::Mat& drawing, const FoundFace& drawn,
                                       const std::atomic<bool>* cancelled) const {
        if (drawn.certain || registration_->shapeDissimilarity(drawn) <= mostDissimilar)
            return drawn;
        std::optional<FoundFace> best;
        double least = mostDissimilar;
        for (const FoundFace& fit : refitsFromPerturbedCrops(networks, drawing, drawn, cancelled))
            if (const double unlike = registration_->shapeDissimilarity(fit); unlike < least) {
                best = fit;
                least = unlike;
            }
        return best;
    }

    SuggestedFace marked(const cv::Mat& drawing, const FoundFace& drawn) const {
        MarkSheet found = registered(*registration_, drawing, drawn, marks_, isGiven_ ? 0 : drawn.width / face_->width);
        if (!isLiving(*face_) && found.marks[Mark::Brow])
            found.marks[Mark::Brow] = browWithoutRegistration(drawing, drawn);
        return {found, drawn.certain, drawn.score};
    }

private:
    SketchReference::Prepared& prepared_;
    bool isGiven_;
    const FoundFace* face_ = nullptr;
    const SketchRegistration* registration_ = nullptr;
    MarkSheet marks_; ///< px of the photograph as it was read
};

SketchSuggestions suggestSketchMarks(FaceNetworks& networks, const cv::Mat& drawing, SketchReference* reference,
                                     const std::atomic<bool>* cancelled, PaperChoice paper) {
    const auto stopped = [&] { return cancelled && *cancelled; };
    const cv::Mat evened = evenedLight(drawing, paper);
    const std::vector<FoundFace> drawn = findDrawnFaces(networks, evened, cancelled);
    SketchSuggestions found;
    std::vector<SuggestedFace>& suggested = found.faces;
    if (stopped() || drawn.empty())
        return found;
    if (reference) {
        const SketchSearch search(networks, *reference);
        if (!search.isPossible())
            return found;
        for (const FoundFace& face : drawn.size() > 1 ? search.byLikeness(drawn) : drawn)
            if (const auto plausible = stopped() ? std::nullopt : search.plausible(networks, evened, face, cancelled))
                suggested.push_back(search.marked(evened, *plausible));
            else
                found.anyUnlike = true;
        if (stopped())
            return {};
    } else {
        for (const FoundFace& face : drawn)
            suggested.push_back(marked(face, drawing, PictureKind::Drawing));
    }
    for (SuggestedFace& s : suggested) {
        s.certain = s.certain && !isTurnedFar(s.marks);
        if (!s.certain)
            forEachPlaced(s.marks, [](PlacedMark& m) { *m.noise *= uncertainReading; });
    }
    return found;
}

} // namespace zokran
