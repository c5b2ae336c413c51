#include "app/bench/readings.h"

#include "app/theme/theme.h"

#include <QGridLayout>
#include <QLabel>

namespace zokran {

Readings::Readings(StudySession& session, QWidget* parent) : QWidget(parent), session_(session) {
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
    const std::pair<Angle, QString> angles[] = {
        {Angle::Turn, tr("Turn")}, {Angle::Tilt, tr("Tilt")}, {Angle::Lean, tr("Lean")}};
    int row = 0;
    for (const auto& [angle, name] : angles) {
        Row r{angle, label("reading"), label("strong"), label("caption")};
        r.figure->setMinimumWidth(70);
        r.figure->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        r.figure->setAccessibleName(name);
        grid->addWidget(r.figure, row, 0, 2, 1);
        grid->addWidget(r.words, row, 1, Qt::AlignBottom);
        grid->addWidget(r.drawn, row + 1, 1, Qt::AlignTop);
        rows_.push_back(r);
        row += 2;
    }
    grid->addWidget(lacking_ = label("caption"), row, 0, 1, 2);
    lacking_->setWordWrap(true);
    connect(&session, &StudySession::changed, this, &Readings::refresh);
    refresh();
}

void Readings::refresh() {
    const auto& fit = session_.fit();
    const auto& comparison = session_.comparison();
    for (const Row& row : rows_) {
        if (session_.isGuessing()) {
            const Radians guessed = angleOf(session_.study().guess->pose, row.angle);
            row.figure->setText(figureFor(guessed));
            row.words->setText(wordsFor(row.angle, guessed));
            row.drawn->setText(tr("your guess"));
            continue;
        }
        if (!fit) {
            row.figure->setText(QStringLiteral("–"));
            row.words->setText(row.figure->accessibleName());
            row.drawn->setText({});
            continue;
        }
        const Radians value = angleOf(fit->pose, row.angle);
        row.figure->setText(figureFor(value));
        row.words->setText(wordsFor(row.angle, value));
        QString more = doubtFor(angleOf(fit->sigma, row.angle));
        if (comparison) {
            const Radians drawn = angleOf(comparison->sketchPose, row.angle);
            more += tr("   drawn: %1 %2").arg(figureFor(drawn), wordsFor(row.angle, drawn));
        } else if (session_.study().guess) {
            const Radians guessed = angleOf(session_.study().guess->pose, row.angle);
            more += tr("   guessed: %1 %2").arg(figureFor(guessed), wordsFor(row.angle, guessed));
        }
        row.drawn->setText(more);
    }
    QString lacking;
    if (session_.isGuessing())
        lacking.clear();
    else if (!fit && session_.isOpen())
        lacking = session_.lacking(Side::Seen);
    else if (fit && !fit->outliers.empty())
        lacking = tr("The %1 disagrees with the other marks. Look at it again.")
                      .arg(markName(fit->outliers.front()));
    else if (fit && fit->rival && session_.next(Side::Seen))
        lacking = tr("It could also be read as %1 %2, %3 %4. The %5 would tell.")
                      .arg(figureFor(fit->rival->turn), wordsFor(Angle::Turn, fit->rival->turn),
                           figureFor(fit->rival->tilt), wordsFor(Angle::Tilt, fit->rival->tilt),
                           markName(*session_.next(Side::Seen)));
    lacking_->setText(lacking);
    lacking_->setVisible(!lacking.isEmpty());
}

} // namespace zokran
