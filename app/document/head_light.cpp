#include "app/document/head_light.h"

#include "app/document/view_mode_state.h"
#include "app/text/messages.h"
#include "core/light/squint.h"

#include <QPainter>
#include <opencv2/core.hpp>

namespace zokran {

namespace {

constexpr int across = 500, down = 696; ///< px of the shaded picture
constexpr double sheetInRadii = 3.8;    ///< what it covers across, ball radii
constexpr int keptPictures = 6;
constexpr double lineAlone = 60;         ///< lightness that the darkest of a drawing without tone has, seen from afar
constexpr double placesScale = 0.5;      ///< of the picture in which places of the head are looked for

cv::Mat matOf(const QImage& rgb) {
    return {rgb.height(), rgb.width(), CV_8UC4, const_cast<uchar*>(rgb.constBits()),
            static_cast<std::size_t>(rgb.bytesPerLine())};
}

/// Where the head is in a picture, 8-bit.
cv::Mat maskOf(const HeadMarks& head, const View& view, int width, int height) {
    const DepthBuffer buffer(litHead(head), view, width, height);
    cv::Mat mask(height, width, CV_8U, cv::Scalar(0));
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            if (buffer.spot(x, y).there())
                mask.at<std::uint8_t>(y, x) = 255;
    return mask;
}

/// Draws the terminator, and dotted the edges of cast shadows, over a shaded picture.
void drawEdges(QImage& picture, const DepthBuffer& buffer, const Shading& shading) {
    const QRgb terminator = qRgb(178, 60, 40), cast = qRgb(40, 110, 160);
    std::vector<Zone> zones;
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x)
            zones.push_back(buffer.spot(x, y).ground ? Zone::Nothing : shading.at(x, y).zone);
    const auto zone = [&](int x, int y) {
        return zones[static_cast<std::size_t>(y) * static_cast<std::size_t>(picture.width()) +
                     static_cast<std::size_t>(x)];
    };
    const auto away = [](Zone z) { return z == Zone::Core || z == Zone::Reflected; };
    for (int y = 0; y + 2 < picture.height(); ++y)
        for (int x = 0; x + 2 < picture.width(); ++x) {
            const Zone own = zone(x, y);
            for (const Zone beside : {zone(x + 1, y), zone(x, y + 1)}) {
                if (own == Zone::Nothing || beside == Zone::Nothing)
                    continue;
                const bool turns = away(own) != away(beside);
                const bool falls = (own == Zone::Cast) != (beside == Zone::Cast) &&
                                   !away(own) && !away(beside);
                if (turns || (falls && (x + y) % 8 < 4))
                    for (const QPoint& p : {QPoint(x, y), {x + 1, y}, {x, y + 1}, {x + 1, y + 1}})
                        picture.setPixel(p, turns ? terminator : cast);
            }
        }
}

/// Draws the edges between planes where they are seen, fine and light, and the outline of the whole.
void drawPlaneEdges(QImage& picture, const DepthBuffer& buffer, const std::vector<PlanarSolid::Edge>& edges) {
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(QColor(20, 20, 20, 60), 0.8));
    constexpr int pieces = 10;
    for (const PlanarSolid::Edge& edge : edges)
        for (int i = 0; i < pieces; ++i) {
            const HeadPoint from = edge.from + (edge.to - edge.from) * i / pieces,
                            to = edge.from + (edge.to - edge.from) * (i + 1) / pieces;
            if (!buffer.isSeen((from + to) / 2))
                continue;
            const PicturePoint a = buffer.view().project(from), b = buffer.view().project(to);
            painter.drawLine(QPointF(a.x(), a.y()), QPointF(b.x(), b.y()));
        }
    painter.end();
    const QRgb outline = qRgb(40, 38, 36);
    for (int y = 0; y + 1 < picture.height(); ++y)
        for (int x = 0; x + 1 < picture.width(); ++x)
            for (const QPoint& beside : {QPoint(x + 1, y), QPoint(x, y + 1)})
                if (buffer.spot(x, y).there() != buffer.spot(beside.x(), beside.y()).there())
                    picture.setPixel(buffer.spot(x, y).there() ? QPoint(x, y) : beside, outline);
}

} // namespace

HeadLight::HeadLight(Document& document, Analysis& analysis, const FormViewState& formView, QObject* parent)
    : QObject(parent), document_(document), analysis_(analysis), formView_(formView) {
    connect(&document_, &Document::opened, this, &HeadLight::forget);
}

void HeadLight::forget() {
    reader_.cancel();
    squinter_.cancel();
    reading_ = cannotTell_ = false;
    told_.reset();
    form_ = usualHeadForm;
    squinted_.clear();
}

void HeadLight::set(const QString& words, const QString& merge,
                    const std::function<void(Lighting&)>& change) {
    Lighting wanted = lighting();
    change(wanted);
    if (wanted.key != lighting().key)
        told_.reset();
    cannotTell_ = false;
    document_.edit(words, merge, [&](Study& s) { s.lighting = wanted; });
}

void HeadLight::read(const QImage& photograph) {
    if (photograph.isNull() || !analysis_.fit())
        return;
    reading_ = true;
    cannotTell_ = false;
    emit changed();
    const auto look = [photograph, fit = *analysis_.fit()](const Background::Stop&) {
        const QImage rgb = photograph.convertToFormat(QImage::Format_RGB888).rgbSwapped();
        const cv::Mat pixels(rgb.height(), rgb.width(), CV_8UC3, const_cast<uchar*>(rgb.constBits()),
                             static_cast<std::size_t>(rgb.bytesPerLine()));
        return readLight(pixels, fit);
    };
    const auto read = [this](const std::optional<LightReading>& found) {
        reading_ = false;
        cannotTell_ = !found;
        if (found) {
            set(tr("Read the light"), {}, [&](Lighting& l) {
                l.key = found->from;
                l.second = found->second;
            });
            told_ = found;
        }
        emit changed();
    };
    reader_.run(look, read, [read](const QString&) { read(std::nullopt); });
}

void HeadLight::choose(const std::string& form) {
    form_ = form;
    emit changed();
}
void HeadLight::setStands(bool stands) {
    stands_ = stands;
    emit changed();
}
void HeadLight::setShowsEdges(bool edges) {
    edges_ = edges;
    emit changed();
}
void HeadLight::setNamesTerms(bool names) {
    namesTerms_ = names;
    emit changed();
}
void HeadLight::setOutlines(bool outlines) {
    outlines_ = outlines;
    emit changed();
}

void HeadLight::setSquints(bool squints) {
    squints_ = squints;
    emit changed();
}

bool HeadLight::showsHead() const {
    return form_ == usualHeadForm || form_ == largePlanesForm || form_ == roundHeadForm;
}

const std::optional<HeadLight::Shaded>& HeadLight::shaded() {
    const bool head = showsHead();
    const bool inPlanes = head && form_ != roundHeadForm;
    const auto& fit = analysis_.fit();
    if (head && !fit)
        return shaded_ = std::nullopt;
    View view;
    view.scale = across / sheetInRadii;
    view.nearness = head ? fit->view.nearness : nearnessAt(usualDistance);
    view.centre = view.principal = {across / 2.0, down / 2.0};
    // A form stands a little below the eye, turned a little; the hand turns it on.
    Pose pose = head ? fit->pose : Pose{toRadians(Degrees{25}), toRadians(Degrees{-22}), {0}};
    pose.turn += formView_.turned().turn;
    pose.tilt += formView_.turned().tilt;
    view.face(headToView(pose));
    const Wanted wanted{form_, stands_, head ? fit->head : HeadMarks{},
                        inPlanes ? analysis_.bust() : BustPose{}, view.facing(), view.nearness};
    const Lighting light = lighting();
    const bool another = wanted_ != wanted;
    if (another) {
        LitSolid solid;
        placesBuffer_.reset();
        if (head) {
            if (!places_ || litMarks_ != fit->head) {
                litHead_ = litHead(fit->head);
                places_.emplace(litHead_, fit->head);
            }
            litMarks_ = fit->head;
            solid = litHead_;
            edgesOfPlanes_.clear();
            if (inPlanes) {
                // Where light catches first is told of the round head.
                View small = view;
                small.scale *= placesScale;
                small.centre *= placesScale;
                small.principal *= placesScale;
                placesBuffer_ = std::make_unique<DepthBuffer>(std::move(solid), small, static_cast<int>(across * placesScale),
                                                              static_cast<int>(down * placesScale));
                PlanarSolid planes = litPlanes(planarHead(), fit->head, form_ == largePlanesForm ? PlaneGrade::Few : PlaneGrade::All,
                                               wanted.bust);
                solid = std::move(planes.solid);
                edgesOfPlanes_ = std::move(planes.edges);
            }
        } else
            for (const BasicForm& form : basicForms())
                if (form.id == form_)
                    solid = litForm(form, stands_);
        buffer_ = std::make_unique<DepthBuffer>(std::move(solid), view, across, down);
        wanted_ = wanted;
    }
    if (!another && shaded_ && shadedBy_ == light && shadedEdges_ == edges_ && shadedTerms_ == namesTerms_)
        return shaded_;
    const Shading shading(*buffer_, light);
    constexpr std::uint8_t paper = 119; // the middle of the scale
    const std::vector<std::uint8_t> grey = shading.picture(light.values, paper);
    Shaded made;
    made.picture = QImage(grey.data(), across, down, across, QImage::Format_Grayscale8)
                       .convertToFormat(QImage::Format_RGB32);
    if (inPlanes)
        drawPlaneEdges(made.picture, *buffer_, edgesOfPlanes_);
    if (edges_)
        drawEdges(made.picture, *buffer_, shading);
    made.view = view;
    const auto tell = [&](const DepthBuffer& buffer, const Shading& lit, double scale) {
        if (head)
            made.places = litPlaces(buffer, lit, *places_);
        for (LitPlace& place : made.places)
            place.at /= scale;
        if (namesTerms_)
            made.terms = lightTermPlaces(buffer, lit, light);
        for (LightTermPlace& place : made.terms)
            place.at /= scale;
    };
    if (placesBuffer_)
        tell(*placesBuffer_, Shading(*placesBuffer_, light), placesScale);
    else
        tell(*buffer_, shading, 1);
    shadedBy_ = light;
    shadedEdges_ = edges_;
    shadedTerms_ = namesTerms_;
    return shaded_ = std::move(made);
}

HeadLight::Squinted HeadLight::squinted(const QImage& picture, const std::optional<View>& view,
                                        const HeadMarks& head, double width, const std::optional<PaperChoice>& paper) {
    if (picture.isNull())
        return {};
    const int values = lighting().values;
    QString key = QString("%1 %2").arg(picture.cacheKey()).arg(values);
    if (paper)
        key += QString(" %1").arg(static_cast<int>(*paper));
    if (view)
        key += QString(" %1 %2 %3").arg(view->centre.x()).arg(view->centre.y()).arg(view->scale);
    if (const auto known = squinted_.constFind(key); known != squinted_.cend())
        return *known;
    if (squinted_.size() >= keptPictures)
        squinted_.clear();
    squinted_[key] = {};
    const auto squint = [picture, view, head, width, paper, values](const Background::Stop&) {
        const QImage small = shrunk(picture).convertToFormat(QImage::Format_RGB32);
        constexpr double blur = 0.006; // less than half-shut eyes lose, so that the nose stays one
        const cv::Mat whole = matOf(small);
        const cv::Mat lit = paper ? relativeGrey(whole, *paper) : whole;
        std::optional<View> onSmall = view;
        cv::Mat mask;
        if (onSmall) {
            const double share = small.width() / width;
            onSmall->scale *= share;
            onSmall->centre *= share;
            onSmall->principal *= share;
            mask = maskOf(head, *onSmall, small.width(), small.height());
        }
        SquintScale scale;
        if (onSmall)
            scale = squintScaleOf(lit, mask, {onSmall->scale});
        // Of a drawing the bare paper, or white chalk, is the lightest there is; one that is line alone has no shapes, and no
        // shares.
        const bool hasShapes = onSmall && !(paper && scale.dark > lineAlone);
        if (paper)
            scale.light = 100;
        const cv::Mat grey = hasShapes ? squintedShapes(lit, scale, values) : zokran::squinted(lit, values, blur);
        constexpr double lineBlur = 0.04; // of the ball's radius
        const cv::Mat shown = onSmall && !hasShapes ? squintedLines(lit, {lineBlur * onSmall->scale}, values) : grey;
        Squinted made;
        made.picture = QImage(shown.data, shown.cols, shown.rows, static_cast<qsizetype>(shown.step), QImage::Format_Grayscale8)
                           .convertToFormat(QImage::Format_RGB32);
        if (hasShapes) {
            auto outlines = shapeOutlines(grey, {onSmall->scale});
            for (auto& line : outlines)
                for (PicturePoint& p : line)
                    p *= width / small.width();
            made.outlines = std::make_shared<const std::vector<std::vector<PicturePoint>>>(std::move(outlines));
        }
        if (onSmall)
            made.shares = valueShares(grey, mask, values);
        return made;
    };
    squinter_.run(squint, [this, key](const Squinted& made) {
        squinted_[key] = made;
        emit changed();
    });
    return {};
}

} // namespace zokran
