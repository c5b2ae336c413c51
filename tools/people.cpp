// Prints the marks of people who do not exist, one a line, for make_population.py:
//   seed,age,female, then x,y,z of every mark in the order of core/head/marks.h (ball radii).
// Not part of a normal build: cmake --build build --target zokran-people

#include "cast/bust.h"
#include "core/base/errors.h"

#include <charconv>
#include <cstring>
#include <fmt/format.h>

int main(int argc, char** argv) {
    int count = 4000;
    if (argc > 1)
        std::from_chars(argv[1], argv[1] + std::strlen(argv[1]), count);
    try {
        for (int i = 1; i <= count; ++i) {
            const zokran::Sitter sitter = zokran::someone(static_cast<unsigned>(i));
            const zokran::Bust bust(sitter);
            fmt::print("{},{},{}", i, sitter.recipe.age, sitter.recipe.female);
            for (const zokran::HeadPoint& p : bust.marks())
                fmt::print(",{:.5f},{:.5f},{:.5f}", p.x(), p.y(), p.z());
            fmt::print("\n");
        }
    } catch (const zokran::BadInput& e) {
        fmt::print(stderr, "zokran-people: {}\n", e.what());
        return 2;
    }
}
