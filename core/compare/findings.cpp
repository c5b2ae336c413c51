#include "core/compare/findings.h"

#include "core/compare/registration.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// A finding is a matter to mend from here on, and one to keep an eye on, in an error's own unit.
struct Limits {
    double fix, watch;
};
/// Nothing is claimed below this many standard deviations.
constexpr double sure = 2.5;

Limits limitsFor(AmountUnit unit, const Tolerances& t, const HeadMarks& head) {
    switch (unit) {
    case AmountUnit::BallRadius: {
        const double fix = t.place / 100 * headHeight(head).value;
        return {fix, fix / 2};
    }
    case AmountUnit::Share:
        return {t.size / 100, t.size / 200};
    case AmountUnit::Radian:
        break;
    }
    const double fix = toRadians(t.angle).value;
    return {fix, 0.6 * fix};
}

std::optional<Severity> judge(double amount, double sigma, Limits limits) {
    if (std::abs(amount) < sure * sigma || std::abs(amount) < limits.watch)
        return std::nullopt;
    return std::abs(amount) >= limits.fix ? Severity::Fix : Severity::Watch;
}

/// A head with the errors found in a drawing of it.
struct DrawnHead {
    HeadMarks marks;
    ExpressionPlaces expression;
};

class Judge {
public:
    Judge(const Comparison& comparison, const ModelSelection& explanation,
          const CompareOptions& options)
        : c_(comparison), explanation_(explanation), options_(options),
          drawn_{c_.sitter, c_.expressionOfSitter} {
        for (const AdmittedError& e : explanation.errors)
            move(drawn_.marks, drawn_.expression, e, 1);
    }

    void error(const AdmittedError& e) {
        const bool lone = e.mode->freedoms == 2;
        const double amount = lone ? std::hypot(e.amount, e.second) : e.amount;
        const Limits limits = limitsFor(e.mode->unit, options_.tolerances, c_.sitter);
        const std::optional<Severity> severity = judge(amount, e.amountSigma, limits);
        if (!severity)
            return;
        Finding f;
        f.id = e.mode->id;
        f.severity = *severity;
        f.structural = e.mode->tier <= Tier::Proportion;
        for (int i = 0; i < markCount; ++i)
            if (c_.placements[markAt(i)] && e.mode->displacement[markAt(i)].norm() > 1e-9)
                f.marks.push_back(markAt(i));
        DrawnHead mended = drawn_;
        move(mended.marks, mended.expression, e, -1);
        for (int i = 0; i < expressionMarkCount; ++i)
            if (c_.expressionPlacements[expressionMarkAt(i)] && e.mode->carried[expressionMarkAt(i)].norm() > 1e-9)
                f.expressionMarks.push_back(expressionMarkAt(i));
        correct(f, c_.sketchView, mended);
        f.figures.amount = amount;
        f.figures.sigma = e.amountSigma;
        f.figures.unit = e.mode->unit;
        if (e.mode->unit == AmountUnit::BallRadius)
            say(f.figures, {typicalLength(f)});
        mendWhole(f, e);
        if (f.id.ends_with("_across"))
            f.figures.rivalTurn = explanation_.rivalTurn;
        add(std::move(f));
    }

    /// Hair and neck hang on the head: they are told when what carries them is.
    void outline(const OutlineError& e) {
        const std::optional<Severity> severity =
            judge(e.amount, e.sigma, limitsFor(e.unit, options_.tolerances, c_.sitter));
        if (!severity)
            return;
        Finding f;
        f.id = e.id;
        f.severity = *severity;
        f.structural = true;
        f.line = e.line;
        f.outline = e.moves;
        f.figures.number = e.number;
        f.figures.mendClockwise = e.mendClockwise;
        f.figures.amount = e.amount;
        f.figures.sigma = e.sigma;
        f.figures.unit = e.unit;
        for (const OutlineMove& move : e.moves)
            f.figures.way += (move.belongs - move.drawn) / static_cast<double>(e.moves.size());
        if (e.unit == AmountUnit::BallRadius)
            say(f.figures, Pixels{std::abs(e.amount) * c_.sketchView.scale});
        f.figures.lean = c_.sketchPose.lean;
        f.figures.seenTurn = c_.referencePose.turn;
        outline_.push_back(std::move(f));
    }

    /// Eyebrows, lids, irises and lips are told when what they sit on is; of an expression last.
    void expression(const ExpressionError& e) {
        // A place that would pass in structure is half an eye's opening: smaller errors count here.
        constexpr double finer = 0.5;
        Limits limits = limitsFor(e.mode.unit, options_.tolerances, c_.sitter);
        if (e.mode.unit == AmountUnit::BallRadius)
            limits = {finer * limits.fix, finer * limits.watch};
        const std::optional<Severity> severity = judge(e.amount, e.sigma, limits);
        if (!severity)
            return;
        Finding f;
        f.id = e.mode.id;
        f.severity = *severity;
        f.isExpression = e.mode.tier == ExpressionTier::Expression;
        for (int i = 0; i < expressionMarkCount; ++i)
            if (const ExpressionMark m = expressionMarkAt(i); e.mode.displacement[m].norm() > 1e-9) {
                f.expressionMarks.push_back(m);
                const HeadPoint& place = *drawn_.expression[m];
                f.expressionCorrections[m] = c_.sketchView.project(place - e.amount * e.mode.displacement[m]) -
                                             c_.sketchView.project(place);
            }
        for (const auto& [mark, by] : {std::pair{Mark::PupilL, e.mode.pupils[0]}, {Mark::PupilR, e.mode.pupils[1]}})
            if (by.norm() > 1e-9) {
                f.marks.push_back(mark);
                f.corrections[mark] = c_.sketchView.project(drawn_.marks[mark] - e.amount * by) -
                                      c_.sketchView.project(drawn_.marks[mark]);
            }
        const auto count = static_cast<double>(f.marks.size() + f.expressionMarks.size());
        for (Mark m : f.marks)
            f.figures.way += *f.corrections[m] / count;
        for (ExpressionMark m : f.expressionMarks)
            f.figures.way += *f.expressionCorrections[m] / count;
        f.figures.amount = e.amount;
        f.figures.sigma = e.sigma;
        f.figures.unit = e.mode.unit;
        if (e.mode.unit == AmountUnit::BallRadius)
            say(f.figures, Pixels{std::abs(e.amount) * c_.sketchView.scale});
        f.figures.lean = c_.sketchPose.lean;
        f.figures.seenTurn = c_.referencePose.turn;
        expression_.push_back(std::move(f));
    }

    void pose() {
        using enum Mark;
        const Pose &seen = c_.referencePose, &drawn = c_.sketchPose;
        const Radians turn = wrapped(drawn.turn - seen.turn);
        const Radians tilt = wrapped(drawn.tilt - seen.tilt);
        // Each is mended alone, the other left as drawn.
        drift("turn", turn, c_.sketchSigma.turn, {seen.turn, drawn.tilt, drawn.lean},
              {Brow, NoseTip, NoseBase, LipLine, Chin});
        drift("tilt", tilt, c_.sketchSigma.tilt, {drawn.turn, seen.tilt, drawn.lean},
              {NoseTip, Brow, EarTopL, EarTopR, EarBaseL, EarBaseR});
    }

    /// The finding that, followed, brings the marks nearest to where the reference puts them comes
    /// first; then, with that one followed, the next. One that would bring them no nearer is kept
    /// back: two errors of which each hides the other are told once the first is mended.
    std::vector<Finding> ranked() {
        PerMark<std::optional<SketchPoint>> at;
        for (int i = 0; i < markCount; ++i)
            if (const auto& p = c_.placements[markAt(i)])
                at[markAt(i)] = p->drawn;
        auto gain = [&](const Finding& f) {
            PerMark<std::optional<SketchPoint>> moved = at;
            follow(moved, f);
            return totalError(at) - totalError(moved);
        };
        // Two or three marks can be laid over anything: of a bare block-in the lines told, and that stands.
        const auto placed = std::count_if(at.begin(), at.end(), [](const auto& p) { return p.has_value(); });
        const bool marksTell = placed >= 4;
        const auto size = [](const Finding& f) { return std::abs(f.figures.amount) / std::max(f.figures.sigma, 1e-9); };
        if (!marksTell)
            std::sort(drafts_.begin(), drafts_.end(), [&](const auto& a, const auto& b) { return size(a) > size(b); });
        std::erase_if(drafts_, [&](const Finding& f) { return marksTell && gain(f) <= 0; });
        std::vector<Finding> all;
        while (!drafts_.empty()) {
            std::vector<double> gains;
            for (const Finding& f : drafts_)
                gains.push_back(marksTell ? gain(f) : 0);
            const auto most = std::max_element(gains.begin(), gains.end());
            if (marksTell && *most <= 0)
                break;
            const auto best = drafts_.begin() + (most - gains.begin());
            follow(at, *best);
            all.push_back(std::move(*best));
            drafts_.erase(best);
        }
        std::move(outline_.begin(), outline_.end(), std::back_inserter(all));
        // What is to be mended before what is watched; of that features before expression, the surest first.
        std::stable_sort(expression_.begin(), expression_.end(), [&](const Finding& a, const Finding& b) {
            if (a.severity != b.severity)
                return a.severity < b.severity;
            return a.isExpression != b.isExpression ? b.isExpression : size(a) > size(b);
        });
        std::move(expression_.begin(), expression_.end(), std::back_inserter(all));
        if (all.empty())
            all.emplace_back().id = "all_in_place";
        Finding laid;
        laid.id = "registration";
        laid.figures.scale = c_.registration.scale;
        laid.figures.amount = c_.registration.rotation.value;
        laid.figures.unit = AmountUnit::Radian;
        all.push_back(laid);
        for (std::size_t i = 0; i < all.size(); ++i)
            all[i].rank = static_cast<int>(i) + 1;
        return all;
    }

private:
    /// A length in the units people use; `inSketch`: as it is foreshortened there.
    void say(FindingFigures& figures, Pixels inSketch) const {
        figures.percentOfHead = 100 * (BallRadii{std::abs(figures.amount)} / headHeight(c_.sitter));
        figures.eyeWidths = BallRadii{std::abs(figures.amount)} / eyeWidth(c_.sitter);
        if (options_.perPixel)
            figures.onPaper = inSketch * *options_.perPixel;
    }

    /// How far the marks lie from where the reference puts them, px. Where nothing is held they are
    /// laid over one another anew, as a mended drawing would be.
    double totalError(const PerMark<std::optional<SketchPoint>>& at) const {
        std::vector<PicturePoint> from, to;
        for (int i = 0; i < markCount; ++i)
            if (at[markAt(i)] && c_.asSeen[markAt(i)]) {
                from.push_back(*c_.asSeen[markAt(i)]);
                to.push_back(*at[markAt(i)]);
            }
        const Similarity laid =
            options_.hold == Hold::All ? bestSimilarity(from, to) : Similarity();
        double sum = 0;
        for (std::size_t i = 0; i < from.size(); ++i)
            sum += (to[i] - laid(from[i])).norm();
        return sum / laid.scale;
    }
    static void follow(PerMark<std::optional<SketchPoint>>& at, const Finding& f) {
        for (int i = 0; i < markCount; ++i)
            if (at[markAt(i)] && f.corrections[markAt(i)])
                *at[markAt(i)] += *f.corrections[markAt(i)];
    }

    void drift(std::string id, Radians by, Radians sigma, const Pose& mendedPose,
               std::vector<Mark> marks) {
        const std::optional<Severity> severity = judge(
            by.value, sigma.value,
            limitsFor(AmountUnit::Radian, options_.tolerances, c_.sitter));
        if (!severity)
            return;
        Finding f;
        f.id = std::move(id);
        f.severity = *severity;
        f.structural = true;
        for (Mark m : marks)
            if (c_.placements[m])
                f.marks.push_back(m);
        View mended = c_.sketchView;
        mended.face(headToView(mendedPose));
        // The whole head turns; the words name only the marks it shows on best.
        std::vector<Mark> whole;
        for (int i = 0; i < markCount; ++i)
            if (c_.placements[markAt(i)])
                whole.push_back(markAt(i));
        for (int i = 0; i < expressionMarkCount; ++i)
            if (c_.expressionPlacements[expressionMarkAt(i)])
                f.expressionMarks.push_back(expressionMarkAt(i));
        std::swap(f.marks, whole);
        correct(f, mended, drawn_);
        std::swap(f.marks, whole);
        f.expressionMarks.clear();
        f.figures.amount = by.value;
        f.figures.sigma = sigma.value;
        f.figures.unit = AmountUnit::Radian;
        if (f.id == "turn")
            f.figures.rivalShift = explanation_.rivalShift;
        add(std::move(f));
    }

    /// Fills the corrections: from the head as drawn to `mended` seen from `view`.
    void correct(Finding& f, const View& view, const DrawnHead& mended) const {
        for (Mark m : f.marks) {
            f.corrections[m] = view.project(mended.marks[m]) - c_.sketchView.project(drawn_.marks[m]);
            f.figures.way += *f.corrections[m] / static_cast<double>(f.marks.size());
        }
        for (ExpressionMark m : f.expressionMarks)
            f.expressionCorrections[m] =
                view.project(*mended.expression[m]) - c_.sketchView.project(*drawn_.expression[m]);
    }

    /// A part that is off in two ways is moved once: what else is wrong with no other marks than
    /// these is mended along with it.
    void mendWhole(Finding& f, const AdmittedError& e) const {
        constexpr std::size_t mostOfAPart = 6;
        constexpr double worthSaying = 0.35; // of the first way
        std::size_t moved = 0;
        for (const HeadPoint& by : e.mode->displacement)
            moved += by.norm() > 1e-9;
        if (moved > mostOfAPart)
            return;
        DrawnHead mended = drawn_;
        move(mended.marks, mended.expression, e, -1);
        bool more = false;
        for (const AdmittedError& other : explanation_.errors) {
            bool within = other.mode != e.mode;
            for (int i = 0; i < markCount; ++i)
                within = within && (other.mode->displacement[markAt(i)].norm() < 1e-9 ||
                                    e.mode->displacement[markAt(i)].norm() > 1e-9);
            if (within) {
                move(mended.marks, mended.expression, other, -1);
                more = true;
            }
        }
        if (!more)
            return;
        const SketchPoint way = f.figures.way;
        f.figures.way = SketchPoint();
        correct(f, c_.sketchView, mended);
        const SketchPoint rest = f.figures.way - way;
        f.figures.way = way;
        if (rest.norm() > worthSaying * way.norm()) {
            f.figures.besides = rest;
            f.figures.besidesPercent = 100 * (Pixels{rest.norm()} / c_.sketchView.inPicture(headHeight(c_.sitter)));
            if (options_.perPixel)
                f.figures.besidesOnPaper = Pixels{rest.norm()} * *options_.perPixel;
        }
    }

    double typicalLength(const Finding& f) const {
        std::vector<double> lengths;
        for (Mark m : f.marks)
            lengths.push_back(f.corrections[m]->norm());
        if (lengths.empty())
            return 0;
        const auto middle = lengths.begin() + static_cast<long>(lengths.size() / 2);
        std::nth_element(lengths.begin(), middle, lengths.end());
        return *middle;
    }

    void add(Finding f) {
        f.figures.lean = c_.sketchPose.lean;
        f.figures.seenTurn = c_.referencePose.turn;
        drafts_.push_back(std::move(f));
    }

    const Comparison& c_;
    const ModelSelection& explanation_;
    const CompareOptions& options_;
    DrawnHead drawn_; ///< the sitter with every error that was found
    std::vector<Finding> drafts_, outline_, expression_;
};

} // namespace

std::string_view severityWord(Severity severity) {
    switch (severity) {
    case Severity::Fix:
        return "fix";
    case Severity::Watch:
        return "watch";
    case Severity::Fine:
        break;
    }
    return "fine";
}

void move(HeadMarks& head, ExpressionPlaces& expression, const AdmittedError& e, double share) {
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        head[m] += share * (e.amount * e.mode->displacement[m] + e.second * e.mode->second[m]);
    }
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const ExpressionMark m = expressionMarkAt(i); expression[m])
            *expression[m] += share * e.amount * e.mode->carried[m];
}

std::vector<Finding> findingsFor(const Comparison& comparison, const ModelSelection& explanation,
                                 const OtherErrors& others, const CompareOptions& options) {
    Judge judge(comparison, explanation, options);
    if (explanation.poseDrifted)
        judge.pose();
    for (const AdmittedError& e : explanation.errors)
        judge.error(e);
    for (const OutlineError& e : others.outline)
        judge.outline(e);
    for (const ExpressionError& e : others.expression)
        judge.expression(e);
    return judge.ranked();
}

} // namespace zokran
