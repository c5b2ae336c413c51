#include "core/base/tone.h"
#include "core/light/depth_buffer.h"
#include "core/light/planar_head.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

#include <algorithm>

namespace zokran {

namespace {

/// A place on the sheet for one head, mm.
struct Panel {
    PaperPoint corner;
    double width, height;
    PlaneGrade grade;
    double pixelsPerMm;
};

/// The head in planes under the light, its tones as a picture and its edges as lines.
void addPlanes(PrintSheet& sheet, const Panel& panel, const Fit& fit, const BustPose& bust, const Lighting& lighting) {
    const PlanarSolid planes = litPlanes(planarHead(), fit.head, panel.grade, bust);
    const int across = static_cast<int>(panel.width * panel.pixelsPerMm), down = static_cast<int>(panel.height * panel.pixelsPerMm);
    View view;
    view.scale = std::min(across / 3.4, down / 3.5);
    view.nearness = fit.view.nearness;
    view.centre = view.principal = PicturePoint(across / 2.0, 0.38 * down);
    view.face(headToView(fit.pose));
    const DepthBuffer buffer(planes.solid, view, across, down);
    constexpr std::uint8_t paper = 255;
    const std::vector<std::uint8_t> grey = Shading(buffer, lighting).picture(lighting.values, paper);
    PrintPicture picture;
    picture.corner = panel.corner;
    picture.width = {panel.width};
    picture.height = {panel.height};
    picture.columns = across;
    picture.rows = down;
    for (std::uint8_t value : grey)
        picture.pixels.insert(picture.pixels.end(), {value, value, value, 255});
    sheet.items.emplace_back(std::move(picture));

    PrintPath edges;
    edges.ink = paleGraphite;
    edges.width = {0.18};
    const auto onSheet = [&](const HeadPoint& p) {
        // The depth buffer's pixel has its middle at a whole number, the picture's its corner.
        return PaperPoint(panel.corner + (view.project(p) + PicturePoint(0.5, 0.5)) / panel.pixelsPerMm);
    };
    constexpr int pieces = 12;
    for (const PlanarSolid::Edge& edge : planes.edges)
        for (int i = 0; i < pieces; ++i) {
            const HeadPoint from = edge.from + (edge.to - edge.from) * i / pieces,
                            to = edge.from + (edge.to - edge.from) * (i + 1) / pieces;
            if (buffer.isSeen((from + to) / 2))
                edges.lines.push_back({onSheet(from), onSheet(to)});
        }
    sheet.items.emplace_back(std::move(edges));
}

} // namespace

PrintSheet planesSheet(const Fit& fit, const BustPose& bust, const Lighting& lighting, const PaperSize& paper,
                       const Translator& translator) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), width = area.width();
    sheet.items.emplace_back(PrintText{{margin, margin + 6}, translator.say(ZOKRAN_WORDS("The head in planes")), {6}, true, graphite});
    const double words = addBlock(sheet,
                                  {{margin, margin + 14},
                                   translator.say(ZOKRAN_WORDS("Each plane has one value, and each shadow is one shape. Block in the "
                                                         "large planes first, as below; then break them into the small ones.")),
                                   {3.4}, false, graphite},
                                  {width})
                             .y();
    // The whole head large, its large planes under it; then the strip of values.
    constexpr double gap = 4, strip = 12, foot = 30;
    const double top = words + 3, height = area.high.y() - top - foot - strip, large = 0.62 * height;
    addPlanes(sheet, {{margin, top}, width, large, PlaneGrade::All, 6}, fit, bust, lighting);
    addPlanes(sheet, {{margin, top + large + gap}, width, height - large - gap, PlaneGrade::Few, 6}, fit, bust, lighting);
    const double y = area.high.y() - foot, each = width / lighting.values;
    for (int i = 0; i < lighting.values; ++i) {
        const double grey = displayOfLinear(linearOfLightness(lightnessOfValue(i, lighting.values))), x = margin + i * each;
        PrintPath patch;
        patch.lines = {{{x, y}, {x + each, y}, {x + each, y + strip}, {x, y + strip}}};
        patch.ink = {grey, grey, grey};
        patch.closed = patch.filled = true;
        sheet.items.emplace_back(std::move(patch));
    }
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
