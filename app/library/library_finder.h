#pragma once

#include "core/practice/drawing.h"
#include "logbook/logbook.h"

#include <QString>
#include <QStringList>
#include <optional>

namespace zokran {

/// Coarse classes of head pose to filter the library by.
enum class HeadPoseClass { Any, Front, ThreeQuarter, Profile, LookingUp, LookingDown };
enum class ShelfOrder { Changed, Drawn, Title, Sitter };

/// What studies are searched for; an empty member does not restrict.
struct LibraryFilter {
    QString words;  ///< each of them is somewhere in title, sitter, notes, diary or date
    std::string sitter, finding; ///< whose head; the id of what is to be mended in the last sketch
    HeadPoseClass held = HeadPoseClass::Any;
    ShelfOrder order = ShelfOrder::Changed;
};

/// The studies of a shelf, ready to be searched on every letter typed.
class LibraryFinder {
public:
    void fill(std::vector<StudySummary> studies);
    std::size_t size() const { return known_.size(); }
    /// In the order wished for. The pointers hold until `fill`.
    std::vector<const StudySummary*> find(const LibraryFilter& filter) const;
    /// The study of this number; null where there is none.
    const StudySummary* study(StudyId id) const;
    /// What there is to choose from, each once.
    std::vector<std::string> sitters() const;
    std::vector<std::string> findings() const;

private:
    struct Known {
        StudySummary study;
        QString words; ///< in small letters
        /// Of the last sketch; read when first asked for. Nothing where there are no figures.
        mutable bool read = false;
        mutable std::optional<Drawing> drawing;
    };
    static const std::optional<Drawing>& drawingOf(const Known& known);

    std::vector<Known> known_;
};

} // namespace zokran
