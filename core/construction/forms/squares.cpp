#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace zokran {

namespace {

/// The head's outline takes this many squares of its longer side.
constexpr int squaresAlong = 6;

/// A square lattice laid over the head as seen, whole squares about the middle of its outline.
struct Lattice {
    PicturePoint middle;
    double square; ///< side, px
    int across, down; ///< squares on either side of the middle

    explicit Lattice(const std::vector<PicturePoint>& outline) {
        PicturePoint low = outline.front(), high = low;
        for (const PicturePoint& p : outline) {
            low = low.cwiseMin(p);
            high = high.cwiseMax(p);
        }
        middle = (low + high) / 2;
        const PicturePoint size = high - low;
        square = size.maxCoeff() / squaresAlong;
        // Half a square of air all round.
        across = static_cast<int>(std::ceil(size.x() / 2 / square + 0.25));
        down = static_cast<int>(std::ceil(size.y() / 2 / square + 0.25));
    }
    PicturePoint at(double x, double y) const {
        return middle + square * PicturePoint(x, y);
    }
};

GuideLine straight(std::string_view id, const PicturePoint& from, const PicturePoint& to,
                   std::string label) {
    GuideLine line = ownLine(id);
    line.points = {from, to};
    line.label = std::move(label);
    return line;
}

/// Squares counted from the middle outward, so that they are whole where the face is and the same
/// count serves a paper of any size.
class GridForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted&) const override {
        const Lattice grid(headOutline(head, view));
        std::vector<GuideLine> all;
        for (int i = 0; i <= std::max(grid.across, grid.down); ++i)
            for (int sign : {+1, -1}) {
                if (i == 0 && sign < 0)
                    continue;
                const std::string label = std::to_string(i);
                if (i <= grid.across)
                    all.push_back(straight(i ? "square" : "middle_line",
                                           grid.at(sign * i, -grid.down),
                                           grid.at(sign * i, grid.down), label));
                if (i <= grid.down)
                    all.push_back(straight(i ? "square" : "middle_line",
                                           grid.at(-grid.across, sign * i),
                                           grid.at(grid.across, sign * i), label));
            }
        return all;
    }
};

/// Letters and numbers along the edges and nothing across the head: a place is found by two
/// straight edges laid from tick to tick.
class CoordinatesForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted&) const override {
        const Lattice grid(headOutline(head, view));
        std::vector<GuideLine> all;
        constexpr double tick = 0.22;
        for (int x = -grid.across; x <= grid.across; ++x)
            for (int edge : {-1, +1}) {
                const double y = edge * grid.down;
                all.push_back(straight("tick", grid.at(x, y + edge * tick), grid.at(x, y),
                                       std::string(1, static_cast<char>('A' + x + grid.across))));
            }
        for (int y = -grid.down; y <= grid.down; ++y)
            for (int edge : {-1, +1}) {
                const double x = edge * grid.across;
                all.push_back(straight("tick", grid.at(x + edge * tick, y), grid.at(x, y),
                                       std::to_string(y + grid.down + 1)));
            }
        return all;
    }
};

constexpr FormStep gridSteps[] = {
    {ZOKRAN_WORDS("A cross through the middle of where the head will be, on the paper too."),
     "middle_line*"},
    {ZOKRAN_WORDS("Whole squares outward from the cross, of the size your paper asks for."),
     "square*"},
    {ZOKRAN_WORDS("Square by square: where does the outline cross each line?"), ""},
};
constexpr FormStep coordinateSteps[] = {
    {ZOKRAN_WORDS("Tick the paper's edges as the photograph's are ticked."), "tick*"},
    {ZOKRAN_WORDS("Find crown, chin, eyes and nose by letter and number, then join them."), ""},
};

} // namespace

const FormKind gridKind{"grid", ZOKRAN_WORDS("Squares from the centre"),
                        ZOKRAN_WORDS("For carrying a head over to a paper of another size. It "
                                     "copies; it does not teach the form."),
                        gridSteps, [](Subject s) -> std::unique_ptr<Construction> {
                            return std::make_unique<GridForm>(std::move(s));
                        }};

const FormKind coordinatesKind{"coordinates", ZOKRAN_WORDS("Edge coordinates"),
                               ZOKRAN_WORDS("Letters and numbers along the edges and no line "
                                            "across the face."),
                               coordinateSteps, [](Subject s) -> std::unique_ptr<Construction> {
                                   return std::make_unique<CoordinatesForm>(std::move(s));
                               }};

} // namespace zokran
