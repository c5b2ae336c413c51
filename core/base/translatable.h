#pragma once

/// Marks a name or a sentence for the translators where it stands; `Translator::say` turns it into
/// the learner's language.
#define ZOKRAN_WORDS(text) text
