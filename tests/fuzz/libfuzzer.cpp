// The targets for libFuzzer: ZOKRAN_FUZZ names the one to run.

#include "tests/fuzz/targets.h"

#include <QCoreApplication>
#include <cstdint>
#include <cstdio>
#include <cstdlib>

namespace {
const zokran::fuzz::Target* chosen = nullptr;
}

extern "C" int LLVMFuzzerInitialize(int*, char***) {
    const char* wanted = std::getenv("ZOKRAN_FUZZ");
    for (const auto& target : zokran::fuzz::targets())
        if (wanted && std::string(target.name) == wanted)
            chosen = &target;
    if (!chosen) {
        std::fprintf(stderr, "ZOKRAN_FUZZ names no target\n");
        return std::exit(2), 0;
    }
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    zokran::fuzz::run(*chosen, std::string(reinterpret_cast<const char*>(data), size));
    return 0;
}
