#include "core/measure/measure.h"

#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/files/fit_file.h"
#include "core/files/marks_file.h"

namespace zokran::cli {

namespace {

Mark markFrom(const std::string& id) {
    const auto mark = markNamed(id);
    if (mark)
        return *mark;
    std::string known;
    for (int i = 0; i < markCount; ++i)
        known += fmt::format("{}{}", i ? ", " : "", idOf(markAt(i)));
    throw BadInput(fmt::format("there is no mark \"{}\"; there is: {}", id, known));
}

void put(nlohmann::ordered_json& j, const Measured& m) {
    j["value"] = m.value;
    j["sigma"] = m.sigma;
}

nlohmann::ordered_json missesJson(const std::vector<Miss>& misses) {
    auto list = nlohmann::ordered_json::array();
    for (const Miss& miss : misses)
        list.push_back({{"mark", std::string(idOf(miss.mark))},
                        {"by", miss.by.value},
                        {"sigma", miss.by.sigma}});
    return list;
}

} // namespace

std::function<void()> measure(CLI::App& app) {
    struct Options {
        std::string marks, fit;
        std::vector<std::string> ratio, angle, level, plumb, prolong, triangulate, mirror, length,
            unit;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("measure", "Measure between marks as with a pencil held out: "
                                                  "a number, its unit and its doubt.");
    command->add_option("MARKS", o->marks, "a zokran-marks file")->required();
    auto* what = command->add_option_group("what", "one of these");
    what->add_option("--ratio", o->ratio, "A B C D: the length AB over CD")->expected(4);
    what->add_option("--length", o->length, "A B: a length, px or in units")->expected(2);
    what->add_option("--angle", o->angle, "A B against level, or A B C D between two lines")
        ->expected(2, 4);
    what->add_option("--level", o->level, "A: what the level line through it passes")->expected(1);
    what->add_option("--plumb", o->plumb, "A: what the plumb line through it passes")->expected(1);
    what->add_option("--prolong", o->prolong, "A B: what the line drawn on through them passes")
        ->expected(2);
    what->add_option("--triangulate", o->triangulate, "A B P: the angles at A and B to P")
        ->expected(3);
    what->add_option("--mirror", o->mirror, "A: its twin over the centre line, with --fit")
        ->expected(1);
    what->require_option(1);
    command->add_option("--fit", o->fit, "a zokran-fit file of these marks");
    command->add_option("--unit", o->unit, "A B: lengths in multiples of this one")->expected(2);
    return [o] {
        const MarkSheet sheet = readMarks(o->marks);
        std::optional<std::pair<Mark, Mark>> unit;
        if (!o->unit.empty())
            unit = {markFrom(o->unit[0]), markFrom(o->unit[1])};
        auto mark = [](const std::vector<std::string>& list, std::size_t i) {
            return markFrom(list.at(i));
        };
        nlohmann::ordered_json j;
        j["format"] = "zokran-measure";
        j["version"] = 1;
        const std::string lengths = unit ? "unit" : "px";
        auto kind = [&](const char* name, const std::string& in) {
            j["kind"] = name;
            j["unit"] = in;
        };
        if (!o->ratio.empty()) {
            kind("ratio", "ratio");
            put(j, ratioOf(sheet, mark(o->ratio, 0), mark(o->ratio, 1), mark(o->ratio, 2),
                           mark(o->ratio, 3)));
        } else if (!o->length.empty()) {
            kind("length", lengths);
            put(j, lengthOf(sheet, mark(o->length, 0), mark(o->length, 1), unit));
        } else if (o->angle.size() == 2) {
            kind("angle", "degree");
            put(j, angleOf(sheet, mark(o->angle, 0), mark(o->angle, 1)));
        } else if (o->angle.size() == 4) {
            kind("angle", "degree");
            put(j, angleBetweenLines(sheet, mark(o->angle, 0), mark(o->angle, 1),
                                     mark(o->angle, 2), mark(o->angle, 3)));
        } else if (!o->angle.empty()) {
            throw BadInput("--angle takes two marks, or four");
        } else if (!o->level.empty()) {
            kind("level", lengths);
            j["passes"] = missesJson(missesOfLevel(sheet, mark(o->level, 0), unit));
        } else if (!o->plumb.empty()) {
            kind("plumb", lengths);
            j["passes"] = missesJson(missesOfPlumb(sheet, mark(o->plumb, 0), unit));
        } else if (!o->prolong.empty()) {
            kind("prolong", lengths);
            j["passes"] =
                missesJson(missesOfLine(sheet, mark(o->prolong, 0), mark(o->prolong, 1), unit));
        } else if (!o->triangulate.empty()) {
            kind("triangulate", "degree");
            const auto [a, b] = triangulated(sheet, mark(o->triangulate, 0),
                                             mark(o->triangulate, 1), mark(o->triangulate, 2));
            j["at_a"] = {{"value", a.value}, {"sigma", a.sigma}};
            j["at_b"] = {{"value", b.value}, {"sigma", b.sigma}};
        } else {
            if (o->fit.empty())
                throw BadInput("--mirror needs --fit, the fit of these marks");
            kind("mirror", lengths);
            const Mirrored m = mirroredOver(sheet, mark(o->mirror, 0), readFit(o->fit), unit);
            put(j, m.flat);
            j["wrapped_ball_radii"] = m.wrapped.value;
            j["twin"] = {m.twin.x(), m.twin.y()};
            if (m.off)
                j["own_twin_off"] = {{"value", m.off->value}, {"sigma", m.off->sigma}};
        }
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
