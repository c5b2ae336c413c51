#pragma once

#include <cstdint>
#include <vector>

namespace zokran {

/// One answered task of a drill.
struct AskedTask {
    std::uint32_t seed = 0;
    int level = 1;
    bool held = false;
};

/// Which task comes next.
struct NextTask {
    std::uint32_t seed = 0;
    int level = 1;
    bool again = false; ///< it was missed before
};

/// Harder as one succeeds: three in a row of one level lead to the next, two missed in a row back. What was
/// missed comes again after two other tasks, and held then, once more after six. `fresh` is the seed of a task
/// that was never asked. (Spaced repetition; the numbers are common practice, no source.)
NextTask nextTask(const std::vector<AskedTask>& history, std::uint32_t fresh, int hardest);

/// The level the history has come to.
int levelOf(const std::vector<AskedTask>& history, int hardest);

} // namespace zokran
