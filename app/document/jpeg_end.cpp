#include "app/document/jpeg_end.h"

#include <QFile>

namespace zokran {

namespace {

constexpr unsigned char startOfImage = 0xd8, endOfImage = 0xd9;

bool standsAlone(unsigned char marker) {
    return marker == 0x01 || (marker >= 0xd0 && marker <= startOfImage);
}

} // namespace

bool reachesItsEnd(const QString& file) {
    QFile raw(file);
    if (!raw.open(QIODevice::ReadOnly))
        return false;
    const qint64 size = raw.size();
    const unsigned char* bytes = size > 0 ? raw.map(0, size) : nullptr;
    if (!bytes)
        return false;
    qint64 at = 0;
    while (at + 1 < size) {
        if (bytes[at] != 0xff) {
            ++at; // entropy-coded data, or fill bytes before a marker
            continue;
        }
        const unsigned char marker = bytes[at + 1];
        if (marker == endOfImage)
            return true;
        if (marker == 0xff || marker == 0x00 || standsAlone(marker)) {
            at += marker == 0xff ? 1 : 2;
            continue;
        }
        if (at + 3 >= size)
            return false;
        // A segment says how long it is; the bytes of a scan follow its header and are walked
        // through above.
        at += 2 + 256 * bytes[at + 2] + bytes[at + 3];
    }
    return false;
}

} // namespace zokran
