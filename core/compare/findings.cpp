#include "core/compare/findings.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

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

struct Draft {
    Tier tier;
    double weight; ///< size against the limit, to order findings of one tier
    Finding finding;
};

class Writer {
public:
    Writer(const Comparison& comparison, const CompareOptions& options)
        : c_(comparison), options_(options) {}

    std::string lengthOnPaper(double radii, double foreshortening) const {
        const double percent = 100 * radii / headHeight(c_.sitter).value;
        if (options_.perPixel)
            return fmt::format("{:.0f} mm ({:.1f} % of the head)",
                               std::max(1.0, radii * foreshortening * c_.sketchView.scale *
                                                 options_.perPixel->value),
                               percent);
        return fmt::format("{:.1f} % of the head ({:.1f} eye-widths)", percent,
                           radii / eyeWidth(c_.sitter).value);
    }

    std::string amountIn(const AdmittedError& e, double amount) const {
        switch (e.mode->unit) {
        case AmountUnit::Share:
            return fmt::format("{:.0f} %", 100 * amount);
        case AmountUnit::Radian:
            return fmt::format("{:.0f}°", amount * 180 / std::numbers::pi);
        case AmountUnit::BallRadius:
            break;
        }
        double longest = 0;
        Eigen::Vector3d axis = Eigen::Vector3d::UnitY();
        for (const HeadPoint& d : e.mode->displacement)
            if (d.norm() > longest) {
                longest = d.norm();
                axis = d;
            }
        const double drawn = (c_.sketchView.rotation * axis).head<2>().norm() / longest;
        return lengthOnPaper(amount, drawn);
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
        f.text = fmt::format(fmt::runtime(amount > 0 ? e.mode->more : e.mode->less),
                             amountIn(e, std::abs(amount)));
        f.measure = e.mode->measure;
        f.structural = e.mode->tier <= Tier::Proportion;
        for (int i = 0; i < markCount; ++i)
            if (c_.placements[markAt(i)] && e.mode->displacement[markAt(i)].norm() > 1e-9)
                f.marks.push_back(markAt(i));
        drafts_.push_back({e.mode->tier, std::abs(amount) / limits.fix, f});
    }

    void pose() {
        auto degrees = [](double radians) { return toDegrees({radians}).value; };
        auto add = [&](std::string id, double drift, double sigma, std::string text,
                       std::string measure, std::vector<Mark> marks) {
            const std::optional<Severity> severity = judge(drift, sigma, angleLimits);
            if (!severity)
                return;
            Finding f;
            f.id = std::move(id);
            f.severity = *severity;
            f.text = std::move(text);
            f.measure = std::move(measure);
            f.marks = std::move(marks);
            f.structural = true;
            drafts_.push_back({Tier::Turn, std::abs(drift) / angleLimits.fix, f});
        };
        using enum Mark;
        const double turn = c_.referencePose.turn.value;
        const double turnDrift = wrapped({c_.sketchPose.turn.value - turn}).value;
        const bool lessTurned = turnDrift * turn < 0;
        const char* farSide = turn > 0 ? "left" : "right"; // as the viewer sees it
        add("turn", turnDrift, c_.sketchSigma.turn.value,
            std::abs(turn) < 0.05
                ? fmt::format(
                      "Your drawing is turned {:.0f}° away from the front: even out the two "
                      "halves of the face.",
                      std::abs(degrees(turnDrift)))
            : lessTurned
                ? fmt::format(
                      "Your drawing reads {:.0f}° less turned than the photo: the far half of "
                      "the face is too wide. Move the centre line further round, towards the "
                      "{}.",
                      std::abs(degrees(turnDrift)), turn > 0 ? "right" : "left")
                : fmt::format(
                      "Your drawing reads {:.0f}° more turned than the photo: the far half of "
                      "the face is too narrow. Bring the centre line back towards the {}.",
                      std::abs(degrees(turnDrift)), farSide),
            "Compare the near half of the face with the far half, along the brow line.",
            {Brow, NoseTip, NoseBase, LipLine, Chin});
        const double tiltDrift =
            wrapped({c_.sketchPose.tilt.value - c_.referencePose.tilt.value}).value;
        add("tilt", tiltDrift, c_.sketchSigma.tilt.value,
            tiltDrift > 0
                ? fmt::format("Your drawing looks {:.0f}° further up than the photo: bend the brow "
                              "line and the lines below it further down in the middle.",
                              degrees(tiltDrift))
                : fmt::format(
                      "Your drawing looks {:.0f}° further down than the photo: bend the brow "
                      "line and the lines below it further up in the middle.",
                      degrees(-tiltDrift)),
            "Run a level line from the top of the ear to the face and see which feature it meets.",
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
        if (all.empty()) {
            Finding f;
            f.id = "all_in_place";
            f.text = "Every feature lies where it belongs, as far as the marks can tell.";
            all.push_back(f);
        }
        Finding laid;
        laid.id = "registration";
        laid.text = fmt::format(
            "To lay them over one another, the sketch was taken as {:.2f} times "
            "the photo's size and turned by {}°. That is allowed for.",
            c_.registration.scale, std::lround(toDegrees(c_.registration.rotation).value));
        all.push_back(laid);
        for (std::size_t i = 0; i < all.size(); ++i)
            all[i].rank = static_cast<int>(i) + 1;
        return all;
    }

private:
    const Comparison& c_;
    const CompareOptions& options_;
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
    Writer writer(comparison, options);
    if (explanation.poseDrifted)
        writer.pose();
    for (const AdmittedError& e : explanation.errors)
        writer.error(e);
    return writer.ranked();
}

} // namespace zokran
