#include "app/document/picture_file.h"
#include "app/document/searched_picture.h"

#include <benchmark/benchmark.h>
#include <filesystem>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace {

using namespace zokran;

cv::Mat portrait() {
    return cv::imread(ZOKRAN_TEST_DATA "/see/portrait.jpg");
}

/// A file of 24 megapixels with one head of some 1,000 px in it.
const std::filesystem::path& largePhotograph() {
    static const std::filesystem::path file = [] {
        cv::Mat head, photo(4000, 6000, CV_8UC3, cv::Scalar(90, 105, 120));
        cv::resize(portrait(), head, {3000, 3000}, 0, 0, cv::INTER_CUBIC);
        head.copyTo(photo(cv::Rect(1600, 600, 3000, 3000)));
        const auto name = std::filesystem::temp_directory_path() / "zokran-bench-photograph.jpg";
        cv::imwrite(name.string(), photo);
        return name;
    }();
    return file;
}

/// What reading the file alone takes, for comparison.
void photographRead(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(readPicture(QString::fromStdString(largePhotograph().string())));
}

void facesOfPhotograph(benchmark::State& state) {
    FaceNetworks networks;
    for (auto _ : state)
        benchmark::DoNotOptimize(suggestMarks(networks, searchedPicture(largePhotograph(), searchedReduction(6000, 4000))));
}

void marksOfSketch(benchmark::State& state) {
    FaceNetworks networks;
    cv::Mat photo, grey, lines, sketch;
    cv::resize(portrait()(cv::Rect(110, 0, 230, 250)), photo, {}, 3, 3, cv::INTER_CUBIC);
    cv::cvtColor(photo, grey, cv::COLOR_BGR2GRAY);
    cv::adaptiveThreshold(grey, lines, 255, cv::ADAPTIVE_THRESH_GAUSSIAN_C, cv::THRESH_BINARY, 21, 6);
    cv::cvtColor(lines, sketch, cv::COLOR_GRAY2BGR);
    SketchReference reference(networks, {photo});
    suggestSketchMarks(networks, sketch, &reference); // works out what serves all sketches of the photograph
    for (auto _ : state)
        benchmark::DoNotOptimize(suggestSketchMarks(networks, sketch, &reference));
}

} // namespace

BENCHMARK(photographRead)->Unit(benchmark::kMicrosecond);
BENCHMARK(facesOfPhotograph)->Unit(benchmark::kMicrosecond);
BENCHMARK(marksOfSketch)->Unit(benchmark::kMicrosecond);
