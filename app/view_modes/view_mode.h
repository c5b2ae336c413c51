#pragma once

#include "app/document/study_session.h"
#include "app/sheet/scene.h"

#include <Qt>
#include <memory>
#include <vector>

namespace zokran {

/// A view mode: a way of looking at reference and sketch, such as mirrored or laid over one another. Each is one
/// file of app/view_modes/modes, and a name in the list below.
class ViewMode {
public:
    virtual ~ViewMode() = default;
    virtual std::string id() const = 0;
    virtual QString name() const = 0;
    virtual Qt::Key key() const = 0;
    /// What its slider does; empty for none.
    virtual QString slider() const { return {}; }
    /// Where its slider stands at first, 0 to 1.
    virtual double usualAmount() const { return 0.5; }
    /// What may be switched on in it; empty for nothing.
    virtual QString option() const { return {}; }
    /// It lays one head over the other, and so wants the sketch compared.
    virtual bool needsComparison() const { return false; }
    /// Changes what the step has laid on the two sheets.
    virtual void change(StudySession& session, Scene& seen, Scene& drawn) const = 0;
};

using MakeViewMode = std::unique_ptr<ViewMode>();
/// The list, in the order they stand along the foot of the sheets: one name for each file of app/view_modes/modes.
#define ZOKRAN_VIEW_MODES \
    makeSideBySide, makeLaidOver, makeFlicker, makeWipe, makeMirrored, makeUpsideDown, makeFaded, makeSquint, \
    makeDrawnHead, makeMended
MakeViewMode ZOKRAN_VIEW_MODES;

/// Every mode, in the order they stand along the foot of the sheets.
const std::vector<std::unique_ptr<ViewMode>>& viewModes();

/// The mode chosen, or the first where it is not possible now.
const ViewMode& currentViewMode(const StudySession& session);

} // namespace zokran
