#include "core/compare/findings.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace zokran {

namespace {

/// A finding is a matter to mend from here on, and one to keep an eye on from half of it.
struct Limits {
    double fix, watch;
};
constexpr Limits ballRadiusLimits{0.07, 0.035}; // 3 % and 1.5 % of the head
constexpr Limits shareLimits{0.06, 0.03};
constexpr Limits angleLimits{0.087, 0.05}; // 5 and 3 degrees
/// Nothing is claimed below this many standard deviations.
constexpr double sure = 2.5;

Limits limitsFor(AmountUnit unit) {
    switch (unit) {
    case AmountUnit::BallRadius:
        return ballRadiusLimits;
    case AmountUnit::Share:
        return shareLimits;
    case AmountUnit::Radian:
        break;
    }
    return angleLimits;
}

std::optional<Severity> judge(double amount, double sigma, Limits limits) {
    if (std::abs(amount) < sure * sigma || std::abs(amount) < limits.watch)
        return std::nullopt;
    return std::abs(amount) >= limits.fix ? Severity::Fix : Severity::Watch;
}

class Judge {
public:
    Judge(const Comparison& comparison, const Explanation& explanation,
          const CompareOptions& options)
        : c_(comparison), options_(options), drawn_(c_.sitter) {
        for (const AdmittedError& e : explanation.errors)
            move(drawn_, e, 1);
    }

    void error(const AdmittedError& e) {
        const bool lone = e.mode->freedoms == 2;
        const double amount = lone ? std::hypot(e.amount, e.second) : e.amount;
        const Limits limits = limitsFor(e.mode->unit);
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
        HeadMarks mended = drawn_;
        move(mended, e, -1);
        correct(f, c_.sketchView, mended);
        f.figures.amount = amount;
        f.figures.unit = e.mode->unit;
        if (e.mode->unit == AmountUnit::BallRadius) {
            f.figures.percentOfHead = 100 * std::abs(amount) / headHeight(c_.sitter).value;
            f.figures.eyeWidths = std::abs(amount) / eyeWidth(c_.sitter).value;
            if (options_.perPixel)
                f.figures.onPaper = Pixels{typicalLength(f)} * *options_.perPixel;
        }
        add(std::move(f), e.mode->tier, std::abs(amount) / limits.fix);
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

    std::vector<Finding> ranked() {
        std::stable_sort(drafts_.begin(), drafts_.end(), [](const Draft& a, const Draft& b) {
            const auto key = [](const Draft& d) {
                return std::tuple(d.finding.severity, d.tier, -d.weight);
            };
            return key(a) < key(b);
        });
        std::vector<Finding> all;
        for (Draft& d : drafts_)
            all.push_back(std::move(d.finding));
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
    struct Draft {
        Tier tier;
        double weight; ///< size against the limit, to order findings of one tier
        Finding finding;
    };

    static void move(HeadMarks& head, const AdmittedError& e, double share) {
        for (int i = 0; i < markCount; ++i) {
            const Mark m = markAt(i);
            head[m] += share * (e.amount * e.mode->displacement[m] + e.second * e.mode->second[m]);
        }
    }

    void drift(std::string id, Radians by, Radians sigma, const Pose& mendedPose,
               std::vector<Mark> marks) {
        const std::optional<Severity> severity = judge(by.value, sigma.value, angleLimits);
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
        correct(f, mended, drawn_);
        f.figures.amount = by.value;
        f.figures.unit = AmountUnit::Radian;
        add(std::move(f), Tier::Turn, abs(by).value / angleLimits.fix);
    }

    /// Fills the corrections: from the head as drawn to `mended` seen from `view`.
    void correct(Finding& f, const View& view, const HeadMarks& mended) const {
        for (Mark m : f.marks) {
            f.corrections[m] = view.project(mended[m]) - c_.sketchView.project(drawn_[m]);
            f.figures.way += *f.corrections[m] / static_cast<double>(f.marks.size());
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

    void add(Finding f, Tier tier, double weight) {
        f.figures.lean = c_.sketchPose.lean;
        f.figures.seenTurn = c_.referencePose.turn;
        drafts_.push_back({tier, weight, std::move(f)});
    }

    const Comparison& c_;
    const CompareOptions& options_;
    HeadMarks drawn_; ///< the sitter with every error that was found
    std::vector<Draft> drafts_;
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

std::vector<Finding> findingsFor(const Comparison& comparison, const Explanation& explanation,
                                 const CompareOptions& options) {
    Judge judge(comparison, explanation, options);
    if (explanation.poseDrifted)
        judge.pose();
    for (const AdmittedError& e : explanation.errors)
        judge.error(e);
    return judge.ranked();
}

} // namespace zokran
