#pragma once

#include "app/sheet/overlay.h"

#include <memory>
#include <vector>

namespace zokran {

/// Borders of shapes, such as those of light and shadow, as thin lines to copy.
class OutlinesOverlay : public Overlay {
public:
    using Lines = std::vector<std::vector<PicturePoint>>;
    /// `lines`: px of the sheet.
    explicit OutlinesOverlay(std::shared_ptr<const Lines> lines) : lines_(std::move(lines)) {}
    const Lines& lines() const { return *lines_; }
    void paint(const Canvas& canvas) const override;

private:
    std::shared_ptr<const Lines> lines_;
};

} // namespace zokran
