#pragma once

#include "core/compare/errors/error_modes.h"

#include <algorithm>

namespace zokran {

/// What the errors of a drawing are said about, and the list they go to. A file of this folder adds
/// the errors of one part of the head; the parts are listed in catalogue.cpp.
class ErrorCatalogue {
public:
    using Marks = std::vector<Mark>;
    using Vector = Eigen::Vector3d;

    ErrorCatalogue(const HeadMarks& sitter, const View& view, bool held, const ExpressionPlaces& expression);

    const HeadMarks& sitter;
    const ExpressionPlaces& expression;
    const bool held;
    /// The picture's own axes with the lean taken out, as directions on the head.
    Vector pictureRight, pictureUp, towards;
    /// And with it, as they lie on the page.
    Vector pageRight, pageUp;
    std::vector<ErrorMode> modes;

    /// Adds an error that moves each of `marks` by `displace(its place)` per unit of its amount.
    template <typename Displace>
    ErrorMode& add(std::string id, Tier tier, AmountUnit unit, const Marks& marks,
                   Displace displace) {
        ErrorMode mode{std::move(id), tier, unit, nothing(), 1, nothing()};
        for (Mark m : marks)
            mode.displacement[m] = displace(sitter[m]);
        for (int i = 0; i < expressionMarkCount; ++i)
            if (const ExpressionMark m = expressionMarkAt(i);
                expression[m] && std::find(marks.begin(), marks.end(), carrierOf(m)) != marks.end())
                mode.carried[m] = displace(*expression[m]);
        return modes.emplace_back(std::move(mode));
    }
    /// Moves the marks along `axis`, in ball radii.
    void shift(std::string id, Tier tier, const Marks& marks, const Vector& axis);
    /// Grows the marks along x about `about`, as a share.
    void widen(std::string id, Tier tier, const Marks& marks, BallRadii about);

    /// The mark that takes a mark of expression along.
    static Mark carrierOf(ExpressionMark mark);
    static HeadMarks nothing();
    static Marks all();
    /// Those of the sitter's left and their mirror images.
    static Marks bothSides(Marks left);
    static const Marks mouth, nose, eyeL, eyeR, eyes, ears;
};

namespace errors {

using Part = void(ErrorCatalogue& catalogue);
Part whole;   // whole.cpp
Part face;    // face.cpp
Part skull;   // skull.cpp
Part spacing; // spacing.cpp
Part mouthAxis;
Part sizes;  // sizes.cpp
Part singleMarks; // single_marks.cpp

} // namespace errors

} // namespace zokran
