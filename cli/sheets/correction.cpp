#include "cli/picture.h"
#include "cli/verb.h"
#include "core/compare/mended_drawing.h"
#include "core/construction/forms.h"
#include "core/files/marks_file.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"
#include "core/messages/trouble_messages.h"

#include <opencv2/imgproc.hpp>

namespace zokran::cli {

namespace {

/// The sketch's picture with its lines where they belong.
PrintPicture mendedPicture(PrintPicture picture, const Mending& mending) {
    if (picture.columns == 0)
        return picture;
    cv::Mat pixels(picture.rows, picture.columns, CV_8UC4, picture.pixels.data());
    cv::cvtColor(mendedDrawing(pixels, mending, 1), pixels, cv::COLOR_BGR2BGRA);
    return picture;
}

} // namespace

std::function<void()> correctionSheet(CLI::App& verbs) {
    struct Options {
        std::string reference, sketch, picture, paper = "A4", out, title = "What to mend first";
        std::optional<double> mmPerPx;
    };
    auto o = std::make_shared<Options>();
    auto* command = verbs.add_subcommand(
        "correction", "A sketch with what is to be mended first: arrows and lengths true to size.");
    command->add_option("REFERENCE", o->reference, "a zokran-marks file of the photograph")
        ->required();
    command->add_option("SKETCH", o->sketch, "a zokran-marks file of the sketch")->required();
    command->add_option("--picture", o->picture, "the picture of the sketch that was marked");
    command->add_option("--mm-per-px", o->mmPerPx, "millimetres on the paper for one sketch pixel");
    command->add_option("--title", o->title, "what stands above it");
    command->add_option("--paper", o->paper, "what it is printed on: A4, letter, ... or WxH in mm");
    command->add_option("--out", o->out, "where it goes: a .pdf or .svg")->required();
    return [o] {
        CompareOptions options;
        if (o->mmPerPx) {
            if (!(*o->mmPerPx > 0 && *o->mmPerPx < 1e3))
                throw BadInput("--mm-per-px must lie above zero");
            options.perPixel = MillimetresPerPixel{*o->mmPerPx};
        }
        const PaperSize paper = paperNamed(o->paper);
        const PhotoMarks reference = readMarks(o->reference);
        const SketchMarks sketch = readMarks(o->sketch);
        const PrintPicture picture =
            o->picture.empty() ? PrintPicture{} : printPictureFrom(o->picture);
        if (picture.columns && (picture.columns != sketch.width || picture.rows != sketch.height))
            throw BadInput(fmt::format("{} is {} by {} pixels and not {} by {} as {} says",
                                       o->picture, picture.columns, picture.rows, sketch.width,
                                       sketch.height, o->sketch));
        std::optional<Fit> fit;
        std::optional<Comparison> comparison;
        try {
            fit = fitHead(reference);
            comparison = compareSketch(reference, *fit, sketch, options);
        } catch (const BadInput& e) {
            throw BadInput(fmt::format("{} and {}: {}", o->reference, o->sketch, wordsFor(e)));
        }
        const auto form = construct(*zokran::forms().front(), std::nullopt, fit->head);
        const auto lines = [&](const View& view) { return form->lines(view); };
        writeSheet(zokran::correctionSheet(*comparison, lines, picture, options.perPixel, o->title,
                                           paper, english(),
                                           mendedPicture(picture, mendingOf(*comparison, reference, sketch, nullptr))),
                   o->out);
    };
}

} // namespace zokran::cli
