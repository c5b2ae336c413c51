// Answers to drills.

#include "logbook/logbook.h"

#include <fmt/format.h>
#include <map>

namespace zokran {

using Statement = Database::Statement;

void Logbook::keepAnswer(const DrillAnswer& a) {
    Statement s(db_, "INSERT INTO drill VALUES (?, ?, ?, ?, ?, ?)");
    s.bind(a.answered).bind(a.kind).bind(a.seed).bind(static_cast<std::int64_t>(a.level));
    s.bind(a.off).bind(static_cast<std::int64_t>(a.held));
    s.next();
}

namespace {

Logbook::DrillAnswer answerIn(const Statement& s) {
    return {s.text(0), s.text(1), s.integer(2), static_cast<int>(s.integer(3)), s.real(4), s.integer(5) != 0};
}

} // namespace

std::vector<Logbook::DrillAnswer> Logbook::drillAnswers() const {
    Statement s(db_, "SELECT answered, kind, seed, level, off, held FROM drill ORDER BY answered, rowid");
    std::vector<DrillAnswer> all;
    while (s.next())
        all.push_back(answerIn(s));
    return all;
}

std::vector<Logbook::DrillAnswer> Logbook::readableAnswers() const {
    // From both ends, so that one bad page in the middle costs no more than itself.
    std::map<std::int64_t, DrillAnswer> read;
    for (const char* order : {"ASC", "DESC"})
        try {
            Statement s(db_, fmt::format("SELECT answered, kind, seed, level, off, held, rowid FROM drill "
                                         "ORDER BY rowid {}", order));
            while (s.next())
                read.emplace(s.integer(6), answerIn(s));
        } catch (const StorageError&) {
            // What lies beyond is reached from the other end.
        }
    std::vector<DrillAnswer> all;
    for (auto& [row, answer] : read)
        all.push_back(std::move(answer));
    return all;
}

void Logbook::takeBack(const DrillAnswer& a) {
    Statement s(db_, "DELETE FROM drill WHERE answered = ? AND kind = ? AND seed = ? AND level = ?");
    s.bind(a.answered).bind(a.kind).bind(a.seed).bind(static_cast<std::int64_t>(a.level));
    s.next();
}

} // namespace zokran
