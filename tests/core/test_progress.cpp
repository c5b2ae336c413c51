// Progress over many drawings: the statistics against certified results, what is claimed against learners
// simulated here on another principle than the cast's.

#include "core/base/errors.h"
#include "core/files/progress_file.h"
#include "core/practice/head_plan.h"
#include "core/practice/progress.h"
#include "core/practice/repetition.h"
#include "core/messages/progress_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <random>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A learner as numbers alone: each feature lands with a bias and a scatter, a turn is flattened by a share,
/// and the biases may shrink from the first drawing to the last.
struct Learner {
    double mouthUp = 0, mouthLater = 0, slope = 1, scatter = 2;
    std::mt19937 random;

    double normal(double sd) { return std::normal_distribution<double>(0, sd)(random); }
    std::vector<Drawing> draw(int count, int days) {
        std::vector<Drawing> all;
        for (int i = 0; i < count; ++i) {
            const double share = count > 1 ? 1.0 * i / (count - 1) : 0;
            Drawing d;
            d.drawn = Moment{std::chrono::sys_days{std::chrono::year{2026} / 3 / 1} +
                             std::chrono::seconds(static_cast<long long>(share * days * 86400))};
            d.seen = pose(std::uniform_real_distribution<double>(-55, 55)(random), normal(10), normal(6));
            d.asDrawn = d.seen;
            d.asDrawn.turn = d.seen.turn * slope + toRadians(Degrees{normal(3)});
            const double together = normal(scatter / 2); // what is off together in one drawing
            for (int k = 0; k < markCount; ++k)
                d.off[markAt(k)] = Drawing::Off{together + normal(scatter), normal(scatter)};
            for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
                d.off[m]->up += mouthUp + share * (mouthLater - mouthUp);
            all.push_back(d);
        }
        return all;
    }
};

const HabitSeen* habit(const Progress& p, std::string_view id) {
    for (const HabitSeen& h : p.habits)
        if (h.habit->id == id)
            return &h;
    return nullptr;
}

} // namespace

TEST_CASE("A straight line agrees with the certified results of NIST's Norris data") {
    // NIST Statistical Reference Datasets, Norris (linear regression, 36 observations); typed from memory, and
    // proved right by the certified digits that come out.
    constexpr double y[] = {0.1,   338.8, 118.1, 888.0, 9.2,   228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3,
                            0.1,   778.1, 668.8, 339.3, 448.9, 10.8,  557.7, 228.3, 998.0, 888.8, 119.6, 0.3,
                            0.6,   557.6, 339.3, 888.0, 998.5, 778.9, 10.2,  117.6, 228.9, 668.4, 449.2, 0.2};
    constexpr double x[] = {0.2,   337.4, 118.2, 884.6, 10.1,  226.5, 666.3, 996.3, 448.6, 777.0, 558.2, 0.4,
                            0.6,   775.5, 666.9, 338.0, 447.5, 11.6,  556.0, 228.1, 995.8, 887.6, 120.2, 0.3,
                            0.3,   556.8, 339.1, 887.2, 999.0, 779.0, 11.1,  118.3, 229.2, 669.1, 448.9, 0.5};
    const auto line = lineThrough(x, y);
    REQUIRE(line);
    CHECK(line->slope.mean == Approx(1.00211681802045).epsilon(1e-9));
    CHECK(line->intercept.mean == Approx(-0.262323073774029).epsilon(1e-9));
    CHECK(line->scatter == Approx(0.884796396144373).epsilon(1e-9));
    // Its certified standard deviation, by Student's value of 34 degrees of freedom.
    CHECK((line->slope.high - line->slope.mean) / studentsT(0.95, 34) ==
          Approx(0.429796848199937e-3).epsilon(1e-8));
    CHECK((line->intercept.high - line->intercept.mean) / studentsT(0.95, 34) ==
          Approx(0.232818234301152).epsilon(1e-8));
}

TEST_CASE("Student's values are those of the printed tables") {
    // Two-sided 5 % points; any statistics handbook.
    for (const auto& [freedom, value] : {std::pair{1, 12.706}, {2, 4.303}, {5, 2.571}, {10, 2.228}, {20, 2.086},
                                         {30, 2.042}, {120, 1.980}})
        CHECK(studentsT(0.95, freedom) == Approx(value).margin(6e-4));
    CHECK_FALSE(meanOf(std::vector<double>{1, 2, 3}));
    const auto mean = meanOf(std::vector<double>{4, 6, 5, 9, 1}); // mean 5, standard deviation 2.915476
    REQUIRE(mean);
    CHECK(mean->mean == Approx(5));
    CHECK(mean->high - 5 == Approx(2.776445 * 2.915476 / std::sqrt(5)).epsilon(1e-5));
    CHECK_FALSE(lineThrough(std::vector<double>{1, 1, 1, 1}, std::vector<double>{1, 2, 3, 4}));
}

TEST_CASE("Planted biases and straightening are found without bias, and their intervals cover") {
    constexpr int learners = 300;
    int mouth = 0, slope = 0, ellipse = 0;
    double meanMouth = 0, meanSlope = 0;
    for (int i = 0; i < learners; ++i) {
        Learner learner{3, 3, 0.7, 2, std::mt19937(static_cast<unsigned>(9000 + i))};
        const Progress p = progressOf(learner.draw(25, 60));
        const FeatureBias& b = *p.bias[Mark::LipLine];
        mouth += b.up.low <= 3 && 3 <= b.up.high;
        meanMouth += b.up.mean / learners;
        slope += p.straightening->slope.low <= 0.7 && 0.7 <= p.straightening->slope.high;
        meanSlope += p.straightening->slope.mean / learners;
        // The ellipse holds (0, 3): the squared distance in its own standard deviations.
        const double da = b.across.mean, du = b.up.mean - 3;
        const double det = b.varAcross * b.varUp - b.covariance * b.covariance;
        const double d2 =
            (b.varUp * da * da - 2 * b.covariance * da * du + b.varAcross * du * du) / det;
        ellipse += d2 <= b.reach * b.reach;
    }
    CHECK(meanMouth == Approx(3).margin(0.08));
    CHECK(meanSlope == Approx(0.7).margin(0.006));
    for (const int covered : {mouth, slope, ellipse}) {
        CHECK(covered >= 0.92 * learners);
        CHECK(covered <= 0.98 * learners);
    }
}

TEST_CASE("A planted change is named in eight of ten, and none is made up in ninety-five of a hundred") {
    constexpr int learners = 200;
    int named = 0, invented = 0, claimed = 0;
    for (int i = 0; i < learners; ++i) {
        Learner changing{7, 1, 0.8, 2, std::mt19937(static_cast<unsigned>(100 + i))};
        const Progress p = progressOf(changing.draw(30, 90));
        const HabitSeen* h = habit(p, "mouth_up");
        named += h && h->changes && h->lately < h->before;
        Learner steady{4, 4, 0.8, 2, std::mt19937(static_cast<unsigned>(7000 + i))};
        const Progress q = progressOf(steady.draw(30, 90));
        bool any = false;
        for (const HabitSeen& each : q.habits)
            any = any || each.changes;
        invented += any;
        // Nor a habit where there is none.
        Learner clean{0, 0, 1, 2, std::mt19937(static_cast<unsigned>(40000 + i))};
        claimed += !progressOf(clean.draw(30, 90)).habits.empty();
    }
    CHECK(named >= 0.8 * learners);
    CHECK(invented <= 0.05 * learners);
    CHECK(claimed <= 0.07 * learners);
}

TEST_CASE("Progress is said in sentences that its intervals carry, and few drawings say so") {
    Learner learner{5, 5, 0.6, 1.5, std::mt19937(5)};
    const auto drawings = learner.draw(40, 60);
    const auto words = progressWords(progressOf(drawings));
    REQUIRE(words.size() >= 2);
    CHECK(words[0].starts_with("You straighten turned heads: "));
    CHECK(words[1].starts_with("You set the mouth "));
    CHECK(words[1].find(" too high, in ") != std::string::npos);
    const auto few = progressWords(progressOf({drawings.begin(), drawings.begin() + 3}));
    REQUIRE(few.size() == 1);
    CHECK(few[0].find("3 of at least 5") != std::string::npos);
    CHECK(progressWords(progressOf({})).size() == 1);
    // What is no straightening is not called so.
    Learner true_{0, 0, 1, 1.5, std::mt19937(6)};
    CHECK(progressWords(progressOf(true_.draw(40, 60)))[0].starts_with("Turned heads stay turned"));
}

TEST_CASE("Poses never drawn come first in what to draw next") {
    Learner learner{0, 0, 1, 2, std::mt19937(3)};
    auto drawings = learner.draw(200, 60);
    for (Drawing& d : drawings)
        d.seen = pose(std::abs(toDegrees(d.seen.turn).value), 2, 0); // to the right alone, level
    const Progress p = progressOf(drawings);
    int counted = 0;
    for (const PoseCell& c : p.poses)
        counted += c.count;
    CHECK(counted == 200);
    for (const PoseCell& c : posesToDraw(p, 5))
        CHECK(c.count == 0);
    CHECK(wordsFor(PoseCell{{-50}, {-30}, {7}, {20}}) == "turned 30° to 50° to your left, chin up");
    CHECK(wordsFor(PoseCell{{-10}, {10}, {-7}, {7}}) == "facing you, level");
}

TEST_CASE("Poses drawn badly come oftener, and none is avoided") {
    // A learner who is twice as far off in heads turned far to the right, and draws what is wanted next.
    Learner learner{0, 0, 1, 1, std::mt19937(77)};
    std::vector<Drawing> drawn;
    constexpr int heads = 240;
    for (int i = 0; i < heads; ++i) {
        const auto wanted = posesToDraw(progressOf(drawn), 6);
        const PoseCell& c = wanted[learner.random() % wanted.size()];
        Drawing d = learner.draw(1, 1).front();
        d.seen = poseFromDegrees((c.turnLow + c.turnHigh) / 2, (c.tiltLow + c.tiltHigh) / 2, {0});
        if (c.turnLow >= Degrees{30})
            for (auto& off : d.off)
                off = Drawing::Off{2 * off->up, 2 * off->across};
        drawn.push_back(d);
    }
    double weak = 0, others = 0;
    int weakCells = 0, otherCells = 0;
    for (const PoseCell& c : progressOf(drawn).poses) {
        CHECK(c.count >= 2);
        (c.turnLow >= Degrees{30} ? weak : others) += c.count;
        ++(c.turnLow >= Degrees{30} ? weakCells : otherCells);
    }
    CHECK(weak / weakCells > 1.8 * others / otherCells);
    CHECK(weak / weakCells < 5 * others / otherCells);
}

TEST_CASE("A hand that opens the eyes too far is told so, and one that nobody looked at is not") {
    Learner learner{0, 0, 1, 2, std::mt19937(3)};
    std::vector<Drawing> drawn = learner.draw(20, 40);
    for (Drawing& d : drawn) {
        d.expressionOff[ExpressionMark::LidUpperL] = Drawing::Off{1 + learner.normal(0.4), 0};
        d.expressionOff[ExpressionMark::LidLowerL] = Drawing::Off{-0.8 + learner.normal(0.4), 0};
    }
    const Progress progress = progressOf(drawn);
    REQUIRE(habit(progress, "eyes_open"));
    CHECK(habit(progress, "eyes_open")->mean.mean == Approx(1.8).margin(0.4));
    CHECK_FALSE(habit(progress, "upper_lip"));
    CHECK_FALSE(habit(progress, "eyebrows_up"));
}

TEST_CASE("A drawing's figures go into one line and come back") {
    Learner learner{1, 2, 0.9, 2, std::mt19937(8)};
    Drawing d = learner.draw(1, 1).front();
    d.toMend = {"mouth_height", "mark_chin"};
    d.firstPart = Part::Mouth;
    d.off[Mark::Back].reset();
    d.expressionOff[ExpressionMark::LidUpperL] = Drawing::Off{1.25, -0.5};
    const Drawing back = parseFigures(figuresText(d));
    CHECK(back.toMend == d.toMend);
    CHECK(back.firstPart == d.firstPart);
    CHECK_FALSE(back.off[Mark::Back]);
    CHECK(back.expressionOff[ExpressionMark::LidUpperL] == Drawing::Off{1.25, -0.5});
    CHECK_FALSE(back.expressionOff[ExpressionMark::LidUpperR]);
    CHECK(back.seen.turn.value == Approx(d.seen.turn.value).margin(1e-5));
    CHECK(back.off[Mark::Chin]->up == Approx(d.off[Mark::Chin]->up).margin(1e-3));
    for (const char* bad : {"", "1 2 3", "1 2 3 4 5 6 nose_of_wax 1 2 ;", "1 2 3 4 5 nan ;", "1 2 3 4 5 6 chin 1"})
        CHECK_THROWS_AS(parseFigures(bad), BadInput);
    const std::string table = progressTable({d});
    CHECK(std::count(table.begin(), table.end(), '\n') == 2);
    const std::string head = table.substr(0, table.find('\r')), row = table.substr(table.find('\n') + 1);
    CHECK(std::count(head.begin(), head.end(), ',') == std::count(row.begin(), row.end(), ','));
}

// ------------------------------------------------------------------------- plan of heads and drills

namespace {

Day day(int y, unsigned m, unsigned d) {
    return std::chrono::year{y} / std::chrono::month{m} / std::chrono::day{d};
}

} // namespace

TEST_CASE("A plan spreads what is missed over the days that remain") {
    const HeadPlan plan{100, day(2026, 10, 20), 10, {}};
    const auto first = planStatus(plan, {}, day(2026, 10, 20));
    REQUIRE(first.today);
    CHECK(first.today->due == 10);
    int sum = 0;
    for (const PlanDay& d : first.days)
        sum += d.due;
    CHECK(sum == 100);
    // Four days missed, over the end of summer time (25 October 2026 in Europe): six days for all.
    const auto later = planStatus(plan, {}, day(2026, 10, 24));
    CHECK(later.days.size() == 10);
    CHECK(later.days.back().day == day(2026, 10, 29));
    CHECK(later.today->due == 17);
    // What was drawn today does not make today's share smaller, only done.
    std::vector<Day> drawn(12, day(2026, 10, 21));
    drawn.insert(drawn.end(), 5, day(2026, 10, 24));
    const auto now = planStatus(plan, drawn, day(2026, 10, 24));
    CHECK(now.done == 17);
    CHECK(now.today->done == 5);
    CHECK(now.today->due == 15); // 88 over six days
    CHECK(planStatus(plan, drawn, day(2026, 10, 30)).over);
    CHECK_FALSE(planStatus(plan, drawn, day(2026, 10, 30)).today);
    CHECK_FALSE(planStatus(plan, drawn, day(2026, 10, 19)).today);
}

TEST_CASE("Days off ask for nothing, also over a leap day and the year's end") {
    const HeadPlan plan{20, day(2027, 12, 27), 70, {6, 7}}; // a Monday; over 29 February 2028
    const auto standing = planStatus(plan, {}, day(2027, 12, 27));
    CHECK(standing.days.back().day == day(2028, 3, 5));
    int due = 0;
    for (const PlanDay& d : standing.days) {
        const unsigned weekday = std::chrono::weekday(std::chrono::sys_days(d.day)).iso_encoding();
        if (weekday > 5)
            CHECK(d.due == 0);
        due += d.due;
    }
    CHECK(due == 20);
    CHECK_FALSE(planStatus(plan, {}, day(2028, 1, 1)).today); // a Saturday
    CHECK(parsePlan(planText(plan)) == plan);
    for (const char* bad : {"", "100", "0 2026-01-01 10", "10 2026-02-30 10", "10 2026-01-01 0",
                            "10 2026-01-01 5 1 2 3 4 5 6 7"})
        CHECK_FALSE(parsePlan(bad));
}

TEST_CASE("The calendar file holds each day still to come, whole days as RFC 5545 has them") {
    const HeadPlan plan{30, day(2026, 12, 30), 3, {}};
    const std::string text =
        calendarText(plan, planStatus(plan, {}, day(2026, 12, 31)), day(2026, 12, 31), "Draw {count}, then rest");
    CHECK(text.starts_with("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n"));
    CHECK(text.ends_with("END:VCALENDAR\r\n"));
    CHECK(text.find("DTSTART;VALUE=DATE:20261231\r\nDTEND;VALUE=DATE:20270101\r\nSUMMARY:Draw 15\\, then rest") !=
          std::string::npos);
    CHECK(text.find("20261230T") == std::string::npos);
    std::size_t events = 0;
    for (std::size_t at = 0; (at = text.find("BEGIN:VEVENT", at)) != std::string::npos; ++at)
        ++events;
    CHECK(events == 2);
}

TEST_CASE("Drills grow harder as one succeeds, and what was missed comes again") {
    std::vector<AskedTask> history;
    CHECK(nextTask(history, 7, 5).seed == 7);
    CHECK(nextTask(history, 7, 5).level == 1);
    history = {{1, 1, true}, {2, 1, true}, {3, 1, true}};
    CHECK(levelOf(history, 5) == 2);
    history.push_back({4, 2, false});
    history.push_back({5, 2, false});
    CHECK(levelOf(history, 5) == 1);
    history = {{1, 1, false}, {2, 1, true}};
    CHECK_FALSE(nextTask(history, 9, 5).again);
    history.push_back({3, 1, true});
    CHECK(nextTask(history, 9, 5).again);
    CHECK(nextTask(history, 9, 5).seed == 1);
    history.push_back({1, 1, true}); // held now: once more after six others
    CHECK_FALSE(nextTask(history, 9, 5).again);
    for (std::uint32_t i = 10; i < 16; ++i)
        history.push_back({i, 1, i % 2 == 0});
    const NextTask late = nextTask(history, 99, 5);
    CHECK(late.again);
    // A beginner whose error shrinks climbs; one whose does not stays low.
    for (const bool learns : {true, false}) {
        std::mt19937 random(3);
        std::vector<AskedTask> all;
        for (std::uint32_t i = 0; i < 120; ++i) {
            const NextTask next = nextTask(all, 1000 + i, 5);
            const double error = learns ? 14 - 0.1 * i : 14, tolerance = 14 - 2.0 * next.level;
            all.push_back({next.seed, next.level,
                           std::abs(std::normal_distribution<double>(0, error)(random)) < tolerance});
        }
        const int level = levelOf(all, 5);
        CHECK((learns ? level >= 4 : level <= 3));
    }
}
