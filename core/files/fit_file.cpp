#include "core/files/fit_file.h"

#include "core/base/json_file.h"
#include "core/files/pose_json.h"

#include <cmath>

namespace zokran {

nlohmann::ordered_json poseJson(const Pose& pose) {
    return {{"turn", inDegrees(pose.turn)}, {"tilt", inDegrees(pose.tilt)}, {"lean", inDegrees(pose.lean)}};
}

std::string fitText(const Fit& fit) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-fit";
    j["version"] = 1;
    j["image"] = {{"width", fit.width}, {"height", fit.height}};
    j["pose"] = poseJson(fit.pose);
    j["pose"]["sigma"] = poseJson({fit.sigma.turn, fit.sigma.tilt, fit.sigma.lean});
    j["rotation"] = nlohmann::ordered_json::array();
    const Eigen::Matrix3d facing = fit.view.facing();
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c)
            j["rotation"].push_back(facing(r, c));
    const BallCircle ball = fit.ball();
    j["ball"] = {{"cx", ball.centre.x()}, {"cy", ball.centre.y()}, {"r", ball.radius}};
    j["camera"] = {{"focal_px", fit.view.focal()},
                   {"distance_ball_radii", 1 / fit.view.nearness},
                   {"scale_px", fit.view.scale},
                   {"principal", {fit.view.principal.x(), fit.view.principal.y()}}};
    j["shape"]["directions"] = nlohmann::ordered_json::object();
    for (std::size_t k = 0; k < fit.shape.size(); ++k)
        j["shape"]["directions"][std::string(adultHeads().directions[k].id)] = fit.shape[k];
    // The lower triangle, row by row.
    if (fit.shapeCovariance.size() > 0) {
        j["shape"]["covariance"] = nlohmann::ordered_json::array();
        for (Eigen::Index r = 0; r < fit.shapeCovariance.rows(); ++r)
            for (Eigen::Index c = 0; c <= r; ++c)
                j["shape"]["covariance"].push_back(
                    std::round(1e6 * fit.shapeCovariance(r, c)) / 1e6);
    }
    j["shape"]["head"] = nlohmann::ordered_json::object();
    j["residuals"] = nlohmann::ordered_json::object();
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const HeadPoint& p = fit.head[m];
        j["shape"]["head"][std::string(idOf(m))] = {p.x(), p.y(), p.z()};
        if (fit.residuals[m])
            j["residuals"][std::string(idOf(m))] = fit.residuals[m]->value;
    }
    j["outliers"] = nlohmann::ordered_json::array();
    for (Mark m : fit.outliers)
        j["outliers"].push_back(std::string(idOf(m)));
    if (fit.unlikeRegion)
        j["unlike_region"] = std::string(fit.unlikeRegion->id);
    j["spread"] = nlohmann::ordered_json::object();
    for (int i = 0; i < markCount; ++i)
        if (fit.spread[markAt(i)])
            j["spread"][std::string(idOf(markAt(i)))] = fit.spread[markAt(i)]->value;
    j["asymmetries"] = nlohmann::ordered_json::array();
    for (const Asymmetry& a : fit.asymmetries)
        j["asymmetries"].push_back(
            {{"mark", std::string(idOf(a.left))}, {"higher", a.up}, {"further_out", a.outward}, {"sigma", a.sigma}});
    if (fit.rival)
        j["rival"] = poseJson(*fit.rival);
    j["ms"] = fit.milliseconds;
    return jsonText(j);
}

Fit readFit(const std::filesystem::path& file) {
    return readJson(file, "zokran-fit", [](const nlohmann::json& j) {
        auto finite = [](const nlohmann::json& value, const char* what) {
            const double v = value.get<double>();
            if (!std::isfinite(v))
                throw BadInput(fmt::format("{} is not finite", what));
            return v;
        };
        Fit fit;
        const nlohmann::json& rotation = j.at("rotation");
        if (rotation.size() != 9)
            throw BadInput("\"rotation\" needs nine numbers");
        Eigen::Matrix3d facing;
        for (int i = 0; i < 9; ++i)
            facing(i / 3, i % 3) = finite(rotation.at(i), "\"rotation\"");
        const Eigen::Matrix3d square = facing * facing.transpose();
        if ((square - Eigen::Matrix3d::Identity()).norm() > 1e-3 || facing.determinant() < 0)
            throw BadInput("\"rotation\" is not a rotation");
        const nlohmann::json& camera = j.at("camera");
        fit.view.centre = {finite(j.at("ball").at("cx"), "\"cx\""),
                           finite(j.at("ball").at("cy"), "\"cy\"")};
        fit.view.scale = finite(camera.at("scale_px"), "\"scale_px\"");
        fit.view.nearness = 1 / finite(camera.at("distance_ball_radii"), "the distance");
        if (!(fit.view.scale > 0) || !(fit.view.nearness > 0 && fit.view.nearness < 0.5))
            throw BadInput("\"camera\" needs a scale above zero and a distance above 2 ball radii");
        fit.view.principal = {finite(camera.at("principal").at(0), "\"principal\""),
                              finite(camera.at("principal").at(1), "\"principal\"")};
        fit.view.face(facing);
        fit.pose = fit.view.pose();
        if (j.contains("image")) { // a fit of an earlier version was of the whole picture
            fit.width = j["image"].at("width").get<int>();
            fit.height = j["image"].at("height").get<int>();
        } else {
            fit.width = static_cast<int>(2 * fit.view.principal.x());
            fit.height = static_cast<int>(2 * fit.view.principal.y());
        }
        const nlohmann::json& head = j.at("shape").at("head");
        for (int i = 0; i < markCount; ++i) {
            const nlohmann::json& p = head.at(std::string(idOf(markAt(i))));
            for (int k = 0; k < 3; ++k)
                fit.head[markAt(i)][k] = finite(p.at(k), "\"head\"");
        }
        // What an older fit lacks is taken as unknown.
        const auto directions = static_cast<Eigen::Index>(adultHeads().directions.size());
        if (const auto& shape = j.at("shape");
            shape.contains("covariance") &&
            shape["covariance"].size() ==
                static_cast<std::size_t>(directions * (directions + 1) / 2)) {
            fit.shapeCovariance.resize(directions, directions);
            std::size_t k = 0;
            for (Eigen::Index r = 0; r < directions; ++r)
                for (Eigen::Index c = 0; c <= r; ++c, ++k)
                    fit.shapeCovariance(r, c) = fit.shapeCovariance(c, r) =
                        finite(shape["covariance"].at(k), "\"covariance\"");
        }
        if (j.contains("residuals"))
            for (const auto& [id, px] : j["residuals"].items())
                if (const auto m = markNamed(id))
                    fit.residuals[*m] = Pixels{finite(px, "\"residuals\"")};
        return fit;
    });
}

} // namespace zokran
