#include "app/widgets/theme.h"

#include "core/base/data_folder.h"
#include "core/base/translatable.h"

#include <QApplication>
#include <QFontDatabase>
#include <QFontInfo>
#include <QPalette>
#include <QRegularExpression>
#include <QStyleFactory>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

Theme inForce;
double typeScale = 1;
bool forFingers = false;

Theme lightTheme() {
    return {"light",
            false,
            QColor("#efe9de"),
            QColor("#faf7f1"),
            QColor("#35312c"),
            QColor("#6b6359"),
            QColor("#d8cfc0"),
            QColor("#a33a22"),
            QColor("#1f5a8c"),
            QColor("#10644d"),
            QColor("#35312c"),
            QColor("#fffdf8")};
}

Theme darkTheme() {
    return {"dark",
            true,
            QColor("#23272c"),
            QColor("#2c3137"),
            QColor("#ebe6dd"),
            QColor("#aaa79f"),
            QColor("#434a52"),
            QColor("#ff9a80"),
            QColor("#8ec5f5"),
            QColor("#7ddcb4"),
            QColor("#f4efe6"),
            QColor("#14171a")};
}

/// For a studio lit by one lamp on the model: red and graphite alone, so that eyes stay used to the dark.
Theme studioTheme() {
    return {"studio",
            true,
            QColor("#131111"),
            QColor("#1c1918"),
            QColor("#dcb5a8"),
            QColor("#a98679"),
            QColor("#3d312d"),
            QColor("#f0755a"),
            QColor("#b3a9a4"),
            QColor("#ffb59f"),
            QColor("#e9dcd6"),
            QColor("#0b0a0a")};
}

/// For eyes that need it: black on white, every edge drawn, no shade between.
Theme contrastTheme() {
    return {"contrast",
            false,
            QColor("#ffffff"),
            QColor("#ffffff"),
            QColor("#000000"),
            QColor("#2b2b2b"),
            QColor("#5c5c5c"),
            QColor("#9c1400"),
            QColor("#00327d"),
            QColor("#004d33"),
            QColor("#000000"),
            QColor("#ffffff")};
}

constexpr ThemeKind kinds[] = {{"light", ZOKRAN_WORDS("Warm paper"), lightTheme},
                               {"dark", ZOKRAN_WORDS("Slate"), darkTheme},
                               {"studio", ZOKRAN_WORDS("Dark studio, red and graphite"), studioTheme},
                               {"contrast", ZOKRAN_WORDS("Black on white, high contrast"), contrastTheme}};

/// A style sheet with its type grown.
QString grown(QString sheet) {
    static const QRegularExpression size("font-size: (\\d+)px");
    for (qsizetype at = 0;;) {
        const auto found = size.match(sheet, at);
        if (!found.hasMatch())
            return sheet;
        sheet.replace(found.capturedStart(1), found.capturedLength(1), QString::number(atType(found.captured(1).toInt())));
        at = found.capturedStart(1);
    }
}

QString styleSheet(const Theme& t) {
    return QString(R"(
* { font-family: "Open Sans"; font-size: 13px; color: %3; }
QMainWindow, QWidget#bench, QDialog { background: %1; }
QLabel[type="caption"] { font-size: 11px; color: %4; }
QLabel[type="heading"] { font-size: 17px; font-weight: 600; }
QLabel[type="reading"] { font-size: 30px; font-weight: 600; }
QLabel[type="strong"] { font-weight: 600; }
QPushButton { background: %2; border: 1px solid %5; border-radius: 6px; padding: 5px 12px;
              min-height: 18px; }
QPushButton:hover { border-color: %4; }
QPushButton:focus { border: 2px solid %6; padding: 4px 11px; }
QListWidget:focus, QLineEdit:focus, QPlainTextEdit:focus { border: 2px solid %6; }
QPushButton:disabled { color: %4; }
QPushButton[role="next"] { background: %6; color: %2; border: 1px solid %6; font-weight: 600;
                           padding: 6px 18px; }
QPushButton[role="next"]:disabled { background: %5; border-color: %5; color: %4; }
QComboBox:disabled, QAbstractSpinBox:disabled, QCheckBox:disabled, QLineEdit:disabled { color: %4; }
QPushButton[role="next"]:focus { border: 2px solid %3; padding: 5px 17px; }
QPushButton[role="place"], QPushButton[role="step"], QPushButton[role="way"] { background: transparent; border: 2px solid transparent;
    border-radius: 6px; text-align: left; padding: 4px 8px; }
QPushButton[role="step"] { padding: 4px 6px; }
QPushButton[role="way"] { padding: 3px 4px; font-size: 11px; }
QPushButton[role="line"] { background: transparent; border: 1px solid transparent;
    border-left: 3px solid %5; border-radius: 0; text-align: left; }
QPushButton[role="line"]:hover { background: %5; }
QPushButton[role="line"]:checked { border-left: 3px solid %6; background: %2; }
QPushButton[role="line"]:focus { border-color: %6; }
QToolButton[role="card"] { background: transparent; border: 1px solid %5; border-radius: 6px;
    padding: 2px; font-size: 11px; }
QToolButton[role="card"]:checked { border: 2px solid %6; background: %2; }
QToolButton[role="card"]:focus { border: 2px solid %6; }
QToolButton[role="fold"] { border: none; background: transparent; font-weight: 600; padding: 4px 6px 4px 0; }
QToolButton[role="fold"]:hover { background: %5; }
QToolButton[role="fold"]:focus { border: 1px solid %6; }
QPushButton[role="place"]:hover, QPushButton[role="step"]:hover, QPushButton[role="way"]:hover { background: %5; }
QPushButton[role="place"]:checked { background: %2; font-weight: 600; }
QPushButton[role="way"]:checked { border-bottom: 3px solid %6; border-radius: 0; }
QPushButton[role="step"]:checked { font-weight: 600; border-bottom: 3px solid %6;
                                   border-radius: 0; }
QPushButton[role="place"]:focus, QPushButton[role="step"]:focus, QPushButton[role="way"]:focus { border: 2px solid %6; }
QLineEdit, QPlainTextEdit, QListWidget, QTableWidget {
    background: %2; border: 1px solid %5; border-radius: 6px; padding: 3px 6px;
    selection-background-color: %6; selection-color: %2; }
QComboBox, QDoubleSpinBox { min-height: 28px; }
QComboBox QAbstractItemView { background: %2; border: 1px solid %4; selection-background-color: %5; selection-color: %3; }
QListWidget::item { padding: 4px 2px; }
QListWidget::item:selected, QTableWidget::item:selected { background: %5; color: %3; }
QCheckBox { spacing: 8px; min-height: 28px; }
QCheckBox:focus { text-decoration: underline; }
QCheckBox::indicator { width: 15px; height: 15px; border: 1px solid %4; border-radius: 3px;
                       background: %2; }
QCheckBox::indicator:checked { background: %6; border-color: %6; image: url("%7"); }
QCheckBox::indicator:disabled { border-color: %5; }
QScrollArea { border: none; background: transparent; }
QScrollArea > QWidget > QWidget { background: transparent; }
QHeaderView::section { background: transparent; border: none; border-bottom: 1px solid %5;
                       font-size: 11px; color: %4; padding: 4px; }
QTableWidget { gridline-color: transparent; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: %5; border-radius: 4px; min-height: 28px; margin: 1px; }
QScrollBar::handle:vertical:hover { background: %4; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QScrollBar:horizontal { background: transparent; height: 10px; }
QScrollBar::handle:horizontal { background: %5; border-radius: 4px; min-width: 28px; margin: 1px; }
QSplitter::handle { background: %5; }
QMenuBar { background: %1; }
QMenu { background: %2; border: 1px solid %4; padding: 4px; }
QMenu::item { padding: 5px 24px; border-radius: 4px; }
QMenuBar::item { padding: 5px 8px; }
QMenuBar::item:selected, QMenu::item:selected { background: %5; }
QMenu::separator { height: 1px; background: %5; margin: 4px 8px; }
QToolTip { background: %2; color: %3; border: 1px solid %5; }
)")
        .arg(t.bench.name(), t.sheet.name(), t.text.name(), t.quiet.name(), t.hairline.name(),
             t.ink.name(),
             QString::fromStdString(
                 (dataFolder() / "marks" / (t.dark ? "tick-dark.svg" : "tick-light.svg")).string()));
}

/// Added to the style sheet once the window was touched: 40 px with padding and border.
constexpr const char* fingerSheet = R"(
QPushButton { min-height: 28px; }
QPushButton[role="step"], QPushButton[role="place"] { min-height: 28px; }
QPushButton[role="way"] { min-height: 30px; }
QToolButton[role="fold"] { min-height: 32px; }
QComboBox, QDoubleSpinBox, QLineEdit { min-height: 32px; }
QCheckBox { min-height: 40px; }
QCheckBox::indicator { width: 24px; height: 24px; }
QListWidget::item { padding: 10px 2px; }
QMenu::item { padding: 11px 24px; }
QMenuBar::item { padding: 11px 10px; }
QScrollBar:vertical { width: 20px; }
QScrollBar:horizontal { height: 20px; }
)";

} // namespace

const Theme& Theme::light() {
    static const Theme theme = lightTheme();
    return theme;
}

const Theme& Theme::current() {
    return inForce;
}

std::span<const ThemeKind> themeKinds() {
    return kinds;
}

void Theme::apply(QApplication& app, const QString& id) {
    static const bool fontsLoaded = [] {
        for (const char* name : {"OpenSans-Regular.ttf", "OpenSans-Semibold.ttf"})
            QFontDatabase::addApplicationFont(
                QString::fromStdString((dataFolder() / "fonts" / name).string()));
        return true;
    }();
    Q_UNUSED(fontsLoaded);
    const auto known = std::find_if(std::begin(kinds), std::end(kinds), [&](const ThemeKind& kind) { return id == kind.id; });
    inForce = (known == std::end(kinds) ? kinds[0] : *known).make();
    app.setStyle(QStyleFactory::create("Fusion"));
    QPalette palette;
    palette.setColor(QPalette::Window, inForce.bench);
    palette.setColor(QPalette::WindowText, inForce.text);
    palette.setColor(QPalette::Base, inForce.sheet);
    palette.setColor(QPalette::AlternateBase, inForce.bench);
    palette.setColor(QPalette::Text, inForce.text);
    palette.setColor(QPalette::Button, inForce.sheet);
    palette.setColor(QPalette::ButtonText, inForce.text);
    palette.setColor(QPalette::Highlight, inForce.ink);
    palette.setColor(QPalette::HighlightedText, inForce.sheet);
    palette.setColor(QPalette::PlaceholderText, inForce.quiet);
    app.setPalette(palette);
    app.setFont(typeFont(TypeSize::Text));
    app.setStyleSheet(grown(styleSheet(inForce)) + (forFingers ? fingerSheet : ""));
}

bool Theme::isForFingers() {
    return forFingers;
}

void Theme::growForFingers(QApplication& app) {
    forFingers = true;
    app.setStyleSheet(grown(styleSheet(inForce)) + fingerSheet);
}

void Theme::followType(const QFont& system) {
    // Desktops come with fonts of up to eleven points at 96 to the inch; common practice, no source.
    constexpr double usual = 11 * 96 / 72.0, most = 1.6; // px; beyond it nothing fits a window any more
    typeScale = std::clamp(QFontInfo(system).pixelSize() / usual, 1.0, most);
}

int atType(int px) {
    return static_cast<int>(std::lround(typeScale * px));
}

QFont typeFont(TypeSize size, bool strong) {
    QFont font("Open Sans");
    font.setPixelSize(atType(static_cast<int>(size)));
    font.setWeight(strong ? QFont::DemiBold : QFont::Normal);
    return font;
}

} // namespace zokran
