#pragma once

#include "core/head/marks.h"
#include "see/face_points.h"

namespace zokran {

/// The marks of a face at the points of the mesh that stand for them, without any correction: sixteen marks and the
/// expression marks, all `suggested`. Each has the noise that is common for such points.
MarkSheet uncorrectedMarks(const FoundFace& face, int width, int height);

/// The marks of a face. The mesh's points lie beside our marks. On plaster and in drawings by an amount that depends on the pose
/// and on how open mouth and eyes are, learned on renders and drawings of them (data/heads/mesh_offsets.json and
/// drawing_offsets.json, tools/make_mesh_offsets.py): in drawings the network understates the turn; on living skin by a
/// constant, learned on faces marked by hand (data/heads/skin_offsets.json, tools/learn_skin_offsets.py). Each mark's noise
/// joins what was learned, which grows with the turn and on the far side, with how much the face and its mirror image disagree
/// in this picture. `smiling` is set where the lips stand apart. Throws BadInput when one of the files cannot be read.
MarkSheet marksOf(const FoundFace& face, int width, int height, PictureKind kind = PictureKind::Photograph);

/// Whether the face has the colour of skin: plaster and drawings have not, nor have photographs without colour.
bool isLiving(const FoundFace& face);

/// What the offset of a mark from its point depends on, as the uncorrected marks' own fit reads it.
struct OffsetFeatures {
    Radians turn, tilt, lean;
    Pixels radius;                        ///< the ball's
    BallRadii mouthOpening, eyeOpening;   ///< between the lips' inner edges; mean of the two eyes
};
OffsetFeatures offsetFeatures(const FoundFace& face, const MarkSheet& uncorrected);

/// How much the readings of the face and of its mirror image differ at a mark: half the difference, px.
PicturePoint disagreementAt(const FoundFace& face, Mark mark);
PicturePoint disagreementAt(const FoundFace& face, ExpressionMark mark);

} // namespace zokran
