#include "app/document/heads_on_page.h"

#include "app/document/page_picture.h"

namespace zokran {

const std::vector<Framing>& HeadsOnPage::of(const QImage& page) {
    static const std::vector<Framing> none;
    if (page.isNull())
        return none;
    if (page.cacheKey() == page_)
        return heads_;
    page_ = page.cacheKey();
    heads_.clear();
    isLooking_ = true;
    const auto found = [this](const std::vector<Framing>& heads) {
        heads_ = heads;
        isLooking_ = false;
        emit changed();
    };
    // A page on which none can be found has none.
    work_.run([page](const Background::Stop&) { return headsIn(page); }, found, [found](const QString&) { found({}); });
    return none;
}

} // namespace zokran
