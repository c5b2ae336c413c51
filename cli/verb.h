#pragma once

#include <CLI/CLI.hpp>
#include <functional>

namespace zokran::cli {

/// A verb declares its options on a subcommand of its own and returns what it does when asked.
/// Each is one file of cli/verbs.
using Verb = std::function<void()>(CLI::App& app);

/// The list, in the order of the help: one name for each file.
#define ZOKRAN_VERBS \
    fit, guides, canons, forms, sitter, compare, measure, light, plan, rectify, scan, sheet, suggest, cast, learn, \
    progress, drill, bundle, exportAll, marks, solid, thumbnail, tones
Verb ZOKRAN_VERBS;

/// The kinds of sheet that `sheet` writes: one name for each file of cli/sheets.
#define ZOKRAN_SHEET_VERBS \
    guideSheet, gridSheet, correctionSheet, landmarksSheet, stepsSheet, valuesSheet, planesSheet, ballsSheet, \
    materialsSheet
Verb ZOKRAN_SHEET_VERBS;

} // namespace zokran::cli
