#include "core/page/find_page.h"

#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/base/json_file.h"

#include <cmath>
#include <opencv2/imgcodecs.hpp>
#include <sstream>

namespace zokran::cli {

namespace {

PageCorners cornersFrom(const std::string& text) {
    std::istringstream in(text);
    std::vector<double> numbers;
    std::string part;
    while (std::getline(in, part, ',')) {
        std::size_t used = 0;
        double value = 0;
        try {
            value = std::stod(part, &used);
        } catch (const std::exception&) {
        }
        if (used == 0 || used != part.size() || !std::isfinite(value))
            throw BadInput(fmt::format("--corners: \"{}\" is no number", part));
        numbers.push_back(value);
    }
    if (numbers.size() != 8)
        throw BadInput("--corners needs eight numbers, x,y from the top-left corner clockwise");
    PageCorners corners;
    for (std::size_t i = 0; i < 4; ++i)
        corners[i] = SketchPoint(numbers[2 * i], numbers[2 * i + 1]);
    return corners;
}

} // namespace

std::function<void()> rectify(CLI::App& app) {
    struct Options {
        std::string photo, paper, corners, png;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "rectify", "Find the sheet of paper in a photograph and lay it flat, true to size.");
    command->add_option("PHOTO", o->photo, "a photograph of a page")->required();
    command
        ->add_option("--paper", o->paper,
                     "the sheet: A4, A3, letter, ... or WxH in mm; it is turned as it lies")
        ->required();
    command->add_option("--corners", o->corners,
                        "its corners, x,y,... px from the top-left clockwise, instead of looking");
    command->add_option("--png", o->png, "the flat sheet goes here");
    return [o] {
        PaperSize paper = paperNamed(o->paper);
        const cv::Mat photo = pictureFrom(o->photo);
        FoundPage page;
        if (!o->corners.empty()) {
            page.corners = cornersFrom(o->corners);
            // Some of the page may lie outside the picture, but not most of it.
            const double reach = 0.5 * std::max(photo.cols, photo.rows);
            for (const SketchPoint& c : page.corners)
                if (c.x() < -reach || c.y() < -reach || c.x() > photo.cols + reach || c.y() > photo.rows + reach)
                    throw BadInput(fmt::format("--corners: {},{} lies far outside {}, which has {} by {} px", c.x(), c.y(),
                                               o->photo, photo.cols, photo.rows));
            page.sure = 1;
        } else {
            const auto found = findPage(photo);
            if (!found)
                throw BadInput(fmt::format("{}: no page was found; give its --corners", o->photo));
            page = *found;
        }
        paper = turnedLike(page.corners, paper);
        const Eigen::Matrix3d h = toPaper(page.corners, paper);
        const MillimetresPerPixel perPixel = finenessOf(page.corners, paper);
        if (!o->png.empty()) {
            std::vector<std::uint8_t> bytes;
            cv::imencode(".png", rectified(photo, page.corners, paper, perPixel), bytes);
            writeAtomically(o->png, std::string(bytes.begin(), bytes.end()));
        }
        nlohmann::ordered_json j;
        j["format"] = "zokran-page";
        j["version"] = 1;
        j["corners"] = nlohmann::ordered_json::array();
        for (const SketchPoint& c : page.corners)
            j["corners"].push_back({c.x(), c.y()});
        j["homography"] = nlohmann::ordered_json::array();
        for (int r = 0; r < 3; ++r)
            for (int c = 0; c < 3; ++c)
                j["homography"].push_back(h(r, c));
        j["mm_per_px"] = perPixel;
        j["paper_mm"] = {paper.width, paper.height};
        j["sure"] = page.sure;
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
