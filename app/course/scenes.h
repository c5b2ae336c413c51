#pragma once

#include "app/document/desk.h"
#include "app/overlays/picture_overlay.h"
#include "app/sheet/scene.h"

#include <map>

namespace zokran {

/// The scenes that several steps start from.
class Scenes {
public:
    explicit Scenes(Desk& desk) : desk_(desk) {}

    /// A side's picture alone, or what is said while it is missing.
    Scene picture(Side side);
    /// The head with its neck and some air, as far as the picture reaches; with `named` there is
    /// room beside it for the names of lines.
    QRectF headFrame(const View& view, const QSizeF& picture, bool named) const;
    /// The fitted lines over the reference, with their names.
    Scene guided(bool named);
    /// The construction alone on paper, turned like the sitter, to be copied.
    Scene formAlone(const std::vector<GuideLine>& lines, const View& view);
    Scene fittedFormAlone();
    /// The sketch with the reference's construction over it, or the form alone before there is one.
    Scene drawn(bool overlaid);

private:
    /// How sure each level line is, in % of the head's height.
    std::map<std::string, QString> doubts() const;

    Desk& desk_;
    std::shared_ptr<ScaledPicture> scaled_[2] = {std::make_shared<ScaledPicture>(),
                                                 std::make_shared<ScaledPicture>()};
};

} // namespace zokran
