#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

#include <algorithm>

namespace zokran {

PrintSheet materialsSheet(const FormKind& form, const PaperSize& paper, const Translator& translator) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x();
    // Smaller on small paper, so that it stays one page.
    const double type = std::min(1.0, paper.height / Millimetres{262});
    PaperPoint at(margin, margin + 6 * type);
    const auto heading = [&](const char* words, double whole) {
        const double size = whole * type;
        at.y() += size;
        sheet.items.emplace_back(PrintText{at, translator.say(words), {size}, true, graphite});
        at.y() += 0.9 * size + 1;
    };
    const auto lines = [&](const std::vector<std::string>& all, bool numbered) {
        int number = 0;
        for (const std::string& line : all) {
            ++number;
            const std::string sign = numbered ? std::to_string(number) + "." : "–";
            sheet.items.emplace_back(PrintText{at, sign, {3.5 * type}, false, graphite});
            at = addBlock(sheet, {{at.x() + 7, at.y()}, line, {3.5 * type}, false, graphite}, {area.width() - 7});
            at.x() -= 7;
            at.y() += 0.8;
        }
    };
    heading(ZOKRAN_WORDS("Beside the easel"), 6);
    heading(ZOKRAN_WORDS("What lies ready"), 4.2);
    lines({translator.say(ZOKRAN_WORDS("Paper with some tooth, on a board that stands as upright as the sitter")),
           translator.say(ZOKRAN_WORDS("A pencil of HB or softer, held lightly, for the form; a soft one (2B to 6B) "
                                       "or charcoal for the tones")),
           translator.say(ZOKRAN_WORDS("A kneaded eraser and a hard one; a blade or sharpener, and somewhere "
                                       "for the shavings")),
           translator.say(ZOKRAN_WORDS("A ruler for border, crown and chin; a strip of paper to fold for the unit; "
                                       "a thread with a weight")),
           translator.say(ZOKRAN_WORDS("The reference, turned upright, and this print"))},
          false);
    heading(ZOKRAN_WORDS("In this order"), 4.2);
    std::vector<std::string> order{
        translator.say(ZOKRAN_WORDS("Border first; then crown and chin, so that the head does not eat the page."))};
    for (const FormStep& step : form.steps)
        order.push_back(translator.say(step.words));
    order.push_back(translator.say(ZOKRAN_WORDS("Features as plain lines, cheap to move.")));
    order.push_back(translator.say(ZOKRAN_WORDS("Stop before any shading: measure, look at it in a mirror, "
                                          "photograph it and check.")));
    order.push_back(translator.say(ZOKRAN_WORDS("Then the light, in three values first.")));
    lines(order, true);
    heading(ZOKRAN_WORDS("While you draw"), 4.2);
    lines({translator.say(ZOKRAN_WORDS("Press lightly until the placement holds: begin with what can be erased, end with what cannot.")),
           translator.say(ZOKRAN_WORDS("Finish no eye before the rest stands. Set a new line first, then rub the old one out.")),
           translator.say(ZOKRAN_WORDS("Step back often: the eye stops seeing what it stares at.")),
           translator.say(ZOKRAN_WORDS("The white of an eye is seldom white: keep the highlight. Few teeth, and faint. Hard outlines "
                                 "flatten."))},
          false);
    heading(ZOKRAN_WORDS("Care"), 4.2);
    lines({translator.say(ZOKRAN_WORDS("Look up every few minutes; let neck and hand rest; after about five heads "
                                 "or half an hour stop.")),
           translator.say(ZOKRAN_WORDS("Sharpen away from you, on a table, and put the blade away closed.")),
           translator.say(ZOKRAN_WORDS("Charcoal and pastel dust: wipe it up damp, do not blow it about, and do not "
                                 "eat where you draw.")),
           translator.say(ZOKRAN_WORDS("Fixative is sprayed outdoors or by an open window, away from flames and from "
                                 "people; the makers' safety sheets have the last word.")),
           translator.say(ZOKRAN_WORDS("A drawing can always be changed. Likeness comes late; an error tells you "
                                 "where to look next."))},
          false);
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
