#pragma once

#include "core/page/find_page.h"
#include "core/page/framing.h"

#include <QImage>
#include <optional>

namespace zokran {

/// The sheet of paper a photograph shows; nothing where none is seen. Safe off the UI thread.
std::optional<FoundPage> pageIn(const QImage& photograph);

/// The drawings on a page, px of it. Safe off the UI thread.
std::vector<Framing> headsIn(const QImage& page);

/// The sheet of a photograph laid flat, RGB32. Safe off the UI thread.
QImage laidFlat(const QImage& photograph, const PageRectification& how);

/// How much of the paper a scan shows across, by its resolution; nothing for a photograph, which says
/// nothing true of it. Scanners write 150 dpi and more into their files, cameras and screens
/// less; common practice, no source.
std::optional<Millimetres> scannedWidth(const QImage& image);

} // namespace zokran
