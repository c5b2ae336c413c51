#include "app/course/draw/approach.h"
#include "app/overlays/lines_overlay.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// The outline is laid down as long straights, each hung on its neighbour by its slant (common practice, no source).
class BySlants : public Approach {
public:
    std::string id() const override { return "slants"; }
    QString name() const override { return tr("By slants"); }
    QString about() const override {
        return tr("No ball and no rules: long straights, each compared with its neighbour. It trains the eye, and it shows "
                  "whether the whole shape stands before anything stands inside it.");
    }
    std::vector<QString> steps(const OpenStudy&) const override {
        return {tr("Two ticks for crown and chin, and nothing outside them."),
                tr("Hold the pencil along the longest edge of the head. Keep its slant, carry it over, draw it as one straight."),
                tr("Hang the next straight on its end: is it steeper or flatter than the first, longer or shorter? Go round "
                   "the head."),
                tr("Where the last straight should meet the first, see how far it misses, and find the slant that is to blame."),
                tr("Lay slants inside: from the chin to the nose's wing, from the nose to the outer eye, across both eyes."),
                tr("Now break the straights into shorter ones. In the check, lay “Outline of the face” over them: each is "
                   "compared by its slant.")};
    }
    Scene seen(StudySession& session, Scenes& scenes) const override {
        Scene scene = scenes.headPicture(Side::Reference);
        if (!scene.picture.isNull() && session.fit())
            scene.lay<LinesOverlay>(session.analysis.linesOf(form, session.fit()->view));
        return scene;
    }
    Scene beside(StudySession& session, Scenes& scenes) const override {
        if (!session.fit())
            return scenes.fittedFormAlone();
        return scenes.formAlone(session.analysis.linesOf(form, session.fit()->view), session.fit()->view);
    }

private:
    static constexpr const char* form = "envelope";
};

} // namespace

std::unique_ptr<Approach> makeBySlants() {
    return std::make_unique<BySlants>();
}

} // namespace zokran
