#include "app/document/heads_on_page.h"

#include "app/document/page_picture.h"

namespace zokran {

HeadsOnPage::~HeadsOnPage() {
    pool_.waitForDone();
}

const std::vector<Framing>& HeadsOnPage::of(const QImage& page) {
    static const std::vector<Framing> none;
    if (page.isNull())
        return none;
    if (page.cacheKey() == page_)
        return heads_;
    page_ = page.cacheKey();
    heads_.clear();
    isLooking_ = true;
    pool_.start([this, page] {
        const std::vector<Framing> heads = headsIn(page);
        QMetaObject::invokeMethod(this, [this, heads, key = page.cacheKey()] {
            if (key != page_)
                return; // another page lies there meanwhile
            heads_ = heads;
            isLooking_ = false;
            emit changed();
        });
    });
    return none;
}

} // namespace zokran
