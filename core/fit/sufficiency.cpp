#include "core/fit/sufficiency.h"

#include <Eigen/Eigenvalues>
#include <cmath>

namespace zokran {

namespace {

/// Spread of the points across the line that fits them best, as a share of their spread along it.
double flatness(const MarkSheet& sheet) {
    const std::vector<Mark> seen = sheet.seenMarks();
    PicturePoint mean(0, 0);
    for (Mark m : seen)
        mean += *sheet.seen(m) / static_cast<double>(seen.size());
    Eigen::Matrix2d spread = Eigen::Matrix2d::Zero();
    for (Mark m : seen)
        spread += (*sheet.seen(m) - mean) * (*sheet.seen(m) - mean).transpose();
    const Eigen::Vector2d axes =
        Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d>(spread).eigenvalues();
    return axes[1] > 0 ? std::sqrt(std::max(0.0, axes[0]) / axes[1]) : 0;
}

/// Marks not placed yet that would serve best.
std::vector<Mark> serving(const MarkSheet& sheet) {
    std::vector<Mark> list;
    for (Mark m : {Mark::Brow, Mark::Chin, Mark::OuterEyeL, Mark::OuterEyeR, Mark::NoseBase,
                   Mark::EarTopL, Mark::EarTopR, Mark::Crown})
        if (!sheet.marks[m] && list.size() < 3)
            list.push_back(m);
    return list;
}

/// Below this share of their spread the marks count as lying on one line.
constexpr double tooFlat = 0.01;

} // namespace

std::optional<MarksTrouble> whatIsMissing(const MarkSheet& sheet) {
    const int seen = static_cast<int>(sheet.seenMarks().size());
    // Each line of a block-in stands for a mark.
    const int lines = sheet.lines.has(DrawnLine::Centre) + sheet.lines.has(DrawnLine::Brow);
    const int wanted = std::max(2, (sheet.ball ? 3 : 4) - lines);
    if (seen < wanted)
        return MarksTrouble{MarksTrouble::Kind::TooFew, wanted - seen, serving(sheet)};
    if (lines < 2 && flatness(sheet) < tooFlat)
        return MarksTrouble{MarksTrouble::Kind::OnOneLine, 0, serving(sheet)};
    return std::nullopt;
}

void requireFit(const MarkSheet& sheet) {
    auto good = [](const PicturePoint& p) {
        return p.allFinite() && p.cwiseAbs().maxCoeff() < 1e6;
    };
    for (Mark m : sheet.seenMarks())
        if (!good(*sheet.seen(m)))
            throw BadMarks({MarksTrouble::Kind::FarOff, 0, {m}});
    if (sheet.ball && !(good(sheet.ball->centre) && isfinite(sheet.ball->radius) && sheet.ball->radius > Pixels{0} &&
                        sheet.ball->radius < Pixels{1e6}))
        throw BadMarks({MarksTrouble::Kind::BadBall});
    for (const auto& line : sheet.lines)
        for (const PicturePoint& at : line)
            if (!good(at))
                throw BadMarks({MarksTrouble::Kind::FarOff, 0, {}});
    if (auto missing = whatIsMissing(sheet))
        throw BadMarks(*missing);
}

} // namespace zokran
