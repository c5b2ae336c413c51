#include "core/construction/drawing_order.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// The hand is lifted between two strokes for as long as it draws so much, radii of the ball: common practice, no source.
constexpr double lift = 0.35;

double lengthOf(const std::vector<PicturePoint>& points) {
    double length = 0;
    for (std::size_t i = 1; i < points.size(); ++i)
        length += (points[i] - points[i - 1]).norm();
    return length;
}

/// The line's beginning, `share` of its length.
GuideLine beginningOf(GuideLine line, double share) {
    double left = share * lengthOf(line.points);
    for (std::size_t i = 1; i < line.points.size(); ++i) {
        const double piece = (line.points[i] - line.points[i - 1]).norm();
        if (piece >= left) {
            if (piece > 0)
                line.points[i] = line.points[i - 1] + left / piece * (line.points[i] - line.points[i - 1]);
            line.points.resize(i + 1);
            if (!line.weights.empty())
                line.weights.resize(i + 1);
            break;
        }
        left -= piece;
    }
    return line;
}

} // namespace

std::vector<StrokeTime> drawingOrder(const std::vector<GuideLine>& lines, Pixels radius) {
    int last = 0;
    for (const GuideLine& line : lines)
        last = std::max(last, line.step);
    std::vector<StrokeTime> strokes;
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (lines[i].points.size() > 1)
            strokes.push_back({i, 0, 0, lines[i].step > 0 ? lines[i].step : last});
    std::stable_sort(strokes.begin(), strokes.end(), [&](const StrokeTime& a, const StrokeTime& b) {
        return std::pair(a.step, lines[a.line].hidden) < std::pair(b.step, lines[b.line].hidden);
    });
    double now = 0;
    for (StrokeTime& stroke : strokes) {
        now += (lift * radius).value;
        stroke.begin = now;
        now += lengthOf(lines[stroke.line].points);
        stroke.end = now;
    }
    for (StrokeTime& stroke : strokes) {
        stroke.begin /= now;
        stroke.end /= now;
    }
    return strokes;
}

std::vector<GuideLine> linesAt(const std::vector<GuideLine>& lines, const std::vector<StrokeTime>& strokes, double share,
                               bool whole) {
    std::vector<GuideLine> down;
    for (const StrokeTime& stroke : strokes) {
        if (stroke.begin >= share)
            break;
        if (whole || stroke.end <= share)
            down.push_back(lines[stroke.line]);
        else
            down.push_back(beginningOf(lines[stroke.line], (share - stroke.begin) / (stroke.end - stroke.begin)));
    }
    return down;
}

int stepAt(const std::vector<StrokeTime>& strokes, double share) {
    const auto next = std::find_if(strokes.begin(), strokes.end(), [&](const StrokeTime& s) { return s.end >= share; });
    return strokes.empty() ? 0 : next == strokes.end() ? strokes.back().step : next->step;
}

} // namespace zokran
