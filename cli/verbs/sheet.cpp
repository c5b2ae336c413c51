#include "cli/verb.h"

#include <memory>

namespace zokran::cli {

std::function<void()> sheet(CLI::App& app) {
    auto* command = app.add_subcommand("sheet", "Sheets to print true to size and to lay beside the "
                                                "easel.");
    command->require_subcommand(1);
    auto deeds = std::make_shared<std::vector<std::pair<CLI::App*, std::function<void()>>>>();
    for (Verb* kind : {ZOKRAN_SHEET_VERBS}) {
        const auto act = kind(*command);
        deeds->emplace_back(command->get_subcommands({}).back(), act);
    }
    return [deeds] {
        for (const auto& [kind, act] : *deeds)
            if (*kind)
                act();
    };
}

} // namespace zokran::cli
