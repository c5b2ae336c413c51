#pragma once

#include "app/document/open_study.h"

#include <QPushButton>

namespace zokran {

/// Marks the next face of a picture that shows several; gone where it shows one, or where no mark is a suggestion any more.
class AnotherFaceButton : public QPushButton {
    Q_OBJECT

public:
    AnotherFaceButton(OpenStudy& opened, Side side);
    void refresh();

private:
    OpenStudy& opened_;
    Side side_;
};

} // namespace zokran
