#pragma once

#include <chrono>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace zokran {

/// A day of the learner's own calendar, wherever they are and whatever the clocks do.
using Day = std::chrono::year_month_day;

/// So many heads in so many days.
struct HeadPlan {
    int goal = 100;
    Day start{};
    int days = 10;            ///< of the calendar, from `start` on
    std::set<unsigned> off;   ///< weekdays without drawing, ISO: 1 is Monday, 7 Sunday
    bool operator==(const HeadPlan&) const = default;
};

/// A plan as it stands on one day.
struct PlanDay {
    Day day;
    int due = 0;  ///< heads for that day
    int done = 0; ///< drawn on it
};
struct PlanStatus {
    int done = 0;               ///< since the start
    std::vector<PlanDay> days;  ///< every day of the plan; what is missed is spread over those that remain
    std::optional<PlanDay> today; ///< nothing before the start, after the end, and on a day off
    bool over = false;          ///< its last day has passed
};

/// `drawn`: the day of each head drawn.
PlanStatus planStatus(const HeadPlan& plan, const std::vector<Day>& drawn, Day today);

/// A plan as one line of text, and read back; nothing where the text is no plan.
std::string planText(const HeadPlan& plan);
std::optional<HeadPlan> parsePlan(const std::string& text);

/// The days still to come as a calendar file (iCalendar, RFC 5545): one entry for each whole day. `summary`:
/// what an entry is called, with {count} for the heads.
std::string calendarText(const HeadPlan& plan, const PlanStatus& standing, Day today, const std::string& summary);

/// "2026-11-26".
std::string textOf(Day day);

} // namespace zokran
