#include "core/construction/forms.h"

#include "core/base/addresses.h"
#include "core/construction/lines.h"
#include "core/head/population.h"

#include <fmt/format.h>

namespace zokran {

namespace {

constexpr auto all = addressesOf(ZOKRAN_FORM_KINDS);

/// Says of a line which step it belongs to.
void setStep(GuideLine& line, const FormKind& kind) {
    const std::string_view id = withoutSide(line.id);
    line.step = static_cast<int>(kind.steps.size());
    for (std::size_t i = 0; i < kind.steps.size(); ++i) {
        std::string_view rest = kind.steps[i].lines;
        while (!rest.empty()) {
            std::string_view word = rest.substr(0, rest.find(' '));
            rest.remove_prefix(std::min(rest.size(), word.size() + 1));
            const bool light = word.ends_with('*');
            if (light)
                word.remove_suffix(1);
            if (word == id) {
                line.step = static_cast<int>(i) + 1;
                line.light = line.light || light;
                line.named = true;
                return;
            }
        }
    }
}

} // namespace

std::span<const FormKind* const> forms() {
    return all;
}

const FormKind& formNamed(std::string_view id) {
    std::string known;
    for (const FormKind* form : all) {
        if (form->id == id)
            return *form;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", form->id);
    }
    throw BadInput(fmt::format("there is no form \"{}\"; there is: {}", id, known));
}

std::vector<GuideLine> Construction::lines(const View& view) const {
    std::vector<GuideLine> traced = trace(view, [](const LineEntry&) { return true; });
    if (kind_)
        for (GuideLine& line : traced)
            setStep(line, *kind_);
    return traced;
}

std::vector<GuideLine> Construction::lines(const View& view, Detail detail,
                                           const std::set<std::string>& switched) const {
    const Wanted shown = [&](const LineEntry& line) {
        // A form that starts from features has its planes at every depth.
        GuideLine named{std::string(line.id), line.kind, false, {}};
        if (kind_)
            setStep(named, *kind_);
        const Detail needed =
            named.named && line.detail == Detail::Head ? Detail::Planes : line.detail;
        const std::string id(line.goesWith.empty() ? line.id : line.goesWith);
        return needed <= detail && line.onlyWhenAsked == switched.contains(id);
    };
    std::vector<GuideLine> traced = trace(view, shown);
    // A form's own lines do not ask.
    std::erase_if(traced, [&](const GuideLine& line) {
        const LineEntry* entry = lineNamed(line.id);
        return entry && !shown(*entry);
    });
    if (kind_)
        for (GuideLine& line : traced)
            setStep(line, *kind_);
    return traced;
}

Widths widthsOf(const HeadMarks& head, BallRadii across) {
    using enum Mark;
    auto apart = [&](Mark left) {
        return BallRadii{(head[left] - head[mirrored(left)]).norm()};
    };
    const BallRadii eye = eyeWidth(head);
    return {across, eye, apart(InnerEyeL), apart(NoseWingL), apart(MouthCornerL), 1.25 * eye};
}

Subject ownSubject(std::shared_ptr<const HeadSolid> solid) {
    const Levels levels = levelsOf(solid->head());
    const Widths widths = widthsOf(solid->head(), 2 * solid->halfWidth(levels.eye));
    return {std::move(solid), levels, widths};
}

std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        std::shared_ptr<const HeadSolid> solid, const FormLook& look,
                                        const ExpressionPlaces& expression, const std::vector<HeadPoint>& hairEdge) {
    Subject subject;
    if (canon)
        subject = {std::move(solid), canon->levels, canon->widths, canon->sidePlane()};
    else
        subject = ownSubject(std::move(solid));
    subject.look = look;
    subject.expression = expression;
    subject.hairEdge = hairEdge;
    if (const auto& lip = expression[ExpressionMark::LipLower]; lip && !canon)
        subject.levels.lowerLip = {lip->y()};
    auto made = form.make(std::move(subject));
    made->setKind(form);
    return made;
}

std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        const HeadMarks& head, const FormLook& look,
                                        const ExpressionPlaces& expression) {
    return construct(form, canon, std::make_shared<const HeadSolid>(head), look, expression);
}

HeadMarks pushed(const HeadMarks& head, double times) {
    HeadMarks more;
    for (int i = 0; i < markCount; ++i) {
        const HeadPoint& usual = adultHeads().mean[markAt(i)];
        more[markAt(i)] = usual + times * (head[markAt(i)] - usual);
    }
    return more;
}

} // namespace zokran
