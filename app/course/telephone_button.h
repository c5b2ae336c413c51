#pragma once

#include "app/document/desk.h"
#include "app/text/messages.h"

#include <QPushButton>

namespace zokran {

/// Opens the sheet by which a telephone sends a picture to the bench.
class TelephoneButton : public QPushButton {
public:
    explicit TelephoneButton(Desk& desk) : QPushButton(tr("Take it with the telephone…")) {
        connect(this, &QPushButton::clicked, &desk, &Desk::toTelephone);
    }
};

} // namespace zokran
