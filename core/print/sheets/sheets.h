#pragma once

#include "core/compare/finding_lines.h"
#include "core/construction/forms.h"
#include "core/head/bust_pose.h"
#include "core/light/lighting.h"
#include "core/page/page.h"
#include "core/page/plan.h"
#include "core/print/drawing.h"
#include "core/messages/translator.h"

namespace zokran {

/// The sheets that lie beside the easel. Each is one file of this folder.

/// A sketch with what is to be mended first: the sketch faint, the lines drawn dashed, where they
/// belong in chalk, an arrow between with its length, and the first three findings in words. True to
/// size where `perPixel` is known and the head fits; smaller by a round ratio, which it says, where it
/// does not. `sketch`: its pixels, or none (no columns). `mended`: the same with its lines where they belong, shown small at
/// the foot; or none.
PrintSheet correctionSheet(const Comparison& comparison, const LinesSeenBy& lines,
                           const PrintPicture& sketch,
                           const std::optional<MillimetresPerPixel>& perPixel,
                           const std::string& title, const PaperSize& paper,
                           const Translator& translator = english(), const PrintPicture& mended = {});

/// The form alone where the plan puts it, in light lines for tracing or under a light box. `lines`: as
/// the plan's view shows them.
PrintSheet guideSheet(const std::vector<GuideLine>& lines,
                      const PaperSize& paper, const Translator& translator = english());

/// A reference with lines laid over it (a grid, edge coordinates), as large as the paper holds, and the
/// paper's own of the planned size. `overPhoto` in px of the photograph, `onPaper` in mm.
std::vector<PrintSheet> gridSheets(const PrintPicture& photo, const std::vector<GuideLine>& overPhoto,
                                   const std::vector<GuideLine>& onPaper, const PaperSize& paper,
                                   const Translator& translator = english());

/// The reference beside its form, the levels named; under them a ruler of this drawing's own eyes to cut
/// out, in wholes, halves and thirds, as the plan has their size. `form`: in px of the photograph.
PrintSheet landmarksSheet(const PrintPicture& photo, const Fit& fit,
                          const std::vector<GuideLine>& form, const PagePlan& plan,
                          const PaperSize& paper, const Translator& translator = english());

/// A form put down step by step, one panel a step: what is new in it strong, what stands already pale.
/// `lines`: as `view` shows them, px, with their steps.
PrintSheet stepsSheet(const FormKind& form, const std::vector<GuideLine>& lines, const View& view,
                      const PaperSize& paper, const Translator& translator = english());

/// A head in planes under a light, each plane in one of its values: every plane large, and the large planes beside them.
/// Throws BadInput where the planes cannot be read.
PrintSheet planesSheet(const Fit& fit, const BustPose& bust, const Lighting& lighting, const PaperSize& paper,
                       const Translator& translator = english());

/// Strips of three, five and ten values to cut out, equal in lightness; of an odd number the middle one is
/// the middle of the scale.
PrintSheet valuesSheet(const PaperSize& paper, const Translator& translator = english());

/// Twelve balls, each with a turn, tilt and lean to draw its planes by; on the second sheet the answers. One
/// seed gives the same twelve anywhere.
std::vector<Pose> ballPoses(std::uint32_t seed);
std::vector<PrintSheet> ballSheets(std::uint32_t seed, const PaperSize& paper,
                                   const Translator& translator = english());

/// A head on a contact sheet: its reference and its sketch, each without columns where there is none, both of
/// the shape of half a card (about 0.81 wide to 1 high).
struct ContactHead {
    PrintPicture reference, sketch;
    std::string title, about; ///< one line each; what does not fit is left out
};

/// Many heads side by side, reference and sketch to a card, on as many sheets as they need.
std::vector<PrintSheet> contactSheets(const std::string& title, const std::vector<ContactHead>& heads,
                                      const PaperSize& paper, const Translator& translator = english());

/// What lies ready, the order of the steps by the chosen form, and the trade's cautions, on one page.
PrintSheet materialsSheet(const FormKind& form, const PaperSize& paper,
                          const Translator& translator = english());

} // namespace zokran
