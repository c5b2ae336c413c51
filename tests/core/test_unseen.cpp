// The fit against OpenCV's solvers on a head the prior has not seen.

#include "benchmarks/unseen_heads.h"
#include "core/files/fit_file.h"
#include "core/fit/fit.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <opencv2/calib3d.hpp>

using namespace zokran;
using namespace zokran::benchmarks;

TEST_CASE("The canonical face is read better than by solvePnP with the mean head", "[long]") {
    const Errors e = readingErrors(canonicalFaceAlone(), 250, 5);
    CHECK(quantile(e.zokran, 0.5) < 0.75 * quantile(e.mean, 0.5));
    CHECK(quantile(e.zokran, 0.9) < 0.85 * quantile(e.mean, 0.9));
    CHECK(quantile(e.zokran, 0.5) < 2.8);
    CHECK(quantile(e.zokran, 0.9) < 5);
    CHECK(e.zokran.back() < 20);
    for (const double offset : e.offset)
        CHECK(std::abs(offset) < 2);
    // Neither boasting nor timid: two standard deviations hold 95 in 100 of what is normal.
    CHECK(e.covered > 0.90);
    CHECK(e.covered < 0.995);
}

TEST_CASE("Generated heads of the same mesh are read, and surely enough", "[long]") {
    std::vector<double> ours, mean, floor;
    double covered = 0;
    const auto heads = generatedHeads();
    REQUIRE(heads.size() == 8);
    for (std::size_t i = 0; i < heads.size(); ++i) {
        const Errors e = readingErrors(heads[i], 40, static_cast<unsigned>(i));
        ours.insert(ours.end(), e.zokran.begin(), e.zokran.end());
        mean.insert(mean.end(), e.mean.begin(), e.mean.end());
        floor.insert(floor.end(), e.floor.begin(), e.floor.end());
        covered += e.covered / 8;
    }
    for (auto* list : {&ours, &mean, &floor})
        std::sort(list->begin(), list->end());
    CHECK(quantile(ours, 0.5) < 0.85 * quantile(mean, 0.5));
    CHECK(quantile(ours, 0.9) < 0.85 * quantile(mean, 0.9));
    CHECK(ours.back() < 20);
    CHECK(covered > 0.90);
    CHECK(covered < 0.998);
}

TEST_CASE("A region unlike any other head's is set aside, and costs the region and not the pose", "[long]") {
    // With all regions kept, the pictures with the moved nose are off by 6.1 and 10.6 degrees (median, 90th percentile), those
    // with the mouth by 6.0 and 12.0, with the eyes by 7.4 and 13.0.
    const auto& regions = headRegions();
    const auto named = [&](std::string_view id) {
        return *std::find_if(regions.begin(), regions.end(), [&](const HeadRegion& r) { return r.id == id; });
    };
    // Eyes that went forward look like a tilted head with every other mark a little off: a quarter of them stay.
    for (const char* id : {"nose", "mouth", "eyes"}) {
        std::vector<double> total;
        int setAside = 0, pictures = 0;
        for (int way = 0; way < 8; ++way) {
            const double angle = way * std::numbers::pi / 4;
            std::mt19937 random(static_cast<unsigned>(100 + way));
            const UnseenHead head =
                withRegionMoved(canonicalFaceAlone(), named(id), 0.25 * HeadPoint(0, std::sin(angle), std::cos(angle)));
            for (int i = 0; i < 12; ++i, ++pictures) {
                const Sitting s = sit(head, randomView(random), 0.01, random);
                const Fit fit = fitHead(s.marks);
                total.push_back(toDegrees(angleBetween(s.truth.facing(), fit.view.facing())).value);
                setAside += fit.unlikeRegion && fit.unlikeRegion->id == id;
            }
        }
        std::sort(total.begin(), total.end());
        INFO(id << ": " << quantile(total, 0.5) << " " << quantile(total, 0.9) << ", set aside in " << setAside << " of "
                << pictures);
        CHECK(setAside > 0.7 * pictures);
        CHECK(quantile(total, 0.5) < 4.2);
        CHECK(quantile(total, 0.9) < 10.3);
    }
}

TEST_CASE("Heads like people's lose no region", "[long]") {
    int setAside = 0;
    for (const UnseenHead& head : generatedHeads())
        setAside += readingErrors(head, 25, 31).withoutRegion;
    CHECK(setAside == 0);
    CHECK(readingErrors(canonicalFaceAlone(), 100, 31).withoutRegion == 0);
}

TEST_CASE("A mannequin with a devil's mouth is read, and its mouth is named", "[long]") {
    const UnseenHead mannequin = otherHeads().front();
    const Errors e = readingErrors(mannequin, 100, 3);
    INFO(quantile(e.zokran, 0.5) << " " << quantile(e.zokran, 0.9) << ", solvePnP " << quantile(e.mean, 0.5) << " "
                                 << quantile(e.mean, 0.9) << ", total " << quantile(e.total, 0.5) << " " << quantile(e.total, 0.9)
                                 << ", without a region " << e.withoutRegion);
    CHECK(quantile(e.zokran, 0.5) < 0.7 * quantile(e.mean, 0.5));
    CHECK(quantile(e.zokran, 0.9) < 0.7 * quantile(e.mean, 0.9));
    CHECK(quantile(e.total, 0.5) < 6.5);
    CHECK(e.withoutRegion > 65);
    std::mt19937 random(4);
    View view = randomView(random);
    view.face(headToView(poseFromDegrees({35}, {-10}, {5})));
    const Fit fit = fitHead(sit(mannequin, view, 0, random).marks);
    REQUIRE(fit.unlikeRegion);
    CHECK(fit.unlikeRegion->id == "mouth");
    CHECK_THAT(fitText(fit), Catch::Contains("\"unlike_region\": \"mouth\""));
    // What was set aside lies on the head where it was marked.
    for (Mark m : fit.unlikeRegion->marks)
        CHECK((fit.view.project(fit.head[m]) - view.project(mannequin.marks.at(m))).norm() < 1e-6);
    CHECK(fit.outliers.empty());
    CHECK(toDegrees(angleBetween(fit.view.facing(), view.facing())).value < 7);
}

TEST_CASE("Heads of another generator are read better than by solvePnP with the mean head", "[long]") {
    // The canonical face and two heads of other meshes, each region of them moved and scaled at random.
    const Errors e = deformedHeadErrors(3, 30, 71);
    INFO(quantile(e.zokran, 0.5) << " " << quantile(e.zokran, 0.9) << ", solvePnP " << quantile(e.mean, 0.5) << " "
                                 << quantile(e.mean, 0.9) << ", floor " << quantile(e.floor, 0.5) << " " << quantile(e.floor, 0.9)
                                 << ", without a region " << e.withoutRegion);
    CHECK(quantile(e.zokran, 0.5) < 0.85 * quantile(e.mean, 0.5));
    CHECK(quantile(e.zokran, 0.9) < 0.9 * quantile(e.mean, 0.9));
    // One deformed head is unlike people in one region at the most, seldom; what is set aside is told in docs/sources.md.
    CHECK(e.withoutRegion < 270);
}

TEST_CASE("With the head's true shape our pictures give OpenCV the true pose") {
    // The floor is only a floor if the marks, the frames and the camera agree with OpenCV's.
    std::mt19937 random(8);
    const UnseenHead head = canonicalFace();
    for (int i = 0; i < 20; ++i) {
        View view = randomView(random);
        view.nearness = 1 / 12.0;
        const Sitting s = sit(head, view, 0, random);
        const Eigen::Matrix3d r = byPnP(s, head.marks, cv::SOLVEPNP_ITERATIVE);
        CHECK(toDegrees(angleBetween(r, view.rotation)).value < 0.05);
    }
}

TEST_CASE("The canonical face's own proportions are found in its shape") {
    // Its lower face is longer than the mean head's; from the front at a known distance the fit
    // must find that out.
    std::mt19937 random(9);
    View view = randomView(random);
    view.rotation.setIdentity();
    const UnseenHead head = canonicalFace();
    const Fit fit = fitHead(sit(head, view, 0, random).marks);
    const HeadMarks& mean = adultHeads().mean;
    auto lower = [](const auto& h) { return h.at(Mark::NoseBase).y() - h.at(Mark::Chin).y(); };
    const double fitted = fit.head[Mark::NoseBase].y() - fit.head[Mark::Chin].y();
    const double average = mean[Mark::NoseBase].y() - mean[Mark::Chin].y();
    CHECK(lower(head.marks) > average);
    CHECK(fitted > average);
}
