#include "app/library/library_finder.h"

#include "app/text/messages.h"
#include "core/base/errors.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace zokran {

namespace {

bool isHeld(const Pose& pose, HeadPoseClass so) {
    const double turn = std::abs(inDegrees(pose.turn)), tilt = inDegrees(pose.tilt);
    switch (so) {
    case HeadPoseClass::Any:
        break;
    case HeadPoseClass::Front:
        return turn < 15;
    case HeadPoseClass::ThreeQuarter:
        return turn >= 15 && turn < 60;
    case HeadPoseClass::Profile:
        return turn >= 60;
    case HeadPoseClass::LookingUp:
        return tilt > 12;
    case HeadPoseClass::LookingDown:
        return tilt < -12;
    }
    return true;
}

} // namespace

void LibraryFinder::fill(std::vector<StudySummary> studies) {
    known_.clear();
    for (StudySummary& study : studies) {
        const QString words = qt(study.title + " " + study.sitter + " " + study.words + " " +
                                 study.drawn.substr(0, 10))
                                  .toLower();
        known_.push_back({std::move(study), words, false, {}});
    }
}

const std::optional<Drawing>& LibraryFinder::drawingOf(const Known& known) {
    if (!known.read) {
        known.read = true;
        try {
            if (!known.study.figures.empty())
                known.drawing = parseFigures(known.study.figures);
        } catch (const BadInput&) {
            // What cannot be read is not found by it.
        }
    }
    return known.drawing;
}

std::vector<const StudySummary*> LibraryFinder::find(const LibraryFilter& filter) const {
    const QStringList wanted = filter.words.toLower().split(' ', Qt::SkipEmptyParts);
    std::vector<const StudySummary*> found;
    for (const Known& known : known_) {
        bool fits = filter.sitter.empty() || known.study.sitter == filter.sitter;
        for (const QString& word : wanted)
            fits = fits && known.words.contains(word);
        if (fits && (filter.held != HeadPoseClass::Any || !filter.finding.empty())) {
            const auto& drawing = drawingOf(known);
            fits = drawing && isHeld(drawing->seen, filter.held) &&
                   (filter.finding.empty() || std::count(drawing->toMend.begin(), drawing->toMend.end(), filter.finding) > 0);
        }
        if (fits)
            found.push_back(&known.study);
    }
    // They come the last changed first; what is alike stays so.
    const auto order = [&](auto key) { std::stable_sort(found.begin(), found.end(), key); };
    using S = const StudySummary*;
    if (filter.order == ShelfOrder::Drawn)
        order([](S a, S b) { return a->drawn > b->drawn; });
    else if (filter.order == ShelfOrder::Title)
        order([](S a, S b) { return QString::localeAwareCompare(qt(a->title), qt(b->title)) < 0; });
    else if (filter.order == ShelfOrder::Sitter)
        order([](S a, S b) { return QString::localeAwareCompare(qt(a->sitter), qt(b->sitter)) < 0; });
    return found;
}

const StudySummary* LibraryFinder::study(StudyId id) const {
    for (const Known& known : known_)
        if (known.study.id == id)
            return &known.study;
    return nullptr;
}

std::vector<std::string> LibraryFinder::sitters() const {
    std::set<std::string> all;
    for (const Known& known : known_)
        if (!known.study.sitter.empty())
            all.insert(known.study.sitter);
    return {all.begin(), all.end()};
}

std::vector<std::string> LibraryFinder::findings() const {
    std::set<std::string> all;
    for (const Known& known : known_)
        if (const auto& drawing = drawingOf(known))
            all.insert(drawing->toMend.begin(), drawing->toMend.end());
    return {all.begin(), all.end()};
}

} // namespace zokran
