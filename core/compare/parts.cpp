#include "core/compare/parts.h"

#include <algorithm>
#include <iterator>

namespace zokran {

namespace {

constexpr std::string_view ids[] = {"whole", "turn", "eyes", "nose",
                                    "mouth", "chin", "ears", "forehead", "neck", "brows"};

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

Part partOf(ExpressionMark mark) {
    switch (featureOf(mark)) {
    case ExpressionFeature::Eyebrow:
        return Part::Brows;
    case ExpressionFeature::Lid:
        return Part::Eyes;
    case ExpressionFeature::Lip:
        break;
    }
    return Part::Mouth;
}

std::vector<Part> partsOf(const Finding& finding) {
    if (finding.severity == Severity::Fine)
        return {};
    if (finding.id == "turn" || finding.id == "tilt")
        return {Part::Turn};
    if (finding.line)
        switch (*finding.line) {
        case DrawnLine::Neck:
        case DrawnLine::Shoulders:
            return {Part::Neck};
        case DrawnLine::Nostrils:
            return {Part::Nose};
        case DrawnLine::Face:
            return {Part::Chin};
        case DrawnLine::Shape:
            return {Part::Whole};
        default:
            return {Part::Forehead};
        }
    std::vector<Part> parts;
    const bool isWhole = std::find(std::begin(wholes), std::end(wholes), finding.id) != std::end(wholes);
    if (isWhole)
        parts.push_back(Part::Whole);
    const auto speaksOf = [&](Part part) {
        if (std::find(parts.begin(), parts.end(), part) == parts.end())
            parts.push_back(part);
    };
    // The marks of an error of the whole shape only show it, but the lower face is its features.
    if (!isWhole || finding.id == "lower_face")
        for (Mark m : finding.marks)
            speaksOf(partOf(m));
    if (finding.marks.empty())
        for (ExpressionMark m : finding.expressionMarks)
            speaksOf(partOf(m));
    return parts;
}

std::optional<Part> partOf(const Finding& finding) {
    const std::vector<Part> parts = partsOf(finding);
    return parts.empty() ? std::nullopt : std::optional(parts.front());
}

std::vector<Part> partsLookedAt(const Comparison& c) {
    const auto isLookedAt = [&](Part part) {
        const auto& lines = c.linesCompared;
        const auto has = [&](DrawnLine line) { return std::find(lines.begin(), lines.end(), line) != lines.end(); };
        if (part == Part::Whole || part == Part::Turn)
            return true;
        if (part == Part::Neck)
            return has(DrawnLine::Neck) || has(DrawnLine::Shoulders);
        bool any = part == Part::Forehead && has(DrawnLine::Hair);
        for (int i = 0; i < markCount; ++i)
            any = any || (c.placements[markAt(i)] && partOf(markAt(i)) == part);
        for (int i = 0; i < expressionMarkCount; ++i)
            any = any || (c.expressionPlacements[expressionMarkAt(i)] && partOf(expressionMarkAt(i)) == part);
        return any;
    };
    std::vector<Part> parts;
    std::copy_if(std::begin(allParts), std::end(allParts), std::back_inserter(parts), isLookedAt);
    return parts;
}

std::vector<SelfAssessmentAnswer> answerTo(const std::vector<Part>& said, const Comparison& comparison) {
    std::vector<SelfAssessmentAnswer> answers;
    const std::vector<Part> looked = partsLookedAt(comparison);
    const auto isIn = [](const std::vector<Part>& parts, Part part) {
        return std::find(parts.begin(), parts.end(), part) != parts.end();
    };
    for (Part part : said) {
        const auto first = std::find_if(comparison.findings.begin(), comparison.findings.end(),
                                        [&](const Finding& f) { return isIn(partsOf(f), part); });
        answers.push_back({part, first == comparison.findings.end() ? 0 : first->rank, isIn(looked, part)});
    }
    return answers;
}

} // namespace zokran
