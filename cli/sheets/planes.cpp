#include "cli/sheets/plain.h"
#include "cli/verb.h"
#include "core/files/fit_file.h"
#include "core/head/bust_pose.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> planesSheet(CLI::App& verbs) {
    struct Options : PlainOptions {
        std::string fit;
        double azimuth = -40, elevation = 35;
        int values = 5;
    };
    auto o = std::make_shared<Options>();
    auto* command = verbs.add_subcommand("planes", "The head in planes under a light, each in one value, and its large planes.");
    command->add_option("FIT", o->fit, "a zokran-fit file")->required();
    command->add_option("--azimuth", o->azimuth, "of the light, degrees, + from the viewer's right")
        ->check(CLI::Range(-180.0, 180.0));
    command->add_option("--elevation", o->elevation, "degrees, + from above")->check(CLI::Range(-90.0, 90.0));
    command->add_option("--values", o->values, "2 to 10")->check(CLI::Range(2, 10));
    o->addTo(*command);
    return [o] {
        const Fit fit = readFit(o->fit);
        const Lighting lighting{{toRadians(Degrees{o->azimuth}), toRadians(Degrees{o->elevation})}, {}, o->values};
        writeSheet(zokran::planesSheet(fit, uprightBust(fit.pose), lighting, paperNamed(o->paper)), o->out);
    };
}

} // namespace zokran::cli
