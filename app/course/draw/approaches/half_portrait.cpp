#include "app/course/draw/approach.h"
#include "app/overlays/half_veil_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/text/messages.h"
#include "core/construction/lines.h"

namespace zokran {

namespace {

constexpr const char* carriedOver = "mirrored"; // the line of the table

/// Half a face is drawn from the photograph and the other half out of it (common practice, no source).
class HalfPortrait : public Approach {
public:
    std::string id() const override { return "half"; }
    QString name() const override { return tr("Half a portrait, mirrored"); }
    QString about() const override {
        return tr("The nearer half is drawn from the photograph, the other half out of the first: every place at the same "
                  "height, as far beyond the centre line as the turn allows. It shows how the two halves hang together.");
    }
    std::vector<QString> steps(const OpenStudy&) const override {
        return {tr("Centre line, brow line, crown and chin, over the whole head."),
                tr("Draw the half that is not covered: brow, eye, half a nose, half a mouth, cheek and jaw."),
                tr("From each place go along the head's own level, square to the centre line: eyes run with eyes, corners with "
                   "corners. On a turned head the far half is the narrower."),
                tr("The crosses show where this half falls on the other. Draw the second half from them, without the photograph."),
                tr("Stand a mirror upright on the centre line: on a head from the front it shows the half you drew as a whole face."),
                tr("Now take the cover away: in “By the first form” the photograph is whole again. What does not match the mirror is "
                   "this sitter: draw that, do not mend it.")};
    }
    Scene seen(StudySession& session, Scenes& scenes) const override {
        Scene scene = scenes.headPicture(Side::Reference);
        if (scene.picture.isNull() || !session.fit())
            return scene;
        scene.lay<HalfVeilOverlay>(session.fit()->view, session.fit()->head);
        std::vector<GuideLine> lines = session.analysis.linesOf("ball", session.fit()->view, {carriedOver});
        std::erase_if(lines, [](const GuideLine& line) {
            return withoutSide(line.id) != carriedOver && line.id != "centre_line" && line.id != "brow_line";
        });
        scene.lay<LinesOverlay>(std::move(lines));
        return scene;
    }
};

} // namespace

std::unique_ptr<Approach> makeHalfPortrait() {
    return std::make_unique<HalfPortrait>();
}

} // namespace zokran
