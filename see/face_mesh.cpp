#include "see/face_mesh.h"

#include "see/loaded_networks.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// The mesh network's input, px each way.
constexpr int inputSize = 192;
/// The refinements count in units of this part of their region.
constexpr double regionUnits = 64;

/// The region in px of the network's input: where its middle lies, how large it is each way, how it is turned.
struct Placed {
    Eigen::Vector2d middle, size;
    Eigen::Rotation2Dd turned{0};
    Eigen::Vector2d at(const Eigen::Vector2d& share) const {
        return middle + turned * (share - Eigen::Vector2d(0.5, 0.5)).cwiseProduct(size).eval();
    }
};

using Points = std::array<Eigen::Vector2d, facePointCount>;

Placed place(const MeshRegion& region, const Points& points) {
    const Eigen::Vector2d across = points[region.right] - points[region.left];
    Placed placed;
    placed.turned = Eigen::Rotation2Dd(std::atan2(across.y(), across.x()));
    Eigen::Vector2d low(1e300, 1e300), high(-1e300, -1e300);
    for (int i : region.points) {
        const Eigen::Vector2d upright = placed.turned.inverse() * points[i];
        low = low.cwiseMin(upright);
        high = high.cwiseMax(upright);
    }
    placed.middle = placed.turned * ((low + high) / 2).eval();
    placed.size = region.enlarged * (high - low);
    return placed;
}

/// Features of the region, sampled bilinearly from the map (1 x channels x height x width).
cv::Mat sampleFeatures(const cv::Mat& map, const Placed& placed, int size) {
    const int channels = map.size[1], height = map.size[2], width = map.size[3];
    const int shape[] = {1, channels, size, size};
    cv::Mat sampled(4, shape, CV_32F, cv::Scalar(0));
    for (int row = 0; row < size; ++row)
        for (int column = 0; column < size; ++column) {
            // Feature cells are sampled at their middles, and so lie half a cell before the pixels they stand for.
            const Eigen::Vector2d at =
                placed.at({(column + 0.5) / size, (row + 0.5) / size}) * width / inputSize - Eigen::Vector2d(0.5, 0.5);
            const double x = std::floor(at.x()), y = std::floor(at.y());
            for (int k = 0; k < 4; ++k) {
                const int u = static_cast<int>(x) + k % 2, v = static_cast<int>(y) + k / 2;
                if (u < 0 || v < 0 || u >= width || v >= height)
                    continue;
                const double fx = at.x() - x, fy = at.y() - y;
                const auto weight = static_cast<float>((k % 2 ? fx : 1 - fx) * (k / 2 ? fy : 1 - fy));
                for (int c = 0; c < channels; ++c)
                    sampled.ptr<float>(0, c)[row * size + column] += weight * map.ptr<float>(0, c)[v * width + u];
            }
        }
    return sampled;
}

/// The points of the square's picture, in px of it.
Points readMesh(FaceNetworks::Loaded& networks, const cv::Mat& square) {
    networks.mesh.setInput(cv::dnn::blobFromImage(square, 1 / 255.0, {}, {}, true));
    std::vector<cv::Mat> outputs;
    networks.mesh.forward(outputs, std::vector<cv::String>{"points", "features"});
    const float* numbers = outputs[0].ptr<float>();
    Points points;
    for (int i = 0; i < 468; ++i)
        points[i] = {numbers[3 * i], numbers[3 * i + 1]};
    const Points coarse = points;
    for (MeshRegion& region : networks.regions) {
        const Placed placed = place(region, coarse);
        region.network.setInput(sampleFeatures(outputs[1], placed, region.size));
        const bool hasIris = region.iris[1] > region.iris[0];
        std::vector<cv::String> names{"points"};
        if (hasIris)
            names.emplace_back("iris");
        std::vector<cv::Mat> refined;
        region.network.forward(refined, names);
        auto refinedPoint = [&](const cv::Mat& numbersOf, int i) {
            const float* n = numbersOf.ptr<float>() + 2 * i;
            return placed.at(Eigen::Vector2d(n[0], n[1]) / regionUnits);
        };
        for (std::size_t i = 0; i < region.points.size(); ++i)
            points[region.points[i]] = refinedPoint(refined[0], static_cast<int>(i));
        for (int i = region.iris[0]; i < region.iris[1]; ++i)
            points[i] = refinedPoint(refined[1], i - region.iris[0]);
    }
    return points;
}

} // namespace

FacePointArray meshPoints(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop) {
    const Points points = readMesh(networks.loaded(), sample(picture, crop, inputSize));
    FacePointArray placed;
    for (int i = 0; i < facePointCount; ++i)
        placed[i] = crop.toPicture(points[i] / inputSize);
    return placed;
}

FacePointArray mirroredMeshPoints(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop) {
    cv::Mat mirrored;
    cv::flip(sample(picture, crop, inputSize), mirrored, 1);
    const Points points = readMesh(networks.loaded(), mirrored);
    FacePointArray placed;
    for (int i = 0; i < facePointCount; ++i) {
        const Eigen::Vector2d& twin = points[networks.loaded().twin[i]];
        placed[i] = crop.toPicture(Eigen::Vector2d(inputSize - twin.x(), twin.y()) / inputSize);
    }
    return placed;
}

FaceCrop meshCrop(const FacePointArray& points) {
    return cropRound(points, points[mesh_point::outerEyeR], points[mesh_point::outerEyeL], 1.5);
}

} // namespace zokran
