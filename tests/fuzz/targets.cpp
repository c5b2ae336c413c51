#include "tests/fuzz/targets.h"

#include "app/document/picture_file.h"
#include "core/base/errors.h"
#include "core/compare/compare.h"
#include "core/files/canon_file.h"
#include "core/files/fit_file.h"
#include "core/files/guess_file.h"
#include "core/files/look_file.h"
#include "core/files/marks_file.h"
#include "core/files/marks_table.h"
#include "core/files/measures_file.h"
#include "core/files/page_file.h"
#include "core/practice/drawing.h"
#include "core/practice/head_plan.h"
#include "logbook/bundle.h"
#include "logbook/recovery.h"
#include "logbook/study_file.h"

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <unistd.h>

namespace zokran::fuzz {

namespace {

/// What is read is used as well: numbers that a reader lets through must not break what follows.
void fitMarks(const MarkSheet& sheet) {
    marksText(sheet);
    try {
        const Fit fit = fitHead(PhotoMarks(sheet));
        compareSketch(PhotoMarks(sheet), fit, SketchMarks(sheet));
    } catch (const BadInput&) {
        // Too few, or such as no head shows.
    }
}

void readMarksJson(const std::string& bytes, const std::string&) {
    fitMarks(parseMarks(bytes, "fuzz"));
}
void readMarksCsv(const std::string& bytes, const std::string&) {
    fitMarks(parseAnyMarks(bytes, ".csv", "fuzz"));
}
void readMarksPts(const std::string& bytes, const std::string&) {
    fitMarks(parseAnyMarks(bytes, ".pts", "fuzz"));
}
void readCanonFile(const std::string&, const std::string& file) {
    readCanon(file);
}
void readFitFile(const std::string&, const std::string& file) {
    fitText(readFit(file));
}
void readStudy(const std::string& bytes, const std::string&) {
    const std::string text = studyText(parseStudy(bytes, "fuzz"));
    if (studyText(parseStudy(text, "again")) != text)
        std::abort(); // what is written must come back as it was
}
/// The small formats that lie inside a study, and the lines of text a logbook remembers.
void readSmall(const std::string& bytes, const std::string&) {
    const auto attempt = [](auto read) {
        try {
            read();
        } catch (const BadInput&) {
        }
    };
    attempt([&] { pageText(parsePage(bytes, "fuzz")); });
    attempt([&] { guessText(parseGuess(bytes, "fuzz")); });
    attempt([&] { lookText(parseLook(bytes, "fuzz")); });
    attempt([&] { measuresText(parseMeasures(bytes, "fuzz")); });
    attempt([&] { figuresText(parseFigures(bytes)); });
    if (const auto plan = parsePlan(bytes))
        planStatus(*plan, {}, plan->start);
}
void readBundle(const std::string&, const std::string& file) {
    static Logbook* book = nullptr;
    static int taken = 0;
    static const std::filesystem::path folder =
        std::filesystem::temp_directory_path() / ("zokran-fuzz-book-" + std::to_string(::getpid()));
    // A fresh one now and then: what came in must not pile up.
    if (!book || taken > 200) {
        delete book;
        std::filesystem::remove_all(folder);
        book = new Logbook(folder);
        taken = 0;
    }
    for (StudyId id : importBundle(*book, file).taken) {
        book->load(id);
        ++taken;
    }
    firstPictureIn(file);
}
/// A logbook's file: opened, recovered where it is damaged, and every study in it read.
void readLogbook(const std::string& bytes, const std::string&) {
    static const std::filesystem::path folder =
        std::filesystem::temp_directory_path() / ("zokran-fuzz-logbook-" + std::to_string(::getpid()));
    std::filesystem::remove_all(folder);
    std::filesystem::create_directories(folder);
    std::ofstream(folder / "logbook.sqlite", std::ios::binary) << bytes;
    const auto readAll = [] {
        const Logbook book(folder);
        for (StudyId id : book.allReadable())
            try {
                book.load(id);
            } catch (const BadInput&) {
            }
        book.studies();
        book.drawnFigures();
    };
    try {
        readAll();
    } catch (const DamagedLogbook&) {
        recover(folder);
        readAll();
    }
}
void readPhotograph(const std::string&, const std::string& file) {
    readPicture(QString::fromStdString(file));
}

constexpr Target all[] = {{"marks", ".json", readMarksJson},   {"marks-csv", ".csv", readMarksCsv},
                          {"marks-pts", ".pts", readMarksPts}, {"canon", ".json", readCanonFile},
                          {"fit", ".json", readFitFile},       {"study", ".json", readStudy},
                          {"small", ".json", readSmall},       {"bundle", ".zokran", readBundle},
                          {"logbook", ".sqlite", readLogbook},
                          {"picture", ".jpg", readPhotograph}};

} // namespace

std::span<const Target> targets() {
    return all;
}

void run(const Target& target, const std::string& bytes) {
    static const std::string stem =
        (std::filesystem::temp_directory_path() / ("zokran-fuzz-" + std::to_string(::getpid()))).string();
    const std::string file = stem + target.ending;
    std::ofstream(file, std::ios::binary) << bytes;
    try {
        target.read(bytes, file);
    } catch (const BadInput&) {
    } catch (const StorageError&) {
    }
}

} // namespace zokran::fuzz
