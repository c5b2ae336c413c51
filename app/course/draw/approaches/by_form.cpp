#include "app/course/draw/approach.h"
#include "app/text/messages.h"
#include "core/construction/forms.h"

namespace zokran {

namespace {

/// The chosen form is laid down step by step, the features are hung on it.
class ByForm : public Approach {
public:
    std::string id() const override { return "form"; }
    QString name() const override { return tr("By the first form"); }
    QString about() const override {
        return tr("One step at a time; the form on the right shows as far as you are. Light lines are rubbed out again.");
    }
    std::vector<QString> steps(const OpenStudy& opened) const override {
        const FormKind* kind = forms().front();
        for (const FormKind* each : forms())
            if (each->id == opened.study().form)
                kind = each;
        std::vector<QString> words;
        for (const FormStep& step : kind->steps)
            words.push_back(qt(learnersTranslator().say(step.words)));
        return words;
    }
    Scene beside(StudySession&, Scenes& scenes) const override { return scenes.fittedFormAlone(true); }
};

} // namespace

std::unique_ptr<Approach> makeByForm() {
    return std::make_unique<ByForm>();
}

} // namespace zokran
