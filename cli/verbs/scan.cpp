#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/page/paper.h"

#include <filesystem>
#include <fmt/format.h>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran::cli {

namespace {

/// A JPEG that says its resolution, as scanners do: the density of the JFIF header (ITU-T T.871).
std::string withDensity(std::vector<std::uint8_t> jpeg, int dpi) {
    constexpr std::size_t units = 13; // after SOI, APP0, its length, "JFIF\0" and the version
    jpeg[units] = 1;                  // to the inch
    for (const std::size_t at : {units + 1, units + 3}) {
        jpeg[at] = static_cast<std::uint8_t>(dpi >> 8);
        jpeg[at + 1] = static_cast<std::uint8_t>(dpi & 255);
    }
    return {jpeg.begin(), jpeg.end()};
}

} // namespace

std::function<void()> scan(CLI::App& app) {
    struct Options {
        std::string picture, into, paper = "A4";
        int dpi = 200;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "scan", "Stand in for a scanner: lay a picture on the glass as a sheet of paper, and write the "
                "scan into a folder.");
    command->add_option("PICTURE", o->picture, "what is drawn on the sheet")->required();
    command->add_option("--into", o->into, "the folder that scans go to")->required();
    command->add_option("--paper", o->paper, "the sheet: A4, letter, ... or WxH in mm");
    command->add_option("--dpi", o->dpi, "resolution")->check(CLI::Range(150, 1200));
    return [o] {
        const cv::Mat drawing = pictureFrom(o->picture);
        const PaperSize paper = paperNamed(o->paper);
        if (!std::filesystem::is_directory(o->into))
            throw BadInput(fmt::format("{}: there is no such folder", o->into));
        const auto dots = [&](Millimetres mm) {
            return std::max(1, static_cast<int>(std::lround(mm / Millimetres{25.4} * o->dpi)));
        };
        const cv::Size size(dots(paper.width), dots(paper.height));
        if (1.0 * size.width * size.height > 100e6)
            throw BadInput("a scan of that paper at that resolution is too large");
        cv::Mat sheet(size, CV_8UC3, cv::Scalar(250, 250, 250)), drawn;
        const double scale = std::min(1.0 * size.width / drawing.cols, 1.0 * size.height / drawing.rows);
        cv::resize(drawing, drawn, {}, scale, scale, cv::INTER_AREA);
        drawn.copyTo(sheet(cv::Rect((size.width - drawn.cols) / 2, (size.height - drawn.rows) / 2,
                                    drawn.cols, drawn.rows)));
        std::vector<std::uint8_t> bytes;
        cv::imencode(".jpg", sheet, bytes);
        for (int number = 1;; ++number) {
            const auto file = std::filesystem::path(o->into) / fmt::format("scan-{:04}.jpg", number);
            if (std::filesystem::exists(file))
                continue;
            writeAtomically(file, withDensity(std::move(bytes), o->dpi));
            fmt::print("{}\n", file.string());
            return;
        }
    };
}

} // namespace zokran::cli
