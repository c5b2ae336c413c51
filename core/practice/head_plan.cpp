#include "core/practice/head_plan.h"

#include <algorithm>
#include <cstdio>
#include <fmt/format.h>

namespace zokran {

namespace {

using std::chrono::sys_days;

bool isOff(const HeadPlan& plan, Day day) {
    return plan.off.contains(std::chrono::weekday(sys_days(day)).iso_encoding());
}

std::string compact(Day day) {
    return fmt::format("{:04}{:02}{:02}", static_cast<int>(day.year()), static_cast<unsigned>(day.month()),
                       static_cast<unsigned>(day.day()));
}

} // namespace

std::string textOf(Day day) {
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(day.year()),
                       static_cast<unsigned>(day.month()), static_cast<unsigned>(day.day()));
}

PlanStatus planStatus(const HeadPlan& plan, const std::vector<Day>& drawn, Day today) {
    PlanStatus standing;
    for (int i = 0; i < plan.days; ++i)
        standing.days.push_back({Day(sys_days(plan.start) + std::chrono::days(i))});
    const Day last = standing.days.empty() ? plan.start : standing.days.back().day;
    for (Day day : drawn)
        if (day >= plan.start && day <= last) {
            ++standing.done;
            for (PlanDay& each : standing.days)
                each.done += each.day == day;
        }
    standing.over = today > last;
    // What was to be done by today, without what today has brought already, over the days that remain.
    int before = 0;
    for (const PlanDay& each : standing.days)
        if (each.day < today)
            before += each.done;
    std::vector<PlanDay*> open;
    for (PlanDay& each : standing.days)
        if (each.day >= today && !isOff(plan, each.day))
            open.push_back(&each);
    int left = std::max(0, plan.goal - before);
    for (std::size_t i = 0; i < open.size(); ++i) {
        // The larger shares first, so that the last day is never the hardest.
        const int remaining = static_cast<int>(open.size() - i);
        open[i]->due = (left + remaining - 1) / remaining;
        left -= open[i]->due;
        if (open[i]->day == today)
            standing.today = *open[i];
    }
    return standing;
}

std::string planText(const HeadPlan& plan) {
    std::string text = fmt::format("{} {} {}", plan.goal, textOf(plan.start), plan.days);
    for (unsigned day : plan.off)
        text += fmt::format(" {}", day);
    return text;
}

std::optional<HeadPlan> parsePlan(const std::string& text) {
    HeadPlan plan;
    int year = 0, month = 0, day = 0, used = 0;
    if (std::sscanf(text.c_str(), "%d %d-%d-%d %d%n", &plan.goal, &year, &month, &day, &plan.days, &used) != 5)
        return std::nullopt;
    plan.start = Day{std::chrono::year{year}, std::chrono::month{static_cast<unsigned>(month)},
                     std::chrono::day{static_cast<unsigned>(day)}};
    constexpr int mostHeads = 10000, mostDays = 3660;
    if (!plan.start.ok() || plan.goal < 1 || plan.goal > mostHeads || plan.days < 1 || plan.days > mostDays)
        return std::nullopt;
    const char* rest = text.c_str() + used;
    unsigned off = 0;
    for (int read = 0; std::sscanf(rest, "%u%n", &off, &read) == 1; rest += read)
        if (off >= 1 && off <= 7)
            plan.off.insert(off);
    if (plan.off.size() == 7)
        return std::nullopt;
    return plan;
}

std::string calendarText(const HeadPlan& plan, const PlanStatus& standing, Day today, const std::string& summary) {
    std::string text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Zokran//Plan of heads//EN\r\n";
    for (const PlanDay& each : standing.days) {
        if (each.day < today || each.due == 0)
            continue;
        std::string called = summary;
        if (const auto at = called.find("{count}"); at != std::string::npos)
            called.replace(at, 7, std::to_string(each.due));
        // Commas and semicolons are escaped (RFC 5545, 3.3.11).
        std::string escaped;
        for (char c : called) {
            if (c == ',' || c == ';' || c == '\\')
                escaped += '\\';
            escaped += c;
        }
        const Day next(sys_days(each.day) + std::chrono::days(1));
        text += fmt::format("BEGIN:VEVENT\r\nUID:{}-{}@zokran\r\nDTSTAMP:{}T000000Z\r\n"
                            "DTSTART;VALUE=DATE:{}\r\nDTEND;VALUE=DATE:{}\r\nSUMMARY:{}\r\n"
                            "TRANSP:TRANSPARENT\r\nEND:VEVENT\r\n",
                            compact(plan.start), compact(each.day), compact(today), compact(each.day),
                            compact(next), escaped);
    }
    return text + "END:VCALENDAR\r\n";
}

} // namespace zokran
