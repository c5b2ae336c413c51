#include "cli/silenced_stderr.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/base/errors.h"
#include "logbook/bundle.h"

#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran::cli {

std::function<void()> thumbnail(CLI::App& app) {
    struct Options {
        std::string bundle, out;
        int size = 128;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("thumbnail", "A small picture of a bundle, for file managers.");
    command->add_option("BUNDLE", o->bundle, "a bundle of studies")->required();
    command->add_option("OUT", o->out, "the PNG to write")->required();
    command->add_option("--size", o->size, "of its longer side, px")->check(CLI::Range(16, 1024));
    return [o] {
        const std::string bytes = firstPictureIn(o->bundle);
        // At a quarter where the format can: nobody waits for a thumbnail.
        const std::vector<unsigned char> raw(bytes.begin(), bytes.end());
        const SilencedStderr quiet;
        cv::Mat picture = bytes.empty() ? cv::Mat() : cv::imdecode(raw, cv::IMREAD_REDUCED_COLOR_4);
        if (picture.empty())
            throw BadInput(fmt::format("{}: it holds no picture that can be read", o->bundle));
        const double scale = static_cast<double>(o->size) / std::max(picture.cols, picture.rows);
        cv::resize(picture, picture, {}, scale, scale, cv::INTER_AREA);
        std::vector<unsigned char> png;
        cv::imencode(".png", picture, png);
        writeAtomically(o->out, std::string(png.begin(), png.end()));
    };
}

} // namespace zokran::cli
