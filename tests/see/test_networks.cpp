#include "core/base/errors.h"
#include "core/base/json_file.h"
#include "see/face_mesh.h"
#include "see/find_faces.h"
#include "see/loaded_networks.h"

#include <catch2/catch.hpp>
#include <cstdlib>
#include <fstream>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
namespace fs = std::filesystem;

namespace {

fs::path dataOf(const char* name) {
    return fs::path(ZOKRAN_TEST_DATA) / "see" / name;
}

/// The square in which the original looks again: the upright box of the surface's points, 1.5 times.
FaceCrop originalsCrop(const FacePointArray& points) {
    Eigen::Vector2d low(1e300, 1e300), high = -low;
    for (int i = 0; i < 468; ++i) {
        low = low.cwiseMin(points[i]);
        high = high.cwiseMax(points[i]);
    }
    const PicturePoint across = points[mesh_point::outerEyeL] - points[mesh_point::outerEyeR];
    return {(low + high) / 2, {1.5 * (high - low).maxCoeff()}, {std::atan2(across.y(), across.x())}};
}

} // namespace

TEST_CASE("The converted mesh says what the original says in its own runtime") {
    FaceNetworks networks;
    for (const char* name : {"looking-down", "looking-up"}) {
        const auto fixture = readJsonFile(dataOf((std::string(name) + ".json").c_str()), "zokran-mesh-fixture");
        FacePointArray original;
        for (int i = 0; i < facePointCount; ++i)
            original[i] = {fixture["points"][i][0].get<double>(), fixture["points"][i][1].get<double>()};
        cv::Mat picture = cv::imread((fs::path(ZOKRAN_TEST_DATA) / "../../data/demo" / (std::string(name) + ".jpg")).string());
        REQUIRE(!picture.empty());
        cv::resize(picture, picture, {304, 380}, 0, 0, cv::INTER_AREA);
        const FacePointArray ours = meshPoints(networks, picture, originalsCrop(original));
        double mean = 0, worst = 0;
        for (int i = 0; i < facePointCount; ++i) {
            const double off = (ours[i] - original[i]).norm();
            mean += off / facePointCount;
            worst = std::max(worst, off);
        }
        INFO(name);
        CHECK(mean < 0.12);
        CHECK(worst < 0.6);
    }
}

TEST_CASE("Every point of the mesh has a twin, and the twin's twin is the point") {
    FaceNetworks networks;
    const auto& twin = networks.loaded().twin;
    REQUIRE(twin.size() == facePointCount);
    for (int i = 0; i < facePointCount; ++i)
        CHECK(twin[twin[i]] == i);
    CHECK(twin[mesh_point::outerEyeR] == mesh_point::outerEyeL);
    CHECK(twin[mesh_point::chin] == mesh_point::chin);
}

TEST_CASE("A network that is missing or cut is told by its file") {
    const fs::path folder = fs::temp_directory_path() / "zokran-networks-test";
    fs::remove_all(folder);
    fs::create_directories(folder);
    const fs::path data = fs::path(ZOKRAN_TEST_DATA) / "../../data";
    fs::copy(data / "networks", folder / "networks");
    ::setenv("ZOKRAN_DATA", folder.c_str(), 1);
    CHECK_NOTHROW(FaceNetworks());
    fs::resize_file(folder / "networks/face_eye_l.onnx", 1000);
    CHECK_THROWS_WITH(FaceNetworks(), Catch::Contains("face_eye_l.onnx") && Catch::Contains("damaged"));
    fs::remove(folder / "networks/face_mesh.onnx");
    CHECK_THROWS_WITH(FaceNetworks(), Catch::Contains("face_mesh.onnx") && Catch::Contains("missing"));
    fs::copy_file(data / "networks/face_mesh.onnx", folder / "networks/face_mesh.onnx");
    fs::copy_file(data / "networks/face_eye_l.onnx", folder / "networks/face_eye_l.onnx", fs::copy_options::overwrite_existing);
    std::ofstream(folder / "networks/face_mesh.json") << "{\"format\":\"zokran-face-mesh\",\"version\":1}";
    CHECK_THROWS_WITH(FaceNetworks(), Catch::Contains("face_mesh.json"));
    ::unsetenv("ZOKRAN_DATA");
    fs::remove_all(folder);
}

TEST_CASE("What is no face is refused, and one that leans is found") {
    FaceNetworks networks;
    for (const char* name : {"cat.jpg", "brick.jpg", "coffee.jpg"}) {
        const cv::Mat picture = cv::imread(dataOf(name).string());
        REQUIRE(!picture.empty());
        INFO(name);
        CHECK(findFaces(networks, picture).empty());
    }
    const cv::Mat portrait = cv::imread(dataOf("portrait.jpg").string());
    const auto upright = findFaces(networks, portrait);
    REQUIRE(upright.size() == 1);
    CHECK(upright[0].certain);
    for (double lean : {-75.0, -40.0, 40.0, 75.0, 180.0}) {
        const PicturePoint centre = upright[0].points[4];
        const cv::Mat turn = cv::getRotationMatrix2D(cv::Point2d(centre.x(), centre.y()), -lean, 1);
        cv::Mat leaning;
        cv::warpAffine(portrait, leaning, turn, portrait.size());
        const auto found = findFaces(networks, leaning);
        INFO("lean " << lean);
        REQUIRE(!found.empty());
        double off = 0;
        for (int i = 0; i < facePointCount; ++i) {
            const PicturePoint& p = upright[0].points[i];
            const PicturePoint at(turn.at<double>(0, 0) * p.x() + turn.at<double>(0, 1) * p.y() + turn.at<double>(0, 2),
                                  turn.at<double>(1, 0) * p.x() + turn.at<double>(1, 1) * p.y() + turn.at<double>(1, 2));
            off += (found[0].points[i] - at).norm() / facePointCount;
        }
        CHECK(off < 0.03 * upright[0].width.value);
    }
}

TEST_CASE("Twenty faces of one picture are found, small ones of a large picture too") {
    FaceNetworks networks;
    const cv::Mat portrait = cv::imread(dataOf("portrait.jpg").string());
    const cv::Mat head = portrait(cv::Rect(130, 20, 190, 200));
    cv::Mat group(4 * 200, 5 * 190, CV_8UC3);
    for (int i = 0; i < 20; ++i)
        head.copyTo(group(cv::Rect(190 * (i % 5), 200 * (i / 5), 190, 200)));
    CHECK(findFaces(networks, group).size() == 20);
    // One face of 110 px in a picture of 2400 by 1600.
    cv::Mat wide(1600, 2400, CV_8UC3, cv::Scalar(90, 110, 120));
    portrait.copyTo(wide(cv::Rect(1700, 900, 512, 512)));
    const auto found = findFaces(networks, wide);
    REQUIRE(found.size() == 1);
    CHECK((found[0].points[4] - PicturePoint(1700 + 224, 900 + 128)).norm() < 12);
}
