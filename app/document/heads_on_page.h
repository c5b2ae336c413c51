#pragma once

#include "app/background/background.h"
#include "core/page/framing.h"

#include <QImage>
#include <QObject>
#include <vector>

namespace zokran {

/// The drawings on the page that lies on the bench, looked for off the UI thread.
class HeadsOnPage : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;

    /// Of this page, px of it; none while they are being looked for, and `changed` tells.
    const std::vector<Framing>& of(const QImage& page);
    /// They are being looked for in this page.
    bool isLookingAt(const QImage& page) const { return isLooking_ && page_ == page.cacheKey(); }

signals:
    void changed();

private:
    bool isLooking_ = false;
    qint64 page_ = 0; ///< the key of the picture they were looked for in
    std::vector<Framing> heads_;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
