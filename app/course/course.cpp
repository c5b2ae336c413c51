#include "app/course/step.h"

namespace zokran {

namespace {

constexpr MakeStep* steps[] = {ZOKRAN_STEPS};

} // namespace

std::vector<std::unique_ptr<Step>> course(StudySession& session) {
    std::vector<std::unique_ptr<Step>> all;
    for (MakeStep* make : steps)
        all.push_back(make(session));
    return all;
}

} // namespace zokran
