#include "core/base/translatable.h"
#include "core/construction/ball_form.h"
#include "core/construction/forms.h"

namespace zokran {

namespace {

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("A light ball for the skull, and the ovals that slice off its sides."),
     "ball* side_oval side_level* side_plumb*"},
    {ZOKRAN_WORDS("Brow line and centre line wrapped round it: they carry turn and tilt."),
     "brow_line centre_line"},
    {ZOKRAN_WORDS("Step the levels down the centre line to nose base and chin."),
     "hairline nose_base_line chin_line crown_line"},
    {ZOKRAN_WORDS("The front plane from the brow's corners to the chin, then the jaw from under the "
                  "ear."),
     "front_edge* face_edge jaw_line throat"},
    {ZOKRAN_WORDS("Ear, neck, and the hair standing off the skull."),
     "ear ear_inner neck pit shoulders collar_bones hair hair_edge"},
    {ZOKRAN_WORDS("Features on their lines, as plain lines first."), ""},
};

} // namespace

const FormKind ballKind{"ball", ZOKRAN_WORDS("Ball with planes"),
                        ZOKRAN_WORDS("A ball sliced flat at the sides, the face hung on its brow "
                                     "line. Best for heads tilted and turned."),
                        steps, [](Subject s) -> std::unique_ptr<Construction> {
                            return std::make_unique<BallForm>(std::move(s));
                        }};

} // namespace zokran
