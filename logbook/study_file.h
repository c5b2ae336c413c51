#pragma once

#include "logbook/study.h"

#include <nlohmann/json_fwd.hpp>
#include <string>

namespace zokran {

/// A study as JSON, everything the learner put in: {"format":"zokran-study","version":1,"title",...,
/// "reference":{"picture","marks"},"sketches":[{"picture","marks","page","drawn","said","took_s"}],...}. Marks,
/// pages, measurements, guesses and looks are as in their own files. docs/formats.md lists every member.
std::string studyText(const Study& study);
/// The same as an object, to be a part of another document.
nlohmann::ordered_json studyJson(const Study& study);

/// Reads it back; `name` stands for the file in what is thrown. Throws BadInput.
Study parseStudy(const std::string& text, const std::string& name);

} // namespace zokran
