#include "app/course/draw/approach.h"

namespace zokran {

const std::vector<std::unique_ptr<Approach>>& approaches() {
    static const std::vector<std::unique_ptr<Approach>> all = [] {
        std::vector<std::unique_ptr<Approach>> made;
        for (MakeApproach* make : {ZOKRAN_APPROACHES})
            made.push_back(make());
        return made;
    }();
    return all;
}

const Approach& approachOf(const Study& study) {
    for (const auto& approach : approaches())
        if (approach->id() == study.approach)
            return *approach;
    return *approaches().front();
}

} // namespace zokran
