#pragma once

#include "app/document/selection/selection_state.h"
#include "logbook/study.h"

#include <QString>
#include <optional>
#include <vector>

namespace zokran {

/// The line under the pointer, and the line that is being laid over a drawn one.
class LineState : public SelectionState {
    Q_OBJECT

public:
    using SelectionState::SelectionState;

    /// The id of the line under the pointer, highlighted on both sheets; empty for none.
    const QString& highlighted() const { return highlighted_; }
    void highlight(const QString& line) {
        if (line == highlighted_)
            return;
        highlighted_ = line;
        emit highlightChanged();
    }

    /// A line being laid over a drawn one, px of its side's picture; it is not judged before it stands.
    struct Annotation {
        DrawnLine line;
        Side side;
        std::vector<PicturePoint> at;
        int width, height; ///< px of the picture as it lies; laid otherwise meanwhile, the points mean nothing
        /// A ring was pressed, moved or left by Space, or the line lay there before: not merely proposed.
        bool isLookedAt = false;
    };
    const std::optional<Annotation>& annotation() const { return annotation_; }
    void annotate(std::optional<Annotation> annotation) {
        annotation_ = std::move(annotation);
        emit changed();
    }

    void clear() override {
        annotation_.reset();
        highlight({});
    }

signals:
    void highlightChanged();

private:
    QString highlighted_;
    std::optional<Annotation> annotation_;
};

} // namespace zokran
