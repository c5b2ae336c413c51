#include "cli/verb.h"
#include "core/files/canon_file.h"

#include <cstdio>
#include <fmt/format.h>

namespace zokran::cli {

std::function<void()> canons(CLI::App& app) {
    app.add_subcommand("canons", "List the canons: id, tab, name, one a line.");
    return [] {
        std::vector<std::string> troubles;
        for (const Canon& canon : zokran::canons(&troubles))
            fmt::print("{}\t{}\n", canon.id, canon.name);
        fmt::print("sitter\tThe sitter's own\n");
        for (const std::string& trouble : troubles)
            fmt::print(stderr, "zokran-cli: {}\n", trouble);
    };
}

} // namespace zokran::cli
