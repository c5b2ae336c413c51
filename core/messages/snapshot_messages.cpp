#include "core/messages/snapshot_messages.h"

#include "core/messages/finding_messages.h"
#include "core/messages/pose_messages.h"
#include "core/messages/self_assessment_messages.h"

#include <cmath>

namespace zokran {

namespace {

std::string millimetres(double value) {
    return fmt::format("{:.0f}", value);
}

/// Three figures tell which way an angle goes: of the first photograph, of one half-way, and of the last.
std::string figuresOf(const std::vector<double>& angles) {
    std::string figures = figureFor(Radians{angles.front()});
    if (angles.size() > 2)
        figures += ", " + figureFor(Radians{angles[angles.size() / 2]});
    return figures + ", " + figureFor(Radians{angles.back()});
}

} // namespace

std::string wordsFor(const DrawingDrift& drift, const Pose& seen, const Translator& translator) {
    switch (drift.kind) {
    case Drift::Size: {
        const char* sentence =
            drift.amount > 0
                ? ZOKRAN_WORDS("The head has grown {percent} % since the first photograph, from {from} to {to} mm: going on like "
                               "this it leaves its place on the page. Step its height off again before you go on.")
                : ZOKRAN_WORDS("The head has shrunk {percent} % since the first photograph, from {from} to {to} mm. Step its "
                               "height off again before you go on.");
        return translator.say(sentence, {{"percent", fmt::format("{:.0f}", 100 * std::abs(drift.amount))},
                                   {"from", millimetres(drift.values.front())},
                                   {"to", millimetres(drift.values.back())}});
    }
    case Drift::Turn:
        return translator.say(ZOKRAN_WORDS("The turn is slipping: {figures}. The photograph shows {seen}. Draw the centre line anew "
                                     "before the features follow it."),
                        {{"figures", figuresOf(drift.values)}, {"seen", figureFor(seen.turn)}});
    case Drift::Tilt:
        break;
    }
    return translator.say(ZOKRAN_WORDS("The tilt is slipping: {figures}. The photograph shows {seen}. Draw the brow line anew before "
                                 "the features follow it."),
                    {{"figures", figuresOf(drift.values)}, {"seen", figureFor(seen.tilt)}});
}

std::string wordWhileDrawing(const DrawingTimeline& timeline, const Pose& seen, const Translator& translator) {
    if (!timeline.drifts.empty())
        return wordsFor(timeline.drifts.front(), seen, translator);
    std::string list;
    for (Part part : timeline.mendedAndHeld)
        list += (list.empty() ? "" : ", ") + wordsFor(part, translator);
    return list.empty() ? std::string() : translator.say(ZOKRAN_WORDS("What you mended holds: {list}."), {{"list", list}});
}

std::string wordsFor(const FindingOnset& onset, const Translator& translator) {
    const std::string name = nameOfFinding(onset.finding, translator);
    if (onset.snapshot == 0)
        return translator.say(ZOKRAN_WORDS("{finding}: from the first photograph on"), {{"finding", name}});
    return translator.say(ZOKRAN_WORDS("{finding}: since photograph {number}"),
                    {{"finding", name}, {"number", fmt::format("{}", onset.snapshot + 1)}});
}

} // namespace zokran
