#include "app/course/set_up/set_up_panel.h"

#include "app/scenes/scenes.h"
#include "app/course/set_up/compositions.h"
#include "app/document/transform_reference.h"
#include "app/tools/frame_tool.h"
#include "app/widgets/fields.h"
#include "app/widgets/collapsible_section.h"
#include "app/overlays/form_drawing.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/view/lens.h"
#include "core/messages/plan_messages.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>
#include <cmath>

namespace zokran {

namespace {

constexpr QSize thumbnail{68, 84};
constexpr double shortestLens = 8; ///< mm: below it is still being typed

/// A placing as a small picture of the sheet.
QPixmap sheetDrawing(const LayoutController& layoutController, const PageLayout& pageLayout, double density) {
    const PagePlan plan = layoutController.planFor(pageLayout);
    const PaperPoint far(pageLayout.paper.width, pageLayout.paper.height);
    const double w = far.x(), h = far.y();
    const double scale = std::min((thumbnail.width() - 4) / w, (thumbnail.height() - 4) / h);
    const PicturePoint corner((thumbnail.width() - scale * w) / 2, (thumbnail.height() - scale * h) / 2);
    std::vector<GuideLine> lines = layoutController.lines(plan);
    std::erase_if(lines, [](const GuideLine& line) {
        return line.hidden || line.kind != LineKind::Construction;
    });
    for (GuideLine& line : lines)
        for (PicturePoint& p : line.points)
            p = corner + scale * p;
    QPixmap pixmap(thumbnail * density);
    pixmap.setDevicePixelRatio(density);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    const QRectF sheet(corner.x(), corner.y(), scale * w, scale * h);
    painter.fillRect(sheet, Theme::current().sheet);
    painter.setPen(Theme::current().quiet);
    painter.drawRect(sheet);
    painter.setClipRect(sheet);
    painter.drawPixmap(0, 0, drawingOf(lines, thumbnail, density));
    return pixmap;
}

PaperPoint wellFor(const LayoutController& layoutController, const Composition& c, PageLayout pageLayout) {
    pageLayout.head = c.share * pageLayout.paper.height;
    pageLayout.at.reset();
    const PagePlan plan = layoutController.planFor(pageLayout);
    return PaperPoint((plan.head.low + plan.head.high) / 2);
}

} // namespace

void putWell(StudySession& session) {
    session.layoutController.set(SetUpPanel::tr("Put the head well"), {}, [&](PageLayout& p) {
        p.at.reset();
        // Smaller by degrees, as long as something runs over the border.
        constexpr double smaller = 0.96;
        constexpr Millimetres smallest{25};
        while (p.head > smallest && !session.layoutController.planFor(p).troubles.empty())
            p.head *= smaller;
    });
}

SetUpPanel::SetUpPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    buildNames();
    buildReference();
    buildPaper();
    buildCompositions();
    troubles_ = addText({}, "strong");
    layOff_ = addText({}, "caption");
    buildPhotograph();
    column_->addStretch();
}

void SetUpPanel::buildNames() {
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    column_->addLayout(grid);
    const auto field = [&](const QString& name, QLineEdit*& edit, const char* key, auto member) {
        auto* label = new QLabel(name);
        const int row = grid->rowCount();
        grid->addWidget(label, row, 0);
        grid->addWidget(edit = new QLineEdit, row, 1);
        useStudyUndo(edit);
        label->setBuddy(edit);
        edit->setAccessibleName(QString(name).remove('&'));
        connect(edit, &QLineEdit::textEdited, this, [=, this](const QString& text) {
            session_.document.edit(tr("Name the study"), key, [&](Study& s) { s.*member = text.toStdString(); });
        });
    };
    field(tr("&Title"), title_, "title", &Study::title);
    field(tr("&Sitter"), sitter_, "sitter", &Study::sitter);
    sitter_->setPlaceholderText(tr("Whose head it is"));
}

void SetUpPanel::buildReference() {
    auto* fold = new CollapsibleSection(tr("The photograph itself"));
    auto* grid = new QGridLayout;
    fold->inside()->addLayout(grid);
    const auto button = [&](const QString& text, int row, int column, const auto& act) {
        auto* made = new QPushButton(text);
        made->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        grid->addWidget(made, row, column);
        connect(made, &QPushButton::clicked, this, act);
        return made;
    };
    turn_ = button(tr("Turn a &quarter"), 0, 0, [this] { transformReference(session_, ReferenceTransform::Turned); });
    mirror_ = button(tr("&Mirror it"), 0, 1, [this] { transformReference(session_, ReferenceTransform::Mirrored); });
    frame_ = button({}, 1, 0, [this] { frameByItself(); });
    more_ = button(tr("M&ore of this sitter…"), 1, 1, [this] { takeMore(); });
    auto* lens = new QGridLayout;
    lens->setColumnStretch(0, 1);
    fold->inside()->addLayout(lens);
    lens_ = addNumber(lens, tr("&Lens, as on 36 × 24 mm"), 0, 1200, tr(" mm"));
    lens_->setSpecialValueText(tr("not known"));
    lens_->setToolTip(tr("From the photograph's own data where it has any; the sharper the pose is read"));
    connect(lens_, &QDoubleSpinBox::valueChanged, this, [this](double mm) {
        if (!refreshing_)
            session_.document.edit(tr("Set the lens"), "lens", [&](Study& s) {
                const Pixels wide{1.0 * s.reference.width}, high{1.0 * s.reference.height};
                s.reference.focal = mm >= shortestLens ? std::optional(focalOf({mm}, wide, high)) : std::nullopt;
            });
    });
    sameSitter_ = new QLabel;
    sameSitter_->setWordWrap(true);
    sameSitter_->setProperty(typeProperty, "caption");
    fold->inside()->addWidget(sameSitter_);
    column_->addWidget(fold);
    connect(&session_.intake, &PhotoIntake::changed, this, [this] { refresh(); });
}

void SetUpPanel::frameByItself() {
    if (session_.study().framing)
        return frameReference(session_, std::nullopt);
    // A head that is known is framed with its neck and some air; else the middle half, to be dragged.
    const MarkSheet& sheet = session_.study().reference;
    const PicturePoint size(sheet.width, sheet.height);
    Framing f;
    f.low = size / 4;
    f.high = 3 * size / 4;
    if (session_.fit()) {
        const QRectF head = Scenes(session_).headFrame(session_.fit()->view, QSizeF(sheet.width, sheet.height));
        f.low = {head.left(), head.top()};
        f.high = {head.right(), head.bottom()};
    }
    frameReference(session_, f);
}

void SetUpPanel::takeMore() {
    if (session_.study().sitter.empty()) {
        sitter_->setFocus();
        emit session_.document.troubled(tr("Give the sitter a name first; it is what keeps their photographs together."));
        return;
    }
    QSettings settings;
    const QStringList files = QFileDialog::getOpenFileNames(this, tr("More photographs of %1").arg(qt(session_.study().sitter)),
                                                            settings.value("folder").toString(), pictureFilter());
    if (files.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(files.first()).absolutePath());
    session_.document.saveNow();
    session_.intake.take(files, qt(session_.study().sitter));
}

void SetUpPanel::showReference() {
    const Study& s = session_.study();
    const bool any = !s.referencePicture.empty();
    turn_->setEnabled(any && s.sketches.empty());
    mirror_->setEnabled(any && s.sketches.empty());
    frame_->setEnabled(any);
    lens_->setEnabled(any);
    const Pixels width{1.0 * s.reference.width}, height{1.0 * s.reference.height};
    const Millimetres lens = s.reference.focal ? equivalentOf(*s.reference.focal, width, height) : Millimetres{0};
    showNumber(lens_, std::round(lens.value));
    frame_->setText(s.framing ? tr("&Whole photograph") : tr("&Frame the head"));
    std::size_t together = 0;
    if (!s.sitter.empty())
        session_.document.tryEdit([&] { together = session_.document.logbook().studiesOf(s.sitter).size(); });
    if (session_.intake.isRunning())
        sameSitter_->setText(tr("Taking in %1 of %2…").arg(session_.intake.done() + 1).arg(session_.intake.all()));
    else if (together > 1)
        sameSitter_->setText(tr("%1 photographs of this sitter are on the shelf. Each one blocked in tells "
                                "the others more about the head.").arg(together));
    else
        sameSitter_->setText(tr("Several photographs of one sitter, blocked in, tell more about the head than "
                                "one."));
}

void SetUpPanel::buildPaper() {
    column_->addWidget(paper_ = new QComboBox);
    addPapers(paper_);
    paper_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    column_->addWidget(lying_ = new QCheckBox(tr("&Lying on its side")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setColumnStretch(0, 1);
    column_->addLayout(grid);
    head_ = addNumber(grid, tr("&Crown to chin"), 15, 1200, tr(" mm"));
    border_ = addNumber(grid, tr("&Border"), 0, 300, tr(" mm"));
    const auto set = [this](const char* key, auto change) {
        if (!refreshing_)
            session_.layoutController.set(tr("Plan the page"), key, change);
    };
    connect(paper_, &QComboBox::activated, this, [=, this](int index) {
        const std::string name = paper_->itemData(index).toString().toStdString();
        if (name.empty())
            return;
        set("", [&](PageLayout& p) {
            const bool lies = p.paper.width > p.paper.height;
            const double share = p.head / p.paper.height;
            p.paper = paperNamed(lies ? name + "-landscape" : name);
            p.head = share * p.paper.height; // the same composition on the other sheet
            p.at.reset();
        });
        session_.document.tryEdit([&] { session_.document.logbook().remember("paper", name); });
    });
    connect(lying_, &QCheckBox::clicked, this, [=](bool) {
        set("", [](PageLayout& p) {
            const double share = p.head / p.paper.height;
            std::swap(p.paper.width, p.paper.height);
            p.head = share * p.paper.height;
            p.at.reset();
        });
    });
    connect(head_, &QDoubleSpinBox::valueChanged, this,
            [=](double mm) { set("plan-head", [&](PageLayout& p) { p.head = {mm}; }); });
    connect(border_, &QDoubleSpinBox::valueChanged, this,
            [=](double mm) { set("plan-border", [&](PageLayout& p) { p.border = {mm}; }); });
}

void SetUpPanel::buildCompositions() {
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    column_->addLayout(row);
    for (const Composition& c : compositions()) {
        auto* button = new QPushButton;
        button->setIconSize(thumbnail);
        button->setFixedHeight(thumbnail.height() + 12);
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        const QString name = qt(learnersTranslator().say(c.name));
        button->setAccessibleName(name);
        button->setToolTip(name);
        row->addWidget(button);
        compositions_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, c] {
            session_.layoutController.set(tr("Choose a composition"), {},
                                          [&](PageLayout& p) { p = composed(c, p, wellFor(session_.layoutController, c, p)); });
        });
    }
    column_->addWidget(well_ = new QPushButton(tr("Put it &well")));
    connect(well_, &QPushButton::clicked, this, [this] { putWell(session_); });
}

void SetUpPanel::buildPhotograph() {
    auto* fold = new CollapsibleSection(tr("A photo of the sketch without its edges"));
    auto* grid = new QGridLayout;
    grid->setColumnStretch(0, 1);
    fold->inside()->addLayout(grid);
    shown_ = addNumber(grid, tr("It shows a &width of"), 0, 2000, tr(" mm"));
    shown_->setSpecialValueText(tr("not known"));
    auto* words = new QLabel(tr("Where all four edges are in the photograph the page is found and "
                                "measured by itself."));
    words->setWordWrap(true);
    words->setProperty("type", "caption");
    fold->inside()->addWidget(words);
    column_->addWidget(fold);
    column_->addWidget(findFaces_ = new QCheckBox(tr("&Find and mark faces by itself")));
    findFaces_->setToolTip(tr("In a photograph and in a picture of your sketch; you look over what was found"));
    connect(findFaces_, &QCheckBox::clicked, this, [this](bool on) { session_.faces.lookByItself(on); });
    column_->addWidget(guessFirst_ = new QCheckBox(tr("Let me &guess first")));
    guessFirst_->setToolTip(tr("The face is found all the same; its construction is shown when your guess stands"));
    connect(guessFirst_, &QCheckBox::clicked, this, [this](bool on) { session_.faces.guessFirst(on); });
    addText(tr("Photographs of people stay on this machine. Zokran sends nothing anywhere."),
            "caption");
    connect(shown_, &QDoubleSpinBox::valueChanged, this, [this](double mm) {
        if (!refreshing_)
            session_.document.edit(tr("Set the paper's width"), "paper", [&](Study& s) {
                // Of the sketch on the bench, and of those to come.
                s.nextPage.shownWidth = mm > 0 ? std::optional(Millimetres{mm}) : std::nullopt;
                if (Sketch* a = s.sketch())
                    a->page.shownWidth = s.nextPage.shownWidth;
            });
    });
}

void SetUpPanel::showCompositions() {
    // They follow the paper and the head, not where the head is being dragged to.
    const PageLayout pageLayout = session_.layoutController.pageLayout();
    const PagePlan plan = session_.layoutController.planFor({pageLayout.paper, {0}, {100}, PaperPoint(0, 0)});
    const ShownFor now{pageLayout.paper, pageLayout.border,     plan.head.high,
                       plan.chin,        session_.study().form, Theme::current().dark};
    if (shownFor_ == now)
        return;
    shownFor_ = now;
    for (std::size_t i = 0; i < compositions_.size(); ++i) {
        const Composition& c = compositions()[i];
        compositions_[i]->setIcon(sheetDrawing(session_.layoutController,
                                               composed(c, pageLayout, wellFor(session_.layoutController, c, pageLayout)),
                                               devicePixelRatioF()));
    }
}

void SetUpPanel::showStudy() {
    const Study& s = session_.study();
    auto show = [](QLineEdit* field, const std::string& text) {
        if (field->text().toStdString() != text)
            field->setText(qt(text));
    };
    show(title_, s.title);
    show(sitter_, s.sitter);
    const Page& page = s.sketch() ? s.sketch()->page : s.nextPage;
    showNumber(shown_, page.shownWidth.value_or(Millimetres{0}));
    setEnabled(session_.document.isOpen());
    guessFirst_->setChecked(session_.faces.guessesFirst());
    findFaces_->setChecked(session_.faces.looksByItself());
    showReference();
    for (QPushButton* composition : compositions_)
        composition->setVisible(session_.document.isOpen()); // nothing to show on them before
    if (!session_.document.isOpen())
        return;
    const PageLayout pageLayout = session_.layoutController.pageLayout();
    const bool lies = pageLayout.paper.width > pageLayout.paper.height;
    lying_->setChecked(lies);
    const QString name = qt(nameOf(pageLayout.paper)).remove("-landscape");
    const int at = paper_->findData(name);
    paper_->setCurrentIndex(at < 0 ? paper_->count() - 1 : at);
    showNumber(head_, pageLayout.head);
    showNumber(border_, pageLayout.border);
    const PagePlan plan = session_.layoutController.plan();
    QStringList troubles, lines;
    for (PlanTrouble trouble : plan.troubles)
        troubles << qt(wordsFor(trouble, learnersTranslator()));
    troubles_->setText(troubles.join("\n"));
    troubles_->setVisible(!troubles.isEmpty());
    for (const std::string& line : layOffWords(plan, pageLayout.paper, learnersTranslator()))
        lines << qt(line);
    layOff_->setText(tr("In mm from the paper's edges:\n%1").arg(lines.join("\n")));
    well_->setEnabled(pageLayout.at || !plan.troubles.empty());
    showCompositions();
}

} // namespace zokran
