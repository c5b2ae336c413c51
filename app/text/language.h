#pragma once

#include <QString>
#include <QTranslator>
#include <string>
#include <vector>

class QApplication;

namespace zokran {

/// The program's sentences in a language, from the catalogues in translations/, which are compiled into the program. What has
/// no translation is said as it is written in the code, in English.
class Translation : public QTranslator {
public:
    /// The catalogue of `stretchedLanguage` is the German one: what that does not know stays as it is.
    explicit Translation(const std::string& language);
    QString translate(const char* context, const char* source, const char* disambiguation = nullptr,
                      int n = -1) const override;
    bool isEmpty() const override { return false; }

private:
    QTranslator program_, data_; ///< sentences of the sources; names and descriptions of the files in data/
    bool stretched_ = false;
};

/// A language one can choose: its code, and what it calls itself.
struct Language {
    const char* code;
    const char* name;
};
const std::vector<Language>& languages();

/// A pseudo-language for tests: everything that can be translated a third longer, with accents, and readable.
inline constexpr const char* stretchedLanguage = "stretched";

/// Says everything in a language from now on, numbers and dates included; an empty code is the system's, English
/// where that is none of ours. Windows that stand already keep their words. Returns the code taken.
std::string speak(QApplication& app, const std::string& code);

} // namespace zokran
