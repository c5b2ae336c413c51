#pragma once

#include "app/background/background.h"
#include "app/document/document.h"
#include "core/fit/shape_information.h"

#include <QObject>
#include <map>

namespace zokran {

/// What the sitter's other studies say of the sitter's shape. Their fits are made off the UI thread
/// and kept as long as their marks stay the same.
class SitterShape : public QObject {
    Q_OBJECT

public:
    explicit SitterShape(Document& document, QObject* parent = nullptr);

    const ShapeInformation& shape() const { return shape_; }
    /// How many other photographs sharpen the reading.
    int photographs() const { return photographs_; }

signals:
    void learnt();

private:
    void look();
    void gather(const std::vector<std::pair<StudyId, std::string>>& others);

    struct Told {
        std::string marks; ///< as stored, which tells when they have changed
        std::optional<ShapeInformation> shape;
    };
    Document& document_;
    std::map<StudyId, Told> told_;
    std::string sitter_;
    std::optional<StudyId> study_;
    ShapeInformation shape_;
    int photographs_ = 0;
    int asked_ = 0; ///< counts the questions, so that an old answer is known as such
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
