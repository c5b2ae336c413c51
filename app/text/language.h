#pragma once

#include <QString>
#include <QTranslator>
#include <map>
#include <string>
#include <vector>

class QApplication;

namespace zokran {

/// The program's words in a language, from data/translations. A word that has no translation is said as it is
/// written in the code, in English.
class Translation : public QTranslator {
public:
    /// Throws BadInput naming the file and the cause.
    explicit Translation(const std::string& language);
    QString translate(const char* context, const char* source, const char* disambiguation = nullptr,
                      int n = -1) const override;
    bool isEmpty() const override { return false; }
    bool knows(const std::string& source) const { return words_.count(source) > 0; }

private:
    std::map<std::string, QString> words_;
    bool stretched_ = false;
};

/// A language one can choose: its code, and what it calls itself.
struct Language {
    const char* code;
    const char* name;
};
const std::vector<Language>& languages();

/// A pseudo-language for tests: everything a third longer, with accents, and readable.
inline constexpr const char* stretchedLanguage = "stretched";

/// Says everything in a language from now on, numbers and dates included; an empty code is the system's, English
/// where that is none of ours. Windows that stand already keep their words. Returns the code taken.
std::string speak(QApplication& app, const std::string& code);

} // namespace zokran
