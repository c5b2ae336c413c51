#pragma once

#include "app/document/study_session.h"
#include "app/print/sheet_kind.h"

#include <QPushButton>

namespace zokran {

/// Asks for a sheet of a kind to be printed or saved, by the signal of the session for it.
class SheetButton : public QPushButton {
public:
    using Wanted = void (StudySession::*)(const char* kind);
    SheetButton(const QString& text, StudySession& session, const SheetKind& kind, Wanted wanted) : QPushButton(text) {
        connect(this, &QPushButton::clicked, &session, [&session, &kind, wanted] { emit(session.*wanted)(kind.id); });
    }
};

} // namespace zokran
