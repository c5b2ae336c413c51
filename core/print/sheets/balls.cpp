#include "core/head/proportions.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"
#include "core/messages/pose_messages.h"

#include <cmath>
#include <numbers>
#include <random>

namespace zokran {

namespace {

constexpr int columns = 3, rows = 4;

/// A pose to draw by: tens of degrees, as a hand can judge them. By plain remainders, which every machine
/// computes alike.
Pose nextPose(std::mt19937& random) {
    const auto tens = [&](int most) {
        const int span = 2 * most + 1;
        return 10.0 * (static_cast<int>(random() % static_cast<unsigned>(span)) - most);
    };
    return poseFromDegrees({tens(6)}, {tens(3)}, {tens(2)});
}

/// Brow line and centre line over the front of the sliced ball, and the two ovals.
std::vector<std::vector<HeadPoint>> ballLines() {
    const double p = usualSidePlane.value, r = usualSideOval.value, half = std::asin(p);
    constexpr int steps = 96;
    std::vector<std::vector<HeadPoint>> lines(4);
    for (int i = 0; i <= steps; ++i) {
        const double share = 2.0 * i / steps - 1; // -1 to 1
        const double across = share * half, up = share * std::numbers::pi / 2;
        lines[0].emplace_back(std::sin(across), 0, std::cos(across));
        lines[1].emplace_back(0, std::sin(up), std::cos(up));
        const double a = share * std::numbers::pi;
        lines[2].emplace_back(p, r * std::cos(a), r * std::sin(a));
        lines[3].emplace_back(-p, r * std::cos(a), r * std::sin(a));
    }
    return lines;
}

} // namespace

std::vector<Pose> ballPoses(std::uint32_t seed) {
    std::mt19937 random(seed);
    std::vector<Pose> poses;
    for (int i = 0; i < columns * rows; ++i)
        poses.push_back(nextPose(random));
    return poses;
}

std::vector<PrintSheet> ballSheets(std::uint32_t seed, const PaperSize& paper, const Translator& translator) {
    const std::vector<Pose> poses = ballPoses(seed);
    PrintSheet tasks{paper, {}}, answers{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), foot = 12, head = 12;
    const double across = area.width() / columns, down = (area.height() - foot - head) / rows;
    constexpr double words = 9;
    tasks.items.emplace_back(
        PrintText{{margin, margin + 5},
                  translator.say(ZOKRAN_WORDS("Twelve balls: cut the sides, put brow line and centre line")),
                  {5}, true, graphite});
    answers.items.emplace_back(
        PrintText{{margin, margin + 5}, translator.say(ZOKRAN_WORDS("The answers")), {5}, true, graphite});
    for (int i = 0; i < columns * rows; ++i) {
        const Pose& pose = poses[static_cast<std::size_t>(i)];
        const PaperPoint corner(margin + (i % columns) * across, margin + head + (i / columns) * down);
        View view;
        view.nearness = nearnessAt(usualDistance);
        view.centre = view.principal =
            PicturePoint(corner.x() + across / 2, corner.y() + (down - words) / 2);
        view.scale = 0.4 * std::min(across, down - words);
        view.face(headToView(pose));
        std::vector<PaperPoint> ring;
        for (int k = 0; k <= 72; ++k) {
            const double a = k * std::numbers::pi / 36;
            ring.push_back(PaperPoint(view.centre + view.outlineRadius() * PicturePoint(std::cos(a), std::sin(a))));
        }
        for (PrintSheet* sheet : {&tasks, &answers}) {
            sheet->line(ring, {0.3}, graphite);
            addNumber(*sheet, PaperPoint(corner.x() + 4, corner.y() + 4), i + 1, graphite);
            double y = corner.y() + down - words + 3;
            std::string said;
            for (const Angle angle : angles) {
                const Radians value = angleOf(pose, angle);
                const std::string one = std::abs(inDegrees(value)) < 1
                                            ? wordsFor(angle, value, translator)
                                            : figureFor(value) + " " + wordsFor(angle, value, translator);
                said += (said.empty() ? "" : ", ") + one;
            }
            addBlock(*sheet, {{corner.x() + 2, y}, said, {2.7}, false, graphite}, {across - 4});
        }
        for (const std::vector<HeadPoint>& line : ballLines()) {
            // Each piece in sight; the ovals are seen by the side they cut.
            const bool oval = line.front().x() == line[1].x() && line.front().x() != 0;
            std::vector<PaperPoint> piece;
            const auto put = [&] {
                if (piece.size() > 1)
                    answers.line(piece, {0.45}, chalkInk);
                piece.clear();
            };
            for (const HeadPoint& p : line) {
                const Eigen::Vector3d normal =
                    oval ? Eigen::Vector3d(p.x() > 0 ? 1 : -1, 0, 0) : Eigen::Vector3d(p);
                if (view.faces(p, normal))
                    piece.push_back(PaperPoint(view.project(p)));
                else
                    put();
            }
            put();
        }
    }
    addBar(tasks, translator);
    addBar(answers, translator);
    std::vector<PrintSheet> both;
    both.push_back(std::move(tasks));
    both.push_back(std::move(answers));
    return both;
}

} // namespace zokran
