#include "app/course/set_up/compositions.h"

#include "core/base/translatable.h"

namespace zokran {

const std::vector<Composition>& compositions() {
    static const std::vector<Composition> all = {
        {ZOKRAN_WORDS("Head and shoulders"), 0.42, 0, 0},
        {ZOKRAN_WORDS("Close"), 0.49, 0, 0},
        {ZOKRAN_WORDS("With air"), 0.3, 0, 0.04},
    };
    return all;
}

PageLayout composed(const Composition& c, const PageLayout& pageLayout, const PaperPoint& well) {
    PageLayout put = pageLayout;
    put.head = c.share * pageLayout.paper.height;
    put.at.reset();
    if (c.left != 0 || c.up != 0)
        put.at = PaperPoint(well - PaperPoint(c.left * pageLayout.paper.width, c.up * pageLayout.paper.height));
    return put;
}

} // namespace zokran
