#pragma once

#include <CLI/CLI.hpp>
#include <functional>

namespace zokran::cli {

/// A verb declares its options on a subcommand of its own and returns what it does when asked.
/// Each is one file of cli/verbs; the list of them is in main.cpp.
using Verb = std::function<void()>(CLI::App& app);

Verb fit, guides, canons, forms, sitter, compare, measure, light, plan, rectify, scan, sheet, suggest, cast,
    learn, progress, drill, bundle, marks, solid, exportAll, thumbnail, tones;

/// The kinds of sheet that `sheet` writes: each is one file of cli/sheets; the list is in
/// verbs/sheet.cpp.
Verb correctionSheet, guideSheet, gridSheet, landmarksSheet, stepsSheet, valuesSheet, planesSheet, ballsSheet,
    materialsSheet;

} // namespace zokran::cli
