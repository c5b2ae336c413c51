#pragma once

#include "app/sheet/overlay.h"
#include "core/construction/construction.h"

#include <map>

namespace zokran {

/// The names of the level lines in a column beside the head, on the side with more room, each tied
/// to its line by a thin leader.
class LabelsOverlay : public Overlay {
public:
    /// `notes`: said after the name of the highlighted line, by its id.
    LabelsOverlay(std::vector<GuideLine> lines, std::map<std::string, QString> notes)
        : lines_(std::move(lines)), notes_(std::move(notes)) {}
    void paint(const Canvas& canvas) const override;

private:
    struct Label;
    std::vector<Label> labels(const Canvas& canvas, bool& onRight) const;
    std::vector<GuideLine> lines_;
    std::map<std::string, QString> notes_;
};

} // namespace zokran
