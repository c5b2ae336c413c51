#include "app/document/plaster_heads.h"

#include "app/document/cast_picture.h"
#include "cast/stand_in_camera.h"

#include <QString>
#include <algorithm>

namespace zokran {

namespace {

constexpr int height = 760; ///< px of each picture

/// The cast's sitter of this name, whatever its capitals.
std::optional<Sitter> sitterCalled(const std::string& name) {
    const std::string id = QString::fromStdString(name).toLower().toStdString();
    const auto& all = sitters();
    const auto found =
        std::find_if(all.begin(), all.end(), [&](const Sitter& s) { return s.id == id; });
    return found == all.end() ? std::nullopt : std::optional(*found);
}

} // namespace

PlasterHeads::PlasterHeads(QObject* parent) : QObject(parent) {}

std::optional<PlasterHeads::Pair> PlasterHeads::of(const std::string& sitterName,
                                                   const Comparison& c) {
    const auto sitter = sitterCalled(sitterName);
    if (!sitter)
        return std::nullopt;
    const Asked wanted{sitter->id, drawnHead(c), c.referencePose, c.sketchPose};
    if (asked_ == wanted)
        return made_;
    asked_ = wanted;
    made_.reset();
    const auto make = [sitter = *sitter, wanted, was = c.sitter](const Background::Stop& stop) {
        const Bust bust(sitter);
        // What the drawing changed of the sitter as marked is what changes of the plaster.
        HeadMarks marks = bust.marks();
        for (int i = 0; i < markCount; ++i)
            marks[markAt(i)] += wanted.head[markAt(i)] - was[markAt(i)];
        const auto taken = [&](const Bust& head, const Pose& pose) {
            Shot shot;
            shot.pose = pose;
            shot.size = height;
            return asQImage(photograph(*meshOf(head, MeshGrain::Coarse), shot, &stop));
        };
        return Pair{taken(bust, wanted.seen), taken(bust.bentTo(marks), wanted.drawn)};
    };
    work_.run(make, [this](const Pair& pair) {
        made_ = pair;
        emit changed();
    });
    return std::nullopt;
}

} // namespace zokran
