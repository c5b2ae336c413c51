#include "app/looking/way.h"

namespace zokran {

const std::vector<std::unique_ptr<Way>>& waysOfLooking() {
    static const std::vector<std::unique_ptr<Way>> ways = [] {
        std::vector<std::unique_ptr<Way>> made;
        for (MakeWay* make : {makeSideBySide, makeLaidOver, makeFlicker, makeWipe, makeMirrored,
                              makeUpsideDown, makeFaded, makeSquint, makeDrawnHead})
            made.push_back(make());
        return made;
    }();
    return ways;
}

const Way& wayNow(const Desk& desk) {
    for (const auto& way : waysOfLooking())
        if (way->id() == desk.looking.way() && (desk.comparison() || !way->needsComparison()))
            return *way;
    return *waysOfLooking().front();
}

} // namespace zokran
