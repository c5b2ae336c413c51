#pragma once

#include "app/document/open_study.h"

#include <QTableWidget>

namespace zokran {

/// Where each feature of the drawing is to go, the longest way first. A row that is chosen takes its mark up on the sketch.
class CorrectionsTable : public QTableWidget {
    Q_OBJECT

public:
    explicit CorrectionsTable(OpenStudy& opened);
    /// Shows the comparison as it is now; there must be one.
    void showCorrections();

private:
    OpenStudy& opened_;
};

} // namespace zokran
