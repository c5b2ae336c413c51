// Answers to drills.

#include "logbook/logbook.h"

namespace zokran {

using Statement = Database::Statement;

void Logbook::keepAnswer(const DrillAnswer& a) {
    Statement s(db_, "INSERT INTO drill VALUES (?, ?, ?, ?, ?, ?)");
    s.bind(a.answered).bind(a.kind).bind(a.seed).bind(static_cast<std::int64_t>(a.level));
    s.bind(a.off).bind(static_cast<std::int64_t>(a.held));
    s.next();
}

std::vector<Logbook::DrillAnswer> Logbook::drillAnswers() const {
    Statement s(db_, "SELECT answered, kind, seed, level, off, held FROM drill ORDER BY answered, rowid");
    std::vector<DrillAnswer> all;
    while (s.next())
        all.push_back({s.text(0), s.text(1), s.integer(2), static_cast<int>(s.integer(3)), s.real(4),
                       s.integer(5) != 0});
    return all;
}

void Logbook::takeBack(const DrillAnswer& a) {
    Statement s(db_, "DELETE FROM drill WHERE answered = ? AND kind = ? AND seed = ? AND level = ?");
    s.bind(a.answered).bind(a.kind).bind(a.seed).bind(static_cast<std::int64_t>(a.level));
    s.next();
}

} // namespace zokran
