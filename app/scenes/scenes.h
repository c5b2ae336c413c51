#pragma once

#include "app/document/study_session.h"
#include "app/overlays/picture_overlay.h"
#include "app/sheet/scene.h"
#include "app/tools/turn_tool.h"

#include <map>

namespace zokran {

/// The scenes that several steps start from.
class Scenes {
public:
    explicit Scenes(StudySession& session) : session_(session), turnTool_(session.selection.form) {}

    /// A side's picture alone, or what is said while it is missing: the photograph, or the sketch's
    /// page laid flat.
    Scene picture(Side side);
    /// The same, filled by the head where it is known.
    Scene headPicture(Side side);
    /// The photograph as it came.
    Scene photograph(Side side);
    /// What of the reference is looked at: as the learner framed it, or else its head.
    QRectF seenFrame(const View& view, const QSizeF& picture) const;
    /// The head with its neck and some air, as far as the picture reaches.
    QRectF headFrame(const View& view, const QSizeF& picture) const;
    /// The same whether or not the picture reaches so far, so that two heads stand alike.
    QRectF headFrame(const View& view) const;
    /// The fitted lines over the reference, with their names.
    Scene guided(bool named);
    /// The construction alone on paper, turned like the sitter, to be copied.
    Scene formAlone(const std::vector<GuideLine>& lines, const View& view);
    /// The fitted form, to be turned in the hand; `byStep`: only as far as the step of drawing that is
    /// shown, helps lightly.
    Scene fittedFormAlone(bool byStep = false);
    /// The step of the form that the animation of its drawing has reached; 0 while that does not play.
    int animatedStep() const;
    /// The sketch with the reference's construction over it, or the form alone before there is one.
    Scene drawn(bool overlaid);

private:
    Scene pictureScene(Side side, const QImage& picture, const QSizeF& extent);
    /// As much of the lines as the animation of their drawing has drawn after `share` of its time.
    std::vector<GuideLine> linesDrawnSoFar(const std::vector<GuideLine>& lines, double share) const;
    /// How sure each level line is, in % of the head's height.
    std::map<std::string, QString> doubts() const;

    StudySession& session_;
    TurnTool turnTool_;
    std::shared_ptr<ScaledPicture> scaled_[2] = {std::make_shared<ScaledPicture>(),
                                                 std::make_shared<ScaledPicture>()};
};

} // namespace zokran
