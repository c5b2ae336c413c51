#pragma once

#include "core/construction/ball_form.h"
#include "core/construction/lines.h"

#include <string>
#include <vector>

namespace zokran {

/// A form that has lines of its own and borrows the rest from the ball form on the same sitter.
class BorrowingForm : public Construction {
public:
    explicit BorrowingForm(Subject s) : Construction(s), head(std::move(s)) {}

protected:
    const BallForm head;
};

/// A line of a form's own, by the id of its row in the table.
inline GuideLine ownLine(std::string_view id, int side = 0, bool hidden = false) {
    const LineEntry* entry = lineNamed(id);
    return {std::string(id) + (side > 0 ? "_l" : side < 0 ? "_r" : ""),
            entry ? entry->kind : LineKind::Construction, hidden, {}};
}

/// A straight line in space, in as many pieces as it takes to look so in perspective.
inline GuideLine ownStraight(std::string_view id, const View& view, const HeadPoint& from,
                             const HeadPoint& to, bool hidden = false) {
    GuideLine line = ownLine(id, 0, hidden);
    for (const HeadPoint& p : {from, to})
        put(line, view, p);
    return line;
}

inline void append(std::vector<GuideLine>& to, std::vector<GuideLine> more) {
    to.insert(to.end(), std::make_move_iterator(more.begin()),
              std::make_move_iterator(more.end()));
}

/// The points of the head's outline as seen: hair's shell or skull, face, jaw and ears, px.
std::vector<PicturePoint> headOutline(const BallForm& head, const View& view);

} // namespace zokran
