#include "logbook/study_columns.h"

#include "core/base/json_file.h"
#include "core/base/quantity_text.h"
#include "core/files/guess_file.h"
#include "core/files/look_file.h"
#include "core/files/marks_file.h"
#include "core/files/measures_file.h"
#include "core/files/page_file.h"
#include "logbook/study_words.h"

#include <fmt/format.h>
#include <sstream>

namespace zokran {

namespace {

constexpr const char* inMessages = "the logbook";

std::set<std::string> split(const std::string& text) {
    std::istringstream in(text);
    std::set<std::string> items;
    for (std::string item; in >> item;)
        items.insert(item);
    return items;
}

MarkSheet loadedMarks(const std::string& text) {
    return text.empty() ? MarkSheet{} : parseMarks(text, inMessages);
}

Page loadedPage(const std::string& text) {
    return text.empty() ? Page{} : parsePage(text, inMessages);
}

std::optional<std::vector<Part>> loadedSaid(const std::string& text) {
    if (text.empty())
        return std::nullopt;
    std::vector<Part> said;
    std::istringstream in(text);
    for (std::string id; in >> id;)
        if (const auto part = partNamed(id))
            said.push_back(*part);
    return said;
}

Tolerances loadedTolerances(const std::string& text) {
    std::istringstream in(text);
    Tolerances t;
    const bool read = static_cast<bool>(in >> t.place >> t.size >> t.angle);
    const auto fits = [](double v) { return v >= leastTolerance && v <= mostTolerance; };
    return read && fits(t.place) && fits(t.size) && fits(t.angle.value) ? t : Tolerances();
}

void loadMeasures(const std::string& text, Study& study) {
    if (text.empty())
        return;
    study.measures = parseMeasures(text, inMessages);
    if (study.measures.empty())
        return;
    study.unit = study.measures.back().anchors;
    study.measures.pop_back();
    if (study.unit.size() != 2)
        study.unit.clear();
}

std::optional<PageLayout> loadedPlacing(const std::string& text) {
    std::istringstream in(text);
    PageLayout p;
    if (!(in >> p.paper.width >> p.paper.height >> p.border >> p.head) || !isPossible(p))
        return std::nullopt;
    if (double x = 0, y = 0; in >> x >> y)
        p.at = PaperPoint(x, y);
    return p;
}

std::optional<Lighting> loadedLighting(const std::string& text) {
    std::istringstream in(text);
    Lighting l;
    if (!(in >> l.values >> l.key.azimuth >> l.key.elevation) || l.values < 2 || l.values > 10)
        return std::nullopt;
    if (SecondLight s; in >> s.from.azimuth >> s.from.elevation >> s.strength)
        l.second = s;
    return l;
}

std::optional<Framing> loadedFraming(const std::string& text) {
    std::istringstream in(text);
    Framing f;
    if (!(in >> f.low.x() >> f.low.y() >> f.high.x() >> f.high.y()) || !f.low.allFinite() ||
        !f.high.allFinite() || (f.low.array() >= f.high.array()).any())
        return std::nullopt;
    return f;
}

} // namespace

Study studyFromColumns(const Database& database, std::int64_t id, const char* suffix) {
    Database::Statement s(
        database, fmt::format("SELECT title, sitter, notes, reference_picture, reference_marks, next_page, hold, canon, form, "
                              "hidden_lines, at_step, current, guess, look, tolerances, measures, placing, lighting, "
                              "materials, mood, tags, framing, measured FROM study{} WHERE id = ?",
                              suffix));
    s.bind(id);
    if (!s.next())
        throw MissingStudy(fmt::format("{}: there is no study {}", database.file().string(), id));
    Study study;
    const auto part = [](const auto& read) {
        try {
            read();
        } catch (const BadInput&) {
            // The rest of the study is as good without it.
        }
    };
    study.title = s.text(0);
    study.sitter = s.text(1);
    study.notes = s.text(2);
    study.referencePicture = s.text(3);
    part([&] { study.reference = loadedMarks(s.text(4)); });
    part([&] { study.nextPage = loadedPage(s.text(5)); });
    study.hold = holdNamed(s.text(6)).value_or(Hold::All);
    study.canon = s.text(7);
    study.form = s.text(8);
    study.switchedLines = split(s.text(9));
    study.step = s.text(10);
    study.openedSteps = {"set-up", "guides"}; // nobody knows; they count as seen
    study.current = static_cast<std::size_t>(std::max<std::int64_t>(0, s.integer(11)));
    part([&] {
        if (const std::string guess = s.text(12); !guess.empty())
            study.guess = parseGuess(guess, inMessages);
    });
    part([&] {
        if (const std::string look = s.text(13); !look.empty())
            study.look = parseLook(look, inMessages);
    });
    study.tolerances = loadedTolerances(s.text(14));
    part([&] { loadMeasures(s.text(15), study); });
    study.pageLayout = loadedPlacing(s.text(16));
    study.lighting = loadedLighting(s.text(17));
    study.diary = {s.text(18), s.text(19), s.text(20), measuredFrom(s.text(22))};
    study.framing = loadedFraming(s.text(21));
    Database::Statement a(database, fmt::format("SELECT picture, marks, page, drawn, said, took FROM attempt{} "
                                                "WHERE study = ? ORDER BY place",
                                                suffix));
    a.bind(id);
    while (a.next()) {
        Sketch attempt;
        attempt.picture = a.text(0);
        part([&] { static_cast<MarkSheet&>(attempt.marks) = loadedMarks(a.text(1)); });
        part([&] { attempt.page = loadedPage(a.text(2)); });
        attempt.drawn = a.text(3);
        attempt.selfAssessment = loadedSaid(a.text(4));
        attempt.took = std::chrono::seconds(std::max<std::int64_t>(0, a.integer(5)));
        study.sketches.push_back(std::move(attempt));
    }
    return study;
}

} // namespace zokran
