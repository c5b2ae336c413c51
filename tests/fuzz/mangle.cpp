// Feeds every target with mangled files of its corpus: without libFuzzer, with whatever compiler, and the same
// inputs for the same seed.
//
//   mangle CORPUS COUNT [SEED [TARGET]]
//
// A crash or a sanitizer's report ends it; an input that takes longer than five seconds is a hang and ends it too.
// The input at fault is left in mangled-input.

#include "tests/fuzz/mangling.h"
#include "tests/fuzz/targets.h"

#include <QCoreApplication>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <random>
#include <sys/time.h>
#include <unistd.h>
#include <vector>

namespace {

using Random = std::mt19937;

/// Ends the program after so many seconds of processor time; 0 for never. The clock would count a busy machine's stalls.
void endAfter(int seconds) {
    const itimerval after{{}, {seconds, 0}};
    ::setitimer(ITIMER_PROF, &after, nullptr);
}

constexpr int hangAfter = 5; ///< seconds

std::string contentOf(const std::filesystem::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        std::fprintf(stderr, "mangle CORPUS COUNT [SEED [TARGET]]\n");
        return 2;
    }
    QCoreApplication app(argc, argv);
    const std::filesystem::path corpora = argv[1];
    const int count = std::stoi(argv[2]);
    Random random(argc > 3 ? static_cast<unsigned>(std::stoul(argv[3])) : 1);
    for (const auto& target : zokran::fuzz::targets()) {
        if (argc > 4 && std::string(target.name) != argv[4])
            continue;
        std::vector<std::string> corpus;
        for (const auto& entry : std::filesystem::directory_iterator(corpora / target.name))
            corpus.push_back(contentOf(entry.path()));
        std::sort(corpus.begin(), corpus.end()); // folders come in any order
        double slowest = 0;
        for (int i = 0; i < count; ++i) {
            // The corpus itself first, as it is.
            const std::size_t index = static_cast<std::size_t>(i);
            const std::string bytes =
                index < corpus.size() ? corpus[index] : zokran::fuzz::mangled(corpus[random() % corpus.size()], corpus, random);
            std::ofstream("mangled-input", std::ios::binary) << bytes;
            endAfter(hangAfter);
            const auto begun = std::chrono::steady_clock::now();
            zokran::fuzz::run(target, bytes);
            slowest = std::max(
                slowest, std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count());
        }
        endAfter(0);
        std::printf("%-10s %7d inputs, the slowest %.2f s\n", target.name, count, slowest);
        std::fflush(stdout);
    }
    std::filesystem::remove("mangled-input");
    return 0;
}
