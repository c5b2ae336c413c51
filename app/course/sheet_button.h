#pragma once

#include "app/document/desk.h"
#include "app/print/sheet_kind.h"

#include <QPushButton>

namespace zokran {

/// Asks for a sheet of a kind to be printed or saved, by one of the desk's signals for it.
class SheetButton : public QPushButton {
public:
    using Wanted = void (Desk::*)(const char* kind);
    SheetButton(const QString& text, Desk& desk, const SheetKind& kind, Wanted wanted) : QPushButton(text) {
        connect(this, &QPushButton::clicked, &desk, [&desk, &kind, wanted] { emit(desk.*wanted)(kind.id); });
    }
};

} // namespace zokran
