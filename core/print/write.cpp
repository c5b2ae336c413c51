#include "core/print/write.h"

#include "core/base/data_folder.h"
#include "core/base/errors.h"
#include "core/base/atomic_file.h"

#include <fmt/format.h>
#include <array>
#include <cairo-ft.h>
#include <cairo-pdf.h>
#include <cairo-svg.h>
#include <cmath>
#include <memory>
#include <sstream>

namespace zokran {

namespace {

constexpr double pointsToMillimetre = 72 / 25.4; ///< PDF's own unit

/// The two fonts the program ships, opened once; they live as long as the program.
cairo_font_face_t* fontFace(bool strong) {
    static const auto faces = [] {
        FT_Library library;
        if (FT_Init_FreeType(&library))
            throw StorageError("the fonts cannot be read");
        std::array<cairo_font_face_t*, 2> made;
        const char* names[] = {"OpenSans-Regular.ttf", "OpenSans-Semibold.ttf"};
        for (std::size_t i = 0; i < 2; ++i) {
            const std::string file = (dataFolder() / "fonts" / names[i]).string();
            FT_Face face;
            if (FT_New_Face(library, file.c_str(), 0, &face))
                throw StorageError(fmt::format("{}: the font cannot be read", file));
            made[i] = cairo_ft_font_face_create_for_ft_face(face, 0);
        }
        return made;
    }();
    return faces[strong];
}

void setFont(cairo_t* cr, const PrintText& text) {
    cairo_set_font_face(cr, fontFace(text.strong));
    cairo_set_font_size(cr, text.size.value);
}

void setInk(cairo_t* cr, const Ink& ink) {
    cairo_set_source_rgba(cr, ink.red, ink.green, ink.blue, ink.strength);
}

void draw(cairo_t* cr, const PrintPath& path) {
    cairo_new_path(cr);
    for (const auto& line : path.lines) {
        for (std::size_t i = 0; i < line.size(); ++i)
            (i ? cairo_line_to : cairo_move_to)(cr, line[i].x(), line[i].y());
        if (path.closed)
            cairo_close_path(cr);
    }
    setInk(cr, path.ink);
    if (path.filled)
        return cairo_fill(cr);
    cairo_set_line_width(cr, path.width.value);
    cairo_set_line_cap(cr, CAIRO_LINE_CAP_ROUND);
    cairo_set_line_join(cr, CAIRO_LINE_JOIN_ROUND);
    std::vector<double> dashes;
    for (const Millimetres& d : path.dashes)
        dashes.push_back(d.value);
    cairo_set_dash(cr, dashes.data(), static_cast<int>(dashes.size()), 0);
    cairo_stroke(cr);
}

void draw(cairo_t* cr, const PrintText& text) {
    setFont(cr, text);
    setInk(cr, text.ink);
    const double share = text.stands == PrintText::Stands::Left     ? 0
                         : text.stands == PrintText::Stands::Middle ? 0.5
                                                                    : 1;
    cairo_move_to(cr, text.at.x() - share * widthOf(text).value, text.at.y());
    cairo_show_text(cr, text.text.c_str());
}

void draw(cairo_t* cr, const PrintPicture& picture) {
    if (picture.columns < 1 || picture.rows < 1)
        return;
    cairo_surface_t* surface =
        cairo_image_surface_create(CAIRO_FORMAT_RGB24, picture.columns, picture.rows);
    cairo_surface_flush(surface);
    const int stride = cairo_image_surface_get_stride(surface);
    unsigned char* to = cairo_image_surface_get_data(surface);
    const std::size_t row = 4 * static_cast<std::size_t>(picture.columns);
    for (int y = 0; y < picture.rows; ++y)
        std::copy_n(picture.pixels.begin() + static_cast<long>(row) * y, row, to + stride * y);
    cairo_surface_mark_dirty(surface);
    cairo_save(cr);
    cairo_translate(cr, picture.corner.x(), picture.corner.y());
    const PaperPoint pixel(picture.width / picture.columns, picture.height / picture.rows);
    cairo_scale(cr, pixel.x(), pixel.y());
    cairo_set_source_surface(cr, surface, 0, 0);
    cairo_paint_with_alpha(cr, picture.strength);
    cairo_restore(cr);
    cairo_surface_destroy(surface);
}

cairo_status_t gather(void* to, const unsigned char* data, unsigned int length) {
    static_cast<std::string*>(to)->append(reinterpret_cast<const char*>(data), length);
    return CAIRO_STATUS_SUCCESS;
}

} // namespace

Millimetres widthOf(const PrintText& text) {
    struct Measure {
        cairo_surface_t* surface =
            cairo_recording_surface_create(CAIRO_CONTENT_COLOR_ALPHA, nullptr);
        cairo_t* cr = cairo_create(surface);
    };
    thread_local const Measure measure;
    // At a size where the grid of the screen plays no part.
    PrintText large = text;
    large.size = {1000};
    setFont(measure.cr, large);
    cairo_text_extents_t extents;
    cairo_text_extents(measure.cr, text.text.c_str(), &extents);
    return extents.x_advance / 1000 * text.size;
}

std::vector<std::string> broken(const PrintText& text, Millimetres most) {
    std::vector<std::string> lines;
    std::istringstream words(text.text);
    PrintText line = text;
    line.text.clear();
    for (std::string word; words >> word;) {
        PrintText longer = line;
        longer.text += (line.text.empty() ? "" : " ") + word;
        if (!line.text.empty() && widthOf(longer) > most) {
            lines.push_back(line.text);
            longer.text = word;
        }
        line.text = longer.text;
    }
    if (!line.text.empty())
        lines.push_back(line.text);
    return lines;
}

void writeSheets(const std::vector<PrintSheet>& sheets, const std::filesystem::path& file) {
    const std::string ending = file.extension().string();
    const bool svg = ending == ".svg" || ending == ".SVG";
    if (!svg && ending != ".pdf" && ending != ".PDF")
        throw BadInput(fmt::format("{}: a sheet is written as .pdf or .svg", file.string()));
    if (sheets.empty() || (svg && sheets.size() > 1))
        throw BadInput(fmt::format("{}: an SVG holds one sheet; write a PDF", file.string()));
    std::string bytes;
    const double unit = svg ? 1 : pointsToMillimetre;
    const auto create = svg ? cairo_svg_surface_create_for_stream
                            : cairo_pdf_surface_create_for_stream;
    const auto sizeOf = [&](const PaperSize& paper) { return PaperPoint(unit * paper.width, unit * paper.height); };
    const PaperPoint whole = sizeOf(sheets[0].paper);
    const std::unique_ptr<cairo_surface_t, void (*)(cairo_surface_t*)> surface(create(gather, &bytes, whole.x(), whole.y()),
                                                                               cairo_surface_destroy);
    if (svg)
        cairo_svg_surface_set_document_unit(surface.get(), CAIRO_SVG_UNIT_MM);
    const std::unique_ptr<cairo_t, void (*)(cairo_t*)> cr(cairo_create(surface.get()),
                                                          cairo_destroy);
    for (const PrintSheet& sheet : sheets) {
        if (!svg)
            cairo_pdf_surface_set_size(surface.get(), sizeOf(sheet.paper).x(), sizeOf(sheet.paper).y());
        cairo_save(cr.get());
        cairo_scale(cr.get(), unit, unit);
        for (const auto& item : sheet.items)
            std::visit([&](const auto& i) { draw(cr.get(), i); }, item);
        cairo_restore(cr.get());
        cairo_show_page(cr.get());
    }
    cairo_surface_finish(surface.get());
    if (const cairo_status_t status = cairo_surface_status(surface.get()))
        throw StorageError(fmt::format("{}: {}", file.string(), cairo_status_to_string(status)));
    writeAtomically(file, bytes);
}

void writeSheet(PrintSheet sheet, const std::filesystem::path& file) {
    std::vector<PrintSheet> one;
    one.push_back(std::move(sheet));
    writeSheets(one, file);
}

} // namespace zokran
