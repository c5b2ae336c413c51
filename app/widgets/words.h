#pragma once

#include "core/words/phrasebook.h"

#include <QString>

namespace zokran {

inline QString qt(const std::string& text) {
    return QString::fromStdString(text);
}

/// The core's sentences in the learner's language, through Qt's translators.
const Phrasebook& learnersBook();

} // namespace zokran
