#include "cli/picture.h"
#include "cli/verb.h"
#include "core/files/marks_file.h"
#include "see/suggest_marks.h"

#include <fmt/format.h>
#include <opencv2/core.hpp>

namespace zokran::cli {

std::function<void()> suggest(CLI::App& app) {
    struct Options {
        std::string picture, reference, referenceMarks;
        std::size_t face = 1;
        bool isSketch = false;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("suggest", "Find a face in a photograph or a drawing and print marks for it, "
                                                  "to be looked over.");
    command->add_option("PICTURE", o->picture, "a photograph, or a picture of a drawing")->required();
    command->add_option("--face", o->face, "which, where there are several: 1 is the largest");
    auto* sketch = command->add_flag("--sketch", o->isSketch, "the picture is a drawing");
    auto* reference = command->add_option("--reference", o->reference, "the photograph it was drawn from")->needs(sketch);
    command->add_option("--reference-marks", o->referenceMarks, "marks of that photograph, looked over")
        ->needs(reference);
    return [o] {
        const cv::Mat picture = pictureFrom(o->picture);
        FaceNetworks networks;
        std::vector<SuggestedFace> faces;
        if (!o->isSketch)
            faces = suggestMarks(networks, {picture});
        else if (o->reference.empty())
            faces = suggestSketchMarks(networks, picture).faces;
        else {
            const cv::Mat photo = pictureFrom(o->reference);
            SketchReference drawnFrom(networks, {photo});
            if (!o->referenceMarks.empty())
                drawnFrom.marks = readMarks(o->referenceMarks);
            const SketchSuggestions drawn = suggestSketchMarks(networks, picture, &drawnFrom);
            faces = drawn.faces;
            if (faces.empty() && drawn.anyUnlike)
                throw BadInput(fmt::format("{}: the face on it is unlike that of the reference, or read wrongly; place the marks by "
                                           "hand",
                                           o->picture));
            if (faces.empty() && suggestMarks(networks, {photo}).empty())
                throw BadInput(fmt::format("{}: no face was found in the reference", o->reference));
        }
        if (faces.empty())
            throw BadInput(fmt::format("{}: no face was found; place the marks by hand", o->picture));
        if (o->face < 1 || o->face > faces.size())
            throw BadInput(fmt::format("{}: there is no face {}; {} found", o->picture, o->face,
                                       faces.size() == 1 ? "one was" : fmt::format("{} were", faces.size())));
        const SuggestedFace& face = faces[o->face - 1];
        if (!face.certain)
            fmt::print(stderr, "zokran-cli: {}: this may be no face, or one that is turned far; look every mark over\n",
                       o->picture);
        fmt::print("{}", marksText(face.marks));
    };
}

} // namespace zokran::cli
