#pragma once

#include "app/document/desk.h"
#include "app/print/sheet_kind.h"
#include "app/text/messages.h"

#include <QPushButton>

namespace zokran {

/// Saves the sheet on which the findings are drawn true to size, to lay beside the drawing.
class CorrectionButton : public QPushButton {
public:
    explicit CorrectionButton(Desk& desk) : QPushButton(tr("Correction sheet…")) {
        connect(this, &QPushButton::clicked, &desk, [&desk] { emit desk.saveSheet(correctionSheetKind.id); });
    }
};

} // namespace zokran
