#include "app/tools/mark_tool.h"

#include "app/document/marking.h"
#include "app/sheet/scene.h"
#include "app/text/messages.h"
#include "app/tools/arrow_keys.h"

#include <utility>

namespace zokran {

bool MarkTool::press(const SheetPointer& pointer) {
    if (pointer.scene.picture.isNull())
        return false;
    if (const auto near = pointer.scene.near<Mark>(pointer.transform, pointer.at)) {
        dragged_ = near;
        candidate_.reset();
        movedByKeys_ = false;
        beside_ = *opened_.study().marks(side_).seen(*near) - pointer.place;
        opened_.selection.marks.touch(side_, near);
        return true;
    }
    const PicturePoint& p = pointer.place;
    const bool inside = p.x() >= 0 && p.y() >= 0 && p.x() < pointer.scene.extent.width() &&
                        p.y() < pointer.scene.extent.height();
    const auto next = askedMark(opened_, side_);
    // What the program saw is dragged; a click beside it must not carry it off.
    const auto& known = next ? opened_.study().marks(side_).marks[*next] : std::optional<PlacedMark>();
    if (!next || !inside || (known && known->suggested))
        return false;
    // Held until the button is let go, so that the first aim can be mended in one go.
    dragged_ = next;
    candidate_.reset();
    movedByKeys_ = false;
    beside_ = {0, 0};
    placeMark(opened_, side_, *next, p, QString("drag%1").arg(pointer.gesture));
    return true;
}

void MarkTool::drag(const SheetPointer& pointer) {
    if (dragged_)
        placeMark(opened_, side_, *dragged_, pointer.place + beside_,
                  QString("drag%1").arg(pointer.gesture));
}

void MarkTool::release(const SheetPointer&) {
    dragged_.reset();
    opened_.analysis.settle();
}

std::optional<PicturePoint> MarkTool::candidatePlace() const {
    // Meanwhile another mark may be asked for, or another picture may lie on the bench.
    const bool isStillAsked = candidate_ && candidate_->picture == opened_.study().picture(side_) &&
                              markToPlace(opened_, side_) == candidate_->mark;
    return isStillAsked ? std::optional(candidate_->at) : std::nullopt;
}

void MarkTool::showCandidate(MarksShown& shown) const {
    if (const auto at = candidatePlace()) {
        shown.preplaced[candidate_->mark] = *at;
        shown.asked = candidate_->mark;
    }
}

std::optional<PicturePoint> MarkTool::placeHeldByKeys() const {
    if (const auto at = candidatePlace())
        return at;
    const auto touched = opened_.selection.marks.touched(side_);
    return movedByKeys_ && touched ? opened_.study().marks(side_).seen(*touched) : std::nullopt;
}

std::optional<PicturePoint> MarkTool::expectedPlace(Mark mark) const {
    if (side_ == Side::Sketch) {
        const auto expected = expectedMarks(opened_)[mark];
        return expected ? std::optional<PicturePoint>(*expected) : std::nullopt;
    }
    if (const auto& fit = opened_.fit())
        return fit->view.project(fit->head[mark]);
    return std::nullopt;
}

bool MarkTool::move(const Eigen::Vector2d& by, const SheetPointer& middle) {
    const auto& marks = opened_.study().marks(side_).marks;
    const auto isPlaced = [&](std::optional<Mark> m) { return m && marks[*m] && marks[*m]->at; };
    // The mark the learner selected, else the one that is asked for; on a photograph that is marked the last.
    auto moved = opened_.selection.marks.keyboardTarget(side_);
    if (!isPlaced(moved))
        moved = askedMark(opened_, side_);
    if (!moved && side_ == Side::Reference)
        moved = opened_.selection.marks.touched(side_);
    if (isPlaced(moved)) {
        candidate_.reset();
        movedByKeys_ = true;
        if (opened_.selection.marks.keyboardTarget(side_) != moved)
            opened_.selection.marks.touch(side_, moved);
        placeMark(opened_, side_, *moved, *marks[*moved]->at + PicturePoint(by), QString("nudge%1").arg(indexOf(*moved)));
        return true;
    }
    if (!moved || moved != markToPlace(opened_, side_))
        return false;
    // On its way to its place it goes by the pixels of the screen: a photograph has thousands.
    constexpr double stride = 2;
    const PicturePoint from = candidatePlace().value_or(expectedPlace(*moved).value_or(middle.place));
    candidate_ = Candidate{opened_.study().picture(side_), *moved, from + PicturePoint(by * (stride / middle.transform.scale))};
    emit opened_.changed();
    return true;
}

void MarkTool::accept(const SheetPointer& middle) {
    const auto isSuggested = [this](std::optional<Mark> m) {
        return m && opened_.study().marks(side_).marks[*m] && opened_.study().marks(side_).marks[*m]->suggested;
    };
    // From now on the arrows move what is asked for.
    const auto touched = opened_.selection.marks.touched(side_);
    const bool moved = std::exchange(movedByKeys_, false);
    if (touched)
        opened_.selection.marks.touch(side_, std::nullopt);
    if (isSuggested(touched))
        return confirmSuggestions(opened_, side_, *touched);
    if (touched && moved)
        return; // by the arrows; it stands where it is
    if (const auto asked = askedMark(opened_, side_); isSuggested(asked))
        return confirmSuggestions(opened_, side_, *asked);
    const auto next = markToPlace(opened_, side_);
    if (!next)
        return;
    auto place = candidatePlace();
    if (!place && side_ == Side::Sketch)
        place = expectedPlace(*next); // ringed there already
    if (place) {
        candidate_.reset();
        placeMark(opened_, side_, *next, *place);
        return opened_.selection.marks.touch(side_, std::nullopt);
    }
    // Not laid unseen: first a ring shows where it would come to lie.
    candidate_ = Candidate{opened_.study().picture(side_), *next, expectedPlace(*next).value_or(middle.place)};
    emit opened_.changed();
}

bool MarkTool::key(const QKeyEvent& event, const SheetPointer& middle) {
    if (middle.scene.picture.isNull())
        return false;
    if (const auto by = arrowStep(event))
        return move(*by, middle);
    switch (event.key()) {
    case Qt::Key_Escape:
        if (!candidate_ && !opened_.selection.marks.keyboardTarget(side_))
            return false;
        candidate_.reset();
        movedByKeys_ = false;
        return opened_.selection.marks.touch(side_, std::nullopt), true;
    case Qt::Key_Space:
        movedByKeys_ = false;
        if (const auto next = askedMark(opened_, side_))
            hideMark(opened_, side_, *next);
        return true;
    case Qt::Key_Backspace:
        return opened_.document.undoStack().undo(), true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return accept(middle), true;
    default:
        return false;
    }
}

std::vector<SheetAction> MarkTool::actions(const SheetPointer& pointer) const {
    const auto mark = pointer.scene.near<Mark>(pointer.transform, pointer.at);
    if (!mark)
        return {};
    const QString aside = side_ == Side::Reference ? tr("Cannot see the %1") : tr("The %1 is not drawn");
    std::vector<SheetAction> actions{{aside.arg(nameOf(*mark)), [this, mark] { hideMark(opened_, side_, *mark); }}};
    if (const auto& placed = opened_.study().marks(side_).marks[*mark]; placed && placed->suggested)
        actions.push_back({tr("The %1 is right").arg(nameOf(*mark)), [this, mark] { confirmSuggestions(opened_, side_, *mark); }});
    return actions;
}

std::optional<Qt::CursorShape> MarkTool::cursor(const SheetPointer& pointer) const {
    if (pointer.scene.near<Mark>(pointer.transform, pointer.at))
        return Qt::OpenHandCursor;
    if (markToPlace(opened_, side_) && !pointer.scene.picture.isNull())
        return Qt::CrossCursor;
    return std::nullopt;
}

bool MarkTool::wantsLoupe(const SheetPointer&) const {
    return dragged_ || markToPlace(opened_, side_);
}

} // namespace zokran
