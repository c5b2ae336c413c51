#pragma once

#include "core/construction/solid.h"
#include "core/head/expression_places.h"
#include "core/head/proportions.h"
#include "core/view/view.h"

#include <functional>
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace zokran {

struct FormKind;
struct LineEntry;

/// Whether a line of the table is wanted.
using Wanted = std::function<bool(const LineEntry&)>;

/// What a line is for, which decides how it is drawn. `Other` are guides by a second canon laid
/// over the first.
enum class LineKind { Construction, Guide, Guess, Other };

/// How deep the construction goes. Each depth keeps what those before it have.
enum class Detail { Planes = 1, Guides = 2, Head = 3 };

/// A piece of a line of the construction in the picture, all of it seen or all of it hidden. A line
/// that passes behind the head comes as several pieces with one id.
struct GuideLine {
    std::string id; ///< such as `brow_line`; those of two sides end in `_l` and `_r`
    LineKind kind = LineKind::Guide;
    bool hidden = false;
    std::vector<PicturePoint> points; ///< px
    std::vector<float> weights = {};  ///< of each point, about 1, nearer ones more; empty: all 1
    std::string label = {};           ///< a letter or number that belongs beside its first point
    int step = 0;                     ///< of drawing the form, from 1; 0 when the form has none
    bool light = false;               ///< a help to be rubbed out again once the next steps stand
    bool named = false;               ///< a step of the form speaks of it
};

/// How a learner wants the construction.
struct FormLook {
    Detail detail = Detail::Guides;
    int straights = 9;                 ///< of the envelope, within fewest and most
    std::optional<BallRadii> hair = {}; ///< how far it stands off the skull; nothing: as usual
    double push = 1;                   ///< how strongly the sitter departs from the average adult
    std::string over = {};             ///< a second canon laid over the first, by its id
    bool operator==(const FormLook&) const = default;
};
inline constexpr int fewestStraights = 5, mostStraights = 14;
inline constexpr BallRadii usualHair{0.15}, mostHair{0.6};
inline constexpr double mostPush = 3;

/// What a first form is laid on: a sitter, and where a canon hangs the features.
struct Subject {
    std::shared_ptr<const HeadSolid> solid;
    Levels levels;
    Widths widths;
    BallRadii sidePlane = usualSidePlane; ///< where the sides are sliced off: x = ± this
    FormLook look = {};
    /// Where this sitter's eyebrows, lids and lips lie, as far as that is known; the rest lies where most people have it.
    ExpressionPlaces expression = {};
    /// Places on the edge of this sitter's hair (`hairEdgePlaces`); empty where that was not marked.
    std::vector<HeadPoint> hairEdge = {};

    const HeadMarks& head() const { return solid->head(); }
};

/// The sitter's own levels and widths.
Subject ownSubject(std::shared_ptr<const HeadSolid> solid);

/// A first form laid on a head: the lines a draughtsman starts from. Each form is one file of
/// core/construction/forms; the list of them is in core/construction/forms.h.
class Construction {
public:
    explicit Construction(Subject subject) : subject_(std::move(subject)) {}
    virtual ~Construction() = default;

    const Subject& subject() const { return subject_; }
    /// The heights its guides hang at.
    const Levels& levels() const { return subject_.levels; }
    /// Every line as `view` shows it, split where it passes out of sight, with the step of drawing
    /// it belongs to.
    std::vector<GuideLine> lines(const View& view) const;
    /// Of those the ones shown at a depth of detail; nothing else is worked out. `switched` are the
    /// ids of lines the learner has turned the other way than they come: off, or for those that wait
    /// to be asked for, on.
    std::vector<GuideLine> lines(const View& view, Detail detail,
                                 const std::set<std::string>& switched = {}) const;
    /// Says which kind of form this is, for the steps of its lines.
    void setKind(const FormKind& kind) { kind_ = &kind; }

protected:
    /// The lines, or at least those of the table that are wanted.
    virtual std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const = 0;

private:
    Subject subject_;
    const FormKind* kind_ = nullptr;
};

} // namespace zokran
