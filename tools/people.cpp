// Prints the marks of people who do not exist, one a line, for make_population.py:
//   seed,age,female, then x,y,z of every mark in the order of core/head/marks.h (ball radii).
// With "surface" for the count, prints instead data/heads/surface.json: the skin of face, jaw and neck of
// an average adult, its ears left out.
// Not part of a normal build: cmake --build build --target zokran-people

#include "cast/bust.h"
#include "core/base/errors.h"

#include <algorithm>
#include <charconv>
#include <cstring>
#include <fmt/format.h>
#include <map>

namespace {

void printSurface() {
    using namespace zokran;
    Sitter adult;
    adult.hair.style = "bald";
    const Bust bust(adult);
    const BustModel& model = bust.model();
    const auto& quads = model.once().quads();
    // What the ball does not stand for: below the hairline, down to the pit of the throat.
    auto wanted = [&](std::uint32_t v) {
        const Eigen::Vector3f& p = bust.points()[v];
        const Eigen::Vector3d at = p.cast<double>();
        // Lids are no edge of the form; the eye keeps its socket open.
        constexpr double socket = 0.2;
        const bool lid = (at - bust.marks()[Mark::PupilL]).norm() < socket ||
                         (at - bust.marks()[Mark::PupilR]).norm() < socket;
        // Behind the ears the ball and the hair stand for the head.
        const bool skull = p.z() < -0.2f && p.y() > -0.6f;
        return !model.ofEar(v) && !lid && !skull && p.y() < 0.45f && p.y() > -1.95f;
    };
    std::map<std::uint32_t, std::size_t> number;
    std::vector<std::array<std::uint32_t, 4>> kept;
    for (std::size_t q = 0; q < 4 * model.outsideQuads(); q += 4) {
        const std::array<std::uint32_t, 4> corners{quads[q][0], quads[q + 1][0], quads[q + 2][0],
                                                   quads[q + 3][0]};
        if (!std::all_of(corners.begin(), corners.end(), wanted))
            continue;
        for (std::uint32_t v : corners)
            number.try_emplace(v, number.size());
        kept.push_back(corners);
    }
    std::vector<std::uint32_t> inOrder(number.size());
    for (const auto& [v, i] : number)
        inOrder[i] = v;
    fmt::print("{{\n \"format\": \"zokran-surface\",\n \"version\": 1,\n \"of\": \"the skin of an "
               "average adult of bust.json, by tools/people.cpp; ball radii, head frame\",\n");
    fmt::print(" \"marks\": {{");
    for (int i = 0; i < markCount; ++i) {
        const HeadPoint& p = bust.marks()[markAt(i)];
        fmt::print("{}\"{}\": [{:.4f}, {:.4f}, {:.4f}]", i ? ", " : "", idOf(markAt(i)), p.x(), p.y(),
                   p.z());
    }
    fmt::print("}}");
    for (const char* jaw : {"jaw_l", "jaw_r"}) {
        std::vector<std::size_t> run;
        for (std::uint32_t v : model.curves().at(jaw))
            if (number.contains(v))
                run.push_back(number.at(v));
        fmt::print(",\n \"{}\": [{}]", jaw, fmt::join(run, ", "));
    }
    fmt::print(",\n \"points\": [");
    for (std::size_t i = 0; i < inOrder.size(); ++i) {
        const Eigen::Vector3f& p = bust.points()[inOrder[i]];
        fmt::print("{}[{:.3f}, {:.3f}, {:.3f}]", i ? ", " : "", p.x(), p.y(), p.z());
    }
    fmt::print("],\n \"quads\": [");
    for (std::size_t q = 0; q < kept.size(); ++q)
        fmt::print("{}[{}, {}, {}, {}]", q ? ", " : "", number.at(kept[q][0]), number.at(kept[q][1]),
                   number.at(kept[q][2]), number.at(kept[q][3]));
    fmt::print("]\n}}\n");
}

} // namespace

int main(int argc, char** argv) {
    int count = 4000;
    if (argc > 1 && std::strcmp(argv[1], "surface") == 0) {
        printSurface();
        return 0;
    }
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
