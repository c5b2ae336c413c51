#pragma once

#include <QColor>
#include <QFont>
#include <QString>
#include <span>

class QApplication;

namespace zokran {

/// The colours of the surface. Each has one meaning, and whatever a colour says is said a second
/// time by weight, dash or a word.
struct Theme {
    QString id;
    bool dark = false;
    QColor bench;      ///< the ground everything lies on
    QColor sheet;      ///< paper on the bench
    QColor text;       ///< what is to be read
    QColor quiet;      ///< what may be read
    QColor hairline;   ///< divisions
    QColor chalk;      ///< the construction
    QColor ink;        ///< guides
    QColor correction; ///< where a feature should go
    QColor mark;       ///< the learner's marks
    QColor halo;       ///< behind every line on a picture

    /// The theme in force.
    static const Theme& current();
    /// The light one, whatever is in force.
    static const Theme& light();
    /// Puts a theme in force by its id, the light one where there is none of that id, with its font and style sheet.
    static void apply(QApplication& app, const QString& id);
    /// Lets all type, and the panels it stands in, grow with the font the desktop is set to; before `apply`. A desktop
    /// left as it comes changes nothing, and nothing becomes smaller than drawn up here.
    static void followType(const QFont& system);
    /// Makes all that is pressed at least 40 px high, for fingers; it stays so until the program ends.
    static void growForFingers(QApplication& app);
    static bool isForFingers();
};

/// One of the themes there are.
struct ThemeKind {
    const char* id;
    const char* name; ///< in English, to be translated
    Theme (*make)();
};
/// The light one first.
std::span<const ThemeKind> themeKinds();

/// A width in px, grown with the type.
int atType(int px);

/// The four sizes of type, in px at 1x and as desktops come.
enum class TypeSize { Caption = 11, Text = 13, Heading = 17, Reading = 30 };

/// The program's font at one of its sizes.
QFont typeFont(TypeSize size, bool strong = false);

/// A label's property for the style sheet: `setProperty("type", "heading")` and so on.
inline constexpr const char* typeProperty = "type";

} // namespace zokran
