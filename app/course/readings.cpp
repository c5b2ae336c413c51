#include "app/course/readings.h"

#include "app/document/marking.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/messages/mark_messages.h"

#include <QGridLayout>
#include <QLabel>

namespace zokran {

Readings::Readings(OpenStudy& opened, QWidget* parent) : QWidget(parent), opened_(opened) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(0);
    grid->setColumnStretch(1, 1);
    auto label = [&](const char* type) {
        auto* l = new QLabel;
        l->setProperty(typeProperty, type);
        return l;
    };
    int row = 0;
    for (const Angle angle : angles) {
        Row r{angle, label("reading"), label("strong"), label("caption")};
        r.drawn->setWordWrap(true);
        r.figure->setMinimumWidth(70);
        r.figure->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        r.figure->setAccessibleName(qt(nameOf(angle, learnersTranslator())));
        grid->addWidget(r.figure, row, 0, 2, 1);
        grid->addWidget(r.words, row, 1, Qt::AlignBottom);
        grid->addWidget(r.drawn, row + 1, 1, Qt::AlignTop);
        rows_.push_back(r);
        row += 2;
    }
    grid->addWidget(remark_ = label("caption"), row, 0, 1, 2);
    remark_->setWordWrap(true);
    refresh();
}

void Readings::show(const Row& row) {
    auto said = [&](Radians value) {
        return qt(figureFor(value) + " " + wordsFor(row.angle, value, learnersTranslator()));
    };
    auto set = [&](Radians value, const QString& more) {
        row.figure->setText(qt(figureFor(value)));
        row.words->setText(qt(wordsFor(row.angle, value, learnersTranslator())));
        row.drawn->setText(more);
    };
    const auto& guess = opened_.study().guess;
    const auto& fit = opened_.fit();
    if (isGuessing(opened_))
        return set(angleOf(guess->pose, row.angle), tr("your guess"));
    if (!fit) {
        row.figure->setText(QStringLiteral("–"));
        row.words->setText(row.figure->accessibleName());
        row.drawn->setText({});
        return;
    }
    QString more = qt(doubtFor(angleOf(fit->sigma, row.angle)));
    // While the learner is asked what looks wrong, nothing gives the answer away.
    const Sketch* attempt = opened_.study().sketch();
    if (opened_.comparison() && attempt && attempt->selfAssessment)
        more += tr("   drawn: %1").arg(said(angleOf(opened_.comparison()->sketchPose, row.angle)));
    else if (guess)
        more += tr("   guessed: %1").arg(said(angleOf(guess->pose, row.angle)));
    set(angleOf(fit->pose, row.angle), more);
}

QString Readings::remark() const {
    const auto& fit = opened_.fit();
    if (isGuessing(opened_) || !opened_.document.isOpen())
        return {};
    if (!fit)
        return opened_.analysis.lacking(Side::Reference);
    if (fit->unlikeRegion)
        return tr("%1: unlike any other head's, or marked wrongly. Look at the marks there again; the head's pose is read "
                  "without them.")
            .arg(capital(tr(fit->unlikeRegion->name)));
    if (!fit->outliers.empty())
        return tr("The %1 disagrees with the other marks. Look at it again.")
            .arg(qt(wordsFor(fit->outliers.front(), learnersTranslator())));
    const auto next = markToPlace(opened_, Side::Reference);
    if (fit->rival && next)
        return tr("It could also be read as %1 %2, %3 %4. The %5 would tell.")
            .arg(qt(figureFor(fit->rival->turn)),
                 qt(wordsFor(Angle::Turn, fit->rival->turn, learnersTranslator())),
                 qt(figureFor(fit->rival->tilt)),
                 qt(wordsFor(Angle::Tilt, fit->rival->tilt, learnersTranslator())),
                 qt(wordsFor(*next, learnersTranslator())));
    return {};
}

void Readings::refresh() {
    for (const Row& row : rows_)
        show(row);
    const QString text = remark();
    remark_->setText(text);
    remark_->setVisible(!text.isEmpty());
}

} // namespace zokran
