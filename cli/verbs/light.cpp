#include "core/light/light.h"

#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/base/json_file.h"
#include "core/files/fit_file.h"
#include "core/light/light_regions.h"

#include <opencv2/imgcodecs.hpp>

namespace zokran::cli {

namespace {

void write(const std::string& file, const cv::Mat& picture) {
    std::vector<std::uint8_t> bytes;
    cv::imencode(".png", picture, bytes);
    writeAtomically(file, std::string(bytes.begin(), bytes.end()));
}

/// The places of the face, the lightest first.
nlohmann::ordered_json placesJson(const Fit& fit, const LightDirection& light) {
    constexpr int across = 560;
    View view = fit.view;
    view.scale = across / 3.8;
    view.centre = view.principal = PicturePoint(across / 2.0, across * 0.41);
    view.face(headToView(fit.pose));
    const DepthBuffer buffer(litHead(fit.head), view, across, across);
    auto list = nlohmann::ordered_json::array();
    const FaceRegions net(buffer.solid(), fit.head);
    for (const LitPlace& place : litPlaces(buffer, Shading(buffer, {light}), net))
        list.push_back({{"place", std::string(place.place->id) +
                                      (place.side > 0 ? "_l" : place.side < 0 ? "_r" : "")},
                        {"light", place.light},
                        {"lightest", place.lightest},
                        {"cast_shadow", place.cast}});
    return list;
}

/// A basic form under a light.
cv::Mat formPicture(const std::string& id, const LightDirection& light, int steps) {
    constexpr int across = 640;
    View view;
    view.scale = across / 3.8;
    view.nearness = nearnessAt(usualDistance);
    view.centre = view.principal = PicturePoint(across / 2.0, across / 2.0);
    view.face(headToView(poseFromDegrees({25}, {-22}, {0})));
    std::string known;
    for (const BasicForm& form : basicForms()) {
        known += (known.empty() ? "" : ", ") + std::string(form.id);
        if (form.id != id)
            continue;
        const DepthBuffer buffer(litForm(form, true), view, across, across);
        const auto grey = Shading(buffer, {light, std::nullopt, steps}).picture(steps);
        cv::Mat1b picture(across, across);
        std::copy(grey.begin(), grey.end(), picture.begin());
        return picture;
    }
    throw BadInput(fmt::format("there is no form \"{}\"; there is: {}", id, known));
}

} // namespace

std::function<void()> light(CLI::App& app) {
    struct Options {
        std::vector<std::string> files;
        double azimuth = 30, elevation = 30;
        int steps = 5;
        std::string png, form;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "light", "Read the light off a photograph of a fitted head (PHOTO FIT), or shade the form, or a "
                 "basic form, by a light (FIT --png, --form --png).");
    command->add_option("FILES", o->files, "PHOTO FIT, or FIT alone")->expected(0, 2);
    command->add_option("--form", o->form,
                        "instead of a head: sphere, egg, cube, wedge, cylinder or ring, standing");
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
        const LightDirection key{toRadians(Degrees{o->azimuth}), toRadians(Degrees{o->elevation})};
        if (o->files.size() == 2) {
            const auto reading = readLight(pictureFrom(o->files[0]), readFit(o->files[1]));
            if (!reading)
                throw BadInput(fmt::format("{}: the light is too flat, or the face too small, to tell "
                                           "where it comes from",
                                           o->files[0]));
            j["azimuth"] = inDegrees(reading->from.azimuth);
            j["elevation"] = inDegrees(reading->from.elevation);
            j["sigma"] = inDegrees(reading->sigma);
            j["explained"] = reading->explained;
            if (reading->second)
                j["second"] = {{"azimuth", inDegrees(reading->second->from.azimuth)},
                               {"elevation", inDegrees(reading->second->from.elevation)},
                               {"strength", reading->second->strength}};
        } else if (!o->form.empty()) {
            if (!o->files.empty() || o->png.empty())
                throw BadInput("--form takes no files, and --png says where its picture goes");
            write(o->png, formPicture(o->form, key, o->steps));
            j["azimuth"] = o->azimuth;
            j["elevation"] = o->elevation;
            j["steps"] = o->steps;
        } else {
            if (o->files.empty())
                throw BadInput("name a photograph and its fit, a fit alone, or a --form");
            if (o->png.empty())
                throw BadInput("with a fit alone, --png says where the shaded form goes");
            const Fit fit = readFit(o->files[0]);
            constexpr int most = 20000;
            if (fit.width < 1 || fit.height < 1 || fit.width > most || fit.height > most)
                throw BadInput(fmt::format("{}: a picture of {} by {} px cannot be shaded",
                                           o->files[0], fit.width, fit.height));
            write(o->png, shadedForm(fit, key, o->steps));
            j["places"] = placesJson(fit, key);
            j["azimuth"] = o->azimuth;
            j["elevation"] = o->elevation;
            j["steps"] = o->steps;
        }
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
