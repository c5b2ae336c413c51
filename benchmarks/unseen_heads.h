#pragma once

#include "core/head/head_regions.h"
#include "core/head/population.h"
#include "core/view/view.h"

#include <array>
#include <map>
#include <random>
#include <vector>

namespace zokran::benchmarks {

/// A head the prior has not seen: some of its marks, in ball radii and the head frame.
struct UnseenHead {
    std::string name;
    std::map<Mark, HeadPoint> marks;
};

/// The canonical metric face of the npm package @mediapipe/face_mesh (tests/data), its brow moved
/// to the brow of the mean head and 95 mm taken for the ball's radius.
UnseenHead canonicalFace();

/// The same without pupils and jaw angles, which its topology has no vertices of.
UnseenHead canonicalFaceAlone();

/// Eight generated heads of the mesh that the prior was made with (tests/data/generated-heads.json), all marks of
/// each.
std::vector<UnseenHead> generatedHeads();

/// Heads that other people modelled, from meshes of an open package, marked by hand (tests/data/other-heads.json): a
/// mannequin whose mouth is a devil's, and a coarse one with a sloping face.
std::vector<UnseenHead> otherHeads();

/// `head` with each region moved and scaled about its middle at random, both sides alike. One standard deviation is 5 mm along
/// each axis and 8 %; tables of adult faces have 3 to 4 mm and 6 to 8 % for the sizes of noses, mouths and eyes (Farkas 1994,
/// from memory), and this has nothing of how they go together.
UnseenHead deformedAtRandom(UnseenHead head, std::mt19937& random);

/// `head` with the marks of one region moved, as on a caricature.
UnseenHead withRegionMoved(UnseenHead head, const HeadRegion& region, const HeadPoint& by);

/// The canonical face stylised: its nose's base 0.18 and wings 0.14 ball radii further forward.
UnseenHead stylisedFace();

/// One picture of a head at a known pose.
struct Sitting {
    View truth;
    MarkSheet marks;
};

/// The picture of `head` at `view`, marks that the head itself stands before hidden, each seen mark
/// shaken by `noise` of the marks' extent.
Sitting sit(const UnseenHead& head, const View& view, double noise, std::mt19937& random);

/// A view at random: turn ±65°, tilt ±35°, lean ±40°, the camera 0.8 to 2.5 m away, the head within
/// a quarter of its ball's radius of the picture's middle.
View randomView(std::mt19937& random);

/// OpenCV's solvePnP on the seen marks, with `model` for the head and a camera at 12 ball radii;
/// `method` is one of cv::SolvePnPMethod; with `guided` the iterative one starts from SQPNP.
Eigen::Matrix3d byPnP(const Sitting& sitting, const std::map<Mark, HeadPoint>& model, int method,
                      bool guided = true);

/// How far readings of a head scatter about their own mean offset, degrees, sorted. What upright and
/// straight ahead mean for a head is a convention; the offset is told by itself.
struct Errors {
    std::vector<double> zokran, mean,
        floor;                  ///< ours; solvePnP with the mean head; with the true head
    std::array<double, 3> offset{}; ///< ours, the mean of turn, tilt and lean, degrees
    std::vector<double> total;      ///< ours from the truth, offset and all, sorted
    int withoutRegion = 0;          ///< of the pictures, those read with a region set aside
    double covered = 0;         ///< share of angles, offset and all, within two of our standard deviations
};
Errors readingErrors(const UnseenHead& head, int rounds, unsigned seed);
/// Joins the errors of one head to those of others; `share` is that head's part in the means.
void append(Errors& all, const Errors& more, double share);
/// Of the canonical face and each of `otherHeads()`, deformed at random `each` times.
Errors deformedHeadErrors(int each, int rounds, unsigned seed);

/// The same for photographs of one sitter in threes: each alone; all three sharing one shape; and
/// the floor. Degrees, sorted.
struct Shared {
    std::vector<double> alone, together, floor;
};
Shared sharedErrors(const UnseenHead& head, int threes, unsigned seed);

double quantile(const std::vector<double>& sorted, double share);

} // namespace zokran::benchmarks
