#pragma once

#include "app/document/open_study.h"
#include "app/widgets/collapsible_section.h"
#include "core/construction/canon.h"

class QLabel;
class QSlider;
class QTableWidget;

namespace zokran {

/// This sitter against the schools: every division and width beside the school's number, and the
/// slider that pushes what departs.
class SitterFold : public CollapsibleSection {
    Q_OBJECT

public:
    explicit SitterFold(OpenStudy& opened, QWidget* parent = nullptr);
    /// Shows the open study's sitter beside a school.
    void refresh(const std::vector<Canon>& schools);

private:
    void fill();

    OpenStudy& opened_;
    std::vector<Canon> schools_;
    QLabel *words_, *drawing_;
    QSlider* push_;
    QTableWidget* table_;
    bool refreshing_ = false;
};

} // namespace zokran
