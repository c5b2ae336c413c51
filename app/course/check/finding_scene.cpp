#include "app/course/check/finding_scene.h"

#include "app/text/messages.h"
#include "core/compare/hand_check.h"
#include "core/files/canon_file.h"
#include "core/messages/line_messages.h"

#include <algorithm>

namespace zokran {

using enum Mark;

QString arrowLength(const OpenStudy& opened, const Finding& finding) {
    const Sketch* attempt = opened.study().sketch();
    const auto length = lengthOf(
        *opened.comparison(), finding,
        attempt ? attempt->page.perPixel({1.0 * attempt->marks.width}) : std::nullopt);
    if (!length)
        return {};
    if (length->onPaper)
        return tr("%1 mm").arg(std::max(1.0, std::round(length->onPaper->value)));
    return tr("%1 % of the head").arg(decimal(100 * length->share, 1));
}

std::optional<Levels> schoolLevels(const OpenStudy& opened) {
    const std::string& canon = opened.study().canon;
    if (canon == "sitter")
        return std::nullopt;
    try {
        return canonNamed(canon).levels;
    } catch (const BadInput&) {
        return std::nullopt; // its file went; the guides say so
    }
}

FindingShown findingOn(const OpenStudy& opened, const Finding& finding, Side side) {
    FindingShown shown;
    const Comparison& c = *opened.comparison();
    const View& view = side == Side::Reference ? opened.fit()->view : c.registeredView;
    if (const auto check = handCheckFor(c, finding)) {
        const MarkSheet& sheet = opened.study().marks(side);
        const View& of = side == Side::Reference ? opened.fit()->view : c.sketchView;
        const HandCheckBars bars = barsOf(*check, of, [&](Mark m) { return sheet.seen(m).value_or(of.project(c.sitter[m])); });
        shown.bars = {{bars.length.first, bars.length.second,
                       decimal(side == Side::Reference ? check->seen : check->drawn, 2)},
                      {bars.unit.first, bars.unit.second, QStringLiteral("1")}};
    }
    for (const auto& [mark, id] : {std::pair{Brow, "brow_line"}, {NoseBase, "nose_base_line"}})
        shown.threads.emplace_back(view.project(c.sitter[mark]),
                                   side == Side::Reference
                                       ? qt(wordsForLine(id, learnersTranslator()))
                                       : QString());
    const auto lines = [&](const View& seenFrom) { return opened.analysis.linesSeenBy(seenFrom); };
    if (side == Side::Reference) {
        shown.belongs = finding.line ? strokesThrough(*finding.line, opened.study().reference.lines[*finding.line])
                                     : seenLines(lines, view, linesOf(finding));
        return shown;
    }
    FindingLines on = linesOn(c, finding, lines);
    shown.drawn = std::move(on.drawn);
    shown.belongs = std::move(on.belongs);
    if (on.way)
        shown.arrow = {on.way->first, on.way->second, arrowLength(opened, finding)};
    return shown;
}

} // namespace zokran
