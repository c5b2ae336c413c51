#pragma once

#include "core/base/points.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace zokran {

/// Lines for which no mark stands: of a block-in the centre line and the brow line, as they were drawn on the form; of the
/// outline the hair's edge and the two sides of the neck; the hairline over the forehead; how wide the nostrils are; the
/// shoulders with the pit of the neck between them; and two runs of straights, one along the outline of the face and one along
/// any edge that is seen: hair, a shadow, the ground between head and shoulder.
enum class DrawnLine { Centre, Brow, Hair, Hairline, Nostrils, Neck, Shoulders, Face, Shape };
inline constexpr DrawnLine allDrawnLines[] = {DrawnLine::Centre,    DrawnLine::Brow, DrawnLine::Hair,
                                              DrawnLine::Hairline,  DrawnLine::Nostrils, DrawnLine::Neck,
                                              DrawnLine::Shoulders, DrawnLine::Face, DrawnLine::Shape};

/// The identifier in files, such as `centre`.
std::string_view idOf(DrawnLine line);
std::optional<DrawnLine> drawnLineNamed(std::string_view id);

/// How many points a line is laid through. Centre: from the top down; brow: from the viewer's left; hair: its highest place
/// between its widest at the viewer's left and right, or more places along its edge in that order; hairline: the temple at the
/// viewer's left, its middle or where the hair parts, the other temple; nostrils: the two ends of each, from the viewer's left,
/// or of the only one that is seen; neck: its side at the viewer's left, then the other, each one place or two, the upper
/// first; shoulders: the pit of the neck alone, or with the shoulder at the viewer's left and the other. Runs of straights:
/// their corners, of the face from the temple at the viewer's left round the chin.
struct PointCount {
    std::size_t least, most, step = 1;
    bool allows(std::size_t count) const { return count >= least && count <= most && (count - least) % step == 0; }
};
PointCount pointsOf(DrawnLine line);
/// The two sides of a neck.
struct NeckSide {
    PicturePoint upper, lower; ///< the same place where one was laid
    PicturePoint middle() const { return (upper + lower) / 2; }
};
/// At the viewer's left, and the other; `neck`: the points of the line, two or four.
std::array<NeckSide, 2> neckSides(const std::vector<PicturePoint>& neck);
/// Whether it is a run of straights between its points.
bool isOfStraights(DrawnLine line);
/// Whether it lies on the head's skin and turns with it; else it is where something turns from sight.
bool isOnSkin(DrawnLine line);

/// The points each line was laid through; none where it was not laid.
class DrawnLines {
public:
    std::vector<PicturePoint>& operator[](DrawnLine line) { return at_[static_cast<std::size_t>(line)]; }
    const std::vector<PicturePoint>& operator[](DrawnLine line) const { return at_[static_cast<std::size_t>(line)]; }
    bool has(DrawnLine line) const { return !(*this)[line].empty(); }
    auto begin() { return at_.begin(); }
    auto end() { return at_.end(); }
    auto begin() const { return at_.begin(); }
    auto end() const { return at_.end(); }
    bool operator==(const DrawnLines&) const = default;

private:
    std::array<std::vector<PicturePoint>, std::size(allDrawnLines)> at_;
};

/// The curve through the points of a line: the arc of a circle through three, straight where they hardly bend; the
/// straight line through two. `beyond`: run on past both ends by this share of its length.
std::vector<PicturePoint> curveThrough(const std::vector<PicturePoint>& points, double beyond = 0);

/// What the points of a line stand for on the paper: its curve, through more than three points of the hair a smooth one; of
/// the neck a stretch of either side.
std::vector<std::vector<PicturePoint>> strokesThrough(DrawnLine line, const std::vector<PicturePoint>& points);

/// Where the drawn centre line and brow line cross, or would soon: the brow. Nothing where they do not.
std::optional<PicturePoint> drawnBrow(const DrawnLines& lines);

} // namespace zokran
