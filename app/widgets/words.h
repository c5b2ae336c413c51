#pragma once

#include "core/words/phrasebook.h"

#include <QCoreApplication>
#include <QString>

namespace zokran {

inline QString qt(const std::string& text) {
    return QString::fromStdString(text);
}

/// With a capital at its start.
inline QString capital(QString words) {
    if (!words.isEmpty())
        words[0] = words[0].toUpper();
    return words;
}

/// A sentence of the window in the learner's language; the same to classes without Qt's own `tr`.
inline QString tr(const char* english) {
    return QCoreApplication::translate("zokran", english);
}

/// The core's sentences in the learner's language, through Qt's translators.
const Phrasebook& learnersBook();

} // namespace zokran
