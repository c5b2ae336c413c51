#pragma once

#include "core/messages/translator.h"

#include <QCoreApplication>
#include <QLocale>
#include <QString>

namespace zokran {

inline QString qt(const std::string& text) {
    return QString::fromStdString(text);
}

/// The same with places where a long word, such as a file's name, may be broken: a label is as wide as its longest word.
inline QString breakable(const QString& words) {
    constexpr int longest = 32;
    const QChar breakHere(0x200B); // zero-width space
    QString broken;
    int run = 0;
    for (const QChar c : words) {
        run = c.isSpace() ? 0 : run + 1;
        broken += c;
        if (run >= longest && !c.isHighSurrogate()) {
            broken += breakHere;
            run = 0;
        }
    }
    return broken;
}

/// A number as the learner's language writes it.
inline QString decimal(double value, int places) {
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale.toString(value, 'f', places);
}

/// With a capital at its start.
inline QString capital(QString words) {
    if (!words.isEmpty())
        words[0] = words[0].toUpper();
    return words;
}

/// A sentence of the window in the learner's language; the same to classes without Qt's own `tr`. `%n` in it becomes `n`, which
/// also chooses between singular and plural.
inline QString tr(const char* english, const char* disambiguation = nullptr, int n = -1) {
    return QCoreApplication::translate("zokran", english, disambiguation, n);
}

/// The core's sentences in the learner's language, through Qt's translators.
const Translator& learnersTranslator();

} // namespace zokran
