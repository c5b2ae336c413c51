#pragma once

#include "app/document/open_study.h"
#include "app/widgets/collapsible_section.h"

#include <QTimer>

class QToolButton;

namespace zokran {

/// Twelve small drawings of the sitter's own form at other turns and tilts: heads to draw without a
/// photograph. One pressed turns the form alone on the sheet that way.
class OtherViews : public CollapsibleSection {
    Q_OBJECT

public:
    explicit OtherViews(OpenStudy& opened, QWidget* parent = nullptr);
    /// Draws them anew, a moment later, when the form has changed.
    void refresh();

private:
    void draw();

    OpenStudy& opened_;
    QTimer soon_;
    std::vector<QToolButton*> buttons_;
    HeadMarks drawnHead_;
    FormLook drawnLook_;
    std::string drawnForm_, drawnCanon_;
};

} // namespace zokran
