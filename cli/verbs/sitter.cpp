#include "core/fit/sitter_table.h"

#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/files/canon_file.h"
#include "core/files/fit_file.h"

namespace zokran::cli {

std::function<void()> sitter(CLI::App& app) {
    auto fit = std::make_shared<std::string>();
    auto* command = app.add_subcommand(
        "sitter", "Print each division and width of a fitted sitter beside every canon.");
    command->add_option("FIT", *fit, "a zokran-fit file")->required();
    return [fit] {
        nlohmann::ordered_json j;
        j["format"] = "zokran-sitter";
        j["version"] = 1;
        j["rows"] = nlohmann::ordered_json::array();
        for (const SitterRow& row : sitterTable(readFit(*fit), zokran::canons()))
            j["rows"].push_back({{"what", std::string(row.division->id)},
                                 {"unit", std::string(row.division->unit)},
                                 {"sitter", row.sitter},
                                 {"sigma", row.sigma},
                                 {"adults", row.usual},
                                 {"adults_sigma", row.spread},
                                 {"canons", row.canons}});
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
