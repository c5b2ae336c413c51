#pragma once

#include "app/background/background.h"
#include "app/document/analysis.h"
#include "app/document/selection/form_view_state.h"
#include "core/light/light.h"
#include "core/light/light_regions.h"
#include "core/light/light_terms.h"
#include "core/light/planar_head.h"
#include "core/light/values.h"
#include "core/page/paper_tone.h"

#include <QHash>
#include <QImage>

namespace zokran {

/// The forms a head is shown in under a light, by their ids: every plane of it, the large planes alone, and round.
inline constexpr const char *usualHeadForm = "planes", *largePlanesForm = "large-planes", *roundHeadForm = "head";

/// The light on the head on the bench: how the form looks under it, and the two pictures in the same
/// values beside it.
class HeadLight : public QObject {
    Q_OBJECT

public:
    HeadLight(Document& document, Analysis& analysis, const FormViewState& formView, QObject* parent = nullptr);

    /// As the learner set it, or the usual one.
    Lighting lighting() const { return document_.study().lighting.value_or(Lighting{}); }
    /// Changes it, undoably; `merge` as in `Document::edit`.
    void set(const QString& words, const QString& merge, const std::function<void(Lighting&)>& change);

    /// Reads the light off the photograph, off the UI thread.
    void read(const QImage& photograph);
    bool isReading() const { return reading_; }
    /// What came of it; of the study on the bench, until the light is set by hand.
    const std::optional<LightReading>& readLast() const { return told_; }
    /// The light was looked for and could not be told.
    bool cannotTell() const { return cannotTell_; }

    /// What is shown shaded: the head in one of its forms (`headForms`), the sketch, or a basic form by its id.
    const std::string& form() const { return form_; }
    void choose(const std::string& form);
    /// The head is shown, in planes or round.
    bool showsHead() const;
    bool stands() const { return stands_; }
    void setStands(bool stands);
    bool showsEdges() const { return edges_; }
    void setShowsEdges(bool edges);
    /// Whether highlight, halftone, core and the other parts of light and shadow are named on the form and on the photo.
    bool namesTerms() const { return namesTerms_; }
    void setNamesTerms(bool names);
    bool squints() const { return squints_; }
    void setSquints(bool squints);
    /// Whether the borders of the values lie on both sheets as lines.
    bool outlines() const { return outlines_; }
    void setOutlines(bool outlines);

    /// A head or form shaded, and how it stands in the picture, px.
    struct Shaded {
        QImage picture;
        View view;
        std::vector<LitPlace> places; ///< of a head, the lightest first
        std::vector<LightTermPlace> terms; ///< where they are to be named
    };
    /// As the lighting has it; nothing before there is a fit. Worked out when light, head, or pose change.
    const std::optional<Shaded>& shaded();

    /// A picture in the lighting's values, and how much of the head lies in each.
    struct Squinted {
        QImage picture; ///< null while it is being made
        std::optional<ValueShares> shares;
        /// The borders of its shapes, px of the sheet; null where it has none.
        std::shared_ptr<const std::vector<std::vector<PicturePoint>>> outlines;
    };
    /// `view`: of the head in the picture as the marks have it, `width` of that picture; may be nothing.
    /// `paper`: of a drawing, whose bare paper or white chalk is the lightest; nothing for a photograph.
    Squinted squinted(const QImage& picture, const std::optional<View>& view, const HeadMarks& head,
                      double width, const std::optional<PaperChoice>& paper);

signals:
    void changed();

private:
    void forget();

    Document& document_;
    Analysis& analysis_;
    const FormViewState& formView_;
    std::string form_ = usualHeadForm;
    bool stands_ = true, edges_ = false, namesTerms_ = false, squints_ = true, outlines_ = false;
    bool reading_ = false, cannotTell_ = false;
    std::optional<LightReading> told_;
    /// What the buffer was made for, and what the shading.
    struct Wanted {
        std::string form;
        bool stands = false;
        HeadMarks head;
        BustPose bust;
        Eigen::Matrix3d facing = Eigen::Matrix3d::Identity();
        double nearness = 0;
        bool operator==(const Wanted&) const = default;
    };
    std::optional<Wanted> wanted_;
    HeadMarks litMarks_;
    LitSolid litHead_; ///< of those marks
    std::optional<FaceRegions> places_;
    std::unique_ptr<DepthBuffer> buffer_;
    std::unique_ptr<DepthBuffer> placesBuffer_; ///< of the round head, small, where planes are shown
    std::vector<PlanarSolid::Edge> edgesOfPlanes_;
    std::optional<Shaded> shaded_;
    Lighting shadedBy_;
    bool shadedEdges_ = false, shadedTerms_ = false;
    QHash<QString, Squinted> squinted_;
    Background reader_{Background::Newer::Replaces}, squinter_{Background::Newer::Joins};
};

} // namespace zokran
