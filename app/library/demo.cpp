#include "app/library/demo.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "core/files/marks_file.h"

#include <QDateTime>
#include <algorithm>

namespace zokran {

namespace {

/// The last evening of the demo's course; the studies count back from here.
const QDateTime lastEvening(QDate(2026, 10, 30), QTime(0, 0), Qt::UTC);

/// Puts the studies of one folder into the logbook and returns the last one's number.
StudyId fillFrom(Logbook& logbook, const std::filesystem::path& folder) {
    return readJson(folder / "studies.json", "zokran-demo", [&](const nlohmann::json& j) {
        StudyId last = 0;
        int lastDay = 0;
        for (const nlohmann::json& entry : j.at("studies"))
            lastDay = std::max(lastDay, entry.value("day", 0));
        for (const nlohmann::json& entry : j.at("studies")) {
            const auto file = [&](const char* key) {
                return folder / entry.at(key).get<std::string>();
            };
            Study study;
            study.title = entry.at("title").get<std::string>();
            study.sitter = entry.at("sitter").get<std::string>();
            study.notes = entry.at("notes").get<std::string>();
            study.step = entry.at("step").get<std::string>();
            study.openedSteps = {"set-up", "block-in", "guides", "draw", "check"};
            study.referencePicture = logbook.keepPicture(file("reference"));
            study.reference = readMarks(file("reference_marks"));
            QString made;
            if (entry.contains("day"))
                made = lastEvening.addDays(entry["day"].get<int>() - lastDay)
                           .addSecs(60 * entry.at("minute").get<int>())
                           .toString("yyyy-MM-ddTHH:mm:ss.zzzZ");
            Sketch attempt;
            attempt.picture = logbook.keepPicture(file("sketch"));
            attempt.marks = readMarks(file("sketch_marks"));
            attempt.page.shownWidth = Millimetres{entry.at("paper_width_mm").get<double>()};
            attempt.selfAssessment.emplace();
            attempt.drawn = made.isEmpty() ? now() : made.toStdString();
            study.nextPage = attempt.page;
            study.sketches.push_back(std::move(attempt));
            last = logbook.add(study, made.toStdString());
        }
        return last;
    });
}

} // namespace

void fillWithDemo(Logbook& logbook) {
    if (!logbook.studies().empty())
        return;
    const std::filesystem::path folder = dataFolder() / "demo";
    fillFrom(logbook, folder / "course");
    logbook.remember("open_study", std::to_string(fillFrom(logbook, folder)));
}

} // namespace zokran
