#include "app/tools/finding_tool.h"

#include "app/document/shown_finding.h"

#include <QKeyEvent>

namespace zokran {

bool FindingTool::key(const QKeyEvent& event, const SheetPointer&) {
    if (event.key() != Qt::Key_Left && event.key() != Qt::Key_Right)
        return false;
    stepFindings(opened_, event.key() == Qt::Key_Right ? +1 : -1);
    return true;
}

} // namespace zokran
