#include "see/suggest_marks.h"

#include "core/base/errors.h"
#include "core/fit/fit.h"
#include "core/page/rectify.h"
#include "see/face_marks.h"
#include "see/find_faces.h"
#include "see/sketch_registration.h"

#include <algorithm>
#include <fmt/format.h>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Pictures larger than this each way are no photographs; OpenCV would need gigabytes for them.
constexpr int largestSide = 20000;
/// Beyond this turn a face in a drawing is never taken for certain.
constexpr Degrees mostTurned{60};
/// Without the photograph the network alone marks a sketch, and it understates errors: its noise grows by this factor.
constexpr double sketchAlone = 1.5;

SuggestedFace marked(const FoundFace& face, const cv::Mat& picture) {
    return {marksOf(face, picture.cols, picture.rows), face.certain, face.score};
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
    return away(nearest) < nearest.width.value ? &nearest : nullptr;
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

/// What the photograph's sheet says of every mark that the network can find, in the drawing.
/// `doubt`: px of the drawing by which a px of the photograph's own noise counts; 0 where its marks are taken as given.
MarkSheet registered(const SketchRegistration& registration, const cv::Mat& drawing, const FoundFace& drawn,
                     const MarkSheet& reference, double doubt) {
    MarkSheet found = marksOf(drawn, drawing.cols, drawing.rows);
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
        *targets[i] = PlacedMark{points[i].at, false, true,
                                 Pixels{std::hypot(points[i].noise.value, noises[i].value)}};
    return found;
}

} // namespace

cv::Mat readColourPicture(const std::filesystem::path& file) {
    // OpenCV reports a file that is not there on stderr.
    std::error_code ignored;
    cv::Mat picture;
    try {
        if (std::filesystem::is_regular_file(file, ignored))
            picture = cv::imread(file.string());
    } catch (const cv::Exception&) {
        // A picture with more pixels than OpenCV allows: it cannot be read either.
    }
    if (picture.empty())
        throw BadInput(fmt::format("{}: this is not a picture that can be read", file.string()));
    if (std::max(picture.cols, picture.rows) > largestSide)
        throw BadInput(fmt::format("{}: {} by {} px are too many; {} each way at the most", file.string(), picture.cols,
                                   picture.rows, largestSide));
    return picture;
}

std::vector<SuggestedFace> suggestMarks(FaceNetworks& networks, const cv::Mat& photo,
                                        const std::atomic<bool>* cancelled, const std::optional<Framing>& framed) {
    cv::Rect searched(0, 0, photo.cols, photo.rows);
    if (framed) {
        const Framing in = within(*framed, photo.cols, photo.rows);
        searched &= cv::Rect(cv::Point(static_cast<int>(in.low.x()), static_cast<int>(in.low.y())),
                             cv::Point(static_cast<int>(in.high.x()), static_cast<int>(in.high.y())));
    }
    std::vector<SuggestedFace> suggested;
    for (const FoundFace& face : findFaces(networks, photo(searched), cancelled)) {
        if (cancelled && *cancelled)
            return {};
        suggested.push_back(marked(face, photo));
        forEachPlaced(suggested.back().marks, [&](PlacedMark& m) { *m.at += PicturePoint(searched.x, searched.y); });
    }
    return suggested;
}

std::vector<SuggestedFace> suggestSketchMarks(FaceNetworks& networks, const cv::Mat& drawing,
                                              const std::optional<SketchReference>& reference,
                                              const std::atomic<bool>* cancelled) {
    const auto stopped = [&] { return cancelled && *cancelled; };
    const cv::Mat evened = evenedLight(drawing);
    const std::vector<FoundFace> drawn = findFaces(networks, evened, cancelled);
    std::vector<SuggestedFace> suggested;
    if (stopped() || drawn.empty())
        return suggested;
    if (!reference) {
        for (const FoundFace& face : drawn) {
            suggested.push_back(marked(face, drawing));
            forEachPlaced(suggested.back().marks, [](PlacedMark& m) { *m.noise *= sketchAlone; });
        }
    } else {
        const std::vector<FoundFace> photographed = findFaces(networks, reference->photo, cancelled);
        const FoundFace* face = faceAt(photographed, reference->marks);
        if (!face || stopped())
            return {};
        const SketchRegistration registration(networks, reference->photo, *face);
        const MarkSheet marks =
            reference->marks.value_or(marksOf(*face, reference->photo.cols, reference->photo.rows));
        for (const FoundFace& d : drawn) {
            if (stopped())
                return {};
            suggested.push_back({registered(registration, evened, d, marks, reference->marks ? 0 : d.width / face->width),
                                 d.certain, d.score});
        }
    }
    for (SuggestedFace& s : suggested)
        s.certain = s.certain && !isTurnedFar(s.marks);
    return suggested;
}

} // namespace zokran
