#include "app/course/light/light_panel.h"

#include "app/course/light/light_scenes.h"
#include "app/widgets/light_ball.h"
#include "app/widgets/theme.h"
#include "app/widgets/value_strip.h"
#include "app/text/messages.h"
#include "core/base/tone.h"
#include "core/messages/light_messages.h"
#include "core/messages/tone_messages.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>

namespace zokran {

namespace {

/// Two patches of tone, as it was drawn and as it should be, and the way from the one to the other.
QIcon toneIcon(double drawn, double expected, double density) {
    constexpr int width = 52, height = 22, patch = 20;
    QPixmap pixmap(QSize(width, height) * density);
    pixmap.setDevicePixelRatio(density);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto tone = [](double value) {
        // From a soft pencil's darkest to bare paper.
        const int grey = static_cast<int>(std::lround(255 * displayOfLinear(linearOfLightness(22 + 76 * value))));
        return QColor(grey, grey, grey);
    };
    painter.setPen(QPen(Theme::current().hairline, 1));
    painter.setBrush(tone(drawn));
    painter.drawRoundedRect(QRectF(0.5, 0.5, patch, height - 1), 3, 3);
    painter.setBrush(tone(expected));
    painter.drawRoundedRect(QRectF(width - patch - 0.5, 0.5, patch, height - 1), 3, 3);
    painter.setPen(QPen(Theme::current().text, 1.4));
    const double middle = height / 2.0;
    painter.drawLine(QPointF(patch + 2, middle), QPointF(width - patch - 2, middle));
    painter.drawPolyline(QPolygonF{QPointF(width - patch - 6, middle - 4), QPointF(width - patch - 2, middle),
                                   QPointF(width - patch - 6, middle + 4)});
    painter.end();
    QIcon icon;
    // Choosing a row does not tint it: its tones are what is told.
    for (QIcon::Mode mode : {QIcon::Normal, QIcon::Selected, QIcon::Active})
        icon.addPixmap(pixmap, mode);
    return icon;
}

} // namespace

LightPanel::LightPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    buildForm();
    buildTones();
    buildLight();
    buildValues();
    auto* places = new QHBoxLayout;
    for (QLabel** label : {&lights_, &darks_}) {
        places->addWidget(*label = new QLabel, 1, Qt::AlignTop);
        (*label)->setTextFormat(Qt::PlainText);
        (*label)->setWordWrap(true);
    }
    column_->addLayout(places);
    next_ = addText({}, "caption");
    meanings_ = addText({});
    meanings_->setTextFormat(Qt::RichText);
    buildShown();
    column_->addStretch();
}

void LightPanel::buildLight() {
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    row->addWidget(ball_ = new LightBall);
    auto* words = new QVBoxLayout;
    words->setSpacing(4);
    const auto label = [&](const char* type) {
        auto* text = new QLabel;
        text->setWordWrap(true);
        text->setProperty("type", type);
        words->addWidget(text);
        return text;
    };
    direction_ = label("strong");
    doubt_ = label("caption");
    words->addWidget(second_ = new QCheckBox(tr("A second light")));
    words->addStretch();
    row->addLayout(words, 1);
    column_->addLayout(row);
    column_->addWidget(read_ = new QPushButton(tr("&Read it from the photo")));
    connect(read_, &QPushButton::clicked, this, [this] { session_.light.read(session_.picture(Side::Reference)); });
    connect(ball_, &LightBall::moved, this, [this](const LightDirection& to, int gesture) {
        session_.light.set(tr("Turn the light"), QString("light %1").arg(gesture), [&](Lighting& l) { l.key = to; });
    });
    connect(second_, &QCheckBox::clicked, this, [this](bool on) {
        session_.light.set(tr("A second light"), {}, [&](Lighting& l) {
            l.second = on ? std::optional(SecondLight{{-l.key.azimuth, l.key.elevation}})
                          : std::nullopt;
        });
    });
}

void LightPanel::buildValues() {
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    auto* name = new QLabel(tr("Values"));
    name->setProperty("type", "strong");
    row->addWidget(name);
    row->addStretch();
    for (int count : {2, 3, 5, 10}) {
        auto* button = new QPushButton(QString::number(count));
        button->setProperty("role", "line");
        button->setCheckable(true);
        button->setMinimumWidth(36);
        button->setAccessibleName(tr("%1 values").arg(count));
        row->addWidget(button);
        values_.push_back(button);
        connect(button, &QPushButton::clicked, this,
                [this, count] { session_.light.set(tr("Choose the values"), {}, [&](Lighting& l) { l.values = count; }); });
    }
    column_->addLayout(row);
    column_->addWidget(strip_ = new ValueStrip);
    trouble_ = addText({});
}

void LightPanel::buildForm() {
    auto* row = new QHBoxLayout;
    auto* name = new QLabel(tr("On the ri&ght"));
    row->addWidget(name);
    row->addWidget(form_ = new QComboBox, 1);
    name->setBuddy(form_);
    form_->setAccessibleName(tr("On the right"));
    form_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    form_->setMinimumContentsLength(8);
    form_->addItem(tr("The head in planes"), usualHeadForm);
    form_->addItem(tr("Its large planes"), largePlanesForm);
    form_->addItem(tr("The round form"), roundHeadForm);
    form_->addItem(tr("Your sketch"), "sketch");
    for (const BasicForm& form : basicForms())
        form_->addItem(qt(learnersTranslator().say(form.name)), form.id);
    column_->addLayout(row);
    connect(form_, &QComboBox::activated, this, [this](int index) {
        session_.selection.form.turn({});
        session_.light.choose(form_->itemData(index).toString().toStdString());
    });
}

void LightPanel::buildShown() {
    const auto box = [this](const QString& text, auto act) {
        auto* check = new QCheckBox(text);
        column_->addWidget(check);
        connect(check, &QCheckBox::clicked, this, act);
        return check;
    };
    squint_ = box(tr("S&quint both pictures"), [this](bool on) { session_.light.setSquints(on); });
    outlines_ = box(tr("The s&hapes as outlines"), [this](bool on) { session_.light.setOutlines(on); });
    edges_ = box(tr("&Edges of the shadows"), [this](bool on) { session_.light.setShowsEdges(on); });
    terms_ = box(tr("&Name light and shadow"), [this](bool on) { session_.light.setNamesTerms(on); });
    terms_->setToolTip(tr("Highlight, halftone, core, reflected light and cast shadow, on the form and on the photo"));
    stands_ = box(tr("Standing on a &table"), [this](bool on) { session_.light.setStands(on); });
}

void LightPanel::showValues() {
    const int count = session_.light.lighting().values;
    for (QPushButton* button : values_)
        button->setChecked(button->text().toInt() == count);
    const auto seen = squintedOn(session_, Side::Reference).shares, drawn = squintedOn(session_, Side::Sketch).shares;
    strip_->show(count, seen, drawn);
    const QString told =
        seen && drawn ? qt(wordsFor(valueTrouble(*seen, *drawn), learnersTranslator())) : QString();
    trouble_->setText(told);
    trouble_->setVisible(!told.isEmpty());
}

void LightPanel::showStudy() {
    HeadLight& light = session_.light;
    const Lighting lighting = light.lighting();
    ball_->show(lighting);
    const QString where = qt(wordsFor(lighting.key, learnersTranslator()));
    direction_->setText(light.cannotTell() && !light.isReading() ? tr("Set by hand: light %1").arg(where)
                                                                 : tr("Light %1").arg(where));
    const Degrees across = toDegrees(lighting.key.azimuth), up = toDegrees(lighting.key.elevation);
    QString doubt = tr("%1° across, %2° up").arg(lround(across)).arg(lround(up));
    if (light.isReading())
        doubt = tr("Reading the photo…");
    else if (light.cannotTell())
        doubt = tr("Cannot tell from this photo: its light is too flat, or the face too small.");
    else if (const auto& told = light.readLast())
        doubt += tr("\nread from the photo, ±%1°").arg(std::lround(inDegrees(told->sigma)));
    doubt_->setText(doubt);
    second_->setChecked(lighting.second.has_value());
    read_->setEnabled(session_.fit() && !light.isReading() && !session_.picture(Side::Reference).isNull());
    form_->setCurrentIndex(std::max(0, form_->findData(qt(light.form()))));
    squint_->setChecked(light.squints());
    outlines_->setChecked(light.outlines());
    edges_->setChecked(light.showsEdges());
    const bool basic = !light.showsHead() && light.form() != "sketch";
    edges_->setEnabled(light.form() != "sketch");
    terms_->setChecked(light.namesTerms());
    terms_->setEnabled(light.form() != "sketch");
    stands_->setVisible(basic);
    stands_->setChecked(light.stands());
    showValues();
    showPlaces();
    showTerms();
    showTones();
}

void LightPanel::showTerms() {
    QStringList lines;
    for (const NamedTerm& term : namedTerms(session_))
        lines << QString("<b>%1</b>: %2").arg(term.name.toHtmlEscaped(), term.meaning.toHtmlEscaped());
    meanings_->setText(lines.join("<br>"));
    meanings_->setVisible(!lines.isEmpty());
    // One thing at a time: the places of the lights are told while the terms are not.
    for (QLabel* label : {lights_, darks_, next_})
        label->setVisible(label->isVisibleTo(this) && lines.isEmpty());
}

void LightPanel::buildTones() {
    toneVerdict_ = addText({}, "strong");
    column_->addWidget(tones_ = new QListWidget);
    tones_->setAccessibleName(tr("Values that are off, place by place"));
    tones_->setIconSize({52, 22});
    tones_->setWordWrap(true);
    tones_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    tones_->setSizeAdjustPolicy(QAbstractScrollArea::AdjustToContents);
    toneMend_ = addText({});
    shadowEdges_ = addText({});
    connect(tones_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!refreshing_ && row >= 0)
            session_.tones.choose(static_cast<std::size_t>(row));
    });
}

void LightPanel::showTones() {
    const bool sketch = session_.light.form() == "sketch";
    const ToneComparison* tones = tonesOn(session_);
    const bool has = tones && !tones->findings.empty();
    QString verdict;
    if (tones)
        verdict = has ? tr("Place by place, the surest first") : qt(verdictWords(*tones, learnersTranslator()));
    else if (sketch && session_.tones.isReading())
        verdict = tr("Comparing the values…");
    else if (sketch && !session_.comparison())
        verdict = tr("Once the sketch is checked, its values are compared place by place.");
    toneVerdict_->setText(verdict);
    toneVerdict_->setVisible(!verdict.isEmpty());
    tones_->setVisible(has);
    toneMend_->setVisible(has);
    QStringList edges;
    if (tones)
        for (const ShadowEdgeShift& shift : tones->shadowEdges)
            edges << QString("%1  %2").arg(shadowEdgeSign(static_cast<std::size_t>(edges.size())),
                                           qt(wordsFor(shift, *tones, learnersTranslator())));
    shadowEdges_->setText(edges.join('\n'));
    shadowEdges_->setVisible(!edges.isEmpty());
    if (!has)
        return;
    const int values = session_.light.lighting().values;
    const std::size_t count = shownTones(*tones);
    tones_->clear();
    for (std::size_t i = 0; i < count; ++i) {
        const ToneFinding& finding = tones->findings[i];
        const TonePair& pair = tones->pairs[finding.pair];
        auto* item = new QListWidgetItem(
            QString("%1  %2").arg(i + 1).arg(qt(wordsFor(finding, *tones, values, learnersTranslator()))), tones_);
        if (finding.kind == ToneFinding::Kind::Place)
            item->setIcon(toneIcon(pair.drawn, pair.expected, devicePixelRatioF()));
    }
    const std::size_t chosen = std::min(session_.tones.chosen(), count - 1);
    tones_->setCurrentRow(static_cast<int>(chosen));
    int height = 2 * tones_->frameWidth() + 4;
    for (int row = 0; row < tones_->count(); ++row)
        height += std::max(tones_->sizeHintForRow(row), 44);
    tones_->setFixedHeight(height);
    toneMend_->setText(qt(mendWords(tones->findings[chosen], *tones, values, learnersTranslator())));
}

void LightPanel::showPlaces() {
    QStringList lights{tr("Catches the light")}, darks{tr("Stays dark")};
    for (const SignedPlace& place : signedPlaces(session_))
        (place.dark ? darks : lights)
            << QString("%1  %2").arg(place.sign, qt(wordsFor(place.place, learnersTranslator())));
    for (const auto& [label, lines] : {std::pair{lights_, &lights}, {darks_, &darks}}) {
        label->setVisible(lines->size() > 1);
        label->setText(lines->join('\n'));
    }
    QStringList next;
    if (session_.light.showsHead() && session_.light.shaded())
        for (const LitPlace& place : lightAndDark(session_.light.shaded()->places).next)
            next << qt(wordsFor(place, learnersTranslator()));
    next_->setVisible(!next.isEmpty());
    next_->setText(tr("Then: %1.").arg(next.join("; ")));
}

} // namespace zokran
