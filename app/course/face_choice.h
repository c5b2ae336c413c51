#pragma once

#include "app/course/step.h"
#include "app/tools/frame_choice_tool.h"

namespace zokran {

/// While the program asks which face of the photograph is drawn: the photograph with every face in a numbered frame,
/// and what is asked. Shared by the steps that show the photograph before it is marked.
class FaceChoice {
public:
    explicit FaceChoice(FaceFinding& faces);

    bool isOn() const { return faces_.asksForFace(); }
    /// Lays frames and tool on a scene of the reference.
    void layOn(Scene& scene);
    NextThing next();

private:
    FaceFinding& faces_;
    FrameChoiceTool tool_;
};

} // namespace zokran
