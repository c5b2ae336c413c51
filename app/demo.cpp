#include "app/demo.h"

#include "core/files/json_file.h"
#include "core/files/marks_file.h"
#include "core/head/canon.h"

namespace zokran {

void fillWithDemo(Logbook& logbook) {
    if (!logbook.studies().empty())
        return;
    const std::filesystem::path folder = dataFolder() / "demo";
    readJson(folder / "studies.json", "zokran-demo", [&](const nlohmann::json& j) {
        StudyId last = 0;
        for (const nlohmann::json& entry : j.at("studies")) {
            const auto file = [&](const char* key) {
                return folder / entry.at(key).get<std::string>();
            };
            Study study;
            study.title = entry.at("title").get<std::string>();
            study.sitter = entry.at("sitter").get<std::string>();
            study.notes = entry.at("notes").get<std::string>();
            study.paperWidthMm = entry.at("paper_width_mm").get<double>();
            study.step = entry.at("step").get<int>();
            study.referencePicture = logbook.keepPicture(file("reference"));
            study.reference = readMarks(file("reference_marks"));
            study.sketchPicture = logbook.keepPicture(file("sketch"));
            study.sketch = readMarks(file("sketch_marks"));
            last = logbook.add(study);
        }
        logbook.remember("open_study", std::to_string(last));
        return 0;
    });
}

} // namespace zokran
