#pragma once

#include <CLI/CLI.hpp>
#include <string>

namespace zokran::cli {

/// What the sheets that need no head are asked with.
struct PlainOptions {
    std::string paper = "A4", out;

    void addTo(CLI::App& command) {
        command.add_option("--paper", paper, "A4, letter, ... or WxH in mm");
        command.add_option("--out", out, "where it goes: a .pdf or .svg")->required();
    }
};

} // namespace zokran::cli
