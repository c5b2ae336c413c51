// Work off the UI thread under load: many owners, requests replaced, cancelled, thrown and waited for at random. Also run
// with the thread sanitizer, by tools/sanitizers threads.

#include "app/background/background.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <catch2/catch.hpp>
#include <random>
#include <stdexcept>
#include <vector>

using namespace zokran;

namespace {

void loop() {
    static int argc = 1;
    static char name[] = "test_background";
    static char* argv[] = {name, nullptr};
    static QCoreApplication app(argc, argv);
    QCoreApplication::processEvents();
}

template <class Until>
bool loopUntil(Until until) {
    QElapsedTimer timer;
    timer.start();
    while (!until() && timer.elapsed() < 60000)
        loop();
    return until();
}

} // namespace

TEST_CASE("Of hundreds of requests that join each is delivered once, as it was made") {
    loop();
    Background work(Background::Newer::Joins);
    std::vector<int> times(400, 0);
    int failed = 0;
    for (int i = 0; i < 400; ++i)
        work.run(
            [i](const Background::Stop&) {
                if (i % 7 == 0)
                    throw std::runtime_error("seven");
                return std::vector<int>(100, i);
            },
            [&](const std::vector<int>& made) { ++times[static_cast<std::size_t>(made.at(99))]; },
            [&](const QString& why) { failed += why == "seven"; }, i % 3);
    REQUIRE(loopUntil([&] { return !work.isRunning(); }));
    CHECK(failed == 58);
    for (int i = 0; i < 400; ++i)
        CHECK(times[static_cast<std::size_t>(i)] == (i % 7 != 0));
}

TEST_CASE("Of requests that replace one another the last is delivered, and none after it is cancelled") {
    loop();
    Background work(Background::Newer::Replaces);
    std::mt19937 random(5);
    int last = 0, delivered = 0;
    for (int i = 1; i <= 300; ++i) {
        work.run(
            [i](const Background::Stop& stop) {
                int sum = 0;
                for (int k = 0; k < 20000 && !stop; ++k)
                    sum += k % 3;
                return sum >= 0 ? i : 0;
            },
            [&](int made) {
                CHECK(made > last);
                last = made;
                ++delivered;
            });
        if (random() % 3 == 0)
            loop();
    }
    REQUIRE(loopUntil([&] { return last == 300; }));
    CHECK(delivered >= 1);
    work.run([](const Background::Stop&) { return 1000; }, [&](int made) { last = made; });
    work.cancel();
    work.wait();
    loop();
    CHECK(last == 300);
}

TEST_CASE("An owner may go at any moment, also from within what it is told") {
    loop();
    std::mt19937 random(9);
    std::atomic<int> running{0};
    int delivered = 0;
    for (int round = 0; round < 100; ++round) {
        auto work = std::make_unique<Background>(round % 2 ? Background::Newer::Joins : Background::Newer::Replaces);
        for (int i = 0; i < 5; ++i)
            work->run(
                [&](const Background::Stop& stop) {
                    ++running;
                    for (int k = 0; k < 2000 && !stop; ++k)
                        std::atomic_thread_fence(std::memory_order_seq_cst);
                    --running;
                    return 1;
                },
                [&](int) { ++delivered; });
        if (random() % 2)
            loop();
        work.reset();
        CHECK(running == 0);
    }
    auto self = std::make_unique<Background>(Background::Newer::Joins);
    for (int i = 0; i < 3; ++i)
        self->run([](const Background::Stop&) { return 0; },
                  [&](int) {
                      ++delivered;
                      self.reset();
                  });
    REQUIRE(loopUntil([&] { return !self; }));
}
