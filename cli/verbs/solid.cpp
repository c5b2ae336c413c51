#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/files/fit_file.h"
#include "core/files/solid_file.h"

namespace zokran::cli {

std::function<void()> solid(CLI::App& app) {
    struct Options {
        std::string fit, out;
    };
    auto o = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("solid", "A fitted head's construction as a solid for other programs.");
    command->add_option("FIT", o->fit, "a zokran-fit file")->required();
    command->add_option("--out", o->out, "the file to write: .obj or .gltf")->required();
    return [o] {
        const std::string ending = std::filesystem::path(o->out).extension().string();
        if (ending != ".obj" && ending != ".gltf")
            throw BadInput(fmt::format("{}: solids are written as .obj and .gltf", o->out));
        const LitSolid head = litHead(readFit(o->fit).head);
        writeAtomically(o->out, ending == ".obj" ? objText(head) : gltfText(head));
    };
}

} // namespace zokran::cli
