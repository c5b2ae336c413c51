#pragma once

#include <QColor>

namespace zokran {

/// How lines and marks are put down. On the screen they take the theme's colours and a halo against
/// any photograph; on paper they are ink on white.
struct PaintStyle {
    QColor ground, beside; ///< of a sheet, and beside a picture that does not fill it
    QColor text, quiet;
    QColor chalk, ink, correction, mark, halo;
    double haloWidth = 1; ///< times the usual; 0 for none
    double stroke = 1;    ///< widths of lines and marks, times the usual

    /// The theme in force.
    static PaintStyle screen();
    /// For white paper.
    static PaintStyle print();
};

} // namespace zokran
