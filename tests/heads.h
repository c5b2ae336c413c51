#pragma once

#include "core/construction/forms.h"
#include "core/fit/fit.h"
#include "core/head/population.h"
#include "core/view/view.h"

#include <random>

/// Heads and pictures for tests: drawn from the prior with a seed, seen by a known camera.
namespace zokran::test {

inline double degrees(Radians r) {
    return toDegrees(r).value;
}

/// The angle between two rotations, degrees.
inline double apart(const Eigen::Matrix3d& a, const Eigen::Matrix3d& b) {
    return degrees(angleBetween(a, b));
}

/// The usual form with the sitter's own levels.
inline std::unique_ptr<Construction> sitterForm(const HeadMarks& head) {
    return construct(*forms().front(), std::nullopt, head);
}

/// A camera like that of a portrait: 1000 by 1000 px, 150 px to the ball radius.
inline View viewAt(Pose pose, double distance = 14) {
    View v;
    v.centre = {480, 430};
    v.principal = {500, 500};
    v.scale = 150;
    v.nearness = 1 / distance;
    v.face(headToView(pose));
    return v;
}

inline Pose pose(double turn, double tilt, double lean) {
    return poseFromDegrees({turn}, {tilt}, {lean});
}

/// All marks of the head in the picture; those on the far side of the ball are hidden.
inline MarkSheet sheetOf(const HeadMarks& head, const View& view) {
    MarkSheet sheet;
    sheet.width = sheet.height = 1000;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const Eigen::Vector3d direction = view.rotation * head[m].normalized();
        sheet.marks[m] = PlacedMark{view.project(head[m]), direction.z() < -0.15};
    }
    return sheet;
}

class Random {
public:
    explicit Random(unsigned seed) : engine_(seed) {}
    double between(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(engine_);
    }
    double normal(double spread) { return std::normal_distribution<double>(0, spread)(engine_); }
    HeadMarks head() {
        std::vector<double> c(adultHeads().directions.size());
        for (double& x : c)
            x = normal(1);
        return adultHeads().head(c);
    }
    MarkSheet shaken(MarkSheet sheet, double px) {
        for (auto& m : sheet.marks)
            if (m && m->at)
                *m->at += PicturePoint(normal(px), normal(px));
        return sheet;
    }

private:
    std::mt19937 engine_;
};

} // namespace zokran::test
