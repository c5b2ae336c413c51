#include "core/light/light.h"

#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/files/fit_file.h"

#include <opencv2/imgcodecs.hpp>

namespace zokran::cli {

std::function<void()> light(CLI::App& app) {
    struct Options {
        std::vector<std::string> files;
        double azimuth = 30, elevation = 30;
        int steps = 5;
        std::string png;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "light", "Read the light off a photograph of a fitted head (PHOTO FIT), or shade the form by a "
                 "light (FIT --png).");
    command->add_option("FILES", o->files, "PHOTO FIT, or FIT alone")->required()->expected(1, 2);
    command->add_option("--azimuth", o->azimuth, "degrees, + from the viewer's right")
        ->check(CLI::Range(-180.0, 180.0));
    command->add_option("--elevation", o->elevation, "degrees, + from above")
        ->check(CLI::Range(-90.0, 90.0));
    command->add_option("--steps", o->steps, "values of the shading, 2 to 10")
        ->check(CLI::Range(2, 10));
    command->add_option("--png", o->png, "the shaded form goes here");
    return [o] {
        nlohmann::ordered_json j;
        j["format"] = "zokran-light";
        j["version"] = 1;
        if (o->files.size() == 2) {
            const auto reading = readLight(pictureFrom(o->files[0]), readFit(o->files[1]));
            if (!reading)
                throw BadInput(fmt::format("{}: the light is too flat, or the face too small, to tell "
                                           "where it comes from",
                                           o->files[0]));
            j["azimuth"] = toDegrees(reading->from.azimuth).value;
            j["elevation"] = toDegrees(reading->from.elevation).value;
            j["sigma"] = toDegrees(reading->sigma).value;
            j["explained"] = reading->explained;
        } else {
            if (o->png.empty())
                throw BadInput("with a fit alone, --png says where the shaded form goes");
            const Fit fit = readFit(o->files[0]);
            constexpr int most = 20000;
            if (fit.width < 1 || fit.height < 1 || fit.width > most || fit.height > most)
                throw BadInput(fmt::format("{}: a picture of {} by {} px cannot be shaded",
                                           o->files[0], fit.width, fit.height));
            const cv::Mat picture = shadedForm(
                fit, {toRadians(Degrees{o->azimuth}), toRadians(Degrees{o->elevation})}, o->steps);
            std::vector<std::uint8_t> bytes;
            cv::imencode(".png", picture, bytes);
            writeAtomically(o->png, std::string(bytes.begin(), bytes.end()));
            j["azimuth"] = o->azimuth;
            j["elevation"] = o->elevation;
            j["steps"] = o->steps;
        }
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
