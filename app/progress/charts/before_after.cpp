#include "app/document/pictures.h"
#include "app/progress/chart.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "app/background/background.h"
#include "core/base/translatable.h"
#include "core/practice/before_after.h"
#include "core/messages/progress_messages.h"

#include <QComboBox>
#include <QDateTime>
#include <QGridLayout>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <map>

namespace zokran {

namespace {

/// A drawing's picture as large as there is room for it; read off the UI thread.
class Drawn : public QWidget {
public:
    explicit Drawn(QWidget* parent = nullptr) : QWidget(parent) { setMinimumSize(120, 120); }
    void show(const std::filesystem::path& folder, const std::string& name) {
        image_ = {};
        update();
        // One that cannot be read leaves its frame empty.
        work_.run(
            [file = (folder / "pictures" / name).string()](const Background::Stop&) {
                return readPicture(QString::fromStdString(file)).image.scaled(1200, 1200, Qt::KeepAspectRatio,
                                                                            Qt::SmoothTransformation);
            },
            [this](const QImage& image) {
                image_ = image;
                update();
            });
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        if (image_.isNull()) {
            painter.setPen(Theme::current().hairline);
            painter.drawRect(rect().adjusted(0, 0, -1, -1));
            return;
        }
        const QSize size = image_.size().scaled(this->size(), Qt::KeepAspectRatio);
        painter.drawImage(QRect(QPoint((width() - size.width()) / 2, 0), size), image_);
    }

private:
    QImage image_;
    Background work_{Background::Newer::Replaces};
};

QString nameOf(const LoggedDrawing& d) {
    const QDateTime when = QDateTime::fromSecsSinceEpoch(d.drawing.drawn.time_since_epoch().count());
    const QString day = QLocale().toString(when.date(), QLocale::ShortFormat);
    return d.sitter.empty() ? day : qt(d.sitter) + ", " + day;
}

/// The first and the latest of the sitter drawn most, or else of all.
std::pair<int, int> firstChoice(const std::vector<LoggedDrawing>& drawings) {
    std::map<std::string, int> count;
    for (const LoggedDrawing& d : drawings)
        if (!d.sitter.empty())
            ++count[d.sitter];
    std::string most;
    for (const auto& [sitter, times] : count)
        if (times > 1 && (most.empty() || times > count[most]))
            most = sitter;
    std::pair<int, int> chosen{0, static_cast<int>(drawings.size()) - 1};
    if (most.empty())
        return chosen;
    chosen.first = -1;
    for (int i = 0; i < static_cast<int>(drawings.size()); ++i)
        if (drawings[static_cast<std::size_t>(i)].sitter == most) {
            chosen.first = chosen.first < 0 ? i : chosen.first;
            chosen.second = i;
        }
    return chosen;
}

class BeforeAfter : public QWidget {
public:
    BeforeAfter(const ProgressData& of, const std::function<void(StudyId)>& open) : data_(of) {
        auto* grid = new QGridLayout(this);
        grid->setContentsMargins(0, 0, 0, 0);
        grid->setHorizontalSpacing(16);
        grid->setRowStretch(1, 1);
        const auto [first, last] = firstChoice(data_.photographs);
        for (int side : {0, 1}) {
            auto* box = new QComboBox;
            box->setAccessibleName(side == 0 ? tr("Before") : tr("After"));
            box->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
            for (const LoggedDrawing& d : data_.photographs)
                box->addItem(nameOf(d));
            box->setCurrentIndex(side == 0 ? first : last);
            grid->addWidget(box, 0, side);
            grid->addWidget(pictures_[side] = new Drawn, 1, side);
            auto* to = new QPushButton(tr("Open it on the bench"));
            grid->addWidget(to, 3, side, Qt::AlignLeft);
            grid->setColumnStretch(side, 1);
            boxes_[side] = box;
            connect(box, &QComboBox::activated, this, [this] { refresh(); });
            connect(to, &QPushButton::clicked, this,
                    [this, side, open] { open(data_.photographs[chosen(side)].study); });
        }
        grid->addWidget(words_ = new QLabel, 2, 0, 1, 2);
        words_->setWordWrap(true);
        refresh();
    }

private:
    std::size_t chosen(int side) const { return static_cast<std::size_t>(std::max(0, boxes_[side]->currentIndex())); }
    void refresh() {
        for (int side : {0, 1})
            pictures_[side]->show(data_.folder, data_.photographs[chosen(side)].picture);
        QStringList words;
        for (const std::string& sentence :
             changeWords(changeBetween(data_.photographs[chosen(0)].drawing, data_.photographs[chosen(1)].drawing),
                         learnersTranslator()))
            words << qt(sentence);
        words_->setText(words.join(" "));
    }

    const ProgressData& data_;
    QComboBox* boxes_[2];
    Drawn* pictures_[2];
    QLabel* words_;
};

QWidget* drawBeforeAfterChart(const ProgressData& data, const std::function<void(StudyId)>& open) {
    if (data.photographs.size() < 2)
        return tooFew(tr("Two drawings, side by side with what changed: after the second one."));
    return new BeforeAfter(data, open);
}

} // namespace

const ProgressChart beforeAfterChart{"before-after", ZOKRAN_WORDS("Before and after"),
                                     ZOKRAN_WORDS("Two drawings side by side. One of each is no proof, but it "
                                                  "is a pleasure."),
                                     drawBeforeAfterChart};

} // namespace zokran
