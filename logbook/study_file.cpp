#include "logbook/study_file.h"

#include "core/base/json_file.h"
#include "core/files/guess_file.h"
#include "core/files/look_file.h"
#include "core/files/marks_file.h"
#include "core/files/measures_file.h"
#include "core/files/page_file.h"
#include "logbook/study_words.h"

#include <cmath>

namespace zokran {

namespace {

using Json = nlohmann::ordered_json;

double number(const nlohmann::json& j, const char* key, double low, double high) {
    const double value = j.at(key).get<double>();
    if (!(value >= low && value <= high))
        throw BadInput(fmt::format("\"{}\" lies outside {} to {}", key, low, high));
    return value;
}

Json point(const PicturePoint& p) {
    return {p.x(), p.y()};
}
PicturePoint pointFrom(const nlohmann::json& j) {
    const PicturePoint p(j.at(0).get<double>(), j.at(1).get<double>());
    if (!p.allFinite() || p.cwiseAbs().maxCoeff() > 1e7)
        throw BadInput("a place is out of all bounds");
    return p;
}

/// A part that has a file format of its own.
Json nested(const std::string& text) {
    return Json::parse(text);
}

Json jsonOf(const Sketch& a) {
    Json j;
    j["picture"] = a.picture;
    if (a.marks.width)
        j["marks"] = nested(marksText(a.marks));
    j["page"] = nested(pageText(a.page));
    j["drawn"] = a.drawn;
    if (a.selfAssessment) {
        j["said"] = Json::array();
        for (Part part : *a.selfAssessment)
            j["said"].push_back(std::string(idOf(part)));
    }
    j["took_s"] = a.took.count();
    return j;
}

Sketch attemptFrom(const nlohmann::json& j, const std::string& name) {
    Sketch a;
    a.picture = j.at("picture").get<std::string>();
    if (j.contains("marks"))
        a.marks = parseMarks(j["marks"].dump(), name);
    a.page = parsePage(j.at("page").dump(), name);
    a.drawn = j.value("drawn", "");
    if (j.contains("said")) {
        a.selfAssessment.emplace();
        for (const auto& id : j["said"])
            if (const auto part = partNamed(id.get<std::string>()))
                a.selfAssessment->push_back(*part);
    }
    constexpr double longest = 1e7; // seconds, some hundred days
    if (j.contains("took_s"))
        a.took = std::chrono::seconds(std::llround(number(j, "took_s", 0, longest)));
    return a;
}

Json jsonOf(const PageLayout& p) {
    Json j;
    j["paper_mm"] = {p.paper.width, p.paper.height};
    j["border_mm"] = p.border;
    j["head_mm"] = p.head;
    if (p.at)
        j["at_mm"] = point(*p.at);
    return j;
}
PageLayout placingFrom(const nlohmann::json& j) {
    PageLayout p;
    p.paper = {{j.at("paper_mm").at(0).get<double>()}, {j.at("paper_mm").at(1).get<double>()}};
    p.border = {j.at("border_mm").get<double>()};
    p.head = {j.at("head_mm").get<double>()};
    if (!isPossible(p))
        throw BadInput("\"placing\" has sizes no sheet and head can have");
    if (j.contains("at_mm"))
        p.at = PaperPoint(pointFrom(j["at_mm"]));
    return p;
}

Json jsonOf(const Lighting& l) {
    Json j{{"values", l.values}, {"azimuth", l.key.azimuth}, {"elevation", l.key.elevation}};
    if (l.second)
        j["second"] = {
            {"azimuth", l.second->from.azimuth}, {"elevation", l.second->from.elevation}, {"strength", l.second->strength}};
    return j;
}
Lighting lightingFrom(const nlohmann::json& j) {
    Lighting l;
    l.values = static_cast<int>(number(j, "values", 2, 10));
    const auto direction = [](const nlohmann::json& from, LightDirection& to) {
        to.azimuth = {number(from, "azimuth", -360, 360)};
        to.elevation = {number(from, "elevation", -360, 360)};
    };
    direction(j, l.key);
    if (j.contains("second")) {
        l.second.emplace();
        direction(j["second"], l.second->from);
        l.second->strength = number(j["second"], "strength", 0, 100);
    }
    return l;
}

} // namespace

nlohmann::ordered_json studyJson(const Study& s) {
    Json j;
    j["format"] = "zokran-study";
    j["version"] = 1;
    j["title"] = s.title;
    j["sitter"] = s.sitter;
    j["notes"] = s.notes;
    j["diary"] = {{"materials", s.diary.materials}, {"mood", s.diary.mood}, {"tags", s.diary.tags}};
    if (s.diary.measured != Measured::Unsaid)
        j["diary"]["measured"] = wordOf(s.diary.measured);
    j["reference"]["picture"] = s.referencePicture;
    if (s.reference.width)
        j["reference"]["marks"] = nested(marksText(s.reference));
    if (s.framing)
        j["reference"]["framing"] = {point(s.framing->low), point(s.framing->high)};
    j["sketches"] = Json::array();
    for (const Sketch& a : s.sketches)
        j["sketches"].push_back(jsonOf(a));
    j["current"] = s.current;
    if (s.guess)
        j["guess"] = nested(guessText(*s.guess));
    j["next_page"] = nested(pageText(s.nextPage));
    j["hold"] = wordOf(s.hold);
    j["tolerances"] = {{"place", s.tolerances.place}, {"size", s.tolerances.size}, {"angle", s.tolerances.angle}};
    j["canon"] = s.canon;
    j["form"] = s.form;
    j["approach"] = s.approach;
    j["look"] = nested(lookText(s.look));
    j["switched_lines"] = s.switchedLines;
    j["measures"] = nested(measuresText(s.measures));
    // The unit's two ends, in the same words as a measurement's.
    if (!s.unit.empty())
        j["unit"] = nested(measuresText({{"stick", s.unit, false}}));
    if (s.pageLayout)
        j["placing"] = jsonOf(*s.pageLayout);
    if (s.lighting)
        j["lighting"] = jsonOf(*s.lighting);
    j["step"] = s.step;
    j["opened_steps"] = s.openedSteps;
    return j;
}

std::string studyText(const Study& study) {
    return jsonText(studyJson(study));
}

Study parseStudy(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-study");
    try {
        Study s;
        s.title = j.at("title").get<std::string>();
        s.sitter = j.value("sitter", "");
        s.notes = j.value("notes", "");
        if (j.contains("diary"))
            s.diary = {j["diary"].value("materials", ""), j["diary"].value("mood", ""),
                       j["diary"].value("tags", ""), measuredFrom(j["diary"].value("measured", ""))};
        const nlohmann::json& reference = j.at("reference");
        s.referencePicture = reference.value("picture", "");
        if (reference.contains("marks"))
            s.reference = parseMarks(reference["marks"].dump(), name);
        if (reference.contains("framing")) {
            Framing f;
            f.low = pointFrom(reference["framing"].at(0));
            f.high = pointFrom(reference["framing"].at(1));
            // Of a picture whose size is not known nothing can be said.
            s.framing = s.reference.width > 0 ? within(f, s.reference.width, s.reference.height) : f;
        }
        constexpr std::size_t mostSketches = 1000;
        if (j.at("sketches").size() > mostSketches)
            throw BadInput(fmt::format("more than {} sketches", mostSketches));
        for (const auto& sketch : j["sketches"])
            s.sketches.push_back(attemptFrom(sketch, name));
        s.current = j.value("current", std::size_t{0});
        if (j.contains("guess"))
            s.guess = parseGuess(j["guess"].dump(), name);
        if (j.contains("next_page"))
            s.nextPage = parsePage(j["next_page"].dump(), name);
        s.hold = holdNamed(j.value("hold", "all")).value_or(Hold::All);
        if (j.contains("tolerances")) {
            s.tolerances.place = number(j["tolerances"], "place", leastTolerance, mostTolerance);
            s.tolerances.size = number(j["tolerances"], "size", leastTolerance, mostTolerance);
            s.tolerances.angle = {number(j["tolerances"], "angle", leastTolerance, mostTolerance)};
        }
        s.canon = j.value("canon", "sitter");
        s.form = j.value("form", "ball");
        s.approach = j.value("approach", "form");
        if (j.contains("look"))
            s.look = parseLook(j["look"].dump(), name);
        if (j.contains("switched_lines"))
            s.switchedLines = j["switched_lines"].get<std::set<std::string>>();
        if (j.contains("measures"))
            s.measures = parseMeasures(j["measures"].dump(), name);
        if (j.contains("unit")) {
            const auto unit = parseMeasures(j["unit"].dump(), name);
            if (unit.size() == 1 && unit[0].anchors.size() == 2)
                s.unit = unit[0].anchors;
        }
        if (j.contains("placing"))
            s.pageLayout = placingFrom(j["placing"]);
        if (j.contains("lighting"))
            s.lighting = lightingFrom(j["lighting"]);
        s.step = j.value("step", "");
        // Before it was kept nobody knows; these two count as seen then.
        s.openedSteps = j.value("opened_steps", std::set<std::string>{"set-up", "guides"});
        return s;
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    } catch (const BadInput& e) {
        const std::string what = e.what();
        throw BadInput(what.starts_with(name) ? what : fmt::format("{}: {}", name, what));
    }
}

} // namespace zokran
