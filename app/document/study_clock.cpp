#include "app/document/study_clock.h"

#include <cstdio>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr const char* clockKey = "clock";
constexpr const char* restedKey = "rested";
constexpr int rememberEvery = 5; ///< seconds
constexpr int headsBeforeBreak = 5;
constexpr std::chrono::seconds timeBeforeBreak = std::chrono::minutes(30);

} // namespace

StudyClock::StudyClock(Document& document, QObject* parent) : QObject(parent), document_(document) {
    tick_.setInterval(1000);
    connect(&tick_, &QTimer::timeout, this, [this] {
        if (++ticks_ % rememberEvery == 0)
            remember();
        emit changed();
    });
    connect(&document_, &Document::opened, this, [this] {
        // Another study on the bench: its drawing waits.
        if (running_.isValid() && !isSet())
            pause();
        emit changed();
    });
    recall();
}

void StudyClock::start(Seconds limit) {
    if (!document_.isOpen())
        return;
    study_ = document_.id();
    limit_ = limit;
    before_ = Seconds{0};
    running_.start();
    tick_.start();
    remember();
    emit changed();
}

void StudyClock::pause() {
    before_ = spent();
    running_.invalidate();
    tick_.stop();
    remember();
    emit changed();
}

void StudyClock::resume() {
    if (!isSet() || running_.isValid())
        return;
    running_.start();
    tick_.start();
    remember();
    emit changed();
}

void StudyClock::oneMoreMinute() {
    limit_ = std::max(limit_, spent()) + std::chrono::minutes(1);
    resume();
    remember();
    emit changed();
}

StudyClock::Seconds StudyClock::finish() {
    if (!isSet()) {
        Seconds before{0};
        if (const auto id = document_.id())
            document_.tryEdit([&] {
                const std::string kept = document_.logbook().remembered(keyOf(*id));
                if (kept.empty())
                    return;
                before = Seconds{std::max(0LL, std::strtoll(kept.c_str(), nullptr, 10))};
                document_.logbook().remember(keyOf(*id), "");
            });
        return before;
    }
    const Seconds took = spent();
    ++heads_;
    drawn_ += took;
    study_.reset();
    running_.invalidate();
    tick_.stop();
    before_ = limit_ = Seconds{0};
    remember();
    emit changed();
    return took;
}

void StudyClock::putByForLater() {
    if (!isSet())
        return;
    const std::string key = keyOf(*study_);
    const Seconds took = finish();
    if (!document_.logbook().isReadOnly())
        document_.tryEdit([&] { document_.logbook().remember(key, std::to_string(took.count())); });
}

std::string StudyClock::keyOf(StudyId study) const {
    return fmt::format("took {}", study);
}

StudyClock::Seconds StudyClock::spent() const {
    return before_ + Seconds{running_.isValid() ? running_.elapsed() / 1000 : 0};
}

bool StudyClock::wantsBreak() const {
    return heads_ >= headsBeforeBreak || drawn_ + (isSet() ? spent() : Seconds{0}) >= timeBeforeBreak;
}

void StudyClock::hadBreak() {
    heads_ = 0;
    drawn_ = isSet() ? Seconds{0} - spent() : Seconds{0};
    remember();
    if (!document_.logbook().isReadOnly())
        document_.tryEdit([&] { document_.logbook().remember(restedKey, now()); });
    emit changed();
}

std::string StudyClock::rested() const {
    return document_.logbook().remembered(restedKey);
}

void StudyClock::remember() const {
    if (document_.logbook().isReadOnly())
        return;
    document_.tryEdit([&] {
        document_.logbook().remember(clockKey, fmt::format("{} {} {} {} {}", study_.value_or(0),
                                                      limit_.count(), spent().count(), heads_,
                                                      drawn_.count()));
    });
}

void StudyClock::recall() {
    long long study = 0, limit = 0, spent = 0, heads = 0, drawn = 0;
    if (std::sscanf(document_.logbook().remembered(clockKey).c_str(), "%lld %lld %lld %lld %lld", &study, &limit,
                    &spent, &heads, &drawn) != 5)
        return;
    if (study > 0)
        study_ = study;
    limit_ = Seconds{limit};
    before_ = Seconds{spent};
    heads_ = static_cast<int>(heads);
    drawn_ = Seconds{drawn};
}

} // namespace zokran
