#include "logbook/study_rows.h"

#include "core/files/guess_file.h"
#include "core/files/marks_file.h"
#include "logbook/study_file.h"
#include "logbook/study_words.h"

#include <fmt/format.h>
#include <functional>
#include <nlohmann/json.hpp>

namespace zokran {

namespace {

using Statement = Database::Statement;

/// Tells whether a sketch, or the reference it is compared with, was marked otherwise when something was computed.
std::string keyOf(const MarkSheet& reference, const MarkSheet& sketch) {
    const auto text = [](const MarkSheet& sheet) { return sheet.width ? marksText(sheet) : std::string(); };
    return fmt::format("{:x}", std::hash<std::string>()(text(reference) + "\n" + text(sketch)));
}

} // namespace

void putStudy(const Database& database, std::int64_t id, const Study& study) {
    const std::string document = studyJson(study).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
    parseStudy(document, study.title); // what is written can be read
    Statement s(database, "UPDATE study SET document = ?, title = ?, sitter = ?, words = ?, reference_picture = ?, guess = ?, "
                          "current = ? WHERE id = ?");
    const Diary& d = study.diary;
    s.bind(document).bind(study.title).bind(study.sitter);
    s.bind(fmt::format("{} {} {} {}", study.notes, d.materials, d.mood, d.tags)).bind(study.referencePicture);
    s.bind(study.guess ? guessText(*study.guess) : std::string()).bind(static_cast<std::int64_t>(study.current)).bind(id);
    s.next();
    for (std::size_t i = 0; i < study.sketches.size(); ++i) {
        const Sketch& a = study.sketches[i];
        Statement put(database,
                      "INSERT INTO attempt (study, place, picture, drawn, said, took, is_marked, marks_key) "
                      "VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7, ?8) ON CONFLICT (study, place) DO UPDATE SET picture = ?3, "
                      "drawn = ?4, said = ?5, took = ?6, is_marked = ?7, marks_key = ?8, "
                      "comparison = CASE WHEN marks_key = ?8 THEN comparison ELSE '' END, "
                      "figures = CASE WHEN marks_key = ?8 THEN figures ELSE '' END");
        put.bind(id).bind(static_cast<std::int64_t>(i)).bind(a.picture).bind(a.drawn).bind(wordsOf(a.selfAssessment));
        put.bind(static_cast<std::int64_t>(a.took.count()));
        put.bind(static_cast<std::int64_t>(!a.marks.seenMarks().empty()));
        put.bind(keyOf(study.reference, a.marks));
        put.next();
    }
    Statement rest(database, "DELETE FROM attempt WHERE study = ? AND place >= ?");
    rest.bind(id).bind(static_cast<std::int64_t>(study.sketches.size()));
    rest.next();
}

Study takeStudy(const Database& database, std::int64_t id) {
    Statement s(database, "SELECT document FROM study WHERE id = ?");
    s.bind(id);
    if (!s.next())
        throw MissingStudy(fmt::format("{}: there is no study {}", database.file().string(), id));
    return parseStudy(s.text(0), fmt::format("{}, study {}", database.file().string(), id));
}

} // namespace zokran
