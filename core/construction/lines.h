#pragma once

#include "core/construction/ball_form.h"
#include "core/construction/outline.h"

#include <functional>
#include <optional>
#include <span>

namespace zokran {

class LineTracer;

/// What a line belongs to, in the order the groups are offered.
enum class LineGroup { Skull, Face, Features, Widths, Neck, Planes, Volumes, Form };

/// A line of the construction or of the guides on it.
struct LineEntry {
    std::string_view id;
    const char* name; ///< in English, to be translated
    LineKind kind;
    LineGroup group;
    Detail detail; ///< from this depth on it is part of the construction
    /// How it lies on the ball form; null for the lines of other forms, which draw their own.
    void (*trace)(LineTracer& tracer, const LineEntry& line);
    std::optional<Mark> level = {};    ///< names itself beside the head, as sure as this mark is
    std::string_view goesWith = {};    ///< is switched with this other line
    bool onlyWhenAsked = false;        ///< not shown until the learner switches it on
};

/// Every line there is, in the order they are drawn. To add one, write its `trace` in a file of
/// core/construction/lines and a row here.
std::span<const LineEntry> lineTable();

/// The entry of a line, by its id with or without the side at its end; null when there is none.
const LineEntry* lineNamed(std::string_view id);

/// The id without the side at its end.
std::string_view withoutSide(std::string_view id);

/// Whether a line is of the body below the neck, for which a sheet or a diagram of the head alone has no room.
bool isOfBody(std::string_view id);

/// The place nearest to `at` on lines that are in sight, and the id of the line it lies on; nothing where
/// there is none. Frames: px of the picture the lines were projected to.
struct NearestOnLine {
    PicturePoint at{0, 0};
    std::string line;
};
std::optional<NearestOnLine> nearestOnLines(std::span<const GuideLine> lines, const PicturePoint& at);

/// A point put on the paper with the weight of the pencil there: nearer ones are heavier.
void put(GuideLine& line, const View& view, const HeadPoint& at);

/// Lays curves on a form and splits them where they pass out of sight.
class LineTracer {
public:
    LineTracer(const BallForm& f, const View& v) : form(f), view(v) {}

    const BallForm& form;
    const View& view;
    std::vector<GuideLine> lines;

    /// Adds the curve t -> place(t), t in [0, 1], in pieces; `side` is 0, or +1 and -1 for a line
    /// of the sitter's left and right.
    void add(const LineEntry& line, int side, Cover cover, int samples,
             const std::function<SurfacePoint(double)>& place);
    /// A line of neck or shoulders is drawn lightly where it is a guess.
    void lightenGuess(const LineEntry& line);
    /// Takes the hidden pieces of a line away again: of what nobody draws through the head.
    void removeHidden(const LineEntry& line);
    /// The same through places that are known, with its corners rounded or left as they are.
    void addRun(const LineEntry& line, int side, Cover cover, std::vector<SurfacePoint> places,
                bool rounded);
    /// Adds points of a line that is all seen, such as an outline.
    void addSeen(const LineEntry& line, const std::vector<HeadPoint>& points);
    /// Whether a place of the face is in sight.
    bool sees(const SurfacePoint& place) { return inView().seen(place, Cover::Face); }
    /// Adds the outline of a volume that lies in the skin, where nothing of the head stands before it by more than `reach`.
    void addStandingOut(const LineEntry& line, int side, const std::vector<HeadPoint>& points, BallRadii reach);
    /// Adds the seen edge of the sitter's skin: the face's, or the neck's.
    void addOutline(const LineEntry& line, bool ofNeck);
    /// Adds the edge of the jaw on the sitter's skin, both sides.
    void addJaw(const LineEntry& line);
    /// Adds a path over the skin, on both sides: `path` gives the one of a side.
    void addPaths(const LineEntry& line, const SkinPath& (*path)(int side), bool rounded);
    /// A level line across the front, `width` of the way to the edge of the front on either side.
    void across(const LineEntry& line, BallRadii y, double width);

private:
    const SolidInView& inView();
    const std::vector<OutlinePiece>& outline();

    std::optional<SolidInView> inView_;
    std::optional<std::vector<OutlinePiece>> outline_; ///< the face's and the neck's together
};

} // namespace zokran
