#include "app/library/card_text.h"

#include "app/text/messages.h"
#include "core/messages/finding_messages.h"
#include "core/practice/drawing.h"

#include <QCoreApplication>
#include <cmath>

namespace zokran {

namespace {

struct CardText {
    Q_DECLARE_TR_FUNCTIONS(CardText)
};

} // namespace

QString cardText(const StudySummary& study) {
    QString text = qt(study.title);
    if (study.drawn.empty())
        return text + "\n" + CardText::tr("not drawn yet");
    std::optional<Drawing> drawing;
    try {
        if (!study.figures.empty())
            drawing = parseFigures(study.figures);
    } catch (const BadInput&) {
        // Figures of a later version say nothing here.
    }
    if (!drawing)
        return text + "\n" + CardText::tr("drawn, not compared yet");
    // How it is turned, what to mend first, and how far off its marks lie: so one card is set against the next.
    const auto degrees = [](Radians angle) { return std::lround(std::abs(inDegrees(angle))); };
    constexpr Degrees straight{5};
    const Pose& seen = drawing->seen;
    QString pose = abs(seen.turn) < toRadians(straight) ? CardText::tr("facing you")
                   : seen.turn > Radians{0}             ? CardText::tr("turned right %1°").arg(degrees(seen.turn))
                                                        : CardText::tr("turned left %1°").arg(degrees(seen.turn));
    if (abs(seen.tilt) > toRadians(straight))
        pose +=
            ", " + (seen.tilt > Radians{0} ? CardText::tr("chin up %1°") : CardText::tr("chin down %1°")).arg(degrees(seen.tilt));
    text += "\n" + pose;
    const QString found = drawing->toMend.empty() ? CardText::tr("nothing to mend") : qt(nameOfFinding(drawing->toMend.front(), learnersTranslator()));
    text += "\n" + found;
    if (const auto off = drawing->distance())
        text += " · " + CardText::tr("%1 % off").arg(decimal(*off, 1));
    return text;
}

} // namespace zokran
