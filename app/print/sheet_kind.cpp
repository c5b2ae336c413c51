#include "app/print/sheet_kind.h"

#include "app/text/messages.h"
#include "core/base/addresses.h"

namespace zokran {

namespace {

constexpr auto kinds = addressesOf(ZOKRAN_SHEET_KINDS);

} // namespace

std::span<const SheetKind* const> sheetKinds() {
    return kinds;
}

QString lacksFit(const StudySession& session) {
    return session.fit() ? QString() : tr("a head that is blocked in");
}

QString lacksNothing(const StudySession&) {
    return {};
}

PrintPicture printed(const QImage& picture) {
    const QImage rgb = picture.convertToFormat(QImage::Format_RGB32);
    PrintPicture out;
    out.columns = rgb.width();
    out.rows = rgb.height();
    if (!rgb.isNull())
        out.pixels.assign(rgb.constBits(), rgb.constBits() + rgb.sizeInBytes());
    return out;
}

} // namespace zokran
