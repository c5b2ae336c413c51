#pragma once

#include "app/background/background.h"
#include "core/compare/compare.h"

#include <QImage>
#include <QObject>
#include <optional>
#include <string>

namespace zokran {

/// For a sitter of the cast room: the plaster head that a sketch shows, beside the one it was drawn
/// from. Made off the UI thread.
class PlasterHeads : public QObject {
    Q_OBJECT

public:
    explicit PlasterHeads(QObject* parent = nullptr);

    struct Pair {
        QImage shown, drawn;
    };
    /// The sitter as seen, and bent to the sketch's marks in the sketch's own pose; nothing while they are
    /// being made, or when nobody of this name sits in the cast room.
    std::optional<Pair> of(const std::string& sitterName, const Comparison& comparison);

signals:
    void changed();

private:
    /// What a pair was made for.
    struct Asked {
        std::string sitter;
        HeadMarks head; ///< as drawn
        Pose seen, drawn;
        bool operator==(const Asked&) const = default;
    };
    std::optional<Asked> asked_;
    std::optional<Pair> made_; ///< of what was asked for last
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
