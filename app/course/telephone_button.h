#pragma once

#include "app/document/study_session.h"
#include "app/text/messages.h"

#include <QPushButton>

namespace zokran {

/// Opens the sheet by which a telephone sends a picture to the bench.
class TelephoneButton : public QPushButton {
public:
    explicit TelephoneButton(StudySession& session) : QPushButton(tr("Take it with the telephone…")) {
        connect(this, &QPushButton::clicked, &session, &StudySession::toTelephone);
    }
};

} // namespace zokran
