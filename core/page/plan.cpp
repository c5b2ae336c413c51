#include "core/page/plan.h"

#include "core/construction/ball_form.h"
#include "core/construction/lines.h"
#include "core/head/population.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace zokran {

namespace {

PaperBox boxOf(const std::vector<PicturePoint>& points) {
    PaperBox box{{1e9, 1e9}, {-1e9, -1e9}};
    for (const PicturePoint& p : points) {
        box.low = PaperPoint(box.low.cwiseMin(p));
        box.high = PaperPoint(box.high.cwiseMax(p));
    }
    return box;
}

std::vector<PicturePoint> pointsOf(const std::vector<GuideLine>& lines, std::string_view id) {
    std::vector<PicturePoint> points;
    for (const GuideLine& line : lines)
        if (withoutSide(line.id) == id && !line.hidden)
            points.insert(points.end(), line.points.begin(), line.points.end());
    return points;
}

bool isBox(const PaperBox& box) {
    return box.low.x() <= box.high.x();
}

/// Heads higher than this share of the paper eat the page.
constexpr double largest = 0.55;
/// Smaller than this it leaves the page empty, and a feature is no wider than the pencil is sure (common practice, no source).
constexpr double smallest = 0.2;

} // namespace

PagePlanner::PagePlanner(const Fit* fit, const std::vector<HeadPoint>& hairEdge) {
    const HeadMarks head = fit ? fit->head : adultHeads().mean;
    View view;
    if (fit) {
        view = fit->view;
    } else {
        view.nearness = nearnessAt(usualDistance);
        view.face(Eigen::Matrix3d::Identity());
    }
    const double seen =
        (view.project(head[Mark::Crown]) - view.project(head[Mark::Chin])).norm();
    if (!(seen > 1e-6))
        throw BadInput("the head is seen from straight above or below; its height says nothing");
    const double scale = 1 / seen;
    view.principal = view.centre + (view.principal - view.centre) * scale;
    view.scale *= scale;
    Subject subject = ownSubject(std::make_shared<const HeadSolid>(head, uprightBust(view.pose())));
    subject.hairEdge = hairEdge;
    const BallForm form(std::move(subject));
    const std::vector<GuideLine> lines = form.lines(view, Detail::Guides);

    PagePlan& plan = small_;
    plan.hair = boxOf(pointsOf(lines, "hair"));
    plan.ears = boxOf(pointsOf(lines, "ear"));
    plan.neck = boxOf(pointsOf(lines, "neck"));
    std::vector<PicturePoint> all = pointsOf(lines, "face_edge");
    for (std::string_view id : {"hair", "ear", "jaw_line", "centre_line"})
        for (const PicturePoint& p : pointsOf(lines, id))
            all.push_back(p);
    for (Mark m : {Mark::Crown, Mark::Chin})
        all.push_back(view.project(head[m]));
    plan.head = boxOf(all);
    plan.crown = PaperPoint(view.project(head[Mark::Crown]));
    plan.chin = PaperPoint(view.project(head[Mark::Chin]));
    const std::vector<PicturePoint> brow = pointsOf(lines, "brow_line"),
                                    centre = pointsOf(lines, "centre_line");
    auto endOf = [&](const std::vector<PicturePoint>& line, bool first) {
        return line.empty() ? plan.crown : PaperPoint(first ? line.front() : line.back());
    };
    plan.browLeft = endOf(brow, true);
    plan.browRight = endOf(brow, false);
    if (plan.browLeft.x() > plan.browRight.x())
        std::swap(plan.browLeft, plan.browRight);
    plan.centreTop = endOf(centre, true);
    plan.centreFoot = endOf(centre, false);
    plan.view = view;
}

PagePlan PagePlanner::plan(const PaperSize& paper, Millimetres border, Millimetres height,
                           const std::optional<PaperPoint>& at) const {
    const PaperPoint far(paper.width, paper.height);
    const double w = far.x(), h = far.y(), b = border.value;
    if (!(b >= 0 && 2 * b < std::min(w, h)))
        throw BadInput("the border must leave some of the paper");
    if (!(height >= Millimetres{5} && height <= Millimetres{5000}))
        throw BadInput("the head must be between 5 and 5000 mm high");
    PagePlan plan = small_;
    const double scale = height.value;
    const PicturePoint size = scale * (plan.head.high - plan.head.low);
    const double ahead = plan.view.pose().turn / Radians{0.6}; // the way it looks
    PicturePoint middle(w / 2, 0);
    const double over = std::max(0.0, w - 2 * b - size.x());
    middle.x() -= over / 12 * std::clamp(ahead, -1.0, 1.0);
    const double above = std::max(0.0, h - 2 * b - size.y()) * 0.4;
    middle.y() = b + above + size.y() / 2;
    const PicturePoint by =
        (at ? PicturePoint(*at) : middle) - scale * PicturePoint((plan.head.low + plan.head.high) / 2);
    const auto placed = [&](PicturePoint& p) { p = scale * p + by; };
    for (PaperPoint* p : {&plan.crown, &plan.chin, &plan.browLeft, &plan.browRight, &plan.centreTop,
                          &plan.centreFoot})
        placed(*p);
    for (PaperBox* box : {&plan.head, &plan.hair, &plan.ears, &plan.neck})
        if (isBox(*box)) {
            placed(box->low);
            placed(box->high);
        }
    plan.view.scale *= scale;
    placed(plan.view.centre);
    placed(plan.view.principal);

    auto runsOff = [&](const PaperBox& box, bool belowToo) {
        return isBox(box) && (box.low.x() < b || box.low.y() < b || box.high.x() > w - b ||
                              (belowToo && box.high.y() > h - b));
    };
    auto warn = [&](bool when, PlanTrouble trouble) {
        if (when)
            plan.troubles.push_back(trouble);
    };
    warn(runsOff(plan.hair, true), PlanTrouble::HairCut);
    warn(plan.chin.y() > h - b || plan.chin.x() < b || plan.chin.x() > w - b, PlanTrouble::ChinCut);
    warn(runsOff(plan.ears, true), PlanTrouble::EarCut);
    // Shoulders may run out below; at the sides they are cut.
    warn(runsOff(plan.neck, false), PlanTrouble::ShoulderCut);
    warn(size.y() > largest * h, PlanTrouble::TooLarge);
    warn(size.y() < smallest * h, PlanTrouble::TooSmall);
    warn((plan.head.low.y() + plan.head.high.y()) / 2 > 0.55 * h, PlanTrouble::TooLow);
    const double leftRoom = plan.head.low.x() - b, rightRoom = w - b - plan.head.high.x();
    constexpr double turned = 0.26; // 15 degrees
    warn((ahead > turned && rightRoom < leftRoom - 1) ||
             (ahead < -turned && leftRoom < rightRoom - 1),
         PlanTrouble::LooksOut);
    return plan;
}

PagePlan planPage(const PaperSize& paper, Millimetres border, Millimetres headHeight, const Fit* fit,
                  const std::optional<PaperPoint>& at) {
    return PagePlanner(fit).plan(paper, border, headHeight, at);
}

} // namespace zokran
