#pragma once

#include "app/background/background.h"
#include "app/document/analysis.h"
#include "core/light/tone_comparison.h"

#include <QImage>

namespace zokran {

/// The values of photograph and drawing on the bench, place by place. They are compared off the UI thread whenever
/// they are asked for and pictures, marks or the paper have changed since.
class ToneReading : public QObject {
    Q_OBJECT

public:
    ToneReading(Document& document, Analysis& analysis, QObject* parent = nullptr);

    /// The last comparison; null before there is one, or where too little lies in both pictures. `photo`, `drawing`:
    /// as they lie on the bench.
    const ToneComparison* compared(const QImage& photo, const QImage& drawing);
    bool isReading() const { return reader_.isRunning(); }

    /// Which of the findings is looked at, from 0.
    std::size_t chosen() const { return chosen_; }
    void choose(std::size_t finding);

signals:
    void changed();

private:
    /// What a comparison was made from.
    struct Wanted {
        qint64 photo = 0, drawing = 0;
        HeadMarks seenHead, drawnHead;
        PicturePoint seenCentre{0, 0}, drawnCentre{0, 0};
        Eigen::Matrix3d seenFacing = Eigen::Matrix3d::Identity(), drawnFacing = Eigen::Matrix3d::Identity();
        double seenScale = 0, drawnScale = 0;
        PaperChoice paper = PaperChoice::AsItShows;
        bool mouthIsOpen = false;
        bool operator==(const Wanted&) const = default;
    };

    Document& document_;
    Analysis& analysis_;
    std::optional<Wanted> wanted_;
    std::optional<ToneComparison> compared_;
    std::size_t chosen_ = 0;
    Background reader_{Background::Newer::Replaces};
};

} // namespace zokran
