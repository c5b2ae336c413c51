#pragma once

#include <QCoreApplication>
#include <QString>

namespace zokran {

/// The steps of the work, in the order practitioners take them.
enum class Step { SetUp, BlockIn, Guides, Draw, Check, Keep };
inline constexpr int stepCount = 6;

inline QString nameOf(Step step) {
    switch (step) {
    case Step::SetUp:
        return QCoreApplication::translate("Course", "Set up");
    case Step::BlockIn:
        return QCoreApplication::translate("Course", "Block in");
    case Step::Guides:
        return QCoreApplication::translate("Course", "Guides");
    case Step::Draw:
        return QCoreApplication::translate("Course", "Draw");
    case Step::Check:
        return QCoreApplication::translate("Course", "Check");
    case Step::Keep:
        break;
    }
    return QCoreApplication::translate("Course", "Keep");
}

} // namespace zokran
