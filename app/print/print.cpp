#include "app/print/print.h"

#include "app/widgets/theme.h"
#include "app/text/messages.h"

#include <QPageLayout>
#include <QPainterPath>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QPrinterInfo>

namespace zokran {

namespace {

QColor colourOf(const Ink& ink) {
    return QColor::fromRgbF(static_cast<float>(ink.red), static_cast<float>(ink.green),
                            static_cast<float>(ink.blue), static_cast<float>(ink.strength));
}

void paint(QPainter& painter, const PrintPath& path, double dots) {
    QPainterPath strokes;
    for (const auto& line : path.lines) {
        QPolygonF points;
        for (const PaperPoint& p : line)
            points << QPointF(p.x(), p.y()) * dots;
        strokes.addPolygon(points);
        if (path.closed)
            strokes.closeSubpath();
    }
    if (path.filled) {
        painter.fillPath(strokes, colourOf(path.ink));
        return;
    }
    const double width = path.width.value * dots;
    QPen pen(colourOf(path.ink), width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
    QList<qreal> dashes; // in widths of the pen
    for (const Millimetres& d : path.dashes)
        dashes << d / path.width;
    if (!dashes.isEmpty())
        pen.setDashPattern(dashes);
    painter.strokePath(strokes, pen);
}

void paint(QPainter& painter, const PrintText& text, double dots) {
    QFont font = typeFont(TypeSize::Text, text.strong);
    font.setPixelSize(std::max(1, static_cast<int>(std::lround(text.size.value * dots))));
    painter.setFont(font);
    painter.setPen(colourOf(text.ink));
    const QString words = qt(text.text);
    const double share = text.stands == PrintText::Stands::Left     ? 0
                         : text.stands == PrintText::Stands::Middle ? 0.5
                                                                    : 1;
    const double wide = QFontMetricsF(font, painter.device()).horizontalAdvance(words);
    painter.drawText(QPointF(text.at.x() * dots - share * wide, text.at.y() * dots), words);
}

void paint(QPainter& painter, const PrintPicture& picture, double dots) {
    if (picture.columns < 1)
        return;
    const QImage image(picture.pixels.data(), picture.columns, picture.rows, 4 * picture.columns,
                       QImage::Format_RGB32);
    painter.setOpacity(picture.strength);
    const PaperPoint low = picture.corner, high(low + PaperPoint(picture.width, picture.height));
    painter.drawImage(QRectF(QPointF(low.x(), low.y()) * dots, QPointF(high.x(), high.y()) * dots), image);
    painter.setOpacity(1);
}

} // namespace

void paintSheet(QPainter& painter, const PrintSheet& sheet, double dots) {
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    for (const auto& item : sheet.items)
        std::visit([&](const auto& i) { paint(painter, i, dots); }, item);
}

void previewSheets(const std::vector<PrintSheet>& sheets, QWidget* parent) {
    QPrinter printer(QPrinter::HighResolution);
    if (QPrinterInfo::availablePrinterNames().isEmpty())
        printer.setOutputFormat(QPrinter::PdfFormat); // the chooser then asks for a file
    printer.setFullPage(true);
    const PaperSize& paper = sheets.front().paper;
    const PaperPoint upright(std::min(paper.width, paper.height), std::max(paper.width, paper.height));
    printer.setPageSize(QPageSize(QSizeF(upright.x(), upright.y()), QPageSize::Millimeter));
    printer.setPageOrientation(paper.width > paper.height ? QPageLayout::Landscape
                                                          : QPageLayout::Portrait);
    QPrintPreviewDialog preview(&printer, parent);
    QObject::connect(&preview, &QPrintPreviewDialog::paintRequested, &preview,
                     [&](QPrinter* onto) {
                         QPainter painter(onto);
                         for (std::size_t i = 0; i < sheets.size(); ++i) {
                             if (i)
                                 onto->newPage();
                             paintSheet(painter, sheets[i], onto->resolution() / 25.4);
                         }
                     });
    preview.exec();
}

} // namespace zokran
