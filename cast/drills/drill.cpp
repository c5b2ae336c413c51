#include "cast/drills/drill.h"

#include "core/base/addresses.h"
#include "core/base/errors.h"

#include <cmath>
#include <fmt/format.h>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

cv::Mat matOf(Picture& picture) {
    return {picture.height, picture.width, CV_8UC3, picture.bgr.data()};
}

const cv::Scalar chalk(26, 43, 168), dark(50, 50, 50);

void checkLevel(int level) {
    if (level < 1 || level > hardestDrill)
        throw BadInput(fmt::format("a drill has levels 1 to {}", hardestDrill));
}

} // namespace

double missOf(const DrillField& field, const Given& given) {
    switch (field.kind) {
    case DrillField::Kind::Number:
        return std::abs(given.number - field.right) / field.tolerance;
    case DrillField::Kind::Choice:
        return std::lround(given.number) == std::lround(field.right) ? 0 : 2;
    case DrillField::Kind::Place:
        break;
    }
    return (given.place - field.place).norm() / field.tolerance;
}

const std::vector<const Drill*>& drills() {
    static constexpr auto list = addressesOf(ZOKRAN_DRILLS);
    static const std::vector<const Drill*> all(list.begin(), list.end());
    return all;
}

const Drill& drillNamed(std::string_view id) {
    std::string known;
    for (const Drill* drill : drills()) {
        if (drill->id == id)
            return *drill;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", drill->id);
    }
    throw BadInput(fmt::format("there is no drill \"{}\"; there is: {}", id, known));
}

DrillTask taskOf(const Drill& drill, std::uint32_t seed, int level) {
    checkLevel(level);
    DrillTask task = drill.make(seed, level);
    task.kind = drill.id;
    task.seed = seed;
    task.level = level;
    return task;
}

std::optional<DrillTask> taskOf(const Drill& drill, const StudiedHead& head, std::uint32_t seed, int level) {
    checkLevel(level);
    SeededRandom random(seed);
    auto task = drill.ofStudied ? drill.ofStudied(head, random, level) : std::nullopt;
    if (task) {
        task->kind = drill.id;
        task->seed = seed;
        task->level = level;
    }
    return task;
}

std::uint32_t SeededRandom::next() { // Marsaglia's xorshift, 2003
    state_ ^= state_ << 13;
    state_ ^= state_ >> 17;
    state_ ^= state_ << 5;
    return state_;
}

double SeededRandom::between(double low, double high) {
    return low + (high - low) * (next() % 100001) / 100000.0;
}

double SeededRandom::apart(double least, double most) {
    const double size = between(least, most);
    return next() % 2 ? size : -size;
}

DrillHead headFor(SeededRandom& random, const Pose& pose) {
    const auto& all = sitters();
    Shot shot;
    shot.pose = pose;
    shot.size = drillHeight;
    shot.lightAzimuth = Degrees{random.apart(20, 60)};
    shot.lightElevation = Degrees{random.between(15, 45)};
    Bust bust(all[static_cast<std::size_t>(random.below(static_cast<int>(all.size())))]);
    const View view = viewOf(shot);
    Picture picture = photograph(*meshOf(bust, MeshGrain::Coarse), shot);
    return {std::move(bust), shot, view, std::move(picture)};
}

DrillFace faceOf(const DrillHead& head) {
    DrillFace face{head.picture, {}, head.view, head.shot.pose};
    for (int i = 0; i < markCount; ++i)
        face.marks[markAt(i)] = head.view.project(head.bust.marks()[markAt(i)]);
    return face;
}

DrillTask taskOfCast(SeededRandom& random, const Pose& pose, int level,
                     std::optional<DrillTask> (*ofFace)(const DrillFace& face, SeededRandom& random, int level)) {
    return ofFace(faceOf(headFor(random, pose)), random, level).value();
}

void drawLine(Picture& picture, const std::vector<PicturePoint>& points, bool strong) {
    cv::Mat mat = matOf(picture);
    const auto piece = [&](const PicturePoint& a, const PicturePoint& b) {
        cv::line(mat, cv::Point(cv::Point2d(a.x(), a.y())), cv::Point(cv::Point2d(b.x(), b.y())),
                 strong ? chalk : dark, 2, cv::LINE_AA);
    };
    constexpr double dash = 7, space = 5; // px
    for (std::size_t i = 1; i < points.size(); ++i) {
        const PicturePoint way = points[i] - points[i - 1];
        if (strong) {
            piece(points[i - 1], points[i]);
            continue;
        }
        const double length = way.norm();
        for (double at = 0; at < length; at += dash + space)
            piece(points[i - 1] + way * (at / length),
                  points[i - 1] + way * (std::min(length, at + dash) / length));
    }
}

void drawRing(Picture& picture, const PicturePoint& at, Pixels radius) {
    cv::Mat mat = matOf(picture);
    cv::circle(mat, cv::Point(cv::Point2d(at.x(), at.y())), static_cast<int>(lround(radius)), chalk, 2, cv::LINE_AA);
}

Picture beside(const Picture& left, const Picture& right) {
    Picture both = blankPicture(left.width + right.width + pictureGap, std::max(left.height, right.height));
    cv::Mat mat = matOf(both);
    constexpr double ground = 118; // the cast room's wall, which belongs to a photograph in a light window and in a dark one
    mat.setTo(cv::Scalar::all(ground));
    Picture l = left, r = right;
    matOf(l).copyTo(mat(cv::Rect(0, 0, l.width, l.height)));
    matOf(r).copyTo(mat(cv::Rect(l.width + pictureGap, 0, r.width, r.height)));
    return both;
}

Picture blankPicture(int width, int height) {
    Picture picture{width, height, {}};
    picture.bgr.assign(static_cast<std::size_t>(3 * width * height), 245);
    return picture;
}

} // namespace zokran
