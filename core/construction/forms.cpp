#include "core/construction/forms.h"

#include "core/base/translatable.h"
#include "core/construction/ball_form.h"
#include "core/construction/egg_form.h"

#include <fmt/format.h>

namespace zokran {

namespace {

template <class Form>
std::unique_ptr<Construction> make(const Levels& levels, BallRadii sidePlane,
                                   const HeadMarks& head) {
    return std::make_unique<Form>(levels, sidePlane, head);
}

constexpr FormKind all[] = {
    {"ball", ZOKRAN_WORDS("Ball with planes"),
     ZOKRAN_WORDS("A ball sliced flat at the sides, the face hung on its brow line."),
     make<BallForm>},
    {"egg", ZOKRAN_WORDS("Egg"),
     ZOKRAN_WORDS("A round cranium drawn out to the chin, for those who see the contour first."),
     make<EggForm>},
};

} // namespace

std::span<const FormKind> forms() {
    return all;
}

const FormKind& formNamed(std::string_view id) {
    std::string known;
    for (const FormKind& form : all) {
        if (form.id == id)
            return form;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", form.id);
    }
    throw BadInput(fmt::format("there is no form \"{}\"; there is: {}", id, known));
}

std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        const HeadMarks& head) {
    return canon ? form.make(canon->levels, canon->sidePlane(), head)
                 : form.make(levelsOf(head), usualSidePlane, head);
}

} // namespace zokran
