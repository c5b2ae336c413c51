#include "core/compare/parts.h"

#include <algorithm>

namespace zokran {

namespace {

constexpr std::string_view ids[] = {"whole", "turn", "eyes", "nose",
                                    "mouth", "chin", "ears", "forehead"};

/// Errors of the whole shape, whatever marks show them.
constexpr std::string_view wholes[] = {"whole_size", "whole_height", "whole_across", "whole_lean",
                                       "whole_width", "face_width", "face_height", "lower_face"};

} // namespace

std::string_view idOf(Part part) {
    return ids[static_cast<int>(part)];
}

std::optional<Part> partNamed(std::string_view id) {
    for (Part part : allParts)
        if (idOf(part) == id)
            return part;
    return std::nullopt;
}

Part partOf(Mark mark) {
    using enum Mark;
    switch (mark) {
    case Crown:
    case Hairline:
    case Brow:
    case Back:
        return Part::Forehead;
    case NoseRoot:
    case NoseTip:
    case NoseBase:
    case NoseWingL:
    case NoseWingR:
        return Part::Nose;
    case MouthCornerL:
    case MouthCornerR:
    case LipLine:
        return Part::Mouth;
    case Chin:
    case JawAngleL:
    case JawAngleR:
        return Part::Chin;
    case EarTopL:
    case EarTopR:
    case EarBaseL:
    case EarBaseR:
        return Part::Ears;
    default:
        return Part::Eyes;
    }
}

std::optional<Part> partOf(const Finding& finding) {
    if (finding.severity == Severity::Fine)
        return std::nullopt;
    if (finding.id == "turn" || finding.id == "tilt")
        return Part::Turn;
    if (std::find(std::begin(wholes), std::end(wholes), finding.id) != std::end(wholes))
        return Part::Whole;
    return finding.marks.empty() ? std::nullopt : std::optional(partOf(finding.marks.front()));
}

std::vector<SaidAnswer> answerTo(const std::vector<Part>& said, const Comparison& comparison) {
    std::vector<SaidAnswer> answers;
    for (Part part : said) {
        const auto first =
            std::find_if(comparison.findings.begin(), comparison.findings.end(),
                         [&](const Finding& f) { return partOf(f) == part; });
        answers.push_back({part, first == comparison.findings.end() ? 0 : first->rank});
    }
    return answers;
}

} // namespace zokran
