#include "core/measure/kinds.h"

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

PicturePoint placeOf(const MarkSheet& sheet, const std::string& id) {
    const auto at = sheet.seen(markFrom(id));
    if (!at)
        throw BadInput(fmt::format("\"{}\" is not marked, or cannot be seen", id));
    return *at;
}

/// A way of measuring as it is asked for, and how its answer is written.
struct Asked {
    const MeasureKind& kind;
    const char* name; ///< in the answer
    std::vector<std::string> marks;
};

nlohmann::ordered_json answer(const Asked& asked, const MarkSheet& sheet, const std::string& fitFile,
                              const std::vector<std::string>& unit) {
    MeasureContext ground;
    for (const std::string& id : asked.marks)
        ground.ends.push_back(placeOf(sheet, id));
    for (std::size_t i = 1; i < asked.marks.size(); ++i)
        if (continuesLine(asked.kind, i) && (ground.ends[i] - ground.ends[i - 1]).norm() < 1e-6)
            throw BadInput(fmt::format("\"{}\" and \"{}\" lie on one spot", asked.marks[i - 1],
                                       asked.marks[i]));
    ground.unit = {1};
    if (!unit.empty()) {
        ground.unitEnds = {placeOf(sheet, unit[0]), placeOf(sheet, unit[1])};
        ground.unit = {((*ground.unitEnds)[1] - (*ground.unitEnds)[0]).norm()};
        if (ground.unit < Pixels{1e-6})
            throw BadInput(fmt::format("\"{}\" and \"{}\" lie on one spot", unit[0], unit[1]));
    }
    ground.noise = sheet.noiseOrDefault();
    ground.width = sheet.width;
    ground.height = sheet.height;
    ground.marks = &sheet;
    Fit fit;
    if (&asked.kind == &mirrorKind || &asked.kind == &fiveEyesKind) {
        if (fitFile.empty())
            throw BadInput(fmt::format("--{} needs --fit, the fit of these marks", asked.name));
        fit = readFit(fitFile);
        ground.view = fit.view;
        ground.head = &fit.head;
    }
    if (&asked.kind == &mirrorKind && mirrored(markFrom(asked.marks[0])) == markFrom(asked.marks[0]))
        throw BadInput(fmt::format("\"{}\" lies on the centre line and has no twin", asked.marks[0]));
    const Reading r = read(asked.kind, ground);
    nlohmann::ordered_json j;
    j["format"] = "zokran-measure";
    j["version"] = 1;
    j["kind"] = asked.name;
    j["unit"] = r.unit == ReadingUnit::Angle   ? "degree"
                : r.unit == ReadingUnit::Share ? "ratio"
                : unit.empty()                 ? "px"
                                               : "unit";
    const auto numberOf = [](double value, double sigma) {
        return nlohmann::ordered_json{{"value", value}, {"sigma", sigma}};
    };
    if (!r.clearances.empty()) {
        auto& passes = j["passes"] = nlohmann::ordered_json::array();
        for (const Clearance& pass : r.clearances)
            passes.push_back({{"mark", std::string(idOf(pass.mark))},
                              {"by", pass.by},
                              {"sigma", pass.sigma}});
    } else if (&asked.kind == &triangleKind) {
        j["at_a"] = numberOf(r.value, r.sigma);
    } else if (&asked.kind == &mirrorKind) {
        j.update(numberOf(r.secondary[0].value, r.secondary[0].sigma));
        j["from_centre_line"] = numberOf(r.value, r.sigma);
        j["twin"] = {r.lines[0].back().x(), r.lines[0].back().y()};
    } else {
        j.update(numberOf(r.value, r.sigma));
    }
    for (const SecondaryReading& number : r.secondary)
        if (number.unit == ReadingUnit::HeadLength)
            j[std::string(number.id)] = number.value;
        else if (number.id != "to_twin")
            j[std::string(number.id)] = numberOf(number.value, number.sigma);
    return j;
}

} // namespace

std::function<void()> measure(CLI::App& app) {
    struct Options {
        std::string marks, fit;
        std::vector<std::string> unit;
        struct ViewMode {
            const MeasureKind& kind;
            std::string name, about;
            int least, most;
            std::vector<std::string> ends;
        };
        std::vector<ViewMode> ways = {
            {ratioKind, "ratio", "A B C D: the length AB over CD", 4, 4, {}},
            {stickKind, "length", "A B: a length, px or in units", 2, 2, {}},
            {angleKind, "angle", "A B against level, or A B C D between two lines", 2, 4, {}},
            {levelKind, "level", "A: what the level line through it passes", 1, 1, {}},
            {plumbKind, "plumb", "A: what the plumb line through it passes", 1, 1, {}},
            {prolongKind, "prolong", "A B: what the line drawn on through them passes", 2, 2, {}},
            {doubleKind, "double", "A B: where the distance ends, laid on once more", 2, 2, {}},
            {triangleKind, "triangulate", "A B P: the angles at A and B to P", 3, 3, {}},
            {mirrorKind, "mirror", "A: its twin over the centre line, with --fit", 1, 1, {}},
            {fiveEyesKind, "five-eyes", "A: the head's width in its eyes, with --fit", 1, 1, {}}};
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("measure", "Measure between marks as with a pencil held out: "
                                                  "a number, its unit and its doubt.");
    command->add_option("MARKS", o->marks, "a zokran-marks file")->required();
    auto* what = command->add_option_group("what", "one of these");
    for (Options::ViewMode& way : o->ways)
        what->add_option("--" + way.name, way.ends, way.about)->expected(way.least, way.most);
    what->require_option(1);
    command->add_option("--fit", o->fit, "a zokran-fit file of these marks");
    command->add_option("--unit", o->unit, "A B: lengths in multiples of this one")->expected(2);
    return [o] {
        const MarkSheet sheet = readMarks(o->marks);
        for (const Options::ViewMode& way : o->ways) {
            if (way.ends.empty())
                continue;
            if (way.ends.size() == 3 && &way.kind == &angleKind)
                throw BadInput("--angle takes two marks, or four");
            const MeasureKind& kind = way.ends.size() == 4 && &way.kind == &angleKind ? anglesKind : way.kind;
            fmt::print("{}", jsonText(answer({kind, way.name.c_str(), way.ends}, sheet, o->fit, o->unit)));
        }
    };
}

} // namespace zokran::cli
