#include "cast/simulated_learner.h"

#include "cast/pencil.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace zokran {

namespace {

/// A habit: how far a learner is off at first, how unsteadily, and what share of both is left after
/// many heads, at which pace in heads.
struct Habit {
    const char* error; ///< id of an ErrorMode
    double bias, scatter, left, pace;
};

constexpr Habit habits[] = {
    {"mouth_height", 0.075, 0.030, 0.25, 16}, {"ear_height", 0.110, 0.045, 0.55, 25},
    {"forehead", -0.130, 0.050, 0.35, 14},    {"eyes_apart", 0.030, 0.022, 0.40, 18},
    {"whole_width", -0.020, 0.030, 0.30, 12}, {"eye_sizes", 0.000, 0.060, 0.50, 20},
    {"lower_face", 0.030, 0.040, 0.40, 15},
};

} // namespace

std::vector<SimulatedStudy> simulatedCourse(int studies, int days, unsigned seed) {
    std::mt19937 random(seed);
    auto uniform = [&](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    auto normal = [&](double spread) {
        return std::normal_distribution<double>(0, spread)(random);
    };
    // Evenings in the cast room: the more often, the better the week goes.
    // Five heads an evening are enough; a course that asks for more than the days can hold gets
    // fuller evenings, and no week is left empty.
    const bool crowded = studies > 4 * days;
    const int most = std::max(5, (studies + days - 1) / days);
    std::vector<int> evenings;
    while (static_cast<int>(evenings.size()) < studies) {
        const int day = static_cast<int>(uniform(0, days));
        const int heads = static_cast<int>(uniform(1, 5.99));
        // Tiredness stops a long evening; a bad week stays nearly empty.
        const bool badWeek = !crowded && day / 7 == 2 && uniform(0, 1) < 0.8;
        for (int i = 0; i < heads && !badWeek; ++i)
            if (static_cast<int>(evenings.size()) < studies &&
                std::count(evenings.begin(), evenings.end(), day) < most)
                evenings.push_back(day);
    }
    std::sort(evenings.begin(), evenings.end());
    const std::vector<Sitter>& room = sitters();
    std::vector<SimulatedStudy> course;
    for (int n = 0; n < studies; ++n) {
        SimulatedStudy s;
        s.day = evenings[static_cast<std::size_t>(n)];
        const bool sameEvening = n > 0 && course.back().day == s.day;
        s.minuteOfDay = sameEvening ? course.back().minuteOfDay + static_cast<int>(uniform(9, 32))
                                    : 18 * 60 + 40 + static_cast<int>(uniform(0, 30));
        s.sitter = room[static_cast<std::size_t>(uniform(0, double(room.size())))].id;
        // Easy poses first; heads turned to the left and looking up are put off.
        const double daring = 0.35 + 0.65 * n / std::max(1, studies - 1);
        const double turn = normal(32 * daring) + 14;
        s.shot.pose = poseFromDegrees({std::clamp(turn, -70.0, 75.0)},
                                      {std::clamp(normal(15 * daring) - 4, -38.0, 30.0)},
                                      {std::clamp(normal(9 * daring), -28.0, 28.0)});
        s.shot.lightAzimuth = {uniform(-60, 60)};
        s.shot.lightElevation = {uniform(25, 60)};
        const double goodDay = 1 + normal(0.22);
        for (const Habit& h : habits) {
            const double share = h.left + (1 - h.left) * std::exp(-n / h.pace);
            const double amount = share * (h.bias * goodDay + normal(h.scatter));
            s.planted.errors.emplace_back(h.error, amount);
        }
        const double stubborn = 0.30 + 0.14 * std::exp(-n / 30.0);
        s.planted.straightened = std::clamp(stubborn + normal(0.09), 0.0, 0.7);
        s.planted.growth = std::max(0.0, (0.05 + normal(0.02)) * std::exp(-n / 22.0));
        s.planted.size = 0.93 + normal(0.05) * std::exp(-n / 25.0);
        s.planted.right = normal(0.02);
        s.planted.down = normal(0.02);
        s.planted.hand = hands()[static_cast<std::size_t>(std::clamp(0.5 + 4.5 * n / studies + normal(0.8), 0.0, 5.9))].id;
        s.planted.byPhone = true;
        s.seed = static_cast<unsigned>(random());
        course.push_back(s);
    }
    return course;
}

} // namespace zokran
