#include "app/document/timed_sitting.h"

#include <algorithm>

namespace zokran {

TimedSitting::TimedSitting(Document& document, StudyClock& clock, QObject* parent)
    : QObject(parent), document_(document), clock_(clock) {
    connect(&document_, &Document::opened, this, [this] {
        if (!waiting_ || !document_.id())
            return;
        waiting_ = false;
        shown_.insert(*document_.id());
        document_.goTo("draw");
        clock_.start(each_);
        emit changed();
    });
    connect(&clock_, &StudyClock::changed, this, [this] {
        if (isOn() && !waiting_ && grace() == 0)
            next();
    });
}

void TimedSitting::begin(int heads, Seconds each, Seconds grace) {
    heads_ = heads;
    each_ = each;
    grace_ = grace;
    at_ = 1;
    shown_.clear();
    waiting_ = true;
    emit headWanted();
    emit changed();
}

void TimedSitting::end() {
    clock_.putByForLater();
    heads_ = at_ = 0;
    waiting_ = false;
    emit changed();
}

void TimedSitting::next() {
    if (at_ >= heads_)
        return end();
    clock_.putByForLater();
    ++at_;
    waiting_ = true;
    emit headWanted();
    emit changed();
}

std::optional<int> TimedSitting::grace() const {
    if (!isOn() || !clock_.isSet() || clock_.limit().count() == 0 || !clock_.isOver())
        return std::nullopt;
    return static_cast<int>(
        std::max<Seconds::rep>(0, (clock_.limit() + grace_ - clock_.spent()).count()));
}

} // namespace zokran
