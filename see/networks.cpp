#include "see/loaded_networks.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "see/face_detector.h"
#include "see/face_mesh.h"

namespace zokran {

namespace {

cv::dnn::Net readNetwork(const char* name) {
    const auto file = dataFolder() / "networks" / name;
    std::error_code ignored;
    if (!std::filesystem::is_regular_file(file, ignored))
        throw BadInput(fmt::format("{}: this file finds faces and is missing; install Zokran again", file.string()));
    try {
        return cv::dnn::readNetFromONNX(file.string());
    } catch (const cv::Exception&) {
        // OpenCV's own message speaks of its source code.
        throw BadInput(fmt::format("{}: this file finds faces and is damaged; install Zokran again", file.string()));
    }
}

MeshRegion readRegion(const nlohmann::json& j, const char* network) {
    MeshRegion region;
    region.points = j.at("points").get<std::vector<int>>();
    region.left = j.at("left").get<int>();
    region.right = j.at("right").get<int>();
    region.enlarged = j.at("enlarged").get<double>();
    region.size = j.at("size").get<int>();
    region.network = readNetwork(network);
    return region;
}

} // namespace

FaceNetworks::FaceNetworks() : loaded_(std::make_unique<Loaded>()) {
    loaded_->shortRange = readNetwork("face_detector_short.onnx");
    loaded_->fullRange = readNetwork("face_detector_full.onnx");
    loaded_->mesh = readNetwork("face_mesh.onnx");
    readJson(dataFolder() / "networks" / "face_mesh.json", "zokran-face-mesh", [&](const nlohmann::json& j) {
        const nlohmann::json& regions = j.at("regions");
        loaded_->regions = {readRegion(regions.at("lips"), "face_lips.onnx"),
                            readRegion(regions.at("eye_r"), "face_eye_r.onnx"),
                            readRegion(regions.at("eye_l"), "face_eye_l.onnx")};
        loaded_->regions[1].iris = {468, 473};
        loaded_->regions[2].iris = {473, 478};
        loaded_->twin = j.at("twin").get<std::vector<int>>();
        return true;
    });
    const cv::Mat blank(192, 192, CV_8UC3, cv::Scalar::all(128));
    const FaceCrop whole{PicturePoint(96, 96), {192}, {0}};
    for (DetectorRange range : {DetectorRange::Short, DetectorRange::Full})
        detectFaces(*this, blank, whole, range, 1);
    meshPoints(*this, blank, whole);
}

FaceNetworks::~FaceNetworks() = default;
FaceNetworks::FaceNetworks(FaceNetworks&&) noexcept = default;
FaceNetworks& FaceNetworks::operator=(FaceNetworks&&) noexcept = default;

} // namespace zokran
