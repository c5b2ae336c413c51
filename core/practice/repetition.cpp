#include "core/practice/repetition.h"

#include <algorithm>

namespace zokran {

int levelOf(const std::vector<AskedTask>& history, int hardest) {
    int level = 1, held = 0, missed = 0;
    for (const AskedTask& task : history) {
        if (task.level != level)
            continue; // asked again from another level
        held = task.held ? held + 1 : 0;
        missed = task.held ? 0 : missed + 1;
        if (held == 3 && level < hardest) {
            ++level;
            held = missed = 0;
        } else if (missed == 2 && level > 1) {
            --level;
            held = missed = 0;
        }
    }
    return level;
}

NextTask nextTask(const std::vector<AskedTask>& history, std::uint32_t fresh, int hardest) {
    constexpr std::size_t soon = 2, later = 6;
    // The oldest debt first.
    for (std::size_t i = 0; i < history.size(); ++i) {
        const AskedTask& task = history[i];
        if (task.held)
            continue;
        const auto same = [&](const AskedTask& t) { return t.seed == task.seed && t.level == task.level; };
        // Only the last miss of a task counts, and how often it was held since.
        std::size_t held = 0, last = i;
        bool missedSince = false;
        for (std::size_t k = i + 1; k < history.size(); ++k)
            if (same(history[k])) {
                missedSince = missedSince || !history[k].held;
                held += history[k].held;
                last = k;
            }
        const std::size_t since = history.size() - 1 - last;
        if (!missedSince && ((held == 0 && since >= soon) || (held == 1 && since >= later)))
            return {task.seed, task.level, true};
    }
    return {fresh, levelOf(history, hardest), false};
}

} // namespace zokran
